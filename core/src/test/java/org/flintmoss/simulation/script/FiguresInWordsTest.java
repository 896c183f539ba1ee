package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** What players are told with figures in it: as they are when it is said. */
class FiguresInWordsTest {
  private static String tell(String text, String figures) {
    return "{'type':'note','text':{'text':'%s','figures':{%s}},'to':{'type':'everybody'}}"
        .formatted(text, figures);
  }

  private static String counter(double times) {
    return "{'type':'formula','of':{'type':'counter','counter':%s},'times':%s,'plus':0}"
        .formatted(ref("counters", "c"), times);
  }

  private static List<String> told(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.NOTE)
        .map(it -> world.causes().words(it.ordinal()))
        .toList();
  }

  @Test
  void figuresAreReadWhenItIsSaidAndStayAsTheyWereSaid() {
    String add =
        "{'type':'addToCounter','amount':%s,'counter':%s}"
            .formatted(value(1), ref("counters", "c"));
    String says = tell("{a} of 3, {{a} and {b}", "'a':" + counter(1) + ",'b':" + counter(0.25));
    World world =
        new Stage()
            .put("/counters/c", "{'name':'c','value':1}")
            .event("one", elapsed(1), says, add, says)
            .after(30);
    assertThat(told(world)).containsExactly("1 of 3, {a} and 0.3", "2 of 3, {a} and 0.5");
  }

  @Test
  void secondsAreShownAsAClockShowsThemAndWhatIsNotKnownAsAQuestion() {
    String left =
        "'a':{'type':'formula','of':{'type':'left','timer':%s},'times':1,'plus':0}"
            .formatted(ref("timers", "t"));
    String gone =
        "'b':{'type':'formula','of':{'type':'left','timer':%s},'times':1,'plus':0}"
            .formatted(ref("timers", "x"));
    World world =
        new Stage()
            .put("/timers/t", "{'name':'t','seconds':95,'running':true,'shown':false}")
            .event("e", elapsed(1), tell("{a} left, {b}, {c}", left + "," + gone))
            .after(20);
    assertThat(told(world)).containsExactly("1:34 left, ?, {c}");
  }

  @Test
  void whatWasSaidBeforeAMomentIsForgottenWhenItIsGoneBackTo() {
    Stage stage =
        new Stage().event("e", elapsed(1), tell("one", "")).event("f", elapsed(2), tell("two", ""));
    World world = stage.after(30);
    byte[] saved = world.save();
    Stage.steps(world, 20);
    assertThat(told(world)).containsExactly("one", "two");
    world.load(saved);
    assertThat(told(world)).containsExactly("one");
    Stage.steps(world, 20);
    assertThat(told(world)).containsExactly("one", "two");
  }

  @Test
  void aLineIsSaidWithItsFiguresAsTheyWereWhenItBegan() {
    String figured = "{'text':'{a} are aboard','figures':{'a':%s}}".formatted(counter(1));
    Stage stage =
        new Stage()
            .put("/counters/c", "{'name':'c','value':1}")
            .speaker("bell", "{'type':'elsewhere'}")
            .talk("t", "story", "bell", "one", "bell", "two")
            .put("/conversations/t/lines/l0/text", figured)
            .put("/conversations/t/lines/l2/text", figured)
            .event(
                "e",
                elapsed(1),
                "{'type':'say','conversation':%s}".formatted(ref("conversations", "t")))
            .event("f", elapsed(1.5), add());
    World world = stage.world(1);
    Stage.steps(world, 22);
    byte[] saved = world.save();
    Stage.steps(world, 10);
    assertThat(world.told().heard(0).text()).as("as it was").isEqualTo("1 are aboard");
    Stage.steps(world, 60);
    assertThat(lines(world)).containsExactly("1 are aboard", "2 are aboard");
    world.load(saved);
    assertThat(world.told().heard(0).text()).isEqualTo("1 are aboard");
    Stage.steps(world, 70);
    assertThat(lines(world)).containsExactly("1 are aboard", "2 are aboard");
    World elsewhere = stage.world(1);
    elsewhere.load(saved);
    assertThat(elsewhere.told().heard(0).text()).as("without its log").isEqualTo("1 are aboard");
  }

  private static List<String> lines(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.LINE)
        .map(it -> world.causes().words(it.ordinal()))
        .toList();
  }

  private static String add() {
    return "{'type':'addToCounter','amount':%s,'counter':%s}"
        .formatted(value(1), ref("counters", "c"));
  }

  @Test
  void anObjectiveSaysItsFiguresAsTheyAreAndCountsToWhatItComesTo() {
    Stage stage =
        new Stage()
            .put("/counters/c", "{'name':'c','value':1}")
            .put(
                "/objectives/o",
                "{'name':'o','order':'a1','text':{'text':'{a} so far','figures':{'a':%s}},'rank':'primary','open':true,'tally':{'type':'counter','counter':%s,'of':{'type':'byTerms','number':{'value':3,'levels':{'storm':5},'perPlayer':0}}}}"
                    .formatted(counter(1), ref("counters", "c")))
            .event("f", elapsed(1), add());
    World world = stage.world(1);
    assertThat(world.told().text(0)).isEqualTo("1 so far");
    assertThat(world.told().goal(0)).isEqualTo(3);
    Stage.steps(world, 20);
    assertThat(world.told().text(0)).isEqualTo("2 so far");
    assertThat(stage.world(Difficulty.STORM, 1).told().goal(0)).isEqualTo(5);
  }

  @Test
  void aDebriefingSaysItsFiguresAsTheyWereWhenPlayWasOver() {
    World world =
        new Stage()
            .put("/counters/c", "{'name':'c','value':1}")
            .put(
                "/endings/w",
                "{'name':'w','order':'a1','outcome':'won','delay':1,'debriefing':{'text':'{a} came home in {b}.','figures':{'a':%s,'b':{'type':'formula','of':{'type':'played'},'times':1,'plus':0}}}}"
                    .formatted(counter(1)))
            .event("e", elapsed(1), "{'type':'end','ending':%s}".formatted(ref("endings", "w")))
            .event("f", elapsed(1.5), add())
            .after(100);
    assertThat(world.over()).isTrue();
    assertThat(world.told().debriefing()).isEqualTo("2 came home in 0:02.");
  }

  @Test
  void timesOfDayAreShownAsAClockAndHowFarItIsToNobodyAsAQuestion() {
    String day = "'a':{'type':'formula','of':{'type':'timeOfDay'},'times':1,'plus':0}";
    String far =
        "'b':{'type':'formula','of':{'type':'away','place':%s,'who':{'type':'side','side':%s}},'times':1,'plus':0}"
            .formatted(Stage.point(1, 1), ref("sides", "wreckers"));
    World world =
        new Stage()
            .put("/setting/startTime", "75900")
            .event("e", elapsed(1), tell("{a}, {b} m", day + "," + far))
            .after(20);
    assertThat(told(world)).containsExactly("21:05, ? m");
  }

  @Test
  void eachIsToldWhatTheyThemselvesCarry() {
    String carried =
        "'a':{'type':'formula','of':{'type':'carried','itemKind':%s,'who':{'type':'causer'}},'times':1,'plus':0}"
            .formatted(ref("itemKinds", "oil"));
    World world =
        new Stage()
            .start("q", 66, 64)
            .zone("z", 80, 64, 8)
            .put("/itemKinds/oil", "{'name':'Oil','figure':'flask','mass':1,'use':{'type':'kept'}}")
            .packs("starts", "p", "oil", 3)
            .packs("starts", "q", "oil", 5)
            .event(
                "e",
                0,
                "{'type':'whenFalse'}",
                "{'type':'enters','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'zone':%s}"
                    .formatted(ref("zones", "z")),
                tell("You carry {a}.", carried))
            .world(1);
    for (int seat = 0; seat < 2; seat++) {
      world.step(List.of(new Command(seat, new Input.Join())));
      world.step(List.of(new Command(seat, new Input.Go(82, 60 + 8 * seat))));
    }
    Stage.steps(world, 300);
    assertThat(told(world)).containsExactlyInAnyOrder("You carry 3.", "You carry 5.");
  }
}
