package org.flintmoss.simulation.script;

import java.util.List;
import org.flintmoss.mission.script.Conversation;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Speech;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Screens;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/**
 * Phase 2: conversations, for each seat one at a time. A voice says one of them to the seats that
 * hear it; there are as many voices as seats, so that each seat can be spoken to by itself. Those
 * to whom a conversation is said together hear it together: it waits until all of them are free.
 */
public final class Talk {
  /** The pace of a speaker who is made up for somebody who has none; it only fills the record. */
  private static final double PACE = 150;

  private final ScriptContext context;
  private final Plan plan;
  private final State state;
  private final List<Speech> speeches;
  private final int voices;

  /** For each voice, the conversation that it says, from 1; 0 for a silent one. */
  private final Column.Ints says;

  /** For each voice, the line that it is at, from 0. */
  private final Column.Ints line;

  /** For each voice, the step at which its line begins, after its gap. */
  private final Column.Steps from;

  /** For each voice, the step at which its line ends. */
  private final Column.Steps until;

  /** For each voice, the seats that hear it, a bit each. */
  private final Column.Ints hearers;

  /** For each voice, the place of its line in the log, from 1; 0 while none has begun. */
  private final Column.Ints entry;

  /** For each voice, the unit that says all its lines, from 1; 0 where their own speakers do. */
  private final Column.Ints speaker;

  /**
   * For each conversation as many waits as there are seats: when it was asked for; 0 where nothing
   * waits.
   */
  private final Column.Steps asked;

  /** The seats that each wait is for, a bit each. */
  private final Column.Ints askedTo;

  /** For each wait, the unit that is to say all lines, from 1; 0 where their own speakers do. */
  private final Column.Ints askedAs;

  /** How often each conversation has come to its end. */
  private final Column.Ints ended;

  Talk(ScriptContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    voices = Screens.stations(plan);
    says = state.ints("talk", voices);
    line = state.ints("talkLine", voices);
    from = state.steps("talkFrom", voices);
    until = state.steps("talkUntil", voices);
    hearers = state.ints("talkTo", voices);
    entry = state.ints("talkEntry", voices);
    speaker = state.ints("talkAs", voices);
    asked = state.steps("asked", plan.script().speeches().size() * voices);
    askedTo = state.ints("askedTo", plan.script().speeches().size() * voices);
    askedAs = state.ints("askedAs", plan.script().speeches().size() * voices);
    ended = state.ints("said", plan.script().speeches().size());
    speeches = plan.script().speeches();
  }

  int ended(int speech) {
    return ended.at[speech];
  }

  /**
   * Has a conversation said: at once, in its turn, or, as chatter that would have to wait, not. Who
   * hears it already, or waits for it, is not told twice.
   *
   * @param seats who is to hear it, a bit each
   * @param as who says all its lines; -1 where their own speakers do
   */
  void say(int conversation, int seats, int as, int now) {
    if (conversation < 0) {
      return;
    }
    int to = seats & ~expecting(conversation);
    int weight = speeches.get(conversation).weight();
    int busy = busy(weight);
    if (weight == Conversation.Weight.CHATTER.ordinal()) {
      to &= ~busy;
    }
    if (to == 0) {
      return;
    }
    if ((to & busy) == 0) {
      for (int voice = 0; voice < voices; voice++) {
        leave(voice, to);
      }
      begin(conversation, to, as + 1, now);
    } else {
      await(conversation, to, as + 1, now);
    }
  }

  /** The seats that hear a conversation, or wait for it. */
  private int expecting(int conversation) {
    int seats = 0;
    for (int voice = 0; voice < voices; voice++) {
      seats |= says.at[voice] == conversation + 1 ? hearers.at[voice] : 0;
      seats |= askedTo.at[conversation * voices + voice];
    }
    return seats;
  }

  /** The seats that hear, or wait for, something that a conversation of a weight lets finish. */
  private int busy(int weight) {
    int seats = 0;
    for (int voice = 0; voice < voices; voice++) {
      int speaks = says.at[voice] - 1;
      seats |= speaks >= 0 && speeches.get(speaks).weight() >= weight ? hearers.at[voice] : 0;
    }
    for (int wait = 0; wait < askedTo.at.length; wait++) {
      seats |= speeches.get(wait / voices).weight() >= weight ? askedTo.at[wait] : 0;
    }
    return seats;
  }

  private void await(int conversation, int seats, int as, int now) {
    int wait = conversation * voices;
    while (asked.at[wait] > 0) {
      wait++;
    }
    context.clock.countWaiting(1);
    asked.at[wait] = now;
    askedTo.at[wait] = seats;
    askedAs.at[wait] = as;
  }

  /** Some hear a voice no longer; without any who do, it falls silent. */
  private void leave(int voice, int seats) {
    if ((hearers.at[voice] & seats) != 0) {
      hearers.at[voice] &= ~seats;
      if (hearers.at[voice] == 0) {
        over(voice);
      }
    }
  }

  private void begin(int conversation, int seats, int as, int now) {
    int voice = 0;
    while (says.at[voice] > 0) {
      voice++;
    }
    says.at[voice] = conversation + 1;
    hearers.at[voice] = seats;
    speaker.at[voice] = as;
    line.at[voice] = -1;
    next(voice, now);
  }

  /** Goes on to the next line whose speaker lives, or to the end. */
  private void next(int voice, int now) {
    List<Speech.Line> lines = speeches.get(says.at[voice] - 1).lines();
    int line = this.line.at[voice] + 1;
    while (line < lines.size() && silenced(voice, lines.get(line))) {
      line++;
    }
    if (line >= lines.size()) {
      over(voice);
      return;
    }
    this.line.at[voice] = line;
    from.at[voice] = now + lines.get(line).gap();
    until.at[voice] = from.at[voice] + lines.get(line).steps();
    if (lines.get(line).gap() == 0) {
      log(voice);
    }
  }

  private void log(int voice) {
    int conversation = says.at[voice] - 1;
    int line = this.line.at[voice];
    int entry = context.log(Causes.Kind.LINE, conversation, line, -1, hearers.at[voice]);
    context.causes.words(entry, context.figures.words(line(voice).text()));
    this.entry.at[voice] = entry + 1;
  }

  private boolean silenced(int voice, Speech.Line line) {
    int as = speaker.at[voice] - 1;
    int who = as >= 0 ? as : line.member();
    return who >= 0 && !context.vitals.up(who);
  }

  private void over(int voice) {
    int conversation = says.at[voice] - 1;
    says.at[voice] = 0;
    line.at[voice] = 0;
    from.at[voice] = 0;
    until.at[voice] = 0;
    hearers.at[voice] = 0;
    speaker.at[voice] = 0;
    entry.at[voice] = 0;
    ended.at[conversation]++;
    context.log(Causes.Kind.SAID, conversation, -1, -1);
    context.touch(Wake.CONVERSATION, conversation, -1);
  }

  /** Phase 2: conversations go on. */
  public void goOn(int now) {
    for (int voice = 0; voice < voices; voice++) {
      if (says.at[voice] > 0) {
        Speech.Line line = line(voice);
        if (now == from.at[voice] && line.gap() > 0) {
          log(voice);
        }
        if (now >= until.at[voice] || silenced(voice, line)) {
          next(voice, now);
        }
      }
    }
    if (context.clock.talksWait()) {
      beginWaiting(now);
    }
  }

  private Speech.Line line(int voice) {
    return speeches.get(says.at[voice] - 1).lines().get(line.at[voice]);
  }

  /**
   * Begins what waits and whose hearers are free, in the order in which it comes. What comes
   * earlier keeps its hearers: nothing that is for one of them alone goes before it.
   */
  private void beginWaiting(int now) {
    int taken = 0;
    for (int voice = 0; voice < voices; voice++) {
      taken |= hearers.at[voice];
    }
    for (int wait = following(-1); wait >= 0; wait = following(wait)) {
      int seats = askedTo.at[wait];
      if ((seats & taken) == 0) {
        int as = askedAs.at[wait];
        context.clock.countWaiting(-1);
        asked.at[wait] = 0;
        askedTo.at[wait] = 0;
        askedAs.at[wait] = 0;
        begin(wait / voices, seats, as, now);
      }
      taken |= seats;
    }
  }

  /** What comes next of all that waits, after one of them; the first after -1; -1 for none. */
  private int following(int last) {
    int best = -1;
    for (int wait = 0; wait < asked.at.length; wait++) {
      boolean comes = asked.at[wait] > 0 && (last < 0 || before(last, wait));
      if (comes && (best < 0 || before(wait, best))) {
        best = wait;
      }
    }
    return best;
  }

  /** Whether of two that wait one comes before the other: the weightier, then who asked first. */
  private boolean before(int one, int other) {
    int heavier = speeches.get(one / voices).weight() - speeches.get(other / voices).weight();
    int later = asked.at[one] - asked.at[other];
    return heavier > 0 || (heavier == 0 && (later < 0 || (later == 0 && one < other)));
  }

  /** What a seat hears now; null for silence. */
  ToldReadings.Heard heard(int seat) {
    for (int voice = 0; voice < voices; voice++) {
      boolean hears = Screens.has(hearers.at[voice], seat);
      if (hears && context.now() >= from.at[voice]) {
        Speech.Line line = line(voice);
        int as = speaker.at[voice] - 1;
        return new ToldReadings.Heard(words(voice), as < 0 ? line.speaker() : speaker(as));
      }
    }
    return null;
  }

  /**
   * What a voice says, with its figures as they were when it began, or now if that is not known.
   */
  private String words(int voice) {
    String words = context.causes.words(entry.at[voice] - 1);
    return words == null ? context.figures.words(line(voice).text()) : words;
  }

  /** The speaker who is a unit's voice, or one made up for it. */
  private Speaker speaker(int unit) {
    Ref ref = plan.actors().members().get(unit).ref();
    for (Speaker speaker : plan.mission().speakers().values()) {
      if (speaker.of(ref)) {
        return speaker;
      }
    }
    Ref side = plan.actors().members().get(unit).standing().side();
    var plain = new Speaker.Portrait(Speaker.Head.ROUND, Speaker.Hat.NONE, Speaker.Hair.NONE);
    return new Speaker(plan.name(unit), "a", side, new Speaker.Elsewhere(), plain, PACE);
  }
}
