package org.flintmoss.check.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;

class LoadChecksTest {
  private static final List<Rule> OURS =
      List.of(
          Rule.STANDS_ON_NOTHING,
          Rule.NOBODY_LIFTS_IT,
          Rule.NOT_CARRIED,
          Rule.NOT_LOOSE,
          Rule.TOO_MANY_BROUGHT_FORTH);

  private static List<Finding> found(Stage stage) {
    Mission mission = stage.mission();
    Ground ground = Ground.of(mission.setting().terrain(), _ -> java.util.Optional.empty());
    return Checks.of(stage.document(), mission, ground).stream()
        .filter(it -> OURS.contains(it.rule()))
        .toList();
  }

  private static Stage stage() {
    return new Stage()
        .put("/kinds/keeper/pushes", "120")
        .loose("box", 0.5, 1, 40)
        .prop("low", "box", 60, 60, 0)
        .prop("up", "box", 60.2, 60, 0)
        .atop("props/up", "props/low");
  }

  @Test
  void aStackThatStandsIsSound() {
    assertThat(found(stage())).isEmpty();
  }

  @Test
  void whatIsNotOverWhatItStandsOnIsFound() {
    List<Finding> found = found(stage().put("/props/up/position/x", "62"));
    assertThat(found).extracting(Finding::rule).containsExactly(Rule.STANDS_ON_NOTHING);
    assertThat(found.getFirst().pointer()).isEqualTo("/props/up/atop");
    assertThat(found.getFirst().says()).startsWith("up is to stand on low");
  }

  @Test
  void aRingOfThingsAndATowerOfTwoHundredAreFoundAndBegin() {
    Stage ring = stage().atop("props/low", "props/up");
    assertThat(found(ring)).extracting(Finding::rule).contains(Rule.STANDS_ON_NOTHING);
    ring.world(1).step(List.of());
    Stage tower = stage();
    for (int storey = 0; storey < 200; storey++) {
      tower
          .prop("t" + storey, "box", 60, 60, 0)
          .atop("props/t" + storey, storey == 0 ? "props/up" : "props/t" + (storey - 1));
    }
    assertThat(found(tower)).extracting(Finding::rule).contains(Rule.STANDS_ON_NOTHING);
    tower.world(1).step(List.of());
  }

  @Test
  void whatNobodyLiftsIsFound() {
    Stage heavy = stage().put("/thingKinds/box/hold/carried", "'two'");
    assertThat(found(heavy)).isEmpty();
    heavy.put("/thingKinds/box/hold/mass", "121");
    assertThat(found(heavy)).extracting(Finding::rule).containsExactly(Rule.NOBODY_LIFTS_IT);
  }

  @Test
  void whatIsAskedOfThingsThatStayOrAreNotCarriedIsFoundWhereItIsSaid() {
    String low = ref("props", "low");
    Stage stage =
        stage()
            .prop("fast", "crate", 70, 60, 0)
            .event(
                "e",
                Stage.all("{'type':'thingCarried','thing':%s}".formatted(low)),
                "{'type':'fling','thing':%s,'place':{'type':'point','position':{'x':40,'y':30}},'speed':2,'rise':2}"
                    .formatted(ref("props", "fast")));
    assertThat(found(stage))
        .extracting(it -> it.rule() + " " + it.pointer())
        .containsExactly(
            "NOT_CARRIED /events/e/when/parts/c0/condition/thing",
            "NOT_LOOSE /events/e/actions/l0/action/thing");
  }

  @Test
  void whatAZoneCannotBringForthAndWhatIsTooMuchIsFound() {
    String pinned = "{'value':%s,'levels':{},'perPlayer':0}";
    String work = "{'type':'bringsForth','thingKind':%s,'every':%s,'most':%s,'total':%s}";
    Stage stage =
        stage()
            .zone("z", 30, 30, 3)
            .does(
                "z",
                "a",
                work.formatted(
                    ref("thingKinds", "crate"),
                    pinned.formatted(1),
                    pinned.formatted(5),
                    pinned.formatted(9)));
    assertThat(found(stage)).extracting(Finding::rule).containsExactly(Rule.NOT_LOOSE);
    Stage many = stage();
    for (int zone = 0; zone < 11; zone++) {
      many.zone("z" + zone, 30, 30 + zone, 3)
          .does(
              "z" + zone,
              "a",
              work.formatted(
                  ref("thingKinds", "box"),
                  pinned.formatted(1),
                  pinned.formatted(200),
                  pinned.formatted(9)));
    }
    assertThat(found(many)).extracting(Finding::rule).containsExactly(Rule.TOO_MANY_BROUGHT_FORTH);
  }
}
