package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Open;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.terrain.Doors;

/** What is opened by hand on the way, by number, and who can: those who have what a lock asks. */
public final class DoorTable {
  /** The most locks that are told apart; what has another is not opened on the way. */
  private static final int MOST_LOCKS = 64;

  /** What some doors ask of who opens them; see {@link FixtureUse}. */
  public record Lock(Open open, int needs, int needed) {}

  private final List<Doors.Door> doors = new ArrayList<>();
  private final List<Integer> uses = new ArrayList<>();
  private final List<Integer> locked = new ArrayList<>();
  private final List<Lock> locks = new ArrayList<>();

  DoorTable(List<Doors.Door> all, FixtureUse[] handles, ActorIndex actors) {
    for (Doors.Door door : all) {
      int use = use(door, handles, actors);
      FixtureUse of = handles[use];
      Lock lock = new Lock(of.use().open(), of.needs(), of.needed());
      if (!locks.contains(lock) && locks.size() < MOST_LOCKS) {
        locks.add(lock);
      }
      if (locks.contains(lock)) {
        doors.add(door);
        uses.add(use);
        locked.add(locks.indexOf(lock));
      }
    }
  }

  private static int use(Doors.Door door, FixtureUse[] handles, ActorIndex actors) {
    int number = actors.index(door.of());
    int fixtures = actors.mission().fixtures().size();
    int owner = door.of().family() == Family.GATES ? fixtures + number : number;
    for (int use = 0; use < handles.length; use++) {
      if (handles[use].owner() == owner && handles[use].id().equals(door.use())) {
        return use;
      }
    }
    throw new IllegalStateException(door.of() + " has no use " + door.use());
  }

  /** How many there are. */
  public int many() {
    return doors.size();
  }

  /** A door. */
  public Doors.Door get(int door) {
    return doors.get(door);
  }

  /** The number of the use that opens a door. */
  public int use(int door) {
    return uses.get(door);
  }

  /** The lock of a door. */
  public int lock(int door) {
    return locked.get(door);
  }

  /** The locks. */
  public List<Lock> locks() {
    return locks;
  }
}
