package org.flintmoss.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** What a player is sent: no more than may be known, and no more than has changed. */
class SnapshotsTest {
  private static final int PLAYER = 0;

  /** A unit of a snapshot: its number and its mask. */
  private record Told(int unit, int mask) {}

  private static List<Told> told(byte[] snapshot) {
    ByteBuffer bytes = ByteBuffer.wrap(snapshot).position(8);
    List<Told> told = new ArrayList<>();
    while (bytes.hasRemaining()) {
      Told one = new Told(bytes.getShort(), bytes.get() & 0xff);
      told.add(one);
      if (one.mask() == SnapshotLayout.THING) {
        bytes.position(bytes.position() + 12);
        continue;
      }
      for (SnapshotLayout.Field field : SnapshotLayout.FIELDS) {
        if (one.mask() != SnapshotLayout.GONE && (one.mask() & 1 << field.ordinal()) != 0) {
          bytes.position(bytes.position() + field.wire().bytes());
        }
      }
    }
    return told;
  }

  private static World shortSighted(double x) {
    return new Stage()
        .put("/kinds/keeper/sight/range", "20")
        .unit("w", "townsfolk", "townsman", x, 64)
        .put("/stances", "{}")
        .world(1);
  }

  @Test
  void strangersOutOfSightAreNotTold() {
    World world = shortSighted(110);
    Stage.steps(world, 1);
    assertThat(told(new Snapshots(world, 0).next())).extracting(Told::unit).containsExactly(PLAYER);
  }

  @Test
  void strangersInSightAreToldWhole() {
    World world = shortSighted(80);
    Stage.steps(world, 1);
    assertThat(told(new Snapshots(world, 0).next()))
        .containsExactly(new Told(PLAYER, 0b1111111), new Told(1, 0b1111111));
  }

  @Test
  void whoPassesOutOfSightIsToldToBeGone() {
    World world = shortSighted(80);
    Stage.steps(world, 1);
    Snapshots snapshots = new Snapshots(world, 0);
    snapshots.next();
    snapshots.acknowledge(1);
    world.step(List.of(new Command(0, new Input.Steer(-1, 0))));
    Stage.steps(world, 60);
    assertThat(told(snapshots.next())).contains(new Told(1, SnapshotLayout.GONE));
  }

  @Test
  void whatStandsStillCostsNothingOnceItIsAcknowledged() {
    World world = shortSighted(80);
    Snapshots snapshots = new Snapshots(world, 0);
    Stage.steps(world, 1);
    int whole = snapshots.next().length;
    snapshots.acknowledge(1);
    Stage.steps(world, 1);
    assertThat(snapshots.next()).hasSize(8);
    snapshots.reset();
    assertThat(snapshots.next()).hasSize(whole);
  }

  /** Two crates, of which one is put 7 m to the east, and back, by the script. */
  private static World crates() {
    String put =
        "{'type':'putThing','thing':%s,'place':{'type':'point','position':{'x':%s,'y':70}}}";
    return new Stage()
        .start("p", 60, 60)
        .loose("box", 0.5, 1, 40)
        .prop("a", "box", 50, 70, 0)
        .prop("b", "box", 55, 70, 0)
        .event("there", Stage.elapsed(1), put.formatted(Stage.ref("props", "b"), 62))
        .event("back", Stage.elapsed(2), put.formatted(Stage.ref("props", "b"), 55))
        .world(1);
  }

  @Test
  void thingsAreToldThatLieElsewhereThanTheReaderKnows() {
    World world = crates();
    int moved = world.plan().movables().many() - 1;
    Told thing = new Told(moved, SnapshotLayout.THING);
    Snapshots snapshots = new Snapshots(world, 0);
    Stage.steps(world, 1);
    assertThat(told(snapshots.next())).extracting(Told::mask).doesNotContain(thing.mask());
    snapshots.acknowledge(1);
    Stage.steps(world, 20);
    byte[] difference = snapshots.next();
    assertThat(told(difference)).contains(thing).hasSize(1);
    ByteBuffer last = ByteBuffer.wrap(difference).position(difference.length - 12);
    assertThat(last.getInt()).as("centimetres").isEqualTo(6200);
    assertThat(last.getInt()).isEqualTo(7000);
    snapshots.acknowledge(21);
    Stage.steps(world, 1);
    assertThat(told(snapshots.next())).doesNotContain(thing);
    Stage.steps(world, 19);
    assertThat(told(snapshots.next())).as("it is back").contains(thing);
    snapshots.reset();
    assertThat(told(snapshots.next())).as("where it was set down").doesNotContain(thing);
  }

  @Test
  void acknowledgingWhatWasNeverSentChangesNothing() {
    World world = shortSighted(80);
    Snapshots snapshots = new Snapshots(world, 0);
    Stage.steps(world, 1);
    int whole = snapshots.next().length;
    snapshots.acknowledge(999);
    Stage.steps(world, 1);
    assertThat(snapshots.next()).hasSize(whole);
  }

  @Test
  void whatWasSentBeforePlayBeganIsNoBaseSinceBaseZeroMeansEverything() {
    World world = shortSighted(80);
    Snapshots snapshots = new Snapshots(world, 0);
    snapshots.next();
    snapshots.acknowledge(0);
    Stage.steps(world, 1);
    assertThat(told(snapshots.next()))
        .containsExactly(new Told(PLAYER, 0b1111111), new Told(1, 0b1111111));
  }
}
