package org.flintmoss.simulation.decisions;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.simulation.Inside;
import org.junit.jupiter.api.Test;

/** The table of who carries out which order. */
class ExecutorsTest {
  @Test
  void everyOrderHasItsExecutor() {
    Executors executors = Inside.of(new Stage().world(1)).executors;
    assertThat(Order.class.getAnnotation(JsonSubTypes.class).value())
        .extracting(JsonSubTypes.Type::value)
        .hasSizeGreaterThan(7)
        .allSatisfy(type -> assertThat(executors.carriesOut(type)).as(type.getName()).isTrue());
  }
}
