package org.flintmoss.server.trials;

import org.flintmoss.mission.json.Json;
import org.flintmoss.server.web.Outbox;
import org.flintmoss.trial.DesignerFeed;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.Snapshots;
import org.flintmoss.trial.Trial;
import org.flintmoss.trial.TrialMessage;
import org.springframework.web.socket.CloseStatus;

/** One browser at a trial: what it is told and shown. Used by the trial's ticks alone. */
final class Connection {
  private final int number;
  private final Trial trial;
  private final Outbox outbox;
  private final Snapshots snapshots;
  private final PlayerFeed player;
  private DesignerFeed designer;
  private boolean toldOver;

  /**
   * A browser at a trial.
   *
   * @param number by which it is known to the trial
   */
  Connection(int number, Trial trial, Outbox outbox) {
    this.number = number;
    this.trial = trial;
    this.outbox = outbox;
    snapshots = new Snapshots(trial.world(), 0);
    player = new PlayerFeed(trial.world(), 0);
  }

  int number() {
    return number;
  }

  /** Tells everything that a browser needs that has just connected. */
  void hello(TrialMessage.Welcome here) {
    say(player.hello(here));
  }

  void say(TrialMessage message) {
    outbox.text(Json.MAPPER.writeValueAsString(message));
  }

  void acknowledge(int step) {
    snapshots.acknowledge(step);
  }

  /** Shows everything, as to a designer, or what the player knows. */
  void show(boolean everything) {
    designer = everything ? new DesignerFeed(trial.world()) : null;
    snapshots.showEverything(everything);
    player.showEverything(everything);
    snapshots.reset();
    showNow();
    tellDesigner();
  }

  /** Shows the world as it stands. */
  void showNow() {
    outbox.bytes(snapshots.next());
  }

  /** Tells a designer what is in everybody's mind. */
  void tellDesigner() {
    if (designer != null) {
      designer.news().forEach(this::say);
    }
  }

  /** Tells what has happened since it was last told. */
  void tell() {
    player.news().forEach(this::say);
    if (trial.world().over() && !toldOver) {
      toldOver = true;
      say(new TrialMessage.Over(trial.report()));
    }
  }

  void close(CloseStatus status) {
    outbox.close(status);
  }
}
