package org.flintmoss.simulation.state;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;

/**
 * All that changes in a run: columns of primitives, sized once by the plan. Every column is listed
 * as it is made, so saving, loading and hashing see them all. A column that one part of a run sets
 * is made and kept by that part; those that several set stand here.
 */
public final class State {
  private final List<Column> columns = new ArrayList<>();

  /** The clock and the outcome; see {@link Clock}. */
  public final Column.Ints clock;

  /** Where each unit is: metres east. */
  public final Column.Doubles x;

  /** Where each unit is: metres north. */
  public final Column.Doubles y;

  /** The surface each unit stands on: 0 for the ground, from 1 for decks. */
  public final Column.Ints deck;

  /** The bearing that each unit faces, degrees clockwise from north. */
  public final Column.Doubles facing;

  /** How fast each unit went in the last step, metres a second. */
  public final Column.Doubles speed;

  /** The health that each unit has left, points; 0 for the dead. */
  public final Column.Doubles health;

  /** 1 for a unit that is in play, dead or alive. */
  public final Column.Ints present;

  /** For each unit, 1 while a player sits in its seat. */
  public final Column.Ints seated;

  /** Where each unit is at home, to which it goes back: metres east. */
  public final Column.Doubles homeX;

  /** Where each unit is at home: metres north. */
  public final Column.Doubles homeY;

  /** The bearing that each unit faces at home, degrees. */
  public final Column.Doubles homeFacing;

  /** The surface on which each unit is at home. */
  public final Column.Ints homeDeck;

  /** How high above the ground its waypoint has a flyer go, metres; -1 for as it goes about. */
  public final Column.Doubles rises;

  /** The share of its full speed that each unit is asked to go at. */
  public final Column.Doubles pace;

  /** How a player steers a unit: east, -1 to 1. */
  public final Column.Doubles steerX;

  /** How a player steers a unit: north, -1 to 1. */
  public final Column.Doubles steerY;

  /** The bearing that a player aims along, degrees; -1 for none. */
  public final Column.Doubles aim;

  /** The weapon that each unit uses in this step, from 1; 0 for none. */
  public final Column.Ints attack;

  /** Points of health that each unit loses in this step. */
  public final Column.Doubles hurt;

  /** The state of a plan, all at zero. */
  State(Plan plan) {
    int units = plan.units();
    clock = ints("clock", Clock.SIZE);
    x = doubles("x", units);
    y = doubles("y", units);
    deck = ints("deck", units);
    facing = doubles("facing", units);
    speed = doubles("speed", units);
    health = doubles("health", units);
    present = ints("present", units);
    seated = ints("seated", units);
    homeX = doubles("homeX", units);
    homeY = doubles("homeY", units);
    homeFacing = doubles("homeFacing", units);
    homeDeck = ints("homeDeck", units);
    rises = doubles("rises", units, -1);
    pace = doubles("pace", units);
    steerX = doubles("steerX", units);
    steerY = doubles("steerY", units);
    aim = doubles("aim", units, -1);
    attack = ints("attack", units);
    hurt = doubles("hurt", units);
  }

  /** A new column of whole numbers, all 0. */
  public Column.Ints ints(String name, int size) {
    return ints(name, size, 0);
  }

  /** A new column of whole numbers, all what counts as nothing. */
  public Column.Ints ints(String name, int size, int nothing) {
    return listed(new Column.Ints(name, size, nothing));
  }

  /** A new column of sets of 64 bits, all empty. */
  public Column.Longs longs(String name, int size) {
    return listed(new Column.Longs(name, size));
  }

  /** A new column of numbers, all 0. */
  public Column.Doubles doubles(String name, int size) {
    return doubles(name, size, 0);
  }

  /** A new column of numbers, all what counts as nothing. */
  public Column.Doubles doubles(String name, int size, double nothing) {
    return listed(new Column.Doubles(name, size, nothing));
  }

  /** A new column of step numbers, all 0 for never. */
  public Column.Steps steps(String name, int size) {
    return steps(name, size, 0);
  }

  /** A new column of step numbers, all what counts as never. */
  public Column.Steps steps(String name, int size, int never) {
    return listed(new Column.Steps(name, size, never));
  }

  private <T extends Column> T listed(T column) {
    if (columns.stream().anyMatch(it -> it.name().equals(column.name()))) {
      throw new IllegalArgumentException("two columns are called " + column.name());
    }
    columns.add(column);
    return column;
  }

  /** Every column, in the order in which they are saved. */
  public List<Column> columns() {
    return columns;
  }

  /**
   * A number that differs, in all likelihood, as soon as any one value does. The order of the
   * columns does not count, nor does a column that holds nothing: what a mission does not use
   * changes none of its hashes.
   *
   * @param begun what it begins with: a number for what the run was begun with
   */
  public long hash(long begun) {
    return Chance.mix(begun + columns.stream().mapToLong(Column::hash).sum());
  }

  /** All values as bytes. */
  public byte[] save() {
    ByteBuffer bytes = ByteBuffer.allocate(bytes());
    columns.forEach(column -> column.save(bytes));
    return bytes.array();
  }

  /**
   * Takes all values from bytes that {@link #save} made for the same plan.
   *
   * @throws IllegalArgumentException if they are of another plan
   */
  public void load(byte[] saved) {
    if (saved.length != bytes()) {
      throw new IllegalArgumentException(
          "a saved state of " + saved.length + " bytes does not fit a plan of " + bytes());
    }
    ByteBuffer bytes = ByteBuffer.wrap(saved);
    columns.forEach(column -> column.load(bytes));
  }

  private int bytes() {
    return columns.stream().mapToInt(Column::size).sum() * Long.BYTES;
  }

  /** Puts everything as it is when play begins. */
  void begin(Plan plan) {
    clock.at[Clock.ENDING] = -1;
    for (int unit = 0; unit < plan.units(); unit++) {
      x.at[unit] = plan.homeX(unit);
      y.at[unit] = plan.homeY(unit);
      deck.at[unit] = plan.homeDeck(unit);
      facing.at[unit] = plan.homeFacing(unit);
      health.at[unit] = plan.kind(unit).health();
      present.at[unit] = plan.fromTheStart(unit) ? 1 : 0;
      settle(unit);
    }
  }

  /** Whether a player has a unit in hand. */
  public boolean seated(int unit) {
    return seated.at[unit] == 1;
  }

  /** Where a unit stands now becomes its home. */
  public void settle(int unit) {
    homeX.at[unit] = x.at[unit];
    homeY.at[unit] = y.at[unit];
    homeFacing.at[unit] = facing.at[unit];
    homeDeck.at[unit] = deck.at[unit];
  }
}
