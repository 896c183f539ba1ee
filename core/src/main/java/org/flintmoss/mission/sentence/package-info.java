/**
 * What can be said in a script: conditions, actions, orders, amounts and readings, each a record
 * with its phrase. Begin with {@link org.flintmoss.mission.sentence.Condition} and {@link
 * org.flintmoss.mission.sentence.Action}.
 *
 * <p>A number says its unit in its record; times are seconds, distances metres.
 */
package org.flintmoss.mission.sentence;
