package org.flintmoss.check.script;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Answer;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/** Findings on choices: what players cannot read, cannot answer, or are never asked. */
final class ChoiceChecks {
  private final Mission mission;
  private final MayHappen may;
  private final Consumer<Finding> found;

  ChoiceChecks(Mission mission, MayHappen may, Consumer<Finding> found) {
    this.mission = mission;
    this.may = may;
    this.found = found;
  }

  void look() {
    mission.choices().forEach(this::choice);
    mission.answers().forEach(this::answer);
  }

  private void find(Rule rule, Ref thing, String pointer, String says) {
    String at = "/" + thing.family().key() + "/" + thing.id() + pointer;
    found.accept(new Finding(rule, Page.SCRIPT, thing, at, says));
  }

  private void choice(String id, Choice choice) {
    Ref ref = new Ref(Family.CHOICES, id);
    List<Map.Entry<String, Answer>> answers =
        Ordered.sort(mission.answers()).stream()
            .filter(it -> it.getValue().choice().equals(ref))
            .toList();
    if (choice.text().blank()) {
      find(Rule.CHOICE_WITHOUT_WORDS, ref, "/text", choice.name() + " does not say what it asks.");
    }
    if (answers.size() < Choice.LEAST) {
      String has = answers.isEmpty() ? "no answers" : "one answer only";
      find(Rule.CHOICE_OF_TOO_FEW, ref, "", choice.name() + " has " + has + ": it takes two.");
    }
    if (answers.size() > Choice.MOST) {
      find(
          Rule.CHOICE_OF_TOO_MANY,
          ref,
          "",
          "%s has %d answers; players are shown the first %d."
              .formatted(choice.name(), answers.size(), Choice.MOST));
    }
    if (!may.asked(ref)) {
      find(
          Rule.CHOICE_NEVER_ASKED,
          ref,
          "",
          choice.name() + " is never asked: no event that can fire asks it.");
    }
    alike(choice, answers);
    end(ref, choice, answers);
  }

  private void alike(Choice choice, List<Map.Entry<String, Answer>> answers) {
    Set<String> said = new HashSet<>();
    for (Map.Entry<String, Answer> it : answers) {
      if (!said.add(it.getValue().name().strip())) {
        find(
            Rule.ANSWERS_ALIKE,
            new Ref(Family.ANSWERS, it.getKey()),
            "/name",
            "Two answers to %s say “%s”.".formatted(choice.name(), it.getValue().name()));
      }
    }
  }

  /** How a choice ends that nobody answers. */
  private void end(Ref ref, Choice choice, List<Map.Entry<String, Answer>> answers) {
    boolean endless = choice.limit().any(seconds -> seconds == 0);
    Thing fallback = choice.fallsOn() == null ? null : mission.find(choice.fallsOn());
    boolean falls = fallback != null;
    boolean own = fallback instanceof Answer answer && answer.choice().equals(ref);
    if (falls && !own) {
      find(
          Rule.FALLBACK_OF_ANOTHER_CHOICE,
          ref,
          "/fallback",
          choice.name() + " falls back on an answer to another choice.");
    } else if (falls && endless) {
      find(
          Rule.FALLBACK_WITHOUT_LIMIT,
          ref,
          "/limit",
          choice.name() + " falls back on an answer, but has no time limit.");
    }
    boolean conditional =
        !answers.isEmpty()
            && answers.stream().noneMatch(it -> Condition.isEmpty(it.getValue().when()));
    if (conditional && endless) {
      find(
          Rule.CHOICE_WITHOUT_WAY_OUT,
          ref,
          "",
          choice.name()
              + " may have no answer that can be given: leave one without a condition, or set a"
              + " time limit.");
    }
  }

  private void answer(String id, Answer answer) {
    Ref ref = new Ref(Family.ANSWERS, id);
    if (mission.find(answer.choice()) == null) {
      find(
          Rule.ANSWER_TO_NOTHING,
          ref,
          "/choice",
          "“%s” answers no choice: delete it.".formatted(answer.name()));
    }
    ScriptWalk.conditions(
        answer.when(),
        plain -> {
          if (plain instanceof Happening) {
            find(
                Rule.ANSWER_ASKS_WHAT_HAPPENS,
                ref,
                "/when",
                "“%s” can never be given: it asks what happens; say it as a state."
                    .formatted(answer.name()));
          }
        });
    new Contradictions(
            (rule, pointer, says) ->
                found.accept(
                    new Finding(
                        rule, Page.SCRIPT, ref, pointer, "“%s”: ".formatted(answer.name()) + says)))
        .look("/answers/" + id + "/when", answer.when());
  }
}
