package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.check.script.ScriptWalk;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Hold;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.ground.Atop;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.script.Roster;
import org.flintmoss.simulation.carriage.Holding;
import org.flintmoss.terrain.Movables;

/**
 * Findings on loose things and on those that stand on others: what stands on nothing, what nobody
 * can lift, and what is told of things that stay where they are.
 */
public final class LoadChecks {
  /** What is lower bears nothing, metres. */
  private static final double NOTHING = 1e-6;

  private final Mission mission;
  private final List<Finding> findings = new ArrayList<>();

  private LoadChecks(Mission mission) {
    this.mission = mission;
  }

  /** What was found about loads and stacks. */
  public static List<Finding> of(Mission mission, Footing footing) {
    LoadChecks checks = new LoadChecks(mission);
    for (Family family : List.of(Family.PROPS, Family.FIXTURES)) {
      for (var entry : mission.of(family).entrySet()) {
        checks.stack(new Ref(family, entry.getKey()), (Upright) entry.getValue(), footing);
      }
    }
    mission.thingKinds().forEach(checks::kind);
    checks.sources();
    mission.events().forEach((id, event) -> ScriptWalk.of(id, event, checks.new Sentences()));
    return checks.findings;
  }

  /** Where what a thing stands on is not under it, it stands on the surface. */
  private void stack(Ref ref, Upright thing, Footing footing) {
    if (!(thing.atop() instanceof Atop.Upon upon) || mission.find(upon.thing()) == null) {
      return;
    }
    Movables movables = footing.movables();
    int movable = movables.number(ref);
    double foot = movables.foot(movable);
    double surface = footing.surface(thing.level(), thing.position());
    if (Math.abs(foot - surface) < NOTHING) {
      find(
          Rule.STANDS_ON_NOTHING,
          Page.GROUND,
          ref,
          "/" + ref.family().key() + "/" + ref.id() + "/atop",
          "%s is to stand on %s, which is not under it or bears nothing; it begins on the surface."
              .formatted(thing.name(), mission.find(upon.thing()).name()));
    }
  }

  private void kind(String id, ThingKind kind) {
    if (!(kind.hold() instanceof Hold.Loose loose) || loose.carried() == Hold.Carried.NOBODY) {
      return;
    }
    double most =
        mission.kinds().values().stream()
            .filter(Kind::hands)
            .mapToDouble(it -> it.pushes() * Holding.LIFTS)
            .max()
            .orElse(0);
    int hands = loose.carried() == Hold.Carried.TWO ? 2 : 1;
    if (loose.mass() > most * hands) {
      find(
          Rule.NOBODY_LIFTS_IT,
          Page.CATALOGUE,
          new Ref(Family.THING_KINDS, id),
          "/thingKinds/" + id + "/hold/mass",
          "%s is carried by %s, but weighs %.0f kg; nobody in the catalogue lifts more than %.0f kg."
              .formatted(kind.name(), hands == 2 ? "two" : "one", loose.mass(), most * hands));
    }
  }

  private void sources() {
    double all = 0;
    for (Map.Entry<String, Zone> zone : mission.zones().entrySet()) {
      for (var it : zone.getValue().does().entrySet()) {
        if (it.getValue().work() instanceof Work.BringsForth work) {
          Ref ref = new Ref(Family.ZONES, zone.getKey());
          String at = "/zones/" + zone.getKey() + "/does/" + it.getKey() + "/work/thingKind";
          all += work.most().value();
          if (mission.find(work.thingKind()) instanceof ThingKind kind && !loose(kind)) {
            String says = "%s cannot bring forth %s, which stays where it stands: make it loose.";
            find(
                Rule.NOT_LOOSE,
                Page.of(at),
                ref,
                at,
                says.formatted(zone.getValue().name(), kind.name()));
          } else if (all > Roster.MOST_THINGS) {
            String says =
                "%s brings forth more: a mission has places for %d things at once in all.";
            find(
                Rule.TOO_MANY_BROUGHT_FORTH,
                Page.of(at),
                ref,
                at,
                says.formatted(zone.getValue().name(), Roster.MOST_THINGS));
          }
        }
      }
    }
  }

  private static boolean loose(ThingKind kind) {
    return kind.hold() instanceof Hold.Loose;
  }

  private static boolean carried(ThingKind kind) {
    return kind.hold() instanceof Hold.Loose it && it.carried() != Hold.Carried.NOBODY;
  }

  /** What the script says of loose things. */
  private final class Sentences implements ScriptWalk.Visitor {
    @Override
    public void condition(String pointer, Condition condition) {
      switch (condition) {
        case Condition.ThingCarried is -> carried(is.thing(), pointer);
        case Condition.CarriesThing is -> carried(is.thing(), pointer);
        case Happening.LiftsThing is -> carried(is.thing(), pointer);
        case Happening.LetsGo is -> carried(is.thing(), pointer);
        default -> {}
      }
    }

    @Override
    public void action(String pointer, Action action) {
      switch (action) {
        case Action.PutThing put -> loose(put.thing(), pointer);
        case Action.Fling fling -> loose(fling.thing(), pointer);
        default -> {}
      }
    }

    private void carried(Ref thing, String at) {
      if (kindOf(thing) != null && !LoadChecks.carried(kindOf(thing))) {
        tell(
            Rule.NOT_CARRIED, thing, at, "is carried by nobody: say in the catalogue by how many.");
      }
    }

    private void loose(Ref thing, String at) {
      if (kindOf(thing) != null && !LoadChecks.loose(kindOf(thing))) {
        tell(Rule.NOT_LOOSE, thing, at, "stays where it stands: make its kind loose.");
      }
    }

    private void tell(Rule rule, Ref thing, String at, String says) {
      String pointer = at + "/thing";
      String name = mission.find(thing).name();
      find(rule, Page.of(pointer), Page.holder(pointer), pointer, name + " " + says);
    }
  }

  private ThingKind kindOf(Ref thing) {
    return mission.find(thing) instanceof Upright it
            && mission.find(it.kind()) instanceof ThingKind kind
        ? kind
        : null;
  }

  private void find(Rule rule, Page page, Ref ref, String at, String says) {
    findings.add(new Finding(rule, page, ref, at, says));
  }
}
