package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.flintmoss.format.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
}
