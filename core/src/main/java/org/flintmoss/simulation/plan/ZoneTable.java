package org.flintmoss.simulation.plan;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.PlaceFinder;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Ground;

/** The zones of a mission by number, and which of them ride on a unit. */
public final class ZoneTable {
  private final Zone[] zones;
  private final Area[] areas;
  private final int[] carriers;
  private final int[] carried;
  private final ZoneGrid grid;

  ZoneTable(ActorIndex actors, Ground ground) {
    zones = actors.mission().zones().values().toArray(Zone[]::new);
    areas = Arrays.stream(zones).map(zone -> Area.of(zone.shape())).toArray(Area[]::new);
    PlaceFinder places = new PlaceFinder(actors);
    carriers = Arrays.stream(zones).mapToInt(places::carrier).toArray();
    grid = new ZoneGrid(ground, areas, zone -> carriers[zone] < 0);
    carried = IntStream.range(0, zones.length).filter(zone -> carriers[zone] >= 0).toArray();
  }

  /** How many zones there are. */
  public int count() {
    return zones.length;
  }

  /** Words of 64 bits that hold one bit for each zone. */
  public int words() {
    return (zones.length + 63) / 64;
  }

  /** A zone by number. */
  public Zone get(int zone) {
    return zones[zone];
  }

  /** The area of a zone, where it is drawn. */
  public Area area(int zone) {
    return areas[zone];
  }

  /** Whether a point lies inside a zone, its rim included. */
  public boolean contains(int zone, double x, double y) {
    return areas[zone].contains(x, y);
  }

  /**
   * How deep a point lies in a zone, where it is drawn: 0 at the rim or outside, 1 in the middle.
   */
  public double depth(int zone, double x, double y) {
    Position middle = zones[zone].shape().centre();
    return areas[zone].depth(x, y, middle.x(), middle.y());
  }

  /** Whether feet at a height, metres, are within the height band of a zone. */
  public boolean banded(int zone, double feet) {
    return switch (zones[zone].height()) {
      case Zone.AnyHeight _ -> true;
      case Zone.Between band -> feet >= band.low() && feet <= band.high();
    };
  }

  /** The number of the unit that a zone rides on; -1 for a zone that stands. */
  public int carrier(int zone) {
    return carriers[zone];
  }

  /** The zones that ride on a unit, rising; not to be changed. */
  public int[] carried() {
    return carried;
  }

  /** Which of the zones that stand lie about a point. */
  public ZoneGrid grid() {
    return grid;
  }
}
