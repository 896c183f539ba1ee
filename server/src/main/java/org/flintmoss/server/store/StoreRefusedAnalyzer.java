package org.flintmoss.server.store;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says plainly why the server does not start on a data folder, and what to do. */
final class StoreRefusedAnalyzer extends AbstractFailureAnalyzer<StoreRefused> {
  @Override
  protected FailureAnalysis analyze(Throwable root, StoreRefused refused) {
    return new FailureAnalysis(refused.getMessage(), refused.remedy(), refused);
  }
}
