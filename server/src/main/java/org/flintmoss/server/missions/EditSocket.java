package org.flintmoss.server.missions;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.flintmoss.mission.json.Json;
import org.flintmoss.server.web.Outbox;
import org.flintmoss.server.web.Sockets;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;

/**
 * Tells every open tab of a mission of each edit that was taken. Edits may reach a tab in another
 * order than they were taken in; it goes by their revisions, and fetches what it has missed.
 */
@Component
class EditSocket extends TextWebSocketHandler implements Sockets.Endpoint {
  private final MissionRepository repository;
  private final Map<String, Set<Outbox>> tabs = new ConcurrentHashMap<>();
  private final Map<String, Outbox> outboxes = new ConcurrentHashMap<>();

  EditSocket(MissionRepository repository) {
    this.repository = repository;
  }

  @Override
  public String path() {
    return "/ws/missions/*";
  }

  @Override
  public void afterConnectionEstablished(WebSocketSession session) {
    Outbox outbox = new Outbox(session);
    outboxes.put(session.getId(), outbox);
    tabs.computeIfAbsent(mission(session), _ -> ConcurrentHashMap.newKeySet()).add(outbox);
    // From here on it is told of every edit; what came before, it fetches.
    repository
        .card(mission(session))
        .map(card -> Json.MAPPER.createObjectNode().put("upTo", card.revision()))
        .ifPresent(upTo -> outbox.text(upTo.toString()));
  }

  @Override
  public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
    Outbox outbox = outboxes.remove(session.getId());
    if (outbox == null) {
      return;
    }
    outbox.close(status);
    tabs.computeIfPresent(
        mission(session),
        (_, open) -> {
          open.remove(outbox);
          return open.isEmpty() ? null : open;
        });
  }

  private static String mission(WebSocketSession session) {
    String path = session.getUri().getPath();
    return path.substring(path.lastIndexOf('/') + 1);
  }

  /** Passes an edit on; nobody waits for it to arrive. */
  @EventListener
  void taken(MissionService.Taken taken) {
    Set<Outbox> open = tabs.getOrDefault(taken.mission(), Set.of());
    if (!open.isEmpty()) {
      String message = Json.MAPPER.writeValueAsString(taken.edit());
      open.forEach(tab -> tab.text(message));
    }
  }
}
