package org.flintmoss.server.web;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says plainly why the server does not start on a damaged store, and what to do. */
final class DamagedStoreAnalyzer extends AbstractFailureAnalyzer<DamagedStore> {
  @Override
  protected FailureAnalysis analyze(Throwable root, DamagedStore damaged) {
    return new FailureAnalysis(damaged.getMessage(), damaged.remedy(), damaged);
  }
}
