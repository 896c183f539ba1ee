package org.flintmoss.cli;

import org.flintmoss.trial.Report;

/** A report in a few lines for people. */
final class ReportText {
  private ReportText() {}

  static String of(Report report) {
    StringBuilder text = new StringBuilder();
    String ending = report.ending() == null ? "" : ": " + report.ending();
    text.append(
        "%s%s, after %.2f s (seed %d, %s)%n"
            .formatted(
                report.outcome(), ending, report.seconds(), report.seed(), report.difficulty()));
    report
        .objectives()
        .forEach(it -> text.append("  objective %s: %s%n".formatted(it.name(), it.state())));
    report.units().forEach(it -> text.append("  %s: %s%n".formatted(it.name(), it.condition())));
    if (report.stopped() != null) {
      text.append("  stopped: ").append(report.stopped()).append(System.lineSeparator());
    }
    return text.append("  state ").append(report.stateHash()).toString();
  }
}
