package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Order;
import org.junit.jupiter.api.Test;

/** The table of who carries out which order. */
class ExecutorsTest {
  @Test
  void everyOrderHasItsExecutor() {
    Executors executors = new Stage().world(1).context.executors;
    assertThat(Order.class.getAnnotation(JsonSubTypes.class).value())
        .extracting(JsonSubTypes.Type::value)
        .hasSizeGreaterThan(7)
        .allSatisfy(type -> assertThat(executors.carriesOut(type)).as(type.getName()).isTrue());
  }
}
