package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Hand;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;

/** What people open by hand where it bars their way: gates, and fixtures by a use in passing. */
public final class Doors {
  /**
   * Something that is opened by hand.
   *
   * @param changes its number among all that changes
   * @param open its state once it is open
   * @param of the gate or the fixture
   * @param seconds how long it takes on plain terms
   * @param use the id of the use that opens a fixture; empty for a gate
   * @param from where it reaches from, along its longer side
   * @param to where it reaches to
   */
  public record Door(
      int changes, int open, double seconds, Ref of, String use, Position from, Position to) {}

  private Doors() {}

  /** Those of a mission: gates in their order, then fixtures. */
  static List<Door> of(Mission mission, ChangingThings things) {
    List<Door> doors = new ArrayList<>();
    int number = 0;
    for (Map.Entry<String, Gate> gate : mission.gates().entrySet()) {
      if (gate.getValue().hand() instanceof Hand.Opened hand) {
        Ref of = new Ref(Family.GATES, gate.getKey());
        int open = Gate.State.OPEN.ordinal();
        Gate it = gate.getValue();
        double seconds = hand.seconds().value() + it.motion().seconds();
        doors.add(new Door(number, open, seconds, of, "", it.from(), it.to()));
      }
      number++;
    }
    for (Map.Entry<String, Fixture> fixture : mission.fixtures().entrySet()) {
      Ref of = new Ref(Family.FIXTURES, fixture.getKey());
      for (var use : Ordered.sort(mission.usesOf(fixture.getValue()))) {
        // One that is used up would bar the way of those who count on it.
        boolean door =
            use.getValue().byHand() && use.getValue().passing() && use.getValue().times() == 0;
        int open = door ? open(mission, fixture.getValue(), use.getValue()) : -1;
        if (open >= 0) {
          Fixture it = fixture.getValue();
          double seconds = use.getValue().seconds().value();
          Line line = line(mission, it);
          doors.add(
              new Door(things.number(of), open, seconds, of, use.getKey(), line.from(), line.to()));
        }
      }
    }
    return List.copyOf(doors);
  }

  private record Line(Position from, Position to) {}

  /** A fixture along its longer side. */
  private static Line line(Mission mission, Fixture fixture) {
    double half = 0;
    double turn = StrictMath.toRadians(fixture.facing());
    if (mission.find(fixture.kind()) instanceof ThingKind kind
        && kind.footprint() instanceof ThingKind.Block(double width, double depth)) {
      half = Math.max(width, depth) / 2 * fixture.scale();
      turn = width > depth ? turn + StrictMath.PI / 2 : turn;
    }
    double dx = StrictMath.sin(turn) * half;
    double dy = StrictMath.cos(turn) * half;
    double x = fixture.position().x();
    double y = fixture.position().y();
    return new Line(new Position(x - dx, y - dy), new Position(x + dx, y + dy));
  }

  /** The state to which a use brings its fixture, if that no longer stops people; else -1. */
  private static int open(Mission mission, Fixture fixture, Use use) {
    if (use.turns() instanceof Use.Goes) {
      return ChangingThings.state(0, Standing.GONE);
    }
    Ref look =
        switch (use.turns()) {
          case Use.Into into -> into.look();
          case Use.IntoFor into -> into.look();
          case Use.Stays _, Use.Goes _ -> null;
        };
    int place =
        look != null && mission.find(fixture.kind()) instanceof ThingKind kind
            ? kind.number(look)
            : -1;
    boolean stops =
        place < 0
            || ((ThingKind) mission.find(fixture.kind()))
                .appearances()
                .get(place)
                .stops()
                .movement();
    return stops ? -1 : ChangingThings.state(place, Standing.THERE);
  }
}
