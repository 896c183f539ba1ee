package org.flintmoss.navigation.land;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;

/** What the designer has ruled on who gets where: no-go zones, and crossings of their own. */
public final class NoGoAreas {
  /** A no-go zone that stands still. */
  private record Ruled(String id, Zone zone, Area area) {}

  /**
   * A crossing that the designer has made, its ends on their surfaces.
   *
   * @param id its id
   */
  public record Made(String id, Crossing of, int from, int to) {}

  private final List<Ruled> noGos = new ArrayList<>();
  private final List<Made> made = new ArrayList<>();
  private final List<ZoneTransfer> transfers;
  private final Decks decks;

  private NoGoAreas(Decks decks, List<ZoneTransfer> transfers) {
    this.decks = decks;
    this.transfers = transfers;
  }

  static NoGoAreas of(Mission mission, Decks decks) {
    NoGoAreas noGoAreas = new NoGoAreas(decks, ZoneTransfer.of(mission, decks));
    for (Map.Entry<String, Zone> zone : mission.zones().entrySet()) {
      boolean rules = !zone.getValue().noGo().equals(Zone.NoGo.NOBODY);
      if (rules && zone.getValue().rides() instanceof Zone.Stands) {
        noGoAreas.noGos.add(
            new Ruled(zone.getKey(), zone.getValue(), Area.of(zone.getValue().shape())));
      }
    }
    mission
        .crossings()
        .forEach(
            (id, it) ->
                noGoAreas.made.add(
                    new Made(
                        id,
                        it,
                        decks.under(it.fromLevel(), it.from()),
                        decks.under(it.toLevel(), it.to()))));
    return noGoAreas;
  }

  /** Where other rulings hold than before. */
  List<Area.Bounds> changes(NoGoAreas before) {
    Stream<Area.Bounds> zones =
        Stream.concat(
                noGos.stream().filter(it -> !before.noGos.contains(it)),
                before.noGos.stream().filter(it -> !noGos.contains(it)))
            .map(it -> it.area().bounds());
    Stream<Area.Bounds> ends =
        Stream.concat(
                made.stream().filter(it -> !before.made.contains(it)),
                before.made.stream().filter(it -> !made.contains(it)))
            .flatMap(it -> Stream.of(it.of().from(), it.of().to()))
            .map(it -> new Area.Bounds(it.x(), it.y(), it.x(), it.y()));
    Stream<Area.Bounds> taken =
        Stream.concat(
                transfers.stream().filter(it -> !before.transfers.contains(it)),
                before.transfers.stream().filter(it -> !transfers.contains(it)))
            .map(it -> it.area().bounds());
    return Stream.of(zones, ends, taken).flatMap(it -> it).toList();
  }

  /** Whether there are no no-go zones. */
  public boolean none() {
    return noGos.isEmpty();
  }

  /** Whether players and AI of the same kind get about alike. */
  public boolean same() {
    return noGos.stream().allMatch(it -> it.zone().noGo().equals(onlyCrossings(it.zone().noGo())))
        && transfers.stream().allMatch(it -> it.hands() == Working.Hands.BOTH)
        && made.stream().allMatch(it -> it.of().open() == Crossing.Users.EVERYBODY);
  }

  private static Zone.NoGo onlyCrossings(Zone.NoGo noGo) {
    return new Zone.NoGo(false, false, false, false, false, noGo.crossings());
  }

  /** The id of the zone that holds a mover back at a point of a surface; null for none. */
  public String holds(Mover mover, int deck, double x, double y) {
    if (mover.player()) {
      return null;
    }
    for (Ruled ruled : noGos) {
      if (ruled.zone().noGo().holds(mover.moves())
          && inside(ruled.zone(), ruled.area(), deck, x, y)) {
        return ruled.id();
      }
    }
    return null;
  }

  /** Whether nobody may find a crossing of their own that begins or ends at a point. */
  public boolean plain(int deck, double x, double y) {
    for (Ruled ruled : noGos) {
      if (ruled.zone().noGo().crossings() && inside(ruled.zone(), ruled.area(), deck, x, y)) {
        return true;
      }
    }
    return false;
  }

  private boolean inside(Zone zone, Area area, int deck, double x, double y) {
    return area.contains(x, y)
        && switch (zone.height()) {
          case Zone.AnyHeight _ -> true;
          case Zone.Between band -> {
            double height = decks.height(deck, x, y);
            yield height >= band.low() && height <= band.high();
          }
        };
  }

  /** The zones that put a mover elsewhere. */
  public List<ZoneTransfer> transfersFor(Mover mover) {
    return transfers.stream().filter(it -> it.takes(mover)).toList();
  }

  /** Whether a zone takes who stands at a point of a surface. */
  public boolean takes(ZoneTransfer transfer, int deck, double x, double y) {
    return inside(transfer.from(), transfer.area(), deck, x, y);
  }

  /** The crossings of the designer's that a mover may use. */
  public List<Made> madeFor(Mover mover) {
    if (!mover.onFoot()) {
      return List.of();
    }
    Crossing.Users others = mover.player() ? Crossing.Users.AI : Crossing.Users.PLAYERS;
    return made.stream().filter(it -> it.of().open() != others).toList();
  }
}
