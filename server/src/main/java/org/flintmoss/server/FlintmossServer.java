package org.flintmoss.server;

import org.flintmoss.server.store.Settings;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;

/** The entry point of the server. */
@SpringBootApplication
@EnableConfigurationProperties(Settings.class)
public class FlintmossServer {
  /** Starts the server. */
  public static void main(String[] arguments) {
    SpringApplication.run(FlintmossServer.class, arguments);
  }
}
