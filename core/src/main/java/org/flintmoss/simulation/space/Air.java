package org.flintmoss.simulation.space;

import org.flintmoss.mission.ground.Setting;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Light;
import org.flintmoss.simulation.state.State;

/**
 * The weather, the wind and the visibility. Each stands as the mission has it until an event turns
 * it, at once or evenly over some time.
 */
public final class Air {
  /** What weather leaves of noticing, as a share. */
  private static final int LIGHT = 0;

  /** The visibility, metres. */
  private static final int VISIBILITY = 1;

  /** How fast the wind blows, metres a second. */
  private static final int SPEED = 2;

  /** The bearing that it blows from, degrees. */
  private static final int FROM = 3;

  /** How many quantities there are. */
  static final int SIZE = 4;

  private static final Setting.Weather[] WEATHERS = Setting.Weather.values();

  private final SpaceContext context;
  private final State state;

  /** The wind as it was asked for last. */
  private Setting.Wind wind = new Setting.Wind(0, 0);

  /** The weather that there is or is coming up, by its ordinal. */
  private final Column.Ints weather;

  /** What each quantity was when it began to turn. */
  private final Column.Doubles begun;

  /** What each quantity turns to. */
  private final Column.Doubles to;

  /** When each began to turn. */
  private final Column.Steps since;

  /** When each will have turned. */
  private final Column.Steps until;

  Air(SpaceContext context) {
    this.context = context;
    state = context.state;
    weather = state.ints("weather", 1);
    begun = state.doubles("airFrom", Air.SIZE);
    to = state.doubles("airTo", Air.SIZE);
    since = state.steps("airSince", Air.SIZE);
    until = state.steps("airUntil", Air.SIZE);
    begin(context.plan.mission().setting());
  }

  /** The ordinal of the weather. */
  public int weather(int index) {
    return weather.at[index];
  }

  private void begin(Setting setting) {
    weather.at[0] = setting.weather().ordinal();
    to.at[LIGHT] = Light.through(setting.weather());
    to.at[VISIBILITY] = setting.visibility();
    to.at[SPEED] = setting.wind().speed();
    to.at[FROM] = setting.wind().from();
  }

  /** The weather that there is, or that is coming up. */
  public Setting.Weather weather() {
    return WEATHERS[weather.at[0]];
  }

  /** What the weather leaves of noticing, as a share. */
  public double light() {
    return now(LIGHT);
  }

  /** How far anybody sees, metres. */
  public double visibility() {
    return now(VISIBILITY);
  }

  /** The wind that blows. */
  public Setting.Wind wind() {
    double speed = now(SPEED);
    double from = now(FROM);
    if (wind.speed() != speed || wind.from() != from) {
      wind = new Setting.Wind(speed, from);
    }
    return wind;
  }

  /** Has the weather turn within some seconds. */
  public void weather(int weather, double seconds, int cause) {
    if (this.weather.at[0] != weather) {
      this.weather.at[0] = weather;
      turn(LIGHT, Light.through(weather()), seconds);
      context.log(Causes.Kind.WEATHER, weather, -1, cause);
    }
  }

  /** Has the wind turn within some seconds, the shorter way round. */
  public void wind(double speed, double from, double seconds, int cause) {
    turn(SPEED, speed, seconds);
    turn(FROM, from, seconds);
    context.log(Causes.Kind.WIND, (int) Math.floor(speed * 10 + 0.5), (int) from, cause);
  }

  /** Has the visibility go to a distance within some seconds. */
  public void visibility(double metres, double seconds, int cause) {
    turn(VISIBILITY, metres, seconds);
    context.log(Causes.Kind.VISIBILITY, (int) Math.floor(metres + 0.5), -1, cause);
  }

  private void turn(int what, double to, double seconds) {
    begun.at[what] = now(what);
    this.to.at[what] = to;
    since.at[what] = context.now();
    until.at[what] = context.now() + (int) Math.floor(seconds * Plan.STEPS_PER_SECOND + 0.5);
  }

  private double now(int what) {
    int until = this.until.at[what];
    double to = this.to.at[what];
    if (context.now() >= until) {
      return to;
    }
    int since = this.since.at[what];
    double from = begun.at[what];
    double share = (double) (context.now() - since) / (until - since);
    if (what == FROM) {
      double turn = (to - from) % 360;
      double shorter = turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
      return Bearings.turn(from + shorter * share);
    }
    return from + (to - from) * share;
  }
}
