package org.flintmoss.format;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.JsonNode;

/** The missions that ship: the demos by name, and the blank one that new missions begin as. */
public final class Samples {
  /**
   * The names of the demos, as in {@code demo:first-light}, in the order in which they are put on
   * the shelf: the last one lies on top.
   */
  public static final List<String> DEMOS =
      List.of("the-pilots-race", "gannet-stacks", "relight-the-harrow", "first-light");

  private Samples() {}

  /**
   * A demo.
   *
   * @throws IllegalArgumentException if there is none of that name
   */
  public static MissionFile demo(String name) {
    if (!DEMOS.contains(name)) {
      throw new IllegalArgumentException(
          "there is no demo '%s'; there are %s".formatted(name, String.join(", ", DEMOS)));
    }
    return load(name);
  }

  /** A mission with a ground, sides and a catalogue, and nothing set down or scripted. */
  public static MissionFile blank() {
    return load("blank");
  }

  /** A mission that holds nothing but the bundles that ship. */
  public static MissionFile bundles() {
    return load("bundles");
  }

  private static MissionFile load(String name) {
    JsonNode document = Json.read(resource("/samples/" + name + ".json"));
    Mission mission = MissionReader.read(document);
    SortedMap<String, byte[]> assets = new TreeMap<>();
    for (String hash : mission.setting().terrain().tiles().values()) {
      assets.computeIfAbsent(hash, it -> resource("/samples/assets/" + it));
    }
    return new MissionFile(document, assets);
  }

  private static byte[] resource(String path) {
    try (InputStream in = Samples.class.getResourceAsStream(path)) {
      if (in == null) {
        throw new IllegalStateException("the build left out " + path);
      }
      return in.readAllBytes();
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }
}
