package org.flintmoss.script.text;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;

/** Says why reading stopped, and what may be meant. */
final class Explainer {
  /** The most alternatives that are told. */
  private static final int TOLD = 8;

  /** The most remedies that are offered. */
  private static final int OFFERED = 3;

  /** The most names that are compared with one that is not known. */
  private static final int COMPARED = 20_000;

  private static final int LONG = 80;

  private final Nameplates names;

  Explainer(Nameplates names) {
    this.names = names;
  }

  /** What is wrong where a cursor did not get on. */
  Trouble explain(Cursor cursor) {
    if (cursor.clear() != null) {
      return cursor.clear();
    }
    Token at = cursor.stopped();
    List<Family> families =
        cursor.expected().stream()
            .filter(Expected.Thing.class::isInstance)
            .flatMap(it -> ((Expected.Thing) it).families().stream())
            .distinct()
            .sorted()
            .toList();
    if (at.kind() == Token.Kind.NAME && !families.isEmpty()) {
      return unknown(at, families);
    }
    Set<String> words = words(cursor.expected());
    String told = told(cursor.expected(), words, families);
    Token before = cursor.before();
    String after = before == null || at.first() ? "" : " after " + shown(before);
    List<Trouble.Remedy> remedies =
        at.kind() != Token.Kind.WORD
            ? List.of()
            : nearest(at.text(), words).stream()
                .map(word -> new Trouble.Remedy(word, word))
                .toList();
    String says =
        "%s cannot stand here%s. It could be %s.".formatted(capital(shown(at)), after, told);
    return new Trouble(at.from(), at.to(), at.line(), at.column(), says, remedies);
  }

  private static String shown(Token token) {
    String shown = token.shown();
    return shown.length() > LONG ? shown.substring(0, LONG) + "…" : shown;
  }

  private static String capital(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  private static Set<String> words(Set<Expected> expected) {
    return expected.stream()
        .filter(Expected.Words.class::isInstance)
        .map(it -> ((Expected.Words) it).words())
        .filter(word -> !word.isEmpty())
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private static String told(Set<Expected> expected, Set<String> words, List<Family> families) {
    Set<String> told = new LinkedHashSet<>();
    if (!families.isEmpty()) {
      told.add("the name of " + Nameplates.words(families) + " in brackets");
    }
    for (Expected one : expected) {
      switch (one) {
        case Expected.Number number ->
            told.add(
                switch (number.unit()) {
                  case "clock" -> "a time of day such as 19:40";
                  case "" -> "a number";
                  default -> "a number such as 5 " + number.unit();
                });
        case Expected.Quoted _ -> told.add("words in quotes");
        case Expected.Words _, Expected.Thing _, Expected.Sentence _ -> {}
      }
    }
    words.stream().sorted().limit(TOLD).forEach(word -> told.add("“" + word + "”"));
    return told.isEmpty() ? "the end of the line" : listed(List.copyOf(told));
  }

  private static String listed(List<String> some) {
    return some.size() == 1
        ? some.getFirst()
        : String.join(", ", some.subList(0, some.size() - 1)) + " or " + some.getLast();
  }

  private Trouble unknown(Token at, List<Family> families) {
    List<Ref> elsewhere = names.named(at.text(), Arrays.asList(Family.values()));
    List<Trouble.Remedy> remedies =
        nearestNames(at.text(), families).stream()
            .map(
                ref ->
                    new Trouble.Remedy(
                        names.name(ref) + ", a " + ref.family().word(), names.plate(ref, families)))
            .toList();
    String says =
        elsewhere.isEmpty()
            ? "Nothing is called %s here.".formatted(shown(at))
            : "%s is a %s; here stands %s."
                .formatted(
                    shown(at), elsewhere.getFirst().family().word(), Nameplates.words(families));
    String meant = remedies.isEmpty() ? "" : " Is it " + remedies.getFirst().word() + "?";
    return new Trouble(
        at.from(), at.to(), at.line(), at.column(), says + meant, remedies, families);
  }

  private List<Ref> nearestNames(String name, List<Family> families) {
    int most = Math.max(2, name.length() / 3);
    LevenshteinDistance distance = new LevenshteinDistance(most);
    record Near(Ref ref, int far) {}
    return name.length() > LONG
        ? List.of()
        : names.all(families).stream()
            .limit(COMPARED)
            .map(ref -> new Near(ref, distance.apply(lower(name), lower(names.name(ref)))))
            .filter(near -> near.far() >= 0)
            .sorted(
                Comparator.comparingInt(Near::far).thenComparing(near -> names.name(near.ref())))
            .limit(OFFERED)
            .map(Near::ref)
            .toList();
  }

  private static String lower(String name) {
    return name.toLowerCase(java.util.Locale.ROOT);
  }

  private static List<String> nearest(String word, Set<String> words) {
    LevenshteinDistance distance = new LevenshteinDistance(2);
    return words.stream()
        .filter(it -> distance.apply(lower(word), lower(it)) >= 0)
        .sorted(Comparator.comparingInt(it -> distance.apply(lower(word), lower(it))))
        .limit(OFFERED)
        .toList();
  }
}
