package org.flintmoss.bundle;

import static org.flintmoss.Stage.ref;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.References;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.text.ScriptText;
import org.flintmoss.terrain.Ground;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes the bundles that ship: a mission that holds nothing else. */
public final class BundleMaker {
  private static final String SCRIPT =
      """
      event "The ambush springs", at most once
        when any player is inside [Ambush ground] for 1 s
        do order all of [Ambushers]: attacks any player

      event "The sentry runs to the bell", at most once
        when [Sentry] sees any player
        do order [Sentry]: goes along [To the bell]

      event "The alarm is rung", at most once
        when [Alarm bell] has been used at least 1 time
        do alarm all of [Wreckers] to [Bell post]
           tell the players "A bell. Somebody has seen us."

      event "The gate swings shut", any number of times
        when [Timed gate] is open
        do wait 20 s, set [Timed gate] closed
      """;

  private JsonNode document;
  private int made;

  private BundleMaker() {}

  /** The document of the mission. */
  public static JsonNode make() {
    return new BundleMaker().document();
  }

  private JsonNode document() {
    document = stage().document();
    Mission mission = MissionReader.read(document);
    ScriptText.Outcome script = ScriptText.apply(document, mission, SCRIPT);
    if (!script.troubles().isEmpty()) {
      throw new IllegalStateException(script.troubles().toString());
    }
    document = script.document();
    make(
        "ambush",
        "Ambush",
        "A squad that lies in wait and falls on whoever walks into its ground.",
        List.of("squads/ambushers", "zones/ambush", event("The ambush springs")),
        List.of(
            wanted("Whose", sidesOf("am1", "am2", "am3", "am4", "am5")),
            wanted("How many", List.of("/squads/ambushers/places/count/count")),
            wanted(
                "Let them walk in for",
                numbers("The ambush springs", "forSeconds", "seconds", "time"))));
    make(
        "alarm-bell",
        "Alarm bell",
        "A sentry who runs to a bell when they see a player; when it rings, their side comes.",
        List.of(
            "units/sentry",
            "posts/bell-post",
            "fixtures/alarm-bell",
            "routes/to-the-bell",
            event("The sentry runs to the bell"),
            event("The alarm is rung")),
        List.of(
            wanted(
                "Whose",
                Stream.concat(Stream.of("/units/sentry/side"), sidesIn(event("The alarm is rung")))
                    .toList()),
            wanted("Who keeps watch", List.of("/units/sentry/kind")),
            wanted("What the players are told", texts("The alarm is rung"))));
    make(
        "timed-gate",
        "Timed gate",
        "A lever opens the gate; after a while it swings shut again.",
        List.of(
            "walls/gate-left",
            "walls/gate-right",
            "gates/timed",
            "fixtures/gate-lever",
            event("The gate swings shut")),
        List.of(
            wanted("Stays open for", afters("The gate swings shut")),
            wanted("Pulled in", List.of("/fixtures/gate-lever/uses/u1/seconds/value"))));
    return alone();
  }

  private static Stage stage() {
    Stage stage = new Stage().put("/chapters/chapter-1", "{'name':'Opening','order':'a0'}");
    stage
        .unit("am1", "wreckers", "wrecker", 52, 46)
        .unit("am2", "wreckers", "wrecker", 54, 44)
        .unit("am3", "wreckers", "lookout", 54, 48)
        .unit("am4", "wreckers", "wrecker", 56, 46)
        .unit("am5", "wreckers", "wrecker", 56, 42);
    stage
        .squad("ambushers", "am1", "{'type':'stay'}")
        .joins("am1", "ambushers")
        .joins("am2", "ambushers")
        .joins("am3", "ambushers")
        .joins("am4", "ambushers")
        .joins("am5", "ambushers")
        .put("/squads/ambushers/name", "'Ambushers'")
        .put(
            "/squads/ambushers/places",
            "{'type':'counted','count':{'count':3,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}}");
    for (String[] name :
        new String[][] {
          {"am1", "Ambusher"},
          {"am2", "Ambusher 2"},
          {"am3", "Ambusher 3"},
          {"am4", "Ambusher 4"},
          {"am5", "Ambusher 5"},
        }) {
      stage
          .put("/units/" + name[0] + "/name", "'" + name[1] + "'")
          .put("/units/" + name[0] + "/facing", "250");
    }
    stage.put(
        "/zones/ambush",
        "{'name':'Ambush ground','shape':{'type':'circle','centre':{'x':40,'y':40},'radius':10},'hue':20,'hatch':'crossed'}");
    stage
        .unit("sentry", "wreckers", "lookout", 80, 40)
        .put("/units/sentry/name", "'Sentry'")
        .put("/units/sentry/facing", "180")
        .post("bell-post", 86, 47, 180)
        .put("/posts/bell-post/name", "'Bell post'")
        .put(
            "/fixtures/alarm-bell",
            "{'name':'Alarm bell','kind':{'family':'thingKinds','id':'bell-kind'},'position':{'x':86,'y':48},'facing':0,'uses':{'u1':{'order':'a0','verb':'Ring','seconds':1,'times':0,'noise':250,'needs':{'type':'nothing'},'gives':{'type':'nothing'},'effect':{'type':'nothing'}}}}")
        .route("to-the-bell", "once", "80 41 'run' 'goesOn'", "86 47 'run' 'goesOn'")
        .put("/routes/to-the-bell/name", "'To the bell'")
        .put(
            "/routes/to-the-bell/waypoints/w1/task",
            "{'type':'works','fixture':%s}".formatted(ref("fixtures", "alarm-bell")));
    stage
        .wall("gate-left", 30, 90, 38, 90)
        .wall("gate-right", 42, 90, 50, 90)
        .put("/walls/gate-left/name", "'Gate wall, left'")
        .put("/walls/gate-right/name", "'Gate wall, right'")
        .gate("timed", "closed", 38, 90, 42, 90)
        .put("/gates/timed/name", "'Timed gate'")
        .put(
            "/fixtures/gate-lever",
            "{'name':'Gate lever','kind':{'family':'thingKinds','id':'lever-kind'},'position':{'x':44,'y':88},'facing':180,'uses':{'u1':{'order':'a0','verb':'Pull','seconds':2,'times':0,'noise':15,'needs':{'type':'nothing'},'gives':{'type':'nothing'},'effect':{'type':'opens','gate':%s}}}}"
                .formatted(ref("gates", "timed")));
    return stage;
  }

  private void make(
      String id, String name, String note, List<String> things, List<Bundles.Wanted> wanted) {
    made = 0;
    List<Ref> refs =
        things.stream()
            .map(it -> it.split("/"))
            .map(it -> Json.MAPPER.readTree(ref(it[0], it[1]).replace('\'', '"')))
            .map(it -> Json.MAPPER.treeToValue(it, Ref.class))
            .toList();
    Mission mission = MissionReader.read(document);
    Ground ground = Ground.of(mission.setting().terrain(), Samples.blank());
    Bundles bundles = new Bundles(document, mission, ground, () -> id + "-" + made++);
    Bundles.Outcome outcome = bundles.make(name, note, refs, wanted);
    ObjectNode with = (ObjectNode) outcome.document().deepCopy();
    ObjectNode all = (ObjectNode) with.get("bundles");
    String was = outcome.made().getFirst().id();
    all.set("bundle-" + id, all.remove(was));
    document = with;
  }

  private static Bundles.Wanted wanted(String name, List<String> places) {
    return new Bundles.Wanted(name, places);
  }

  private static List<String> sidesOf(String... units) {
    return Stream.of(units).map(it -> "/units/" + it + "/side").toList();
  }

  private String event(String name) {
    return document.get("events").properties().stream()
        .filter(it -> it.getValue().get("name").asString().equals(name))
        .map(it -> "events/" + it.getKey())
        .findFirst()
        .orElseThrow();
  }

  private Stream<String> sidesIn(String event) {
    List<String> places = new ArrayList<>();
    References.each(
        document.at("/" + event),
        (pointer, ref) -> {
          if (ref.family() == Family.SIDES) {
            places.add("/" + event + pointer);
          }
        });
    return places.stream();
  }

  private List<String> numbers(String event, String... fields) {
    return find(event, List.of(fields), it -> it.path("value").isNumber()).stream()
        .map(it -> it + "/value")
        .toList();
  }

  private List<String> texts(String event) {
    return find(event, List.of("text"), JsonNode::isString);
  }

  private List<String> afters(String event) {
    return find(event, List.of("value"), it -> it.isNumber() && it.asDouble() > 0);
  }

  private List<String> find(
      String event, List<String> fields, java.util.function.Predicate<JsonNode> fits) {
    List<String> places = new ArrayList<>();
    String at = "/" + event(event);
    walk(document.at(at), at, fields, fits, places);
    return places;
  }

  private static void walk(
      JsonNode node,
      String at,
      List<String> fields,
      java.util.function.Predicate<JsonNode> fits,
      List<String> places) {
    node.properties()
        .forEach(
            it -> {
              String place = at + "/" + it.getKey();
              if (fields.contains(it.getKey()) && fits.test(it.getValue())) {
                places.add(place);
              }
              walk(it.getValue(), place, fields, fits, places);
            });
  }

  /** The mission without anything but its bundles and what they are made of. */
  private JsonNode alone() {
    ObjectNode alone = (ObjectNode) document.deepCopy();
    for (String family :
        List.of(
            "starts",
            "units",
            "squads",
            "zones",
            "routes",
            "posts",
            "walls",
            "gates",
            "fixtures",
            "events",
            "copies")) {
      alone.putObject(family);
    }
    ((ObjectNode) alone.get("brief")).put("title", "Bundles");
    MissionReader.read(alone);
    return alone;
  }
}
