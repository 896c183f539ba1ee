package org.flintmoss.trial;

import java.util.List;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Answer;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Screens;
import org.flintmoss.simulation.script.ToldReadings;
import org.flintmoss.simulation.state.Causes;
import org.jspecify.annotations.Nullable;

/** What the player in a seat is asked, and what came of it. */
final class QuestionFeed {
  private final World world;
  private final Mission mission;
  private final int seat;
  private final List<String> answerIds;
  private final List<Answer> answers;

  QuestionFeed(World world, int seat) {
    this.world = world;
    this.seat = seat;
    mission = world.plan().mission();
    answerIds = List.copyOf(mission.answers().keySet());
    answers = List.copyOf(mission.answers().values());
  }

  /** What the player is asked now. */
  TrialMessage.Asks asks() {
    ToldReadings.Asked asked = world.told().asked(seat);
    return new TrialMessage.Asks(asked == null ? null : question(asked));
  }

  private TrialMessage.Question question(ToldReadings.Asked asked) {
    String id = List.copyOf(mission.choices().keySet()).get(asked.choice());
    Choice choice = mission.choices().get(id);
    double limit = choice.limit().at(world.plan().terms());
    Ref falls = choice.fallsOn();
    Answer fallback = falls == null ? null : mission.answers().get(falls.id());
    return new TrialMessage.Question(
        id,
        world.told().question(asked.choice()),
        choice.decides(),
        asked.until(),
        limit == 0 ? 0 : Script.steps(limit),
        fallback == null ? null : fallback.name(),
        choice.waits(),
        asked.voted(),
        asked.voters(),
        asked.answers().stream().filter(this::shown).map(this::answer).toList());
  }

  /** An answer that cannot be given is left out if nothing is to be read instead. */
  private boolean shown(ToldReadings.Answerable it) {
    return it.able() || !answers.get(it.answer()).refusal().isBlank();
  }

  private TrialMessage.ShownAnswer answer(ToldReadings.Answerable it) {
    Answer of = answers.get(it.answer());
    return new TrialMessage.ShownAnswer(
        answerIds.get(it.answer()),
        of.name(),
        it.able() ? null : of.refusal(),
        it.votes(),
        it.own());
  }

  /** What came of a choice that the player was asked; null where an entry says nothing of it. */
  TrialMessage.@Nullable Chose chose(Causes.Entry entry) {
    if (!Screens.has(entry.through(), seat)) {
      return null;
    }
    return switch (entry.kind()) {
      case CHOSEN -> {
        Answer answer = answers.get(entry.detail());
        Choice choice = mission.choices().get(answer.choice().id());
        boolean vote = choice.decides() == Choice.Decides.MOST;
        String by = vote || entry.subject() < 0 ? null : world.plan().name(entry.subject());
        yield new TrialMessage.Chose(entry.step(), choice.name(), by, answer.name());
      }
      case UNDECIDED -> {
        Choice choice = List.copyOf(mission.choices().values()).get(entry.subject());
        yield new TrialMessage.Chose(entry.step(), choice.name(), null, null);
      }
      default -> null;
    };
  }
}
