package org.flintmoss.bundle;

import java.util.List;
import java.util.SortedMap;
import java.util.function.Supplier;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.terrain.Ground;
import tools.jackson.databind.JsonNode;

/**
 * What can be done with the bundles of one mission as it stands. Every method answers with a
 * changed document and leaves the one it began with as it was; whether the mission can hold the
 * outcome is for its reader to say.
 */
public final class Bundles {
  private final Source source;

  /**
   * The bundles of a mission.
   *
   * @param ids makes ids that nothing has yet
   */
  public Bundles(JsonNode document, Mission mission, Ground ground, Supplier<String> ids) {
    source = new Source(document, mission, ground, ids);
  }

  /**
   * What came of it.
   *
   * @param made what was made: bundles, copies and the things of copies
   * @param kept what was changed on both sides and stays as it is
   */
  public record Outcome(JsonNode document, List<Ref> made, List<Kept> kept) {}

  /**
   * A parameter that a new bundle is to have.
   *
   * @param places JSON Pointers from the document into things of the bundle, all of one sort
   */
  public record Wanted(String name, List<String> places) {}

  /**
   * Makes a bundle of things; they become its first copy.
   *
   * @param things what it is made of; squads bring their members
   * @throws MissionRefused if a thing is not there, cannot be part of a bundle or belongs to a copy
   */
  public Outcome make(String name, String note, List<Ref> things, List<Wanted> wanted) {
    return new Editions(source).make(name, note, things, wanted);
  }

  /**
   * Sets a bundle down as it is by now, with the usual values.
   *
   * @param at where its anchor comes to lie
   * @param turn degrees clockwise
   */
  public Outcome setDown(String bundle, Position at, double turn) {
    return new Copies(source).setDown(bundle, at, turn);
  }

  /**
   * Gives a copy other values, and takes over how its bundle is in some edition. What was changed
   * in the copy itself stays.
   *
   * @param values the values of its parameters; the usual one where none is given
   * @param edition the edition to take over; the copy's own to change values only
   * @param turn by how much it is to lie turned, degrees clockwise
   */
  public Outcome reset(
      String copy, SortedMap<String, Bundle.Value> values, String edition, double turn) {
    return new Copies(source).reset(copy, values, edition, turn);
  }

  /**
   * Makes a new edition of a bundle that is as one of its copies is by now, with the usual values
   * where its parameters stand. Other copies stay as they are until they take it over.
   *
   * @param add things that are to be part of it from now on
   */
  public Outcome follow(String copy, List<Ref> add) {
    return new Editions(source).follow(copy, add);
  }

  /** The id of the newest edition of a bundle. */
  public static String newest(Bundle bundle) {
    return Source.newest(bundle);
  }
}
