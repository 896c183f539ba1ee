package org.flintmoss.mission.json;

import java.util.List;

/** Steps of an RFC 6901 JSON Pointer. */
public final class Pointer {
  private Pointer() {}

  /** The unescaped steps of a pointer. */
  static List<String> split(String pointer) {
    if (pointer.isEmpty()) {
      return List.of();
    }
    if (pointer.charAt(0) != '/') {
      throw new MissionRefused(pointer, "a JSON Pointer begins with a slash");
    }
    return List.of(pointer.substring(1).split("/", -1)).stream()
        .map(step -> step.replace("~1", "/").replace("~0", "~"))
        .toList();
  }

  /** A step as it stands in a pointer, with its slash. */
  public static String step(Object step) {
    return "/" + step.toString().replace("~", "~0").replace("/", "~1");
  }
}
