package org.flintmoss.server.trials;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.flintmoss.mission.Ranges;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.server.web.NotThere;
import org.flintmoss.server.web.Outbox;
import org.flintmoss.server.web.Sockets;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.TrialRequest;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
  static final CloseStatus GONE = new CloseStatus(4404, "This trial is over and gone.");

  /** Closes a connection to a trial that has as many as it may. */
  static final CloseStatus FULL =
      new CloseStatus(4429, "There are " + LiveTrial.MOST + " at this trial already.");

  /** Closes the connections of a trial that an internal fault has ended. */
  static final CloseStatus BROKEN =
      new CloseStatus(4500, "This trial broke off: a fault in Flintmoss. Nothing else is lost.");

  /** What a browser asks a trial with that has been there before. */
  private static final Pattern KEY = Pattern.compile("key=[0-9a-zA-Z-]{8,64}");

  private static final Logger LOG = LoggerFactory.getLogger(TrialSocket.class);

  /** A connection and the trial that it is at. */
  private record At(LiveTrial trial, Connection connection) {}

  private final TrialService trials;
  private final Map<String, At> sessions = new ConcurrentHashMap<>();

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
      sessions.put(
          session.getId(), new At(trial, trial.connect(new Outbox(session), key(session))));
    } catch (NotThere gone) {
      session.close(GONE);
    }
  }

  /**
   * By which a browser is known when it comes back; null where it tells nothing that could be one.
   */
  private static @Nullable String key(WebSocketSession session) {
    String query = session.getUri().getQuery();
    boolean told = query != null && KEY.matcher(query).matches();
    return told ? query.substring(query.indexOf('=') + 1) : null;
  }

  @Override
  public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
    At at = sessions.remove(session.getId());
    if (at != null) {
      at.connection().close(status);
      at.trial().disconnect(at.connection());
    }
  }

  @Override
  protected void handleTextMessage(WebSocketSession session, TextMessage message) {
    At at = sessions.get(session.getId());
    if (at == null) {
      return;
    }
    try {
      take(at, Json.read(message.getPayload().getBytes(StandardCharsets.UTF_8)));
    } catch (MissionRefused refused) {
      at.connection().close(CloseStatus.BAD_DATA.withReason("This message is not understood."));
    } catch (RuntimeException fault) {
      LOG.error("a message to a trial could not be taken", fault);
      at.connection().close(CloseStatus.SERVER_ERROR.withReason("A fault in Flintmoss."));
    }
  }

  private static void take(At at, JsonNode message) {
    TrialRequest request = Ranges.bind(message, TrialRequest.class);
    if (!Ranges.problems(request).isEmpty()) {
      throw new MissionRefused(Ranges.problems(request));
    }
    LiveTrial trial = at.trial();
    Connection by = at.connection();
    switch (request) {
      case TrialRequest.Acknowledge it -> trial.acknowledge(by, it.step());
      case TrialRequest.Pause it -> trial.pause(by, it.paused());
      case TrialRequest.GoAt it -> trial.speed(by, it.speed());
      case TrialRequest.Step it -> trial.step(by, it.steps());
      case TrialRequest.LookAs it -> trial.view(by, it.as() == TrialRequest.Who.DESIGNER);
      case TrialRequest.TakeSeat it -> trial.takeSeat(by, it.seat());
      case TrialRequest.LayAside _ -> trial.layAside(by);
      case TrialRequest.Act(Input.Join _), TrialRequest.Act(Input.Leave _) ->
          throw new MissionRefused("/input", "seats are taken by the server");
      case TrialRequest.Act it -> trial.input(by, it.input());
    }
  }
}
