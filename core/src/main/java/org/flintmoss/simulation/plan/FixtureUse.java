package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.Script;

/**
 * One use of a fixture, looked up.
 *
 * @param fixture its number
 * @param self its number among props and fixtures
 * @param gate the gate that it turns; -1 for none
 * @param thing the prop or fixture that it changes; -1 for none
 * @param look the look that it gives that; -1 for none
 * @param offeredAs the look while which it is offered; -1 for always
 * @param into the look that the fixture itself comes to have; -1 for none
 * @param turned for how many steps it has that look; 0 for good
 * @param needs the item kind that it needs; -1 for none
 * @param needed how many of what it needs
 * @param gives the item kind that it gives; -1 for none
 * @param given how many of what it gives
 */
public record FixtureUse(
    int fixture,
    int self,
    Fixture of,
    Use use,
    int steps,
    int gate,
    int thing,
    int look,
    int offeredAs,
    int into,
    int turned,
    int needs,
    int needed,
    int gives,
    int given) {
  /** Stands for an item kind or a look that is gone: nobody ever has it, nothing ever looks so. */
  static final int LOST = -2;

  /** Every use of every fixture, fixture by fixture in the order in which they are offered. */
  static FixtureUse[] all(ActorIndex actors, Terms terms) {
    List<FixtureUse> found = new ArrayList<>();
    for (Map.Entry<String, Fixture> entry : actors.mission().fixtures().entrySet()) {
      Ref ref = new Ref(Family.FIXTURES, entry.getKey());
      for (var use : Ordered.sort(actors.mission().usesOf(entry.getValue()))) {
        found.add(of(ref, entry.getValue(), use.getValue(), actors, terms));
      }
    }
    return found.toArray(FixtureUse[]::new);
  }

  private static FixtureUse of(Ref ref, Fixture fixture, Use use, ActorIndex actors, Terms terms) {
    return new FixtureUse(
        actors.index(ref),
        actors.thing(ref),
        fixture,
        use,
        steps(use.seconds().at(terms)),
        gate(actors, use.effect()),
        thing(actors, use.effect()),
        use.effect() instanceof Use.LetsLook lets ? actors.index(lets.look()) : -1,
        offeredAs(actors, use.offered()),
        into(actors, use.turns()),
        use.turns() instanceof Use.IntoFor turn ? steps(turn.seconds().at(terms)) : 0,
        needs(actors, use.needs()),
        needed(use.needs(), terms),
        gives(actors, use.gives()),
        given(use.gives(), terms));
  }

  private static int steps(double seconds) {
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

  private static int thing(ActorIndex actors, Use.Effect effect) {
    return switch (effect) {
      case Use.LetsStand lets -> actors.thing(lets.thing());
      case Use.LetsLook lets -> actors.thing(lets.thing());
      case Use.Nothing _, Use.OpensGate _, Use.ClosesGate _, Use.TurnsGate _ -> -1;
    };
  }

  private static int needs(ActorIndex actors, Use.Need need) {
    int item =
        switch (need) {
          case Use.BareHands _ -> -1;
          case Use.Holding holding -> actors.index(holding.item());
          case Use.Spending spending -> actors.index(spending.item());
        };
    return item < 0 && !(need instanceof Use.BareHands) ? LOST : item;
  }

  private static int gives(ActorIndex actors, Use.Gift gift) {
    return gift instanceof Use.Items items ? actors.index(items.item()) : -1;
  }

  private static int needed(Use.Need need, Terms terms) {
    return switch (need) {
      case Use.BareHands _ -> 0;
      case Use.Holding holding -> (int) holding.count().at(terms);
      case Use.Spending spending -> (int) spending.count().at(terms);
    };
  }

  private static int given(Use.Gift gift, Terms terms) {
    return gift instanceof Use.Items items ? (int) items.count().at(terms) : 0;
  }

  private static int gate(ActorIndex actors, Use.Effect effect) {
    return switch (effect) {
      case Use.Nothing _, Use.LetsStand _, Use.LetsLook _ -> -1;
      case Use.OpensGate opens -> actors.index(opens.gate());
      case Use.ClosesGate closes -> actors.index(closes.gate());
      case Use.TurnsGate turns -> actors.index(turns.gate());
    };
  }
}
