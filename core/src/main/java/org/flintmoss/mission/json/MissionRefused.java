package org.flintmoss.mission.json;

import java.util.List;

/** A document, patch or file was refused as a whole; nothing of it was taken. */
public final class MissionRefused extends RuntimeException {
  private static final long serialVersionUID = 1;
  private final transient List<Problem> problems;

  /** Refused for these reasons, at least one. */
  public MissionRefused(List<Problem> problems) {
    super(problems.getFirst().toString());
    this.problems = List.copyOf(problems);
  }

  /** Refused for one reason at one place. */
  public MissionRefused(String pointer, String reason) {
    this(List.of(new Problem(pointer, reason)));
  }

  /** Every place that is wrong. */
  public List<Problem> problems() {
    return problems;
  }
}
