package org.flintmoss.simulation.arrival;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Zones bring forth loose things and take them out of play. */
class SourcesTest {
  private static final String PINNED = "{'value':%s,'levels':{},'perPlayer':0}";

  private static String bringsForth(double every, int most, int total) {
    return "{'type':'bringsForth','thingKind':%s,'every':%s,'most':%s,'total':%s}"
        .formatted(
            Stage.ref("thingKinds", "cask"),
            PINNED.formatted(every),
            PINNED.formatted(most),
            PINNED.formatted(total));
  }

  /** A zone at 40, 60 in which casks of 60 kg come. */
  private static Stage stage(double every, int most, int total) {
    return new Stage()
        .start("p", 100, 100)
        .loose("cask", 0.4, 0.8, 60)
        .zone("mouth", 40, 60, 2)
        .does("mouth", "a", bringsForth(every, most, total));
  }

  /** A push of loose things to the east. */
  private static Stage pushes(Stage stage, String zone, double speed) {
    return stage.does(
        zone,
        "b",
        "{'type':'pushes','what':'things','bearing':90,'speed':%s,'rise':0}".formatted(speed));
  }

  /** The same over 18 m about a point east of where they come. */
  private static Stage belt(Stage stage, double speed) {
    return pushes(stage.zone("belt", 55, 60, 18), "belt", speed);
  }

  private static List<Integer> came(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.BROUGHT_FORTH)
        .map(Causes.Entry::step)
        .toList();
  }

  private static List<Integer> there(World world) {
    return IntStream.range(0, world.plan().things().many())
        .filter(it -> world.read().standing(it) == Standing.THERE)
        .boxed()
        .toList();
  }

  @Test
  void theFirstComesAtOnceAndTheNextOnlyWhereThereIsRoom() {
    World world = stage(2, 5, 1000).world(1);
    assertThat(there(world)).isEmpty();
    Stage.steps(world, 1);
    assertThat(came(world)).containsExactly(1);
    Stage.steps(world, 200);
    assertThat(came(world)).as("it lies where the next would come").containsExactly(1);
  }

  @Test
  void oneAfterTheOtherComesInItsTimeWhileTheyAreCarriedOff() {
    World world = belt(stage(2, 20, 1000), 1).world(1);
    Stage.steps(world, 201);
    // Every 2 s, which are 40 steps; pushed at 1 m/s the last is 2 m off by then.
    assertThat(came(world)).containsExactly(1, 41, 81, 121, 161, 201);
  }

  @Test
  void noMoreThanSoManyAreThereAtOnceAndAPlaceThatIsFreeIsTakenAgain() {
    World world = belt(stage(1, 3, 1000), 2).world(1);
    Stage.steps(world, 200);
    assertThat(came(world)).containsExactly(1, 21, 41);
    assertThat(there(world)).hasSize(3);
    World swept =
        belt(stage(1, 3, 1000), 2)
            .zone("sink", 48, 60, 2)
            .does("sink", "a", "{'type':'clearsAway','what':'things','trace':'none'}")
            .world(1);
    Stage.steps(swept, 400);
    assertThat(came(swept)).hasSizeGreaterThan(6);
    assertThat(there(swept)).hasSizeLessThanOrEqualTo(3);
    assertThat(swept.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.SWEPT))
        .hasSize(came(swept).size() - there(swept).size());
  }

  @Test
  void whatIsInThemIsLeftWhereAZoneLeavesIt() {
    for (String trace : List.of("none", "pack")) {
      World world =
          belt(stage(1, 3, 1000), 2)
              .put(
                  "/thingKinds/cask/breaks",
                  "{'type':'harmed','strength':%1$s,'armour':{'hand':0,'shot':0,'blast':0,'fire':0},'cracks':{'type':'unmarked'},'leaves':{'type':'nothing'},'noise':0,'effect':{'type':'nothing'},'drops':{'d':{'order':'a0','item':%2$s,'count':%3$s,'chance':%4$s}}}"
                      .formatted(
                          PINNED.formatted(10),
                          Stage.ref("itemKinds", "salve"),
                          PINNED.formatted(2),
                          PINNED.formatted(100)))
              .zone("sink", 48, 60, 2)
              .does(
                  "sink",
                  "a",
                  "{'type':'clearsAway','what':'things','trace':'%s'}".formatted(trace))
              .world(1);
      Stage.steps(world, 120);
      assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.SWEPT);
      assertThat(world.read().heaps().isEmpty()).as(trace).isEqualTo(trace.equals("none"));
    }
  }

  @Test
  void noMoreThanSoManyComeInAll() {
    World world = belt(stage(1, 20, 4), 2).world(1);
    Stage.steps(world, 400);
    assertThat(came(world)).containsExactly(1, 21, 41, 61);
  }

  @Test
  void nothingComesWhileTheZoneDoesNotAct() {
    World world =
        pushes(stage(1, 20, 1000), "mouth", 2)
            .put("/zones/mouth/does/a/when", Stage.all(Stage.elapsed(3)))
            .world(1);
    Stage.steps(world, 60);
    assertThat(came(world)).isEmpty();
    Stage.steps(world, 2);
    assertThat(came(world)).containsExactly(61);
  }

  @Test
  void nobodyIsBuriedWhoStandsThere() {
    World world = stage(1, 5, 1000).put("/starts/p/position", "{'x':40,'y':60}").world(1);
    Stage.steps(world, 100);
    assertThat(came(world)).isEmpty();
  }

  @Test
  void whatStaysIsNotBroughtForth() {
    World world = stage(1, 5, 1000).put("/thingKinds/cask/hold", "{'type':'fast'}").world(1);
    Stage.steps(world, 40);
    assertThat(came(world)).isEmpty();
    assertThat(there(world)).isEmpty();
  }

  @Test
  void moreThanThereArePlacesForStayAway() {
    Stage stage = stage(1, 200, 1000);
    for (int zone = 0; zone < 12; zone++) {
      stage.zone("z" + zone, 20 + 6 * zone, 20, 2).does("z" + zone, "a", bringsForth(1, 200, 1000));
    }
    World world = stage.world(1);
    assertThat(world.plan().movables().many()).isEqualTo(2000);
    Stage.steps(world, 2);
    assertThat(came(world)).hasSize(10);
  }

  @Test
  void whatHasComeIsThereAfterSavingAndLoading() {
    World world = pushes(stage(1, 6, 1000), "mouth", 2).world(1);
    Stage.steps(world, 50);
    World loaded = pushes(stage(1, 6, 1000), "mouth", 2).world(1);
    loaded.load(world.save());
    Stage.steps(world, 100);
    Stage.steps(loaded, 100);
    assertThat(loaded.hash()).isEqualTo(world.hash());
    assertThat(there(loaded)).isEqualTo(there(world));
  }
}
