package org.flintmoss.mission;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.erdtman.jcs.JsonCanonicalizer;
import tools.jackson.databind.JsonNode;

/** The canonical bytes of a document (RFC 8785) and the names made from bytes. */
public final class Canonical {
  private Canonical() {}

  /** The canonical form: keys sorted, numbers shortest, no white space, UTF-8. */
  public static byte[] bytes(JsonNode document) {
    try {
      return new JsonCanonicalizer(Json.MAPPER.writeValueAsString(document)).getEncodedUTF8();
    } catch (IOException impossible) {
      throw new UncheckedIOException("a parsed tree is always JSON", impossible);
    }
  }

  /** The canonical form as text. */
  public static String text(JsonNode document) {
    return new String(bytes(document), StandardCharsets.UTF_8);
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
