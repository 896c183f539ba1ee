package org.flintmoss.check.way;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.Falls;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.reach.Leaks;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Tide;

/** Findings on crossings, no-go zones, and on boundaries that players can leave. */
public final class WayChecks {
  private final Mission mission;
  private final Land land;
  private final double water;
  private final List<Finding> findings = new ArrayList<>();

  /** Checks of a mission on its land. */
  public WayChecks(Mission mission, Land land) {
    this.mission = mission;
    this.land = land;
    water = new Tide(mission.setting()).at(mission.setting().startTime());
  }

  /** What was found about routes and crossings. */
  public List<Finding> findings() {
    mission.crossings().forEach(this::crossing);
    mission.zones().forEach(this::noGo);
    mission.units().forEach(this::held);
    leaks();
    return findings;
  }

  private void find(Rule rule, Family family, String id, String pointer, String says) {
    Ref thing = new Ref(family, id);
    String at = "/" + family.key() + "/" + id + pointer;
    findings.add(new Finding(rule, Page.GROUND, thing, at, says));
  }

  private void crossing(String id, Crossing crossing) {
    if (crossing.from().equals(crossing.to()) && crossing.fromLevel().equals(crossing.toLevel())) {
      find(
          Rule.CROSSING_LEADS_NOWHERE,
          Family.CROSSINGS,
          id,
          "/to",
          "%s leads nowhere: it ends where it begins. Drag one end away."
              .formatted(crossing.name()));
      return;
    }
    boolean somebody = mission.kinds().values().stream().anyMatch(it -> Mover.of(it).onFoot());
    if (!somebody) {
      find(
          Rule.CROSSING_FOR_NOBODY,
          Family.CROSSINGS,
          id,
          "",
          "Nobody can use %s: no kind here goes on foot.".formatted(crossing.name()));
      return;
    }
    end(id, crossing, "from", crossing.from(), crossing.fromLevel());
    end(id, crossing, "to", crossing.to(), crossing.toLevel());
    if (crossing.manner() == Crossing.Manner.DROP) {
      fall(id, crossing);
    }
  }

  /** A drop that kills somebody of a kind who has all their health. */
  private void fall(String id, Crossing crossing) {
    double from = height(crossing.from(), crossing.fromLevel());
    double deep = from - height(crossing.to(), crossing.toLevel());
    mission.kinds().values().stream()
        .filter(it -> Mover.of(it).onFoot() && Falls.harm(it, deep) >= it.health())
        .findFirst()
        .ifPresent(
            kind ->
                find(
                    Rule.CROSSING_KILLS,
                    Family.CROSSINGS,
                    id,
                    "/manner",
                    String.format(
                        Locale.ROOT,
                        "%s is a fall of %.1f m, which kills a %s. Make it less deep, or have them climb.",
                        crossing.name(),
                        deep,
                        kind.name().toLowerCase(Locale.ROOT))));
  }

  private double height(Position at, Level level) {
    return land.decks().height(land.decks().under(level, at), at.x(), at.y());
  }

  private void end(String id, Crossing crossing, String end, Position at, Level level) {
    int deck = land.decks().under(level, at);
    boolean stands =
        mission.kinds().values().stream()
            .map(Mover::of)
            .filter(Mover::onFoot)
            .anyMatch(mover -> stands(mover, deck, at));
    if (!stands) {
      String what = end.equals("from") ? "begins" : "ends";
      find(
          Rule.CROSSING_ENDS_IN_NOTHING,
          Family.CROSSINGS,
          id,
          "/" + end,
          "%s %s where nobody can stand. Drag that end to where there is room."
              .formatted(crossing.name(), what));
    }
  }

  private boolean stands(Mover mover, int deck, Position at) {
    double feet =
        deck == Decks.GROUND ? Obstacles.ON_THE_GROUND : land.decks().height(deck, at.x(), at.y());
    return land.decks().room(deck, at.x(), at.y(), mover.low())
        && land.obstacles()
            .clear(at.x(), at.y(), mover.radius(), feet, mover.low(), land.obstacles().first());
  }

  private void noGo(String id, Zone zone) {
    boolean holds = !zone.noGo().equals(Zone.NoGo.NOBODY);
    if (holds && !(zone.rides() instanceof Zone.Stands)) {
      find(
          Rule.NO_GO_RIDES,
          Family.ZONES,
          id,
          "/noGo",
          "%s rides on somebody, and so holds nobody back. Let it stand still."
              .formatted(zone.name()));
    }
  }

  private void held(String id, Unit unit) {
    if (!(mission.find(unit.kind()) instanceof Kind kind) || !unit.inPlay()) {
      return;
    }
    double x = unit.position().x();
    double y = unit.position().y();
    int deck = land.stands(Mover.of(kind), unit.level(), x, y);
    String zone = land.noGoAreas().holds(Mover.of(kind), deck, x, y);
    if (zone != null) {
      find(
          Rule.STANDS_IN_NO_GO,
          Family.UNITS,
          id,
          "/position",
          "%s stands in %s, which is no-go for it. Move it out, or let it in."
              .formatted(unit.name(), mission.zones().get(zone).name()));
    }
  }

  private void leaks() {
    List<Map.Entry<String, Zone>> bounding =
        mission.zones().entrySet().stream().filter(it -> it.getValue().boundary()).toList();
    if (bounding.isEmpty()) {
      return;
    }
    Leaks.Bounds bounds = Leaks.Bounds.of(bounding.stream().map(Map.Entry::getValue).toList());
    for (PlayerStart start : mission.starts().values()) {
      if (mission.find(start.kind()) instanceof Kind kind) {
        leaks(bounding.getFirst().getKey(), start, kind, bounds);
      }
    }
  }

  private void leaks(String zone, PlayerStart start, Kind kind, Leaks.Bounds bounds) {
    Mover mover = Mover.of(kind, true);
    NavigationMap map = NavigationMap.of(land, mover, water);
    double x = start.position().x();
    double y = start.position().y();
    int deck = land.stands(mover, start.level(), x, y);
    List<Leaks.Leak> leaks = Leaks.of(map, Reach.from(map, deck, x, y, kind.walk()), bounds);
    if (!leaks.isEmpty()) {
      Leaks.Leak first = leaks.getFirst();
      String how =
          first.manner() == null
              ? "on foot"
              : "by a " + first.manner().name().toLowerCase(Locale.ROOT);
      String more = leaks.size() == 1 ? "" : ", and at %d more places".formatted(leaks.size() - 1);
      find(
          Rule.LEAVES_BOUNDARY,
          Family.ZONES,
          zone,
          "/does",
          "%s can leave the boundary %s at E %.0f N %.0f%s."
              .formatted(start.name(), how, first.x(), first.y(), more));
    }
  }
}
