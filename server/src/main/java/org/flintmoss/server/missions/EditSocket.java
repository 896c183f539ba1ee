package org.flintmoss.server.missions;

import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.flintmoss.mission.Json;
import org.flintmoss.server.web.Sockets;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.ConcurrentWebSocketSessionDecorator;
import org.springframework.web.socket.handler.TextWebSocketHandler;

/** Tells every open tab of a mission of each edit that was taken. */
@Component
class EditSocket extends TextWebSocketHandler implements Sockets.Endpoint {
  private static final int SECONDS = 10_000;
  private static final int BUFFER = 8 * 1024 * 1024;

  private final Map<String, Set<WebSocketSession>> tabs = new ConcurrentHashMap<>();
  private final Map<String, WebSocketSession> sessions = new ConcurrentHashMap<>();

  @Override
  public String path() {
    return "/ws/missions/*";
  }

  @Override
  public void afterConnectionEstablished(WebSocketSession session) {
    WebSocketSession tab = new ConcurrentWebSocketSessionDecorator(session, SECONDS, BUFFER);
    sessions.put(session.getId(), tab);
    tabs.computeIfAbsent(mission(session), _ -> ConcurrentHashMap.newKeySet()).add(tab);
  }

  @Override
  public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
    WebSocketSession tab = sessions.remove(session.getId());
    tabs.computeIfPresent(
        mission(session),
        (_, open) -> {
          open.remove(tab);
          return open.isEmpty() ? null : open;
        });
  }

  private static String mission(WebSocketSession session) {
    String path = session.getUri().getPath();
    return path.substring(path.lastIndexOf('/') + 1);
  }

  /** Passes an edit on. */
  @EventListener
  void taken(MissionService.Taken taken) {
    TextMessage message = new TextMessage(Json.MAPPER.writeValueAsString(taken.edit()));
    for (WebSocketSession tab : tabs.getOrDefault(taken.mission(), Set.of())) {
      try {
        tab.sendMessage(message);
      } catch (IOException | IllegalStateException gone) {
        // The tab fetches what it missed when it comes back.
        sessions.remove(tab.getId());
      }
    }
  }
}
