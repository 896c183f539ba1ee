package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Pressure;
import org.flintmoss.mission.word.Scaled;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.PhraseBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MissionReaderTest {
  private static final String W =
      "{'name':'w','side':{'family':'sides','id':'wreckers'},'kind':{'family':'kinds','id':'wrecker'},'position':{'x':%s,'y':2},'facing':0,'inPlay':true,'belongs':{'type':'alone'},'order':%s}";

  @Test
  void theSamplesAreRead() {
    assertThat(Samples.demo("first-light").mission().units()).containsOnlyKeys("prowler");
    assertThat(Samples.blank().mission().events()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '#',
      value = {
        "/extra | 1 | /extra | is not a field",
        "/schema | 99 | /schema | newer Flintmoss",
        "/schema | 'x' | /schema | which version",
        "/brief/title | '' | /brief/title | must be 1 to 120 characters long",
        "/brief/title | 7 | /brief/title | ",
        "/brief | null | /brief | must not be null",
        "/setting/waterLevel | 1e999 | /setting/waterLevel | must be at most 300",
        "/starts/p/position/x | -1 | /starts/p/position/x | must be at least 0 (is -1)",
        "/starts/p/facing | 360 | /starts/p/facing | must be under 360 (is 360)",
        "/starts/p/position/x | 128.5 | /starts/p/position | off the ground",
        "/starts/p/position/x | '5' | /starts/p/position/x | ",
        "/starts/p/side/family | 'zones' | /starts/p/side | must refer to a side, not to a zone",
        "/starts/p/side/id | 'keeper' | /starts/p/side | must refer to a side, but names a kind",
        "/starts/P | {} | /starts/P | ",
        "/zones/p | {'name':'z','shape':{'type':'circle','centre':{'x':1,'y':1},'radius':5},'hue':1,'hatch':'rising'} | /zones/p | same id as a player start",
        "/zones/z | {'name':'z','shape':{'type':'hexagon'},'hue':1,'hatch':'rising'} | /zones/z/shape | type 'hexagon'",
        "/zones/z | {'name':'z','shape':{'type':'circle','centre':{'x':1,'y':1},'radius':5},'hue':1,'hatch':'wavy'} | /zones/z/hatch | wavy",
        "/setting/terrain/tiles/9-9 | '0000000000000000000000000000000000000000000000000000000000000000' | /setting/terrain/tiles/9-9 | beyond the grid",
      })
  void whatCannotBeHeldIsRefusedWithItsPlace(
      String path, String value, String pointer, String reason) {
    assertThatThrownBy(() -> new Stage().put(path, value).mission())
        .isInstanceOfSatisfying(
            MissionRefused.class,
            refused ->
                assertThat(refused.problems())
                    .anySatisfy(
                        problem -> {
                          assertThat(problem.pointer()).startsWith(pointer);
                          assertThat(problem.reason())
                              .contains(reason == null ? "" : reason)
                              .doesNotContain("Exception", "org.flintmoss", "DeserializationF");
                        }));
  }

  @Test
  void placesInsideOrdersAndEventsMustLieOnTheGroundToo() {
    String order = "{'type':'prowl','pause':1,'to':{'type':'point','position':{'x':500,'y':2}}}";
    Stage stage = new Stage().put("/units/w", W.formatted(2, order));
    assertThatThrownBy(stage::mission)
        .isInstanceOf(MissionRefused.class)
        .hasMessageStartingWith("/units/w/order/to/position: lies off the ground");
  }

  @Test
  void nestingBeyondTheBoundIsRefusedWithoutATrace() {
    byte[] deep = ("[".repeat(65) + "]".repeat(65)).getBytes(StandardCharsets.UTF_8);
    assertThatThrownBy(() -> Json.read(deep))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("nesting depth");
  }

  @Test
  void doubleKeysAndTrailingTextAreRefused() {
    assertThatThrownBy(() -> Json.read("{\"a\":1,\"a\":2}".getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(MissionRefused.class);
    assertThatThrownBy(() -> Json.read("{} x".getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(MissionRefused.class);
  }

  @Test
  void theCanonicalFormDoesNotDependOnTheOrderOfKeys() {
    assertThat(Canonical.text(Json.MAPPER.readTree("{\"b\":1.0,\"a\":1e2}")))
        .isEqualTo("{\"a\":100,\"b\":1}");
  }

  static Stream<PhraseBook.Entry> conditions() {
    return PhraseBook.make().conditions().stream();
  }

  static Stream<PhraseBook.Entry> actions() {
    return PhraseBook.make().actions().stream();
  }

  @ParameterizedTest
  @MethodSource("conditions")
  void everyFreshConditionIsOneThatCanBeHeldAndRun(PhraseBook.Entry entry) {
    Stage stage = new Stage().event("e", Stage.all(entry.fresh().toString()));
    assertThat(stage.after(5).over()).isFalse();
    assertThat(entry.pieces()).isNotEmpty();
  }

  @ParameterizedTest
  @MethodSource("actions")
  void everyFreshActionIsOneThatCanBeHeldAndRun(PhraseBook.Entry entry) {
    Stage stage = new Stage().event("e", Stage.elapsed(0), entry.fresh().toString());
    assertThat(Stage.fired(stage.after(5), "e")).containsExactly(1);
    assertThat(entry.group()).isNotBlank();
  }

  @Test
  void countsFollowThePressureAndKeepTheirPins() {
    Pressure pressure = new Pressure(0.7, 1, 1.3, 1.6);
    Scaled three = new Scaled(3, new Scaled.Pins(-1, -1, -1, 9), 2);
    assertThat(three.at(new Terms(Difficulty.CALM, 1), pressure)).isEqualTo(2);
    assertThat(three.at(new Terms(Difficulty.BREEZY, 1), pressure)).isEqualTo(3);
    assertThat(three.at(new Terms(Difficulty.ROUGH, 1), pressure)).isEqualTo(4);
    assertThat(three.at(new Terms(Difficulty.STORM, 1), pressure)).isEqualTo(9);
    assertThat(Scaled.of(1).at(new Terms(Difficulty.CALM, 1), new Pressure(0.1, 1, 1, 1)))
        .isEqualTo(1);
    assertThat(three.at(new Terms(Difficulty.CALM, 3), pressure))
        .as("two for each further player")
        .isEqualTo(6);
    assertThat(three.at(new Terms(Difficulty.STORM, 2), pressure)).isEqualTo(11);
  }

  @Test
  void aLineOfFiveThousandWordsIsRefusedAtItsPlace() {
    Stage stage =
        new Stage().speaker("bell", "{'type':'elsewhere'}").talk("t", "story", "bell", "one");
    stage.put("/conversations/t/lines/l0/text/text", "'" + "word ".repeat(5000) + "'");
    assertThatThrownBy(stage::mission)
        .isInstanceOfSatisfying(
            MissionRefused.class,
            refused -> {
              assertThat(refused.problems().getFirst().pointer())
                  .isEqualTo("/conversations/t/lines/l0/text");
              assertThat(refused.problems().getFirst().reason())
                  .contains("400")
                  .hasSizeLessThan(120);
            });
  }
}
