package org.flintmoss.script;

/**
 * Something that happens, compiled: what an event fires through.
 *
 * @param of what happens
 * @param subject the number of the zone, fixture, dealing, exchange, call, answer, choice, item
 *     kind, gate, wave, conversation, objective, route, course, weapon, flag, timer, event or seat
 *     that it is about; -1 where it is about somebody alone
 * @param state the ordinal of the state that the subject comes to, or of what a zone does, or the
 *     number of the item kind that is used or taken; -1 where there is none
 * @param who of whom the causer is one; null where things have no causer
 * @param whom of whom the other is one; null for anybody, or nobody
 */
public record Trigger(Of of, int subject, int state, Crowd who, Crowd whom) {
  /** What happens. */
  public enum Of {
    ENTERS,
    LEAVES,
    COMES_BACK,
    ZONE_ACTS_ON,
    PASSES_ZONE,
    GOES_WRONG,
    FINISHES_LAP,
    FINISHES_COURSE,
    COMES_INTO_PLAY,
    REACHES_WAYPOINT,
    REACHES_END,
    FINISHES_ORDER,
    USES,
    USES_WITH,
    TAKES_FROM,
    USES_ITEM,
    DEALS_WITH,
    TRADES,
    SENDS,
    CHOOSES,
    STAYS_UNDECIDED,
    IS_HIT,
    IS_HIT_WITH,
    GOES_DOWN,
    DIES,
    IS_KILLED_WITH,
    IS_HELPED_UP,
    IS_SEEN,
    NOTICES,
    GIVES_UP,
    BECOMES_ALERT,
    HEARS,
    TAKES_UP,
    SETS_DOWN,
    GATE_BECOMES,
    DECK_STOPS,
    STANDS_ANEW,
    COMES_TO_LOOK,
    BREAKS,
    LIFTS,
    LETS_GO,
    LANDS,
    WAVE_COMES,
    WAVE_FALLS,
    TALK_BEGINS,
    LINE_IS_SAID,
    TALK_ENDS,
    OBJECTIVE_BECOMES,
    FLAG_BECOMES,
    RUNS_OUT,
    FIRES,
    SEAT_BECOMES
  }
}
