package org.flintmoss.simulation.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.flintmoss.Stage;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** A place forgets its holder when another takes it, and no other place does. */
class RowsTest {
  /** What is kept of a place, not of who holds it. */
  private static final Set<String> OF_PLACES = Set.of("placeTaken", "placeUsed");

  private static World harrow() {
    MissionFile file = Samples.demo("relight-the-harrow");
    return new World(Plans.compile(file.mission(), file, Difficulty.STORM), 4);
  }

  /** A column that grows with the units, and is no row of each, would not be renewed. */
  @Test
  void everyColumnThatGrowsWithTheUnitsHoldsARowOfEach() {
    Map<String, Column> few = columns(people(1));
    Map<String, Column> more = columns(people(2));
    State state = Inside.of(people(2)).state;
    Set<String> inRows =
        state.columns().stream()
            .filter(it -> state.rows(it) != null)
            .map(Column::name)
            .collect(Collectors.toSet());
    for (Column column : more.values()) {
      boolean grows = column.size() > few.get(column.name()).size();
      boolean ofPlaces = OF_PLACES.contains(column.name());
      if (column.size() > 0) {
        assertThat(inRows.contains(column.name())).as(column.name()).isEqualTo(grows && !ofPlaces);
      }
    }
  }

  private static World people(int count) {
    Stage stage = new Stage().zone("zone", 10, 10, 5);
    for (int unit = 0; unit < count; unit++) {
      stage.unit("w" + unit, "wreckers", "wrecker", 20 + unit * 10, 20);
    }
    return stage.world(1);
  }

  private static Map<String, Column> columns(World world) {
    List<Column> columns = Inside.of(world).state.columns();
    return columns.stream().collect(Collectors.toMap(Column::name, Function.identity()));
  }

  @Test
  void aRenewedUnitIsAsItWasWhenPlayBeganAndNobodyElseIs() {
    World first = harrow();
    World world = harrow();
    Stage.steps(world, 900);
    World untouched = harrow();
    Stage.steps(untouched, 900);
    int renewed = world.plan().seat(0);
    Inside.of(world).state.renew(renewed);
    int changed = 0;
    List<Column> columns = Inside.of(world).state.columns();
    for (int i = 0; i < columns.size(); i++) {
      Column now = columns.get(i);
      Rows rows = Inside.of(world).state.rows(now);
      for (int at = 0; at < now.size(); at++) {
        boolean own = rows != null && at / rows.width() == renewed;
        World as = own ? first : untouched;
        long expected = Inside.of(as).state.columns().get(i).bits(at);
        assertThat(now.bits(at)).as("%s %d", now.name(), at).isEqualTo(expected);
        changed += own && Inside.of(untouched).state.columns().get(i).bits(at) != expected ? 1 : 0;
      }
    }
    assertThat(changed).as("something was to be renewed").isPositive();
  }
}
