package org.flintmoss.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.place.Footing;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class ChecksTest {
  private static List<String> says(Stage stage) {
    Mission mission = stage.mission();
    Ground ground = Ground.of(mission.setting().terrain(), _ -> java.util.Optional.empty());
    return Checks.of(stage.document(), mission, ground).stream().map(Finding::says).toList();
  }

  @Test
  void firstLightHasNothingOpen() {
    MissionFile file = Samples.demo("first-light");
    Mission mission = file.mission();
    Ground ground = Ground.of(mission.setting().terrain(), file);
    assertThat(Checks.of(file.document(), mission, ground)).isEmpty();
  }

  @Test
  void openReferencesAreNamedByTheLastKnownName() {
    Stage stage =
        new Stage()
            .event("e", Stage.all(Stage.flagOn("gone")), Stage.turn("", "on"))
            .put("/lost/gone", "{'family':'flags','name':'Bell rung'}");
    assertThat(says(stage))
        .anyMatch(text -> text.contains("names Bell rung, which is no longer there"))
        .anyMatch(text -> text.contains("No flag has been chosen yet"));
  }

  @Test
  void anEmptyStageAsksForEndingsAndPlayers() {
    assertThat(says(new Stage()))
        .anyMatch(text -> text.contains("cannot be won"))
        .anyMatch(text -> text.contains("cannot be lost"));
    assertThat(says(new Stage().put("/starts", "{}")))
        .anyMatch(text -> text.contains("Nobody can play yet"));
  }

  @Test
  void eventsThatNeverFireOrDoNothingAreFound() {
    assertThat(says(new Stage().event("e", Stage.all())))
        .anyMatch(text -> text.contains("never fires"))
        .anyMatch(text -> text.contains("does nothing yet"));
  }

  @Test
  void aPlaceIsBadInWaterOnSteepGroundAndOnTopOfSomebody() {
    MissionFile file = Samples.demo("first-light");
    Mission mission = file.mission();
    Ground ground = Ground.of(mission.setting().terrain(), file);
    Footing footing = new Footing(mission, ground);
    Kind keeper = mission.kinds().get("keeper");
    assertThat(footing.why(keeper, new org.flintmoss.mission.word.Level.Top(), 84, 250, null))
        .isEmpty();
    assertThat(
            footing
                .why(keeper, new org.flintmoss.mission.word.Level.Top(), 100, 400, null)
                .orElseThrow())
        .contains("a keeper gets through 0.7 m");
    assertThat(
            footing
                .why(keeper, new org.flintmoss.mission.word.Level.Top(), 84.3, 262, null)
                .orElseThrow())
        .contains("Mara Quill already");
    assertThat(
            footing.why(
                keeper,
                new org.flintmoss.mission.word.Level.Top(),
                84.3,
                262,
                new Ref(org.flintmoss.mission.word.Family.STARTS, "mara")))
        .isEmpty();
    int steep = 0;
    while (ground.sample(steep) < 1 || ground.gradient(steep) < 0.8) {
      steep++;
    }
    double x = (steep % ground.columns() + 0.5) * ground.cell();
    double y = (steep / ground.columns() + 0.5) * ground.cell();
    assertThat(
            footing
                .why(keeper, new org.flintmoss.mission.word.Level.Top(), x, y, null)
                .orElseThrow())
        .contains("gets up to 35");
    assertThat(
            footing
                .why(keeper, new org.flintmoss.mission.word.Level.Top(), 600, 10, null)
                .orElseThrow())
        .contains("off the ground");
  }

  @Test
  void whoIsToFaceThemselvesIsFoundAndCanBeLetStay() {
    String order = "{'type':'faces','place':{'type':'unit','unit':%s}}";
    Stage stage =
        new Stage().unit("u", "keepers", "keeper", 40, 40).unit("v", "keepers", "keeper", 50, 40);
    stage.put("/units/u/order", order.formatted(Stage.ref("units", "v")));
    assertThat(says(stage)).noneMatch(text -> text.contains("face itself"));
    stage.put("/units/u/order", order.formatted(Stage.ref("units", "u")));
    Ground ground = Ground.of(stage.mission().setting().terrain(), _ -> java.util.Optional.empty());
    assertThat(Checks.of(stage.document(), stage.mission(), ground))
        .filteredOn(finding -> finding.says().contains("face itself"))
        .singleElement()
        .satisfies(
            finding -> {
              assertThat(finding.pointer()).isEqualTo("/units/u/order");
              assertThat(Json.MAPPER.<JsonNode>valueToTree(finding.fix()).at("/changes/0/value"))
                  .hasToString("{\"type\":\"stay\"}");
            });
  }

  @Test
  void squadsWithoutMembersOrWithAStrangeLeaderAreFound() {
    Stage stage =
        new Stage()
            .unit("a", "keepers", "keeper", 20, 20)
            .unit("b", "keepers", "keeper", 24, 20)
            .joins("a", "s")
            .squad("s", "b", "{'type':'stay'}")
            .squad("none", "a", "{'type':'stay'}")
            .put("/units/b/order", "{'type':'squad'}");
    assertThat(says(stage))
        .contains(
            "none is a squad of nobody: add a unit to it.",
            "s is led by b, who does not belong to it; the first of its members leads.",
            "b does as the squad does, but belongs to none.");
  }

  @Test
  void bandsWithoutSquadsAreFound() {
    Stage stage =
        new Stage()
            .unit("a", "keepers", "keeper", 20, 20)
            .joins("a", "s")
            .squad("s", "a", "{'type':'stay'}")
            .band("one", "s")
            .band("none");
    assertThat(says(stage))
        .filteredOn(it -> it.contains("band"))
        .containsExactly("none is a band of no squads: have a squad belong to it.");
  }

  @Test
  void routesAndPostsThatCannotBeReachedAreFoundWithTheReason() {
    Stage stage =
        new Stage()
            .unit(
                "a",
                "keeper",
                20,
                20,
                "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")))
            .route("r", "once", "30 20 'walk' 'goesOn'", "40 20 'walk' 'goesOn'")
            .post("q", 60, 60, 0)
            .put("/routes/empty", "{'name':'empty','way':'once','waypoints':{}}");
    assertThat(says(stage))
        .contains("empty has no waypoint yet.")
        .noneMatch(it -> it.contains("reach"));
    Mission drowned = stage.put("/setting/waterLevel", "7").mission();
    Ground ground = Ground.of(drowned.setting().terrain(), _ -> java.util.Optional.empty());
    assertThat(Checks.of(stage.document(), drowned, ground))
        .extracting(Finding::says)
        .anyMatch(it -> it.startsWith("a cannot reach waypoint 2 of r. The water is 2.0 m deep"))
        .anyMatch(it -> it.startsWith("Nobody can stand at q: The water is 2.0 m deep"));
  }

  @Test
  void whoNeverComesIsFoundUntilAnEventBringsThemIn() {
    Stage stage =
        new Stage().unit("a", "keepers", "keeper", 20, 20).put("/units/a/inPlay", "false");
    assertThat(says(stage)).contains("a never comes: no event brings it in.");
    stage.event(
        "e", Stage.elapsed(1), "0|{'type':'bringIn','who':%s}".formatted(Stage.allOf("keepers")));
    assertThat(says(stage)).noneMatch(text -> text.contains("never comes"));
  }

  @Test
  void aGateTiedToNothingIsFoundUntilALeverOpensIt() {
    Stage stage = new Stage().gate("g", "closed", 30, 30, 33, 30);
    assertThat(says(stage))
        .contains("g is tied to nothing: nobody, no fixture and no event opens it.");
    stage.lever("l", 30, 28, 0, "{'type':'turns','gate':%s}".formatted(Stage.ref("gates", "g")));
    assertThat(says(stage)).noneMatch(text -> text.contains("tied to nothing"));
  }

  @Test
  void nobodyShouldBeSetDownInAWall() {
    Stage stage = new Stage().wall("w", 60, 64, 70, 64);
    assertThat(says(stage)).contains("Player cannot stand well: Something stands in the way here.");
  }

  @Test
  void aBranchWithoutAConditionIsFoundHoweverDeepItLies() {
    String empty = "{'type':'if','condition':%s,'then':{},'otherwise':{}}".formatted(Stage.all());
    String deep =
        "0|{'type':'if','condition':%s,'then':{},'otherwise':{'o':{'order':'a0','after':{'type':'number','value':0},'action':%s}}}"
            .formatted(Stage.all(Stage.flagOn("lit")), empty);
    Stage stage = new Stage().flag("lit").event("e", Stage.elapsed(1), deep);
    assertThat(says(stage)).contains("An \"if\" has no condition yet.");
  }

  @Test
  void talkThatSaysNothingOrIsNeverHeardIsFound() {
    Stage stage =
        new Stage()
            .put(
                "/conversations/c", "{'name':'Greeting','order':'a0','weight':'story','lines':{}}");
    assertThat(says(stage))
        .contains(
            "Greeting has no lines yet.",
            "Greeting is never said: no event says it and no wave is announced by it.");
    stage
        .put(
            "/conversations/c/lines/l",
            "{'order':'a0','speaker':%s,'text':' ','gap':0,'length':{'type':'words'}}"
                .formatted(Stage.ref("speakers", "")))
        .event(
            "e",
            Stage.elapsed(1),
            "0|{'type':'say','conversation':%s}".formatted(Stage.ref("conversations", "c")));
    assertThat(says(stage))
        .contains(
            "A line of Greeting has no words yet.", "No speaker has been chosen yet. Point at one.")
        .noneMatch(it -> it.contains("never said"));
  }

  @Test
  void whoGuardsAPostOfAnotherSideIsFound() {
    String guard = "{'type':'guard','post':%s}".formatted(Stage.ref("posts", "q"));
    Stage stage = new Stage().post("q", 60, 60, 0).unit("a", "keeper", 20, 20, guard);
    assertThat(says(stage)).noneMatch(it -> it.contains("not open"));
    stage.put(
        "/posts/q/open", "{'type':'side','side':%s}".formatted(Stage.ref("sides", "wreckers")));
    assertThat(says(stage)).contains("a guards q, which is not open to their side.");
  }

  @Test
  void wavesOfNobodyWithNoPlaceOrNeverStartedAreFound() {
    String after = "{'type':'afterLast','gap':0}";
    Stage stage =
        new Stage()
            .wavePlan("siege", "inTurn", "{'type':'uncapped'}")
            .wave("first", "siege", "a1", after)
            .wave("second", "siege", "a2", after, Stage.wreckers(2, "{'type':'stay'}"))
            .wave("third", "siege", "a3", after, Stage.wreckers(0, "{'type':'stay'}"));
    assertThat(says(stage))
        .contains(
            "siege is never started: no event starts its waves.",
            "first is a wave of nobody: add who comes.",
            "second has no place to come in: siege has no entrance yet.",
            "Party 1 of third brings nobody, not even in a storm.");
  }

  @Test
  void anEntranceWhereNobodyCanStandIsFound() {
    Stage stage =
        new Stage()
            .put("/setting/waterLevel", "8")
            .wavePlan("siege", "inTurn", "{'type':'uncapped'}", 30, 30)
            .wave(
                "first",
                "siege",
                "a1",
                "{'type':'afterLast','gap':0}",
                Stage.wreckers(2, "{'type':'stay'}"));
    assertThat(says(stage))
        .anyMatch(text -> text.startsWith("A wrecker of first cannot come in at an entrance: "));
  }

  @Test
  void moreThanFiveThousandPeopleAreNamedAndTheRunDoesWhatItCan() {
    Stage stage = new Stage().wavePlan("siege", "inTurn", "{'type':'uncapped'}", 30, 30);
    for (int i = 0; i < 2; i++) {
      stage.wave(
          "w" + i,
          "siege",
          "a" + i,
          "{'type':'afterLast','gap':0}",
          Stage.wreckers(3000, "{'type':'stay'}"));
    }
    assertThat(says(stage)).anyMatch(text -> text.contains("In a storm there would be 9,600"));
    assertThat(stage.world(1).plan().units()).isEqualTo(5001);
  }

  @Test
  void decksThatAreNotThereOrUnderTheGroundAreFound() {
    Stage stage =
        new Stage()
            .deck("line", 8, 0, 0, 20, 20, 40, 20)
            .deck("cellar", 3, 0, 0, 20, 20, 40, 20, 40, 40)
            .deck("floor", 8, 0, 0, 80, 80, 100, 80, 100, 100);
    assertThat(says(stage))
        .contains(
            "line needs three corners to be there.",
            "cellar lies under the ground at every corner; raise its top.")
        .noneMatch(it -> it.startsWith("floor"));
  }

  @Test
  void whoStandsOnADeckIsToldWhatIsWrongWithTheDeckAndNotWithTheGround() {
    double[] square = {50, 50, 80, 50, 80, 80, 50, 80};
    Stage drowned = new Stage().put("/setting/waterLevel", "7").deck("d", 8, 0, 0, square);
    assertThat(says(drowned)).as("dry above the water").noneMatch(it -> it.contains("Player"));
    assertThat(says(drowned.put("/decks/d/top", "6")))
        .anyMatch(it -> it.startsWith("Player cannot stand well: The water is 1.0 m deep here"));
    Stage steep = new Stage().deck("d", 30, 50, 0, square);
    assertThat(says(steep))
        .contains(
            "Player cannot stand well: The deck rises at 50 degrees; a keeper gets up to 35.");
  }
}
