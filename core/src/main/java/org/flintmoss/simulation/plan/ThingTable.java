package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.catalogue.Breaks;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;
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

  /** What each bears and leaves; null for one that never breaks. */
  private final Breakable[] breakable;

  /** Half of the width and the depth of each footprint by turns, metres. */
  private final double[] extents;

  /** For each kind of thing those of it, rising. */
  private final int[][] ofKind;

  /** Which footprints are round. */
  private final boolean[] round;

  ThingTable(ActorIndex actors, Terms terms) {
    refs = actors.things();
    looks = new int[refs.size()][];
    first = new int[refs.size()];
    breakable = new Breakable[refs.size()];
    extents = new double[2 * refs.size()];
    round = new boolean[refs.size()];
    ofKind =
        IntStream.range(0, actors.mission().thingKinds().size())
            .mapToObj(kind -> ofKind(actors, kind))
            .toArray(int[][]::new);
    for (int thing = 0; thing < looks.length; thing++) {
      Upright it = (Upright) actors.mission().find(refs.get(thing));
      List<Appearance> its =
          actors.mission().find(it.kind()) instanceof ThingKind kind
              ? kind.appearances()
              : List.of();
      things.add(it);
      appearances.add(its);
      looks[thing] = its.stream().mapToInt(look -> actors.index(look.look())).toArray();
      if (actors.mission().find(it.kind()) instanceof ThingKind kind) {
        extent(thing, kind.footprint(), it.scale());
      }
      if (actors.mission().find(it.kind()) instanceof ThingKind kind
          && kind.breaks() instanceof Breaks.WhenHarmed breaks) {
        breakable[thing] = Breakable.of(breaks, it, actors, terms);
      }
      first[thing] = ChangingThings.first(actors.mission(), it);
    }
  }

  private int[] ofKind(ActorIndex actors, int kind) {
    return IntStream.range(0, refs.size())
        .filter(
            it -> {
              Upright thing = (Upright) actors.mission().find(refs.get(it));
              return actors.index(thing.kind()) == kind;
            })
        .toArray();
  }

  private void extent(int thing, ThingKind.Footprint footprint, double scale) {
    switch (footprint) {
      case ThingKind.Round it -> {
        round[thing] = true;
        extents[2 * thing] = it.radius() * scale;
        extents[2 * thing + 1] = it.radius() * scale;
      }
      case ThingKind.Block it -> {
        extents[2 * thing] = it.width() / 2 * scale;
        extents[2 * thing + 1] = it.depth() / 2 * scale;
      }
    }
  }

  /** How many there are. */
  public int many() {
    return looks.length;
  }

  /** The things of a kind, by the number of that within its family. */
  public int[] ofKind(int kind) {
    return ofKind[kind];
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

  /** Metres from a point to the footprint of a thing; at least 0. */
  public double gap(int thing, double x, double y) {
    Upright it = things.get(thing);
    double east = x - it.position().x();
    double north = y - it.position().y();
    double turn = StrictMath.toRadians(it.facing());
    double across = east * StrictMath.cos(turn) - north * StrictMath.sin(turn);
    double along = east * StrictMath.sin(turn) + north * StrictMath.cos(turn);
    double dx = Math.max(0, Math.abs(across) - extents[2 * thing]);
    double dy = Math.max(0, Math.abs(along) - extents[2 * thing + 1]);
    return round[thing]
        ? Math.max(0, Math.sqrt(east * east + north * north) - extents[2 * thing])
        : Math.sqrt(dx * dx + dy * dy);
  }

  /** Half of the longer side of the footprint of a thing, metres. */
  public double half(int thing) {
    return Math.max(extents[2 * thing], extents[2 * thing + 1]);
  }

  /** What a thing bears and leaves; null for one that never breaks. */
  public Breakable breakable(int thing) {
    return breakable[thing];
  }

  /** The state of {@link ChangingThings} in which a thing begins. */
  public int first(int thing) {
    return first[thing];
  }
}
