package org.flintmoss.check.finding;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/**
 * What is looked for in a mission. The id of a rule stays as it is, so that builds can go by it.
 */
public enum Rule {
  OPEN_REFERENCE(
      Severity.ERROR, "Something names a thing that is not there, or has not been chosen yet."),
  NO_PLAYER_START(Severity.ERROR, "There is no player start."),
  OUT_OF_BOUNDS(
      Severity.ERROR, "There are more things, or a number is larger, than a mission may have."),
  CANNOT_STAND(Severity.WARNING, "A unit or a player start stands where it cannot."),
  CANNOT_STAND_THERE(Severity.WARNING, "A post or a spawn point is where nobody can stand."),
  OUT_OF_REACH(Severity.WARNING, "A unit cannot get to where its order sends it."),
  ZONE_OUT_OF_REACH(
      Severity.WARNING, "A condition waits for somebody who cannot get into the zone."),
  UNIT_NEVER_COMES(Severity.WARNING, "A unit is not in play at first, and no event brings it in."),
  AS_SQUAD_WITHOUT_SQUAD(Severity.WARNING, "A unit does as its squad does, but belongs to none."),
  POST_NOT_OPEN_TO_SIDE(Severity.WARNING, "A unit guards a post that is not open to its side."),
  ROUTE_NOT_OPEN_TO_SIDE(
      Severity.WARNING, "A unit goes along a route that is not open to its side."),
  FACES_ITSELF(Severity.WARNING, "A unit is to face itself."),
  BEGINS_IN_VIEW(Severity.HINT, "A player begins in view of an enemy."),
  EMPTY_SQUAD(Severity.WARNING, "A squad has no members."),
  LEADER_OF_OTHERS(Severity.WARNING, "The leader of a squad does not belong to it."),
  EMPTY_BAND(Severity.WARNING, "A band has no squads."),
  NAME_STANDS_TWICE(Severity.HINT, "Two things of a family have one name."),
  STANCE_NOT_SAID(Severity.HINT, "It is not said how two sides stand to each other."),
  ROUTE_WITHOUT_WAYPOINT(Severity.WARNING, "A route has no waypoint."),
  COURSE_WITHOUT_ZONES(Severity.WARNING, "A course has no zones."),
  ZONE_TAKES_NOBODY(Severity.WARNING, "A zone does something to nobody."),
  ZONE_ACTS_AT_A_MOMENT(Severity.WARNING, "A zone is to act while something happens."),
  TRANSFERS_INTO_ITSELF(Severity.WARNING, "A zone transfers into itself."),
  PUSH_WITHOUT_LINE(Severity.WARNING, "A push goes along a route of fewer than two waypoints."),
  BROUGHT_BACK_OUTSIDE(Severity.WARNING, "A boundary brings players back to outside of it."),
  TASK_OUT_OF_REACH(
      Severity.WARNING, "A fixture is out of reach from the waypoint at which it is to be used."),
  LOOK_NOT_OF_KIND(Severity.WARNING, "Something names a look that a thing's kind does not have."),
  LOOK_STANDS_TWICE(Severity.WARNING, "A kind of thing has one look twice."),
  STANDS_ON_NOTHING(Severity.WARNING, "A thing is to stand on what does not bear it."),
  NOBODY_LIFTS_IT(Severity.WARNING, "A loose thing that is carried is too heavy for everybody."),
  NOT_CARRIED(Severity.WARNING, "The script waits for a thing to be carried that nobody carries."),
  NOT_LOOSE(Severity.WARNING, "A thing is to be moved that stays where it stands."),
  TOO_MANY_BROUGHT_FORTH(
      Severity.WARNING, "Zones bring forth more things than a mission has places for."),
  FIXTURE_OUT_OF_REACH(Severity.WARNING, "Nobody can stand beside a fixture."),
  NEEDED_ITEM_IS_NOWHERE(
      Severity.WARNING, "A use asks for an item that nobody has and that lies nowhere."),
  SETS_DOWN_WHAT_STAYS(Severity.WARNING, "An item sets down a thing that is not loose."),
  NOBODY_CARRIES_IT(Severity.WARNING, "An item is too heavy for everybody."),
  ITEM_OUT_OF_REACH(Severity.WARNING, "An item lies where nobody can take it up."),
  BOAT_ON_LAND(Severity.WARNING, "A boat lies on dry ground."),
  CART_IN_WATER(Severity.WARNING, "A cart stands in the water."),
  WALL_WITHOUT_LENGTH(Severity.WARNING, "A wall has fewer than two corners."),
  SLIT_BEYOND_WALL(Severity.WARNING, "A slit lies beyond the end of its wall."),
  SLIT_WITHOUT_HEIGHT(Severity.WARNING, "A slit lets nothing through."),
  GATE_IN_NO_WALL(Severity.WARNING, "A gate stands in no wall."),
  GATE_NEVER_OPENS(Severity.WARNING, "A gate is not open, and nothing opens it."),
  OUTLINE_CROSSES_ITSELF(Severity.WARNING, "The outline of a zone crosses itself."),
  ZONE_HEIGHTS_SWAPPED(Severity.ERROR, "The lower height of a zone lies above the upper one."),
  ZONE_WIDER_THAN_SHEET(Severity.WARNING, "A zone is wider than the sheet."),
  ENTRANCE_WITHOUT_ROOM(Severity.WARNING, "A zone is an entrance, but nobody can stand in it."),
  NO_GO_RIDES(Severity.WARNING, "A zone that rides on somebody is no-go, and holds nobody back."),
  STANDS_IN_NO_GO(Severity.WARNING, "A unit stands in a zone that is no-go for it."),
  LEAVES_BOUNDARY(Severity.WARNING, "A player can leave the boundary."),
  CROSSING_LEADS_NOWHERE(Severity.WARNING, "A crossing ends where it begins."),
  CROSSING_FOR_NOBODY(Severity.WARNING, "Nobody here can use a crossing."),
  CROSSING_KILLS(Severity.WARNING, "A crossing is a fall that kills."),
  CROSSING_ENDS_IN_NOTHING(Severity.WARNING, "A crossing ends where nobody can stand."),
  FIRE_IN_WATER(Severity.WARNING, "A fire is put out by water as play begins."),
  TOO_MANY_GROW(Severity.WARNING, "More effects are to grow than can."),
  EFFECT_OUTSIDE_ITS_ZONE(
      Severity.WARNING, "Nothing of the zone that an effect grows in is near it."),
  DECK_WITHOUT_OUTLINE(Severity.ERROR, "A deck has fewer than three corners."),
  DECK_UNDER_GROUND(Severity.WARNING, "A deck lies under the ground."),
  DECK_COMES_UPON(Severity.WARNING, "A deck that moves meets something, or leaves the map."),
  DECK_NEVER_SENT(Severity.WARNING, "A deck that moves is sent by nothing."),
  DECK_DOES_NOT_MOVE(Severity.WARNING, "A deck is sent that does not move."),
  NO_SUCH_STOP(Severity.WARNING, "A deck is sent to a stop that it does not have."),
  PLATE_ON_ITS_DECK(Severity.WARNING, "A plate lies on the deck that it sends."),
  STAYS_BEHIND(Severity.WARNING, "Something is built on a deck that moves."),
  OPENING_WITHOUT_OUTLINE(Severity.WARNING, "An opening of a deck has fewer than three corners."),
  RAMP_ENDS_NOWHERE(Severity.WARNING, "A ramp or stairs of a deck lead to no rim of it."),
  RAMP_TOO_STEEP(Severity.WARNING, "A ramp or stairs of a deck are too steep for everybody."),
  BUILDING_WITHOUT_OUTLINE(Severity.ERROR, "A building has fewer than three corners."),
  BUILDING_WITHOUT_STOREY(Severity.ERROR, "A building has no storey."),
  BUILDING_WITHOUT_DOOR(Severity.WARNING, "A building has no outer door."),
  DOOR_IN_NO_WALL(Severity.WARNING, "A door is in a wall that is not there."),
  DOOR_BEYOND_WALL(Severity.WARNING, "A door lies beyond the end of its wall."),
  DOOR_ABOVE_GROUND(Severity.WARNING, "A door opens high above what lies outside."),
  NO_STAIRS_BETWEEN_STOREYS(Severity.WARNING, "No stairs lead from one storey to the next."),
  STAIRS_TOO_STEEP(Severity.WARNING, "Stairs in a building are too steep."),
  WAVES_NEVER_START(Severity.WARNING, "No event starts a wave plan."),
  WAVE_PLAN_WITHOUT_WAVES(Severity.WARNING, "A wave plan has no waves."),
  EMPTY_WAVE(Severity.WARNING, "A wave has no parties."),
  PARTY_OF_NOBODY(Severity.WARNING, "A party of a wave brings nobody at any level."),
  WAVE_WITHOUT_ENTRANCE(Severity.WARNING, "A wave has no place to come in."),
  CANNOT_COME_IN(Severity.WARNING, "Somebody of a wave cannot stand at its entrance."),
  TOO_MANY_PEOPLE(Severity.WARNING, "The waves would bring more people than there can be."),
  EVENT_WITHOUT_CONDITION(Severity.WARNING, "An event has no condition."),
  EVENT_DOES_NOTHING(Severity.WARNING, "An event has no actions."),
  EVENT_NEVER_WOKEN(Severity.WARNING, "An event is asleep, and no event that can fire wakes it."),
  EVENTS_CONTRADICT(Severity.WARNING, "Two events listen for the same and do the opposite."),
  CONDITIONS_EXCLUDE_EACH_OTHER(
      Severity.WARNING, "The conditions of a group can never hold together."),
  CONDITION_ALWAYS_TRUE(Severity.WARNING, "One condition of a group is always true."),
  WAITS_FOR_AN_EMPTY_SEAT(
      Severity.WARNING,
      "An event waits for a player's unit that stays away while nobody takes its seat."),
  FIRES_ONCE_AT_MOST(
      Severity.WARNING, "An event is to fire often, but what it waits for stays true for good."),
  CONDITION_WITH_ORDER(
      Severity.HINT, "A condition says in which order, though it asks all of them."),
  CAUSER_IS_NOBODY(Severity.WARNING, "An action is for the causer, but the event has none."),
  OTHER_IS_NOBODY(Severity.WARNING, "An action is for the other, but the event has none."),
  CAUSER_NOT_KNOWN_YET(Severity.WARNING, "A condition names the causer before there is one."),
  AMOUNT_OF_NOBODY(Severity.WARNING, "An amount is of somebody who is not known where it is read."),
  TOLD_TO_NOBODY(Severity.WARNING, "Nobody who plays is among those who are told something."),
  ONE_SAYS_ALL_LINES(Severity.HINT, "One alone says all lines of a conversation between several."),
  HAPPENING_AGAIN_AND_AGAIN(
      Severity.WARNING, "What happens is over at once, but is to be done again while it is true."),
  TWO_HAPPENINGS_AT_ONCE(Severity.ERROR, "Two things that happen are to happen at one moment."),
  HAPPENING_TAKEN_AS_STATE(
      Severity.ERROR, "What happens is denied, or waited for as if it stayed."),
  HAPPENING_OF_SEVERAL(Severity.WARNING, "What happens is asked of more than one at a time."),
  IF_ASKS_WHAT_HAPPENS(Severity.ERROR, "An \"if\" asks what happens, not what is so."),
  IF_WITHOUT_CONDITION(Severity.WARNING, "An \"if\" has no condition."),
  NOTHING_ONE_AFTER_ANOTHER(Severity.WARNING, "Nothing is done for one after another."),
  ONE_AFTER_ANOTHER_BY_NEARNESS(
      Severity.HINT, "One after another is asked to go by nearness, which it does not."),
  CHANCE_WITHOUT_CHOICES(Severity.WARNING, "Chance has nothing to choose from."),
  CHOICE_WITHOUT_WORDS(Severity.WARNING, "A choice does not say what is asked."),
  CHOICE_OF_TOO_FEW(Severity.WARNING, "A choice has fewer than two answers."),
  CHOICE_OF_TOO_MANY(Severity.WARNING, "A choice has more answers than players are shown."),
  CHOICE_NEVER_ASKED(Severity.HINT, "A choice is never asked."),
  CHOICE_WITHOUT_WAY_OUT(
      Severity.WARNING, "There may be nothing to answer to a choice, and no time ends it."),
  FALLBACK_OF_ANOTHER_CHOICE(
      Severity.WARNING, "A choice falls back on an answer that is not one to it."),
  FALLBACK_WITHOUT_LIMIT(Severity.HINT, "A choice falls back on an answer, but has no time limit."),
  ANSWERS_ALIKE(Severity.WARNING, "Two answers to a choice say the same."),
  ANSWER_TO_NOTHING(Severity.WARNING, "An answer is to no choice."),
  ANSWER_ASKS_WHAT_HAPPENS(
      Severity.ERROR, "What has to hold for an answer names what happens, not what is so."),
  EXCHANGE_WITHOUT_ROWS(Severity.WARNING, "An exchange gives nothing."),
  EXCHANGE_NEVER_OPENED(Severity.HINT, "Nothing opens an exchange."),
  GIVES_WITHOUT_END_FOR_NOTHING(
      Severity.WARNING, "An exchange gives something for nothing, any number of times."),
  HELP_IS_THERE_ALREADY(Severity.WARNING, "Somebody who is to be had is there from the start."),
  ROW_ASKS_WHAT_HAPPENS(
      Severity.ERROR, "What has to hold for a row of an exchange names what happens, not what is."),
  CONVERSATION_WITHOUT_LINES(Severity.WARNING, "A conversation has no lines."),
  CONVERSATION_NEVER_SAID(Severity.HINT, "A conversation is never said."),
  LINE_WITHOUT_WORDS(Severity.WARNING, "A line of a conversation has no words."),
  ASKED_FOR_BUT_NEVER_SET(
      Severity.WARNING, "A flag, counter or timer is asked for, but nothing ever sets it."),
  NEVER_ASKED_FOR(Severity.HINT, "A flag, counter or timer is never asked for."),
  OBJECTIVE_NEVER_OPEN(Severity.WARNING, "No event that can fire opens an objective."),
  OBJECTIVE_NEVER_DONE(Severity.WARNING, "No event that can fire completes an objective."),
  MISSING_ENDING(Severity.ERROR, "There is no ending by which the mission could be won, or lost."),
  ENDING_CANNOT_BE_REACHED(
      Severity.ERROR, "No event that can fire ends the mission as won, or as lost."),
  ENDING_NEVER_REACHED(Severity.HINT, "No event that can fire ends the mission with an ending.");

  private final Severity severity;
  private final String meaning;

  Rule(Severity severity, String meaning) {
    this.severity = severity;
    this.meaning = meaning;
  }

  /** Its id, in lower case with hyphens. */
  @JsonValue
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** How much it matters. */
  public Severity severity() {
    return severity;
  }

  /** What is the matter where it finds something, in a sentence. */
  public String meaning() {
    return meaning;
  }
}
