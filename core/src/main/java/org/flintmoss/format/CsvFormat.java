package org.flintmoss.format;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Family;
import org.flintmoss.terrain.Ground;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Things that stand at one point as a table (RFC 4180), a row each: what they are called and where
 * they are, metres east and north of the south-west corner, and in the last column the whole thing.
 * A row without that comes in as a marker.
 */
final class CsvFormat implements Format {
  private static final String[] COLUMNS = {"family", "id", "name", "east", "north", "thing"};

  private static final CSVFormat TABLE = CSVFormat.RFC4180;

  /** What a spreadsheet would take for a formula rather than for a text. */
  private static final Pattern FORMULA = Pattern.compile("[=+\\-@\\t\\r].*", Pattern.DOTALL);

  @Override
  public About about() {
    List<String> endings = List.of("csv");
    return new About(
        "csv", "Things as a table (CSV)", "CSV", "text/csv", endings, false, List.of());
  }

  @Override
  public Written write(MissionFile mission, Ground ground) {
    StringWriter text = new StringWriter();
    try (CSVPrinter table = new CSVPrinter(text, TABLE.builder().setHeader(COLUMNS).get())) {
      for (Family family : GeoJson.PLACED) {
        for (Map.Entry<String, JsonNode> it : mission.document().path(family.key()).properties()) {
          row(table, family, it.getKey(), it.getValue());
        }
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return new Written("things.csv", text.toString().getBytes(StandardCharsets.UTF_8));
  }

  private static void row(CSVPrinter table, Family family, String id, JsonNode thing)
      throws IOException {
    JsonNode position = thing.path("position");
    if (position.isObject()) {
      table.printRecord(
          family.key(),
          id,
          asText(thing.path("name").asString("")),
          position.get("x").asDouble(),
          position.get("y").asDouble(),
          thing);
    }
  }

  /** A text that no spreadsheet reckons with. */
  private static String asText(String text) {
    return FORMULA.matcher(text).matches() ? "'" + text : text;
  }

  @Override
  public Taken read(
      byte[] bytes, MissionFile mission, Map<String, Double> settings, Supplier<String> ids) {
    ObjectNode features = Json.MAPPER.createObjectNode();
    features.put("type", "FeatureCollection").put(GeoJson.STATED, true);
    ArrayNode all = features.putArray("features");
    String text = new String(bytes, StandardCharsets.UTF_8).replaceFirst("^\\uFEFF", "");
    try (CSVParser rows =
        TABLE
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreHeaderCase(true)
            .setTrim(true)
            .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
            .get()
            .parse(new StringReader(text))) {
      for (String column : List.of("name", "east", "north")) {
        if (rows.getHeaderNames().stream().noneMatch(column::equalsIgnoreCase)) {
          throw new MissionRefused("", "has no column '%s' in its first line".formatted(column));
        }
      }
      rows.forEach(row -> feature(row, all.addObject()));
    } catch (IOException | UncheckedIOException | IllegalArgumentException wrong) {
      throw new MissionRefused("", "is no CSV that can be read: " + wrong.getMessage());
    }
    return Format.things(features, mission, ids);
  }

  private static void feature(CSVRecord row, ObjectNode feature) {
    String name = row.get("name").replaceFirst("^'(?=[=+\\-@])", "");
    feature.put("type", "Feature").put("id", cell(row, "id"));
    ObjectNode geometry = feature.putObject("geometry").put("type", "Point");
    geometry.putArray("coordinates").add(metres(row, "east")).add(metres(row, "north"));
    ObjectNode properties = feature.putObject("properties").put("name", name);
    if (!cell(row, "thing").isEmpty()
        && Json.read(cell(row, "thing").getBytes(StandardCharsets.UTF_8))
            instanceof ObjectNode thing) {
      properties.put("family", cell(row, "family"));
      properties.set("thing", thing.put("name", name));
    }
  }

  private static String cell(CSVRecord row, String column) {
    return row.isSet(column) ? row.get(column) : "";
  }

  private static double metres(CSVRecord row, String column) {
    String cell = cell(row, column);
    try {
      double metres = Double.parseDouble(cell);
      if (Double.isFinite(metres)) {
        return metres;
      }
    } catch (NumberFormatException wrong) {
      // Told below, as a number that is none.
    }
    throw new MissionRefused(
        "",
        "line %d: '%s' must be metres, not '%s'"
            .formatted(
                row.getRecordNumber() + 1,
                column,
                cell.length() > 40 ? cell.substring(0, 40) + "…" : cell));
  }
}
