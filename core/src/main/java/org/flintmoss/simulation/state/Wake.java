package org.flintmoss.simulation.state;

/**
 * What facts may change with. The code that changes it touches the facts that depend on it. The
 * word behind each colon says what the subject numbers; the subject is 0 where there is only one.
 */
public enum Wake {
  /** Who stands in a zone: zone. */
  ZONE,
  /** A zone moved over what lies on the ground: zone. */
  CARRIED_ZONE,
  /** Where the items of a kind are: item kind. */
  ITEM_KIND,
  /** What lies at an item's place: item. */
  ITEM,
  /** Somebody came into play, fell, got up or died: unit. */
  VITALS,
  /** Somebody's health: unit. */
  HEALTH,
  /** Whether somebody is bound: unit. */
  BOUND,
  /** Whether somebody is carried: unit. */
  CARRIED,
  /** How alert somebody is: unit. */
  ALERTNESS,
  /** Flag. */
  FLAG,
  /** Counter. */
  COUNTER,
  /** Timer. */
  TIMER,
  /** Objective. */
  OBJECTIVE,
  /** How often an event has fired: event. */
  EVENT,
  /** Gate. */
  GATE,
  /** Deck. */
  DECK,
  /** A prop or a fixture was put back, taken away or given another look. */
  THING,
  /** A loose thing was lifted or let go: thing. */
  THING_HELD,
  /** Fixture. */
  FIXTURE,
  /** Effect. */
  EFFECT,
  /** A zone begins or ceases to act, by its number. */
  ZONE_ACTS,
  /** Conversation. */
  CONVERSATION,
  /** Call. */
  CALL,
  /** Who is asked a choice: choice. */
  CHOICE,
  /** How often an answer was chosen: answer. */
  ANSWER,
  /** Wave. */
  WAVE,
  /** Wave plan. */
  WAVE_PLAN,
  /** Who sits in seats. */
  SEATS,
  /** How sides stand to each other. */
  STANCES,
  /** Who has reached a waypoint. */
  WAYPOINTS,
  /** Who has passed a zone of a course: course. */
  COURSE,
  /** The level of the water. */
  WATER,
  /** Who has been seen for the first time. */
  BEEN_SEEN,
  /** Who has killed anybody that is counted. */
  KILLS,
  /** Who has heard a noise. */
  NOISES,
  /** The clock has leapt. */
  CLOCK,
  /** Nobody tells: it is looked at in every step. */
  EVERY_STEP
}
