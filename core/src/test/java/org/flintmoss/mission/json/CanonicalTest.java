package org.flintmoss.mission.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.erdtman.jcs.JsonCanonicalizer;
import org.flintmoss.format.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The canonical form of RFC 8785, by examples from its text and its appendix. */
class CanonicalTest {
  private static String canonical(String json) {
    return Canonical.text(Json.read(json.getBytes(StandardCharsets.UTF_8)));
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0",
    "-0.0, 0",
    "1.0, 1",
    "10.50, 10.5",
    "1e3, 1000",
    "0.000001, 0.000001",
    "0.0000001, 1e-7",
    "4.50, 4.5",
    "2e-3, 0.002",
    "333333333.33333329, 333333333.3333333"
  })
  void numbersAreAsShortAsTheyCanBe(String written, String expected) {
    assertThat(canonical("[" + written + "]")).isEqualTo("[" + expected + "]");
  }

  @Test
  void keysAreSortedAndWhiteSpaceIsGone() {
    assertThat(canonical("{ \"b\" : 1 , \"a\" : { \"d\" : [ ] , \"c\" : null } }"))
        .isEqualTo("{\"a\":{\"c\":null,\"d\":[]},\"b\":1}");
  }

  @Test
  void textKeepsItsLettersAndEscapesOnlyWhatItMust() {
    assertThat(canonical("[\"\\u20ac$\\u000F\\u000aA'\\u0042\\u0022\\u005c\\\\\\\"\\/\"]"))
        .isEqualTo("[\"€$\\u000f\\nA'B\\\"\\\\\\\\\\\"/\"]");
  }

  @Test
  void whatIsCanonicalStaysAsItIs() {
    for (String demo : new String[] {"first-light", "relight-the-harrow", "gannet-stacks"}) {
      String once = Canonical.text(Samples.demo(demo).document());
      assertThat(canonical(once)).isEqualTo(once);
    }
  }

  @Test
  void theNameOfBytesIsTheirSha256() {
    assertThat(Canonical.hash("abc".getBytes(StandardCharsets.UTF_8)))
        .isEqualTo("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void anyTreeIsWrittenAsTheLibraryForItWritesIt(long seed) throws IOException {
    SplittableRandom random = new SplittableRandom(seed);
    for (int i = 0; i < 200; i++) {
      JsonNode tree = Json.MAPPER.createObjectNode().set("a", tree(random, 4));
      assertThat(Canonical.text(tree))
          .isEqualTo(new JsonCanonicalizer(tree.toString()).getEncodedString());
    }
  }

  private static JsonNode tree(SplittableRandom random, int depth) {
    return switch (random.nextInt(depth > 0 ? 7 : 5)) {
      case 0 -> Json.MAPPER.valueToTree(random.nextInt());
      case 1 ->
          Json.MAPPER.valueToTree(Math.scalb(random.nextDouble() - 0.5, random.nextInt(-99, 99)));
      case 2 -> Json.MAPPER.valueToTree(text(random));
      case 3 -> Json.MAPPER.valueToTree(random.nextBoolean());
      case 4 -> Json.MAPPER.nullNode();
      case 5 -> {
        ArrayNode array = Json.MAPPER.createArrayNode();
        IntStream.range(0, random.nextInt(4)).forEach(_ -> array.add(tree(random, depth - 1)));
        yield array;
      }
      default -> {
        ObjectNode object = Json.MAPPER.createObjectNode();
        IntStream.range(0, random.nextInt(5))
            .forEach(_ -> object.set(text(random), tree(random, depth - 1)));
        yield object;
      }
    };
  }

  /** Letters of all sorts: plain, to be escaped, beyond ASCII, beyond 16 bits. */
  private static String text(SplittableRandom random) {
    StringBuilder text = new StringBuilder();
    for (int i = random.nextInt(6); i > 0; i--) {
      int letter =
          switch (random.nextInt(4)) {
            case 0 -> random.nextInt(32);
            case 1 -> random.nextInt(32, 128);
            case 2 -> random.nextInt(128, 0xD800);
            default -> random.nextInt(0x10000, 0x20000);
          };
      text.appendCodePoint(letter);
    }
    return text.toString();
  }
}
