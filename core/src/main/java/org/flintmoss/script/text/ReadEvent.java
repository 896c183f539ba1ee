package org.flintmoss.script.text;

import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.node.ObjectNode;

/**
 * An event as it was read.
 *
 * @param name as it is written
 * @param chapter the name of its chapter; null where only {@code gone} says which
 * @param gone its chapter, where that is no longer there; else null
 * @param body the rest of it as the document keeps it, but with parts and lines in arrays
 * @param sound whether all of it was understood
 * @param from the first character of it, from 0
 * @param to the character after it
 */
record ReadEvent(
    String name, String chapter, Ref gone, ObjectNode body, boolean sound, int from, int to) {}
