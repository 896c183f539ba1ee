package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

class EventsTest {
  private static final String PLAYER_IN_A =
      "{'type':'inside','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'zone':"
          + ref("zones", "a")
          + "}";

  @Test
  void playThatHasLastedEightSecondsIsStepOneHundredAndSixty() {
    World world = new Stage().event("e", elapsed(8)).after(400);
    assertThat(fired(world, "e")).containsExactly(160);
  }

  @Test
  void whatIsTrueAtTheStartFiresInTheFirstStep() {
    World world = new Stage().zone("a", 64, 64, 5).event("e", all(PLAYER_IN_A)).after(3);
    assertThat(fired(world, "e")).containsExactly(1);
  }

  @Test
  void anEventWithoutConditionsNeverFires() {
    World world = new Stage().event("e", all()).after(50);
    assertThat(fired(world, "e")).isEmpty();
  }

  @Test
  void aChangeMadeInARoundFiresOthersInTheNextRoundOfTheSameStep() {
    World world =
        new Stage()
            .flag("f")
            .event("a", all(flagOn("f")))
            .event("b", elapsed(1), turn("f", "on"))
            .after(40);
    assertThat(fired(world, "b")).containsExactly(20);
    assertThat(fired(world, "a")).containsExactly(20);
  }

  @Test
  void eventsOfOneRoundFireInTheirOrderThoughTheFirstUndoesWhatTheSecondWaitsFor() {
    World world =
        new Stage()
            .flag("f")
            .event("set", elapsed(1), turn("f", "on"))
            .event("x", all(flagOn("f")), turn("f", "off"))
            .event("y", all(flagOn("f")))
            .after(40);
    assertThat(fired(world, "y")).as("due in a round is fixed at its start").containsExactly(20);
  }

  @Test
  void anEventFiresOnlyWhenItsConditionBecomesTrueAndAtMostSoOften() {
    Stage stage =
        new Stage()
            .flag("f")
            .event("on", 0, "{'type':'every','seconds':2}", elapsed(1), turn("f", "on"))
            .event("off", 0, "{'type':'every','seconds':2}", elapsed(2), turn("f", "off"))
            .event("e", 2, "{'type':'whenFalse'}", all(flagOn("f")));
    World world = stage.after(400);
    assertThat(fired(world, "on").subList(0, 3)).containsExactly(20, 60, 100);
    assertThat(fired(world, "e")).containsExactly(20, 60);
  }

  @Test
  void readyAgainAfterSomeTimeWaitsForTheConditionToBecomeTrueAnew() {
    World world =
        new Stage()
            .flag("f")
            .event("on", 0, "{'type':'every','seconds':2}", elapsed(1), turn("f", "on"))
            .event("off", 0, "{'type':'every','seconds':2}", elapsed(2), turn("f", "off"))
            .event("e", 0, "{'type':'after','seconds':3}", all(flagOn("f")))
            .after(200);
    assertThat(fired(world, "e")).as("60 and 140 come too soon").containsExactly(20, 100, 180);
  }

  @Test
  void linesWaitOneAfterTheOtherAndDoNotAskTheConditionAgain() {
    World world =
        new Stage()
            .flag("f")
            .flag("g")
            .event(
                "e", elapsed(1), turn("f", "on"), "2|" + turn("f", "off"), "1|" + turn("g", "on"))
            .event("seen", all(flagOn("g")))
            .after(200);
    assertThat(fired(world, "seen")).containsExactly(80);
  }

  @Test
  void aTriggerWhileAFiringWaitsIsDroppedAndLogged() {
    World world =
        new Stage()
            .flag("f")
            .event("on", 0, "{'type':'every','seconds':1}", elapsed(1), turn("f", "on"))
            .event(
                "e",
                0,
                "{'type':'whenFalse'}",
                all(flagOn("f")),
                turn("f", "off"),
                "2.5|" + turn("f", "off"))
            .after(60);
    assertThat(fired(world, "e")).containsExactly(20);
    assertThat(world.causes().from(0))
        .filteredOn(entry -> entry.kind() == Causes.Kind.DROPPED)
        .extracting(Causes.Entry::step)
        .containsExactly(40);
  }

  @Test
  void inAllTheTimesAreAddedUpForWhichItHeld() {
    String held = "{'type':'heldFor','inAll':true,'of':%s,'seconds':4}".formatted(flagOn("f"));
    Stage stage =
        new Stage()
            .flag("f")
            .event("e", all(held))
            .event("still", 0, "{'type':'every','seconds':1}", all(held))
            .event("a", elapsed(1), turn("f", "on"), "3|" + turn("f", "off"))
            .event("b", elapsed(10), turn("f", "on"));
    World world = stage.after(150);
    World other = stage.world(1);
    other.load(world.save());
    other.step(List.of());
    Stage.steps(world, 100);
    assertThat(fired(world, "e")).as("3 s, and 1 s from step 200 on").containsExactly(220);
    assertThat(fired(world, "still")).startsWith(220, 240);
    for (int step = 0; step < 99; step++) {
      other.step(List.of());
    }
    assertThat(other.hash()).isEqualTo(world.hash());
  }

  @Test
  void heldForNeedsTheWholeTimeWithoutABreak() {
    World world =
        new Stage()
            .flag("f")
            .event(
                "on", elapsed(1), turn("f", "on"), "3|" + turn("f", "off"), "1|" + turn("f", "on"))
            .event(
                "e",
                all("{'type':'heldFor','inAll':false,'of':%s,'seconds':4}".formatted(flagOn("f"))))
            .after(300);
    assertThat(fired(world, "e")).containsExactly(180);
  }

  @Test
  void eventsThatChaseEachOtherStopTheRunAndAreNamed() {
    World world =
        new Stage()
            .flag("f")
            .event("a", 0, "{'type':'whenFalse'}", all(flagOn("f")), turn("f", "off"))
            .event(
                "b",
                0,
                "{'type':'whenFalse'}",
                all("{'type':'not','of':%s}".formatted(flagOn("f"))),
                turn("f", "on"))
            .after(5);
    assertThat(world.over()).isTrue();
    assertThat(world.read().step()).isEqualTo(1);
    assertThat(world.chasing()).isNotEmpty().isSubsetOf("a", "b");
  }

  @Test
  void anOpenReferenceMakesItsConditionFalseAlsoUnderNot() {
    String gone = flagOn("gone");
    World world =
        new Stage()
            .event("e", all(gone))
            .event("n", all("{'type':'not','of':%s}".formatted(gone)))
            .after(5);
    assertThat(fired(world, "e")).isEmpty();
    assertThat(fired(world, "n")).isEmpty();
  }

  @Test
  void quantifiersCountTheLivingAndAllNeedsAtLeastOne() {
    Stage stage =
        new Stage()
            .zone("a", 20, 20, 8)
            .unit("w1", "wreckers", "wrecker", 20, 20)
            .unit("w2", "wreckers", "wrecker", 100, 20)
            .event("any", all(wreckersIn("{'type':'any'}")))
            .event("all", all(wreckersIn("{'type':'all'}")))
            .event("none", all(wreckersIn("{'type':'none'}")))
            .event(
                "two",
                all(
                    wreckersIn(
                        "{'type':'atLeast','count':{'count':2,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}}")))
            .event("half", all(wreckersIn("{'type':'share','percent':50}")))
            .event(
                "kill",
                elapsed(1),
                "{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}},'amount':{'type':'number','value':500}}"
                    .formatted(ref("units", "w2")));
    World world = stage.after(30);
    assertThat(fired(world, "any")).containsExactly(1);
    assertThat(fired(world, "half")).containsExactly(1);
    assertThat(fired(world, "none")).isEmpty();
    assertThat(fired(world, "two")).isEmpty();
    assertThat(fired(world, "all")).as("when the one outside has died").containsExactly(21);
  }

  private static String wreckersIn(String quantifier) {
    return "{'type':'inside','who':{'quantifier':%s,'whom':{'type':'side','side':%s}},'zone':%s}"
        .formatted(quantifier, ref("sides", "wreckers"), ref("zones", "a"));
  }

  @Test
  void countersAddSetAndAreCompared() {
    World world =
        new Stage()
            .put("/counters/c", "{'name':'c','value':1}")
            .event(
                "add",
                3,
                "{'type':'every','seconds':1}",
                elapsed(1),
                "{'type':'addToCounter','amount':{'type':'formula','of':{'type':'counter','counter':%s},'times':1,'plus':0},'counter':%s}"
                    .formatted(ref("counters", "c"), ref("counters", "c")))
            .event(
                "eight",
                all(
                    "{'type':'counter','counter':%s,'comparison':'atLeast','amount':{'type':'number','value':8}}"
                        .formatted(ref("counters", "c"))))
            .after(100);
    assertThat(world.script().counter(0)).isEqualTo(8);
    assertThat(fired(world, "eight")).containsExactly(60);
  }

  @Test
  void objectivesOpenAreDoneAndTheFirstEndingStands() {
    Stage stage =
        new Stage()
            .put(
                "/objectives/o",
                "{'name':'o','order':'a1','text':'','rank':'primary','open':false}")
            .put(
                "/endings/w", "{'name':'w','order':'a1','outcome':'won','delay':1,'debriefing':''}")
            .put(
                "/endings/l",
                "{'name':'l','order':'a2','outcome':'lost','delay':0,'debriefing':''}")
            .event(
                "open",
                elapsed(1),
                "{'type':'openObjective','objective':%s}".formatted(ref("objectives", "o")))
            .event(
                "done",
                all(
                    "{'type':'objective','objective':%s,'state':'open'}"
                        .formatted(ref("objectives", "o"))),
                "1|{'type':'completeObjective','objective':%s}".formatted(ref("objectives", "o")),
                "{'type':'end','ending':%s}".formatted(ref("endings", "w")),
                "{'type':'end','ending':%s}".formatted(ref("endings", "l")));
    World world = stage.after(39);
    assertThat(world.script().objective(0)).isEqualTo(ObjectiveState.OPEN);
    Stage.steps(world, 100);
    assertThat(world.script().objective(0)).isEqualTo(ObjectiveState.DONE);
    assertThat(world.ending().name()).isEqualTo("w");
    assertThat(world.read().step()).as("40 and a delay of 20").isEqualTo(60);
  }

  @Test
  void anEventAsleepDoesNotFireAndIsAnewWhenWoken() {
    World world =
        new Stage()
            .flag("f")
            .event(
                "a1sleep",
                all("{'type':'elapsed','comparison':'atLeast','time':0}"),
                "{'type':'putToSleep','event':%s}".formatted(ref("events", "e")))
            .event(
                "b1wake",
                elapsed(3),
                "{'type':'wakeEvent','event':%s}".formatted(ref("events", "e")))
            .event("e", elapsed(1))
            .after(100);
    assertThat(fired(world, "e")).containsExactly(60);
  }

  @Test
  void sendMovesTheCauserInTheNextStep() {
    World world =
        new Stage()
            .zone("a", 20, 20, 8)
            .unit("w", "townsfolk", "townsman", 20, 20)
            .event(
                "e",
                all(wreckersIn("{'type':'any'}").replace("wreckers", "townsfolk")),
                "{'type':'send','who':{'quantifier':{'type':'all'},'whom':{'type':'causer'}},'place':{'type':'point','position':{'x':40,'y':20}}}")
            .after(20 * 30);
    int townsman = 1;
    assertThat(world.read().x(townsman)).isBetween(38.0, 42.0);
  }

  private static String branch(String condition, String then, String otherwise) {
    return "0|{'type':'if','condition':%s,'then':{%s},'otherwise':{%s}}"
        .formatted(condition, then, otherwise);
  }

  private static String line(String id, double after, String action) {
    return "'%s':{'order':'a0','after':{'type':'number','value':%s},'action':%s}"
        .formatted(id, after, action.substring(action.indexOf('|') + 1));
  }

  @org.junit.jupiter.params.ParameterizedTest
  @org.junit.jupiter.params.provider.CsvSource({"true, then", "false, otherwise"})
  void aBranchGoesOneWayOrTheOtherAndThenOn(boolean on, String way) {
    Stage stage =
        new Stage()
            .put("/flags/lit", "{'name':'lit','on':%s}".formatted(on))
            .flag("then")
            .flag("otherwise")
            .flag("after")
            .event(
                "e",
                Stage.elapsed(1),
                branch(
                    Stage.all(Stage.flagOn("lit")),
                    line("t", 2, Stage.turn("then", "on")),
                    line("o", 2, Stage.turn("otherwise", "on"))),
                Stage.turn("after", "on"));
    for (String flag : new String[] {"then", "otherwise", "after"}) {
      stage.event("saw" + flag, Stage.all(Stage.flagOn(flag)));
    }
    World world = stage.after(100);
    assertThat(Stage.fired(world, "saw" + way)).containsExactly(60);
    assertThat(Stage.fired(world, "saw" + (on ? "otherwise" : "then"))).isEmpty();
    assertThat(Stage.fired(world, "sawafter")).containsExactly(60);
  }

  @Test
  void aDurationInABranchIsKeptWhileTheEventIsNotUnderWay() {
    String held =
        Stage.all(
            "{'type':'heldFor','inAll':false,'seconds':3,'of':%s}".formatted(Stage.flagOn("lit")));
    Stage stage =
        new Stage()
            .flag("lit")
            .flag("long")
            .event("on", Stage.elapsed(1), Stage.turn("lit", "on"))
            .event(
                "ask",
                0,
                "{'type':'every','seconds':1}",
                Stage.elapsed(0.05),
                branch(held, line("t", 0, Stage.turn("long", "on")), ""))
            .event("saw", Stage.all(Stage.flagOn("long")));
    World world = stage.after(200);
    assertThat(Stage.fired(world, "saw").getFirst()).isBetween(80, 101);
  }

  @Test
  void aBranchSeesWhatALineBeforeItHasChanged() {
    String then = "{'l':{'order':'a0','after':%s,'action':%s}}";
    World world =
        new Stage()
            .flag("f")
            .flag("g")
            .event("seen", all(flagOn("g")))
            .event(
                "e",
                elapsed(1),
                turn("f", "on"),
                "{'type':'if','condition':%s,'then':%s,'otherwise':{}}"
                    .formatted(all(flagOn("f")), then.formatted(Stage.value(0), turn("g", "on"))))
            .after(30);
    assertThat(fired(world, "seen")).containsExactly(20);
  }

  @Test
  void whatFiresAgainAndAgainGoesOnAfterATurnThatCameWhileItWaited() {
    World world =
        new Stage()
            .flag("f")
            .event("e", 0, "{'type':'every','seconds':1}", elapsed(1), "1.5|" + turn("f", "on"))
            .after(130);
    assertThat(fired(world, "e")).containsExactly(20, 60, 100);
  }

  @Test
  void aTimerThatIsStoppedIsSeenNotToRun() {
    String timer = ref("timers", "t");
    World world =
        new Stage()
            .put("/timers/t", "{'name':'t','seconds':5,'running':true,'shown':false}")
            .event("stops", elapsed(1), "{'type':'stopTimer','timer':%s}".formatted(timer))
            .event("e", all("{'type':'not','of':{'type':'runs','timer':%s}}".formatted(timer)))
            .after(60);
    assertThat(fired(world, "e")).containsExactly(20);
  }
}
