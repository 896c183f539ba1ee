package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Hand;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.Script;

/**
 * One use of a fixture, or of a gate that is opened by hand, looked up. It reaches from one point
 * to another, which for a fixture are the same.
 *
 * @param owner the number of the fixture; of a gate its number beyond all fixtures
 * @param fixture the number of the fixture; -1 for a gate
 * @param self the number of the fixture among props and fixtures; -1 for a gate
 * @param name of the fixture or gate
 * @param id of the use within its fixture; empty for those of gates
 * @param mass what has to weigh on the fixture, or less; 0 for one that is done by hand
 * @param effect what it does to other things
 * @param offeredAs the look while which it is offered; -1 for always
 * @param into the look that the fixture itself comes to have; -1 for none
 * @param turned for how many steps it has that look, or the gate is open; 0 for good
 * @param needs the item kind that it needs; -1 for none
 * @param needed how many of what it needs
 * @param gives the item kind that it gives; -1 for none
 * @param given how many of what it gives
 */
public record FixtureUse(
    int owner,
    int fixture,
    int self,
    String name,
    String id,
    Position from,
    Position to,
    Level level,
    Use use,
    int steps,
    double mass,
    ThingEffect effect,
    int offeredAs,
    int into,
    int turned,
    int needs,
    int needed,
    int gives,
    int given) {
  /** Stands for an item kind or a look that is gone: nobody ever has it, nothing ever looks so. */
  static final int LOST = -2;

  /** Every use of every fixture in the order in which they are offered, then those of gates. */
  static FixtureUse[] all(ActorIndex actors, Terms terms) {
    List<FixtureUse> found = new ArrayList<>();
    for (Map.Entry<String, Fixture> entry : actors.mission().fixtures().entrySet()) {
      Ref ref = new Ref(Family.FIXTURES, entry.getKey());
      for (var use : Ordered.sort(actors.mission().usesOf(entry.getValue()))) {
        found.add(of(ref, entry.getValue(), use.getKey(), use.getValue(), actors, terms));
      }
    }
    for (Map.Entry<String, Gate> entry : actors.mission().gates().entrySet()) {
      if (entry.getValue().hand() instanceof Hand.Opened hand) {
        Ref ref = new Ref(Family.GATES, entry.getKey());
        found.add(of(ref, entry.getValue(), hand, "Open", new Use.OpensGate(ref), actors, terms));
        found.add(of(ref, entry.getValue(), hand, "Close", new Use.ClosesGate(ref), actors, terms));
      }
    }
    return found.toArray(FixtureUse[]::new);
  }

  private static FixtureUse of(
      Ref ref, Fixture fixture, String id, Use use, ActorIndex actors, Terms terms) {
    return new FixtureUse(
        actors.index(ref),
        actors.index(ref),
        actors.thing(ref),
        fixture.name(),
        id,
        fixture.position(),
        fixture.position(),
        fixture.level(),
        use,
        steps(use.seconds().at(terms)),
        mass(use.made(), terms),
        ThingEffect.of(use.effect(), actors, terms),
        offeredAs(actors, use.offered()),
        into(actors, use.turns()),
        use.turns() instanceof Use.IntoFor turn ? steps(turn.seconds().at(terms)) : 0,
        needs(actors, use.needs()),
        needed(use.needs(), terms),
        gives(actors, use.gives()),
        given(use.gives(), terms));
  }

  private static FixtureUse of(
      Ref ref,
      Gate gate,
      Hand.Opened hand,
      String verb,
      Use.Effect effect,
      ActorIndex actors,
      Terms terms) {
    Use use =
        new Use(
            "a0",
            verb,
            new Use.ByHand(),
            hand.open(),
            new Use.Always(),
            hand.seconds(),
            0,
            Use.Counted.ALL,
            hand.noise(),
            hand.needs(),
            new Use.Empty(),
            effect,
            new Use.Stays(),
            effect instanceof Use.OpensGate,
            "");
    return new FixtureUse(
        actors.mission().fixtures().size() + actors.index(ref),
        -1,
        -1,
        gate.name(),
        "",
        gate.from(),
        gate.to(),
        gate.level(),
        use,
        steps(use.seconds().at(terms)),
        0,
        ThingEffect.of(effect, actors, terms),
        -1,
        -1,
        effect instanceof Use.OpensGate ? steps(hand.shuts()) : 0,
        needs(actors, use.needs()),
        needed(use.needs(), terms),
        -1,
        0);
  }

  /** The middle of what it is a use of. */
  public Position middle() {
    return new Position((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
  }

  private static double mass(Use.Made made, Terms terms) {
    return switch (made) {
      case Use.ByHand _ -> 0;
      case Use.Pressed pressed -> pressed.mass().at(terms);
      case Use.Eased eased -> eased.mass().at(terms);
    };
  }

  static int steps(double seconds) {
    return seconds == 0 ? 0 : Script.steps(seconds);
  }

  /** A use that is offered while a look that is gone is never offered. */
  private static int offeredAs(ActorIndex actors, Use.Offered offered) {
    if (!(offered instanceof Use.WhileLooks looks)) {
      return -1;
    }
    int look = actors.index(looks.look());
    return look < 0 ? LOST : look;
  }

  private static int into(ActorIndex actors, Use.Turn turn) {
    return switch (turn) {
      case Use.Stays _, Use.Goes _ -> -1;
      case Use.Into into -> actors.index(into.look());
      case Use.IntoFor into -> actors.index(into.look());
    };
  }

  static int needs(ActorIndex actors, Use.Need need) {
    int item =
        switch (need) {
          case Use.BareHands _ -> -1;
          case Use.Holding holding -> actors.index(holding.item());
          case Use.Spending spending -> actors.index(spending.item());
        };
    return item < 0 && !(need instanceof Use.BareHands) ? LOST : item;
  }

  static int gives(ActorIndex actors, Use.Gift gift) {
    return gift instanceof Use.Items items ? actors.index(items.item()) : -1;
  }

  static int needed(Use.Need need, Terms terms) {
    return switch (need) {
      case Use.BareHands _ -> 0;
      case Use.Holding holding -> (int) holding.count().at(terms);
      case Use.Spending spending -> (int) spending.count().at(terms);
    };
  }

  static int given(Use.Gift gift, Terms terms) {
    return gift instanceof Use.Items items ? (int) items.count().at(terms) : 0;
  }
}
