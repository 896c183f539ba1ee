package org.flintmoss.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.script.Begin;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a designer is shown of a run. */
class InsightTest {
  private static Insight.EventStatus event(World world, String id) {
    return new Insight(world)
        .events().stream().filter(it -> it.id().equals(id)).findFirst().orElseThrow();
  }

  private static Insight.Mind mind(World world, String id) {
    int unit = Stage.number(world, id);
    return new Insight(world)
        .minds().stream().filter(it -> it.unit() == unit).findFirst().orElseThrow();
  }

  @Test
  void aConditionIsToldPartByPartWithWhatItReads() {
    String near =
        "{'type':'near','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'comparison':'atMost','distance':{'type':'number','value':5},'place':{'type':'point','position':{'x':64,'y':84}}}";
    World world =
        new Stage()
            .flag("lit")
            .event("e", Stage.all(Stage.flagOn("lit"), "{'type':'not','of':%s}".formatted(near)))
            .after(3);
    Insight.EventStatus standing = event(world, "e");
    assertThat(standing.why()).isEqualTo(Insight.State.AWAITS);
    assertThat(standing.when().holds()).isFalse();
    Insight.Why flag = standing.when().parts().get(0);
    Insight.Why not = standing.when().parts().get(1);
    assertThat(flag.holds()).isFalse();
    assertThat(not.holds()).isTrue();
    assertThat(not.parts().getFirst().gauge().value()).isEqualTo(20);
    assertThat(not.parts().getFirst().gauge().holding()).isZero();
    assertThat(not.parts().getFirst().gauge().of()).isEqualTo(1);
  }

  @Test
  void aDurationTellsForHowLongItHasHeld() {
    String held =
        "{'type':'heldFor','inAll':false,'seconds':10,'of':{'type':'elapsed','comparison':'atLeast','time':1}}";
    World world = new Stage().event("e", Stage.all(held)).after(100);
    Insight.Why why = event(world, "e").when().parts().getFirst();
    assertThat(why.holds()).isFalse();
    assertThat(why.forSeconds()).isEqualTo(4);
  }

  @Test
  void whyAnEventDoesNotFireIsTold() {
    World world =
        new Stage()
            .event("once", Stage.elapsed(1))
            .event("open", Stage.all(Stage.flagOn("gone")))
            .event("slow", Stage.elapsed(1), "0|" + wait("once"), "5|" + wait("once"))
            .event("asleep", Stage.elapsed(9))
            .event(
                "sandman",
                Stage.elapsed(0),
                "0|{'type':'putToSleep','event':%s}".formatted(Stage.ref("events", "asleep")))
            .after(60);
    assertThat(event(world, "once").why()).isEqualTo(Insight.State.SPENT);
    assertThat(event(world, "once").last()).isEqualTo(20);
    assertThat(event(world, "open").when().parts().getFirst().open()).isTrue();
    assertThat(event(world, "slow").why()).isEqualTo(Insight.State.WAITS);
    assertThat(event(world, "slow").line()).isEqualTo(1);
    assertThat(event(world, "slow").due()).isEqualTo(3);
    assertThat(event(world, "asleep").why()).isEqualTo(Insight.State.ASLEEP);
  }

  private static String wait(String event) {
    return "{'type':'wakeEvent','event':%s}".formatted(Stage.ref("events", event));
  }

  @Test
  void mindsTellOrdersWaysAndTargets() {
    World world =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 72)
            .put("/units/w/facing", "180")
            .unit(
                "k",
                "keeper",
                40,
                20,
                "{'type':'prowl','to':{'type':'point','position':{'x':20,'y':20}},'pause':0}")
            .put("/units/k/facing", "270")
            .after(60);
    Insight.Mind foe = mind(world, "w");
    assertThat(foe.task()).isEqualTo(Task.FIGHT);
    assertThat(foe.target()).isEqualTo(Stage.number(world, "p"));
    assertThat(foe.notice()).isEqualTo(100);
    Insight.Mind keeper = mind(world, "k");
    assertThat(keeper.order()).isInstanceOf(Order.Prowl.class);
    assertThat(keeper.way()).endsWith(20.0, 20.0);
  }

  @Test
  void zonesTellWhoIsInside() {
    World world = new Stage().zone("z", 64, 64, 5).zone("far", 20, 20, 5).after(3);
    assertThat(new Insight(world).facts().zones())
        .containsEntry("z", List.of(Stage.number(world, "p")))
        .containsEntry("far", List.of());
  }

  @Test
  void everyKindOfCauseHasWords() {
    World world =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 66)
            .flag("lit")
            .zone("z", 64, 64, 5)
            .event("e", Stage.elapsed(1), Stage.turn("lit", "on"))
            .after(400);
    Chronicle chronicle = new Chronicle(world);
    List<String> says = world.causes().from(0).stream().map(chronicle::says).toList();
    assertThat(says)
        .contains("Seat 1 is taken", "e fired", "lit turned on", "Player entered z")
        .contains("w noticed Player", "w hit Player with Cudgel");
    assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.STRUCK);
  }

  @ParameterizedTest
  @CsvSource({"companion,true", "away,false"})
  void onlyAnEmptySeatThatPlaysAlongIsACompanion(String empty, boolean along) {
    World world = new Stage().start("q", 60, 60).put("/starts/q/empty", "'" + empty + "'").world(1);
    assertThat(world.plan().companion(Stage.number(world, "q"))).isEqualTo(along);
  }

  @Test
  void companionsFollowStayAndAttackAsTheyAreTold() {
    String second =
        "{'name':'Tobin','side':%s,'kind':%s,'position':{'x':60,'y':60},'facing':0,'order':'a2','empty':'companion'}"
            .formatted(Stage.ref("sides", "keepers"), Stage.ref("kinds", "keeper"));
    Stage stage = new Stage().put("/starts/q", second);
    World world = stage.after(60);
    tell(world, new Input.Companions(Input.Tell.STAY));
    walk(world, 400);
    assertThat(Stage.far(world, "q", 60, 60)).as("stays").isLessThan(6);
    tell(world, new Input.Companions(Input.Tell.FOLLOW));
    Stage.steps(world, 400);
    assertThat(Stage.far(world, "q", 64, 90)).as("follows").isLessThan(10);

    World other = stage.unit("w", "wreckers", "wrecker", 64, 100).world(1);
    tell(other, new Input.Companions(Input.Tell.ATTACK));
    Stage.steps(other, 1);
    assertThat(mind(other, "q").target()).isEqualTo(Stage.number(other, "w"));
  }

  private static void walk(World world, int steps) {
    world.step(List.of(new Command(0, new Input.Go(64, 90))));
    Stage.steps(world, steps);
  }

  private static void tell(World world, Input.Companions told) {
    world.step(List.of(new Command(0, told)));
  }

  @Test
  void aTrialCanBeginAnywhereAndIsPlayedAgainTheSame() {
    Stage stage = new Stage().unit("w", "wreckers", "wrecker", 30, 34);
    var plan =
        org.flintmoss.simulation.Plans.compile(
            stage.mission(),
            _ -> java.util.Optional.empty(),
            org.flintmoss.mission.word.Difficulty.BREEZY);
    String hash = "0".repeat(64);
    Trial trial =
        new Trial(
            plan, hash, org.flintmoss.mission.word.Difficulty.BREEZY, 4, new Begin.At(30, 30));
    trial.input(new Command(0, new Input.Join()));
    for (int i = 0; i < 200; i++) {
      trial.step();
    }
    assertThat(Stage.far(trial.world(), "p", 30, 30)).isLessThan(3);
    assertThat(Replay.verify(trial.recording(), plan, hash).same()).isTrue();
  }

  @Test
  void theReportCountsBlowsAndWhoStands() {
    Stage stage =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 66)
            .put("/kinds/wrecker/health", "5")
            .put("/units/w/facing", "180");
    Trial trial =
        new Trial(
            stage.world(1).plan(), "0".repeat(64), org.flintmoss.mission.word.Difficulty.BREEZY, 1);
    trial.input(new Command(0, new Input.Aim(0)));
    trial.input(new Command(0, new Input.Attack(1)));
    for (int i = 0; i < 400; i++) {
      trial.step();
    }
    Report report = trial.report();
    Report.SeatReport seat = report.seats().getFirst();
    assertThat(seat.strikes()).isPositive();
    assertThat(seat.hits()).isBetween(1, seat.strikes());
    assertThat(seat.felled()).isEqualTo(1);
    assertThat(report.sides())
        .anyMatch(side -> side.name().equals("Wreckers") && side.of() == 1 && side.up() == 0);
  }
}
