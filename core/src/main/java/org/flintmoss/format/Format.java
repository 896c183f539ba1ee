package org.flintmoss.format;

import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.terrain.Ground;
import tools.jackson.databind.JsonNode;

/** An open format in which a ground, or what stands on it, goes out and comes in. */
public interface Format {
  /**
   * What is told of a format.
   *
   * @param id its name in addresses and commands
   * @param out what is handed out in it, for a menu: "Things as GeoJSON"
   * @param in what is taken in from it: "GeoJSON"
   * @param media its media type
   * @param endings of files, without a dot
   * @param ground whether it is of the ground itself, rather than of what stands on it
   * @param settings what reading asks for besides the file
   */
  record About(
      String id,
      String out,
      String in,
      String media,
      List<String> endings,
      boolean ground,
      List<Setting> settings) {}

  /**
   * A number that reading asks for.
   *
   * @param says what it is, before the number: "Black lies at"
   * @param fresh what a form begins with
   * @param optional whether it may be left out
   */
  record Setting(
      String id,
      String says,
      String unit,
      double least,
      double most,
      double fresh,
      boolean optional) {}

  /** A file as it is handed out. */
  record Written(String name, byte[] bytes) {}

  /**
   * What came of taking a file in.
   *
   * @param mission the mission with it, and the assets that are new in it
   * @param made the things that were made
   * @param moved how many points lay beyond the edge of a new ground and were moved onto it
   */
  record Taken(MissionFile mission, List<Ref> made, int moved) {}

  /** What is told of it. */
  About about();

  /** Hands out what it holds of a mission. */
  Written write(MissionFile mission, Ground ground);

  /**
   * Takes a file in.
   *
   * @param settings what it asks for, by id; checked by {@link Formats#read}
   * @param ids of things that are made
   * @throws MissionRefused saying where and why it cannot be taken in
   */
  Taken read(byte[] bytes, MissionFile mission, Map<String, Double> settings, Supplier<String> ids);

  /** A mission that some things were taken into. */
  static Taken things(JsonNode features, MissionFile mission, Supplier<String> ids) {
    GeoJsonReader.Outcome outcome =
        GeoJsonReader.read(features, mission.document(), mission.mission(), ids);
    return new Taken(new MissionFile(outcome.document(), mission.assets()), outcome.made(), 0);
  }
}
