package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Call;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.word.Components;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Firmness;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class MigrationsTest {
  private static JsonNode kept(int schema) throws IOException {
    try (InputStream in =
        MigrationsTest.class.getResourceAsStream("/mission-" + schema + ".json")) {
      return Json.read(in.readAllBytes());
    }
  }

  @Test
  void aDocumentOfTheFirstShapeIsReadAsTheSameMissionToday() throws IOException {
    JsonNode upgraded = Migrations.upgrade(kept(1));
    Mission mission = MissionReader.read(upgraded);
    assertThat(mission.units().get("prowler").inPlay()).isTrue();
    assertThat(mission.events()).isEqualTo(Samples.demo("first-light").mission().events());
  }

  @Test
  void aDocumentOfTheSecondShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(2)));
    Mission today = Samples.demo("first-light").mission();
    assertThat(mission.events()).isEqualTo(today.events());
    assertThat(mission.units()).isEqualTo(today.units());
    assertThat(mission.wavePlans()).isEmpty();
  }

  @Test
  void aDocumentOfTheThirdShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(3)));
    Mission today = Samples.demo("first-light").mission();
    assertThat(mission.events()).isEqualTo(today.events());
    assertThat(mission.units()).isEqualTo(today.units());
    assertThat(mission.zones()).isEqualTo(today.zones());
    assertThat(mission.decks()).isEmpty();
  }

  @Test
  void aDocumentOfTheFourthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(4)));
    Mission today = harrow();
    assertThat(mission.units().get("watch-1")).isEqualTo(today.units().get("watch-1"));
    assertThat(mission.squads()).isEqualTo(today.squads());
    assertThat(mission.zones()).isEqualTo(today.zones());
    assertThat(mission.routes()).isEqualTo(today.routes());
    assertThat(mission.walls()).isEqualTo(today.walls());
    assertThat(today.props()).containsAllEntriesOf(mission.props());
    assertThat(mission.folders()).isEmpty();
  }

  @Test
  void aDocumentOfTheFifthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(5)));
    Mission today = harrow();
    assertThat(mission.kinds()).isEqualTo(today.kinds());
    assertThat(mission.units().get("watch-1")).isEqualTo(today.units().get("watch-1"));
    assertThat(mission.fixtures().get("fixture-bell"))
        .isEqualTo(today.fixtures().get("fixture-bell"));
    assertThat(mission.events()).isEqualTo(today.events());
    assertThat(mission.items()).isEmpty();
  }

  @Test
  void aDocumentOfTheSixthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(6)));
    Mission today = harrow();
    assertThat(mission.events()).isEqualTo(today.events());
    assertThat(mission.items()).isEqualTo(today.items());
    assertThat(mission.objectives()).hasSameSizeAs(today.objectives());
    assertThat(mission.objectives().values())
        .allMatch(it -> it.points() instanceof Objective.Nowhere)
        .allMatch(it -> it.tally() instanceof Objective.NoTally);
  }

  @Test
  void aDocumentOfTheSeventhShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(7)));
    assertThat(mission).isEqualTo(Samples.demo("first-light").mission());
    assertThat(mission.bundles()).isEmpty();
  }

  @Test
  void aDocumentOfTheEighthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(8)));
    sameButForTheGround(mission, harrow());
    assertThat(mission.units().values()).allMatch(it -> it.level() instanceof Level.Top);
    assertThat(mission.walls().values()).allMatch(it -> it.level() instanceof Level.OnGround);
  }

  @Test
  void aDocumentOfTheNinthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(9)));
    sameButForTheGround(mission, harrow());
    assertThat(mission.buildings()).isEmpty();
    assertThat(mission.roads()).isEmpty();
  }

  @Test
  void aDocumentOfTheTenthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(10)));
    assertThat(mission).isEqualTo(Samples.demo("first-light").mission());
    assertThat(mission.kinds().get("hound").moves()).isInstanceOf(Moves.Beast.class);
    assertThat(mission.kinds().get("keeper").moves())
        .isEqualTo(new Moves.Walker(0.7, true, 35, 0, 0, 0, 0));
    assertThat(mission.zones().values()).allMatch(it -> it.noGo().equals(Zone.NoGo.NOBODY));
  }

  @Test
  void aDocumentOfTheEleventhShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(11)));
    assertThat(mission).isEqualTo(harrow());
    assertThat(mission.squads()).isNotEmpty();
    assertThat(mission.squads().values()).allMatch(it -> it.belongs() instanceof Squad.Alone);
    assertThat(mission.bands()).isEmpty();
  }

  /** The demo as it was before brutes had a sign of their own. */
  private static Mission harrow() {
    ObjectNode document = (ObjectNode) Samples.demo("relight-the-harrow").document().deepCopy();
    ((ObjectNode) document.at("/kinds/brute")).put("glyph", "wrecker");
    return MissionReader.read(document);
  }

  /** The demo has been given houses, roads and bridges since. */
  private static void sameButForTheGround(Mission mission, Mission today) {
    for (Family family : Family.values()) {
      if (!List.of(Family.DECKS, Family.BUILDINGS, Family.ROADS).contains(family)) {
        assertThat(mission.of(family)).as(family.key()).isEqualTo(today.of(family));
      }
    }
    assertThat(mission.decks().get("deck-jetty")).isEqualTo(today.decks().get("deck-jetty"));
  }

  @Test
  void aDocumentOfTheTwelfthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(12)));
    assertThat(mission).isEqualTo(Samples.demo("first-light").mission());
    assertThat(mission.events().values())
        .allMatch(it -> it.firings() == Event.Firings.DROPPED)
        .isNotEmpty();
  }

  @Test
  void aDocumentOfTheThirteenthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(13)));
    assertThat(mission).isEqualTo(Samples.demo("first-light").mission());
    assertThat(mission.units().values()).allMatch(it -> it.holds() == Firmness.WHILE_CALM);
    assertThat(mission.setting().dayLasts()).isEqualTo(1440);
  }

  @Test
  void aDocumentOfTheFourteenthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(14)));
    assertThat(mission).isEqualTo(harrow());
    assertThat(mission.calls().values()).allMatch(Call::offered).isNotEmpty();
  }

  @Test
  void aDocumentOfTheFifteenthShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(15)));
    Mission today = Samples.demo("gannet-stacks").mission();
    var catalogue =
        Map.of(
            "thingKinds", today.thingKinds(),
            "looks", today.looks(),
            "dealings", today.dealings(),
            "kinds", today.kinds());
    assertThat(Components.with(mission, catalogue)).isEqualTo(today);
  }

  @Test
  void aDocumentOfTheNineteenthShapeHasKindsOfFixtures() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(19)));
    assertThat(mission).isEqualTo(Samples.demo("relight-the-harrow").mission());
    Fixture bell = mission.fixtures().get("fixture-bell");
    assertThat(mission.find(bell.kind()).name()).isEqualTo("Bell");
    assertThat(mission.usesOf(bell)).isEqualTo(bell.uses()).hasSize(1);
    assertThat(((ThingKind) mission.find(bell.kind())).appearances().getFirst().drawing())
        .isNotEmpty();
  }

  @Test
  void whatOlderFixturesWereIsKeptInTheTwentiethShape() throws IOException {
    ObjectNode old = (ObjectNode) kept(19);
    ObjectNode lever = (ObjectNode) old.at("/fixtures/fixture-lever");
    ObjectNode uses = (ObjectNode) lever.get("uses");
    ObjectNode second = (ObjectNode) uses.get("u1");
    uses.set("first", second.deepCopy().put("order", "a0").put("verb", "Knock"));
    ((ObjectNode) old.at("/fixtures/fixture-bell")).putObject("uses");
    old.withObject("flags").withObject("lever-kind").put("name", "taken").put("on", false);
    ((ObjectNode) old.at("/flags/lever-kind")).putObject("of").put("type", "mission");
    Mission mission = MissionReader.read(Migrations.upgrade(old));
    Fixture now = mission.fixtures().get("fixture-lever");
    assertThat(now.kind().id()).isEqualTo("lever-kind-2");
    assertThat(mission.usesOf(now)).hasSize(2);
    assertThat(mission.usesOf(now).get("u1").verb()).isEqualTo("Knock");
    assertThat(mission.usesOf(now).get("first").verb()).isEqualTo("Pull");
    assertThat(mission.usesOf(mission.fixtures().get("fixture-bell"))).isEmpty();
  }

  @Test
  void aDocumentOfTheTwentiethShapeIsReadAsTheSameMissionToday() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(20)));
    assertThat(mission).isEqualTo(Samples.demo("relight-the-harrow").mission());
  }

  @Test
  void whatWasCargoIsALoosePropInMissionsAndInBundles() throws IOException {
    ObjectNode old = (ObjectNode) kept(20);
    JsonNode kegs = old.at("/cargo/cargo-kegs");
    ((ObjectNode) old.get("cargo"))
        .set("third", ((ObjectNode) kegs.deepCopy()).put("mass", 60.5).put("name", "Full"));
    ((ObjectNode) old.get("cargo")).set("fourth", kegs.deepCopy());
    ObjectNode edition =
        old.withObject("bundles").putObject("b").putObject("editions").putObject("e");
    edition.putObject("parts").putObject("cargo").set("k", kegs.deepCopy());
    edition
        .putObject("parameters")
        .putObject("p")
        .putArray("targets")
        .add(Json.MAPPER.createObjectNode().put("pointer", "/cargo/k/name"));
    old.withObject("todos")
        .putObject("t")
        .putObject("thing")
        .put("family", "cargo")
        .put("id", "third");
    JsonNode now = Migrations.upgrade(old);
    assertThat(now.has("cargo")).isFalse();
    assertThat(now.at("/props/third/kind/id").asString())
        .isNotEqualTo(now.at("/props/cargo-kegs/kind/id").asString());
    assertThat(now.at("/props/fourth/kind")).isEqualTo(now.at("/props/cargo-kegs/kind"));
    JsonNode kind = now.at("/thingKinds/" + now.at("/props/third/kind/id").asString());
    assertThat(kind.at("/hold/mass").asDouble()).isEqualTo(60.5);
    assertThat(kind.at("/name").asString()).contains("60.5 kg");
    assertThat(now.at("/todos/t/thing/family").asString()).isEqualTo("props");
    JsonNode bundled = now.at("/bundles/b/editions/e");
    assertThat(bundled.at("/parts/cargo").isMissingNode()).isTrue();
    assertThat(bundled.at("/parts/props/k/kind")).isEqualTo(now.at("/props/cargo-kegs/kind"));
    assertThat(bundled.at("/parameters/p/targets/0/pointer").asString()).isEqualTo("/props/k/name");
  }

  @Test
  void aDocumentOfTheEighteenthShapeHasHatchesInFullAndPushesOnTheLevel() throws IOException {
    Mission mission = MissionReader.read(Migrations.upgrade(kept(18)));
    assertThat(mission.zones().values()).allMatch(it -> it.strength() == 100).isNotEmpty();
    List<Pinned> rises =
        mission.zones().values().stream()
            .flatMap(it -> it.does().values().stream())
            .map(Working::work)
            .flatMap(it -> it instanceof Work.Pushes pushes ? Stream.of(pushes.rise()) : null)
            .toList();
    assertThat(rises).isNotEmpty().allMatch(Pinned.of(0)::equals);
  }

  @Test
  void whatAnAmountReadStandsInAFormulaAndParametersFollowIt() throws IOException {
    ObjectNode old = (ObjectNode) kept(15);
    old.withObject("bundles")
        .set("b", Samples.bundles().document().at("/bundles/bundle-alarm-bell").deepCopy());
    ObjectNode edition = (ObjectNode) old.at("/bundles/b/editions").iterator().next();
    ObjectNode parts = (ObjectNode) edition.get("parts");
    parts.set(
        "conversations",
        Json.MAPPER.readTree(
            """
            {"c": {"name": "c", "order": "a0", "weight": "story", "lines": {
              "l": {"order": "a0", "speaker": {"family": "speakers", "id": ""},
                "text": "Pull {a}!", "gap": 0, "length": {"type": "words"}}}}}"""));
    parts.set(
        "events",
        Json.MAPPER.readTree(
            """
            {"e": {"name": "e", "chapter": {"family": "chapters", "id": "c"}, "order": "a0",
              "times": 1, "again": {"type": "whenFalse"}, "firings": "dropped",
              "listens": "fromStart", "note": "", "when": {"type": "all", "parts": {}},
              "actions": {"l": {"order": "a0",
                "after": {"type": "byLevel", "value": 3, "levels": {"calm": 5}, "perPlayer": 1},
                "action": {"type": "setCounter", "counter": {"family": "counters", "id": "k"},
                  "amount": {"type": "howMany", "times": 2, "plus": 1,
                    "who": {"type": "side", "side": {"family": "sides", "id": "x"}}}}}}}}"""));
    ObjectNode parameters = edition.withObject("parameters");
    String line = "/events/e/actions/l";
    List<String> before =
        List.of(
            line + "/after/perPlayer",
            line + "/action/amount/who/side",
            line + "/action/amount/plus",
            "/conversations/c/lines/l/text");
    for (int i = 0; i < before.size(); i++) {
      ObjectNode slots = parameters.withObject("p" + i).putObject("slots");
      slots.putObject("s").put("pointer", before.get(i));
    }
    JsonNode upgraded = Migrations.upgrade(old).at("/bundles/b/editions").iterator().next();
    for (int i = 0; i < before.size(); i++) {
      assertThat(upgraded.at("/parameters/p" + i + "/slots/s/pointer").asString())
          .isEqualTo(
              List.of(
                      line + "/after/number/perPlayer",
                      line + "/action/amount/of/who/side",
                      line + "/action/amount/plus",
                      "/conversations/c/lines/l/text/text")
                  .get(i));
    }
    assertThat(upgraded.at("/parts/conversations/c/lines/l/text/text").asString())
        .isEqualTo("Pull {{a}!");
    JsonNode amount = upgraded.at("/parts" + line + "/action/amount");
    assertThat(Json.MAPPER.treeToValue(amount, Amount.class))
        .isInstanceOfSatisfying(
            Amount.Formula.class,
            formula -> {
              assertThat(formula.of()).isInstanceOf(Reading.HowMany.class);
              assertThat(formula.times()).isEqualTo(2);
              assertThat(formula.plus()).isEqualTo(1);
            });
  }

  @Test
  void bundlesAreBroughtToTheNewestShapeAsWell() throws IOException {
    ObjectNode old = (ObjectNode) kept(8);
    JsonNode hull = Samples.bundles().document().at("/bundles").iterator().next().deepCopy();
    hull.get("editions")
        .forEach(
            it -> it.get("parts").forEach(family -> family.forEach(MigrationsTest::withoutLevels)));
    old.withObject("bundles").set("b", hull);
    assertThat(MissionReader.read(Migrations.upgrade(old)).bundles()).hasSize(1);
  }

  @Test
  void theParametersOfBundlesStandWhereANumberOrATextStandsNow() throws IOException {
    ObjectNode old = (ObjectNode) kept(14);
    old.withObject("bundles")
        .set("b", Samples.bundles().document().at("/bundles/bundle-alarm-bell"));
    ObjectNode edition = (ObjectNode) old.at("/bundles/b/editions").iterator().next();
    ObjectNode parts = (ObjectNode) edition.get("parts");
    parts.set(
        "events",
        Json.MAPPER.readTree(
            """
            {"e": {"name": "e", "chapter": {"family": "chapters", "id": "c"}, "order": "a0",
              "times": 1, "again": {"type": "after", "seconds": 4}, "firings": "dropped",
              "listens": "fromStart", "note": "",
              "when": {"type": "all", "parts": {"p": {"order": "a0", "condition":
                {"type": "elapsed", "comparison": "atLeast", "time": 9}}}},
              "actions": {"l": {"order": "a0", "after": {"type": "number", "value": 0},
                "action": {"type": "note", "text": "Hark"}}}}}
            """));
    edition.set(
        "parameters",
        Json.MAPPER.readTree(
            """
            {"t": {"slots": {"s": {"pointer": "/events/e/when/parts/p/condition/time"},
                             "a": {"pointer": "/events/e/again/seconds"},
                             "w": {"pointer": "/events/e/actions/l/action/text"},
                             "n": {"pointer": "/events/e/actions/l/after/value"}}}}
            """));
    JsonNode slots = Migrations.upgrade(old).at("/bundles/b/editions").iterator().next();
    assertThat(
            slots.at("/parameters/t/slots").valueStream().map(it -> it.get("pointer").asString()))
        .containsExactlyInAnyOrder(
            "/events/e/when/parts/p/condition/time/value",
            "/events/e/again/seconds/value",
            "/events/e/actions/l/action/text/text",
            "/events/e/actions/l/after/value");
  }

  @Test
  void braceInANoteStaysABraceAndANoteStaysWithinItsLength() throws IOException {
    assertThat(noted("{a} of 3").with(letter -> "?")).isEqualTo("{a} of 3");
    String full = "{".repeat(3) + "a".repeat(Words.LONGEST - 3);
    assertThat(noted(full).text()).hasSize(Words.LONGEST);
  }

  private static Words noted(String text) throws IOException {
    ObjectNode old = (ObjectNode) kept(14);
    ObjectNode event = (ObjectNode) old.get("events").iterator().next();
    ObjectNode line = event.putObject("actions").putObject("l").put("order", "a0");
    line.putObject("after").put("type", "number").put("value", 0);
    line.putObject("action").put("type", "note").put("text", text);
    String id = old.get("events").propertyNames().iterator().next();
    JsonNode told = Migrations.upgrade(old).at("/events/" + id + "/actions/l/action/text");
    return Json.MAPPER.treeToValue(told, Words.class);
  }

  private static void withoutLevels(JsonNode thing) {
    ((ObjectNode) thing).remove(List.of("level", "railing", "openings", "ramps"));
  }

  @Test
  void whatIsNewestOrUnknownIsLeftAsItIs() {
    JsonNode newest = Samples.blank().document();
    assertThat(Migrations.upgrade(newest)).isSameAs(newest);
    JsonNode unknown = Json.MAPPER.readTree("{\"schema\":99}");
    assertThat(Migrations.upgrade(unknown)).isSameAs(unknown);
  }

  @Test
  void aMissionOfTheSixteenthShapeHasNoCoursesYet() throws IOException {
    JsonNode old = kept(16);
    assertThat(old.has("courses")).isFalse();
    Mission mission = MissionReader.read(Migrations.upgrade(old));
    assertThat(mission.courses()).isEmpty();
    assertThat(mission.zones()).hasSize(old.get("zones").size());
  }
}
