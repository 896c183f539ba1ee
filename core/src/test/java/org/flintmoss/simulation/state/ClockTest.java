package org.flintmoss.simulation.state;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** What leaps of the clock, views and fixtures out of use lead to. */
class ClockTest {
  private static final double TEN = 36000;

  private static Stage atTen() {
    return new Stage().put("/setting/startTime", Double.toString(TEN));
  }

  private static String clock(double time) {
    return all("{'type':'clock','time':%s}".formatted(time));
  }

  private static String leap(double time) {
    return "{'type':'clockGoesOn','time':%s}".formatted(time);
  }

  @Test
  void timesThatTheClockLeapsOverHavePassed() {
    World world =
        atTen()
            .event("late", clock(TEN + 3600))
            .event("later", clock(TEN + 7210))
            .event("leaps", elapsed(2), leap(TEN + 7200))
            .after(400);
    assertThat(fired(world, "late")).containsExactly(40);
    assertThat(fired(world, "later")).as("ten seconds after the leap").containsExactly(40 + 200);
  }

  @Test
  void aTimeThatIsPastTodayIsTomorrow() {
    World world = atTen().event("leaps", elapsed(2), leap(TEN - 3600)).after(50);
    assertThat(world.read().time()).isBetween(TEN + 82800, TEN + 82802);
  }

  @Test
  void playLastsNoLongerForIt() {
    World world =
        atTen().event("leaps", elapsed(1), leap(TEN + 600)).event("e", elapsed(60)).after(200);
    assertThat(fired(world, "e")).isEmpty();
  }

  @Test
  void theLightIsThatOfTheNewTime() {
    World world = atTen().event("leaps", elapsed(1), leap(2 * 3600)).after(30);
    assertThat(world.read().light()).isLessThan(0.5);
    assertThat(atTen().after(30).read().light()).isEqualTo(1);
  }

  @Test
  void theTideIsThatOfTheNewTime() {
    Stage tide =
        atTen()
            .put("/setting/tide/a", "{'time':0,'level':1}")
            .put("/setting/tide/b", "{'time':86400,'level':3}");
    Stage later = new Stage().put("/setting/startTime", Double.toString(TEN + 6 * 3600));
    later.put("/setting/tide/a", "{'time':0,'level':1}");
    later.put("/setting/tide/b", "{'time':86400,'level':3}");
    tide.event("leaps", elapsed(1), leap(TEN + 6 * 3600));
    assertThat(tide.after(30).read().water())
        .isCloseTo(later.after(30).read().water(), org.assertj.core.data.Offset.offset(1e-3))
        .isGreaterThan(atTen().put("/setting/waterLevel", "1").after(30).read().water());
  }

  @Test
  void aViewIsShownForItsTimeAndNoLonger() {
    World world =
        new Stage()
            .put(
                "/views/v",
                "{'name':'v','order':'a0','centre':{'x':30,'y':30},'width':20,'depth':20}")
            .event(
                "e", elapsed(1), "{'type':'showView','view':" + ref("views", "v") + ",'time':1.5}")
            .after(49);
    assertThat(world.told().view(0)).isZero();
    Stage.steps(world, 1);
    assertThat(world.told().view(0)).isEqualTo(-1);
  }

  @Test
  void aFixtureThatCannotBeUsedIsNotOffered() {
    Stage stage = new Stage().lever("l", 64, 65, 0, "{'type':'nothing'}");
    String use = "{'type':'setUse','fixture':" + ref("fixtures", "l") + ",'use':'%s'}";
    assertThat(stage.after(10).read().offers(0)).hasSize(1);
    World world =
        stage
            .event("off", elapsed(1), use.formatted("cannot"))
            .event("on", elapsed(2), use.formatted("can"))
            .world(1);
    Stage.steps(world, 30);
    assertThat(world.read().offers(0)).isEmpty();
    Stage.steps(world, 20);
    assertThat(world.read().offers(0)).hasSize(1);
  }

  @Test
  void whoIsAtItLeavesOffWhenItCannotBeUsedAnyMore() {
    String use = "{'type':'setUse','fixture':" + ref("fixtures", "l") + ",'use':'cannot'}";
    World world =
        new Stage()
            .lever("l", 64, 65, 0, "{'type':'nothing'}")
            .event("off", elapsed(2), use)
            .world(1);
    Stage.steps(world, 20);
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 100);
    assertThat(world.causes().from(0)).noneMatch(it -> it.kind() == Causes.Kind.USED);
  }
}
