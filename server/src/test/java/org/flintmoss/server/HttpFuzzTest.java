package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests that are nearly right, as a stranger would make them: bodies of the right shape in which
 * something is null, of another kind, too large, too deep or missing; addresses likewise. None may
 * be a fault of the server's.
 */
class HttpFuzzTest {
  private static final int REQUESTS = LongRuns.times(600, 20_000);

  @TempDir static Path data;
  private static RunningServer server;
  private final SplittableRandom random = new SplittableRandom(20);
  private final Map<Integer, Integer> answers = new TreeMap<>();
  private String mission;
  private JsonNode document;

  /** A request that would be right: a path, and a body where it has one. */
  private record Right(String method, String path, JsonNode body) {}

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static JsonNode json(String text) {
    return Json.MAPPER.readTree(text.replace('\'', '"'));
  }

  /** A small mission of its own to be spoilt, made anew now and then. */
  private void freshMission() {
    RunningServer.Answer copy =
        server.post("/api/missions/" + server.mission("First Light") + "/duplicate", null);
    mission = "/api/missions/" + copy.json().get("id").asString();
    document = server.get(mission).json().get("document");
  }

  private List<Right> rights() {
    String unit = document.get("units").propertyNames().iterator().next();
    List<Right> all = new ArrayList<>();
    all.add(new Right("POST", mission + "/edits/check", json("{'patch':[]}").deepCopy()));
    all.add(
        new Right(
            "POST",
            mission + "/trials",
            json(
                "{'seed':1,'difficulty':'calm','begin':{'type':'at','x':84,'y':250},"
                    + "'party':{'players':1,'first':0,'begins':'atOnce','empty':'nobody'}}")));
    all.add(
        new Right(
            "POST",
            "/api/counts",
            json(
                "{'scaled':{'count':3,'pins':{'calm':-1,'breezy':-1,'rough':9,'storm':-1},'perPlayer':0},'pressure':{'calm':0.7,'breezy':1,'rough':1.3,'storm':1.6}}")));
    all.add(
        new Right(
            "POST",
            mission + "/bundles",
            json(
                "{'name':'B','note':'','things':[{'family':'units','id':'%s'}],'parameters':[{'name':'P','places':['/units/%s/facing']}]}"
                    .formatted(unit, unit))));
    all.add(
        new Right(
            "POST",
            mission + "/bundles/shipped/none/copies",
            json("{'at':{'x':84,'y':250},'turn':0}")));
    all.add(
        new Right(
            "POST",
            mission + "/formats/geojson",
            json(
                "{'type':'FeatureCollection','features':[{'type':'Feature','properties':{},'geometry':{'type':'Point','coordinates':[10,20]}}]}")));
    all.add(
        new Right(
            "POST",
            mission + "/course",
            json(
                "{'route':'','stops':[{'position':{'x':84,'y':250},'height':{'type':'any'},'speed':{'type':'walk'}},{'position':{'x':90,'y':250},'height':{'type':'any'},'speed':{'type':'walk'}}],'legs':[[0,1]]}")));
    all.add(new Right("PUT", mission + "/history/0/name", json("{'name':'First'}")));
    all.add(new Right("POST", mission + "/rescue", json("{'revision':0}")));
    all.add(new Right("POST", "/api/assets", json("['x']")));
    for (String get :
        new String[] {
          "",
          "/checks",
          "/script",
          "/script/web",
          "/formats/geojson",
          "/formats/gpx",
          "/export",
          "/edits?after=0",
          "/edits/of/t",
          "/history?upTo=3",
          "/history/0",
          "/history/0/differences?to=0",
          "/history/0/return",
          "/water?time=100",
          "/tide",
          "/filling",
          "/lengths",
          "/swell",
          "/footing?kind=keeper&x=84&y=250&level=top&unit=" + unit,
          "/shelter?x=84&y=250",
          "/section?x=84&y=250&toX=90&toY=250&eye=1.6&mark=1",
          "/reach?of=units/" + unit + "&x=84&y=250",
          "/crossings?of=units/" + unit,
          "/why-not?of=units/" + unit + "&toX=84&toY=250",
          "/formats/grid"
        }) {
      all.add(new Right("GET", mission + get, null));
    }
    return all;
  }

  private JsonNode edit() {
    String family = any(document);
    while (!document.get(family).isObject() || document.get(family).isEmpty()) {
      family = any(document);
    }
    String id = any(document.get(family));
    JsonNode thing = document.get(family).get(id);
    Edits edits = new Edits();
    if (random.nextBoolean()) {
      edits.put("/" + family + "/fuzz-" + random.nextInt(1000), null, spoilt(thing));
    } else {
      edits.put("/" + family + "/" + id, thing, spoilt(thing));
    }
    int base = server.get(mission).json().path("revision").asInt();
    return Json.MAPPER.readTree(edits.body("e" + random.nextInt(1_000_000), base));
  }

  private String any(JsonNode object) {
    List<String> names = List.copyOf(object.propertyNames());
    return names.get(random.nextInt(names.size()));
  }

  /** The same with something wrong in it, or now and then nothing. */
  private JsonNode spoilt(JsonNode right) {
    JsonNode copy = right.deepCopy();
    for (int i = random.nextInt(3); i > 0; i--) {
      copy = spoil(copy, 0);
    }
    return copy;
  }

  private JsonNode spoil(JsonNode node, int depth) {
    if (node.isEmpty() || random.nextInt(4 + depth) < 1) {
      return nonsense(node);
    }
    if (node instanceof ObjectNode object) {
      String name = any(object);
      switch (random.nextInt(8)) {
        case 0 -> object.remove(name);
        case 1 -> object.set("more", nonsense(node));
        default -> object.set(name, spoil(object.get(name), depth + 1));
      }
    } else if (node instanceof ArrayNode array) {
      int at = random.nextInt(array.size());
      array.set(at, spoil(array.get(at), depth + 1));
      if (random.nextInt(4) == 0) {
        array.add(nonsense(node));
      }
    }
    return node;
  }

  private JsonNode nonsense(JsonNode instead) {
    return switch (random.nextInt(14)) {
      case 0 -> Json.MAPPER.nullNode();
      case 1 -> Json.MAPPER.createObjectNode();
      case 2 -> Json.MAPPER.createArrayNode();
      case 3 -> Json.MAPPER.createArrayNode().addNull();
      case 4 -> Json.MAPPER.valueToTree(-1);
      case 5 -> Json.MAPPER.valueToTree(1e308);
      case 6 -> Json.MAPPER.valueToTree(Long.MAX_VALUE);
      case 7 -> Json.MAPPER.valueToTree("");
      case 8 -> Json.MAPPER.valueToTree("\u0000<script>\ud83d\ude80/~1~0'\"");
      case 9 -> Json.MAPPER.valueToTree("x".repeat(5000));
      case 10 -> Json.MAPPER.valueToTree(true);
      case 11 -> json("{'a':".repeat(40) + "1" + "}".repeat(40));
      case 12 -> json("{'family':'units','id':'gone'}");
      default -> instead.deepCopy();
    };
  }

  private String spoiltPath(String path) {
    String[] wrong = {
      "-1",
      "NaN",
      "1e999",
      "99999999999999",
      "null",
      "%00",
      "%2e%2e%2f",
      "x'or'1",
      "",
      "%F0%9F%9A%80"
    };
    String with = wrong[random.nextInt(wrong.length)];
    return switch (random.nextInt(6)) {
      case 0 -> path.replaceFirst("=[^&]*", "=" + with);
      case 1 -> path.replaceFirst("[?&][^=]*=[^&]*$", "");
      case 2 -> path.replaceFirst("/[0-9a-f-]{36}", "/" + with);
      case 3 -> path + (path.contains("?") ? "&" : "?") + "time=" + with;
      default -> path;
    };
  }

  @Test
  void nothingNearlyRightIsAFaultOfTheServers() {
    for (int i = 0; i < REQUESTS; i++) {
      if (i % 200 == 0) {
        freshMission();
      }
      List<Right> rights = rights();
      boolean edits = random.nextInt(3) == 0;
      Right edit = edits ? new Right("POST", mission + "/edits", edit()) : null;
      ask(edits ? edit : rights.get(random.nextInt(rights.size())), i);
    }
    assertThat(answers.keySet()).as(String.valueOf(answers)).contains(200, 404, 422);
    ObjectNode figures = LongRuns.figures().put("requests", REQUESTS);
    answers.forEach((status, count) -> figures.put(String.valueOf(status), count));
    LongRuns.report("fuzz", figures);
  }

  private void ask(Right right, int number) {
    JsonNode body = right.body() == null ? null : spoilt(right.body());
    String path = spoiltPath(right.path());
    byte[] bytes = body == null ? null : body.toString().getBytes(StandardCharsets.UTF_8);
    RunningServer.Answer answer = server.ask(right.method(), path, bytes);
    String what = "%d: %s %s %s".formatted(number, right.method(), path, body);
    assertThat(answer.status()).as(what).isLessThan(500);
    if (answer.status() >= 400) {
      assertThat(answer.json()).as(what).isNotNull();
      assertThat(answer.json().path("detail").asString("")).as(what).isNotBlank();
    }
    answers.merge(answer.status(), 1, Integer::sum);
  }
}
