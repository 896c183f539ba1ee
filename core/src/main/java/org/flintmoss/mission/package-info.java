/**
 * The document: records for all that a designer makes, references between them, structural
 * validation and the canonical form.
 *
 * <p>Enter at {@link org.flintmoss.mission.MissionReader} to turn JSON into a {@link
 * org.flintmoss.mission.Mission}, at {@link org.flintmoss.mission.json.JsonPatch} to change a
 * document, and at {@link org.flintmoss.mission.json.Canonical} for its bytes.
 *
 * <p>Units everywhere: metres ({@code x} east, {@code y} north), seconds, degrees (bearings
 * clockwise from north), kilograms. Families are maps by id; ordered parts are id-keyed maps whose
 * values carry a fractional {@code order} string, so that no path ever holds an array index.
 */
package org.flintmoss.mission;
