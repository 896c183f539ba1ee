package org.flintmoss.server.missions;

import org.flintmoss.mission.json.Json;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Reads the mission on top of the shelf as soon as the server is ready, beside what it is asked:
 * the first reading of a large one takes a second or two more than those after it.
 */
@Component
class FirstReading {
  private static final Logger LOG = LoggerFactory.getLogger(FirstReading.class);

  private final MissionService missions;

  FirstReading(MissionService missions) {
    this.missions = missions;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    Thread.ofPlatform().daemon().name("first reading").start(this::read);
  }

  private void read() {
    try {
      missions.shelf().stream()
          .findFirst()
          .ifPresent(top -> Json.MAPPER.writeValueAsBytes(missions.open(top.id())));
    } catch (RuntimeException damaged) {
      LOG.info("The mission on top of the shelf was not read ahead: {}", damaged.getMessage());
    }
  }
}
