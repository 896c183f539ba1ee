package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.Where;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.unit.StandingActor;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;

/** Looks up what zones do, and to whom. */
final class WorkingCompiler {
  private final Lookup lookup;
  private final ActorIndex actors;
  private final ActionCompiler slots;
  private final List<ZoneWorking> made = new ArrayList<>();

  WorkingCompiler(Lookup lookup, ActionCompiler slots) {
    this.lookup = lookup;
    this.slots = slots;
    actors = lookup.actors();
  }

  /** What all zones do, zone by zone in their order; other ends of transfers last. */
  List<ZoneWorking> all() {
    List<ZoneWorking> others = new ArrayList<>();
    for (Map.Entry<String, Zone> entry : actors.mission().zones().entrySet()) {
      int zone = actors.index(new Ref(Family.ZONES, entry.getKey()));
      for (Map.Entry<String, Working> it : Ordered.sort(entry.getValue().does())) {
        lookup.begin(ZoneWorking.event(entry.getKey(), it.getKey()));
        ZoneWorking working = working(zone, entry.getKey(), it.getKey(), it.getValue());
        made.add(working);
        otherEnds(working, entry.getKey(), others);
      }
    }
    made.addAll(others);
    return List.copyOf(made);
  }

  private ZoneWorking working(int zone, String id, String key, Working of) {
    Slots found = slots.slots((Record) of.work());
    if (of.work() instanceof Work.PushesAlong along) {
      Thing route = actors.mission().find(along.route());
      found.put(
          along.route(), route instanceof Route it ? Track.of(it, actors, lookup.terms()) : null);
    }
    Crowd who = lookup.crowd(new Selector(new Selector.All(), of.whom()));
    return new ZoneWorking(
        zone,
        key,
        of,
        lookup.event(new Ref(Family.EVENTS, ZoneWorking.event(id, key))),
        who,
        takes(of, who),
        found,
        of.work() instanceof Work.Transfers transfers ? found.site(transfers.to()) : null,
        false);
  }

  private boolean[] takes(Working of, Crowd who) {
    boolean[] takes = new boolean[actors.members().size()];
    if (who != null && who.known()) {
      for (int member : who.members()) {
        takes[member] = takes(of, actors.members().get(member).standing());
      }
    }
    return takes;
  }

  private boolean takes(Working of, StandingActor standing) {
    boolean player = standing instanceof PlayerStart;
    boolean inHand =
        switch (of.hands()) {
          case BOTH -> true;
          case PLAYERS -> player;
          case OTHERS -> !player;
        };
    return inHand
        && (of.goes() == Working.Goes.ANYHOW
            || (actors.mission().find(standing.kind()) instanceof Kind kind
                && of.goes().fits(kind.moves())));
  }

  /** Who enters a zone at the other end of a transfer that leads both ways comes to this zone. */
  private void otherEnds(ZoneWorking working, String id, List<ZoneWorking> others) {
    if (working.of().work() instanceof Work.Transfers transfers
        && transfers.ways() == Work.Ways.BOTH) {
      Site home = slots.setDownIn(new Place.AtZone(new Ref(Family.ZONES, id)));
      ends(transfers.to())
          .filter(Place.AtZone.class::isInstance)
          .mapToInt(place -> actors.index(((Place.AtZone) place).zone()))
          .filter(zone -> zone >= 0 && zone != working.zone())
          .distinct()
          .forEach(
              zone ->
                  others.add(
                      new ZoneWorking(
                          zone,
                          working.key(),
                          working.of(),
                          working.program(),
                          working.who(),
                          working.takes(),
                          working.slots(),
                          home,
                          true)));
    }
  }

  private static Stream<Place> ends(Where to) {
    return switch (to) {
      case Place place -> Stream.of(place);
      case Where.OneOf one -> one.places().values().stream().map(Where.Way::place);
      case Where.NearestOf _ -> Stream.empty();
    };
  }
}
