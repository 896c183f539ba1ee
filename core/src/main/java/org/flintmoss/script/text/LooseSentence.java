package org.flintmoss.script.text;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.flintmoss.mission.word.Family;

/**
 * Makes a sentence of the language from one as people write it: names without brackets and in any
 * case, capitals where a sentence begins, other words for the same. Where reading stops, what
 * stands there is tried as a name or with small letters; what gets the reader farther is kept.
 */
final class LooseSentence {
  /** The most times that one sentence is read. */
  private static final int READINGS = 40;

  /** How many words before the place where reading stopped a name may begin. */
  private static final int WORDS_BACK = 3;

  /** Words that people write for others of the language. */
  private record Other(Pattern written, String said) {}

  private static final List<Other> OTHER_WORDS =
      List.of(
          new Other(
              Pattern.compile("(?i)(^|\\b(?:and|or) )after (?=[0-9])"),
              "$1play has lasted at least "),
          new Other(Pattern.compile("(?i) (?:dies|died|is killed)(?=$| and | or )"), " is dead"),
          new Other(Pattern.compile("(?i) (?:die|are killed)(?=$| and | or )"), " are dead"),
          new Other(Pattern.compile("(?i) (?:enters|reaches) "), " is inside "),
          new Other(Pattern.compile("(?i) (?:enter|reach) "), " are inside "));

  private final Nameplates names;
  private final Function<String, Trouble> reader;
  private int readings;

  /**
   * @param names how things are named
   * @param reader what is wrong with a sentence, with places in it; null for nothing
   */
  LooseSentence(Nameplates names, Function<String, Trouble> reader) {
    this.names = names;
    this.reader = reader;
  }

  /** A sentence as the language has it; the same where it cannot be made better. */
  String read(String written) {
    String best = written;
    Trouble trouble = tried(best);
    while (trouble != null) {
      String better = null;
      for (String other : others(best, trouble)) {
        Trouble still = tried(other);
        // Its end counts: what is put in makes it longer before the place where reading stops.
        if (still == null || other.length() - still.from() < best.length() - trouble.from()) {
          better = other;
          trouble = still;
          break;
        }
      }
      if (better == null) {
        return best;
      }
      best = better;
    }
    return best;
  }

  private Trouble tried(String sentence) {
    readings++;
    return readings > READINGS ? new Trouble(0, 0, 1, 1, "", List.of()) : reader.apply(sentence);
  }

  /** What a sentence may have been meant as, the likeliest first. */
  private Set<String> others(String sentence, Trouble trouble) {
    Set<String> others = new LinkedHashSet<>();
    int at = Math.min(trouble.from(), sentence.length());
    starts(sentence, at).forEach(from -> others.addAll(withName(sentence, from)));
    int end = wordEnd(sentence, at);
    others.add(
        sentence.substring(0, at)
            + sentence.substring(at, end).toLowerCase(Locale.ROOT)
            + sentence.substring(end));
    OTHER_WORDS.forEach(it -> others.add(it.written().matcher(sentence).replaceFirst(it.said())));
    others.remove(sentence);
    return others;
  }

  /** Where a name may begin that reading stopped in: there, or some words before. */
  private static Stream<Integer> starts(String sentence, int at) {
    return Stream.iterate(at, from -> sentence.lastIndexOf(' ', Math.max(0, from - 2)) + 1)
        .limit(WORDS_BACK + 1)
        .distinct();
  }

  private static int wordEnd(String sentence, int at) {
    int end = sentence.indexOf(' ', at);
    return end < 0 ? sentence.length() : end;
  }

  /** A sentence with the names in brackets that begin at a place, the longest first. */
  private List<String> withName(String sentence, int from) {
    boolean framed = sentence.startsWith("[", from);
    int start = framed ? from + 1 : from;
    return names.all(Arrays.asList(Family.values())).stream()
        .map(names::name)
        .filter(name -> !name.isEmpty() && isAt(sentence, start, name, framed))
        .distinct()
        .sorted(Comparator.comparingInt(String::length).reversed())
        .map(
            name ->
                sentence.substring(0, from)
                    + "["
                    + Lexer.escape(name, ']')
                    + "]"
                    + sentence.substring(start + name.length() + (framed ? 1 : 0)))
        .toList();
  }

  private static boolean isAt(String sentence, int at, String name, boolean framed) {
    int end = at + name.length();
    if (!sentence.regionMatches(true, at, name, 0, name.length())) {
      return false;
    }
    return framed
        ? sentence.startsWith("]", end)
        : end == sentence.length() || !Character.isLetterOrDigit(sentence.charAt(end));
  }
}
