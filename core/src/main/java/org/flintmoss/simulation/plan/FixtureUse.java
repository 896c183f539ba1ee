package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.Script;

/**
 * One use of a fixture, looked up.
 *
 * @param fixture its number
 * @param slot the place of the use among those of the fixture, from 1
 * @param gate the gate that it turns; -1 for none
 * @param prop the prop that it has stand there or not; -1 for none
 * @param needs the item kind that it needs; -1 for none
 * @param needed how many of what it needs
 * @param gives the item kind that it gives; -1 for none
 * @param given how many of what it gives
 */
public record FixtureUse(
    int fixture,
    int slot,
    Fixture of,
    Fixture.Use use,
    int steps,
    int gate,
    int prop,
    int needs,
    int needed,
    int gives,
    int given) {
  /** The item kind of a need that names nothing: nobody ever has it. */
  static final int LOST = -2;

  /** Every use of every fixture. */
  static FixtureUse[] all(ActorIndex actors, Terms terms) {
    List<FixtureUse> found = new ArrayList<>();
    int number = 0;
    for (Fixture fixture : actors.mission().fixtures().values()) {
      int slot = 1;
      for (Map.Entry<String, Fixture.Use> entry : Ordered.sort(fixture.uses())) {
        Fixture.Use use = entry.getValue();
        double seconds = use.seconds().at(terms);
        found.add(
            new FixtureUse(
                number,
                slot++,
                fixture,
                use,
                seconds == 0 ? 0 : Script.steps(seconds),
                gate(actors, use.effect()),
                use.effect() instanceof Fixture.LetsStand lets ? actors.index(lets.prop()) : -1,
                needs(actors, use.needs()),
                needed(use.needs(), terms),
                gives(actors, use.gives()),
                given(use.gives(), terms)));
      }
      number++;
    }
    return found.toArray(FixtureUse[]::new);
  }

  private static int needs(ActorIndex actors, Fixture.Need need) {
    int item =
        switch (need) {
          case Fixture.BareHands _ -> -1;
          case Fixture.Holding holding -> actors.index(holding.item());
          case Fixture.Spending spending -> actors.index(spending.item());
        };
    return item < 0 && !(need instanceof Fixture.BareHands) ? LOST : item;
  }

  private static int gives(ActorIndex actors, Fixture.Gift gift) {
    return gift instanceof Fixture.Items items ? actors.index(items.item()) : -1;
  }

  private static int needed(Fixture.Need need, Terms terms) {
    return switch (need) {
      case Fixture.BareHands _ -> 0;
      case Fixture.Holding holding -> (int) holding.count().at(terms);
      case Fixture.Spending spending -> (int) spending.count().at(terms);
    };
  }

  private static int given(Fixture.Gift gift, Terms terms) {
    return gift instanceof Fixture.Items items ? (int) items.count().at(terms) : 0;
  }

  private static int gate(ActorIndex actors, Fixture.Effect effect) {
    return switch (effect) {
      case Fixture.Nothing _, Fixture.LetsStand _ -> -1;
      case Fixture.OpensGate opens -> actors.index(opens.gate());
      case Fixture.ClosesGate closes -> actors.index(closes.gate());
      case Fixture.TurnsGate turns -> actors.index(turns.gate());
    };
  }
}
