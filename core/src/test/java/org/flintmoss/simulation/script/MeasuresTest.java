package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Arrays;
import java.util.Set;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.script.Measure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The table of what is measured. */
class MeasuresTest {
  private static final Set<Class<?>> OF_OTHERS =
      Set.of(
          Condition.All.class,
          Condition.Any.class,
          Condition.Not.class,
          Condition.HeldFor.class,
          Condition.ByChance.class);

  @Test
  void everyStateHasItsRow() {
    assertThat(Condition.class.getAnnotation(JsonSubTypes.class).value())
        .extracting(JsonSubTypes.Type::value)
        .filteredOn(type -> !OF_OTHERS.contains(type) && !Happening.class.isAssignableFrom(type))
        .hasSizeGreaterThan(40)
        .allSatisfy(type -> assertThat(Measures.of(type.asSubclass(Record.class))).isNotNull());
  }

  @Test
  void whatIsNoSentenceIsRefusedByName() {
    assertThatThrownBy(() -> Measures.of(Mission.class))
        .hasMessage("no measure is for org.flintmoss.mission.Mission");
  }

  @Test
  void noSentenceStandsInTwoRows() {
    assertThat(Arrays.stream(Measures.values()).flatMap(it -> it.row().sentences.stream()))
        .doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @EnumSource
  void eachIsReadInTheWayOfItsScope(Measures measure) {
    MeasureRow row = measure.row();
    assertThat(row.ofMission != null).isEqualTo(measure.scope() == Measure.Scope.MISSION);
    assertThat(row.ofCrowd != null).isEqualTo(measure.scope() == Measure.Scope.CROWD);
    assertThat(row.ofUnit != null).isEqualTo(measure.scope() == Measure.Scope.UNIT);
    assertThat(row.sentences).isNotEmpty();
  }
}
