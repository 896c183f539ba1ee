package org.flintmoss.simulation.players;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import org.flintmoss.mission.script.Answer;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Wake;

/**
 * What players are asked, what they answer, and what comes of it. Seats stand as one bit each, the
 * first seat's lowest. A seat is asked one choice at a time, the longest asked first; its votes are
 * kept until the choice is decided, and it may vote again.
 */
public final class Choices {
  private final PlayerContext context;
  private final Plan plan;
  private final List<Choice> choices;

  /** The numbers of the answers of each choice, in their order, as many as players are shown. */
  private final List<int[]> answers = new ArrayList<>();

  /** The choice of each answer; -1 for none. */
  private final int[] choiceOf;

  /** The number of the answer that each choice falls back on; -1 for none. */
  private final int[] fallbacks;

  /** The seats that each choice is put to and that have not settled it. */
  private final Column.Ints asked;

  /** When each choice was put to players, of those that are. */
  private final Column.Steps since;

  /** Steps that players have left to answer; 0 where they have as long as they like. */
  private final Column.Ints left;

  /** The entry of the log by which each was put to players, from 1; 0 for none. */
  private final Column.Ints through;

  /** How often each choice was asked. */
  private final Column.Ints times;

  /** The seats that can give each answer. */
  private final Column.Ints able;

  /** The seats that have voted for each answer. */
  private final Column.Ints votes;

  /** How often each answer was chosen. */
  private final Column.Ints chosen;

  Choices(PlayerContext context) {
    this.context = context;
    plan = context.plan;
    SortedMap<String, Choice> all = plan.mission().choices();
    choices = List.copyOf(all.values());
    choiceOf = new int[plan.mission().answers().size()];
    Arrays.fill(choiceOf, -1);
    fallbacks = choices.stream().mapToInt(this::fallback).toArray();
    all.keySet().forEach(id -> answers.add(answersOf(new Ref(Family.CHOICES, id))));
    for (int choice = 0; choice < choices.size(); choice++) {
      for (int answer : answers.get(choice)) {
        choiceOf[answer] = choice;
      }
    }
    asked = context.state.ints("choiceAsked", choices.size());
    since = context.state.steps("choiceSince", choices.size());
    left = context.state.ints("choiceLeft", choices.size());
    through = context.state.ints("choiceThrough", choices.size());
    times = context.state.ints("choiceTimes", choices.size());
    able = context.state.ints("answerAble", choiceOf.length);
    votes = context.state.ints("answerVotes", choiceOf.length);
    chosen = context.state.ints("answerChosen", choiceOf.length);
  }

  private int fallback(Choice choice) {
    return choice.fallsOn() == null ? -1 : index(choice.fallsOn());
  }

  private int index(Ref ref) {
    return plan.actors().index(ref);
  }

  private int[] answersOf(Ref choice) {
    return Ordered.sort(plan.mission().answers()).stream()
        .filter(it -> it.getValue().choice().equals(choice))
        .map(Map.Entry<String, Answer>::getKey)
        .mapToInt(id -> index(new Ref(Family.ANSWERS, id)))
        .limit(Choice.MOST)
        .toArray();
  }

  /** The answers of a choice by their numbers, in their order. */
  public int[] answers(int choice) {
    return answers.get(choice).clone();
  }

  /** How often a choice was asked. */
  public int times(int choice) {
    return times.at[choice];
  }

  /** How often an answer was chosen. */
  public int chosen(int answer) {
    return chosen.at[answer];
  }

  /** The seats that a choice is put to and that have not settled it, a bit each. */
  public int asked(int choice) {
    return asked.at[choice];
  }

  /** Steps that players have left to answer; 0 where they have as long as they like. */
  public int left(int choice) {
    return left.at[choice];
  }

  /** Whether a seat can give an answer. */
  public boolean able(int answer, int seat) {
    return Screens.has(able.at[answer], seat);
  }

  /** Whether a seat has voted for an answer. */
  public boolean voted(int answer, int seat) {
    return Screens.has(votes.at[answer], seat);
  }

  /** How many players vote for an answer. */
  public int votes(int answer) {
    return Integer.bitCount(votes.at[answer] & seated());
  }

  /** How many players are put a choice that they have not settled. */
  public int voters(int choice) {
    return Integer.bitCount(asked.at[choice] & seated());
  }

  /** The choice that a seat is asked now; -1 for none. */
  public int now(int seat) {
    int first = -1;
    for (int choice = 0; choice < choices.size(); choice++) {
      boolean put = Screens.has(asked.at[choice], seat);
      if (put && (first < 0 || since.at[choice] < since.at[first])) {
        first = choice;
      }
    }
    return first;
  }

  /** The seats, a bit each, in which a player sits. */
  private int seated() {
    int seats = 0;
    for (int seat = 0; seat < plan.seats(); seat++) {
      seats |= context.controls.seated(plan.seat(seat)) ? 1 << seat : 0;
    }
    return seats;
  }

  /** Puts a choice to some seats; without answers it stays undecided at once. */
  public void ask(int choice, int seats, int cause) {
    if (choice < 0 || seats == 0) {
      return;
    }
    times.at[choice]++;
    if (asked.at[choice] == 0) {
      since.at[choice] = context.now();
    }
    asked.at[choice] |= seats;
    through.at[choice] = context.log(Causes.Kind.ASKED, choice, -1, cause, seats) + 1;
    double limit = choices.get(choice).limit().at(plan.terms());
    left.at[choice] = limit == 0 ? 0 : Script.steps(limit);
    context.touch(Wake.CHOICE, choice, -1);
    if (answers.get(choice).length == 0) {
      falls(choice, -1, -1);
    }
  }

  /** Puts a choice to nobody any more. */
  public void withdraw(int choice, int cause) {
    if (choice >= 0 && asked.at[choice] != 0) {
      over(choice);
      context.log(Causes.Kind.ASKED_NO_MORE, choice, -1, cause);
    }
  }

  /** Notes which seats can give an answer. */
  public void give(int answer, int seats) {
    able.at[answer] = seats;
  }

  /** A seat answers; it does nothing unless it is asked that now, and can answer so. */
  void answer(int answer, int seat) {
    int choice = answer < 0 ? -1 : choiceOf[answer];
    if (choice < 0 || choice != now(seat) || !able(answer, seat)) {
      return;
    }
    switch (choices.get(choice).decides()) {
      case FIRST -> falls(choice, answer, plan.seat(seat));
      case EACH -> settles(choice, answer, seat);
      case MOST -> vote(choice, answer, seat);
    }
  }

  private void vote(int choice, int answer, int seat) {
    for (int other : answers.get(choice)) {
      votes.at[other] &= ~(1 << seat);
    }
    votes.at[answer] |= 1 << seat;
    context.log(Causes.Kind.VOTED, plan.seat(seat), answer, through.at[choice] - 1);
  }

  /** Phase 2: time goes by, and votes are counted once nobody's is missing. */
  public void goOn() {
    for (int choice = 0; choice < choices.size(); choice++) {
      if (asked.at[choice] != 0) {
        boolean ends = left.at[choice] > 0 && !queued(choice) && --left.at[choice] == 0;
        if (ends || complete(choice)) {
          decide(choice);
        }
      }
    }
  }

  /** Whether it stands behind another choice for all who could answer; its time waits with it. */
  private boolean queued(int choice) {
    int able = asked.at[choice] & seated();
    for (int seat = 0; seat < plan.seats(); seat++) {
      if (Screens.has(able, seat) && now(seat) == choice) {
        return false;
      }
    }
    return able != 0;
  }

  /** Whether everybody has voted who could. */
  private boolean complete(int choice) {
    if (choices.get(choice).decides() != Choice.Decides.MOST) {
      return false;
    }
    int voters = asked.at[choice] & seated();
    int voted = 0;
    for (int answer : answers.get(choice)) {
      voted |= votes.at[answer];
    }
    return voters != 0 && (voters & ~voted) == 0;
  }

  private void decide(int choice) {
    int fallback = fallbacks[choice];
    switch (choices.get(choice).decides()) {
      case FIRST -> falls(choice, fallback, -1);
      case MOST -> {
        int most = most(choice);
        falls(choice, most < 0 ? fallback : most, most < 0 ? -1 : firstFor(most));
      }
      case EACH -> {
        int players = asked.at[choice] & seated();
        for (int seat = 0; seat < plan.seats(); seat++) {
          if (Screens.has(players, seat)) {
            settles(choice, fallback, seat);
          }
        }
        over(choice);
      }
    }
  }

  /** The choice falls on an answer for all who are asked, or on none. */
  private void falls(int choice, int answer, int unit) {
    int seats = asked.at[choice];
    int cause = through.at[choice] - 1;
    over(choice);
    choose(choice, answer, unit, seats, cause);
  }

  /** A seat has settled a choice for itself. */
  private void settles(int choice, int answer, int seat) {
    int cause = through.at[choice] - 1;
    asked.at[choice] &= ~(1 << seat);
    if (asked.at[choice] == 0) {
      over(choice);
    }
    choose(choice, answer, plan.seat(seat), 1 << seat, cause);
  }

  private void over(int choice) {
    asked.at[choice] = 0;
    since.at[choice] = 0;
    left.at[choice] = 0;
    through.at[choice] = 0;
    for (int answer : answers.get(choice)) {
      votes.at[answer] = 0;
      able.at[answer] = 0;
    }
    context.touch(Wake.CHOICE, choice, -1);
  }

  private void choose(int choice, int answer, int unit, int seats, int cause) {
    if (answer < 0 || choiceOf[answer] != choice) {
      context.log(Causes.Kind.UNDECIDED, choice, unit, cause, seats);
    } else {
      chosen.at[answer]++;
      context.log(Causes.Kind.CHOSEN, unit, answer, cause, seats);
      context.touch(Wake.ANSWER, answer, unit);
    }
  }

  /**
   * The answer with the most votes, -1 without any. Of several the one that the choice falls back
   * on, or else the first.
   */
  private int most(int choice) {
    int most = -1;
    for (int answer : answers.get(choice)) {
      int count = votes(answer);
      boolean leads = most < 0 ? count > 0 : count > votes(most);
      boolean breaksTie = most >= 0 && count == votes(most) && answer == fallbacks[choice];
      most = leads || breaksTie ? answer : most;
    }
    return most;
  }

  /** The unit of the first seat that votes for an answer. */
  private int firstFor(int answer) {
    return plan.seat(Integer.numberOfTrailingZeros(votes.at[answer] & seated()));
  }

  /** Whether play stands still, because somebody is asked what it waits for and can answer. */
  public boolean holdPlay() {
    for (int seat = 0; seat < plan.seats(); seat++) {
      int choice = now(seat);
      if (choice >= 0
          && choices.get(choice).waits()
          && context.controls.seated(plan.seat(seat))
          && canAnswer(choice, seat)) {
        return true;
      }
    }
    return false;
  }

  /** Whether a seat can give any answer to a choice, and has not voted. */
  private boolean canAnswer(int choice, int seat) {
    boolean can = false;
    for (int answer : answers.get(choice)) {
      if (voted(answer, seat)) {
        return false;
      }
      can |= able(answer, seat);
    }
    return can;
  }
}
