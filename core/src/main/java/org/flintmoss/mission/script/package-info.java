/**
 * What a mission is made of as a story: events, objectives, endings, facts, conversations and
 * waves, and its brief. Begin with {@link org.flintmoss.mission.script.Event}.
 *
 * <p>Times are seconds of play.
 */
package org.flintmoss.mission.script;
