package org.flintmoss.check;

import com.fasterxml.jackson.annotation.JsonInclude;
import org.flintmoss.mission.Ref;

/**
 * A finding about the mission as it stands.
 *
 * @param area where it is mended: {@code ground} or {@code script}
 * @param thing the thing it is about; null for the whole mission
 * @param pointer JSON Pointer of the place in the document
 * @param says what is wrong and what to do, as a sentence
 */
@JsonInclude(JsonInclude.Include.ALWAYS)
public record Finding(String area, Ref thing, String pointer, String says) {}
