package org.flintmoss.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Position;
import org.flintmoss.script.text.ScriptText;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** What a player is told of a trial. */
class PlayerFeedTest {
  private static final MissionFile FILE = Samples.demo("first-light");

  /** First Light with a counter, a view, and an objective that counts and points. */
  private static ObjectNode document() {
    ObjectNode document = (ObjectNode) FILE.document().deepCopy();
    ((ObjectNode) document.get("counters"))
        .putObject("casks")
        .put("name", "Casks")
        .<ObjectNode>set("value", Json.MAPPER.valueToTree(Pinned.of(0)))
        .putObject("of")
        .put("type", "mission");
    ObjectNode view = ((ObjectNode) document.get("views")).putObject("bay");
    view.put("name", "The bay").put("order", "a0").put("width", 40).put("depth", 30);
    view.putObject("centre").put("x", 100).put("y", 100);
    ObjectNode objective = (ObjectNode) document.at("/objectives/relight");
    objective.put("open", true);
    ObjectNode tally = objective.putObject("tally").put("type", "counter");
    tally.set("of", Json.MAPPER.valueToTree(Amount.of(3)));
    tally.putObject("counter").put("family", "counters").put("id", "casks");
    ObjectNode place = objective.putObject("points").put("type", "at").putObject("place");
    place.put("type", "point").putObject("position").put("x", 10.4).put("y", 20.6);
    return document;
  }

  private static World world(String script) {
    ObjectNode document = document();
    ScriptText.Outcome outcome = ScriptText.apply(document, MissionReader.read(document), script);
    assertThat(outcome.troubles()).isEmpty();
    Mission mission = MissionReader.read(outcome.document());
    return new World(Plans.compile(mission, FILE, Difficulty.BREEZY), 7);
  }

  /** What is told of one sort while a world takes a number of steps. */
  private static <T extends TrialMessage> List<T> told(
      World world, PlayerFeed feed, int steps, Class<T> type) {
    List<T> told = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      world.step(List.of());
      feed.news().stream().filter(type::isInstance).map(type::cast).forEach(told::add);
    }
    return told;
  }

  @Test
  void anObjectiveCountsAndPoints() {
    World world =
        world(
            """
            event "Count"
              when play has lasted at least 1 s
              do add 2 to [Casks]
            """);
    PlayerFeed feed = new PlayerFeed(world, 0);
    TrialMessage.ShownObjective first = feed.hello(Stage.HERE).objectives().getFirst();
    assertThat(first.tally()).isEqualTo(new TrialMessage.Tally(0, 3));
    assertThat(first.at()).isEqualTo(new Position(10, 21));
    List<TrialMessage.Objectives> told = told(world, feed, 40, TrialMessage.Objectives.class);
    assertThat(told).as("told again only when it counts anew").hasSize(1);
    assertThat(told.getFirst().objectives().getFirst().tally().now()).isEqualTo(2);
  }

  @Test
  void aViewIsToldAndThatItIsOver() {
    World world =
        world(
            """
            event "Look"
              when play has lasted at least 1 s
              do show the players [The bay] for 1 s
            """);
    PlayerFeed feed = new PlayerFeed(world, 0);
    feed.hello(Stage.HERE);
    assertThat(told(world, feed, 30, TrialMessage.ViewShown.class))
        .extracting(TrialMessage.ViewShown::view)
        .containsExactly(null, "bay");
    assertThat(told(world, feed, 30, TrialMessage.ViewShown.class))
        .extracting(TrialMessage.ViewShown::view)
        .containsExactly((String) null);
  }

  @Test
  void theClockThatLeapsIsTold() {
    World world =
        world(
            """
            event "Later"
              when play has lasted at least 1 s
              do the clock goes on to 23:30
            """);
    PlayerFeed feed = new PlayerFeed(world, 0);
    feed.hello(Stage.HERE);
    assertThat(told(world, feed, 10, TrialMessage.ClockLeapt.class).getFirst().leapt()).isZero();
    List<TrialMessage.ClockLeapt> told = told(world, feed, 30, TrialMessage.ClockLeapt.class);
    assertThat(told).hasSize(1);
    assertThat(told.getFirst().leapt()).isGreaterThan(60);
  }

  @Test
  void whoComesBackIsToldEverythingAnew() {
    World world = world("");
    PlayerFeed feed = new PlayerFeed(world, 0);
    feed.hello(Stage.HERE);
    assertThat(told(world, feed, 5, TrialMessage.Water.class)).hasSize(1);
    assertThat(told(world, feed, 5, TrialMessage.Water.class)).isEmpty();
    feed.hello(Stage.HERE);
    assertThat(told(world, feed, 5, TrialMessage.Water.class)).hasSize(1);
  }

  /** First Light for two, with something of each kind that players are told or shown. */
  private static World forTwo() {
    ObjectNode document = document();
    ObjectNode starts = (ObjectNode) document.get("starts");
    ObjectNode other = (ObjectNode) starts.iterator().next().deepCopy();
    other.put("name", "Tam");
    ((ObjectNode) other.get("position")).put("x", other.at("/position/x").asDouble() + 2);
    starts.set("zz-tam", other);
    String mara = starts.propertyNames().iterator().next();
    ((ObjectNode) document.get("markers"))
        .putObject("m")
        .put("name", "Cellar")
        .put("shown", false)
        .putObject("position")
        .put("x", 10)
        .put("y", 10);
    ((ObjectNode) document.get("timers"))
        .putObject("t")
        .put("name", "Fuse")
        .put("counts", "down")
        .put("running", false)
        .put("shown", false)
        .set("seconds", Json.MAPPER.valueToTree(Pinned.of(60)));
    ((ObjectNode) document.get("calls"))
        .putObject("c")
        .put("name", "Light it")
        .put("order", "a0")
        .put("offered", false)
        .put("times", 0)
        .put("pause", 0)
        .putObject("from")
        .put("type", "anywhere");
    ((ObjectNode) document.get("objectives"))
        .set(
            "own",
            Json.MAPPER.readTree(
                """
                {"name": "Yours alone", "order": "a9", "text": {"text": "", "figures": {}}, "rank": "primary", "open": false,
                 "opens": {"type": "all", "parts": {}}, "done": {"type": "all", "parts": {}},
                 "fails": {"type": "all", "parts": {}}, "tally": {"type": "nothing"},
                 "points": {"type": "nowhere"}}
                """));
    ScriptText.Outcome outcome =
        ScriptText.apply(
            document,
            MissionReader.read(document),
            """
            event "For one"
              when play has lasted at least 1 s
              do tell [Tam] "Not a word."
                 show the marker [Cellar] to [Tam]
                 let [Tam] send [Light it]
                 start [Fuse], shown to [Tam]
                 show [Tam] [The bay] for 1 s
                 open the objective [Yours alone] for [Tam]
            """);
    assertThat(outcome.troubles()).isEmpty();
    Mission mission = MissionReader.read(outcome.document());
    World world = new World(Plans.compile(mission, FILE, Difficulty.BREEZY), 7);
    assertThat(world.plan().name(world.plan().seat(0)))
        .isEqualTo(mission.starts().get(mara).name());
    return world;
  }

  /** All that a seat is told by a world in some steps, and in answer to a hello after them. */
  private static String everything(World world, int seat) {
    PlayerFeed feed = new PlayerFeed(world, seat);
    StringBuilder all = new StringBuilder(Json.MAPPER.writeValueAsString(feed.hello(Stage.HERE)));
    for (int i = 0; i < 30; i++) {
      world.step(List.of());
      feed.news().forEach(it -> all.append(Json.MAPPER.writeValueAsString(it)));
    }
    return all.append(Json.MAPPER.writeValueAsString(new PlayerFeed(world, seat).hello(Stage.HERE)))
        .toString();
  }

  @Test
  void whatIsForOnePlayerIsNotEvenInTheBytesOfAnother() {
    List<String> own =
        List.of(
            "Not a word.",
            "[\"m\",\"the-lamp\"]",
            "{\"id\":\"c\"",
            "Fuse",
            "\"bay\"",
            "Yours alone");
    assertThat(everything(forTwo(), 1)).contains(own);
    assertThat(everything(forTwo(), 0)).doesNotContain(own);
  }
}
