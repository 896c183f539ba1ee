package org.flintmoss.simulation;

import java.util.List;
import org.flintmoss.mission.Conversation;
import org.flintmoss.script.Speech;

/** Phase 2: conversations, one at a time. */
final class Talk {
  private final World world;
  private final Plan plan;
  private final State state;
  private final List<Speech> speeches;

  Talk(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
    speeches = plan.script().speeches();
  }

  /** Has a conversation said: at once, in its turn, or, as chatter that would have to wait, not. */
  void say(int conversation, int now) {
    if (conversation < 0 || state.asked.at[conversation] > 0 || conversation == current()) {
      return;
    }
    int speaking = current();
    boolean cutsIn =
        speaking >= 0 && speeches.get(conversation).weight() > speeches.get(speaking).weight();
    if (cutsIn) {
      over(speaking);
    }
    if (speaking < 0 || cutsIn) {
      begin(conversation, now);
    } else if (speeches.get(conversation).weight() > Conversation.Weight.CHATTER.ordinal()) {
      state.asked.at[conversation] = now;
    }
  }

  private int current() {
    return state.clock.at[Clock.TALK] - 1;
  }

  private void begin(int conversation, int now) {
    state.asked.at[conversation] = 0;
    state.clock.at[Clock.TALK] = conversation + 1;
    state.clock.at[Clock.TALK_LINE] = -1;
    next(now);
  }

  /** Goes on to the next line whose speaker lives, or to the end. */
  private void next(int now) {
    List<Speech.Line> lines = speeches.get(current()).lines();
    int line = state.clock.at[Clock.TALK_LINE] + 1;
    while (line < lines.size() && silenced(lines.get(line))) {
      line++;
    }
    if (line >= lines.size()) {
      over(current());
      return;
    }
    state.clock.at[Clock.TALK_LINE] = line;
    state.clock.at[Clock.TALK_FROM] = now + lines.get(line).gap();
    state.clock.at[Clock.TALK_UNTIL] = state.clock.at[Clock.TALK_FROM] + lines.get(line).steps();
    if (lines.get(line).gap() == 0) {
      world.log(Causes.Kind.LINE, current(), line, -1);
    }
  }

  private boolean silenced(Speech.Line line) {
    return line.member() >= 0 && !state.up(line.member());
  }

  private void over(int conversation) {
    state.clock.at[Clock.TALK] = 0;
    state.said.at[conversation]++;
    world.log(Causes.Kind.SAID, conversation, -1, -1);
    world.events().touch(plan.facts().said(conversation), -1);
  }

  void goOn(int now) {
    if (current() >= 0) {
      Speech.Line line = speeches.get(current()).lines().get(state.clock.at[Clock.TALK_LINE]);
      if (now == state.clock.at[Clock.TALK_FROM] && line.gap() > 0) {
        world.log(Causes.Kind.LINE, current(), state.clock.at[Clock.TALK_LINE], -1);
      }
      if (now >= state.clock.at[Clock.TALK_UNTIL] || silenced(line)) {
        next(now);
      }
    }
    if (current() < 0) {
      int waiting = first();
      if (waiting >= 0) {
        begin(waiting, now);
      }
    }
  }

  /** Of those that wait, the weightiest; of these, the one that was asked for first. */
  private int first() {
    int best = -1;
    for (int it = 0; it < speeches.size(); it++) {
      if (state.asked.at[it] > 0 && (best < 0 || before(it, best))) {
        best = it;
      }
    }
    return best;
  }

  private boolean before(int one, int other) {
    int heavier = speeches.get(one).weight() - speeches.get(other).weight();
    return heavier > 0 || (heavier == 0 && state.asked.at[one] < state.asked.at[other]);
  }
}
