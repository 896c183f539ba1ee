package org.flintmoss.trial;

import java.nio.ByteBuffer;
import java.util.Arrays;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.MovableTable;

/** Encodes what one seat may know, as the difference from a snapshot that it has acknowledged. */
public final class Snapshots {
  /** Steps for which a blow, a shot or a wound shows. */
  private static final int LATELY = 6;

  private static final int KEPT = 64;
  private static final int WIDTH = SnapshotLayout.FIELDS.size();

  /**
   * What was sent at a step: for each unit its fields, or nothing where it was not seen; where each
   * thing lies that may move, by threes.
   */
  private record Sent(int step, int[] fields, boolean[] seen, int[] places) {}

  private final World world;
  private final Known known;
  private final MovableTable movables;
  private final Sent[] kept = new Sent[KEPT];
  private Sent acknowledged;
  private int count;
  private int since;

  /** Snapshots of a world for a seat. */
  public Snapshots(World world, int seat) {
    this.world = world;
    movables = world.plan().movables();
    known = new Known(world, seat);
  }

  /**
   * Notes that the snapshot of a step has arrived; unknown steps are ignored, and so is the one
   * from before the first step: base 0 stands for everything.
   */
  public void acknowledge(int step) {
    int newest = acknowledged == null ? 0 : acknowledged.step;
    for (Sent sent : kept) {
      if (sent != null && sent.step == step && step > Math.max(newest, since)) {
        acknowledged = sent;
      }
    }
  }

  /** Shows everybody, as a designer sees it, or only whom the seat may know of. */
  public void showEverything(boolean shown) {
    known.showEverything(shown);
  }

  /**
   * Forgets what was acknowledged: the next snapshot tells everything. Acknowledgements up to the
   * step as it stands may be of what was sent before, and count no more.
   */
  public void reset() {
    since = world.read().step();
    Arrays.fill(kept, null);
    acknowledged = null;
  }

  /** The snapshot of the world as it stands. */
  public byte[] next() {
    Sent now = look();
    kept[count++ % KEPT] = now;
    int most = 8 + world.plan().units() * (3 + 4 * WIDTH) + movables.many() * (3 + 4 * 3);
    ByteBuffer bytes = ByteBuffer.allocate(most);
    bytes.putInt(now.step).putInt(acknowledged == null ? 0 : acknowledged.step);
    for (int other = 0; other < world.plan().units(); other++) {
      write(bytes, now, other);
    }
    for (int thing = 0; thing < movables.many(); thing++) {
      place(bytes, now, thing);
    }
    return Arrays.copyOf(bytes.array(), bytes.position());
  }

  private Sent look() {
    int units = world.plan().units();
    int[] places = new int[3 * movables.many()];
    for (int thing = 0; thing < movables.many(); thing++) {
      places[3 * thing] = scaled(world.read().thingX(movables.thing(thing)));
      places[3 * thing + 1] = scaled(world.read().thingY(movables.thing(thing)));
      places[3 * thing + 2] = scaled(world.read().thingFoot(movables.thing(thing)));
    }
    Sent now = new Sent(world.read().step(), new int[units * WIDTH], new boolean[units], places);
    for (int other = 0; other < units; other++) {
      now.seen[other] = known.knows(other);
      if (now.seen[other]) {
        fields(now.fields, other);
      }
    }
    return now;
  }

  private void fields(int[] fields, int other) {
    Readings read = world.read();
    double full = world.plan().kind(other).health();
    double[] values = {
      read.x(other),
      read.y(other),
      read.facing(other),
      Math.ceil(read.health(other) * 100 / full),
      signs(other),
      read.speed(other),
      read.deck(other)
    };
    for (SnapshotLayout.Field field : SnapshotLayout.FIELDS) {
      fields[other * WIDTH + field.ordinal()] = field.number(values[field.ordinal()]);
    }
  }

  private int signs(int other) {
    Readings read = world.read();
    return (read.dead(other) ? 1 : 0)
        | read.alertness(other).ordinal() << 1
        | (lately(read.struck(other)) ? 8 : 0)
        | (lately(read.hurtAt(other)) ? 16 : 0)
        | (read.underWay(other) ? 32 : 0)
        | (read.down(other) ? 64 : 0)
        | (read.bound(other) ? 128 : 0);
  }

  private boolean lately(int step) {
    return step > 0 && world.read().step() - step < LATELY;
  }

  private void write(ByteBuffer bytes, Sent now, int other) {
    boolean told = acknowledged != null && acknowledged.seen[other];
    if (!now.seen[other]) {
      if (told) {
        bytes.putShort((short) other).put((byte) SnapshotLayout.GONE);
      }
      return;
    }
    int mask = 0;
    for (int field = 0; field < WIDTH; field++) {
      int at = other * WIDTH + field;
      if (!told || acknowledged.fields[at] != now.fields[at]) {
        mask |= 1 << field;
      }
    }
    if (mask != 0) {
      bytes.putShort((short) other).put((byte) mask);
      for (SnapshotLayout.Field field : SnapshotLayout.FIELDS) {
        if ((mask & 1 << field.ordinal()) != 0) {
          put(bytes, field, now.fields[other * WIDTH + field.ordinal()]);
        }
      }
    }
  }

  private static int scaled(double metres) {
    return (int) Math.floor(metres / SnapshotLayout.CENTIMETRE + 0.5);
  }

  private void place(ByteBuffer bytes, Sent now, int thing) {
    boolean same = true;
    for (int axis = 0; axis < 3; axis++) {
      int known =
          acknowledged == null
              ? scaled(movables.first(thing, axis))
              : acknowledged.places[3 * thing + axis];
      same &= known == now.places[3 * thing + axis];
    }
    if (!same) {
      bytes.putShort((short) thing).put((byte) SnapshotLayout.THING);
      for (int axis = 0; axis < 3; axis++) {
        bytes.putInt(now.places[3 * thing + axis]);
      }
    }
  }

  private static void put(ByteBuffer bytes, SnapshotLayout.Field field, int number) {
    switch (field.wire()) {
      case U8 -> bytes.put((byte) number);
      case U16 -> bytes.putShort((short) number);
      case I32 -> bytes.putInt(number);
    }
  }
}
