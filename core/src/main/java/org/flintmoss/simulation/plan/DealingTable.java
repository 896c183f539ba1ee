package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.flintmoss.mission.catalogue.Dealing;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.unit.StandingActor;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.ActorIndex;

/** What can be done with people, looked up, and with whom. */
public final class DealingTable {
  /**
   * A dealing, looked up.
   *
   * @param steps how long it takes
   * @param needs the item kind that it needs; -1 for none
   * @param needed how many of what it needs
   * @param gives the item kind that it gives; -1 for none
   * @param given how many of what it gives
   * @param effect what it does to things
   * @param points of health that it takes, or gives back below 0
   */
  public record Looked(
      Dealing of,
      int steps,
      int needs,
      int needed,
      int gives,
      int given,
      ThingEffect effect,
      double points) {}

  private final List<Looked> all = new ArrayList<>();
  private final int[][] ofUnits;
  private final int most;

  DealingTable(ActorIndex actors, Terms terms) {
    for (Dealing dealing : actors.mission().dealings().values()) {
      all.add(looked(dealing, actors, terms));
    }
    ofUnits =
        actors.members().stream()
            .map(member -> numbers(member.standing(), actors))
            .toArray(int[][]::new);
    most = Arrays.stream(ofUnits).mapToInt(it -> it.length).max().orElse(0);
  }

  private static Looked looked(Dealing dealing, ActorIndex actors, Terms terms) {
    return new Looked(
        dealing,
        FixtureUse.steps(dealing.seconds().at(terms)),
        FixtureUse.needs(actors, dealing.needs()),
        FixtureUse.needed(dealing.needs(), terms),
        FixtureUse.gives(actors, dealing.gives()),
        FixtureUse.given(dealing.gives(), terms),
        ThingEffect.of(dealing.effect(), actors, terms),
        switch (dealing.does()) {
          case Dealing.Hurts hurts -> hurts.points().at(terms);
          case Dealing.Heals heals -> -heals.points().at(terms);
          default -> 0;
        });
  }

  /** Those of somebody's kind first, then their own; none twice. */
  private static int[] numbers(StandingActor standing, ActorIndex actors) {
    Set<Integer> numbers = new LinkedHashSet<>();
    if (actors.mission().find(standing.kind()) instanceof Kind kind) {
      add(kind.dealings(), actors, numbers);
    }
    if (standing instanceof Unit unit) {
      add(unit.dealings(), actors, numbers);
    }
    return numbers.stream().mapToInt(it -> it).toArray();
  }

  private static void add(Map<String, Dealing.Had> some, ActorIndex actors, Set<Integer> numbers) {
    Ordered.sort(some).stream()
        .mapToInt(it -> actors.index(it.getValue().dealing()))
        .filter(number -> number >= 0)
        .forEach(numbers::add);
  }

  /** A dealing by its number. */
  public Looked get(int dealing) {
    return all.get(dealing);
  }

  /** The numbers of what can be done with a unit, in the order in which they are offered. */
  public int[] of(int unit) {
    return ofUnits[unit];
  }

  /** How many there are for one unit at most. */
  public int most() {
    return most;
  }

  /** Whether what it uses up is used up. */
  public boolean spends(int dealing) {
    return get(dealing).of().needs() instanceof Use.Spending;
  }
}
