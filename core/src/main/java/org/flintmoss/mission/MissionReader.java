package org.flintmoss.mission;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.json.SameJson;
import tools.jackson.databind.JsonNode;

/**
 * The one door through which a document becomes a {@link Mission}: shape, ranges, families of
 * references, and that everything stands on the ground. What a mission means is for checks to
 * judge; here it is only refused where it could not be held at all.
 */
public final class MissionReader {
  /** The most places that are told at once. */
  static final int MOST_TOLD = 1000;

  private MissionReader() {}

  /**
   * A document as it is held.
   *
   * @param mission what was read of it
   * @param broken the counts and ranges that it breaks; empty for all that is made by now
   */
  public record Held(Mission mission, List<Problem> broken) {}

  /**
   * Reads a document.
   *
   * @throws MissionRefused with every place that is wrong
   */
  public static Mission read(JsonNode document) {
    refuseForeignSchema(document);
    refuse(Bounds.overfull(document), document);
    Held held = held(document);
    refuse(held.broken(), document);
    return held.mission();
  }

  /**
   * Reads a document that has been stored. One that has the right shape but breaks a count or a
   * range, as an older version may have made it, is read all the same, and what it breaks is told.
   *
   * @throws MissionRefused if its shape is wrong, or its ground cannot be laid out
   */
  public static Held readStored(JsonNode document) {
    refuseForeignSchema(document);
    Held held = held(document);
    refuse(held.broken().stream().filter(MissionReader::ofTheGrid).toList(), document);
    return held;
  }

  private static boolean ofTheGrid(Problem problem) {
    return problem.pointer().startsWith("/setting/terrain")
        || problem.pointer().startsWith("/schema");
  }

  private static Held held(JsonNode document) {
    Mission mission = Ranges.bind(document, Mission.class);
    List<Problem> problems = new ArrayList<>(Ranges.problems(mission));
    // Counts are told in words of their own.
    problems.removeIf(problem -> Bounds.most(problem.pointer().replaceFirst("/", "")).isPresent());
    problems.addAll(Bounds.overfull(document));
    problems.addAll(new References(mission).misplaced(document));
    problems.addAll(new OnTheGround(mission.setting().terrain()).problems(document));
    return new Held(mission, sorted(problems, document));
  }

  /**
   * Reads a document that came of one which has been read, by a patch: the same as {@link
   * #read(JsonNode)}, but that what the patch has left alone is not looked at again.
   *
   * @param then what was read of that one
   * @throws MissionRefused with every place that is wrong, but for what was wrong before and has
   *     not become worse
   */
  public static Held read(JsonNode document, JsonNode before, Held then) {
    return then.broken().isEmpty()
        ? new Held(readParts(document, before, then.mission()), List.of())
        : readBroken(document, before, then);
  }

  private static Mission readParts(JsonNode document, JsonNode before, Mission then) {
    refuseForeignSchema(document);
    refuse(Bounds.overfull(document), document);
    MissionParts parts = new MissionParts(document, before, then);
    JsonNode fresh = parts.fresh();
    Mission some = Ranges.bind(fresh, Mission.class);
    Mission mission = parts.whole(some);
    List<Problem> problems = new ArrayList<>(Ranges.problems(some));
    // A reference that was open, or of another family, may name what has come.
    JsonNode referring = parts.hasOthers(mission) ? document : fresh;
    problems.addAll(new References(mission).misplaced(referring));
    Terrain terrain = mission.setting().terrain();
    JsonNode lying = terrain.covers(then.setting().terrain()) ? fresh : document;
    problems.addAll(new OnTheGround(terrain).problems(lying));
    refuse(problems, document);
    return mission;
  }

  private static Held readBroken(JsonNode document, JsonNode before, Held then) {
    Held held = readStored(document);
    Set<String> known = then.broken().stream().map(Problem::pointer).collect(Collectors.toSet());
    List<Problem> worse =
        held.broken().stream()
            .filter(it -> !known.contains(it.pointer()) || worse(it.pointer(), document, before))
            .toList();
    refuse(worse, document);
    return held;
  }

  /** Whether what stands at a place that was wrong is another value, or holds more than before. */
  private static boolean worse(String pointer, JsonNode now, JsonNode before) {
    JsonNode is = now.at(pointer);
    JsonNode was = before.at(pointer);
    return is.isObject() && was.isObject() ? is.size() > was.size() : !SameJson.same(is, was);
  }

  private static void refuse(List<Problem> problems, JsonNode document) {
    if (!problems.isEmpty()) {
      throw new MissionRefused(
          sorted(problems, document).subList(0, Math.min(MOST_TOLD, problems.size())));
    }
  }

  private static List<Problem> sorted(List<Problem> problems, JsonNode document) {
    return problems.stream()
        .sorted(Comparator.comparing(Problem::pointer).thenComparing(Problem::reason))
        .map(it -> it.in(document))
        .toList();
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
