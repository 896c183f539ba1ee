package org.flintmoss.server.trials;

import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import org.flintmoss.format.MissionFile;
import org.flintmoss.mission.Json;
import org.flintmoss.simulation.Input;
import org.flintmoss.simulation.Plan;
import org.flintmoss.simulation.World;
import org.flintmoss.trial.Recording;
import org.flintmoss.trial.Report;
import org.flintmoss.trial.Snapshots;
import org.flintmoss.trial.Trial;
import tools.jackson.databind.node.ObjectNode;

/**
 * One trial in play. Its clock ticks on a shared pool; whatever else reaches it waits for the next
 * tick. It is paused while nobody is connected.
 */
final class LiveTrial {
  /** Inputs that are taken between two steps; a flood beyond it is let go. */
  private static final int INPUTS = 64;

  /** Ticks between two looks of a designer at what is in everybody's mind. */
  private static final int LOOKS = 5;

  private static final double SLOWEST = 0.25;
  private static final double FASTEST = 16;

  private final String id;
  private final MissionFile mission;
  private final Trial trial;
  private final Snapshots snapshots;
  private final Story story;
  private final ConcurrentLinkedQueue<Runnable> wishes = new ConcurrentLinkedQueue<>();
  private final AtomicBoolean ticking = new AtomicBoolean();
  private Outbox outbox;
  private DesignerView designer;
  private boolean paused;
  private double speed = 1;
  private double owed;
  private int ticks;
  private boolean told;
  private int inputs;
  private volatile long aloneSince = System.nanoTime();

  LiveTrial(String id, MissionFile mission, Trial trial) {
    this.id = id;
    this.mission = mission;
    this.trial = trial;
    snapshots = new Snapshots(trial.world(), 0);
    story = new Story(trial.world());
    trial.input(new World.Command(0, new Input.Join()));
  }

  String id() {
    return id;
  }

  MissionFile mission() {
    return mission;
  }

  /** Somebody has connected: everything is told anew, and play goes on. */
  void connect(Outbox to) {
    wishes.add(
        () -> {
          outbox = to;
          aloneSince = 0;
          snapshots.reset();
          told = false;
          show(false);
          to.text(story.hello(paused).put("speed", speed));
          to.bytes(snapshots.next());
        });
  }

  /** The connection is gone: play waits. */
  void disconnect(Outbox from) {
    wishes.add(
        () -> {
          if (outbox == from) {
            outbox = null;
            aloneSince = System.nanoTime();
            trial.input(new World.Command(0, new Input.Steer(0, 0)));
            trial.input(new World.Command(0, new Input.Attack(0)));
          }
        });
  }

  void input(Input input) {
    wishes.add(
        () -> {
          boolean idle = paused && input instanceof Input.Aim;
          if (!idle && inputs++ < INPUTS) {
            trial.input(new World.Command(0, input));
          }
        });
  }

  void acknowledge(int step) {
    wishes.add(() -> snapshots.acknowledge(step));
  }

  void pause(boolean wanted) {
    wishes.add(
        () -> {
          paused = wanted;
          ObjectNode say = Json.MAPPER.createObjectNode().put("type", "paused");
          send(say.put("paused", paused).put("step", trial.world().read().step()));
        });
  }

  /** How fast play goes, 1/4 to 16 times. */
  void speed(double wanted) {
    wishes.add(
        () -> {
          speed = Math.max(SLOWEST, Math.min(FASTEST, wanted));
          owed = 0;
          send(Json.MAPPER.createObjectNode().put("type", "speed").put("speed", speed));
        });
  }

  /** While play is paused, takes some steps, at most a minute's. */
  void step(int steps) {
    wishes.add(
        () -> {
          if (paused) {
            take(Math.min(steps, 60 * Plan.STEPS_PER_SECOND));
            tellDesigner();
          }
        });
  }

  /** Shows everything, as to a designer, or what the player knows. */
  void view(boolean all) {
    wishes.add(
        () -> {
          show(all);
          snapshots.reset();
          if (outbox != null) {
            outbox.bytes(snapshots.next());
          }
          tellDesigner();
        });
  }

  private void show(boolean all) {
    designer = all ? new DesignerView(trial.world()) : null;
    snapshots.showEverything(all);
  }

  private void tellDesigner() {
    if (designer != null) {
      designer.news().forEach(this::send);
    }
  }

  private void take(int steps) {
    for (int i = 0; i < steps && !trial.world().over(); i++) {
      trial.step();
      inputs = 0;
    }
    if (outbox != null) {
      outbox.bytes(snapshots.next());
    }
  }

  /** One tick of the clock: wishes, a step, what it brought. Ticks never overlap. */
  void tick() {
    if (!ticking.compareAndSet(false, true)) {
      return;
    }
    try {
      for (Runnable wish = wishes.poll(); wish != null; wish = wishes.poll()) {
        wish.run();
      }
      if (outbox != null && !paused && !trial.world().over()) {
        owed += speed;
        int due = (int) owed;
        owed -= due;
        if (due > 0) {
          take(due);
        }
        if (++ticks % LOOKS == 0 || trial.world().over()) {
          tellDesigner();
        }
      }
      if (outbox != null) {
        story.news().forEach(this::send);
        end();
      }
    } finally {
      ticking.set(false);
    }
  }

  private void end() {
    if (trial.world().over() && !told) {
      told = true;
      ObjectNode over = Json.MAPPER.createObjectNode().put("type", "over");
      send(over.set("report", Json.MAPPER.valueToTree(trial.report())));
    }
  }

  private void send(ObjectNode message) {
    if (outbox != null) {
      outbox.text(message);
    }
  }

  /** Nanoseconds for which nobody has been connected; 0 while somebody is. */
  long alone() {
    long since = aloneSince;
    return since == 0 ? 0 : System.nanoTime() - since;
  }

  /** Everything up to now, to be played again. */
  Recording recording() {
    return between(trial::recording);
  }

  /** What has come of it up to now. */
  Report report() {
    return between(trial::report);
  }

  /** Something that is read between two ticks. */
  private <T> T between(Supplier<T> read) {
    while (!ticking.compareAndSet(false, true)) {
      Thread.onSpinWait();
    }
    try {
      return read.get();
    } finally {
      ticking.set(false);
    }
  }
}
