package org.flintmoss.script.outline;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.flintmoss.mission.script.Ending.Outcome;
import org.flintmoss.mission.script.Objective.Rank;

/** Reads an outline line by line: what stands before the first colon says what a line is. */
final class OutlineReader {
  private static final Set<String> CHAPTERS = Set.of("chapter", "act", "part", "scene");
  private static final Set<String> OPENINGS = Set.of("opening", "start", "beginning");
  private static final Map<String, Rank> GOALS =
      Map.of(
          "goal", Rank.PRIMARY,
          "objective", Rank.PRIMARY,
          "aim", Rank.PRIMARY,
          "side goal", Rank.SECONDARY,
          "secondary goal", Rank.SECONDARY,
          "bonus", Rank.SECONDARY,
          "hidden goal", Rank.HIDDEN,
          "secret goal", Rank.HIDDEN);
  private static final Map<String, Outcome> ENDS =
      Map.of(
          "win", Outcome.WON,
          "won", Outcome.WON,
          "victory", Outcome.WON,
          "lose", Outcome.LOST,
          "lost", Outcome.LOST,
          "defeat", Outcome.LOST);
  private static final Set<String> TASKS =
      Set.of("to do", "todo", "note", "remember", "place", "places", "where", "who", "map");

  /** A heading as it is marked in plain text, with or without its marks. */
  private static final Pattern HEADING = Pattern.compile("#+\\s*(.+)");

  private static final Pattern NUMBERED = Pattern.compile("(\\p{L}+)(?: (?:[\\dIVX]+|\\p{L}+))?");
  private static final Pattern CONDITION =
      Pattern.compile("(?i)(?:when|once|after|as soon as|if)\\b\\s*(.*)");

  /** How it is said that play begins. */
  private static final Pattern BEGINS =
      Pattern.compile("(?i)(?:the )?(?:play|game|mission) (?:begins|starts)");

  /** What somebody is called: one to four words, the first with a capital. */
  private static final Pattern NAME =
      Pattern.compile("\\p{Lu}[\\p{L}'’.-]*(?: [\\p{L}'’.-]+){0,3}");

  private OutlineReader() {}

  /** What a line that is not blank is understood as. */
  static Line read(String line) {
    Matcher heading = HEADING.matcher(line);
    if (heading.matches()) {
      String name = heading.group(1).strip();
      return read(name) instanceof Line.Chapter chapter ? chapter : new Line.Chapter(name);
    }
    String plain = line.replaceFirst("^[-*•]\\s+", "");
    int colon = plain.indexOf(':');
    String key = (colon < 0 ? "" : plain.substring(0, colon)).strip();
    String words = (colon < 0 ? plain : plain.substring(colon + 1)).strip();
    Line keyed = colon < 0 ? null : keyed(key, words);
    if (keyed != null) {
      return keyed;
    }
    Matcher condition = CONDITION.matcher(colon < 0 ? plain : key);
    if (condition.matches()) {
      Line when = colon < 0 ? unmarked(condition.group(1)) : when(condition.group(1), words);
      boolean begins = when instanceof Line.When it && BEGINS.matcher(it.condition()).matches();
      return begins ? new Line.Opening(((Line.When) when).words()) : when;
    }
    if (colon > 0 && NAME.matcher(key).matches() && !words.isEmpty()) {
      return new Line.Said(key, unquoted(words));
    }
    return new Line.Task(plain);
  }

  private static Line keyed(String written, String words) {
    String key = written.toLowerCase(Locale.ROOT);
    Matcher numbered = NUMBERED.matcher(written);
    if (numbered.matches() && CHAPTERS.contains(numbered.group(1).toLowerCase(Locale.ROOT))) {
      return new Line.Chapter(words.isEmpty() ? written : words);
    }
    if (OPENINGS.contains(key)) {
      return new Line.Opening(words);
    }
    if (GOALS.containsKey(key) && !words.isEmpty()) {
      return new Line.Goal(GOALS.get(key), words);
    }
    if (ENDS.containsKey(key)) {
      return new Line.End(ENDS.get(key), words);
    }
    return TASKS.contains(key) && !words.isEmpty() ? new Line.Task(written + ": " + words) : null;
  }

  /**
   * {@code When: the tide turns} says when alone; {@code When the tide turns: …} what happens too.
   */
  private static Line when(String condition, String words) {
    return condition.isBlank() ? unmarked(words) : new Line.When(condition.strip(), words);
  }

  /** When and what with a comma between them. */
  private static Line unmarked(String sentence) {
    int comma = sentence.indexOf(", ");
    return comma < 0
        ? new Line.When(sentence.strip(), "")
        : new Line.When(
            sentence.substring(0, comma).strip(), sentence.substring(comma + 2).strip());
  }

  private static String unquoted(String words) {
    return words.replaceFirst("^[\"“](.*)[\"”]$", "$1");
  }
}
