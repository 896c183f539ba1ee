package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the ground says of points and lines, and what comes from elsewhere. */
class GroundTest {
  @TempDir static Path data;
  private static RunningServer server;
  private static String harrow;

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
    harrow = "/api/missions/" + server.mission("Relight the Harrow");
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  @Test
  void aSectionRunsFromEyeToMark() {
    JsonNode section =
        server.get(harrow + "/section?x=476&y=300&toX=565&toY=700&eye=1.6&mark=1.2").json();
    assertThat(section.get("length").asDouble()).isBetween(409.0, 410.0);
    assertThat(section.get("heights").size()).isGreaterThan(100);
    assertThat(section.get("sight").asDouble()).isBetween(1.0, 409.0);
  }

  @Test
  void shelterAndFillingAreTold() {
    assertThat(server.get(harrow + "/shelter?x=606&y=699").json()).hasSize(24);
    JsonNode filling = server.get(harrow + "/filling").json();
    assertThat(filling.has("storm")).isTrue();
  }

  @Test
  void whoGetsWhereIsToldAndWhyNot() {
    byte[] reach = server.get(harrow + "/reach?of=starts/start-mara").raw().body();
    ShortBuffer numbers = ByteBuffer.wrap(reach).order(ByteOrder.LITTLE_ENDIAN).asShortBuffer();
    assertThat(numbers.get(0)).isEqualTo((short) 256);
    assertThat(numbers.get(1)).isEqualTo((short) 256);
    assertThat(reach).hasSize(4 + 2 * 256 * 256);
    assertThat(numbers.get(2 + 246 / 4 * 256 + 352 / 4)).as("where she stands").isZero();
    assertThat(numbers.get(2 + 850 / 4 * 256 + 100 / 4)).as("in the sea").isEqualTo((short) -1);
    String why = harrow + "/why-not?of=starts/start-mara&toX=565&toY=680";
    JsonNode gate = server.get(why).json();
    assertThat(gate.get("reached").asBoolean()).isFalse();
    assertThat(gate.get("says").asString()).contains("open Sluice gate");
    assertThat(server.get(why + "&time=75600").json().get("says").asString())
        .as("when the causeway is covered")
        .contains("too deep");
    JsonNode there = server.get(harrow + "/why-not?of=starts/start-mara&toX=400&toY=240").json();
    assertThat(there.get("says").asString()).contains("gets there in");
    assertThat(server.get(harrow + "/reach?of=units/nobody").status()).isEqualTo(404);
  }

  private static String stop(double x, double y) {
    return "{'position':{'x':%s,'y':%s},'height':{'type':'any'},'speed':{'type':'walk'}}"
        .formatted(x, y)
        .replace('\'', '"');
  }

  private static String course(String legs, String... stops) {
    return "{\"route\":\"\",\"stops\":[%s],\"legs\":%s}".formatted(String.join(",", stops), legs);
  }

  @Test
  void theCourseOfARouteIsToldWhileItIsDrawn() {
    String asked = course("[[0,1],[1,2]]", stop(180, 270), stop(430, 170), stop(558, 528));
    JsonNode course = server.post(harrow + "/course", asked).json();
    assertThat(course.at("/of/family").asString()).isEqualTo("kinds");
    assertThat(course.at("/legs/0/reached").asBoolean()).isTrue();
    assertThat(course.at("/legs/0/seconds").asDouble()).isBetween(150.0, 300.0);
    assertThat(course.at("/legs/1/reached").asBoolean()).isFalse();
    assertThat(course.at("/legs/1/says").asString()).contains("too deep");
  }

  @Test
  void aCourseThatMakesNoSenseIsRefusedWithItsPlace() {
    String nowhere = course("[[0,5]]", stop(180, 270));
    assertThat(server.post(harrow + "/course", nowhere).status()).isEqualTo(422);
    assertThat(server.post(harrow + "/course", nowhere).json().toString()).contains("/legs/0/1");
    String off = course("[[0,1]]", stop(180, 270), stop(99_000, 3));
    assertThat(server.post(harrow + "/course", off).status()).isEqualTo(422);
    assertThat(server.post(harrow + "/course", "{}").status()).isEqualTo(422);
    assertThat(server.post(harrow + "/course", "{\"route\":").status()).isEqualTo(422);
  }

  private static void edit(int base, String patch, String inverse) {
    String body =
        """
        {"id":"pen-%d","base":%d,"tab":"t","label":"A pen","kind":"do","target":"",
         "patch":[%s],"inverse":[%s]}
        """
            .formatted(base, base, patch, inverse);
    RunningServer.Answer answer = server.post(harrow + "/edits", body);
    assertThat(answer.status()).as(() -> answer.json().toString()).isEqualTo(200);
  }

  @Test
  void anEditChangesWhoGetsWhereAndItsUndoingChangesItBack() {
    String why = harrow + "/why-not?of=starts/start-mara&toX=400&toY=240";
    JsonNode mission = server.get(harrow).json();
    ObjectNode wall = (ObjectNode) mission.at("/document/walls").iterator().next().deepCopy();
    ObjectNode corners = wall.put("name", "Pen").putObject("corners");
    double[][] ring = {{390, 230}, {410, 230}, {410, 250}, {390, 250}, {390, 230}};
    for (int i = 0; i < ring.length; i++) {
      corners
          .putObject("c" + i)
          .put("order", "a" + i)
          .putObject("position")
          .put("x", ring[i][0])
          .put("y", ring[i][1]);
    }
    int revision = mission.get("revision").asInt();
    double before = server.get(why).json().get("seconds").asDouble();
    String add = "{\"op\":\"add\",\"path\":\"/walls/pen\",\"value\":%s}".formatted(wall);
    String test = add.replace("\"add\"", "\"test\"");
    String remove = test + ",{\"op\":\"remove\",\"path\":\"/walls/pen\"}";
    edit(revision, add, remove);
    assertThat(server.get(why).json().get("says").asString()).contains("Pen is in the way");
    edit(revision + 1, remove, add);
    assertThat(server.get(why).json().get("seconds").asDouble()).isEqualTo(before);
  }

  @Test
  void crossingsAreToldAndWhereOnlyPlayersGet() {
    String stacks = "/api/missions/" + server.mission("The Gannet Stacks");
    JsonNode over = server.get(stacks + "/crossings?of=starts/p").json();
    assertThat(over.get("crossings").size()).isGreaterThan(100);
    assertThat(over.at("/crossings/0").has("toDeck")).isTrue();
    assertThat(over.get("leaks")).isEmpty();
    byte[] reach = server.get(stacks + "/reach?of=starts/p&against=true").raw().body();
    ShortBuffer numbers = ByteBuffer.wrap(reach).order(ByteOrder.LITTLE_ENDIAN).asShortBuffer();
    assertThat(numbers.get(2 + 104 * 192 + 42)).as("among the birds").isEqualTo((short) 65533);
    assertThat(numbers.get(2 + 66 * 192 + 152)).as("the Needle").isEqualTo((short) 65534);
    assertThat(server.get(stacks + "/crossings?of=units/nobody").status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource({
    "/reach?of=starts/start-mara&x=-1&y=4, off the ground",
    "/reach?of=starts/start-mara&x=NaN&y=4, off the ground",
    "/why-not?of=starts/start-mara&toX=5&toY=1e9, off the ground",
    "/why-not?of=starts/start-mara&toX=5&toY=5&time=-1, within two days",
    "/section?x=-1&y=0&toX=9&toY=9&eye=1&mark=1, off the ground",
    "/section?x=1&y=0&toX=9&toY=9&eye=1e9&mark=1, from 0 to 500 m",
    "/shelter?x=99999&y=1, off the ground"
  })
  void whatLiesNowhereIsRefusedWithTheReason(String query, String why) {
    RunningServer.Answer answer = server.get(harrow + query);
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.json().toString()).contains(why);
  }

  private RunningServer.Answer check(String patch) {
    return server.post(harrow + "/edits/check", "{'patch':%s}".formatted(patch).replace('\'', '"'));
  }

  @Test
  void whatComesFromElsewhereIsFoundGoodOrNotAndChangesNothing() {
    int revision = server.get(harrow).json().get("revision").asInt();
    String good = "{'name':'N','position':{'x':1,'y':1},'text':''}";
    assertThat(check("[{'op':'add','path':'/notes/n','value':%s}]".formatted(good)).status())
        .isEqualTo(204);
    for (String bad :
        new String[] {
          "{'name':'','position':{'x':1,'y':1},'text':''}",
          "{'name':'N','position':{'x':1e12,'y':1},'text':''}",
          "{'name':'N','position':{'x':1,'y':1}}",
          "{'name':'N','position':{'x':1,'y':1},'text':'','script':'x'}",
          "{'name':'%s','position':{'x':1,'y':1},'text':''}".formatted("n".repeat(10_000))
        }) {
      RunningServer.Answer answer =
          check("[{'op':'add','path':'/notes/n','value':%s}]".formatted(bad));
      assertThat(answer.status()).as(bad).isEqualTo(422);
      assertThat(answer.json().toString()).contains("/notes/n");
    }
    assertThat(server.get(harrow).json().get("revision").asInt()).isEqualTo(revision);
  }

  @Test
  void aRouteOfFiftyThousandPointsIsRefusedWithItsPlace() {
    StringBuilder points = new StringBuilder();
    for (int i = 0; i < 50_000; i++) {
      points.append(i == 0 ? "" : ",").append("'w%d':{}".formatted(i));
    }
    RunningServer.Answer answer =
        check(
            "[{'op':'add','path':'/routes/r','value':{'name':'R','way':'once','open':{'type':'all'},'waypoints':{%s}}}]"
                .formatted(points));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.json().toString()).contains("/routes/r");
  }

  @Test
  void assetsComeOneAfterTheOther() {
    JsonNode tiles = server.get(harrow).json().at("/document/setting/terrain/tiles");
    String hash = tiles.iterator().next().asString();
    RunningServer.Answer answer =
        server.post("/api/assets", "[\"%s\",\"%s\"]".formatted(hash, hash));
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.raw().body()).hasSize(2 * 64 * 64 * 3);
  }

  @ParameterizedTest
  @ValueSource(strings = {"{}", "[1]", "[\"nothing\"]", "[", "[null]"})
  void assetsThatAreNoneAreRefused(String body) {
    assertThat(server.post("/api/assets", body).status()).isBetween(400, 422);
  }

  @Test
  void theWaterIsAnsweredForAnyHour() {
    String water = "/api/missions/" + server.demo() + "/water";
    double begins = server.get(water).json().get("level").asDouble();
    assertThat(server.get(water + "?time=0").json().get("level").asDouble()).isEqualTo(begins);
    assertThat(server.get(water + "?time=172801").status()).isEqualTo(422);
    assertThat(server.get(water + "?time=NaN").status()).isEqualTo(422);
  }
}
