package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;

/** What a unit does while nothing else is the matter. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Order.Stay.class, name = "stay"),
  @JsonSubTypes.Type(value = Order.Faces.class, name = "faces"),
  @JsonSubTypes.Type(value = Order.Prowl.class, name = "prowl"),
  @JsonSubTypes.Type(value = Order.Guard.class, name = "guard"),
  @JsonSubTypes.Type(value = Order.Along.class, name = "along"),
  @JsonSubTypes.Type(value = Order.Escort.class, name = "escort"),
  @JsonSubTypes.Type(value = Order.Attack.class, name = "attack"),
  @JsonSubTypes.Type(value = Order.FallBack.class, name = "fallBack"),
  @JsonSubTypes.Type(value = Order.AsSquad.class, name = "squad")
})
public sealed interface Order {
  /** Stays where it stands. */
  @Phrase(value = "stays where it stands", group = "Stays")
  record Stay() implements Order {}

  /** Stays where it stands, and keeps turned to a place, which may move. */
  @Phrase(value = "faces {place}", group = "Faces a place")
  record Faces(@Valid Place place) implements Order {}

  /**
   * Goes to and fro between where it stands at the start and another place.
   *
   * @param to the other place
   * @param pause seconds it lingers at either end, give or take a half by chance
   */
  @Phrase(value = "prowls between here and {to}, lingering {pause}", group = "Prowls")
  record Prowl(
      @Valid Place to,
      @Measured(value = "s", fresh = 5) @DecimalMin("0") @DecimalMax("3600") @Valid Pinned pause)
      implements Order {}

  /** Stands at a post and watches the way it faces. */
  @Phrase(value = "guards {post}", group = "Guards a post")
  record Guard(@Valid @Names(Family.POSTS) Ref post) implements Order {}

  /** Goes along a route. */
  @Phrase(value = "goes along {route}", group = "Goes along a route")
  record Along(@Valid @Names(Family.ROUTES) Ref route) implements Order {}

  /** Keeps near the nearest of some. */
  @Phrase(value = "escorts {who}", group = "Escorts somebody")
  record Escort(@Valid Selector who) implements Order {}

  /** Goes for the nearest of some, wherever they are. */
  @Phrase(value = "attacks {who}", group = "Attacks")
  record Attack(@Valid Selector who) implements Order {}

  /**
   * Stays, and once too little of the squad stands, each runs to a free post of a purpose and holds
   * it without going after anybody. Who is alone goes by their own health.
   *
   * @param strength percent of the squad's full health
   */
  @Phrase(value = "stays, and falls back to {purpose} below {strength}", group = "Falls back")
  record FallBack(
      @Valid @Names(Family.PURPOSES) Ref purpose,
      @Measured(value = "%", fresh = 50) @DecimalMin("1") @DecimalMax("100") @Valid Pinned strength)
      implements Order {}

  /** Does what its squad is ordered to do; alone, it stays. */
  @Phrase(value = "does as the squad does", group = "As the squad")
  record AsSquad() implements Order {}
}
