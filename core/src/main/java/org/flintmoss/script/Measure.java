package org.flintmoss.script;

/** What a fact measures; the simulation has a row for each, which says how it is read. */
public interface Measure {
  /** Of what it is measured. */
  enum Scope {
    /** One number of the mission, or of the thing that is the subject. */
    MISSION,
    /** One number of some units together. */
    CROWD,
    /** A number of each of some units. */
    UNIT
  }

  /** Of what it is measured. */
  Scope scope();

  /** The measures of sentences. */
  interface Book {
    /**
     * The measure that a sentence asks for.
     *
     * @param sentence the record of a condition or of what an amount reads
     */
    Measure of(Class<? extends Record> sentence);
  }
}
