package org.flintmoss.format;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.flintmoss.mission.json.MissionRefused;

/** The open formats, a row each; menus, addresses and commands are made of them. */
public final class Formats {
  /** All of them, in the order in which they are offered. */
  public static final List<Format> ALL =
      List.of(
          new GridFormat(),
          new PictureFormat(),
          new GeoJsonFormat(),
          new CsvFormat(),
          new GpxFormat());

  private Formats() {}

  /**
   * The format of a name.
   *
   * @throws IllegalArgumentException if there is none, saying which there are
   */
  public static Format of(String id) {
    return ALL.stream()
        .filter(it -> it.about().id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "there is no format '%s'; there are %s"
                        .formatted(
                            id.length() > 40 ? id.substring(0, 40) + "…" : id,
                            ALL.stream()
                                .map(it -> it.about().id())
                                .collect(Collectors.joining(", ")))));
  }

  /** The format of a file by its ending. */
  public static Optional<Format> ofFile(String name) {
    String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    return ALL.stream().filter(it -> it.about().endings().contains(ending)).findFirst();
  }

  /**
   * Takes a file in.
   *
   * @param settings what reading asks for, by id
   * @param ids of things that are made
   * @throws MissionRefused if the file cannot be taken in, or a setting is missing or unknown
   */
  public static Format.Taken read(
      Format format,
      byte[] bytes,
      MissionFile mission,
      Map<String, Double> settings,
      Supplier<String> ids) {
    List<Format.Setting> asked = format.about().settings();
    for (Format.Setting setting : asked) {
      if (!setting.optional() && !settings.containsKey(setting.id())) {
        throw new MissionRefused(
            "", "asks for '%s': %s … %s".formatted(setting.id(), setting.says(), setting.unit()));
      }
    }
    for (String id : settings.keySet()) {
      if (asked.stream().noneMatch(it -> it.id().equals(id))) {
        throw new MissionRefused("", "does not ask for '%s'".formatted(id));
      }
    }
    return format.read(bytes, mission, settings, ids);
  }
}
