package org.flintmoss.simulation.carriage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.TrialMessage;
import org.junit.jupiter.api.Test;

/** Things that crack, break, drop what is in them and leave debris. */
class BreakablesTest {
  private static final int WHOLE = 0;
  private static final int CRACKED = 1;
  private static final int BROKEN = 2;

  private static final String DEBRIS =
      "{'type':'debris','look':%s}".formatted(ref("looks", "look-scattered"));
  private static final String NOTHING = "{'type':'nothing'}";

  private static String more(String effect, String... drops) {
    StringBuilder all = new StringBuilder();
    for (int i = 0; i < drops.length; i++) {
      all.append(i == 0 ? "" : ",").append("'d%d':%s".formatted(i, drops[i]));
    }
    return "'noise':30,'effect':%s,'drops':{%s}".formatted(effect, all);
  }

  private static String drop(String item, int count, double chance) {
    return "{'order':'a0','item':%s,'count':{'value':%d,'levels':{},'perPlayer':0},'chance':{'value':%s,'levels':{},'perPlayer':0}}"
        .formatted(ref("itemKinds", item), count, chance);
  }

  private static Stage jar(String leaves, String more) {
    return new Stage()
        .breakable("jar", 40, leaves, more)
        .prop("j", "jar", 64, 70, 0)
        .put("/starts/p/position", "{'x':64,'y':66}");
  }

  private static void hurt(World world, double points, HarmSort sort) {
    Inside.of(world).breakables.hurt(0, points, sort, -1, -1);
  }

  private static int kind(World world, String item) {
    return world.plan().actors().index(new Ref(Family.ITEM_KINDS, item));
  }

  /** How many items of a kind lie about. */
  private static int lies(World world, String item) {
    return world.read().heaps().stream()
        .filter(it -> it.kind() == kind(world, item))
        .mapToInt(it -> it.count())
        .sum();
  }

  @Test
  void itCracksFromHalfItsStrengthOnAndBreaksAtAllOfIt() {
    World world = jar(DEBRIS, more(NOTHING)).world(1);
    hurt(world, 19, HarmSort.HAND);
    assertThat(world.read().look(0)).isEqualTo(WHOLE);
    assertThat(world.read().left(0)).isEqualTo(52.5);
    hurt(world, 1, HarmSort.HAND);
    assertThat(world.read().look(0)).isEqualTo(CRACKED);
    hurt(world, 19, HarmSort.HAND);
    assertThat(world.read().look(0)).isEqualTo(CRACKED);
    hurt(world, 100, HarmSort.HAND);
    assertThat(world.read().look(0)).isEqualTo(BROKEN);
    assertThat(world.read().left(0)).isZero();
    assertThat(world.read().standing(0)).isEqualTo(Standing.THERE);
  }

  @Test
  void armourKeepsItsShareOffAndWhatIsBrokenIsHarmedNoMore() {
    World world = jar(DEBRIS, more(NOTHING)).world(1);
    hurt(world, 20, HarmSort.SHOT);
    assertThat(world.read().left(0)).isEqualTo(75);
    hurt(world, 20, HarmSort.BARE);
    assertThat(world.read().left(0)).isEqualTo(25);
    hurt(world, 20, HarmSort.BLAST);
    hurt(world, 20, HarmSort.BLAST);
    assertThat(world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.BROKE).count())
        .isOne();
  }

  @Test
  void wholeItBarsTheWayAndBrokenItDoesNot() {
    World world =
        jar(DEBRIS, more(NOTHING))
            .wall("west", 0, 70, 63.4, 70)
            .wall("east", 64.6, 70, 128, 70)
            .world(1);
    assertThat(world.read().canWalk(0, 64, 76)).isFalse();
    hurt(world, 40, HarmSort.BARE);
    Stage.steps(world, 1);
    Stage.steps(world, 1);
    assertThat(world.plan().obstacles().clear(64, 70, 0.4, 1.8, Inside.of(world).standings.all()))
        .isTrue();
  }

  @Test
  void debrisGoesAtItsStepAndOtherwiseStays() {
    String goes =
        "{'type':'debrisFor','look':%s,'seconds':2}".formatted(ref("looks", "look-scattered"));
    World world = jar(goes, more(NOTHING)).world(1);
    hurt(world, 40, HarmSort.BARE);
    Stage.steps(world, 39);
    assertThat(world.read().standing(0)).isEqualTo(Standing.THERE);
    Stage.steps(world, 1);
    assertThat(world.read().standing(0)).isEqualTo(Standing.GONE);
    World stays = jar(DEBRIS, more(NOTHING)).world(1);
    hurt(stays, 40, HarmSort.BARE);
    Stage.steps(stays, 200);
    assertThat(stays.read().standing(0)).isEqualTo(Standing.THERE);
  }

  @Test
  void nothingIsLeftOfWhatLeavesNothing() {
    World world = jar(NOTHING, more(NOTHING)).world(1);
    hurt(world, 40, HarmSort.BARE);
    assertThat(world.read().standing(0)).isEqualTo(Standing.GONE);
  }

  @Test
  void whatIsInItFallsOutSurelyOrByChanceTheSameForOneSeed() {
    World sure = jar(DEBRIS, more(NOTHING, drop("salve", 2, 100), drop("spade", 1, 0))).world(1);
    hurt(sure, 40, HarmSort.BARE);
    assertThat(lies(sure, "salve")).isEqualTo(2);
    assertThat(lies(sure, "spade")).isZero();
    Stage stage = jar(DEBRIS, more(NOTHING, drop("salve", 1, 30)));
    List<Integer> fell = new ArrayList<>();
    for (int seed = 0; seed < 200; seed++) {
      World world = stage.world(seed);
      hurt(world, 40, HarmSort.BARE);
      fell.add(lies(world, "salve"));
    }
    assertThat(IntStream.range(0, 200).map(fell::get).sum()).isBetween(40, 80);
    World again = stage.world(7);
    hurt(again, 40, HarmSort.BARE);
    assertThat(lies(again, "salve")).isEqualTo(fell.get(7));
  }

  @Test
  void aThingOfItsOwnDropsWhatItSaysInPlaceOfItsKinds() {
    World world =
        jar(DEBRIS, more(NOTHING, drop("salve", 2, 100)))
            .put("/props/j/drops/d0", drop("brass-key", 1, 100))
            .world(1);
    hurt(world, 40, HarmSort.BARE);
    assertThat(lies(world, "salve")).isZero();
    assertThat(lies(world, "brass-key")).isOne();
  }

  @Test
  void itsBreakingOpensAGateAndIsHeardAndHasACauser() {
    String opens = "{'type':'opens','gate':%s}".formatted(ref("gates", "g"));
    World world =
        jar(DEBRIS, more(opens))
            .gate("g", "closed", 20, 20, 24, 20)
            .put("/starts/p/position", "{'x':64,'y':68.8}")
            .put("/starts/p/facing", "0")
            .event(
                "broke",
                "{'type':'breaksThing','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'thing':%s}"
                    .formatted(ref("props", "j")),
                "{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'causer'}},'amount':{'type':'number','value':7}}")
            .world(1);
    world.step(List.of(new Command(0, new Input.Attack(2))));
    Stage.steps(world, 400);
    assertThat(world.read().look(0)).isEqualTo(BROKEN);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.OPEN);
    assertThat(Stage.fired(world, "broke")).hasSize(1);
    assertThat(world.read().health(0)).isEqualTo(93);
  }

  @Test
  void aPlayerWhoFacesAwayStrikesTheAir() {
    World world =
        jar(DEBRIS, more(NOTHING))
            .put("/starts/p/position", "{'x':64,'y':68.8}")
            .put("/starts/p/facing", "180")
            .world(1);
    world.step(List.of(new Command(0, new Input.Attack(2))));
    Stage.steps(world, 200);
    assertThat(world.read().left(0)).isEqualTo(100);
  }

  @Test
  void aBlastHarmsItByDistanceButNotBehindAWall() {
    String blast =
        "{'type':'blast','place':{'type':'point','position':{'x':64,'y':60}},'amount':{'type':'number','value':40},'radius':19}";
    World open = jar(DEBRIS, more(NOTHING)).event("bang", Stage.elapsed(1), blast).after(25);
    assertThat(open.read().left(0)).isEqualTo(50);
    World shielded =
        jar(DEBRIS, more(NOTHING))
            .wall("w", 50, 65, 78, 65)
            .event("bang", Stage.elapsed(1), blast)
            .after(25);
    assertThat(shielded.read().left(0)).isEqualTo(100);
  }

  @Test
  void mendedItIsWholeAgainAndCanBreakAgain() {
    World world = jar(NOTHING, more(NOTHING, drop("salve", 1, 100))).world(1);
    hurt(world, 40, HarmSort.BARE);
    Inside.of(world).breakables.mend(0, -1, -1);
    assertThat(world.read().standing(0)).isEqualTo(Standing.THERE);
    assertThat(world.read().look(0)).isEqualTo(WHOLE);
    assertThat(world.read().left(0)).isEqualTo(100);
    hurt(world, 40, HarmSort.BARE);
    assertThat(lies(world, "salve")).isEqualTo(2);
  }

  @Test
  void itIsTheSameAfterItWasSavedInBetween() {
    String goes =
        "{'type':'debrisFor','look':%s,'seconds':2}".formatted(ref("looks", "look-scattered"));
    World world = jar(goes, more(NOTHING)).world(1);
    World again = jar(goes, more(NOTHING)).world(1);
    hurt(world, 30, HarmSort.BARE);
    again.load(world.save());
    for (World it : List.of(world, again)) {
      hurt(it, 10, HarmSort.BARE);
      Stage.steps(it, 60);
    }
    assertThat(again.hash()).isEqualTo(world.hash());
    assertThat(again.read().standing(0)).isEqualTo(Standing.GONE);
  }

  @Test
  void playersAreToldHowMuchIsLeft() {
    World world = jar(DEBRIS, more(NOTHING)).world(1);
    PlayerFeed feed = new PlayerFeed(world, 0);
    feed.hello(Stage.HERE);
    hurt(world, 15, HarmSort.BARE);
    assertThat(feed.news())
        .contains(
            new TrialMessage.Things(
                Map.of("j", new TrialMessage.Otherwise(Standing.THERE, "look-plain", 63))));
  }
}
