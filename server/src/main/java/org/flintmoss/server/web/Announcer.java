package org.flintmoss.server.web;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says on standard output where Flintmoss can be reached, once it can. */
@Component
class Announcer {
  @EventListener
  void ready(ApplicationReadyEvent event) {
    if (event.getApplicationContext() instanceof WebServerApplicationContext web) {
      System.out.println("Flintmoss is ready: http://localhost:" + web.getWebServer().getPort());
    }
  }
}
