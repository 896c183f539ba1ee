package org.flintmoss.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.flintmoss.Stage.ref;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Supplier;
import org.flintmoss.Stage;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.References;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.bundle.BundleCopy;
import org.flintmoss.mission.bundle.Parts;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class BundlesTest {
  private static final String SPRINGS =
      "{'name':'The trap springs','order':'a0','chapter':"
          + ref("chapters", "one")
          + ",'times':1,'again':{'type':'whenFalse'},'firings':'dropped','listens':'fromStart','note':'','when':{'type':'all','parts':{'w':{'order':'a0','condition':{'type':'inside','who':{'quantifier':{'type':'any'},'whom':{'type':'side','side':"
          + ref("sides", "keepers")
          + "}},'zone':"
          + ref("zones", "pit")
          + "}}}},'actions':{'a':{'order':'a0','after':{'type':'number','value':5},'action':{'type':'bringInAt','who':{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':"
          + ref("units", "lurker")
          + "}},'place':{'type':'point','position':{'x':24,'y':20}}}}}}";

  private JsonNode document;
  private int made;

  private final Supplier<String> ids = () -> "n" + made++;

  private Bundles bundles() {
    Mission mission = MissionReader.read(document);
    Ground ground = Ground.of(mission.setting().terrain(), Samples.blank());
    return new Bundles(document, mission, ground, ids);
  }

  private Mission mission() {
    return MissionReader.read(document);
  }

  private Bundles.Outcome take(Bundles.Outcome outcome) {
    document = outcome.document();
    return outcome;
  }

  private void put(String path, String json) {
    JsonNode patch =
        Json.MAPPER.readTree(
            "[{\"op\":\"add\",\"path\":\"%s\",\"value\":%s}]"
                .formatted(path, json.replace('\'', '"')));
    document = JsonPatch.read(patch).apply(document);
  }

  /** A mission with a trap of a unit, a zone and an event, and the bundle that is made of it. */
  private Bundle trap(Bundles.Wanted... wanted) {
    document =
        new Stage()
            .unit("lurker", "wreckers", "lookout", 20, 20)
            .put(
                "/zones/pit",
                "{'name':'Pit','shape':{'type':'rectangle','centre':{'x':30,'y':20},'width':4,'depth':2,'bearing':350},'height':{'type':'any'},'rides':{'type':'stands'},'noGo':{'walkers':false,'beasts':false,'wheels':false,'boats':false,'flyers':false,'crossings':false},'does':{},'hue':3,'hatch':'dotted','strength':100}")
            .put("/chapters/one", "{'name':'One','order':'a0'}")
            .put("/events/springs", SPRINGS)
            .document();
    take(
        bundles()
            .make(
                "Trap",
                "",
                List.of(
                    new Ref(Family.UNITS, "lurker"),
                    new Ref(Family.ZONES, "pit"),
                    new Ref(Family.EVENTS, "springs")),
                List.of(wanted)));
    return mission().bundles().values().iterator().next();
  }

  private static final Bundles.Wanted WAIT =
      new Bundles.Wanted("Breath", List.of("/events/springs/actions/a/after/value"));

  private String bundle() {
    return mission().bundles().firstKey();
  }

  private Ref setDown(double x, double y, double turn) {
    return take(bundles().setDown(bundle(), new Position(x, y), turn)).made().getFirst();
  }

  private BundleCopy copy(Ref ref) {
    return mission().copies().get(ref.id());
  }

  private static Ref part(BundleCopy copy, Family family) {
    return copy.parts().values().stream().filter(it -> it.family() == family).findFirst().get();
  }

  private JsonNode node(Ref ref) {
    return document.path(ref.family().key()).path(ref.id());
  }

  private Ref first() {
    return mission().copies().entrySet().stream()
        .filter(it -> it.getValue().name().equals("Trap"))
        .map(it -> new Ref(Family.COPIES, it.getKey()))
        .findFirst()
        .get();
  }

  private List<String> open() {
    Mission mission = mission();
    List<String> open = new ArrayList<>();
    References.each(
        document,
        (pointer, ref) -> {
          if (!pointer.startsWith("/bundles/") && mission.find(ref) == null) {
            open.add(pointer);
          }
        });
    return open;
  }

  @Test
  void whatItIsMadeOfBecomesItsFirstCopyAndStaysAsItWas() {
    Bundle trap = trap();
    assertThat(mission().copies().values()).extracting(BundleCopy::name).containsExactly("Trap");
    assertThat(copy(first()).parts().values())
        .containsExactlyInAnyOrder(
            new Ref(Family.UNITS, "lurker"),
            new Ref(Family.ZONES, "pit"),
            new Ref(Family.EVENTS, "springs"));
    Bundle.Edition edition = trap.editions().values().iterator().next();
    assertThat(edition.parts().units().values().iterator().next().position())
        .isEqualTo(new Position(0, 0));
    assertThat(edition.anchor()).isEqualTo(new Position(5, 0));
    assertThat(open()).isEmpty();
  }

  @Test
  void aCopyNamesItsOwnThingsAndLiesTurnedAboutItsAnchor() {
    trap();
    BundleCopy copy = copy(setDown(60, 60, 90));
    assertThat(copy.name()).isEqualTo("Trap 2");
    Ref unit = part(copy, Family.UNITS);
    Ref zone = part(copy, Family.ZONES);
    Ref event = part(copy, Family.EVENTS);
    // East of the anchor becomes south of it, and bearings turn along.
    assertThat(mission().units().get(unit.id()).position()).isEqualTo(new Position(60, 65));
    Zone.Rectangle pit = (Zone.Rectangle) mission().zones().get(zone.id()).shape();
    assertThat(pit.centre()).isEqualTo(new Position(60, 55));
    assertThat(pit.bearing()).isEqualTo(80);
    assertThat(node(unit).get("facing").asDouble()).isEqualTo(90);
    assertThat(node(unit).get("name").asString()).isEqualTo("lurker 2");
    assertThat(node(event).get("name").asString()).isEqualTo("The trap springs 2");
    assertThat(node(event).at("/when/parts/w/condition/zone/id").asString()).isEqualTo(zone.id());
    assertThat(node(event).at("/actions/a/action/who/whom/unit/id").asString())
        .isEqualTo(unit.id());
    // A point that an event names lies with the rest.
    assertThat(node(event).at("/actions/a/action/place/position/y").asDouble()).isEqualTo(61);
    assertThat(open()).isEmpty();
  }

  @Test
  void aCopyIsTurnedAsAWhole() {
    trap();
    Ref copy = setDown(60, 60, 0);
    Bundles.Outcome outcome =
        take(bundles().reset(copy.id(), new TreeMap<>(), copy(copy).edition(), 180));
    assertThat(outcome.kept()).isEmpty();
    Unit unit = mission().units().get(part(copy(copy), Family.UNITS).id());
    assertThat(unit.position()).isEqualTo(new Position(65, 60));
    assertThat(unit.facing()).isEqualTo(180);
    assertThat(copy(copy).turn()).isEqualTo(180);
  }

  @Test
  void whatWouldLieBeyondTheGroundIsLaidAtItsEdge() {
    trap();
    BundleCopy copy = copy(setDown(1, 1, 0));
    assertThat(mission().units().get(part(copy, Family.UNITS).id()).position())
        .isEqualTo(new Position(0, 1));
  }

  @Test
  void aCopyHasItsOwnValues() {
    trap(WAIT, new Bundles.Wanted("Whose", List.of("/units/lurker/side")));
    Ref copy = setDown(60, 60, 0);
    Bundle bundle = mission().bundles().get(bundle());
    SortedMap<String, Bundle.Value> values = new TreeMap<>();
    Bundle.Edition edition = bundle.editions().values().iterator().next();
    edition
        .parameters()
        .forEach(
            (id, it) ->
                values.put(
                    id,
                    it.name().equals("Breath")
                        ? new Bundle.OfNumber(8)
                        : new Bundle.OfThing(new Ref(Family.SIDES, "townsfolk"))));
    Bundles.Outcome outcome = take(bundles().reset(copy.id(), values, copy(copy).edition(), 0));
    assertThat(outcome.kept()).isEmpty();
    assertThat(node(part(copy(copy), Family.EVENTS)).at("/actions/a/after/value").asDouble())
        .isEqualTo(8);
    Unit unit = mission().units().get(part(copy(copy), Family.UNITS).id());
    assertThat(unit.side().id()).isEqualTo("townsfolk");
    assertThat(node(new Ref(Family.EVENTS, "springs")).at("/actions/a/after/value").asDouble())
        .isEqualTo(5);
  }

  @Test
  void aCopyTakesOverWhatChangedAndKeepsWhatItChangedItself() {
    trap(WAIT);
    Ref copy = setDown(60, 60, 0);
    Ref unit = part(copy(copy), Family.UNITS);
    Ref zone = part(copy(copy), Family.ZONES);
    put("/units/lurker/facing", "45");
    put("/zones/pit/hue", "100");
    put("/zones/" + zone.id() + "/hue", "200");
    put("/units/" + unit.id() + "/inPlay", "false");
    take(bundles().follow(first().id(), List.of()));
    String newest = Bundles.newest(mission().bundles().get(bundle()));
    assertThat(copy(copy).edition()).isNotEqualTo(newest);
    Bundles.Outcome outcome = take(bundles().reset(copy.id(), copy(copy).values(), newest, 0));
    assertThat(node(unit).get("facing").asDouble()).isEqualTo(45);
    assertThat(node(unit).get("inPlay").asBoolean()).isFalse();
    assertThat(node(zone).get("hue").asInt()).isEqualTo(200);
    assertThat(outcome.kept())
        .extracting(Kept::says)
        .containsExactly("Pit 2: hue is 200 here and 100 in the bundle; it stays 200.");
    // The older edition, which no copy is of any more, is forgotten.
    assertThat(mission().bundles().get(bundle()).editions()).containsOnlyKeys(newest);
  }

  @Test
  void aCopyThatWasMovedIsTakenOverWhereItLies() {
    trap();
    Ref copy = setDown(60, 60, 0);
    for (Ref ref : List.of(part(copy(copy), Family.UNITS), part(copy(copy), Family.ZONES))) {
      String at = ref.family() == Family.UNITS ? "/position" : "/shape/centre";
      double x = node(ref).at(at + "/x").asDouble() + 20;
      put("/%s/%s%s/x".formatted(ref.family().key(), ref.id(), at), String.valueOf(x));
    }
    put("/units/lurker/position", "{'x':20,'y':26}");
    take(bundles().follow(first().id(), List.of()));
    String newest = Bundles.newest(mission().bundles().get(bundle()));
    Bundles.Outcome outcome = take(bundles().reset(copy.id(), new TreeMap<>(), newest, 0));
    assertThat(mission().units().get(part(copy(copy), Family.UNITS).id()).position())
        .isEqualTo(new Position(75, 66));
    assertThat(copy(copy).at()).isEqualTo(new Position(80, 60));
    // The point that the event names was not moved with the rest, and says so.
    assertThat(outcome.kept()).isEmpty();
  }

  @Test
  void partsComeAndGoWithTheBundle() {
    trap();
    Ref copy = setDown(60, 60, 0);
    Ref changed = setDown(90, 90, 0);
    Ref pit = part(copy(copy), Family.ZONES);
    Ref own = part(copy(changed), Family.ZONES);
    put("/zones/" + own.id() + "/hue", "200");
    put("/markers/flag", "{'name':'Flag','position':{'x':22,'y':28},'shown':true}");
    BundleCopy one = copy(first());
    ((ObjectNode) (document = document.deepCopy()).get("zones")).remove("pit");
    assertThat(one.parts()).hasSize(3);
    take(bundles().follow(first().id(), List.of(new Ref(Family.MARKERS, "flag"))));
    String newest = Bundles.newest(mission().bundles().get(bundle()));
    take(bundles().reset(copy.id(), new TreeMap<>(), newest, 0));
    Bundles.Outcome kept = take(bundles().reset(changed.id(), new TreeMap<>(), newest, 0));
    assertThat(node(pit).isMissingNode()).isTrue();
    assertThat(node(own).isMissingNode()).isFalse();
    assertThat(kept.kept())
        .extracting(Kept::says)
        .containsExactly("Pit 3 is no longer in the bundle, but was changed here; it stays.");
    Ref flag = part(copy(copy), Family.MARKERS);
    assertThat(mission().markers().get(flag.id()).position()).isEqualTo(new Position(57, 68));
    assertThat(mission().markers().get(flag.id()).name()).isEqualTo("Flag 2");
  }

  @Test
  void whatWasDeletedFromACopyStaysAway() {
    trap();
    Ref copy = setDown(60, 60, 0);
    Ref pit = part(copy(copy), Family.ZONES);
    document = document.deepCopy();
    ((ObjectNode) document.get("zones")).remove(pit.id());
    put("/zones/pit/hue", "100");
    take(bundles().follow(first().id(), List.of()));
    String newest = Bundles.newest(mission().bundles().get(bundle()));
    Bundles.Outcome outcome = take(bundles().reset(copy.id(), new TreeMap<>(), newest, 0));
    assertThat(outcome.kept()).isEmpty();
    assertThat(mission().zones()).containsOnlyKeys("pit");
  }

  @Test
  void theOriginalsValuesDoNotBecomeTheUsualOnes() {
    trap(WAIT);
    Ref copy = first();
    SortedMap<String, Bundle.Value> values = new TreeMap<>();
    mission()
        .bundles()
        .get(bundle())
        .editions()
        .get(copy(copy).edition())
        .parameters()
        .keySet()
        .forEach(id -> values.put(id, new Bundle.OfNumber(30)));
    take(bundles().reset(copy.id(), values, copy(copy).edition(), 0));
    take(bundles().follow(copy.id(), List.of()));
    Ref next = setDown(60, 60, 0);
    assertThat(node(part(copy(next), Family.EVENTS)).at("/actions/a/after/value").asDouble())
        .isEqualTo(5);
    assertThat(node(new Ref(Family.EVENTS, "springs")).at("/actions/a/after/value").asDouble())
        .isEqualTo(30);
  }

  @Test
  void whatCannotBePartOfABundleIsRefused() {
    trap();
    assertThatThrownBy(
            () -> bundles().make("T", "", List.of(new Ref(Family.STARTS, "p")), List.of()))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("A player start cannot be part of a bundle");
    assertThatThrownBy(
            () -> bundles().make("T", "", List.of(new Ref(Family.ZONES, "pit")), List.of()))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("Pit already belongs to Trap");
    assertThatThrownBy(() -> bundles().make("T", "", List.of(), List.of()))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("1 to 2000");
    put("/markers/m", "{'name':'M','position':{'x':1,'y':1},'shown':true}");
    List<Ref> marker = List.of(new Ref(Family.MARKERS, "m"));
    for (String wrong : List.of("/markers/m/shown", "/zones/pit/hue", "/markers", "/markers/m/x")) {
      assertThatThrownBy(
              () ->
                  bundles().make("T", "", marker, List.of(new Bundles.Wanted("W", List.of(wrong)))))
          .as(wrong)
          .isInstanceOf(MissionRefused.class);
    }
    assertThatThrownBy(() -> bundles().setDown("none", new Position(1, 1), 0))
        .isInstanceOf(MissionRefused.class);
  }

  @Test
  void theBundlesThatShipAreCarriedWithWhatTheyAreMadeOfAndLeaveNothingOpen() {
    JsonNode shipped = Samples.bundles().document();
    document = new Stage().document();
    ObjectNode bare = (ObjectNode) document.deepCopy();
    for (String family :
        List.of("sides", "stances", "kinds", "weapons", "itemKinds", "thingKinds", "looks")) {
      bare.putObject(family);
    }
    bare.putObject("starts");
    bare.putObject("chapters");
    for (JsonNode into : List.of(document, bare)) {
      for (String id : shipped.get("bundles").propertyNames()) {
        document = Carry.one(shipped, id, into, ids);
        assertThat(Carry.one(shipped, id, document, ids)).isEqualTo(document);
        take(bundles().setDown(id, new Position(60, 60), 30));
        assertThat(open()).as(id).isEmpty();
      }
    }
    assertThat(mission().chapters()).hasSize(1);
  }

  @Test
  void anEntryOfTheCatalogueIsMatchedByItsNameAndNothingElseIsDragged() {
    trap();
    JsonNode from = document;
    document = new Stage().document();
    ObjectNode sides = (ObjectNode) (document = document.deepCopy()).get("sides");
    sides.set("those", sides.remove("wreckers"));
    document = Carry.all(from, document, ids);
    Bundle.Edition edition =
        mission().bundles().get(bundle()).editions().values().iterator().next();
    assertThat(edition.parts().units().values().iterator().next().side().id()).isEqualTo("those");
    assertThat(edition.parts().events().values().iterator().next().chapter().id()).isEmpty();
  }

  @Test
  void allOfTheHarrowSetDownWhereItWasIsTheSameThingsAgain() {
    MissionFile file = Samples.demo("relight-the-harrow");
    document = file.document();
    Mission mission = file.mission();
    List<Ref> all =
        Parts.FAMILIES.stream()
            .flatMap(family -> mission.of(family).keySet().stream().map(it -> new Ref(family, it)))
            .toList();
    Ground ground = Ground.of(mission.setting().terrain(), file);
    take(new Bundles(document, mission, ground, ids).make("All", "", all, List.of()));
    BundleCopy one = mission().copies().values().iterator().next();
    Ref copy =
        take(new Bundles(document, mission(), ground, ids).setDown(bundle(), one.at(), 0))
            .made()
            .getFirst();
    Map<String, Ref> back = new TreeMap<>();
    copy(copy).parts().forEach((part, ref) -> back.put(ref.id(), one.parts().get(part)));
    copy(copy)
        .parts()
        .forEach(
            (part, ref) -> {
              JsonNode again = node(ref).deepCopy();
              Trees.repoint(again, it -> back.getOrDefault(it.id(), it));
              JsonNode was = node(one.parts().get(part));
              for (String own : List.of("name", "order")) {
                ((ObjectNode) again).set(own, was.get(own));
                if (was.get(own) == null) {
                  ((ObjectNode) again).remove(own);
                }
              }
              assertThat(org.flintmoss.mission.json.SameJson.same(again, was))
                  .as("%s %s and %s", part, again, was)
                  .isTrue();
            });
    assertThat(open()).isEmpty();
  }
}
