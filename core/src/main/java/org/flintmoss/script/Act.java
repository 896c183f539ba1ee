package org.flintmoss.script;

import java.util.List;
import org.flintmoss.mission.Action;
import org.flintmoss.mission.Firmness;
import org.flintmoss.mission.Stance;

/** A compiled action. Numbers are indexes within their family, or -1 for an open reference. */
public sealed interface Act {
  /** What an objective can be turned to. */
  enum Turn {
    OPEN,
    DONE,
    FAILED
  }

  /** Turns an objective; those who are meant are shown it, everybody else only if they were. */
  record Objective(int objective, Turn turn, Seats to) implements Act {}

  /** Decides the mission. */
  record End(int ending) implements Act {}

  /** Shows a text; {@code note} is its number in {@link Script#notes()}. */
  record Note(int note, Seats to) implements Act {}

  /**
   * Has a conversation said.
   *
   * @param as of whom one says all its lines; null for those whose lines they are
   */
  record Say(int conversation, Crowd as, Seats to) implements Act {}

  /** Lets players send a call, or no longer. */
  record Offer(int call, boolean offered, Seats to) implements Act {}

  /** Has an effect begin, or end. */
  record Effect(int effect, boolean on) implements Act {}

  /** Shows a marker, or hides it. */
  record Marker(int marker, boolean shown, Seats to) implements Act {}

  /** Turns a flag. */
  record Flag(int flag, boolean on) implements Act {}

  /** Sets a counter, or adds to it. */
  record Counter(int counter, Quantity amount, boolean add) implements Act {}

  /**
   * Starts a timer.
   *
   * @param seconds {@link #OWN} for as many as it has of its own
   */
  record StartTimer(int timer, Quantity seconds, Seats to) implements Act {
    /** Stands for the timer's own seconds. */
    public static final double OWN = -1;
  }

  /** Keeps what a timer shows. */
  record Split(int timer) implements Act {}

  /** Stops a timer. */
  record StopTimer(int timer) implements Act {}

  /** Takes health away; a negative sign gives it back. */
  record Hurt(Crowd who, Quantity amount, int sign) implements Act {}

  /** Turns a flag over. */
  record TurnOver(int flag) implements Act {}

  /** Puts units elsewhere; the site is null for nowhere. */
  record MoveTo(Crowd who, Site site) implements Act {}

  /** Takes units out of play. */
  record TakeOut(Crowd who) implements Act {}

  /** Helps units up. */
  record HelpUp(Crowd who) implements Act {}

  /** Makes units so alert, by the ordinal. */
  record SetAlertness(Crowd who, int alertness) implements Act {}

  /** Spares units. */
  record Spare(Crowd who, Action.Spared spared) implements Act {}

  /** Adds lives. */
  record AddLives(Quantity amount) implements Act {}

  /** Harms around a site, which is null for nowhere. */
  record Blast(Site site, Quantity amount, double radius) implements Act {}

  /** Has players look at a view for some steps. */
  record View(int view, int steps, Seats to) implements Act {}

  /** Has players see for themselves again. */
  record OwnView(Seats to) implements Act {}

  /** Lets a fixture be used, or not. */
  record SetUse(int fixture, boolean can) implements Act {}

  /** Has the clock go on to a time of day, seconds after midnight. */
  record ClockGoesOn(double time) implements Act {}

  /** Turns the weather, by the ordinal, within some seconds. */
  record Weather(int weather, double seconds) implements Act {}

  /** Turns the wind within some seconds. */
  record Wind(double speed, double from, double seconds) implements Act {}

  /** Has the visibility go to a distance within some seconds. */
  record Visibility(double metres, double seconds) implements Act {}

  /** Sends units somewhere to stay. */
  record Send(Crowd who, Site site) implements Act {}

  /**
   * Gives an order.
   *
   * @param squad the squad that is ordered as one; -1 if single units are
   * @param errand its number
   */
  record Order(Crowd who, int squad, int errand) implements Act {}

  /**
   * Has units hold to their order.
   *
   * @param squad the squad that is meant as one; -1 if single units are
   */
  record Hold(Crowd who, int squad, Firmness firm) implements Act {}

  /** Keeps units so alert, by the ordinal; for ever where the time is null. */
  record KeepAlert(Crowd who, int alertness, Quantity seconds) implements Act {}

  /** Lets those go on who wait. */
  record LetGo(Crowd who) implements Act {}

  /** Brings in; the site is null for nowhere. */
  record BringIn(Crowd who, Site site) implements Act {}

  /** Puts items into packs; a negative sign takes them out. */
  record Give(Crowd who, int itemKind, Quantity count, int sign) implements Act {}

  /** Lays items on the ground; the site is null for nowhere. */
  record Lay(int itemKind, Quantity count, Site site) implements Act {}

  /** Has a plan's waves come, or no more of them. */
  record Waves(int plan, boolean come) implements Act {}

  /** Sets how a gate stands, by the ordinal of its state. */
  record Gate(int gate, int stands) implements Act {}

  /** Makes a noise; the site is null for nowhere. */
  record Sound(Site site, double loudness) implements Act {}

  /** Changes how two sides, by number, stand to each other. */
  record SetStance(int one, int other, Stance.Attitude attitude) implements Act {}

  /** Sends some to see what is at a site, which is null for nowhere. */
  record Alarm(Crowd who, Site site) implements Act {}

  /** Has the water go to a level within some seconds. */
  record Water(double level, double seconds) implements Act {}

  /** Goes on with another line unless a condition holds. */
  record Unless(Node condition, int to) implements Act {}

  /** Goes on with another line. */
  record Jump(int to) implements Act {}

  /** Begins a round in which some have their turn; a slot keeps who had it last. */
  record Begin(int slot) implements Act {}

  /** Gives the next of some their turn, or goes on with another line if nobody is left. */
  record Next(Crowd who, int slot, int to) implements Act {}

  /** Goes on with another line unless somebody's turn is still to come. */
  record UnlessMore(Crowd who, int slot, int to) implements Act {}

  /**
   * Goes on with one of some lines, by chance.
   *
   * @param who whose luck it is
   * @param weights how likely each is to the others
   * @param to the lines, as many
   */
  record Draw(String who, double[] weights, int[] to) implements Act {}

  /** Lets events listen, or not. */
  record Wake(List<Integer> events, boolean awake) implements Act {}

  /** Gives a timer more time. */
  record AddTime(int timer, Quantity seconds) implements Act {}

  /** One line of a program: how long after the one before, and what. */
  record Line(Quantity seconds, Act act) {}
}
