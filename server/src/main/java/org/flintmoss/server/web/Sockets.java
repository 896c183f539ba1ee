package org.flintmoss.server.web;

import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.socket.WebSocketHandler;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;
import org.springframework.web.socket.server.standard.ServletServerContainerFactoryBean;

/**
 * WebSockets: each feature brings its handler with its path. Origins are the gatekeeper's matter.
 */
@Configuration(proxyBeanMethods = false)
@EnableWebSocket
public class Sockets implements WebSocketConfigurer {
  private static final int MESSAGE = 64 * 1024;

  /** A handler and the path that it answers under. */
  public interface Endpoint extends WebSocketHandler {
    /** The path, as a pattern. */
    String path();
  }

  private final List<Endpoint> endpoints;

  Sockets(List<Endpoint> endpoints) {
    this.endpoints = endpoints;
  }

  @Override
  public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
    endpoints.forEach(endpoint -> registry.addHandler(endpoint, endpoint.path()));
  }

  /** Bounds on what comes in. */
  @Bean
  static ServletServerContainerFactoryBean limits() {
    ServletServerContainerFactoryBean container = new ServletServerContainerFactoryBean();
    container.setMaxTextMessageBufferSize(MESSAGE);
    container.setMaxBinaryMessageBufferSize(MESSAGE);
    return container;
  }
}
