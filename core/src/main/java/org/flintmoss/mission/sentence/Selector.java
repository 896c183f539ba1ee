package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Scaled;

/** Which of whom a sentence speaks. */
public record Selector(@Valid Quantifier quantifier, @Valid Whom whom) {
  /** How many of them it takes. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Any.class, name = "any"),
    @JsonSubTypes.Type(value = All.class, name = "all"),
    @JsonSubTypes.Type(value = None.class, name = "none"),
    @JsonSubTypes.Type(value = AtLeast.class, name = "atLeast"),
    @JsonSubTypes.Type(value = Share.class, name = "share")
  })
  public sealed interface Quantifier {}

  /** One of them is enough. */
  public record Any() implements Quantifier {}

  /** All of the living, and at least one. */
  public record All() implements Quantifier {}

  /** Not one of them. */
  public record None() implements Quantifier {}

  /** At least a number, which grows under pressure. */
  public record AtLeast(@Valid Scaled count) implements Quantifier {}

  /** At least so large a share of the living, and at least one. */
  public record Share(@DecimalMin("1") @DecimalMax("100") @Valid Pinned percent)
      implements Quantifier {}

  /** Of whom it speaks. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Players.class, name = "players"),
    @JsonSubTypes.Type(value = Anyone.class, name = "anyone"),
    @JsonSubTypes.Type(value = Causer.class, name = "causer"),
    @JsonSubTypes.Type(value = Other.class, name = "other"),
    @JsonSubTypes.Type(value = ThisOne.class, name = "thisOne"),
    @JsonSubTypes.Type(value = OfSide.class, name = "side"),
    @JsonSubTypes.Type(value = OfKind.class, name = "kind"),
    @JsonSubTypes.Type(value = InSquad.class, name = "squad"),
    @JsonSubTypes.Type(value = InBand.class, name = "band"),
    @JsonSubTypes.Type(value = Labelled.class, name = "label"),
    @JsonSubTypes.Type(value = InWave.class, name = "wave"),
    @JsonSubTypes.Type(value = OneUnit.class, name = "unit"),
    @JsonSubTypes.Type(value = OneStart.class, name = "start"),
    @JsonSubTypes.Type(value = Inside.class, name = "inside"),
    @JsonSubTypes.Type(value = Within.class, name = "within"),
    @JsonSubTypes.Type(value = Nearest.class, name = "nearest"),
    @JsonSubTypes.Type(value = Farthest.class, name = "farthest")
  })
  public sealed interface Whom {}

  /** Those who bear a label, or belong to what does. */
  public record Labelled(@Valid @Names(Family.LABELS) Ref label) implements Whom {}

  /** The players' own units. */
  public record Players() implements Whom {}

  /** Every unit there is. */
  public record Anyone() implements Whom {}

  /** Who caused the event; nobody in what an event listens for. */
  public record Causer() implements Whom {}

  /** The second party of what happened: by whom somebody was hit, whom they noticed. */
  public record Other() implements Whom {}

  /** Whose turn it is among those for whom lines are done one after another. */
  public record ThisOne() implements Whom {}

  /** Everyone of a side. */
  public record OfSide(@Valid @Names(Family.SIDES) Ref side) implements Whom {}

  /** Everyone of a kind, of whichever side. */
  public record OfKind(@Valid @Names(Family.KINDS) Ref kind) implements Whom {}

  /** Everyone of a squad. */
  public record InSquad(@Valid @Names(Family.SQUADS) Ref squad) implements Whom {}

  /** Everyone of the squads of a band. */
  public record InBand(@Valid @Names(Family.BANDS) Ref band) implements Whom {}

  /** Everyone of a wave. */
  public record InWave(@Valid @Names(Family.WAVES) Ref wave) implements Whom {}

  /** One unit. */
  public record OneUnit(@Valid @Names(Family.UNITS) Ref unit) implements Whom {}

  /** The player who began at a start. */
  public record OneStart(@Valid @Names(Family.STARTS) Ref start) implements Whom {}

  /** The members of a selection who are inside a zone at the moment. */
  public record Inside(@Valid Whom of, @Valid @Names(Family.ZONES) Ref zone) implements Whom {}

  /** The members of a selection who are at most a given distance from a place at the moment. */
  public record Within(
      @Valid Whom of,
      @Measured(value = "m", fresh = 20) @DecimalMin("0.1") @DecimalMax("50000") @Valid
          Pinned distance,
      @Valid Place place)
      implements Whom {}

  /** A selection in order, nearest to a place first: an action on a few takes the first. */
  public record Nearest(@Valid Whom of, @Valid Place place) implements Whom {}

  /** A selection in order, farthest from a place first: an action on a few takes the first. */
  public record Farthest(@Valid Whom of, @Valid Place place) implements Whom {}

  /** Of whom it speaks, wherever they have to stand. */
  public static Whom base(Whom whom) {
    return switch (whom) {
      case Inside inside -> base(inside.of());
      case Within within -> base(within.of());
      case Nearest nearest -> base(nearest.of());
      case Farthest farthest -> base(farthest.of());
      default -> whom;
    };
  }

  /** Whether it says which of them come first. */
  public static boolean ordered(Whom whom) {
    return switch (whom) {
      case Inside inside -> ordered(inside.of());
      case Within within -> ordered(within.of());
      case Nearest _, Farthest _ -> true;
      default -> false;
    };
  }
}
