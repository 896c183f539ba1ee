package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Deck;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;

/** What is found about decks, their openings and their ramps. */
final class DeckChecks {
  /** How far the head of a ramp may lie off the rim that it hangs on, metres. */
  private static final double OFF = 0.5;

  private final Mission mission;
  private final Ground ground;
  private final Decks decks;
  private final List<Finding> findings = new ArrayList<>();

  DeckChecks(Mission mission, Ground ground, Decks decks) {
    this.mission = mission;
    this.ground = ground;
    this.decks = decks;
  }

  List<Finding> findings() {
    int number = 0;
    int ramp = mission.decks().size();
    for (Map.Entry<String, Deck> it : mission.decks().entrySet()) {
      CalledOff.check();
      deck(it.getKey(), it.getValue(), ++number);
      for (Map.Entry<String, Deck.Ramp> of : Ordered.sort(it.getValue().ramps())) {
        ramp(it.getKey(), it.getValue(), number, of, ++ramp);
      }
    }
    return findings;
  }

  private void find(Rule rule, String id, String pointer, String says) {
    Ref ref = new Ref(Family.DECKS, id);
    findings.add(new Finding(rule, Page.GROUND, ref, "/decks/" + id + pointer, says));
  }

  private void deck(String id, Deck deck, int number) {
    if (deck.corners().size() < 3) {
      find(
          Rule.DECK_WITHOUT_OUTLINE,
          id,
          "/corners",
          deck.name() + " needs three corners to be there.");
      return;
    }
    boolean buried =
        deck.corners().values().stream()
            .map(corner -> corner.position())
            .allMatch(at -> ground.heightAt(at.x(), at.y()) > decks.height(number, at.x(), at.y()));
    if (buried) {
      find(
          Rule.DECK_UNDER_GROUND,
          id,
          "/top",
          deck.name() + " lies under the ground at every corner; raise its top.");
    }
    deck.openings()
        .forEach(
            (key, opening) -> {
              if (opening.corners().size() < 3) {
                String says = "An opening of %s needs three corners to be there.";
                find(
                    Rule.OPENING_WITHOUT_OUTLINE,
                    id,
                    "/openings/" + key,
                    says.formatted(deck.name()));
              }
            });
  }

  private void ramp(
      String id, Deck deck, int number, Map.Entry<String, Deck.Ramp> of, int platform) {
    Deck.Ramp ramp = of.getValue();
    String pointer = "/ramps/" + of.getKey();
    String what = ramp.tread() == Deck.Tread.STAIRS ? "The stairs" : "The ramp";
    if (decks.toRim(number, ramp.head().x(), ramp.head().y()) > OFF) {
      find(
          Rule.RAMP_ENDS_NOWHERE,
          id,
          pointer,
          "%s of %s: no rim of it lies at the upper end. Drag that end onto one."
              .formatted(what, deck.name()));
      return;
    }
    double rise = decks.gradient(platform);
    boolean climbed =
        mission.kinds().values().stream().anyMatch(kind -> decks.climbed(platform, tangent(kind)));
    if (!climbed && !mission.kinds().isEmpty()) {
      find(
          Rule.RAMP_TOO_STEEP,
          id,
          pointer,
          "%s of %s: %.0f degrees are too steep for everybody. Drag the foot farther out."
              .formatted(what, deck.name(), StrictMath.toDegrees(StrictMath.atan(rise))));
    }
  }

  private static double tangent(Kind kind) {
    return StrictMath.tan(StrictMath.toRadians(Mover.of(kind).slope()));
  }
}
