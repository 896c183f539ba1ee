package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.script.Script;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.terrain.Area;

/** Findings on what zones do: to nobody, never, into themselves, out of themselves again. */
final class WorkingChecks {
  private final Mission mission;
  private final Script script;
  private final List<Finding> findings = new ArrayList<>();

  WorkingChecks(Mission mission, Script script) {
    this.mission = mission;
    this.script = script;
  }

  List<Finding> findings() {
    List<String> ids = List.copyOf(mission.zones().keySet());
    for (ZoneWorking it : script.workings()) {
      if (!it.back()) {
        working(new Ref(Family.ZONES, ids.get(it.zone())), it);
      }
    }
    return findings;
  }

  private void working(Ref ref, ZoneWorking it) {
    Zone zone = mission.zones().get(ref.id());
    String pointer = "/does/" + it.key();
    // Who carries what is not known beforehand.
    if (none(it.takes()) && it.of().work().toPeople()) {
      String says = "%s does something to nobody: those whom it names are none of those it takes.";
      find(Rule.ZONE_TAKES_NOBODY, ref, pointer + "/whom", says.formatted(zone.name()));
    }
    if (it.program() >= 0 && script.programs().get(it.program()).happens()) {
      String says = "%s is to act while something happens, which is over at once: say what holds.";
      find(Rule.ZONE_ACTS_AT_A_MOMENT, ref, pointer + "/when", says.formatted(zone.name()));
    }
    switch (it.of().work()) {
      case Work.Transfers(Place.AtZone to, _, _, _, _) when to.zone().equals(ref) -> {
        String says = "%s transfers into itself. Choose where else it leads.";
        find(Rule.TRANSFERS_INTO_ITSELF, ref, pointer + "/work/to", says.formatted(zone.name()));
      }
      case Work.PushesAlong along
          when mission.find(along.route()) instanceof Route route
              && route.waypoints().size() < 2 -> {
        String says = "%s pushes along %s, which has fewer than two waypoints.";
        find(
            Rule.PUSH_WITHOUT_LINE,
            ref,
            pointer + "/work/route",
            says.formatted(zone.name(), route.name()));
      }
      case Work.BringsBack _ -> bringsBack(ref, zone, pointer);
      default -> {}
    }
  }

  private static boolean none(boolean[] takes) {
    for (boolean each : takes) {
      if (each) {
        return false;
      }
    }
    return true;
  }

  /** Who is brought back to outside of a boundary is brought back there again and again. */
  private void bringsBack(Ref ref, Zone zone, String pointer) {
    if (!(zone.rides() instanceof Zone.Stands)) {
      return;
    }
    Area area = Area.of(zone.shape());
    for (PlayerStart start : mission.starts().values()) {
      Position at = beginsAt(start);
      if (!area.contains(at.x(), at.y())) {
        String says = "%s brings %s back to where they begin, which lies outside it.";
        find(Rule.BROUGHT_BACK_OUTSIDE, ref, pointer, says.formatted(zone.name(), start.name()));
      }
    }
    for (Zone other : mission.zones().values()) {
      Position at = other.shape().centre();
      boolean back = other.rides() instanceof Zone.Stands && isCheckpoint(other);
      if (back && !area.contains(at.x(), at.y())) {
        String says = "%s brings players back to %s, a checkpoint that lies outside it.";
        find(Rule.BROUGHT_BACK_OUTSIDE, ref, pointer, says.formatted(zone.name(), other.name()));
      }
    }
  }

  private Position beginsAt(PlayerStart start) {
    return start.begins() instanceof PlayerStart.InZone in
            && mission.find(in.zone()) instanceof Zone zone
        ? zone.shape().centre()
        : start.position();
  }

  private static boolean isCheckpoint(Zone zone) {
    return zone.does().values().stream().anyMatch(it -> it.work() instanceof Work.Checkpoint);
  }

  private void find(Rule rule, Ref thing, String pointer, String says) {
    String at = "/" + thing.family().key() + "/" + thing.id() + pointer;
    findings.add(new Finding(rule, Page.GROUND, thing, at, says));
  }
}
