package org.flintmoss.navigation;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.ground.Crossing.Manner;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.Crossings;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who gets where on The Gannet Stacks. */
class StacksTest {
  private static Mission mission;
  private static Land land;

  @BeforeAll
  static void load() {
    MissionFile file = Samples.demo("gannet-stacks");
    mission = file.mission();
    land = Land.of(mission, Ground.of(mission.setting().terrain(), file));
  }

  private static NavigationMap map(String kind, boolean player, double water) {
    Kind of = mission.kinds().get(kind);
    return NavigationMap.of(land, Mover.of(of, player), water);
  }

  private static boolean joined(NavigationMap map, double x, double y, double toX, double toY) {
    return map.joined(map.highest(x, y), x, y, Decks.ANY, toX, toY);
  }

  @ParameterizedTest
  @CsvSource({
    "lamp-lad, true, 146, 122, true",
    "keeper, true, 146, 122, true",
    "lamp-lad, true, 42, 104, true",
    "lamp-lad, false, 42, 104, false",
    "wrecker, false, 42, 104, false",
    "lamp-lad, true, 152, 66, false",
    "lamp-lad, true, 96, 50, true"
  })
  void fromTheBeach(String kind, boolean player, double x, double y, boolean reached) {
    assertThat(joined(map(kind, player, 0), 24, 27, x, y)).isEqualTo(reached);
  }

  @Test
  void theTideClosesTheSkerriesButNotTheFlue() {
    NavigationMap high = map("keeper", true, 1.4);
    assertThat(joined(high, 24, 27, 38, 75)).isFalse();
    assertThat(joined(map("keeper", true, 0), 24, 27, 38, 75)).isTrue();
    assertThat(joined(high, 24, 27, 96, 50)).isTrue();
  }

  @Test
  void theFlueIsCrawledThrough() {
    NavigationMap map = map("lamp-lad", true, 0);
    assertThat(map.upright(Decks.GROUND, 80, 52.7)).isFalse();
    assertThat(map.bears(Decks.GROUND, 80, 52.7)).isTrue();
    Mover upright = new Mover(new Moves.Walker(0.7, true, 35, 0, 0, 0, 0), 0.4, 1.7, true);
    NavigationMap walks = NavigationMap.of(land, upright, 0);
    assertThat(joined(walks, 70, 43, 96, 50)).as("upright").isFalse();
  }

  @Test
  void theLedgesOfTheHighStackLeadDownAndNotUp() {
    NavigationMap map = map("lamp-lad", true, 0);
    int north = map.highest(136.2, 138.3);
    assertThat(land.decks().name(north)).isEqualTo("North ledge");
    Reach down = Reach.from(map, Decks.GROUND, 146, 122, 1.7);
    assertThat(down.seconds(north, 136.2, 138.3)).isFinite();
    assertThat(leads(map, Decks.GROUND, north)).isTrue();
    assertThat(leads(map, north, Decks.GROUND)).isFalse();
  }

  private static boolean leads(NavigationMap map, int from, int to) {
    return map.graph()
        .crossings()
        .all()
        .map(Crossings.Ended::link)
        .anyMatch(it -> it.deck() == from && it.toDeck() == to);
  }

  @Test
  void theBrokenSpanIsLeaptBothWaysAndTheGatherersPlankByTheLadAlone() {
    assertThat(leaps(map("keeper", true, 0), "Broken span", "High gallery")).isTrue();
    assertThat(leaps(map("keeper", true, 0), "High gallery", "Broken span")).isTrue();
    String plank = "Gatherers’ plank";
    String far = "Gatherers’ far plank";
    assertThat(leaps(map("lamp-lad", true, 0), plank, far)).isTrue();
    assertThat(leaps(map("keeper", true, 0), plank, far)).isFalse();
  }

  private static boolean leaps(NavigationMap map, String from, String to) {
    return map.graph()
        .crossings()
        .all()
        .map(Crossings.Ended::link)
        .filter(it -> it.manner() == Manner.LEAP && it.deck() > 0 && it.toDeck() > 0)
        .anyMatch(
            it ->
                land.decks().name(it.deck()).equals(from)
                    && land.decks().name(it.toDeck()).equals(to));
  }
}
