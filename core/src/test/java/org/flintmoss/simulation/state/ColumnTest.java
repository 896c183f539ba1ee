package org.flintmoss.simulation.state;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a column adds to the hash of the state. */
class ColumnTest {
  @Test
  void whatStandsForNothingAddsNothingHoweverMuchThereIsOfIt() {
    assertThat(new Column.Ints("a", 9, 0).hash()).isZero();
    assertThat(new Column.Ints("a", 9, -1).hash()).isZero();
    assertThat(new Column.Doubles("a", 9, -1).hash()).isZero();
    assertThat(new Column.Longs("a", 9).hash()).isZero();
  }

  @Test
  void aLongerColumnOfTheSameValuesIsTheSame() {
    Column.Ints few = new Column.Ints("a", 3, -1);
    Column.Ints many = new Column.Ints("a", 30, -1);
    few.at[2] = 7;
    many.at[2] = 7;
    assertThat(many.hash()).isEqualTo(few.hash()).isNotZero();
  }

  @Test
  void nameAndPlaceOfAValueCount() {
    Column.Ints one = new Column.Ints("a", 3, 0);
    Column.Ints other = new Column.Ints("b", 3, 0);
    one.at[0] = 7;
    other.at[0] = 7;
    assertThat(other.hash()).isNotEqualTo(one.hash());
    other.at[0] = 0;
    Column.Ints place = new Column.Ints("a", 3, 0);
    place.at[1] = 7;
    assertThat(place.hash()).isNotEqualTo(one.hash());
  }

  @Test
  void zeroIsSomethingWhereNothingIsLess() {
    Column.Ints column = new Column.Ints("a", 3, -1);
    column.at[1] = 0;
    assertThat(column.hash()).isNotZero();
  }

  @Test
  void minusZeroIsZero() {
    Column.Doubles column = new Column.Doubles("a", 2, 0);
    column.at[1] = -0.0;
    assertThat(column.hash()).isZero();
  }
}
