package org.flintmoss.format;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes GPX in as GeoJSON in local metres, which {@link GeoJsonReader} takes from there: routes and
 * segments of tracks become lines, waypoints points. Those of {@link Gpx} lie where they lay;
 * others are laid flat about their middle (equirectangular projection), their middle on that of the
 * ground.
 */
public final class GpxReader {
  /** The most points of a file. */
  private static final int MOST = 200_000;

  /** The most points of a line; of longer ones those are left out that matter least. */
  private static final int CORNERS = 200;

  /** A route, a segment of a track, or a single point; x and y are degrees east and north. */
  private static final class Line {
    final boolean point;
    final List<double[]> points = new ArrayList<>();
    String name = "";

    Line(boolean point) {
      this.point = point;
    }
  }

  private final List<Line> lines = new ArrayList<>();
  private boolean own;
  private int many;

  private GpxReader() {}

  /**
   * The features of a GPX file for a ground.
   *
   * @throws MissionRefused if it is no GPX, holds nothing, or reaches farther than the ground, with
   *     the line and column where that is known
   */
  public static JsonNode read(byte[] bytes, Terrain terrain) {
    GpxReader reader = new GpxReader();
    try {
      reader.parse(bytes);
    } catch (XMLStreamException broken) {
      throw new MissionRefused(
          "",
          "is no GPX that can be read: line %d, column %d"
              .formatted(
                  broken.getLocation() == null ? 0 : broken.getLocation().getLineNumber(),
                  broken.getLocation() == null ? 0 : broken.getLocation().getColumnNumber()));
    }
    return reader.features(terrain);
  }

  private void parse(byte[] bytes) throws XMLStreamException {
    XMLInputFactory factory = XMLInputFactory.newInstance();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
    Line line = null;
    String track = "";
    boolean root = false;
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        String name = xml.getLocalName();
        if (!root && !name.equals("gpx")) {
          throw new MissionRefused("", "is no GPX: it begins with <%s>".formatted(name));
        }
        root = true;
        switch (name) {
          case "rte", "trkseg" -> line = begin(new Line(false), track);
          case "wpt" -> {
            line = begin(new Line(true), "");
            line.points.add(point(xml));
          }
          case "rtept", "trkpt" -> {
            if (line != null) {
              line.points.add(point(xml));
            }
            skip(xml);
          }
          case "trk" -> track = "";
          case "name" -> {
            String text = text(xml);
            track = text;
            if (line != null) {
              line.name = text;
            }
          }
          case "keywords" -> own |= text(xml).contains(Gpx.STATED);
          default -> {
            // What it says beside names and points is of no use here.
          }
        }
      } else if (event == XMLStreamConstants.END_ELEMENT
          && List.of("rte", "trkseg", "wpt").contains(xml.getLocalName())) {
        line = null;
      }
    }
  }

  private Line begin(Line line, String name) {
    line.name = name;
    lines.add(line);
    return line;
  }

  /** Goes on to the end of an element, past all that is in it. */
  private static void skip(XMLStreamReader xml) throws XMLStreamException {
    int depth = 1;
    while (depth > 0) {
      int event = xml.next();
      depth += event == XMLStreamConstants.START_ELEMENT ? 1 : 0;
      depth -= event == XMLStreamConstants.END_ELEMENT ? 1 : 0;
    }
  }

  /** The text of an element, without that of those within it. */
  private static String text(XMLStreamReader xml) throws XMLStreamException {
    StringBuilder text = new StringBuilder();
    int depth = 1;
    while (depth > 0) {
      int event = xml.next();
      depth += event == XMLStreamConstants.START_ELEMENT ? 1 : 0;
      depth -= event == XMLStreamConstants.END_ELEMENT ? 1 : 0;
      boolean letters = event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA;
      if (depth == 1 && letters && text.length() < 200) {
        text.append(xml.getText());
      }
    }
    return text.toString().strip();
  }

  private double[] point(XMLStreamReader xml) {
    if (++many > MOST) {
      throw new MissionRefused("", "holds more than %d points".formatted(MOST));
    }
    return new double[] {degrees(xml, "lon", 180), degrees(xml, "lat", 90)};
  }

  private static double degrees(XMLStreamReader xml, String name, double most) {
    String text = xml.getAttributeValue(null, name);
    try {
      double value = Double.parseDouble(text == null ? "" : text);
      if (Math.abs(value) <= most) {
        return value;
      }
    } catch (NumberFormatException none) {
      // Told below, with where it stands.
    }
    throw new MissionRefused(
        "",
        "line %d: %s must be a number from -%.0f to %.0f"
            .formatted(xml.getLocation().getLineNumber(), name, most, most));
  }

  private JsonNode features(Terrain terrain) {
    lines.removeIf(line -> line.points.isEmpty() || (!line.point && line.points.size() < 2));
    if (lines.isEmpty()) {
      throw new MissionRefused("", "holds no route, track or waypoint");
    }
    lay(terrain);
    ObjectNode collection = Json.MAPPER.createObjectNode().put("type", "FeatureCollection");
    collection.put(GeoJson.STATED, true);
    ArrayNode features = collection.putArray("features");
    for (Line line : lines) {
      ObjectNode feature = features.addObject().put("type", "Feature");
      feature.putObject("properties").put("name", line.name);
      ObjectNode geometry = feature.putObject("geometry");
      geometry.put("type", line.point ? "Point" : "LineString");
      ArrayNode coordinates = geometry.putArray("coordinates");
      if (line.point) {
        coordinates.add(line.points.getFirst()[0]).add(line.points.getFirst()[1]);
      } else {
        Thinned.to(line.points, CORNERS)
            .forEach(point -> coordinates.addArray().add(point[0]).add(point[1]));
      }
    }
    return collection;
  }

  /** Puts all points where they lie on the ground, metres. */
  private void lay(Terrain terrain) {
    double[] least = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
    double[] most = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
    for (Line line : lines) {
      for (double[] point : line.points) {
        for (int i = 0; i < 2; i++) {
          least[i] = Math.min(least[i], point[i]);
          most[i] = Math.max(most[i], point[i]);
        }
      }
    }
    double north = own ? 0 : (least[1] + most[1]) / 2;
    double east = own ? 0 : (least[0] + most[0]) / 2;
    double narrow = own ? 1 : StrictMath.cos(StrictMath.toRadians(north));
    double wide = (most[0] - least[0]) * Gpx.METRES * narrow;
    double high = (most[1] - least[1]) * Gpx.METRES;
    if (!own && (wide > terrain.width() || high > terrain.height())) {
      throw new MissionRefused(
          "",
          "reaches over %.0f m x %.0f m; the ground is %.0f m x %.0f m. Make a larger ground first"
              .formatted(wide, high, terrain.width(), terrain.height()));
    }
    double toX = own ? 0 : terrain.width() / 2;
    double toY = own ? 0 : terrain.height() / 2;
    for (Line line : lines) {
      for (double[] point : line.points) {
        point[0] = hundredths(toX + (point[0] - east) * Gpx.METRES * narrow);
        point[1] = hundredths(toY + (point[1] - north) * Gpx.METRES);
      }
    }
  }

  private static double hundredths(double value) {
    return Math.floor(value * 100 + 0.5) / 100;
  }
}
