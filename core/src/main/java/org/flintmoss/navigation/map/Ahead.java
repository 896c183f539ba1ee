package org.flintmoss.navigation.map;

/** Finds the crossing that a player can begin by hand: the one they face. */
final class Ahead {
  /** From how far off a crossing can be begun by hand, metres. */
  private static final double BEGINS = 0.9;

  /** The cosine of how far to either side of straight ahead it may lead. */
  private static final double AHEAD = 0.6;

  /** How many places to each side are looked at. */
  private static final int AROUND = 2;

  private Ahead() {}

  /** See {@link NavigationMap#ahead}. */
  static Link of(NavigationMap map, int deck, double x, double y, double east, double north) {
    NavigationGraph graph = map.graph();
    Crossings crossings = graph.crossings();
    Link best = null;
    double straightest = AHEAD;
    for (int row = -AROUND; row <= AROUND; row++) {
      for (int column = -AROUND; column <= AROUND; column++) {
        double px = x + column * graph.step();
        double py = y + row * graph.step();
        int place = graph.ground.holds(px, py) ? graph.at(deck, px, py) : -1;
        if (!map.free(place)) {
          continue;
        }
        for (Crossings.Ended it : crossings.from(place)) {
          boolean open = map.free(it.to()) && !it.link().byZone();
          double straight = open ? straight(it.link(), x, y, east, north) : -1;
          if (straight > straightest) {
            straightest = straight;
            best = it.link();
          }
        }
      }
    }
    return best;
  }

  /** How nearly straight ahead a crossing leads; -1 for one that begins too far off. */
  private static double straight(Link link, double x, double y, double east, double north) {
    double offX = link.x() - x;
    double offY = link.y() - y;
    double dx = link.toX() - x;
    double dy = link.toY() - y;
    double length = Math.sqrt(dx * dx + dy * dy);
    boolean near = offX * offX + offY * offY <= BEGINS * BEGINS;
    return near && length > 1e-6 ? (dx * east + dy * north) / length : -1;
  }
}
