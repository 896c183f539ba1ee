package org.flintmoss.mission.json;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import org.erdtman.jcs.NumberToJSON;
import tools.jackson.databind.JsonNode;

/**
 * The canonical bytes of a document (RFC 8785) and the names made from bytes. The tree is written
 * in one pass; the library for it, which reads a text again and sorts that, takes three times as
 * long, and its numbers are used here.
 */
public final class Canonical {
  private Canonical() {}

  /** The canonical form: keys sorted, numbers shortest, no white space, UTF-8. */
  public static byte[] bytes(JsonNode document) {
    return text(document).getBytes(StandardCharsets.UTF_8);
  }

  /** The canonical form as text. */
  public static String text(JsonNode document) {
    StringBuilder text = new StringBuilder();
    write(document, text);
    return text.toString();
  }

  private static void write(JsonNode node, StringBuilder into) {
    switch (node.getNodeType()) {
      case OBJECT -> object(node, into);
      case ARRAY -> array(node, into);
      case STRING -> quoted(node.asString(), into);
      case NUMBER -> into.append(number(node.doubleValue()));
      default -> into.append(node);
    }
  }

  private static void object(JsonNode node, StringBuilder into) {
    // Strings sort by UTF-16 code units, as section 3.2.3 wants it.
    String[] keys = node.propertyNames().toArray(String[]::new);
    Arrays.sort(keys);
    into.append('{');
    for (int i = 0; i < keys.length; i++) {
      into.append(i == 0 ? "" : ",");
      quoted(keys[i], into);
      into.append(':');
      write(node.get(keys[i]), into);
    }
    into.append('}');
  }

  private static void array(JsonNode node, StringBuilder into) {
    into.append('[');
    for (int i = 0; i < node.size(); i++) {
      into.append(i == 0 ? "" : ",");
      write(node.get(i), into);
    }
    into.append(']');
  }

  /** A string with the escapes of section 3.2.2.2: the short ones, and control characters. */
  private static void quoted(String text, StringBuilder into) {
    into.append('"');
    for (int i = 0; i < text.length(); i++) {
      char letter = text.charAt(i);
      switch (letter) {
        case '"' -> into.append("\\\"");
        case '\\' -> into.append("\\\\");
        case '\b' -> into.append("\\b");
        case '\f' -> into.append("\\f");
        case '\n' -> into.append("\\n");
        case '\r' -> into.append("\\r");
        case '\t' -> into.append("\\t");
        default -> into.append(letter < ' ' ? "\\u%04x".formatted((int) letter) : letter);
      }
    }
    into.append('"');
  }

  private static String number(double number) {
    try {
      return NumberToJSON.serializeNumber(number);
    } catch (IOException infinite) {
      throw new IllegalArgumentException("a document holds finite numbers alone", infinite);
    }
  }

  /** The SHA-256 of bytes in hexadecimal: the name of an asset, or of a whole document. */
  public static String hash(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException("every JDK has SHA-256", impossible);
    }
  }
}
