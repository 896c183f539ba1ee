package org.flintmoss.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** What two players are told of a choice that is put to them at step 20. */
class QuestionFeedTest {
  private static World world(String decides, double limit, String fallback, boolean waits) {
    World world =
        new Stage()
            .start("q", 90, 60)
            .choice("c", decides, limit, fallback, waits)
            .answer("a1", "c")
            .answer("a2", "c", Stage.elapsed(3), "Not before 3 s.")
            .answer("a3", "c", Stage.elapsed(3), "")
            .event("asks", Stage.elapsed(1), "{'type':'ask','choice':" + ref("choices", "c") + "}")
            .world(1);
    world.step(List.of(new Command(0, new Input.Join()), new Command(1, new Input.Join())));
    Stage.steps(world, 18);
    return world;
  }

  private static <T extends TrialMessage> List<T> told(
      World world, PlayerFeed feed, int steps, Class<T> type) {
    List<T> told = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      world.step(List.of());
      feed.news().stream().filter(type::isInstance).map(type::cast).forEach(told::add);
    }
    return told;
  }

  private static List<TrialMessage.Question> asked(World world, PlayerFeed feed, int steps) {
    return told(world, feed, steps, TrialMessage.Asks.class).stream()
        .map(TrialMessage.Asks::asks)
        .toList();
  }

  private static PlayerFeed feed(World world, int seat) {
    PlayerFeed feed = new PlayerFeed(world, seat);
    feed.hello(Stage.HERE);
    return feed;
  }

  @Test
  void itIsToldOnceWithItsAnswersAndAgainAsTheyCanBeGiven() {
    World world = world("most", 9, "a1", false);
    List<TrialMessage.Question> asked = asked(world, feed(world, 0), 60);
    assertThat(asked).hasSize(2);
    assertThat(asked.getFirst())
        .isEqualTo(
            new TrialMessage.Question(
                "c",
                "c?",
                Choice.Decides.MOST,
                200,
                180,
                "a1",
                false,
                0,
                2,
                List.of(shown("a1", null), shown("a2", "Not before 3 s."))));
    assertThat(asked.get(1).answers())
        .containsExactly(shown("a1", null), shown("a2", null), shown("a3", null));
  }

  private static TrialMessage.ShownAnswer shown(String id, String lacks) {
    return new TrialMessage.ShownAnswer(id, id, lacks, 0, false);
  }

  @Test
  void whilePlayWaitsTheEndOfTheTimeStaysWhereItIs() {
    World world = world("first", 9, "a1", true);
    assertThat(asked(world, feed(world, 0), 60)).hasSize(1);
    assertThat(world.read().step()).isEqualTo(79);
  }

  @Test
  void votesAreToldToAllAndWhoseTheyAreToTheirOwn() {
    World world = world("most", 0, "", false);
    PlayerFeed one = feed(world, 0);
    PlayerFeed other = feed(world, 1);
    told(world, one, 1, TrialMessage.Asks.class);
    world.step(List.of(new Command(0, new Input.Answer("a1"))));
    assertThat(vote(one)).isEqualTo(new TrialMessage.ShownAnswer("a1", "a1", null, 1, true));
    assertThat(vote(other)).isEqualTo(new TrialMessage.ShownAnswer("a1", "a1", null, 1, false));
  }

  private static TrialMessage.ShownAnswer vote(PlayerFeed feed) {
    return feed.news().stream()
        .filter(TrialMessage.Asks.class::isInstance)
        .map(it -> ((TrialMessage.Asks) it).asks().answers().getFirst())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatCameOfItIsToldToThoseWhoWereAsked() {
    World first = world("first", 0, "", false);
    assertThat(outcome(first, new Input.Answer("a1"), 1))
        .containsExactly(new TrialMessage.Chose(21, "c", "Player", "a1"));
    World each = world("each", 0, "", false);
    assertThat(outcome(each, new Input.Answer("a1"), 1)).as("of one's own alone").isEmpty();
    World over = world("first", 0.5, "", false);
    assertThat(outcome(over, new Input.Join(), 10))
        .containsExactly(new TrialMessage.Chose(30, "c", null, null));
  }

  /** What the second player hears of what the first does a step after both are asked. */
  private static List<TrialMessage.Chose> outcome(World world, Input does, int steps) {
    PlayerFeed feed = feed(world, 1);
    told(world, feed, 1, TrialMessage.Asks.class);
    world.step(List.of(new Command(0, does)));
    return told(world, feed, steps, TrialMessage.Chose.class);
  }
}
