package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.ground.Building;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Stops;

/** Takes the walls of a building apart, storey by storey. */
final class HousePieces {
  private final House house;
  private final Building building;
  private final Ref of;
  private final Decks decks;
  private final WallPieces walls;
  private final List<Portal> portals;

  HousePieces(House house, Decks decks, WallPieces walls, List<Portal> portals) {
    this.house = house;
    building = house.building();
    of = new Ref(Family.BUILDINGS, house.id());
    this.decks = decks;
    this.walls = walls;
    this.portals = portals;
  }

  void add() {
    List<Position> round = new ArrayList<>(house.line());
    round.add(house.line().getFirst());
    for (int i = 0; i < house.storeys().size(); i++) {
      String storey = house.storeys().get(i).getKey();
      wall(i, round, "", slits(storey));
      for (Map.Entry<String, Building.Inner> it : Ordered.sort(building.inner())) {
        if (it.getValue().storey().equals(storey)) {
          wall(i, House.line(it.getValue().corners()), it.getKey(), List.of());
        }
      }
    }
    parapet(round);
  }

  private void wall(int storey, List<Position> line, String name, List<Wall.Slit> slits) {
    double floor = house.floors()[storey];
    double height = house.floors()[storey + 1] - floor;
    List<Building.Door> doors =
        Ordered.sort(building.doors()).stream()
            .map(Map.Entry::getValue)
            .filter(it -> it.wall().equals(name) && house.storey(it.storey()) == storey)
            .toList();
    List<double[]> gaps = new ArrayList<>();
    for (Building.Door door : doors) {
      double[] gap = WallPieces.part(line, door.along(), door.width());
      if (gap != null) {
        gaps.add(gap);
        lintel(storey, door, gap);
      }
    }
    walls.add(
        new WallPieces.Run(
            line, height, building.thickness(), stops(storey), (_, _) -> floor, slits, gaps, of));
  }

  /** What is left of a wall over a door; and the way through below it. */
  private void lintel(int storey, Building.Door door, double[] gap) {
    double floor = house.floors()[storey];
    double over = house.floors()[storey + 1] - floor - door.height();
    List<Position> line = List.of(new Position(gap[0], gap[1]), new Position(gap[2], gap[3]));
    if (over > 0) {
      walls.add(
          new WallPieces.Run(
              line,
              over,
              building.thickness(),
              stops(1),
              (_, _) -> floor + door.height(),
              List.of(),
              List.of(),
              of));
    }
    double width = Segments.length(gap[0], gap[1], gap[2], gap[3]);
    double x = (gap[0] + gap[2]) / 2;
    double y = (gap[1] + gap[3]) / 2;
    portals.add(new Portal(x, y, width, decks.floor(house, storey)));
  }

  /** Noises spread in plan, so that only the lowest of walls above one another muffles them. */
  private Stops stops(int storey) {
    Stops all = building.stops();
    return storey == 0 ? all : new Stops(all.movement(), all.sight(), all.shots(), 0);
  }

  private List<Wall.Slit> slits(String storey) {
    return Ordered.sort(building.windows()).stream()
        .map(Map.Entry::getValue)
        .filter(it -> it.storey().equals(storey))
        .map(
            it -> new Wall.Slit(it.order(), it.along(), it.width(), it.sill(), it.top(), it.lets()))
        .toList();
  }

  private void parapet(List<Position> round) {
    Building.Roof roof = building.roof();
    if (roof.make() == Building.Make.FLAT && roof.parapet() > 0) {
      double top = house.floors()[house.storeys().size()];
      walls.add(
          new WallPieces.Run(
              round,
              roof.parapet(),
              building.thickness(),
              Railings.PARAPET,
              (_, _) -> top,
              List.of(),
              List.of(),
              of));
    }
  }
}
