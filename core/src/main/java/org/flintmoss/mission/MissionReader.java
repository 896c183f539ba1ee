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
    refuse(problems);
    return mission;
  }

  /**
   * Reads a document that came of one which has been read, by a patch: the same as {@link
   * #read(JsonNode)}, but that what the patch has left alone is not looked at again.
   *
   * @param then the mission that was read of that one
   * @throws MissionRefused with every place that is wrong
   */
  public static Mission read(JsonNode document, JsonNode before, Mission then) {
    refuseForeignSchema(document);
    MissionParts parts = new MissionParts(document, before, then);
    JsonNode fresh = parts.fresh();
    Mission some = Ranges.bind(fresh, Mission.class);
    Mission mission = parts.whole(some);
    List<Problem> problems = new ArrayList<>(Ranges.problems(some));
    problems.addAll(parts.overfull(mission));
    // A reference that was open, or of another family, may name what has come.
    JsonNode referring = parts.hasOthers(mission) ? document : fresh;
    problems.addAll(new References(mission).misplaced(referring));
    Terrain terrain = mission.setting().terrain();
    JsonNode lying = terrain.covers(then.setting().terrain()) ? fresh : document;
    problems.addAll(new OnTheGround(terrain).problems(lying));
    refuse(problems);
    return mission;
  }

  private static void refuse(List<Problem> problems) {
    if (!problems.isEmpty()) {
      problems.sort(Comparator.comparing(Problem::pointer).thenComparing(Problem::reason));
      throw new MissionRefused(problems);
    }
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
