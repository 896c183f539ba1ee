package org.flintmoss.terrain;

import static org.flintmoss.Stage.ref;

import java.util.Map;
import org.flintmoss.Stage;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.script.text.ScriptText;
import tools.jackson.databind.JsonNode;

/** What the makers of demos have in common. */
abstract class DemoMaker {
  final Stage stage = new Stage();

  /** The ground, of cells of whole metres, from the tiles that ship with it. */
  void terrain(Ground.Grid grid) {
    StringBuilder tiles = new StringBuilder();
    for (Map.Entry<String, byte[]> tile : Relief.tiles(grid).entrySet()) {
      tiles
          .append(tiles.isEmpty() ? "" : ",")
          .append("'%s':'%s'".formatted(tile.getKey(), Canonical.hash(tile.getValue())));
    }
    stage.put(
        "/setting/terrain",
        "{'columns':%d,'rows':%d,'cell':%d,'base':0,'tiles':{%s}}"
            .formatted(grid.columns(), grid.rows(), (int) grid.cell(), tiles));
  }

  static double hundredths(double value) {
    return Math.floor(value * 100 + 0.5) / 100;
  }

  static JsonNode scripted(JsonNode document, String text) {
    ScriptText.Outcome script = ScriptText.apply(document, MissionReader.read(document), text);
    if (!script.troubles().isEmpty()) {
      throw new IllegalStateException(script.troubles().toString());
    }
    return script.document();
  }

  /** A plank way between two points, each at a height; wider than high things need. */
  void planks(
      String id, String name, double wide, double[] from, double low, double[] to, double high) {
    double dx = to[0] - from[0];
    double dy = to[1] - from[1];
    double length = Math.sqrt(dx * dx + dy * dy);
    double nx = dy / length * wide / 2;
    double ny = -dx / length * wide / 2;
    double degrees = StrictMath.toDegrees(StrictMath.atan(Math.abs(high - low) / length));
    double sign = high >= low ? 1 : -1;
    double toward = StrictMath.toDegrees(StrictMath.atan2(dx * sign, dy * sign));
    stage
        .deck(
            id,
            hundredths((low + high) / 2),
            hundredths(degrees),
            hundredths((toward + 360) % 360),
            hundredths(from[0] + nx),
            hundredths(from[1] + ny),
            hundredths(to[0] + nx),
            hundredths(to[1] + ny),
            hundredths(to[0] - nx),
            hundredths(to[1] - ny),
            hundredths(from[0] - nx),
            hundredths(from[1] - ny))
        .put("/decks/" + id + "/name", "'" + name + "'");
  }

  static double[] at(double x, double y) {
    return new double[] {x, y};
  }

  static String level(String deck) {
    return "{'type':'deck','deck':%s}".formatted(ref("decks", deck));
  }

  void name(String id, String name, double x, double y) {
    stage.put(
        "/placeNames/" + id,
        "{'name':'%s','position':{'x':%s,'y':%s},'facing':0,'letters':'medium'}"
            .formatted(name, x, y));
  }

  static String objective(String name, int order, String text, String points) {
    String never = "{'type':'all','parts':{}}";
    return "{'name':'%s','order':'a%d','text':'%s','rank':'primary','open':false,'opens':%s,'done':%s,'fails':%s,'tally':{'type':'nothing'},'points':%s}"
        .formatted(name, order, text, never, never, never, points);
  }

  static String ending(String name, int order, String outcome, String debriefing) {
    return "{'name':'%s','order':'a%d','outcome':'%s','delay':3,'debriefing':'%s'}"
        .formatted(name, order, outcome, debriefing);
  }
}
