package org.flintmoss.script.outline;

import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How an ending is named in an outline, and when it ends so: {@code Win: Home when all players are
 * inside the quay}, {@code Win: all players are inside the quay}, {@code Win: Home}.
 *
 * @param condition empty where none is told
 */
record Ended(String name, String condition) {
  private static final Pattern WHEN =
      Pattern.compile("(?i)(.*?)[,;]?\\s*\\b(?:when|once|as soon as|if)\\b\\s*(.+)");

  /**
   * Reads the words of an ending.
   *
   * @param otherwise its name where the words name none
   * @param isCondition whether words say by themselves when something is so
   */
  static Ended of(String words, String otherwise, Predicate<String> isCondition) {
    Matcher told = WHEN.matcher(words);
    if (told.matches()) {
      String name = told.group(1).strip();
      return new Ended(name.isEmpty() ? otherwise : name, told.group(2).strip());
    }
    if (words.isEmpty()) {
      return new Ended(otherwise, "");
    }
    return isCondition.test(words) ? new Ended(otherwise, words) : new Ended(words, "");
  }
}
