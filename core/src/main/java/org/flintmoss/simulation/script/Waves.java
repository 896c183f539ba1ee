package org.flintmoss.simulation.script;

import java.util.Arrays;
import java.util.List;
import org.flintmoss.script.Script;
import org.flintmoss.script.WaveScript;
import org.flintmoss.script.WaveScript.Party;
import org.flintmoss.script.WaveScript.Wave;
import org.flintmoss.simulation.arrival.Spawner;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** Phase 3, before the spawner: waves come, one after the other, as their plans say. */
public final class Waves {
  private final ScriptContext context;
  private final Plan plan;
  private final State state;
  private final Script script;
  private final Spawner spawner;
  private final long[] luck;

  /**
   * For each unit of a wave that waits for its turn, where it will come in, from 1; 0 for no wait.
   */
  private final Column.Ints entrance;

  /** For each wave plan, 1 while its waves come. */
  private final Column.Ints runs;

  /** For each wave plan, how many of its waves have come. */
  private final Column.Ints come;

  /** When the next wave of a plan comes; 0 while that is not known. */
  private final Column.Steps due;

  /** When the last wave of a plan came, or when the plan was started. */
  private final Column.Steps since;

  /** How many entrances of a plan have been dealt out. */
  private final Column.Ints dealt;

  /** How many waves of a plan have been announced. */
  private final Column.Ints announced;

  /** How often each wave has come, in a plan that may be started again. */
  private final Column.Ints comings;

  /** When each wave came; 0 before. */
  private final Column.Steps came;

  /** When each wave was cleared; 0 before. */
  private final Column.Steps cleared;

  Waves(ScriptContext context, Spawner spawner) {
    this.context = context;
    this.spawner = spawner;
    plan = context.plan;
    state = context.state;
    entrance = state.ints("waits", Rows.of(plan.units()));
    runs = state.ints("waveRuns", plan.mission().wavePlans().size());
    come = state.ints("waveCount", plan.mission().wavePlans().size());
    due = state.steps("waveDue", plan.mission().wavePlans().size());
    since = state.steps("waveSince", plan.mission().wavePlans().size());
    dealt = state.ints("waveTurn", plan.mission().wavePlans().size());
    announced = state.ints("waveTold", plan.mission().wavePlans().size());
    comings = state.ints("waveComings", plan.mission().waves().size());
    came = state.steps("waveCame", plan.mission().waves().size());
    cleared = state.steps("waveCleared", plan.mission().waves().size());
    script = plan.script();
    luck = plan.mission().wavePlans().keySet().stream().mapToLong(Chance::of).toArray();
  }

  int runs(int wavePlan) {
    return runs.at[wavePlan];
  }

  int came(int wave) {
    return came.at[wave];
  }

  int clearedAt(int wave) {
    return cleared.at[wave];
  }

  /**
   * Has the waves of a plan come, from the next one that has not, or no more of them. A plan whose
   * waves have all come begins again with its first.
   */
  void turn(int number, boolean come, int cause, int now) {
    int waves = script.waves().get(number).waves().size();
    if (come && runs.at[number] == 0 && this.come.at[number] == waves) {
      beginAgain(number);
    }
    int runs = come && waves > 0 ? 1 : 0;
    if (this.runs.at[number] != runs) {
      this.runs.at[number] = runs;
      due.at[number] = 0;
      since.at[number] = now;
      context.log(Causes.Kind.WAVES, number, runs, cause);
    }
  }

  private void beginAgain(int number) {
    come.at[number] = 0;
    announced.at[number] = 0;
    for (Wave wave : script.waves().get(number).waves()) {
      came.at[wave.number()] = 0;
      cleared.at[wave.number()] = 0;
      context.touch(Wake.WAVE, wave.number(), -1);
    }
    context.touch(Wake.WAVE_PLAN, number, -1);
  }

  /** Phase 3: waves whose time has come are brought in. */
  public void come(int now) {
    for (int number = 0; number < script.waves().size(); number++) {
      WaveScript of = script.waves().get(number);
      if (runs.at[number] == 1) {
        goOn(number, of, now);
      }
      if (runs.at[number] == 1 || come.at[number] > 0) {
        letIn(of, now);
      }
    }
  }

  private void goOn(int number, WaveScript of, int now) {
    Wave next = of.waves().get(come.at[number]);
    if (due.at[number] == 0) {
      due.at[number] = due(number, of, next, now);
    }
    int due = this.due.at[number];
    if (due == 0) {
      return;
    }
    if (now >= due - next.ahead() && announced.at[number] == come.at[number]) {
      announced.at[number]++;
      context.talk.say(next.conversation(), context.screens.everybody(), -1, now);
    }
    if (now >= due) {
      come(number, of, next, now);
    }
  }

  /** The step at which a wave comes; 0 while it waits for those before it to be fewer. */
  private int due(int number, WaveScript of, Wave next, int now) {
    int since = this.since.at[number];
    if (next.left() < 0) {
      return Math.max(now, since + next.gap());
    }
    if (left(of) <= next.left()) {
      return now + next.gap();
    }
    return next.latest() >= 0 && now >= since + next.latest() ? now : 0;
  }

  private void come(int number, WaveScript of, Wave wave, int now) {
    int before = comings.at[wave.number()];
    comings.at[wave.number()] += wave.comesAgain() ? 1 : 0;
    for (Party party : wave.parties()) {
      int places = places(party, before, now);
      int[] members = party.turns().get(places);
      int arrival = arrival(number, of, party, members, now);
      if (before >= party.turns().size()) {
        context.newcomers.takeSquad(party.squads()[places]);
      }
      for (int member : members) {
        await(member, arrival, now);
      }
    }
    came.at[wave.number()] = now;
    since.at[number] = now;
    due.at[number] = 0;
    if (++come.at[number] == of.waves().size()) {
      runs.at[number] = 0;
    }
    context.log(Causes.Kind.WAVE, wave.number(), -1, -1);
    context.touch(Wake.WAVE, wave.number(), -1);
  }

  /**
   * Has somebody come in as soon as their place is free; where another waits for it, not at all.
   */
  private void await(int member, int arrival, int now) {
    if (entrance.at[member] > 0) {
      context.log(Causes.Kind.STAYED_AWAY, member, -1, -1);
      return;
    }
    entrance.at[member] = arrival + 1;
    if (!context.newcomers.free(member, now)) {
      context.log(Causes.Kind.NO_PLACE, member, -1, -1);
    }
  }

  /**
   * The turn whose places a party takes when it comes: each turn's in order while nobody has had
   * them, then those of which most are free.
   *
   * @param before how often it has come before
   */
  private int places(Party party, int before, int now) {
    if (before < party.turns().size()) {
      return before;
    }
    int best = 0;
    long most = -1;
    for (int turn = 0; turn < party.turns().size(); turn++) {
      long free =
          Arrays.stream(party.turns().get(turn))
              .filter(member -> entrance.at[member] == 0 && context.newcomers.free(member, now))
              .count();
      if (free > most) {
        best = turn;
        most = free;
      }
    }
    return best;
  }

  /**
   * Where a party comes in: at its own place; else at the entrance whose turn it is, or the next
   * one that has room, so that nobody is sent to one that the water has taken.
   */
  private int arrival(int number, WaveScript of, Party party, int[] members, int now) {
    int many = of.arrivals().length;
    if (party.arrival() >= 0) {
      return party.arrival();
    }
    if (party.arrival() == Party.NOWHERE || many == 0 || members.length == 0) {
      return -1;
    }
    int turn = dealt.at[number]++;
    int first = turn % many;
    if (of.atRandom()) {
      first = (int) (Chance.roll(context.seed, Chance.Purpose.ENTRANCE, luck[number], turn) * many);
    }
    for (int on = 0; on < many; on++) {
      int arrival = of.arrivals()[(first + on) % many];
      if (spawner.room(members[0], script.arrivals().get(arrival), now)) {
        return arrival;
      }
    }
    return of.arrivals()[first];
  }

  /** Lets in those who wait, while the plan's cap has room for them and their places are free. */
  private void letIn(WaveScript of, int now) {
    int room = of.cap() - standing(of);
    for (Wave wave : of.waves()) {
      for (int member : wave.everybody()) {
        if (room > 0 && entrance.at[member] > 0 && context.newcomers.free(member, now)) {
          letIn(member);
          room--;
        }
      }
    }
  }

  private void letIn(int member) {
    int arrival = entrance.at[member] - 1;
    if (context.newcomers.used(member)) {
      context.runs.forget(member);
      context.newcomers.take(member);
    }
    spawner.await(member, arrival);
    entrance.at[member] = 0;
  }

  /** How many of a plan are on their feet, or are just coming in. */
  private int standing(WaveScript of) {
    int standing = 0;
    for (Wave wave : of.waves()) {
      for (int member : wave.everybody()) {
        standing += context.vitals.up(member) || spawner.place(member) > 0 ? 1 : 0;
      }
    }
    return standing;
  }

  /** How many of those who have come are on their feet or still outside. */
  private int left(WaveScript of) {
    int left = 0;
    for (Wave wave : of.waves()) {
      left += left(wave);
    }
    return left;
  }

  private int left(Wave wave) {
    int left = 0;
    for (int member : wave.everybody()) {
      boolean outside = entrance.at[member] > 0 || spawner.place(member) > 0;
      left += outside || context.vitals.up(member) ? 1 : 0;
    }
    return left;
  }

  /** Notes which waves nobody is left of, once everybody has moved and fought. */
  public void clear(int now) {
    List<WaveScript> plans = script.waves();
    for (int number = 0; number < plans.size(); number++) {
      List<Wave> waves = plans.get(number).waves();
      for (int at = 0; at < come.at[number]; at++) {
        Wave wave = waves.get(at);
        if (cleared.at[wave.number()] == 0 && left(wave) == 0) {
          cleared.at[wave.number()] = now;
          context.log(Causes.Kind.CLEARED, wave.number(), -1, -1);
          context.touch(Wake.WAVE, wave.number(), -1);
          context.touch(Wake.WAVE_PLAN, number, -1);
        }
      }
    }
  }

  /** Whether every wave of a plan has come and nobody of it is left. */
  boolean cleared(int number) {
    List<Wave> waves = script.waves().get(number).waves();
    for (Wave wave : waves) {
      if (cleared.at[wave.number()] == 0) {
        return false;
      }
    }
    return !waves.isEmpty();
  }
}
