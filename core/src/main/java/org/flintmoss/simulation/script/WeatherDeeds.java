package org.flintmoss.simulation.script;

import org.flintmoss.mission.sentence.Action;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Wake;

/** Actions on weather, water and the clock. */
final class WeatherDeeds {
  /** Seconds of a day. */
  private static final double DAY = 86400;

  private WeatherDeeds() {}

  static void tell() {
    Deeds.on(
        Action.SetWeather.class,
        (it, doing) -> doing.context.air.weather(it.weather().ordinal(), 0, doing.cause));
    Deeds.on(
        Action.TurnWeather.class,
        (it, doing) ->
            doing.context.air.weather(it.weather().ordinal(), doing.at(it.time()), doing.cause));
    Deeds.on(
        Action.TurnWind.class,
        (it, doing) -> {
          double speed = doing.at(it.speed());
          doing.context.air.wind(speed, it.from(), doing.at(it.time()), doing.cause);
        });
    Deeds.on(
        Action.SetVisibility.class,
        (it, doing) -> {
          double metres = doing.at(it.distance());
          doing.context.air.visibility(metres, doing.at(it.time()), doing.cause);
        });
    Deeds.on(
        Action.Water.class,
        (it, doing) -> doing.context.waters.go(it.level(), doing.at(it.time()), doing.now));
    Deeds.on(Action.ClockGoesOn.class, WeatherDeeds::clock);
  }

  /** Has the clock leap to the next moment that shows a time. */
  private static void clock(Action.ClockGoesOn it, Doing doing) {
    double ahead = (it.time() - doing.context.time()) % DAY;
    double seconds = ahead < 0 ? ahead + DAY : ahead;
    double play = seconds / doing.plan.dayPace();
    int steps = (int) Math.floor(play * Plan.STEPS_PER_SECOND + 0.5);
    doing.context.clock.leap(steps);
    if (steps > 0) {
      doing.context.log(Causes.Kind.CLOCK, steps, -1, doing.cause);
      doing.context.touch(Wake.CLOCK, 0, -1);
    }
  }
}
