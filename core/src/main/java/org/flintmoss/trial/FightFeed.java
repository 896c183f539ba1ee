package org.flintmoss.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.combat.Outcome;
import org.flintmoss.simulation.state.Causes;

/** What the player in a seat sees of fights: who aims at whom, and how blows and shots come out. */
final class FightFeed {
  private static final Outcome[] OUTCOMES = Outcome.values();

  private final World world;
  private final int unit;
  private final Known known;

  FightFeed(World world, int seat) {
    this.world = world;
    unit = world.plan().seat(seat);
    known = new Known(world, seat);
  }

  /** Shows everybody's fights, as to a designer, or only those that the seat may know of. */
  void showEverything(boolean shown) {
    known.showEverything(shown);
  }

  /**
   * The blows and shots among entries of the log. One from out of sight is told to the player that
   * it was meant for.
   */
  List<TrialMessage.Struck> strikes(List<Causes.Entry> entries) {
    List<TrialMessage.Struck> strikes = new ArrayList<>();
    for (Causes.Entry entry : entries) {
      if (entry.kind() == Causes.Kind.STRUCK) {
        int by = known.knows(entry.subject()) ? entry.subject() : -1;
        int at = entry.detail() >= 0 && known.knows(entry.detail()) ? entry.detail() : -1;
        if (by >= 0 || at == unit) {
          strikes.add(new TrialMessage.Struck(entry.step(), by, at, OUTCOMES[entry.through()]));
        }
      }
    }
    return strikes;
  }

  /** Who aims at whom now. */
  TrialMessage.Aims aims() {
    return new TrialMessage.Aims(
        IntStream.range(0, world.plan().units())
            .mapToObj(by -> new TrialMessage.Aim(by, world.read().aimsAt(by)))
            .filter(it -> it.at() >= 0 && known.knows(it.by()) && known.knows(it.at()))
            .toList());
  }
}
