package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Fixture;
import org.flintmoss.mission.Ordered;
import org.flintmoss.script.Cast;
import org.flintmoss.script.Script;

/**
 * One use of a fixture, looked up.
 *
 * @param fixture its number
 * @param slot the place of the use among those of the fixture, from 1
 * @param gate the gate that it turns; -1 for none
 * @param needs the item kind that it needs; -1 for none
 * @param gives the item kind that it gives; -1 for none
 */
record Handle(
    int fixture, int slot, Fixture of, Fixture.Use use, int steps, int gate, int needs, int gives) {
  /** The item kind of a need that names nothing: nobody ever has it. */
  static final int LOST = -2;

  /** Every use of every fixture. */
  static Handle[] all(Cast cast) {
    List<Handle> found = new ArrayList<>();
    int number = 0;
    for (Fixture fixture : cast.mission().fixtures().values()) {
      int slot = 1;
      for (Map.Entry<String, Fixture.Use> entry : Ordered.sort(fixture.uses())) {
        Fixture.Use use = entry.getValue();
        int steps = use.seconds() == 0 ? 0 : Script.steps(use.seconds());
        found.add(
            new Handle(
                number,
                slot++,
                fixture,
                use,
                steps,
                gate(cast, use.effect()),
                needs(cast, use.needs()),
                gives(cast, use.gives())));
      }
      number++;
    }
    return found.toArray(Handle[]::new);
  }

  private static int needs(Cast cast, Fixture.Need need) {
    int item =
        switch (need) {
          case Fixture.BareHands _ -> -1;
          case Fixture.Holding holding -> cast.index(holding.item());
          case Fixture.Spending spending -> cast.index(spending.item());
        };
    return item < 0 && !(need instanceof Fixture.BareHands) ? LOST : item;
  }

  private static int gives(Cast cast, Fixture.Gift gift) {
    return gift instanceof Fixture.Items items ? cast.index(items.item()) : -1;
  }

  /** How many of what it needs. */
  int needed() {
    return switch (use.needs()) {
      case Fixture.BareHands _ -> 0;
      case Fixture.Holding holding -> (int) holding.count();
      case Fixture.Spending spending -> (int) spending.count();
    };
  }

  private static int gate(Cast cast, Fixture.Effect effect) {
    return switch (effect) {
      case Fixture.Nothing _ -> -1;
      case Fixture.OpensGate opens -> cast.index(opens.gate());
      case Fixture.ClosesGate closes -> cast.index(closes.gate());
      case Fixture.TurnsGate turns -> cast.index(turns.gate());
    };
  }
}
