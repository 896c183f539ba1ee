package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Deck;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Stops;

/** Takes the railings of decks apart into pieces. */
final class Railings {
  /** Half the thickness of a railing, metres. */
  private static final double HALF = 0.05;

  /** A railing that rises is made of pieces no longer than this, metres. */
  private static final double LONGEST = 1;

  /** How much it may rise from end to end of a piece, metres. */
  private static final double LEVEL = 0.05;

  /** What a parapet takes off the chance to hit those behind it, 0 to 1. */
  private static final double PARAPET_COVER = 0.5;

  private static final Stops RAILS = new Stops(true, false, false, 0);
  static final Stops PARAPET = new Stops(true, true, true, 0);

  private final Decks decks;
  private final List<Piece> all;

  /** The pieces that are being made. */
  private List<Piece> made;

  private final Movables movables;

  /** The deck whose railing is being made. */
  private Ref of;

  Railings(Decks decks, List<Piece> all, Movables movables) {
    this.decks = decks;
    this.all = all;
    this.movables = movables;
    made = all;
  }

  void of(Mission mission) {
    int ramp = mission.decks().size() + 1;
    int number = 0;
    for (Map.Entry<String, Deck> entry : mission.decks().entrySet()) {
      Deck deck = entry.getValue();
      of = new Ref(Family.DECKS, entry.getKey());
      number++;
      if (deck.railing().height() > 0) {
        round(number, deck, decks.moving().of(number));
        for (int i = 0; i < deck.ramps().size(); i++) {
          beside(ramp + i, deck.railing());
        }
      }
      ramp += deck.ramps().size();
    }
  }

  /** Along the rims of a deck and of its openings, but for gaps and the heads of ramps. */
  private void round(int number, Deck deck, int moving) {
    made = moving < 0 ? all : new ArrayList<>();
    Platform slab = decks.platform(number);
    List<double[]> gaps = gaps(slab.outline(), deck);
    rim(number, deck, slab.outline(), gaps);
    slab.openings().forEach(opening -> rim(number, deck, opening, List.of()));
    if (moving >= 0) {
      movables.put(movables.railings(moving), made.toArray(Piece[]::new), 0, 0, deck.top());
      made = all;
    }
  }

  private void rim(int number, Deck deck, Area.Ring ring, List<double[]> gaps) {
    double[] x = ring.x();
    double[] y = ring.y();
    for (int i = 0; i < x.length && x.length >= 3; i++) {
      int j = (i + 1) % x.length;
      List<double[]> cuts = new ArrayList<>(gaps);
      for (Deck.Ramp ramp : deck.ramps().values()) {
        double[] head = head(ramp, x[i], y[i], x[j], y[j]);
        if (head != null) {
          cuts.add(head);
        }
      }
      Segments.without(x[i], y[i], x[j], y[j], HALF, cuts.toArray(double[][]::new))
          .forEach(part -> line(number, deck.railing(), part));
    }
  }

  /** The part of a side on which a ramp hangs; null for none. */
  private static double[] head(Deck.Ramp ramp, double ax, double ay, double bx, double by) {
    double x = ramp.head().x();
    double y = ramp.head().y();
    double length = Segments.length(ax, ay, bx, by);
    if (length == 0 || Segments.toPoint(ax, ay, bx, by, x, y) > Segments.ON_WALL) {
      return null;
    }
    double share = Segments.share(ax, ay, bx, by, x, y);
    return part(ax, ay, bx, by, share * length, ramp.width(), length);
  }

  private static double[] part(
      double ax, double ay, double bx, double by, double middle, double width, double length) {
    double from = (middle - width / 2) / length;
    double to = (middle + width / 2) / length;
    return new double[] {
      ax + (bx - ax) * from, ay + (by - ay) * from, ax + (bx - ax) * to, ay + (by - ay) * to
    };
  }

  /** The gaps of a railing, as lines along the sides that they lie in. */
  private static List<double[]> gaps(Area.Ring ring, Deck deck) {
    List<double[]> lines = new ArrayList<>();
    for (Map.Entry<String, Deck.Gap> gap : Ordered.sort(deck.railing().gaps())) {
      double from = 0;
      for (int i = 0; i < ring.x().length; i++) {
        int j = (i + 1) % ring.x().length;
        double length = Segments.length(ring.x()[i], ring.y()[i], ring.x()[j], ring.y()[j]);
        double middle = gap.getValue().along() - from;
        if (middle >= 0 && middle <= length) {
          lines.add(
              part(
                  ring.x()[i],
                  ring.y()[i],
                  ring.x()[j],
                  ring.y()[j],
                  middle,
                  gap.getValue().width(),
                  length));
        }
        from += length;
      }
    }
    return lines;
  }

  /** Along both sides of a ramp, from its head to its foot. */
  private void beside(int ramp, Deck.Railing railing) {
    Area.Ring strip = decks.platform(ramp).outline();
    line(ramp, railing, new double[] {strip.x()[0], strip.y()[0], strip.x()[3], strip.y()[3]});
    line(ramp, railing, new double[] {strip.x()[1], strip.y()[1], strip.x()[2], strip.y()[2]});
  }

  private void line(int number, Deck.Railing railing, double[] line) {
    double rise = decks.height(number, line[0], line[1]) - decks.height(number, line[2], line[3]);
    double length = Segments.length(line[0], line[1], line[2], line[3]);
    int parts = Math.abs(rise) <= LEVEL ? 1 : (int) Math.floor(length / LONGEST) + 1;
    for (int i = 0; i < parts; i++) {
      piece(number, railing, line, (double) i / parts, (double) (i + 1) / parts);
    }
  }

  private void piece(int number, Deck.Railing railing, double[] line, double from, double to) {
    double ax = line[0] + (line[2] - line[0]) * from;
    double ay = line[1] + (line[3] - line[1]) * from;
    double bx = line[0] + (line[2] - line[0]) * to;
    double by = line[1] + (line[3] - line[1]) * to;
    boolean parapet = railing.make() == Deck.Make.PARAPET;
    made.add(
        new Piece(
            ax,
            ay,
            bx,
            by,
            HALF,
            decks.height(number, (ax + bx) / 2, (ay + by) / 2),
            railing.height(),
            parapet ? PARAPET : RAILS,
            parapet ? PARAPET_COVER : 0,
            Piece.STATIC,
            0,
            null,
            of));
  }
}
