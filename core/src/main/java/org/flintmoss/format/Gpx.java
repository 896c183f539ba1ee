package org.flintmoss.format;

import java.io.StringWriter;
import java.util.Locale;
import java.util.Map;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.terrain.Ground;

/**
 * Routes as GPX 1.1. That format knows degrees alone: the ground lies with its south-west corner
 * where the equator meets the prime meridian, {@value #METRES} metres to a degree either way, which
 * the file states in its keywords so that it can be taken in again to the centimetre.
 */
public final class Gpx {
  static final String NAMESPACE = "http://www.topografix.com/GPX/1/1";

  /** The keyword of files that were written here. */
  static final String STATED = "flintmoss-local-metres";

  /** Metres of a degree: of the equator of the WGS 84 ellipsoid, 6,378,137 m in radius. */
  static final double METRES = 111319.490793;

  private Gpx() {}

  /** All routes of a mission, with the height of the ground at each waypoint. */
  public static String write(Mission mission, Ground ground) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeCharacters("\n");
      xml.writeStartElement("gpx");
      xml.writeDefaultNamespace(NAMESPACE);
      xml.writeAttribute("version", "1.1");
      xml.writeAttribute("creator", "Flintmoss");
      xml.writeStartElement("metadata");
      element(xml, "name", mission.brief().title());
      element(
          xml,
          "desc",
          "0, 0 is the south-west corner of the ground; a degree is %s m either way."
              .formatted(METRES));
      element(xml, "keywords", STATED);
      xml.writeEndElement();
      for (Route route : mission.routes().values()) {
        route(xml, route, ground);
      }
      xml.writeEndElement();
      xml.writeEndDocument();
      xml.close();
    } catch (XMLStreamException broken) {
      throw new IllegalStateException("a route could not be written as GPX", broken);
    }
    return text.toString();
  }

  private static void route(XMLStreamWriter xml, Route route, Ground ground)
      throws XMLStreamException {
    xml.writeCharacters("\n");
    xml.writeStartElement("rte");
    element(xml, "name", route.name());
    int number = 0;
    for (Map.Entry<String, Route.Waypoint> point : Ordered.sort(route.waypoints())) {
      Position at = point.getValue().position();
      xml.writeStartElement("rtept");
      xml.writeAttribute("lat", degrees(at.y()));
      xml.writeAttribute("lon", degrees(at.x()));
      element(xml, "ele", String.format(Locale.ROOT, "%.2f", ground.heightAt(at.x(), at.y())));
      element(xml, "name", String.valueOf(++number));
      xml.writeEndElement();
    }
    xml.writeEndElement();
  }

  private static String degrees(double metres) {
    return String.format(Locale.ROOT, "%.9f", metres / METRES);
  }

  private static void element(XMLStreamWriter xml, String name, String text)
      throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeCharacters(text);
    xml.writeEndElement();
  }
}
