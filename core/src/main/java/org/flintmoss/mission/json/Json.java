package org.flintmoss.mission.json;

import com.fasterxml.jackson.annotation.Nulls;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.type.LogicalType;

/** The one JSON mapper of the document: strict, bounded in size and depth. */
public final class Json {
  /** Deepest nesting of arrays and objects that is read. */
  public static final int DEPTH = 64;

  /** Most bytes of a document or file that are read. */
  public static final int BYTES = 32 * 1024 * 1024;

  /** Reads and writes mission documents. */
  public static final JsonMapper MAPPER =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder()
                          .maxNestingDepth(DEPTH)
                          .maxDocumentLength(BYTES)
                          .maxStringLength(100_000)
                          .maxNumberLength(64)
                          .build())
                  .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                  .build())
          .enable(
              DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
              DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES,
              DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES,
              DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
              DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL))
          .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
          .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
          .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
          .withCoercionConfig(
              LogicalType.Textual,
              config ->
                  config
                      .setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                      .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                      .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail))
          .withCoercionConfigDefaults(
              config -> config.setCoercion(CoercionInputShape.EmptyString, CoercionAction.Fail))
          .build();

  private Json() {}

  /**
   * Reads any JSON text within the bounds.
   *
   * @throws MissionRefused naming line and column if it is not JSON or is too deep or too large
   */
  public static JsonNode read(byte[] text) {
    if (text.length > BYTES) {
      throw new MissionRefused("", "is " + text.length + " bytes; at most " + BYTES + " are read");
    }
    try {
      return MAPPER.readTree(text);
    } catch (JacksonException wrong) {
      throw new MissionRefused("", "is not JSON that can be read: " + plain(wrong));
    }
  }

  /** A Jackson message without class names, with line and column. */
  public static String plain(JacksonException wrong) {
    var at = wrong.getLocation();
    String where =
        at == null || at.getLineNr() < 0
            ? ""
            : " (line " + at.getLineNr() + ", column " + at.getColumnNr() + ")";
    String message = wrong.getOriginalMessage().lines().findFirst().orElse("unreadable");
    // What Jackson adds in brackets speaks of its own sources and settings.
    return message
            .replaceFirst(" \\((start marker|for |through|\\[Source).*", "")
            .replaceAll("`?(?:[a-z]+\\.)+([A-Z][A-Za-z$]*)`?", "$1")
        + where;
  }
}
