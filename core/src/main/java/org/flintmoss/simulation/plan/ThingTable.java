package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.terrain.ChangingThings;

/** The props and fixtures of a mission, by {@link ActorIndex#thing}. */
public final class ThingTable {
  private final List<Ref> refs;
  private final List<Upright> things = new ArrayList<>();
  private final List<List<Appearance>> appearances = new ArrayList<>();

  /** For each thing, the numbers of the looks of its kind within their family. */
  private final int[][] looks;

  private final int[] first;

  ThingTable(ActorIndex actors) {
    refs = actors.things();
    looks = new int[refs.size()][];
    first = new int[refs.size()];
    for (int thing = 0; thing < looks.length; thing++) {
      Upright it = (Upright) actors.mission().find(refs.get(thing));
      List<Appearance> its =
          actors.mission().find(it.kind()) instanceof ThingKind kind
              ? kind.appearances()
              : List.of();
      things.add(it);
      appearances.add(its);
      looks[thing] = its.stream().mapToInt(look -> actors.index(look.look())).toArray();
      first[thing] = ChangingThings.first(actors.mission(), it);
    }
  }

  /** How many there are. */
  public int many() {
    return looks.length;
  }

  /** What a thing is referred to by. */
  public Ref ref(int thing) {
    return refs.get(thing);
  }

  /** A thing. */
  public Upright get(int thing) {
    return things.get(thing);
  }

  /** The appearances of its kind in their order; none where that is gone. */
  public List<Appearance> appearances(int thing) {
    return appearances.get(thing);
  }

  /** The number within its family of one of the looks of a thing's kind, from 0. */
  public int look(int thing, int place) {
    return looks[thing][place];
  }

  /** The place among those of a thing's kind of a look by its number; -1 for one it lacks. */
  public int place(int thing, int look) {
    for (int place = 0; place < looks[thing].length; place++) {
      if (looks[thing][place] == look && look >= 0) {
        return place;
      }
    }
    return -1;
  }

  /** The state of {@link ChangingThings} in which a thing begins. */
  public int first(int thing) {
    return first[thing];
  }
}
