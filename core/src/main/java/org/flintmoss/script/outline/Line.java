package org.flintmoss.script.outline;

import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Objective;

/** A line of an outline, as it is understood. */
sealed interface Line {
  /** A chapter begins. */
  record Chapter(String name) implements Line {}

  /** Play begins. */
  record Opening(String words) implements Line {}

  /** Something happens once something is so. */
  record When(String condition, String words) implements Line {}

  /** Something that the players are to do. */
  record Goal(Objective.Rank rank, String words) implements Line {}

  /** A way in which it ends. */
  record End(Ending.Outcome outcome, String words) implements Line {}

  /** Somebody says something. */
  record Said(String speaker, String words) implements Line {}

  /** Anything else: something to be done. */
  record Task(String words) implements Line {}
}
