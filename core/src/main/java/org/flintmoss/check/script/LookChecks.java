package org.flintmoss.check.script;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.catalogue.Breaks;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Begins;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;

/** Findings on looks that a thing's kind does not have: what names one does nothing. */
public final class LookChecks {
  private final Mission mission;
  private final List<Finding> findings = new ArrayList<>();

  private LookChecks(Mission mission) {
    this.mission = mission;
  }

  /** What was found about looks. */
  public static List<Finding> of(Mission mission) {
    LookChecks checks = new LookChecks(mission);
    mission.thingKinds().forEach(checks::kind);
    mission.props().forEach((id, it) -> checks.begins(new Ref(Family.PROPS, id), it));
    mission.fixtures().forEach(checks::fixture);
    mission.events().forEach((id, event) -> ScriptWalk.of(id, event, checks.new Sentences()));
    return checks.findings;
  }

  private void kind(String id, ThingKind kind) {
    Ref ref = new Ref(Family.THING_KINDS, id);
    String at = "/thingKinds/" + id;
    Set<Ref> seen = new HashSet<>();
    for (Appearance it : kind.appearances()) {
      if (!seen.add(it.look())) {
        find(
            Rule.LOOK_STANDS_TWICE,
            ref,
            at + "/looks",
            "%s has the look %s twice; only the first is ever seen."
                .formatted(kind.name(), name(it.look())));
      }
    }
    kind.uses().forEach((use, it) -> use(ref, kind, at + "/uses/" + use, it));
    if (kind.breaks() instanceof Breaks.WhenHarmed breaks) {
      if (breaks.cracks() instanceof Breaks.Marked marked) {
        lacks(ref, kind, marked.look(), at + "/breaks/cracks/look");
      }
      switch (breaks.leaves()) {
        case Breaks.Nothing _ -> {}
        case Breaks.Debris debris -> lacks(ref, kind, debris.look(), at + "/breaks/leaves/look");
        case Breaks.DebrisFor debris -> lacks(ref, kind, debris.look(), at + "/breaks/leaves/look");
      }
      effect(ref, at + "/breaks/effect", breaks.effect());
    }
  }

  private void fixture(String id, Fixture fixture) {
    Ref ref = new Ref(Family.FIXTURES, id);
    begins(ref, fixture);
    if (mission.find(fixture.kind()) instanceof ThingKind kind) {
      fixture.uses().forEach((use, it) -> use(ref, kind, "/fixtures/" + id + "/uses/" + use, it));
    }
  }

  private void begins(Ref ref, Upright thing) {
    if (thing.begins() instanceof Begins.WithLook begins
        && mission.find(thing.kind()) instanceof ThingKind kind) {
      String at = "/" + ref.family().key() + "/" + ref.id() + "/begins/look";
      lacks(ref, kind, begins.look(), at);
    }
  }

  private void use(Ref ref, ThingKind kind, String at, Use use) {
    if (use.offered() instanceof Use.WhileLooks looks) {
      lacks(ref, kind, looks.look(), at + "/offered/look");
    }
    switch (use.turns()) {
      case Use.Stays _, Use.Goes _ -> {}
      case Use.Into into -> lacks(ref, kind, into.look(), at + "/turns/look");
      case Use.IntoFor into -> lacks(ref, kind, into.look(), at + "/turns/look");
    }
    effect(ref, at + "/effect", use.effect());
  }

  private void effect(Ref ref, String at, Use.Effect effect) {
    if (effect instanceof Use.LetsLook lets) {
      of(ref, lets.thing(), lets.look(), at + "/look");
    }
  }

  /** What the script says of looks. */
  private final class Sentences implements ScriptWalk.Visitor {
    @Override
    public void condition(String pointer, Condition condition) {
      switch (condition) {
        case Condition.ThingLooks is -> of(null, is.thing(), is.look(), pointer + "/look");
        case Happening.ComesToLook is -> of(null, is.thing(), is.look(), pointer + "/look");
        default -> {}
      }
    }

    @Override
    public void action(String pointer, Action action) {
      if (action instanceof Action.LetLook let) {
        of(null, let.thing(), let.look(), pointer + "/look");
      }
    }
  }

  private void of(Ref holder, Ref thing, Ref look, String at) {
    if (mission.find(thing) instanceof Upright found
        && mission.find(found.kind()) instanceof ThingKind kind) {
      lacks(holder == null ? Page.holder(at) : holder, kind, look, at);
    }
  }

  private void lacks(Ref ref, ThingKind kind, Ref look, String at) {
    if (mission.find(look) != null && kind.number(look) < 0) {
      find(
          Rule.LOOK_NOT_OF_KIND,
          ref,
          at,
          "%s has no look %s; it has %s.".formatted(kind.name(), name(look), looks(kind)));
    }
  }

  private String looks(ThingKind kind) {
    return String.join(", ", kind.appearances().stream().map(it -> name(it.look())).toList());
  }

  private String name(Ref look) {
    return mission.find(look) == null ? "that is not chosen" : mission.find(look).name();
  }

  private void find(Rule rule, Ref ref, String at, String says) {
    findings.add(new Finding(rule, Page.of(at), ref, at, says));
  }
}
