package org.flintmoss.simulation;

import org.flintmoss.mission.Setting;

/**
 * The weather, the wind and the visibility. Each stands as the mission has it until an event turns
 * it, at once or evenly over some time.
 */
final class Air {
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

  private final Context context;
  private final State state;

  /** The wind as it was asked for last. */
  private Setting.Wind wind = new Setting.Wind(0, 0);

  Air(Context context) {
    this.context = context;
    state = context.state;
  }

  /** Puts everything as it is when play begins. */
  static void begin(Setting setting, State state) {
    state.weather.at[0] = setting.weather().ordinal();
    state.airTo.at[LIGHT] = Light.through(setting.weather());
    state.airTo.at[VISIBILITY] = setting.visibility();
    state.airTo.at[SPEED] = setting.wind().speed();
    state.airTo.at[FROM] = setting.wind().from();
  }

  /** The weather that there is, or that is coming up. */
  Setting.Weather weather() {
    return WEATHERS[state.weather.at[0]];
  }

  /** What the weather leaves of noticing, as a share. */
  double light() {
    return now(LIGHT);
  }

  /** How far anybody sees, metres. */
  double visibility() {
    return now(VISIBILITY);
  }

  /** The wind that blows. */
  Setting.Wind wind() {
    double speed = now(SPEED);
    double from = now(FROM);
    if (wind.speed() != speed || wind.from() != from) {
      wind = new Setting.Wind(speed, from);
    }
    return wind;
  }

  /** Has the weather turn within some seconds. */
  void weather(int weather, double seconds, int cause) {
    if (state.weather.at[0] != weather) {
      state.weather.at[0] = weather;
      turn(LIGHT, Light.through(weather()), seconds);
      context.log(Causes.Kind.WEATHER, weather, -1, cause);
    }
  }

  /** Has the wind turn within some seconds, the shorter way round. */
  void wind(double speed, double from, double seconds, int cause) {
    turn(SPEED, speed, seconds);
    turn(FROM, from, seconds);
    context.log(Causes.Kind.WIND, (int) Math.floor(speed * 10 + 0.5), (int) from, cause);
  }

  /** Has the visibility go to a distance within some seconds. */
  void visibility(double metres, double seconds, int cause) {
    turn(VISIBILITY, metres, seconds);
    context.log(Causes.Kind.VISIBILITY, (int) Math.floor(metres + 0.5), -1, cause);
  }

  private void turn(int what, double to, double seconds) {
    state.airFrom.at[what] = now(what);
    state.airTo.at[what] = to;
    state.airSince.at[what] = context.now();
    state.airUntil.at[what] =
        context.now() + (int) Math.floor(seconds * Plan.STEPS_PER_SECOND + 0.5);
  }

  private double now(int what) {
    int until = state.airUntil.at[what];
    double to = state.airTo.at[what];
    if (context.now() >= until) {
      return to;
    }
    int since = state.airSince.at[what];
    double from = state.airFrom.at[what];
    double share = (double) (context.now() - since) / (until - since);
    if (what == FROM) {
      double turn = (to - from) % 360;
      double shorter = turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
      return Bearings.turn(from + shorter * share);
    }
    return from + (to - from) * share;
  }
}
