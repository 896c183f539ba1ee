package org.flintmoss.script;

import java.util.Map;
import org.flintmoss.mission.sentence.Words;

/**
 * A text that players are told, with its figures looked up.
 *
 * @param figures by their letters; a letter without one stands for nothing that is known
 */
public record Told(Words words, Map<String, Quantity> figures) {}
