package org.flintmoss.script.text;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Set;

/** Numbers with their units, as they are written and read; the units of the interface's fields. */
final class Quantities {
  /** Units by the unit that a value is kept in, each with how much of that it is. */
  private static final Map<String, Map<String, Double>> UNITS =
      Map.of(
          "m",
          Map.of(
              "m", 1.0, "cm", 0.01, "km", 1000.0, "ft", 0.3048, "yd", 0.9144, "mi", 1609.344, "nmi",
              1852.0),
          "s",
          Map.of("s", 1.0, "sec", 1.0, "ms", 0.001, "min", 60.0, "h", 3600.0),
          "m/s",
          Map.of("m/s", 1.0, "km/h", 1 / 3.6, "kn", 1852 / 3600.0),
          "kg",
          Map.of("kg", 1.0, "g", 0.001, "t", 1000.0),
          "%",
          Map.of("%", 1.0),
          "°",
          Map.of("°", 1.0));

  private static final int MINUTE = 60;
  private static final int HOUR = 3600;
  private static final int DAY = 86400;

  private Quantities() {}

  /** A number without an exponent, as short as it can be. */
  static String plain(double value) {
    return new BigDecimal(Double.toString(value == 0 ? 0 : value))
        .stripTrailingZeros()
        .toPlainString();
  }

  /**
   * A value with its unit; whole minutes of time as minutes, times of day as a clock shows them.
   */
  static String measured(double value, String unit) {
    if (unit.equals("clock")) {
      return clock(value);
    }
    boolean minutes = unit.equals("s") && value >= MINUTE && value % MINUTE == 0;
    if (minutes) {
      return plain(value / MINUTE) + " min";
    }
    return unit.isEmpty() ? plain(value) : plain(value) + " " + unit;
  }

  private static String clock(double value) {
    int whole = (int) value;
    String clock = "%02d:%02d".formatted(whole / HOUR, whole / MINUTE % MINUTE);
    if (whole == value && whole % MINUTE == 0) {
      return clock;
    }
    String seconds = plain(value - whole + whole % MINUTE);
    return clock + ":" + (seconds.indexOf('.') == 1 || seconds.length() == 1 ? "0" : "") + seconds;
  }

  /** The units that may be written where a value is kept in one. */
  static Set<String> besides(String unit) {
    return UNITS.getOrDefault(unit, Map.of()).keySet();
  }

  /** How much of the kept unit one of another is; null where they do not compare. */
  static Double factor(String written, String unit) {
    return UNITS.getOrDefault(unit, Map.of()).get(written);
  }

  /**
   * The value of a number token.
   *
   * @param unit what it is kept in: a time may be written as minutes and seconds, a time of day as
   *     hours, minutes and seconds
   * @return null where it is none
   */
  static Double read(String number, String unit) {
    String[] parts = number.split(":");
    try {
      if (unit.equals("clock")) {
        return parts.length == 2 || parts.length == 3 ? timeOfDay(parts) : null;
      }
      if (parts.length == 2 && unit.equals("s")) {
        double seconds = Double.parseDouble(parts[1]);
        return seconds < MINUTE ? Double.parseDouble(parts[0]) * MINUTE + seconds : null;
      }
      return parts.length == 1 ? Double.valueOf(number) : null;
    } catch (NumberFormatException none) {
      return null;
    }
  }

  private static Double timeOfDay(String[] parts) {
    double hours = Double.parseDouble(parts[0]);
    double minutes = Double.parseDouble(parts[1]);
    double seconds = parts.length == 3 ? Double.parseDouble(parts[2]) : 0;
    double time = hours * HOUR + minutes * MINUTE + seconds;
    return minutes < MINUTE && seconds < MINUTE && time < DAY ? time : null;
  }
}
