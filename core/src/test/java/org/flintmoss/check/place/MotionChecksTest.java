package org.flintmoss.check.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;

/** What is found about decks that move. */
class MotionChecksTest {
  private static final String SENDS_ON =
      "{'type':'sendsDeckOn','deck':%s}".formatted(Stage.ref("decks", "lift"));

  private static String sends(int stop) {
    return "{'type':'sendsDeck','deck':%s,'stop':{'value':%d,'levels':{},'perPlayer':0}}"
        .formatted(Stage.ref("decks", "lift"), stop);
  }

  /** A lift that rises from just above the ground at 5 m to 8.2 m, and a lever beside it. */
  private static Stage lift(String effect) {
    return new Stage()
        .start("p", 50, 50)
        .deck("lift", 5.2, 0, 0, 58, 58, 62, 58, 62, 62, 58, 62)
        .put("/decks/lift/thickness", "0.1")
        .stop("lift", "a1", 0, 0, 3)
        .lever("l", 56, 60, 0, effect);
  }

  private static List<Finding> found(Stage stage, Rule rule) {
    return all(stage).stream().filter(it -> it.rule() == rule).toList();
  }

  private static List<Finding> all(Stage stage) {
    Mission mission = stage.mission();
    Ground ground = Ground.of(mission.setting().terrain(), _ -> Optional.empty());
    return Checks.of(stage.document(), mission, ground);
  }

  @Test
  void aLiftWithNothingInItsWayIsFine() {
    assertThat(all(lift(SENDS_ON)))
        .extracting(Finding::rule)
        .doesNotContain(
            Rule.DECK_COMES_UPON,
            Rule.DECK_NEVER_SENT,
            Rule.DECK_DOES_NOT_MOVE,
            Rule.NO_SUCH_STOP,
            Rule.PLATE_ON_ITS_DECK,
            Rule.STAYS_BEHIND);
  }

  @Test
  void aFloorBesideWhereItStopsIsNoCeiling() {
    Stage beside = lift(SENDS_ON).deck("floor", 8.2, 0, 0, 62, 58, 70, 58, 70, 62, 62, 62);
    assertThat(found(beside, Rule.DECK_COMES_UPON)).isEmpty();
  }

  @Test
  void aLiftThroughACeilingIsFoundWithItsPlace() {
    Stage under = lift(SENDS_ON).deck("floor", 8, 0, 0, 50, 50, 70, 50, 70, 70, 50, 70);
    assertThat(found(under, Rule.DECK_COMES_UPON))
        .singleElement()
        .matches(it -> it.pointer().equals("/decks/lift/motion/stops"))
        .matches(it -> it.says().contains("on its way to stop 2"))
        .matches(it -> it.says().contains("60, 60"));
  }

  @Test
  void aRaftThatLeavesTheMapIsFound() {
    assertThat(found(lift(SENDS_ON).stop("lift", "a2", -500, 0, 3), Rule.DECK_COMES_UPON))
        .singleElement()
        .matches(it -> it.says().contains("on its way to stop 3, leaves the map"));
  }

  @Test
  void whatNothingSendsAndWhatIsSentThatStaysIsFound() {
    assertThat(found(lift("{'type':'nothing'}"), Rule.DECK_NEVER_SENT)).hasSize(1);
    assertThat(
            found(
                lift("{'type':'nothing'}").put("/decks/lift/motion/runs", "'toAndFro'"),
                Rule.DECK_NEVER_SENT))
        .isEmpty();
    Stage stays = lift(SENDS_ON).without("/decks/lift/motion/stops/a1");
    assertThat(found(stays, Rule.DECK_DOES_NOT_MOVE))
        .singleElement()
        .matches(it -> it.pointer().equals("/fixtures/l/uses/u1/effect"));
  }

  @Test
  void aStopThatIsNotThereIsFound() {
    assertThat(found(lift(sends(2)), Rule.NO_SUCH_STOP)).isEmpty();
    assertThat(found(lift(sends(3)), Rule.NO_SUCH_STOP))
        .singleElement()
        .matches(it -> it.says().contains("its stops are 1 to 2"));
    Stage byEvent =
        lift(SENDS_ON)
            .event(
                "e",
                Stage.elapsed(1),
                "{'type':'sendDeck','deck':%s,'stop':{'type':'number','value':9}}"
                    .formatted(Stage.ref("decks", "lift")));
    assertThat(found(byEvent, Rule.NO_SUCH_STOP)).hasSize(1);
  }

  @Test
  void aPlateOnTheDeckThatItSendsIsFound() {
    Stage on =
        lift("{'type':'nothing'}").plate("pl", 60, 60, SENDS_ON).level("fixtures/pl", "lift");
    assertThat(found(on, Rule.PLATE_ON_ITS_DECK)).hasSize(1);
    Stage beside = lift("{'type':'nothing'}").plate("pl", 54, 60, SENDS_ON);
    assertThat(found(beside, Rule.PLATE_ON_ITS_DECK)).isEmpty();
  }

  @Test
  void whatIsBuiltOnItIsToldToStayBehind() {
    Stage walled = lift(SENDS_ON).wall("w", 58, 60, 62, 60).level("walls/w", "lift");
    assertThat(found(walled, Rule.STAYS_BEHIND))
        .singleElement()
        .matches(it -> it.pointer().equals("/walls/w/level"));
  }
}
