package org.flintmoss.bundle;

import org.flintmoss.mission.word.Ref;

/**
 * Something of a copy that was changed both there and in the bundle, and stays as it is in the
 * copy.
 *
 * @param thing the thing of the mission
 * @param pointer JSON Pointer of the place in the document
 * @param says what differs, as a sentence
 */
public record Kept(Ref thing, String pointer, String says) {}
