package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.catalogue.Breaks;
import org.flintmoss.mission.catalogue.Drop;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.Script;

/**
 * What a thing that breaks bears and leaves, looked up.
 *
 * @param cracked the look that shows its harm; -1 for none
 * @param sound the points of harm below which it does not show
 * @param debris the look of what is left; -1 for nothing
 * @param lies for how many steps what is left lies there; 0 for good
 * @param effect what its breaking does to other things
 */
public record Breakable(
    double strength,
    Kind.Armour armour,
    int cracked,
    double sound,
    int debris,
    int lies,
    double noise,
    ThingEffect effect,
    List<Falls> drops) {
  /**
   * Items that fall out.
   *
   * @param item the number of their kind; -1 for one that is gone
   * @param chance from 0 to 1
   */
  public record Falls(int item, int count, double chance) {}

  static Breakable of(Breaks.WhenHarmed it, Upright thing, ActorIndex actors, Terms terms) {
    double strength = it.strength().at(terms);
    int cracked = -1;
    double sound = 0;
    if (it.cracks() instanceof Breaks.Marked marked) {
      cracked = actors.index(marked.look());
      sound = strength * (1 - marked.share().at(terms) / 100);
    }
    return new Breakable(
        strength,
        it.armour(),
        cracked,
        sound,
        switch (it.leaves()) {
          case Breaks.Nothing _ -> -1;
          case Breaks.Debris debris -> actors.index(debris.look());
          case Breaks.DebrisFor debris -> actors.index(debris.look());
        },
        it.leaves() instanceof Breaks.DebrisFor debris
            ? Script.steps(debris.seconds().at(terms))
            : 0,
        it.noise(),
        ThingEffect.of(it.effect(), actors, terms),
        drops(it.drops(), thing.drops(), actors, terms));
  }

  private static List<Falls> drops(
      SortedMap<String, Drop> ofKind, SortedMap<String, Drop> own, ActorIndex actors, Terms terms) {
    SortedMap<String, Drop> all = new TreeMap<>(ofKind);
    all.putAll(own);
    List<Falls> drops = new ArrayList<>();
    for (var drop : Ordered.sort(all)) {
      Drop it = drop.getValue();
      drops.add(
          new Falls(
              actors.index(it.item()), (int) it.count().at(terms), it.chance().at(terms) / 100));
    }
    return List.copyOf(drops);
  }
}
