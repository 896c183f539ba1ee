package org.flintmoss.simulation.players;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.script.ToldReadings;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What players are asked, by hand-computed steps: an event asks at step 20, for all to see then.
 */
class ChoicesTest {
  private static final String ASK = "{'type':'ask','choice':" + ref("choices", "c") + "}";
  private static final String ANYBODY = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";

  /**
   * Two players, a choice of a1 and a2 that is asked after a second, and events for each answer.
   */
  private static Stage stage(String decides, double limit, String fallback, boolean waits) {
    return new Stage()
        .start("q", 90, 60)
        .choice("c", decides, limit, fallback, waits)
        .answer("a1", "c")
        .answer("a2", "c")
        .event("asks", Stage.elapsed(1), ASK)
        .event("one", 0, AGAIN, Stage.all(chosen("a1")))
        .event("two", 0, AGAIN, Stage.all(chosen("a2")))
        .event("byhand", 0, AGAIN, Stage.all(chooses("a1")))
        .event("none", 0, AGAIN, Stage.all(undecided()));
  }

  private static final String AGAIN = "{'type':'whenFalse'}";

  private static String chosen(String answer) {
    return "{'type':'isChosen','answer':%s}".formatted(ref("answers", answer));
  }

  private static String chooses(String answer) {
    return "{'type':'chooses','who':%s,'answer':%s}".formatted(ANYBODY, ref("answers", answer));
  }

  private static String undecided() {
    return "{'type':'staysUndecided','choice':" + ref("choices", "c") + "}";
  }

  /** A run in which both players sit, at the step in which they are asked. */
  private static World asked(Stage stage) {
    World world = stage.world(1);
    world.step(List.of(new Command(0, new Input.Join()), new Command(1, new Input.Join())));
    Stage.steps(world, 19);
    return world;
  }

  private static Command answer(int seat, String answer) {
    return new Command(seat, new Input.Answer(answer));
  }

  private static void answers(World world, Command... commands) {
    world.step(List.of(commands));
  }

  private static boolean isAsked(World world, int seat) {
    return world.told().asked(seat) != null;
  }

  private static List<Integer> fired(World world, String event) {
    return Stage.fired(world, event);
  }

  @Test
  void theFirstAnswerDecidesForAllAndCountsOnce() {
    World world = asked(stage("first", 0, "", false));
    assertThat(world.read().step()).isEqualTo(20);
    assertThat(isAsked(world, 0) && isAsked(world, 1)).isTrue();
    answers(world, answer(0, "a2"), answer(1, "a1"));
    Stage.steps(world, 5);
    assertThat(isAsked(world, 0) || isAsked(world, 1)).isFalse();
    assertThat(fired(world, "two")).containsExactly(21);
    assertThat(fired(world, "one")).isEmpty();
    answers(world, answer(1, "a1"));
    Stage.steps(world, 1);
    assertThat(fired(world, "one")).as("too late").isEmpty();
  }

  @Test
  void whoChoseIsTheCauser() {
    World world = asked(stage("first", 0, "", false));
    answers(world, answer(1, "a1"));
    Causes.Entry fired =
        world.causes().from(0).stream()
            .filter(it -> it.kind() == Causes.Kind.FIRED && it.detail() == Stage.number(world, "q"))
            .findFirst()
            .orElseThrow();
    assertThat(fired.step()).isEqualTo(21);
    assertThat(fired(world, "byhand")).containsExactly(21);
  }

  @Test
  void everybodyDecidesForThemselvesAndEachIsOneHappening() {
    World world = asked(stage("each", 0, "", false));
    answers(world, answer(0, "a1"));
    assertThat(isAsked(world, 0)).isFalse();
    assertThat(isAsked(world, 1)).isTrue();
    answers(world, answer(1, "a1"));
    assertThat(isAsked(world, 1)).isFalse();
    assertThat(fired(world, "one")).containsExactly(21, 22);
  }

  @Test
  void bothAtOnceAreTwoHappeningsWhereEachDecides() {
    World world = asked(stage("each", 0, "", false));
    answers(world, answer(0, "a1"), answer(1, "a1"));
    assertThat(fired(world, "one")).containsExactly(21, 21);
  }

  @Test
  void votesAreCountedOnceNobodysIsMissing() {
    World world = asked(stage("most", 0, "", false).start("r", 80, 60));
    answers(world, new Command(2, new Input.Join()));
    answers(world, answer(0, "a2"));
    answers(world, answer(1, "a1"));
    Stage.steps(world, 10);
    assertThat(world.told().asked(2).voted()).isEqualTo(2);
    assertThat(world.told().asked(2).voters()).isEqualTo(3);
    answers(world, answer(2, "a1"));
    assertThat(fired(world, "one")).containsExactly(34);
    assertThat(fired(world, "byhand")).as("through the first who voted for it").containsExactly(34);
  }

  @Test
  void aVoteCanBeChangedUntilItIsCounted() {
    World world = asked(stage("most", 0, "", false));
    answers(world, answer(0, "a2"));
    answers(world, answer(0, "a1"));
    assertThat(votes(world, 1)).containsExactly(1, 0);
    answers(world, answer(1, "a1"));
    assertThat(fired(world, "one")).containsExactly(23);
  }

  private static int[] votes(World world, int seat) {
    return world.told().asked(seat).answers().stream()
        .mapToInt(ToldReadings.Answerable::votes)
        .toArray();
  }

  @Test
  void evenVotesFallOnTheFallbackOrElseTheFirst() {
    World even = asked(stage("most", 0, "a2", false));
    answers(even, answer(0, "a2"), answer(1, "a1"));
    assertThat(fired(even, "two")).containsExactly(21);
    World without = asked(stage("most", 0, "", false));
    answers(without, answer(0, "a2"), answer(1, "a1"));
    assertThat(fired(without, "one")).containsExactly(21);
  }

  @Test
  void theVoteOfWhoLeavesDoesNotCountAndNobodyWaitsForIt() {
    World world = asked(stage("most", 0, "", false));
    answers(world, answer(0, "a2"));
    answers(world, new Command(1, new Input.Leave()));
    assertThat(fired(world, "two")).containsExactly(22);
  }

  @ParameterizedTest
  @ValueSource(strings = {"first", "most", "each"})
  void whenTheTimeIsOverItFallsBack(String decides) {
    World world = asked(stage(decides, 2, "a1", false));
    assertThat(world.told().asked(0).until()).isEqualTo(60);
    Stage.steps(world, 39);
    assertThat(isAsked(world, 0)).as("one step before").isTrue();
    assertThat(fired(world, "one")).isEmpty();
    Stage.steps(world, 1);
    assertThat(isAsked(world, 0)).isFalse();
    assertThat(fired(world, "one")).hasSize(decides.equals("each") ? 2 : 1).containsOnly(60);
    assertThat(fired(world, "byhand")).hasSize(decides.equals("each") ? 2 : 0);
    assertThat(fired(world, "none")).isEmpty();
  }

  @Test
  void withoutAFallbackItStaysUndecided() {
    World world = asked(stage("first", 2, "", false));
    Stage.steps(world, 60);
    assertThat(fired(world, "none")).containsExactly(60);
    assertThat(fired(world, "one")).isEmpty();
  }

  @Test
  void anAnswerOfAnotherChoiceIsNoFallback() {
    World world =
        asked(
            stage("first", 2, "b1", false)
                .choice("d", "first", 0, "", false)
                .answer("b1", "d")
                .answer("b2", "d"));
    Stage.steps(world, 60);
    assertThat(fired(world, "none")).containsExactly(60);
  }

  @Test
  void aChoiceWithoutAnswersStaysUndecidedAtOnce() {
    World world =
        asked(
            new Stage()
                .choice("c", "first", 0, "", true)
                .event("asks", Stage.elapsed(1), ASK)
                .event("none", 0, AGAIN, Stage.all(undecided())));
    assertThat(isAsked(world, 0)).isFalse();
    assertThat(fired(world, "none")).containsExactly(20);
    Stage.steps(world, 5);
    assertThat(world.told().asked(0)).isNull();
  }

  @Test
  void playStandsStillUntilItIsAnswered() {
    World world = asked(stage("first", 0, "", true).unit("w", "wreckers", "wrecker", 30, 30));
    answers(world, new Command(0, new Input.Steer(1, 0)));
    double x = world.read().x(world.plan().seat(0));
    Stage.steps(world, 30);
    assertThat(world.read().x(world.plan().seat(0))).isEqualTo(x);
    assertThat(world.read().step()).as("the run goes on").isEqualTo(51);
    assertThat(world.read().leapt()).as("the clock does not").isEqualTo(-31 * 0.05);
    answers(world, answer(0, "a1"));
    assertThat(fired(world, "one")).isEmpty();
    Stage.steps(world, 1);
    assertThat(fired(world, "one")).containsExactly(53);
    assertThat(world.read().x(world.plan().seat(0))).isGreaterThan(x);
  }

  @Test
  void whatIsAskedForWhilePlayStandsStillIsNotDone() {
    World world = asked(stage("first", 0, "", true).put("/calls/k", "{'name':'k','order':'a0'}"));
    answers(world, new Command(0, new Input.Call("k")), answer(0, "a1"));
    Stage.steps(world, 3);
    assertThat(
            world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.CALLED).toList())
        .isEmpty();
  }

  @Test
  void playGoesOnByItselfWhenTheTimeIsOver() {
    World world = asked(stage("first", 2, "a1", true));
    Stage.steps(world, 40);
    assertThat(fired(world, "one")).isEmpty();
    Stage.steps(world, 1);
    assertThat(fired(world, "one")).containsExactly(61);
  }

  @Test
  void playStandsStillForNobodyWhoCannotAnswer() {
    World never =
        asked(
            new Stage()
                .choice("c", "first", 0, "", true)
                .answer("a1", "c", flagOn(), "Not yet.")
                .put("/flags/f", "{'name':'f','on':false,'of':{'type':'mission'}}")
                .event("asks", Stage.elapsed(1), ASK)
                .event("later", Stage.elapsed(2), setFlag()));
    Stage.steps(never, 19);
    assertThat(never.told().asked(0).answers().getFirst().able()).isFalse();
    Stage.steps(never, 1);
    assertThat(never.told().asked(0).answers().getFirst().able()).isTrue();
    double leapt = never.read().leapt();
    Stage.steps(never, 5);
    assertThat(never.read().leapt()).as("now it can be answered").isLessThan(leapt);
    World left = asked(stage("first", 0, "", true));
    answers(left, new Command(0, new Input.Leave()), new Command(1, new Input.Leave()));
    Stage.steps(left, 2);
    assertThat(left.read().leapt()).isEqualTo(-1 * 0.05);
  }

  private static String flagOn() {
    return Stage.all("{'type':'flag','flag':%s,'on':'on'}".formatted(ref("flags", "f")));
  }

  private static String setFlag() {
    return "{'type':'setFlag','flag':%s,'on':'on'}".formatted(ref("flags", "f"));
  }

  @Test
  void anAnswerThatCannotBeGivenIsNotTaken() {
    String carries =
        Stage.all(
            "{'type':'carries','who':{'quantifier':{'type':'any'},'whom':{'type':'causer'}},'comparison':'atLeast','count':{'type':'number','value':1},'itemKind':%s}"
                .formatted(ref("itemKinds", "salve")));
    World world =
        asked(
            stage("each", 0, "", false)
                .answer("a3", "c", carries, "You need a tin.")
                .event("three", 0, AGAIN, Stage.all(chosen("a3")))
                .event(
                    "gives",
                    Stage.elapsed(0.5),
                    "{'type':'give','who':{'quantifier':{'type':'any'},'whom':{'type':'start','start':%s}},'itemKind':%s,'count':{'type':'number','value':1}}"
                        .formatted(ref("starts", "q"), ref("itemKinds", "salve"))));
    assertThat(able(world, 0)).containsExactly(true, true, false);
    assertThat(able(world, 1)).as("of each player by themselves").containsExactly(true, true, true);
    answers(world, answer(0, "a3"), answer(1, "a3"));
    assertThat(fired(world, "three")).containsExactly(21);
    assertThat(isAsked(world, 0)).isTrue();
  }

  private static Boolean[] able(World world, int seat) {
    return world.told().asked(seat).answers().stream()
        .map(ToldReadings.Answerable::able)
        .toArray(Boolean[]::new);
  }

  @Test
  void oneIsAskedAfterTheOther() {
    World world =
        asked(
            stage("first", 0, "", false)
                .choice("b", "first", 0, "", false)
                .answer("b1", "b")
                .answer("b2", "b")
                .event("asks2", Stage.elapsed(1.5), ASK.replace("'id':'c'", "'id':'b'")));
    Stage.steps(world, 15);
    assertThat(world.told().asked(0).choice()).as("c, which was asked first").isEqualTo(1);
    answers(world, answer(0, "b1"));
    assertThat(world.told().asked(0).choice()).as("not asked yet").isEqualTo(1);
    answers(world, answer(0, "a1"));
    assertThat(world.told().asked(0).choice()).isZero();
  }

  @Test
  void theTimeOfAChoiceBeginsWhenAnybodySeesIt() {
    World world =
        asked(
            stage("first", 0, "", false)
                .choice("b", "first", 1, "b1", false)
                .answer("b1", "b")
                .event("asks2", Stage.elapsed(1.5), ASK.replace("'id':'c'", "'id':'b'"))
                .event("late", 0, AGAIN, Stage.all(chosen("b1"))));
    Stage.steps(world, 59);
    assertThat(fired(world, "late")).as("it stands behind the first").isEmpty();
    answers(world, answer(0, "a1"));
    int seen = world.read().step();
    Stage.steps(world, 30);
    assertThat(fired(world, "late")).containsExactly(seen + 19);
  }

  @Test
  void askedTwiceItKeepsVotesAndBeginsItsTimeAnew() {
    World world = asked(stage("most", 2, "a1", false).event("again", Stage.elapsed(2), ASK));
    answers(world, answer(0, "a2"));
    Stage.steps(world, 19);
    assertThat(world.told().asked(0).until()).isEqualTo(80);
    assertThat(votes(world, 0)).containsExactly(0, 1);
    Stage.steps(world, 39);
    assertThat(isAsked(world, 0)).isTrue();
    Stage.steps(world, 1);
    assertThat(fired(world, "two")).containsExactly(80);
  }

  @Test
  void whatIsNoLongerAskedIsNotDecided() {
    World world =
        asked(
            stage("first", 2, "a1", false)
                .event(
                    "no",
                    Stage.elapsed(2),
                    "{'type':'askNoMore','choice':" + ref("choices", "c") + "}"));
    Stage.steps(world, 20);
    assertThat(isAsked(world, 0)).isFalse();
    Stage.steps(world, 40);
    assertThat(Stream.of("one", "two", "none").flatMap(it -> fired(world, it).stream()).toList())
        .isEmpty();
  }

  @Test
  void itIsAskedOfThoseAloneWhoAreMeant() {
    String only =
        "{'type':'ask','choice':%s,'to':{'type':'only','who':{'quantifier':{'type':'any'},'whom':{'type':'start','start':%s}}}}"
            .formatted(ref("choices", "c"), ref("starts", "q"));
    World world = asked(stage("first", 0, "", false).event("asks", Stage.elapsed(1), only));
    assertThat(isAsked(world, 0)).isFalse();
    assertThat(isAsked(world, 1)).isTrue();
    answers(world, answer(0, "a1"));
    assertThat(isAsked(world, 1)).as("not by others").isTrue();
  }

  @Test
  void savedAndLoadedItGoesOnTheSame() {
    for (boolean waits : new boolean[] {false, true}) {
      World world = asked(stage("most", 3, "a1", waits));
      answers(world, answer(0, "a2"));
      Stage.steps(world, 7);
      byte[] saved = world.save();
      World other = stage("most", 3, "a1", waits).world(1);
      other.load(saved);
      for (World one : Arrays.asList(world, other)) {
        answers(one, answer(1, "a2"));
        Stage.steps(one, 5);
      }
      assertThat(other.hash()).isEqualTo(world.hash());
      assertThat(fired(other, "two")).containsExactly(waits ? 30 : 29);
    }
  }
}
