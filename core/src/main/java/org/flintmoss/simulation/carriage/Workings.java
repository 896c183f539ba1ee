package org.flintmoss.simulation.carriage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.flintmoss.mission.sentence.ZonePart;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/**
 * What zones do: whom each working takes in a step. It goes by who was inside when membership was
 * last looked at, and by what the script left, so that who enters is taken from the next step on.
 */
public final class Workings {
  private static final int[] NONE = {};
  private static final ZonePart[] PARTS = ZonePart.values();

  private final CarriageContext context;
  private final Plan plan;
  private final List<ZoneWorking> all;
  private final int[] itemKinds;
  private final int[][] ofZone;

  /** A bit for each zone that does something to those inside, and to those who have left it. */
  private final long[] inner;

  private final long[] outer;

  /** Words of 64 bits that hold one bit for each working. */
  private final int words;

  /** For each unit a bit for each working that takes it in the step that is under way. */
  private final Column.Longs felt;

  /** The same for those that did not take it in the step before. */
  private final long[] risen;

  /** The units for which any bit of that is set. */
  private final int[] rose;

  private int roseCount;

  /** How often it was looked at for each unit by whom it is taken. */
  private final int[] looks;

  /** Whether it has to be looked at anew by whom a unit is taken: it has entered or left a zone. */
  private final boolean[] stale;

  /** Whether that holds for all: a working has begun or ceased to act, or a run was loaded. */
  private boolean allStale = true;

  /** Whether any working asks for what may change while one stands still. */
  private final boolean restless;

  /** 1 for each working whose condition holds. */
  private final Column.Ints holds;

  /** 1 for each working that the script has put to rest. */
  private final Column.Ints rests;

  /** When a working last began or ceased to act; 0 for never. */
  private final Column.Steps turned;

  Workings(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    State state = context.state;
    all = plan.script().workings();
    words = (all.size() + 63) / 64;
    felt = state.longs("feltWorkings", Rows.of(plan.units()).wide(words));
    holds = state.ints("workingHolds", all.size());
    rests = state.ints("workingRests", all.size());
    turned = state.steps("workingTurned", 1);
    risen = new long[plan.units() * words];
    rose = new int[plan.units()];
    stale = new boolean[plan.units()];
    looks = new int[plan.units()];
    inner = new long[plan.zones().words()];
    outer = new long[plan.zones().words()];
    ofZone = new int[plan.zones().count()][];
    Arrays.fill(ofZone, NONE);
    itemKinds = new int[all.size()];
    boolean asks = false;
    for (int working = 0; working < all.size(); working++) {
      add(working);
      ZoneWorking it = all.get(working);
      boolean sieved = it.who() != null && !it.who().sieves().isEmpty();
      asks |= sieved || outside(working) || !(it.of().bears() instanceof Working.Whatever);
    }
    restless = asks;
  }

  /** A unit has entered or left a zone. */
  void moved(int unit) {
    stale[unit] = true;
  }

  /** All is looked at anew: another moment was loaded. */
  public void forget() {
    allStale = true;
    Arrays.fill(risen, 0);
    roseCount = 0;
  }

  private void add(int working) {
    ZoneWorking it = all.get(working);
    int[] before = ofZone[it.zone()];
    ofZone[it.zone()] = Arrays.copyOf(before, before.length + 1);
    ofZone[it.zone()][before.length] = working;
    (outside(working) ? outer : inner)[it.zone() / 64] |= 1L << (it.zone() % 64);
    itemKinds[working] =
        switch (it.of().bears()) {
          case Working.Whatever _ -> -1;
          case Working.With with -> plan.actors().index(with.itemKind());
          case Working.Without without -> plan.actors().index(without.itemKind());
        };
  }

  /** What zones do, by number. */
  public List<ZoneWorking> all() {
    return all;
  }

  /** The workings of one sort of work, rising. */
  public int[] of(Class<? extends Work> work) {
    List<Integer> some = new ArrayList<>();
    for (int working = 0; working < all.size(); working++) {
      if (work.isInstance(all.get(working).of().work())) {
        some.add(working);
      }
    }
    return some.stream().mapToInt(Integer::intValue).toArray();
  }

  /** Whether it is done to those who have left the zone. */
  private boolean outside(int working) {
    return switch (all.get(working).of().work()) {
      case Work.HarmsOutside _, Work.BringsBack _, Work.EndsOutside _ -> true;
      default -> false;
    };
  }

  /** Notes whether the condition of a working holds; answers whether that is new. */
  public boolean holds(int working, boolean holds) {
    int to = holds ? 1 : 0;
    boolean turns = this.holds.at[working] != to;
    if (turns) {
      this.holds.at[working] = to;
      turned.at[0] = context.now();
      allStale = true;
      touch(all.get(working).zone(), all.get(working).of().work().part());
    }
    return turns;
  }

  /** Lets a part of what a zone does be done from now on, or not. */
  public void let(int zone, ZonePart part, boolean act) {
    for (int working : ofZone[zone]) {
      ZonePart its = all.get(working).of().work().part();
      if (part.has(its)) {
        rests.at[working] = act ? 0 : 1;
        touch(zone, its);
      }
    }
    allStale = true;
    turned.at[0] = context.now();
  }

  /** Whether a working has begun or ceased to act in a step or in the one before. */
  public boolean turned(int now) {
    return turned.at[0] > 0 && now - turned.at[0] <= 1;
  }

  private void touch(int zone, ZonePart part) {
    context.touch(Wake.ZONE_ACTS, zone * PARTS.length + ZonePart.ALL.ordinal(), -1);
    context.touch(Wake.ZONE_ACTS, zone * PARTS.length + part.ordinal(), -1);
  }

  /** Whether a working acts on anybody at all. */
  public boolean acts(int working) {
    boolean always = all.get(working).program() < 0;
    return rests.at[working] == 0 && (always || holds.at[working] == 1);
  }

  /**
   * Whether a zone does anything of a part of what it can do.
   *
   * @param part the zone's number times the number of parts, and the ordinal of the part
   */
  public boolean zoneActs(int part) {
    for (int working : ofZone[part / PARTS.length]) {
      boolean meant = PARTS[part % PARTS.length].has(all.get(working).of().work().part());
      if (meant && acts(working)) {
        return true;
      }
    }
    return false;
  }

  /** Before phase 6: whom each working takes in this step. */
  public void feel() {
    if (words == 0) {
      return;
    }
    for (int i = 0; i < roseCount; i++) {
      Arrays.fill(risen, rose[i] * words, (rose[i] + 1) * words, 0);
    }
    roseCount = 0;
    boolean every = restless || allStale;
    allStale = false;
    for (int unit = 0; unit < plan.units(); unit++) {
      // Who has left play since then has not been seen to leave the zone.
      if (every || stale[unit] || !context.vitals.lives(unit)) {
        stale[unit] = false;
        feel(unit);
      }
    }
  }

  private void feel(int unit) {
    looks[unit]++;
    int first = unit * words;
    for (int word = 0; word < words; word++) {
      risen[first + word] = ~felt.at[first + word];
      felt.at[first + word] = 0;
    }
    for (int word = 0; context.vitals.lives(unit) && word < inner.length; word++) {
      long inside = context.membership.insideWord(unit, word);
      each(unit, word, inside & inner[word], false);
      each(unit, word, context.membership.everInsideWord(unit, word) & ~inside & outer[word], true);
    }
    boolean any = false;
    for (int word = 0; word < words; word++) {
      risen[first + word] &= felt.at[first + word];
      any |= risen[first + word] != 0;
    }
    if (any) {
      rose[roseCount++] = unit;
    }
  }

  private void each(int unit, int word, long zones, boolean outside) {
    for (long left = zones; left != 0; left &= left - 1) {
      for (int working : ofZone[word * 64 + Long.numberOfTrailingZeros(left)]) {
        if (outside(working) == outside && takes(working, unit)) {
          felt.at[unit * words + working / 64] |= 1L << (working % 64);
        }
      }
    }
  }

  private boolean takes(int working, int unit) {
    ZoneWorking it = all.get(working);
    if (!it.takes()[unit] || !acts(working) || !context.sieves.pass(it.who(), unit)) {
      return false;
    }
    return switch (it.of().bears()) {
      case Working.Whatever _ -> true;
      case Working.With _ -> carries(unit, working);
      case Working.Without _ -> !carries(unit, working);
    };
  }

  private boolean carries(int unit, int working) {
    return itemKinds[working] >= 0 && context.packs.count(unit, itemKinds[working]) > 0;
  }

  /** A bit for each of some workings, in words, to ask after all of them at once. */
  public long[] mask(int[] some) {
    long[] mask = new long[words];
    for (int working : some) {
      mask[working / 64] |= 1L << (working % 64);
    }
    return mask;
  }

  /** Whether any of some workings takes a unit in this step. */
  public boolean feels(int unit, long[] mask) {
    for (int word = 0; word < words; word++) {
      if ((felt.at[unit * words + word] & mask[word]) != 0) {
        return true;
      }
    }
    return false;
  }

  /**
   * A number that stays the same as long as the same take a unit and it is in the same zones, of
   * the same moment of a run.
   */
  public int look(int unit) {
    return looks[unit];
  }

  /** A bit for each of 64 workings that take a unit in this step. */
  public long feltWord(int unit, int word) {
    return felt.at[unit * words + word];
  }

  /** Whether a working takes a unit in this step. */
  public boolean feels(int unit, int working) {
    return (felt.at[unit * words + working / 64] & 1L << (working % 64)) != 0;
  }

  /** Whether it takes it, and did not in the step before. */
  public boolean begins(int unit, int working) {
    return (risen[unit * words + working / 64] & 1L << (working % 64)) != 0;
  }

  /** Notes in the log that a working does something to a unit; answers with the entry. */
  public int log(int unit, int working) {
    return context.log(Causes.Kind.ZONE_ACTS, unit, all.get(working).zone(), -1, working);
  }
}
