package org.flintmoss.check.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.allOf;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Zones that those who are waited for there can never enter. */
class ZoneReachTest {
  private static final String NOTE = "{'type':'note','text':'x'}";
  private static final String PLAYER =
      "{'quantifier':{'type':'any'},'whom':{'type':'start','start':%s}}"
          .formatted(ref("starts", "p"));

  private static List<String> says(Stage stage) {
    Mission mission = stage.mission();
    Ground ground = Ground.of(mission.setting().terrain(), Samples.blank());
    return Checks.of(stage.document(), mission, ground).stream()
        .map(Finding::says)
        .filter(it -> it.contains("on foot"))
        .toList();
  }

  private static String inside(String who, String zone) {
    return all("{'type':'inside','who':%s,'zone':%s}".formatted(who, ref("zones", zone)));
  }

  /** A zone in a yard that is walled all round, with a gate in the wall. */
  private static Stage yard() {
    return new Stage()
        .put(
            "/zones/yard",
            "{'name':'Yard','shape':{'type':'circle','centre':{'x':20,'y':20},'radius':4},'hue':1,'hatch':'dotted'}")
        .wall("w", 10, 10, 30, 10, 30, 30, 10, 30, 10, 22)
        .gate("g", "closed", 10, 22, 10, 10);
  }

  @Test
  void aYardThatIsClosedOnAllSidesIsNeverEntered() {
    Stage stage = yard().event("e", inside(PLAYER, "yard"), NOTE);
    assertThat(says(stage))
        .containsExactly(
            "e: Player can never get into Yard on foot. Walls, closed gates or steep ground keep"
                + " them out.");
  }

  @Test
  void aGateThatSomethingOpensLetsThemIn() {
    Stage stage =
        yard()
            .event("e", inside(PLAYER, "yard"), NOTE)
            .lever("l", 50, 50, 0, "{'type':'opens','gate':%s}".formatted(ref("gates", "g")));
    assertThat(says(stage)).isEmpty();
    Stage scripted =
        yard()
            .event("e", inside(PLAYER, "yard"), NOTE)
            .event(
                "o",
                Stage.elapsed(5),
                "{'type':'setGate','gate':%s,'state':'open'}".formatted(ref("gates", "g")));
    assertThat(says(scripted)).isEmpty();
  }

  @Test
  void whoIsMovedByAnEventMayComeAnywhere() {
    Stage stage =
        yard()
            .event("e", inside(PLAYER, "yard"), NOTE)
            .event(
                "m",
                Stage.elapsed(5),
                "{'type':'moveTo','who':%s,'place':{'type':'zone','zone':%s}}"
                    .formatted(PLAYER, ref("zones", "yard")));
    assertThat(says(stage)).isEmpty();
  }

  @Test
  void oneWhoCannotIsToldOnlyWhereAllAreAskedFor() {
    Stage stage = yard().unit("in", "keepers", "keeper", 20, 20);
    String any = "{'quantifier':{'type':'any'},'whom':{'type':'side','side':%s}}";
    stage.event("any", inside(any.formatted(ref("sides", "keepers")), "yard"), NOTE);
    assertThat(says(stage)).isEmpty();
    stage.event("all", inside(allOf("keepers"), "yard"), NOTE);
    assertThat(says(stage)).hasSize(1).first().asString().startsWith("all: Player can never");
    String none = "{'quantifier':{'type':'none'},'whom':{'type':'start','start':%s}}";
    Stage other = yard().event("no", inside(none.formatted(ref("starts", "p")), "yard"), NOTE);
    assertThat(says(other)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"beenInside", "hasLeft", "cameBack"})
  void everyWayOfBeingThereIsAsked(String type) {
    String condition =
        all("{'type':'%s','who':%s,'zone':%s}".formatted(type, PLAYER, ref("zones", "yard")));
    assertThat(says(yard().event("e", condition, NOTE))).hasSize(1);
  }

  @Test
  void waterThatNeverFallsFarEnoughIsToldWithHowMuchIsMissing() {
    Stage stage =
        new Stage()
            .put("/kinds/keeper/moves/swims", "false")
            .put("/kinds/keeper/moves/wade", "0.5")
            .deck("island", 5.45, 5, 0, 60, 60, 70, 60, 70, 70, 60, 70)
            .put(
                "/zones/far",
                "{'name':'Far','shape':{'type':'circle','centre':{'x':20,'y':20},'radius':4},'hue':1,'hatch':'dotted'}")
            .event("e", inside(PLAYER, "far"), NOTE);
    // The ground lies at 5 m: 0.9 m deep at the least, and 0.5 m can be waded.
    stage
        .put("/setting/startTime", "3600")
        .put(
            "/setting/tide",
            "{'a':{'time':3600,'level':7},'b':{'time':7200,'level':5.9},'c':{'time':9000,'level':8}}");
    assertThat(says(stage))
        .containsExactly(
            "e: Player can never get into Far on foot. The water never falls below 5.9 m; it would"
                + " have to be 0.4 m lower.");
    stage.put("/setting/tide/b/level", "5.4");
    assertThat(says(stage)).isEmpty();
    stage.put("/setting/tide/b/level", "5.9").put("/kinds/keeper/moves/swims", "true");
    assertThat(says(stage)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"first-light", "relight-the-harrow"})
  void theMissionsThatShipLeadEverywhereTheyAskFor(String demo) {
    MissionFile file = Samples.demo(demo);
    Ground ground = Ground.of(file.mission().setting().terrain(), file);
    assertThat(Checks.of(file.document(), file.mission(), ground)).isEmpty();
  }
}
