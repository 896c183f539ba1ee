package org.flintmoss.simulation.carriage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.TrialMessage;
import org.junit.jupiter.api.Test;

/**
 * Fixtures whose look changes by use: what is offered then, what stands in the way, for how long.
 */
class LooksTest {
  private static final int SHUT = 0;
  private static final int OPEN = 1;

  /**
   * A wall from edge to edge through the middle with a door of 1.2 m, and the player south of it.
   */
  private static Stage door() {
    return new Stage()
        .wall("west", 0, 64, 63.4, 64)
        .wall("east", 64.6, 64, 128, 64)
        .fixture("door", "door-kind", 64, 64, 0)
        .put("/thingKinds/door-kind/uses/u1/passing", "false")
        .put("/starts/p/position", "{'x':64,'y':63}")
        .put("/starts/p/facing", "0");
  }

  private static void use(World world, int seat, int slot) {
    world.step(List.of(new Command(seat, new Input.Use(slot))));
  }

  private static List<String> verbs(World world, int unit) {
    return world.read().offers(unit).stream().map(Readings.Offer::verb).toList();
  }

  @Test
  void aDoorOpensAndShutsByItsUsesOfWhichOneIsOfferedAtATime() {
    World world = door().world(1);
    assertThat(verbs(world, 0)).containsExactly("Open");
    assertThat(world.read().canWalk(0, 64, 70)).isFalse();
    use(world, 0, 1);
    Stage.steps(world, 19);
    assertThat(world.read().look(0)).isEqualTo(SHUT);
    Stage.steps(world, 1);
    assertThat(world.read().look(0)).isEqualTo(OPEN);
    assertThat(verbs(world, 0)).containsExactly("Shut");
    assertThat(world.read().canWalk(0, 64, 70)).isTrue();
    use(world, 0, 1);
    Stage.steps(world, 20);
    assertThat(world.read().look(0)).isEqualTo(SHUT);
    assertThat(world.read().canWalk(0, 64, 70)).isFalse();
  }

  @Test
  void aDoorIsNotShutOnWhoStandsInIt() {
    World world = door().put("/starts/p/position", "{'x':64,'y':64}").world(1);
    Inside.of(world).standings.turn(0, look(world, "look-open"), -1, -1);
    Stage.steps(world, 1);
    assertThat(verbs(world, 0)).isEmpty();
    world.step(List.of(new Command(0, new Input.Go(64, 66))));
    Stage.steps(world, 40);
    assertThat(verbs(world, 0)).containsExactly("Shut");
  }

  private static int look(World world, String id) {
    return world.plan().actors().index(new Ref(Family.LOOKS, id));
  }

  @Test
  void whatIsBeyondAShutDoorIsNotSeen() {
    Stage stage =
        door().unit("w", "wreckers", "wrecker", 64, 70).put("/units/w/order", "{'type':'stay'}");
    World world = stage.world(1);
    Stage.steps(world, 2);
    assertThat(world.read().sees(0, 1)).isFalse();
    use(world, 0, 1);
    Stage.steps(world, 22);
    assertThat(world.read().look(0)).isEqualTo(OPEN);
    assertThat(world.read().sees(0, 1)).isTrue();
  }

  @Test
  void aUseThatTakesTimeIsBrokenOffByWalking() {
    World world = door().world(1);
    use(world, 0, 1);
    Stage.steps(world, 10);
    world.step(List.of(new Command(0, new Input.Steer(0, -1))));
    Stage.steps(world, 40);
    assertThat(world.read().look(0)).isEqualTo(SHUT);
  }

  /** A door whose one use opens it for two seconds. */
  private static Stage sprung() {
    return door()
        .put(
            "/fixtures/door/uses/u1",
            "{'order':'a0','verb':'Push','seconds':0,'times':0,'noise':0,'offered':{'type':'always'},'turns':{'type':'intoFor','look':%s,'seconds':{'value':2,'levels':{},'perPlayer':0}}}"
                .formatted(ref("looks", "look-open")));
  }

  @Test
  void whatLooksOtherwiseForAWhileGoesBackAtTheStep() {
    World world = sprung().world(1);
    use(world, 0, 1);
    assertThat(world.read().look(0)).isEqualTo(OPEN);
    Stage.steps(world, 39);
    assertThat(world.read().look(0)).isEqualTo(OPEN);
    Stage.steps(world, 1);
    assertThat(world.read().look(0)).isEqualTo(SHUT);
  }

  @Test
  void usedAgainMeanwhileTheTimeBeginsAnewAndItStillGoesBackToWhatItWas() {
    World world = sprung().world(1);
    use(world, 0, 1);
    Stage.steps(world, 20);
    use(world, 0, 1);
    Stage.steps(world, 39);
    assertThat(world.read().look(0)).isEqualTo(OPEN);
    Stage.steps(world, 1);
    assertThat(world.read().look(0)).isEqualTo(SHUT);
    Stage.steps(world, 100);
    assertThat(world.read().look(0)).isEqualTo(SHUT);
  }

  @Test
  void aScriptThatSetsTheLookEndsTheWhile() {
    World world =
        sprung()
            .event(
                "keep",
                Stage.elapsed(1),
                "{'type':'letLook','thing':%s,'look':%s}"
                    .formatted(ref("fixtures", "door"), ref("looks", "look-open")))
            .world(1);
    use(world, 0, 1);
    Stage.steps(world, 100);
    assertThat(world.read().look(0)).isEqualTo(OPEN);
  }

  @Test
  void aLookThatItsKindDoesNotHaveChangesNothing() {
    World world =
        door()
            .event(
                "wrong",
                Stage.elapsed(1),
                "{'type':'letLook','thing':%s,'look':%s}"
                    .formatted(ref("fixtures", "door"), ref("looks", "look-dug")))
            .after(40);
    assertThat(world.read().look(0)).isEqualTo(SHUT);
  }

  @Test
  void itIsTheSameAfterItWasSavedInBetween() {
    World world = sprung().world(1);
    World again = sprung().world(1);
    use(world, 0, 1);
    Stage.steps(world, 10);
    again.load(world.save());
    Stage.steps(world, 60);
    Stage.steps(again, 60);
    assertThat(again.hash()).isEqualTo(world.hash());
    assertThat(again.read().look(0)).isEqualTo(SHUT);
  }

  private static Stage salve(String counted) {
    return new Stage()
        .put(
            "/starts/q",
            "{'name':'q','side':%s,'kind':%s,'position':{'x':64,'y':63},'facing':0,'order':'b0','empty':'companion'}"
                .formatted(ref("sides", "keepers"), ref("kinds", "keeper")))
        .put("/starts/p/position", "{'x':63,'y':63}")
        .fixture("l", "lever-kind", 64, 64, 0)
        .put(
            "/fixtures/l/uses/u1",
            "{'order':'a0','verb':'Take','seconds':0,'times':1,'noise':0,'counted':'%s','gives':{'type':'items','item':%s,'count':{'value':1,'levels':{},'perPlayer':0}}}"
                .formatted(counted, ref("itemKinds", "salve")));
  }

  @Test
  void onceForAllIsOnceAndOnceForEachIsOnceForEachPlayer() {
    World all = salve("all").world(1);
    use(all, 0, 1);
    assertThat(verbs(all, 0)).isEmpty();
    assertThat(verbs(all, 1)).isEmpty();
    World each = salve("each").world(1);
    use(each, 0, 1);
    assertThat(verbs(each, 0)).isEmpty();
    assertThat(verbs(each, 1)).containsExactly("Take");
    use(each, 1, 1);
    assertThat(verbs(each, 1)).isEmpty();
  }

  @Test
  void aUseForOneSideIsNotOfferedToOthers() {
    World world =
        door()
            .put(
                "/fixtures/door/uses/u1",
                "{'order':'a0','verb':'Open','seconds':0,'times':0,'noise':0,'open':{'type':'side','side':%s},'turns':{'type':'into','look':%s}}"
                    .formatted(ref("sides", "wreckers"), ref("looks", "look-open")))
            .world(1);
    assertThat(verbs(world, 0)).isEmpty();
  }

  @Test
  void whatGoesByItsUseIsGoneAndOffersNothing() {
    World world =
        door()
            .put(
                "/fixtures/door/uses/u1",
                "{'order':'a0','verb':'Lift out','seconds':0,'times':0,'noise':0,'turns':{'type':'goes'}}")
            .world(1);
    use(world, 0, 1);
    assertThat(world.read().standing(0)).isEqualTo(Standing.GONE);
    assertThat(verbs(world, 0)).isEmpty();
    assertThat(world.read().canWalk(0, 64, 70)).isTrue();
  }

  @Test
  void aThingThatIsAwayAtFirstIsInNobodysWayUntilTheScriptPutsItThere() {
    World world =
        door()
            .put("/fixtures/door/stands", "'gone'")
            .event(
                "hang",
                Stage.elapsed(1),
                "{'type':'letStand','thing':%s,'stands':'there'}"
                    .formatted(ref("fixtures", "door")))
            .world(1);
    assertThat(world.read().canWalk(0, 64, 70)).isTrue();
    assertThat(verbs(world, 0)).isEmpty();
    Stage.steps(world, 20);
    assertThat(world.read().canWalk(0, 64, 70)).isFalse();
    assertThat(verbs(world, 0)).containsExactly("Open");
  }

  @Test
  void aThingThatNobodyEverPutsThereCostsNothing() {
    World world =
        door()
            .put("/fixtures/door/stands", "'gone'")
            .put(
                "/fixtures/door/uses/u1",
                "{'order':'a0','verb':'Look','seconds':0,'times':0,'noise':0}")
            .put(
                "/fixtures/door/uses/u2",
                "{'order':'a1','verb':'Look','seconds':0,'times':0,'noise':0}")
            .world(1);
    assertThat(Inside.of(world).standings.all().changing()).isZero();
    assertThat(world.read().canWalk(0, 64, 70)).isTrue();
  }

  @Test
  void aLampThatLooksLitShowsWhoStandsByItAtNight() {
    Stage stage =
        new Stage()
            .fixture("lamp", "lamp-kind", 64, 66, 0)
            .put("/starts/p/position", "{'x':64,'y':65}")
            .put("/setting/startTime", "7200");
    World world = stage.world(1);
    assertThat(Inside.of(world).effects.light(0, 64, 73)).isZero();
    use(world, 0, 1);
    Stage.steps(world, 20);
    assertThat(Inside.of(world).effects.light(0, 64, 73)).isEqualTo(0.5);
    assertThat(Inside.of(world).effects.light(0.8, 64, 73)).isEqualTo(0.8);
    use(world, 0, 1);
    Stage.steps(world, 10);
    assertThat(Inside.of(world).effects.light(0, 64, 73)).isZero();
  }

  @Test
  void whatAUseTellsIsToldToWhoMadeItAlone() {
    World world = salve("each").fixture("n", "notice-kind", 64, 62.5, 0).world(1);
    PlayerFeed reader = new PlayerFeed(world, 1);
    PlayerFeed other = new PlayerFeed(world, 0);
    use(world, 1, 1);
    TrialMessage reads = new TrialMessage.Reads(1, "n", "By order of the harbour reeve.");
    assertThat(reader.news()).contains(reads);
    assertThat(other.news()).doesNotContain(reads);
    assertThat(reader.news()).noneMatch(TrialMessage.Reads.class::isInstance);
  }
}
