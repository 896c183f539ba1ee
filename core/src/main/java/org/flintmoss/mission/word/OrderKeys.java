package org.flintmoss.mission.word;

import java.util.ArrayList;
import java.util.List;

/**
 * Order strings between others: a head letter that says how long the whole part is, its digits, and
 * a fraction, all to base 62; strings that are made so stay short when things are put at either
 * end. The scheme is that of David Greenspan, "Implementing Fractional Indexing" (2020), which the
 * editor's library follows too, so that each goes on from keys that the other made.
 */
public final class OrderKeys {
  private static final String DIGITS =
      "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz";
  private static final int BASE = DIGITS.length();
  private static final String FIRST = "a0";

  private OrderKeys() {}

  /**
   * A number of keys in rising order between two others.
   *
   * @param before the key before them; null for none
   * @param after the key after them; null for none
   * @throws IllegalArgumentException if the two are not in rising order or not of this scheme
   */
  public static List<String> between(String before, String after, int many) {
    List<String> keys = new ArrayList<>(many);
    String last = before;
    for (int i = 0; i < many; i++) {
      last = between(last, after);
      keys.add(last);
    }
    return keys;
  }

  /** A key between two others; null stands for no bound. */
  static String between(String before, String after) {
    check(before);
    check(after);
    if (before != null && after != null && before.compareTo(after) >= 0) {
      throw new IllegalArgumentException(before + " does not come before " + after);
    }
    if (before == null) {
      return after == null ? FIRST : beforeAll(after);
    }
    String whole = whole(before);
    String fraction = before.substring(whole.length());
    if (after != null && whole.equals(whole(after))) {
      return whole + middle(fraction, after.substring(whole.length()));
    }
    String next = up(whole);
    boolean fits = next != null && (after == null || next.compareTo(after) < 0);
    return fits ? next : whole + middle(fraction, null);
  }

  private static String beforeAll(String after) {
    String whole = whole(after);
    if (whole.compareTo(after) < 0) {
      return whole;
    }
    String down = down(whole);
    if (down == null) {
      throw new IllegalArgumentException("there is no room before " + after);
    }
    return down;
  }

  private static void check(String key) {
    if (key != null) {
      String whole = whole(key);
      boolean odd =
          !key.chars().allMatch(c -> DIGITS.indexOf(c) >= 0)
              || (key.length() > whole.length() && key.endsWith("0"));
      if (odd) {
        throw new IllegalArgumentException(key + " is no key of this scheme");
      }
    }
  }

  private static String whole(String key) {
    char head = key.charAt(0);
    int length = head >= 'a' ? head - 'a' + 2 : 'Z' - head + 2;
    if (!Character.isLetter(head) || length > key.length()) {
      throw new IllegalArgumentException(key + " is no key of this scheme");
    }
    return key.substring(0, length);
  }

  /** A fraction between two; null stands for the end of all. */
  private static String middle(String low, String high) {
    if (high != null) {
      int same = 0;
      while (same < high.length()
          && (same < low.length() ? low.charAt(same) : '0') == high.charAt(same)) {
        same++;
      }
      if (same > 0) {
        return high.substring(0, same)
            + middle(low.substring(Math.min(same, low.length())), high.substring(same));
      }
    }
    int from = low.isEmpty() ? 0 : DIGITS.indexOf(low.charAt(0));
    int to = high == null ? BASE : DIGITS.indexOf(high.charAt(0));
    if (to - from > 1) {
      return String.valueOf(DIGITS.charAt((from + to + 1) / 2));
    }
    if (high != null && high.length() > 1) {
      return high.substring(0, 1);
    }
    return DIGITS.charAt(from) + middle(low.isEmpty() ? "" : low.substring(1), null);
  }

  private static String up(String whole) {
    char[] digits = whole.toCharArray();
    for (int i = digits.length - 1; i > 0; i--) {
      int digit = DIGITS.indexOf(digits[i]) + 1;
      if (digit < BASE) {
        digits[i] = DIGITS.charAt(digit);
        return new String(digits);
      }
      digits[i] = '0';
    }
    return switch (digits[0]) {
      case 'Z' -> FIRST;
      case 'z' -> null;
      default -> resized((char) (digits[0] + 1), new String(digits).substring(1), '0');
    };
  }

  private static String down(String whole) {
    char[] digits = whole.toCharArray();
    for (int i = digits.length - 1; i > 0; i--) {
      int digit = DIGITS.indexOf(digits[i]) - 1;
      if (digit >= 0) {
        digits[i] = DIGITS.charAt(digit);
        return new String(digits);
      }
      digits[i] = 'z';
    }
    return switch (digits[0]) {
      case 'a' -> "Zz";
      case 'A' -> null;
      default -> resized((char) (digits[0] - 1), new String(digits).substring(1), 'z');
    };
  }

  /** A head with as many digits as it asks for. */
  private static String resized(char head, String digits, char filler) {
    int length = head >= 'a' ? head - 'a' + 1 : 'Z' - head + 1;
    return head + (length > digits.length() ? digits + filler : digits.substring(0, length));
  }
}
