package org.flintmoss.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Family;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Things that stand at a point go out as a table and come in again. */
class CsvTest {
  private static final MissionFile HARROW = Samples.demo("relight-the-harrow");
  private static final CsvFormat CSV = new CsvFormat();

  private int next;

  private static String written() {
    Ground ground = Ground.of(HARROW.mission().setting().terrain(), HARROW);
    return new String(CSV.write(HARROW, ground).bytes(), StandardCharsets.UTF_8);
  }

  private Format.Taken taken(String text) {
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    return Formats.read(CSV, bytes, HARROW, Map.of(), () -> "n" + next++);
  }

  @Test
  void everyThingAtAPointIsARowWithItsNameAndPlace() {
    List<String> lines = written().lines().toList();
    assertThat(lines.getFirst()).isEqualTo("family,id,name,east,north,thing");
    assertThat(lines)
        .anyMatch(line -> line.startsWith("starts,") && line.contains("Mara Quill,352.0,246.0,"));
    assertThat(lines).noneMatch(line -> line.startsWith("routes,") || line.startsWith("walls,"));
  }

  @Test
  void aTableComesInAgainWithEverythingAndWithWhatWasChangedInIt() {
    Format.Taken taken = taken(written().replace("Mara Quill,352.0,246.0", "Mara,360.5,250.0"));
    Mission before = HARROW.mission();
    Mission after = taken.mission().mission();
    assertThat(after.units()).hasSize(2 * before.units().size());
    assertThat(after.starts().values())
        .filteredOn(start -> start.name().equals("Mara"))
        .singleElement()
        .satisfies(start -> assertThat(start.position().x()).isEqualTo(360.5));
  }

  @Test
  void aRowOfOthersIsAMarker() {
    Format.Taken taken = taken("\uFEFFName,East,North\r\n\"A \"\"rock\"\", red\",40,50.5\r\n");
    assertThat(taken.made())
        .singleElement()
        .extracting(it -> it.family())
        .isEqualTo(Family.MARKERS);
    assertThat(taken.mission().mission().markers().get(taken.made().getFirst().id()).name())
        .isEqualTo("A \"rock\", red");
  }

  @Test
  void aNameThatASpreadsheetWouldReckonWithStaysAText() {
    Format.Taken taken = taken("name,east,north\n'=1+1,40,50\n");
    String id = taken.made().getFirst().id();
    assertThat(taken.mission().mission().markers().get(id).name()).isEqualTo("=1+1");
    Ground ground = Ground.of(HARROW.mission().setting().terrain(), HARROW);
    assertThat(new String(CSV.write(taken.mission(), ground).bytes(), StandardCharsets.UTF_8))
        .contains(",'=1+1,40.0,50.0,");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "name,east|has no column 'north'",
        "name,east,north;x,1,far|line 2: 'north' must be metres, not 'far'",
        "name,east,north;x,1,|line 2: 'north' must be metres, not ''",
        "name,east,north;x,NaN,1|line 2: 'east' must be metres",
        "name,east,north;x,1e9,1|",
        "name,east,north;\"x,1,1|is no CSV that can be read",
        "name,east,north,thing;x,1,1,{|is not JSON that can be read",
        "name,name,east,north;x,y,1,1|is no CSV that can be read"
      })
  void whatIsWrongIsToldWithItsLine(String text, String why) {
    assertThatThrownBy(() -> taken(text.replace(';', '\n')))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining(why == null ? "" : why);
  }
}
