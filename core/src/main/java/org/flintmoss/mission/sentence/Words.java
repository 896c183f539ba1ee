package org.flintmoss.mission.sentence;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * Words with figures in them that are read when they are said. Where they stand says how long they
 * may be.
 *
 * @param text the words; {@code {a}} stands for the figure a, {@code {{} for an opening brace
 * @param figures what is read, by its letter
 */
public record Words(
    @Size(max = Words.LONGEST) String text,
    @Size(max = 8) SortedMap<@Pattern(regexp = "[a-h]") String, @Valid Amount> figures) {
  /** The most letters of any words. */
  public static final int LONGEST = 4000;

  /** Words without figures, in which a brace is a brace. */
  public static Words plain(String text) {
    return new Words(text.replace("{", "{{"), new TreeMap<>());
  }

  /** The words, with what stands for each figure put in its place. */
  public String with(Function<String, String> figure) {
    StringBuilder out = new StringBuilder();
    for (int at = 0; at < text.length(); at++) {
      if (text.startsWith("{{", at)) {
        out.append('{');
        at++;
      } else if (figureAt(at) != null) {
        out.append(figure.apply(figureAt(at)));
        at += 2;
      } else {
        out.append(text.charAt(at));
      }
    }
    return out.toString();
  }

  /** The letter of the figure that stands at a place of the text; null for none. */
  public String figureAt(int at) {
    boolean braces = at + 2 < text.length() && text.charAt(at) == '{' && text.charAt(at + 2) == '}';
    String letter = braces ? text.substring(at + 1, at + 2) : "";
    return figures.containsKey(letter) ? letter : null;
  }

  /** Whether nothing is said. */
  public boolean blank() {
    return text.isBlank();
  }
}
