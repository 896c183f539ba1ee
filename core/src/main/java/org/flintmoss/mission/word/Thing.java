package org.flintmoss.mission.word;

/** Anything in a mission that has an id in one of the families and a name that people read. */
public interface Thing {
  /** The name shown to people; unique names are advised by a check, not enforced. */
  String name();
}
