package org.flintmoss.server.trials;

import org.flintmoss.mission.json.Json;
import org.flintmoss.server.web.Outbox;
import org.flintmoss.trial.DesignerFeed;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.Snapshots;
import org.flintmoss.trial.Trial;
import org.flintmoss.trial.TrialMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.web.socket.CloseStatus;

/** One browser at a trial: what it is told and shown. Used by the trial's ticks alone. */
final class Connection {
  private final int number;
  private final Trial trial;
  private final Outbox outbox;
  private final @Nullable String key;
  private Snapshots snapshots;
  private PlayerFeed player;
  private DesignerFeed designer;
  private boolean toldOver;
  private volatile int seat = -1;
  private volatile boolean host;

  /**
   * A browser at a trial.
   *
   * @param number by which it is known to the trial
   * @param key by which its seat is known when it comes back; null where it has none
   */
  Connection(int number, Trial trial, Outbox outbox, @Nullable String key) {
    this.number = number;
    this.trial = trial;
    this.outbox = outbox;
    this.key = key;
    snapshots = new Snapshots(trial.world(), 0);
    player = new PlayerFeed(trial.world(), 0);
  }

  /** Notes which of the seats that are played it has, -1 for none, and whether it is the host. */
  void placed(int seat, boolean host) {
    this.seat = seat;
    this.host = host;
  }

  /** Which of the seats that are played it has; -1 for none. */
  int seat() {
    return seat;
  }

  boolean isHost() {
    return host;
  }

  @Nullable String key() {
    return key;
  }

  /** From now on it is told and shown what is known in a seat of the mission. */
  void sit(int seat, TrialMessage.Welcome here) {
    boolean everything = designer != null;
    snapshots = new Snapshots(trial.world(), seat);
    player = new PlayerFeed(trial.world(), seat);
    hello(here);
    show(everything);
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
