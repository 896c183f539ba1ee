package org.flintmoss.mission.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class JsonDiffTest {
  private static JsonNode json(String text) {
    return Json.MAPPER.readTree(text.replace('\'', '"'));
  }

  @Test
  void onlyWhatDiffersIsInIt() {
    JsonNode from = json("{'a':1,'b':{'c':'x','d':true},'gone':{'deep':1}}");
    JsonNode to = json("{'a':1.0,'b':{'c':'y','d':true},'new~/':2}");
    assertThat(JsonDiff.between(from, to))
        .isEqualTo(
            json(
                "[{'op':'test','path':'/gone','value':{'deep':1}},{'op':'remove','path':'/gone'},"
                    + "{'op':'test','path':'/b/c','value':'x'},"
                    + "{'op':'replace','path':'/b/c','value':'y'},"
                    + "{'op':'add','path':'/new~0~1','value':2}]"));
    assertThat(JsonDiff.between(from, from.deepCopy())).isEmpty();
  }

  static LongStream seeds() {
    return LongStream.range(0, 60);
  }

  private static JsonNode random(Random luck, int depth) {
    if (depth == 0 || luck.nextInt(4) == 0) {
      return Json.MAPPER.valueToTree(luck.nextInt(3));
    }
    ObjectNode node = Json.MAPPER.createObjectNode();
    for (int i = luck.nextInt(4); i > 0; i--) {
      node.set("k" + luck.nextInt(5), random(luck, depth - 1));
    }
    return node;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void putOnTheFirstItGivesTheSecondAndEveryTestOfItHolds(long seed) {
    Random luck = new Random(seed);
    ObjectNode from = Json.MAPPER.createObjectNode();
    ObjectNode to = Json.MAPPER.createObjectNode();
    for (int i = 0; i < 4; i++) {
      from.set("k" + i, random(luck, 4));
      to.set("k" + i, random(luck, 4));
    }
    JsonPatch patch = JsonPatch.read(JsonDiff.between(from, to));
    assertThat(patch.untested()).isEmpty();
    assertThat(SameJson.same(patch.apply(from), to)).isTrue();
  }
}
