package org.flintmoss.server.store;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Backs the store up once a day for as long as the server runs; at start that is done already. */
@Component
class DailyBackup {
  private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);

  private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor();

  DailyBackup(DatabaseFile database) {
    clock.scheduleAtFixedRate(() -> backUp(database), 1, 1, TimeUnit.DAYS);
  }

  private static void backUp(DatabaseFile database) {
    try {
      database.backUp();
    } catch (IOException broken) {
      LOG.error("no backup was made today", broken);
    }
  }

  @PreDestroy
  void stop() {
    clock.shutdownNow();
  }
}
