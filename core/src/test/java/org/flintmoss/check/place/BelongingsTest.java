package org.flintmoss.check.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.mission.ground.Fixture;
import org.junit.jupiter.api.Test;

/** What is found about items. */
class BelongingsTest {
  private static List<String> about(Stage stage, String pointer) {
    return Checks.of(stage.document(), stage.mission(), stage.ground()).stream()
        .filter(it -> it.pointer().equals(pointer))
        .map(Finding::says)
        .toList();
  }

  @Test
  void whatNobodyCanCarryIsFoundWithWhatTheyCan() {
    Stage stage = new Stage().put("/itemKinds/spade/mass", "30.5");
    assertThat(about(stage, "/itemKinds/spade/mass"))
        .containsExactly(
            "Nobody can carry Spade: it weighs 30.5 kg, and nobody in the catalogue carries more than 30 kg.");
    assertThat(about(stage.put("/kinds/keeper/load", "31"), "/itemKinds/spade/mass")).isEmpty();
  }

  @Test
  void whatIsSetDownIsLoose() {
    Stage stage =
        new Stage()
            .loose("box", 0.4, 0.8, 30)
            .put(
                "/itemKinds/spade/use",
                "{'type':'setsDown','thingKind':" + ref("thingKinds", "box") + "}");
    assertThat(about(stage, "/itemKinds/spade/use")).isEmpty();
    assertThat(about(stage.put("/thingKinds/box/hold", "{'type':'fast'}"), "/itemKinds/spade/use"))
        .containsExactly(
            "Spade sets down nothing: box stays where it is. Make that loose, or choose another.");
  }

  @Test
  void whatLiesInDeepWaterIsFound() {
    Stage stage = new Stage().item("oil", "lamp-oil", 64, 80, 1);
    assertThat(about(stage, "/items/oil/position")).isEmpty();
    assertThat(about(stage.put("/setting/waterLevel", "9"), "/items/oil/position"))
        .containsExactly("oil lies where nobody can stand to take it up.");
  }

  private static Stage asking() {
    return new Stage()
        .lever("l", 64, 65, 0, "{'type':'nothing'}")
        .put(
            "/fixtures/l/uses/u1/needs",
            "{'type':'holding','item':%s,'count':1}".formatted(ref("itemKinds", "spade")));
  }

  @Test
  void aNeedThatNothingMeetsIsFoundUntilSomethingDoes() {
    String at = "/fixtures/l/uses/u1/needs";
    assertThat(about(asking(), at))
        .containsExactly(
            "l asks for Spade, which nobody has, lies nowhere and is given by nothing.");
    assertThat(about(asking().item("s", "spade", 60, 60, 1), at)).isEmpty();
    assertThat(about(asking().packs("starts", "p", "spade", 1), at)).isEmpty();
    String players = "{'quantifier':{'type':'all'},'whom':{'type':'players'}}";
    String spade = ",'count':" + value(1) + ",'itemKind':" + ref("itemKinds", "spade") + "}";
    String give = "{'type':'give','who':" + players + spade;
    assertThat(about(asking().event("e", Stage.elapsed(1), give), at)).isEmpty();
    String take = give.replace("'give'", "'takeAway'");
    assertThat(about(asking().event("e", Stage.elapsed(1), take), at)).hasSize(1);
    Stage chest =
        asking()
            .put(
                "/fixtures/l/uses/v",
                "{'order':'a2','verb':'Search','seconds':1,'times':1,'noise':%s,'effect':{'type':'nothing'},'gives':{'type':'items','item':%s,'count':1}}"
                    .formatted(Fixture.REACH, ref("itemKinds", "spade")));
    assertThat(about(chest, at)).isEmpty();
  }
}
