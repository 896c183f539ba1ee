package org.flintmoss.script.text;

import org.flintmoss.mission.word.Ref;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;

/**
 * What a zone does, as it was read.
 *
 * @param zone which; null where that was not understood
 * @param does each thing that it does as the document keeps it, but with parts in arrays
 * @param sound whether all of it was understood
 */
record ReadZone(@Nullable Ref zone, ArrayNode does, boolean sound) {}
