package org.flintmoss.check.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;
import static org.flintmoss.Stage.value;

import java.util.List;
import java.util.stream.LongStream;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.RandomMissions;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is found about scripts: what can never be, and what speaks against itself. */
class ScriptChecksTest {
  private static final String NEVER = "{'type':'whenFalse'}";

  private static List<Finding> findings(Stage stage) {
    return new ScriptChecks(stage.document(), stage.mission()).findings();
  }

  private static List<String> says(Stage stage) {
    return findings(stage).stream().map(Finding::says).toList();
  }

  /** A stage that can be won and lost after some time, and of which nothing else is found. */
  private static Stage sound() {
    return new Stage()
        .put("/endings/won", ending("Won", "won"))
        .put("/endings/lost", ending("Lost", "lost"))
        .event("wins", elapsed(60), end("won"))
        .event("loses", elapsed(90), end("lost"));
  }

  private static String ending(String name, String outcome) {
    return "{'name':'%s','order':'a0','outcome':'%s','delay':1,'debriefing':''}"
        .formatted(name, outcome);
  }

  private static String end(String id) {
    return "{'type':'end','ending':%s}".formatted(ref("endings", id));
  }

  private static String counter(String comparison, double amount) {
    return "{'type':'counter','counter':%s,'comparison':'%s','amount':%s}"
        .formatted(ref("counters", "c"), comparison, value(amount));
  }

  private static Stage asleep(String... actions) {
    return sound().event("e", elapsed(1), actions).put("/events/e/listens", "'onceWoken'");
  }

  private static final String NOTE = "{'type':'note','text':'Ho.'}";

  @Test
  void aSoundScriptHasNoFindings() {
    assertThat(says(sound())).isEmpty();
  }

  @Test
  void anEventThatNobodyWakesIsFoundAndMayListenFromTheStart() {
    List<Finding> found = findings(asleep(NOTE));
    assertThat(found).hasSize(1);
    assertThat(found.getFirst().says())
        .isEqualTo("e is asleep, and no event that can fire wakes it.");
    assertThat(found.getFirst().fix().changes().getFirst().pointer())
        .isEqualTo("/events/e/listens");
    String wake = "{'type':'wakeEvent','event':%s}".formatted(ref("events", "e"));
    assertThat(says(asleep(NOTE).event("w", elapsed(2), wake))).isEmpty();
    assertThat(says(asleep(NOTE, wake)))
        .as("who only wakes itself stays asleep")
        .containsExactly("e is asleep, and no event that can fire wakes it.");
  }

  @Test
  void aMissionThatNothingEndsIsFound() {
    Stage stage = sound().put("/events/wins/listens", "'never'");
    assertThat(says(stage))
        .containsExactly("The mission cannot be won: no event that can fire ends it with Won.");
    assertThat(says(stage.event("again", elapsed(2), end("won")))).isEmpty();
  }

  @Test
  void anEndingThatNothingLeadsToIsFoundBesideOthers() {
    Stage stage = sound().put("/endings/more", ending("More", "won"));
    assertThat(says(stage))
        .containsExactly("More is never reached: no event that can fire ends with it.");
  }

  @Test
  void anEndingBehindAFlagThatNothingTurnsIsNotReached() {
    Stage stage = sound().flag("f").event("wins", all(flagOn("f")), end("won"));
    assertThat(says(stage))
        .contains("f is asked for, but nothing ever changes it.")
        .anyMatch(it -> it.startsWith("The mission cannot be won: no event"));
    assertThat(says(stage.event("t", elapsed(1), turn("f", "off"))))
        .as("turning it off does not help")
        .anyMatch(it -> it.startsWith("The mission cannot be won: no event"));
    assertThat(says(stage.event("t", elapsed(1), turn("f", "on")))).isEmpty();
  }

  @Test
  void whatIsChangedAndNeverAskedForIsFound() {
    Stage stage = sound().flag("f").event("t", elapsed(1), turn("f", "on"));
    assertThat(says(stage))
        .containsExactly("Nothing ever asks for f: delete it, or let an event read it.");
  }

  @Test
  void aTimerThatPlayersSeeNeedsNoReader() {
    String timer = "{'name':'t','seconds':5,'running':true,'shown':%s}";
    assertThat(says(sound().put("/timers/t", timer.formatted(true)))).isEmpty();
    assertThat(says(sound().put("/timers/t", timer.formatted(false)))).hasSize(1);
  }

  private static Stage objective(boolean open) {
    return sound()
        .put(
            "/objectives/o",
            "{'name':'Light it','order':'a1','text':'','rank':'primary','open':%s}"
                .formatted(open));
  }

  @Test
  void anObjectiveThatIsNeverOpenOrNeverDoneIsFound() {
    List<Finding> never = findings(objective(false));
    assertThat(never.getFirst().says()).startsWith("Light it is never open");
    assertThat(never.getFirst().fix().word()).isEqualTo("Open it from the start");
    assertThat(says(objective(true)))
        .singleElement()
        .asString()
        .startsWith("Light it is never done");
    String done = "{'type':'completeObjective','objective':%s}".formatted(ref("objectives", "o"));
    assertThat(says(objective(true).event("d", elapsed(1), done))).isEmpty();
  }

  @Test
  void anObjectiveMayBeOpenedAndDoneByConditionsOfItsOwn() {
    Stage stage = objective(false).put("/objectives/o/opens", elapsed(1));
    stage.put("/objectives/o/done", elapsed(2));
    assertThat(says(stage)).isEmpty();
    stage.flag("f").put("/objectives/o/done", all(flagOn("f")));
    assertThat(says(stage))
        .contains("f is asked for, but nothing ever changes it.")
        .anyMatch(it -> it.startsWith("Light it is never done"));
    String off = flagOn("f").replace("'on':'on'", "'on':'off'");
    stage.put("/objectives/o/done", all(flagOn("f"), off));
    assertThat(says(stage))
        .contains("Light it: its conditions exclude each other, so they never hold.");
  }

  @ParameterizedTest
  @ValueSource(strings = {"flags", "counters", "not"})
  void conditionsThatExcludeEachOtherAreFound(String which) {
    String off = flagOn("f").replace("'on':'on'", "'on':'off'");
    String when =
        switch (which) {
          case "flags" -> all(flagOn("f"), off);
          case "counters" -> all(counter("atLeast", 5), counter("atMost", 4));
          default -> all(flagOn("f"), "{'type':'not','of':%s}".formatted(flagOn("f")));
        };
    Stage stage =
        sound()
            .flag("f")
            .put("/counters/c", "{'name':'c','value':0}")
            .event("e", when, turn("f", "on"));
    assertThat(says(stage)).contains("e: its conditions exclude each other, so they never hold.");
  }

  @Test
  void conditionsThatMayHoldTogetherAreLeftAlone() {
    Stage stage =
        sound()
            .put("/counters/c", "{'name':'c','value':5}")
            .event("e", all(counter("atLeast", 5), counter("atMost", 5)), NOTE);
    assertThat(says(stage)).noneMatch(it -> it.contains("exclude"));
  }

  @Test
  void oneOfTwoThatIsAlwaysTrueIsFound() {
    String off = flagOn("f").replace("'on':'on'", "'on':'off'");
    String any = all(flagOn("f"), off).replace("'type':'all'", "'type':'any'");
    Stage stage = sound().flag("f").event("e", any, turn("f", "on"));
    assertThat(says(stage))
        .contains("e: one of its conditions is always true, so they ask for nothing.");
  }

  @Test
  void eventsThatListenForTheSameAndDoTheOppositeAreFound() {
    Stage stage =
        sound()
            .flag("f")
            .event("a", elapsed(3), turn("f", "on"))
            .event("b", elapsed(3), turn("f", "off"))
            .event("c", all(flagOn("f")), NOTE);
    assertThat(says(stage))
        .containsExactly(
            "b and a listen for the same and do the opposite to f; the later one stands.");
    assertThat(says(stage.event("b", elapsed(4), turn("f", "off")))).isEmpty();
  }

  @Test
  void anEventThatNeedsASeatThatMayStayEmptyIsFound() {
    String start =
        "{'name':'Second','side':%s,'kind':%s,'position':{'x':60,'y':60},'facing':0,'order':'b1','empty':'%s'}";
    String who =
        "{'quantifier':{'type':'any'},'whom':{'type':'start','start':%s}}"
            .formatted(ref("starts", "q"));
    String up = "{'type':'fares','who':%s,'state':'up'}".formatted(who);
    Stage stage = sound().event("e", 1, NEVER, all(up), NOTE);
    stage.put(
        "/starts/q", start.formatted(ref("sides", "keepers"), ref("kinds", "keeper"), "away"));
    assertThat(says(stage))
        .containsExactly("e waits for Second, who stays away while nobody takes the seat.");
    stage.put("/starts/q/empty", "'companion'");
    assertThat(says(stage)).isEmpty();
  }

  static LongStream seeds() {
    return LongStream.range(0, 60);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void nothingIsRuledOutThatThenHappens(long seed) {
    Stage stage = new RandomMissions(seed).stage();
    Mission mission = stage.mission();
    MayHappen may = new MayHappen(mission);
    World world = stage.world(seed);
    Stage.steps(world, 240);
    for (Causes.Entry entry : world.causes().from(0)) {
      if (entry.kind() == Causes.Kind.FIRED) {
        String id = world.plan().script().programs().get(entry.subject()).id();
        assertThat(may.happens(new Ref(Family.EVENTS, id))).as(id).isTrue();
        assertThat(may.listens(id)).isTrue();
      }
    }
  }
}
