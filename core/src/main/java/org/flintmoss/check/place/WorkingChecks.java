package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
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
    for (Map.Entry<String, Zone> entry : mission.zones().entrySet()) {
      for (Map.Entry<String, Working> it : Ordered.sort(entry.getValue().does())) {
        String pointer = "/does/" + it.getKey();
        working(new Ref(Family.ZONES, entry.getKey()), entry.getValue(), it.getValue(), pointer);
      }
    }
    return findings;
  }

  private void working(Ref ref, Zone zone, Working working, String pointer) {
    if (takesNobody(working)) {
      String says = "%s does something to nobody: those whom it names are none of those it takes.";
      find(Rule.ZONE_TAKES_NOBODY, ref, pointer + "/whom", says.formatted(zone.name()));
    }
    int program = script.program(ZoneWorking.event(ref.id(), pointer.substring("/does/".length())));
    if (program >= 0 && script.programs().get(program).happens()) {
      String says = "%s is to act while something happens, which is over at once: say what holds.";
      find(Rule.ZONE_ACTS_AT_A_MOMENT, ref, pointer + "/when", says.formatted(zone.name()));
    }
    switch (working.work()) {
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

  /** Whether none of the cast is ever taken; who carries what is not known beforehand. */
  private boolean takesNobody(Working working) {
    return script.workings().stream()
        .filter(it -> it.of().equals(working))
        .allMatch(it -> none(it.takes()));
  }

  private static boolean none(boolean[] takes) {
    for (boolean each : takes) {
      if (each) {
        return false;
      }
    }
    return true;
  }

  /** Who has no checkpoint is brought to their start: outside, they are brought there again. */
  private void bringsBack(Ref ref, Zone zone, String pointer) {
    Area area = Area.of(zone.shape());
    for (PlayerStart start : mission.starts().values()) {
      Position at = start.position();
      if (zone.rides() instanceof Zone.Stands && !area.contains(at.x(), at.y())) {
        String says = "%s brings %s back to where they begin, which lies outside it.";
        find(Rule.BROUGHT_BACK_OUTSIDE, ref, pointer, says.formatted(zone.name(), start.name()));
      }
    }
  }

  private void find(Rule rule, Ref thing, String pointer, String says) {
    String at = "/" + thing.family().key() + "/" + thing.id() + pointer;
    findings.add(new Finding(rule, Page.GROUND, thing, at, says));
  }
}
