package org.flintmoss.navigation.land;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.ground.SpawnPoint;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;

/**
 * A zone that puts everybody who goes about in some way in one other place, whatever happens: ways
 * lead through it. One that waits for something, or that a script lets rest, is none: nobody knows
 * beforehand whether it will take them.
 *
 * @param from the zone that takes them
 * @param to where they are put
 * @param deck the surface there
 */
public record ZoneTransfer(
    Zone from, Area area, Working.Hands hands, Working.Goes goes, Position to, int deck) {
  /** Those of a mission. */
  static List<ZoneTransfer> of(Mission mission, Decks decks) {
    Set<String> switched = null;
    List<ZoneTransfer> all = new ArrayList<>();
    for (Map.Entry<String, Zone> it : mission.zones().entrySet()) {
      Zone zone = it.getValue();
      boolean transfers =
          zone.rides() instanceof Zone.Stands
              && zone.does().values().stream()
                  .anyMatch(does -> does.work() instanceof Work.Transfers);
      if (transfers) {
        // Most missions have none, and scripts are long.
        switched = switched == null ? switched(mission) : switched;
        if (!switched.contains(it.getKey())) {
          zone.does().values().forEach(does -> add(mission, decks, zone, does, all));
        }
      }
    }
    return List.copyOf(all);
  }

  /** The zones that a script lets act or rest. */
  private static Set<String> switched(Mission mission) {
    Set<String> switched = new HashSet<>();
    Consumer<Action> looked =
        action -> {
          if (action instanceof Action.LetAct lets) {
            switched.add(lets.zone().id());
          }
        };
    mission.events().values().forEach(event -> ActionLine.each(event.actions(), looked));
    return switched;
  }

  private static void add(
      Mission mission, Decks decks, Zone zone, Working does, List<ZoneTransfer> into) {
    boolean everybody =
        does.whom() instanceof Selector.Anyone && does.bears() instanceof Working.Whatever;
    boolean always = does.when() instanceof Condition.All all && all.parts().isEmpty();
    if (!everybody || !always || !(does.work() instanceof Work.Transfers transfers)) {
      return;
    }
    switch (transfers.to()) {
      case Place.Point to -> into.add(leads(zone, does, to.position(), new Level.Top(), decks));
      case Place.AtSpawn to when mission.find(to.spawnPoint()) instanceof SpawnPoint point ->
          into.add(leads(zone, does, point.position(), point.level(), decks));
      case Place.AtPost to when mission.find(to.post()) instanceof Post post ->
          into.add(leads(zone, does, post.position(), post.level(), decks));
      case Place.AtZone to
          when mission.find(to.zone()) instanceof Zone other
              && other.rides() instanceof Zone.Stands
              && other != zone -> {
        into.add(leads(zone, does, other.shape().centre(), new Level.Top(), decks));
        if (transfers.ways() == Work.Ways.BOTH) {
          into.add(leads(other, does, zone.shape().centre(), new Level.Top(), decks));
        }
      }
      default -> {}
    }
  }

  private static ZoneTransfer leads(
      Zone zone, Working does, Position to, Level level, Decks decks) {
    return new ZoneTransfer(
        zone, Area.of(zone.shape()), does.hands(), does.goes(), to, decks.under(level, to));
  }

  /** Whether it takes a mover. */
  boolean takes(Mover mover) {
    boolean inHand =
        hands == Working.Hands.BOTH || mover.player() == (hands == Working.Hands.PLAYERS);
    return inHand && goes.fits(mover.moves());
  }
}
