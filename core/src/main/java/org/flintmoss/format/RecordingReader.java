package org.flintmoss.format;

import java.util.List;
import org.flintmoss.mission.Ranges;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.trial.Recording;
import tools.jackson.databind.JsonNode;

/** Reads recordings, within their ranges and with inputs by rising step. */
final class RecordingReader {
  private RecordingReader() {}

  static Recording read(byte[] json) {
    JsonNode tree = Json.read(json);
    int engine = tree.path("engine").asInt(0);
    if (engine != Recording.ENGINE) {
      throw new MissionRefused(
          "/engine",
          "is %d; this is engine %d, and the same inputs may lead somewhere else in another"
              .formatted(engine, Recording.ENGINE));
    }
    Recording recording = Ranges.bind(tree, Recording.class);
    List<Problem> problems = Ranges.problems(recording);
    if (!problems.isEmpty()) {
      throw new MissionRefused(problems);
    }
    int last = 0;
    for (int i = 0; i < recording.inputs().size(); i++) {
      int step = recording.inputs().get(i).step();
      if (step < last) {
        throw new MissionRefused("/inputs/" + i + "/step", "comes before the input ahead of it");
      }
      last = step;
    }
    return recording;
  }
}
