package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.function.Function;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.check.script.ScriptWalk;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Breaks;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Deck;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.MovingDecks;

/**
 * Findings on decks that move: where one would go through something or off the map, what stays
 * behind when it goes, what sends one that stays or to a stop that it does not have.
 */
final class MotionChecks {
  /** How high people on a deck are taken to be, metres. */
  private static final double TALL = 1.6;

  /** What overlaps by no more than this does not touch, metres. */
  private static final double SLACK = 0.05;

  /** How finely the way of a deck is looked at, metres. */
  private static final double FINE = 0.25;

  /** Into how many places at most the way from stop to stop is taken apart. */
  private static final int MOST = 400;

  /** How far from its middle to its corners points of a deck are looked at. */
  private static final double NEAR_RIM = 0.8;

  private final Mission mission;
  private final Ground ground;
  private final Decks decks;
  private final MovingDecks moving;
  private final List<Finding> findings = new ArrayList<>();
  private final Set<Ref> sent = new HashSet<>();

  private MotionChecks(Mission mission, Ground ground, Decks decks) {
    this.mission = mission;
    this.ground = ground;
    this.decks = decks;
    moving = decks.moving();
  }

  /** What is found. */
  static List<Finding> of(Mission mission, Ground ground, Decks decks) {
    MotionChecks checks = new MotionChecks(mission, ground, decks);
    checks.senders();
    for (int deck = 0; deck < checks.moving.many(); deck++) {
      CalledOff.check();
      checks.way(deck);
      checks.sent(deck);
    }
    checks.leftBehind(mission.walls(), Family.WALLS, it -> it.level());
    checks.leftBehind(mission.gates(), Family.GATES, it -> it.level());
    return checks.findings;
  }

  private void find(Rule rule, String pointer, String says) {
    findings.add(new Finding(rule, Page.of(pointer), Page.holder(pointer), pointer, says));
  }

  private void senders() {
    for (Map.Entry<String, Fixture> entry : mission.fixtures().entrySet()) {
      Fixture fixture = entry.getValue();
      String at = "/fixtures/" + entry.getKey() + "/uses/";
      for (Map.Entry<String, Use> use : mission.usesOf(fixture).entrySet()) {
        boolean own = fixture.uses().containsKey(use.getKey());
        String pointer =
            own
                ? at + use.getKey() + "/effect"
                : "/thingKinds/" + fixture.kind().id() + "/uses/" + use.getKey() + "/effect";
        effect(use.getValue().effect(), pointer);
        if (!use.getValue().byHand()) {
          plate(fixture, use.getValue().effect(), pointer);
        }
      }
    }
    for (Map.Entry<String, ThingKind> kind : mission.thingKinds().entrySet()) {
      if (kind.getValue().breaks() instanceof Breaks.WhenHarmed breaks) {
        effect(breaks.effect(), "/thingKinds/" + kind.getKey() + "/breaks/effect");
      }
    }
    mission.dealings().forEach((id, it) -> effect(it.effect(), "/dealings/" + id + "/effect"));
    mission.events().forEach((id, event) -> ScriptWalk.of(id, event, new Sentences()));
  }

  private void effect(Use.Effect effect, String pointer) {
    switch (effect) {
      case Use.SendsDeck sends -> sends(sends.deck(), sends.stop().value(), pointer);
      case Use.SendsDeckOn sends -> sends(sends.deck(), 1, pointer);
      default -> {}
    }
  }

  private void sends(Ref deck, double stop, String pointer) {
    sent.add(deck);
    if (!(mission.find(deck) instanceof Deck it)) {
      return;
    }
    int stops = it.moves() ? it.motion().stops().size() + 1 : 1;
    if (!it.moves()) {
      find(
          Rule.DECK_DOES_NOT_MOVE,
          pointer,
          it.name() + " is sent here, but stays: give it a second stop.");
    } else if (stop < 1 || stop > stops) {
      find(
          Rule.NO_SUCH_STOP,
          pointer,
          "%s is sent to stop %.0f, but its stops are 1 to %d.".formatted(it.name(), stop, stops));
    }
  }

  /** A plate on the deck that it sends is freed, and pressed again, by its going. */
  private void plate(Fixture fixture, Use.Effect effect, String pointer) {
    Ref deck =
        switch (effect) {
          case Use.SendsDeck sends -> sends.deck();
          case Use.SendsDeckOn sends -> sends.deck();
          default -> null;
        };
    int number = deck == null ? -1 : moving.of(under(fixture.level(), fixture.position()));
    if (number >= 0 && moving.ref(number).equals(deck)) {
      find(
          Rule.PLATE_ON_ITS_DECK,
          pointer,
          "%s lies on %s, which it sends: it goes on with everybody who steps on it, and cannot be"
                  .formatted(fixture.name(), mission.find(deck).name())
              + " called back from elsewhere. Lay it beside the stops, or have a lever send it.");
    }
  }

  private int under(Level level, Position at) {
    return decks.under(level, at);
  }

  /** What the script sends, and what it asks. */
  private final class Sentences implements ScriptWalk.Visitor {
    @Override
    public void condition(String pointer, Condition condition) {
      if (condition instanceof Condition.DeckAt at
          && at.stop() instanceof Amount.Number(double stop)
          && mission.find(at.deck()) instanceof Deck deck
          && stop > deck.motion().stops().size() + 1) {
        find(
            Rule.NO_SUCH_STOP,
            pointer,
            "%s is asked about stop %.0f, but its stops are 1 to %d."
                .formatted(deck.name(), stop, deck.motion().stops().size() + 1));
      }
    }

    @Override
    public void action(String pointer, Action action) {
      switch (action) {
        case Action.SendDeck send ->
            sends(
                send.deck(),
                send.stop() instanceof Amount.Number number ? number.value() : 1,
                pointer);
        case Action.SendDeckOn send -> sends(send.deck(), 1, pointer);
        default -> {}
      }
    }
  }

  private void sent(int number) {
    Ref ref = moving.ref(number);
    if (moving.motion(number).runs() == Deck.Runs.SENT && !sent.contains(ref)) {
      find(
          Rule.DECK_NEVER_SENT,
          "/decks/" + ref.id() + "/motion/runs",
          mission.find(ref).name() + " moves when it is sent, but no use and no event sends it.");
    }
  }

  private <T> void leftBehind(
      SortedMap<String, T> things, Family family, Function<T, Level> level) {
    things.forEach(
        (id, thing) -> {
          if (level.apply(thing) instanceof Level.OnDeck on
              && mission.find(on.deck()) instanceof Deck deck
              && deck.moves()) {
            find(
                Rule.STAYS_BEHIND,
                "/" + family.key() + "/" + id + "/level",
                "%s is built on %s, which moves: it stays where it is."
                    .formatted(mission.find(new Ref(family, id)).name(), deck.name()));
          }
        });
  }

  /** Whether something is in the way of a deck, or of people on it, between its stops. */
  private void way(int number) {
    Ref ref = moving.ref(number);
    Deck deck = (Deck) mission.find(ref);
    List<Position> points = points(deck);
    for (int stop = 2; stop <= moving.stops(number); stop++) {
      double from = moving.along(number, stop - 1);
      double to = moving.along(number, stop);
      int parts = Math.clamp((int) Math.floor((to - from) / FINE), 1, MOST);
      for (int part = 1; part <= parts; part++) {
        double along = from + (to - from) * part / parts;
        Position bad = meets(number, deck, points, along);
        if (bad != null) {
          report(ref, deck, stop, bad, moving.shift(number, along, 2));
          break;
        }
      }
    }
  }

  private void report(Ref ref, Deck deck, int stop, Position at, double up) {
    String where = "%.0f, %.0f at %.1f m".formatted(at.x(), at.y(), deck.top() + up);
    String what =
        ground.holds(at.x(), at.y())
            ? "meets something at %s, and goes no further.".formatted(where)
            : "leaves the map at %s.".formatted(where);
    find(
        Rule.DECK_COMES_UPON,
        "/decks/" + ref.id() + "/motion/stops",
        "%s, on its way to stop %d, %s".formatted(deck.name(), stop, what));
  }

  /** A point of a deck that meets something, so far along its way; null for none. */
  private Position meets(int number, Deck deck, List<Position> points, double along) {
    double east = moving.shift(number, along, 0);
    double north = moving.shift(number, along, 1);
    double top = deck.top() + moving.shift(number, along, 2);
    for (Position point : points) {
      Position at = new Position(point.x() + east, point.y() + north);
      boolean off = !ground.holds(at.x(), at.y());
      if (off || ground.heightAt(at.x(), at.y()) > top + SLACK || hung(number, at, top, deck)) {
        return at;
      }
    }
    return null;
  }

  private boolean hung(int number, Position at, double top, Deck deck) {
    for (int other : decks.around(at.x(), at.y())) {
      if (moving.of(other) != number && decks.over(other, at.x(), at.y())) {
        double its = decks.height(other, at.x(), at.y());
        boolean through =
            its > top - deck.thickness() + SLACK && its - decks.thickness(other) < top + TALL;
        if (through && Math.abs(its - top) > SLACK) {
          return true;
        }
      }
    }
    return false;
  }

  /** The middle of a deck, and points near its corners. */
  private static List<Position> points(Deck deck) {
    List<Position> corners = deck.corners().values().stream().map(Corner::position).toList();
    double x = corners.stream().mapToDouble(Position::x).average().orElse(0);
    double y = corners.stream().mapToDouble(Position::y).average().orElse(0);
    List<Position> points = new ArrayList<>(List.of(new Position(x, y)));
    for (Position at : corners) {
      points.add(new Position(x + (at.x() - x) * NEAR_RIM, y + (at.y() - y) * NEAR_RIM));
    }
    return points;
  }
}
