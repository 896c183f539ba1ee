package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/** The class of mover that a kind is of, and what limits it. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Moves.Walker.class, name = "walker"),
  @JsonSubTypes.Type(value = Moves.Beast.class, name = "beast"),
  @JsonSubTypes.Type(value = Moves.Wheels.class, name = "wheels"),
  @JsonSubTypes.Type(value = Moves.Boat.class, name = "boat"),
  @JsonSubTypes.Type(value = Moves.Flyer.class, name = "flyer")
})
public sealed interface Moves {
  /** Whether it keeps above water that is too deep for it; otherwise it is lost there. */
  boolean swims();

  /**
   * On two feet and with two hands.
   *
   * @param wade deepest water it walks through, metres
   * @param slope steepest ground it walks on, degrees
   * @param leap widest gap that it leaps over, metres; 0 for none
   * @param climb highest ledge that it climbs and wall that it gets over, metres; 0 for none
   * @param drop how far down it lets itself drop unharmed, metres; 0 for not at all
   * @param crawl headroom with which it still gets through on hands and knees, metres; 0 where it
   *     only walks upright
   */
  record Walker(
      @DecimalMin("0") @DecimalMax("10") double wade,
      boolean swims,
      @DecimalMin("1") @DecimalMax("80") double slope,
      @DecimalMin("0") @DecimalMax("12") double leap,
      @DecimalMin("0") @DecimalMax("10") double climb,
      @DecimalMin("0") @DecimalMax("20") double drop,
      @DecimalMin("0") @DecimalMax("10") double crawl)
      implements Moves {}

  /**
   * On four feet.
   *
   * @param wade deepest water it walks through, metres
   * @param slope steepest ground it walks on, degrees
   * @param leap widest gap that it leaps over, metres; 0 for none
   * @param drop how far down it jumps unharmed, metres; 0 for not at all
   */
  record Beast(
      @DecimalMin("0") @DecimalMax("10") double wade,
      boolean swims,
      @DecimalMin("1") @DecimalMax("80") double slope,
      @DecimalMin("0") @DecimalMax("12") double leap,
      @DecimalMin("0") @DecimalMax("20") double drop)
      implements Moves {}

  /**
   * On wheels or runners: not over marsh and mud, but where a road leads through; no stairs.
   *
   * @param ford deepest water it is driven through, metres
   * @param slope steepest ground it is driven on, degrees
   */
  record Wheels(
      @DecimalMin("0") @DecimalMax("10") double ford,
      @DecimalMin("1") @DecimalMax("60") double slope)
      implements Moves {
    @Override
    public boolean swims() {
      return false;
    }
  }

  /**
   * Afloat.
   *
   * @param draught the least depth of water that it floats in, metres
   */
  record Boat(@DecimalMin("0.05") @DecimalMax("20") double draught) implements Moves {
    @Override
    public boolean swims() {
      return true;
    }
  }

  /**
   * In the air, over whatever it can rise above.
   *
   * @param low how high it flies when it goes about, metres above ground, water and roofs
   * @param high how high it can rise above them, metres
   * @param climb how fast it rises and sinks, metres a second
   * @param hovers whether it can stand still in the air; otherwise it circles over where it would
   *     stay
   */
  record Flyer(
      @DecimalMin("0") @DecimalMax("500") double low,
      @DecimalMin("1") @DecimalMax("2000") double high,
      @DecimalMin("0.1") @DecimalMax("60") double climb,
      boolean hovers)
      implements Moves {
    @Override
    public boolean swims() {
      return true;
    }
  }
}
