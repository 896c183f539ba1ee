package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.script.Speech;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

class TalkTest {
  private static String say(double after, String id) {
    return after + "|{'type':'say','conversation':%s}".formatted(Stage.ref("conversations", id));
  }

  private static List<String> said(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.LINE)
        .map(it -> it.step() + " " + world.causes().words(it.ordinal()))
        .toList();
  }

  private static Stage scene() {
    Stage stage = new Stage();
    stage.speaker("mara", "{'type':'start','start':%s}".formatted(Stage.ref("starts", "p")));
    stage.speaker("bell", "{'type':'elsewhere'}");
    stage.talk("tale", "story", "mara", "one", "bell", "two");
    stage.talk("chat", "chatter", "bell", "idle", "bell", "talk");
    stage.talk("alarm", "urgent", "bell", "fire");
    return stage;
  }

  @Test
  void wordsTakeAsLongAsTheirNumberAtThePaceAndABreathAtEachStop() {
    // 8 words at 120 a minute are 4 s; two stops are 0.5 s.
    assertThat(Speech.seconds("The sea comes in, and nobody is ready.", 120))
        .isCloseTo(4.5, within(1e-12));
    assertThat(Speech.seconds("Run!", 240)).as("no line is shorter").isEqualTo(1.2);
    assertThat(Speech.seconds("", 120)).isEqualTo(1.2);
  }

  @Test
  void linesAreSaidInOrderWithTheirGaps() {
    World world = scene().event("e", Stage.elapsed(1), say(0, "tale")).world(1);
    Stage.steps(world, 25);
    assertThat(world.told().heard(0).text()).isEqualTo("one");
    Stage.steps(world, 17);
    assertThat(world.told().heard(0)).as("in the gap").isNull();
    Stage.steps(world, 60);
    assertThat(said(world)).containsExactly("20 one", "50 two");
    assertThat(world.told().heard(0)).isNull();
  }

  @Test
  void aLineIsSkippedWhenItsSpeakerIsDead() {
    Stage stage =
        scene()
            .event(
                "dies",
                Stage.elapsed(0.5),
                "0|{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'amount':{'type':'number','value':999}}")
            .event("e", Stage.elapsed(1), say(0, "tale"));
    assertThat(said(stage.after(100))).containsExactly("30 two");
  }

  @Test
  void theUrgentCutsInAndTheRestWaitsItsTurnTheWeightierFirst() {
    World world =
        scene()
            .event(
                "e",
                Stage.elapsed(1),
                say(0, "chat"),
                say(0.5, "tale"),
                say(0.5, "alarm"),
                say(0, "chat"))
            .after(200);
    assertThat(said(world)).containsExactly("20 idle", "30 one", "40 fire");
  }

  @Test
  void whatIsOfTheSameWeightWaitsAndEventsHearWhenItIsOver() {
    Stage stage = scene();
    stage.talk("second", "story", "bell", "three");
    String over =
        Stage.all(
            "{'type':'said','conversation':%s}".formatted(Stage.ref("conversations", "second")));
    stage.event("e", Stage.elapsed(1), say(0, "tale"), say(0, "second")).event("over", over);
    World world = stage.after(200);
    assertThat(said(world)).containsExactly("20 one", "50 two", "70 three");
    assertThat(Stage.fired(world, "over")).containsExactly(90);
  }
}
