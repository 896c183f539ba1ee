package org.flintmoss.mission;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * The one door through which a document becomes a {@link Mission}: shape, ranges, families of
 * references, and that everything stands on the ground. What a mission means is for checks to
 * judge; here it is only refused where it could not be held at all.
 */
public final class MissionReader {
  private MissionReader() {}

  /**
   * Reads a document.
   *
   * @throws MissionRefused with every place that is wrong
   */
  public static Mission read(JsonNode document) {
    refuseForeignSchema(document);
    Mission mission = Ranges.bind(document, Mission.class);
    List<Problem> problems = new ArrayList<>(Ranges.problems(mission));
    problems.addAll(new References(mission).misplaced(document));
    problems.addAll(new OnTheGround(mission.setting().terrain()).problems(document));
    if (!problems.isEmpty()) {
      problems.sort(Comparator.comparing(Problem::pointer).thenComparing(Problem::reason));
      throw new MissionRefused(problems);
    }
    return mission;
  }

  private static void refuseForeignSchema(JsonNode document) {
    JsonNode schema = document.get("schema");
    if (!document.isObject() || schema == null || !schema.isIntegralNumber()) {
      throw new MissionRefused("/schema", "must say which version of the mission format this is");
    }
    if (schema.asLong() > Mission.SCHEMA) {
      throw new MissionRefused(
          "/schema",
          "is version "
              + schema.asString()
              + ", made by a newer Flintmoss; this one reads up to version "
              + Mission.SCHEMA);
    }
  }
}
