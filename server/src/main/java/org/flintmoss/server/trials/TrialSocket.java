package org.flintmoss.server.trials;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.MissionRefused;
import org.flintmoss.mission.Ranges;
import org.flintmoss.server.web.NotThere;
import org.flintmoss.server.web.Sockets;
import org.flintmoss.simulation.Input;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import tools.jackson.databind.JsonNode;

/** Carries inputs up and snapshots down. */
@Component
class TrialSocket extends TextWebSocketHandler implements Sockets.Endpoint {
  /** Closes a connection whose trial is no more; the browser then offers a new one. */
  private static final CloseStatus GONE = new CloseStatus(4404, "This trial is over and gone.");

  /** A connection and the trial that it plays. */
  private record Seat(LiveTrial trial, Outbox outbox) {}

  private final TrialService trials;
  private final Map<String, Seat> seats = new ConcurrentHashMap<>();

  TrialSocket(TrialService trials) {
    this.trials = trials;
  }

  @Override
  public String path() {
    return "/ws/trials/*";
  }

  @Override
  public void afterConnectionEstablished(WebSocketSession session) throws IOException {
    String path = session.getUri().getPath();
    try {
      LiveTrial trial = trials.find(path.substring(path.lastIndexOf('/') + 1));
      Outbox outbox = new Outbox(session);
      seats.put(session.getId(), new Seat(trial, outbox));
      trial.connect(outbox);
    } catch (NotThere gone) {
      session.close(GONE);
    }
  }

  @Override
  public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
    Seat seat = seats.remove(session.getId());
    if (seat != null) {
      seat.outbox().close(status);
      seat.trial().disconnect(seat.outbox());
    }
  }

  @Override
  protected void handleTextMessage(WebSocketSession session, TextMessage message) {
    Seat seat = seats.get(session.getId());
    if (seat == null) {
      return;
    }
    try {
      take(seat.trial(), Json.read(message.getPayload().getBytes(StandardCharsets.UTF_8)));
    } catch (MissionRefused refused) {
      seat.outbox().close(CloseStatus.BAD_DATA.withReason("This message is not understood."));
    }
  }

  private static void take(LiveTrial trial, JsonNode message) {
    switch (message.path("type").asString("")) {
      case "ack" -> trial.acknowledge(message.path("step").asInt(0));
      case "pause" -> trial.pause(true);
      case "resume" -> trial.pause(false);
      case "speed" -> trial.speed(message.path("speed").asDouble(1));
      case "step" -> trial.step(message.path("steps").asInt(1));
      case "view" -> trial.view(message.path("as").asString("").equals("designer"));
      case "join", "leave" -> throw new MissionRefused("/type", "seats are taken by the server");
      default -> {
        Input input = Ranges.bind(message, Input.class);
        if (!Ranges.problems(input).isEmpty()) {
          throw new MissionRefused(Ranges.problems(input));
        }
        trial.input(input);
      }
    }
  }
}
