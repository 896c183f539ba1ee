package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.mission.word.Family;

/** What a reader would have taken at a place; errors and completion are both made of it. */
sealed interface Expected {
  /** A word or sign of a phrase. */
  record Words(String words) implements Expected {}

  /** A whole sentence, with the names of its slots in {@code ${}}. */
  record Sentence(String template) implements Expected {}

  /** The name of one of some families. */
  record Thing(List<Family> families) implements Expected {}

  /** A number, kept in a unit. */
  record Number(String unit) implements Expected {}

  /** Words in quotes. */
  record Quoted() implements Expected {}
}
