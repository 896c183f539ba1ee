package org.flintmoss.server.trials;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.trial.TrialMessage.Begins;
import org.junit.jupiter.api.Test;

/** Who sits where; browsers are called by letters. */
class SeatsTest {
  private final Seats<String> seats = new Seats<>(2, Begins.HOST);

  private void holders(String first, String second) {
    assertThat(seats.holder(0)).isEqualTo(first);
    assertThat(seats.holder(1)).isEqualTo(second);
  }

  @Test
  void seatsAreTakenInTheirOrderAndWhoComesLaterLooksOn() {
    seats.come("a", "ka");
    seats.come("b", "kb");
    seats.come("c", "kc");
    holders("a", "b");
    assertThat(seats.of("c")).isEqualTo(-1);
    assertThat(seats.isHost("a")).isTrue();
    assertThat(seats.isHost("b")).isFalse();
  }

  @Test
  void whoComesBackHasTheirSeatAlsoWhereAnotherIsEmpty() {
    seats.come("a", "ka");
    seats.come("b", "kb");
    seats.go("a");
    seats.go("b");
    assertThat(seats.empty()).isTrue();
    seats.come("b2", "kb");
    holders(null, "b2");
  }

  @Test
  void whoComesNewTakesASeatThatNobodyHadBeforeOneThatSomebodyMayComeBackTo() {
    seats.come("a", "ka");
    seats.go("a");
    seats.come("b", "kb");
    holders(null, "b");
    seats.come("c", "kc");
    holders("c", "b");
    seats.come("a2", "ka");
    assertThat(seats.of("a2")).as("too late").isEqualTo(-1);
  }

  @Test
  void aSeatIsTakenOpenlyAndWhoHadItLooksOn() {
    seats.come("a", "ka");
    seats.come("b", "kb");
    seats.come("c", "kc");
    seats.take("c", 1, "kc");
    holders("a", "c");
    assertThat(seats.of("b")).isEqualTo(-1);
    seats.take("c", 0, "kc");
    holders("c", null);
    assertThat(seats.isHost("c")).as("with the seat of the host").isTrue();
    seats.take("c", 7, "kc");
    holders("c", null);
    seats.take("c", -1, "kc");
    holders(null, null);
  }

  @Test
  void theHostPassesOnWhenTheHostLeaves() {
    seats.come("a", "ka");
    seats.come("b", "kb");
    seats.go("a");
    assertThat(seats.isHost("b")).isTrue();
    seats.come("a2", "ka");
    assertThat(seats.isHost("a2")).as("not given back").isFalse();
    seats.go("b");
    seats.go("a2");
    assertThat(seats.isHost("b")).isFalse();
    seats.come("d", null);
    assertThat(seats.isHost("d")).isTrue();
  }

  @Test
  void playBeginsWhenTheHostHasLaidTheBriefingAside() {
    seats.come("a", "ka");
    seats.come("b", "kb");
    seats.layAside("b");
    assertThat(seats.begun()).isFalse();
    seats.layAside("a");
    assertThat(seats.begun()).isTrue();
    seats.go("a");
    seats.come("c", "kc");
    assertThat(seats.begun()).as("it does not end to have").isTrue();
  }

  @Test
  void orWhenEverybodyHas() {
    Seats<String> all = new Seats<>(3, Begins.EVERYBODY);
    all.come("a", "ka");
    all.come("b", "kb");
    all.layAside("a");
    assertThat(all.begun()).isFalse();
    all.go("b");
    assertThat(all.begun()).as("those who are there have").isTrue();
  }

  @Test
  void orAtOnce() {
    Seats<String> alone = new Seats<>(1, Begins.AT_ONCE);
    assertThat(alone.begun()).isTrue();
    alone.come("a", null);
    alone.layAside("b");
    assertThat(alone.ready(0)).isFalse();
  }

  @Test
  void whoTakesTheSeatOfAnotherHasTheBriefingBeforeThem() {
    seats.come("a", "ka");
    seats.layAside("a");
    seats.come("b", "kb");
    seats.take("b", 0, "kb");
    assertThat(seats.ready(0)).isFalse();
  }
}
