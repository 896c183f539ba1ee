package org.flintmoss.script.text;

import tools.jackson.databind.JsonNode;

/** What stands in one slot of a phrase: as it is written, and as the document keeps it. */
interface SlotText {
  /** A value of the document in words. */
  String print(JsonNode value);

  /** The value that is written at a cursor; null, and noted there, where there is none. */
  JsonNode read(Cursor cursor);

  /** Whether a word that agrees with it is in the plural. */
  default boolean plural(JsonNode value, boolean before) {
    return before;
  }
}
