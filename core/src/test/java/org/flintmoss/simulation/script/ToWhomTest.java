package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** What is told or shown to some players only: to whom, from which step and until which. */
class ToWhomTest {
  private static final String EVERYBODY = "{'type':'everybody'}";
  private static final String CAUSER = only("{'type':'causer'}");

  private static String only(String whom) {
    return "{'type':'only','who':{'quantifier':{'type':'any'},'whom':%s}}".formatted(whom);
  }

  private static String to(String start) {
    return only("{'type':'start','start':%s}".formatted(ref("starts", start)));
  }

  private static String note(String to) {
    return "{'type':'note','text':'Ho.','to':%s}".formatted(to);
  }

  private static String say(String id, String to) {
    return "{'type':'say','conversation':%s,'to':%s}".formatted(ref("conversations", id), to);
  }

  /** Three players, who sit in the seats 0, 1 and 2, and none of whom is ordered anything. */
  private static Stage three() {
    return new Stage().put("/stances", "{}").start("q", 66, 64).start("r", 68, 64);
  }

  private static World seated(Stage stage) {
    World world = stage.world(1);
    world.step(
        List.of(
            new Command(0, new Input.Join()),
            new Command(1, new Input.Join()),
            new Command(2, new Input.Join())));
    return world;
  }

  private static String calls(String call) {
    return "{'type':'sends','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'call':%s}"
        .formatted(ref("calls", call));
  }

  private static void call(World world, int... seats) {
    List<Command> commands = new ArrayList<>();
    for (int seat : seats) {
      commands.add(new Command(seat, new Input.Call("c")));
    }
    world.step(commands);
  }

  /** The seats, a bit each, that each entry of a kind was for. */
  private static List<Integer> notes(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.NOTE)
        .map(Causes.Entry::detail)
        .toList();
  }

  /** What each of the three hears at each of some steps, one letter each, "-" for silence. */
  private static List<String> heard(World world, int steps) {
    List<String> heard = new ArrayList<>();
    for (int step = 0; step < steps; step++) {
      world.step(List.of());
      StringBuilder now = new StringBuilder();
      for (int seat = 0; seat < 3; seat++) {
        ToldReadings.Heard words = world.told().heard(seat);
        now.append(words == null ? "-" : words.text());
      }
      if (heard.isEmpty() || !heard.getLast().endsWith(" " + now)) {
        heard.add(world.read().step() + " " + now);
      }
    }
    return heard;
  }

  @Test
  void eachOfThoseWhoCausedItIsToldAndNobodyElse() {
    World world =
        seated(
            three()
                .put("/calls/c", "{'name':'c','order':'a0'}")
                .event("e", 0, "{'type':'whenFalse'}", all(calls("c")), note(CAUSER)));
    call(world, 2, 0);
    call(world, 1);
    assertThat(notes(world)).containsExactly(0b100, 0b001, 0b010);
  }

  @Test
  void theFallenAreToldAsWellAndNobodyWhereNobodyIsMeant() {
    World world =
        three()
            .event(
                "dies",
                elapsed(0.5),
                "{'type':'harm','who':%s,'amount':{'type':'number','value':999}}"
                    .formatted(Stage.allOf("keepers")))
            .event("e", elapsed(1), note(EVERYBODY), note(to("q")), note(to("gone")), note(CAUSER))
            .after(21);
    assertThat(notes(world)).containsExactly(0b111, 0b010, 0, 0);
  }

  @Test
  void aMarkerIsShownToOneAndHiddenFromOne() {
    String marker = "0|{'type':'%s','marker':" + ref("markers", "m") + ",'to':%s}";
    World world =
        three()
            .put("/markers/m", "{'name':'m','position':{'x':30,'y':30},'shown':false}")
            .event("a", elapsed(1), marker.formatted("showMarker", to("q")))
            .event("b", elapsed(2), marker.formatted("showMarker", EVERYBODY))
            .event("c", elapsed(3), marker.formatted("hideMarker", to("p")))
            .world(1);
    assertThat(states(world, 70, seat -> world.told().marked(0, seat)))
        .containsExactly("1 ---", "20 -x-", "40 xxx", "60 -xx");
  }

  private interface Shown {
    boolean to(int seat);
  }

  /** At which steps it changes what the three are shown, an x for those who are. */
  private static List<String> states(World world, int steps, Shown shown) {
    List<String> states = new ArrayList<>();
    for (int step = 0; step < steps; step++) {
      world.step(List.of());
      StringBuilder now = new StringBuilder();
      for (int seat = 0; seat < 3; seat++) {
        now.append(shown.to(seat) ? "x" : "-");
      }
      if (states.isEmpty() || !states.getLast().endsWith(" " + now)) {
        states.add(world.read().step() + " " + now);
      }
    }
    return states;
  }

  @Test
  void aViewIsEachPlayersOwnAndGivenBackToOne() {
    String views = "{'name':'v','order':'a0','centre':{'x':30,'y':30},'width':20,'depth':20}";
    String show = "{'type':'showView','view':" + ref("views", "v") + ",'time':2,'to':%s}";
    World world =
        three()
            .put("/views/v", views)
            .event("a", elapsed(1), show.formatted(to("p")))
            .event("b", elapsed(2), show.formatted(EVERYBODY))
            .event("c", elapsed(2.5), "{'type':'ownView','to':%s}".formatted(to("q")))
            .world(1);
    assertThat(states(world, 100, seat -> world.told().view(seat) == 0))
        .containsExactly("1 ---", "20 x--", "40 xxx", "50 x-x", "80 ---");
  }

  @Test
  void aTimerIsSeenByThoseToWhomItWasStarted() {
    String start = "{'type':'startTimer','timer':" + ref("timers", "t") + ",'to':%s}";
    World world =
        three()
            .put("/timers/t", "{'name':'t','seconds':60,'running':false,'shown':false}")
            .put("/timers/u", "{'name':'u','seconds':60,'running':false,'shown':true}")
            .event("a", elapsed(1), start.formatted(to("q")))
            .event("b", elapsed(2), start.formatted(EVERYBODY))
            .world(1);
    assertThat(states(world, 60, seat -> world.told().timed(0, seat)))
        .containsExactly("1 ---", "20 -x-", "40 ---");
    assertThat(world.told().timed(1, 2)).as("one that is shown to all").isTrue();
  }

  @Test
  void anObjectiveIsOpenedForOneAfterTheOtherAndDoneForThem() {
    String turn = "{'type':'%s','objective':" + ref("objectives", "o") + "%s}";
    Stage stage =
        three()
            .put(
                "/objectives/o",
                "{'name':'o','order':'a0','text':'','rank':'primary','open':false}")
            .event("a", elapsed(1), turn.formatted("openObjective", ",'to':" + to("q")))
            .event("b", elapsed(2), turn.formatted("openObjective", ",'to':" + to("r")))
            .event("c", elapsed(3), turn.formatted("completeObjective", ""));
    World world = stage.world(1);
    assertThat(states(world, 80, seat -> world.told().shown(0, seat)))
        .containsExactly("1 ---", "20 -x-", "40 -xx");
    stage.put("/objectives/o/rank", "'hidden'");
    World hidden = stage.world(1);
    assertThat(states(hidden, 80, seat -> hidden.told().shown(0, seat)))
        .as("a hidden one once it is done, to those it was for")
        .containsExactly("1 ---", "60 -xx");
    World nobodys = stage.without("/events/a").without("/events/b").world(1);
    assertThat(states(nobodys, 80, seat -> nobodys.told().shown(0, seat)))
        .containsExactly("1 ---", "60 xxx");
  }

  @Test
  void aCallIsTakenOnlyFromThoseWhoCanSendIt() {
    World world =
        seated(
            three()
                .put("/calls/c", "{'name':'c','order':'a0','offered':false}")
                .event(
                    "a",
                    elapsed(1),
                    "{'type':'offerCall','call':%s,'to':%s}".formatted(ref("calls", "c"), to("q")))
                .event(
                    "b",
                    elapsed(2),
                    "{'type':'withdrawCall','call':%s,'to':%s}"
                        .formatted(ref("calls", "c"), EVERYBODY)));
    call(world, 0, 1, 2);
    assertThat(Inside.of(world).calls.sent(0)).isZero();
    Stage.steps(world, 20);
    call(world, 0, 1, 2);
    assertThat(Inside.of(world).calls.sent(0)).isEqualTo(1);
    Stage.steps(world, 20);
    call(world, 0, 1, 2);
    assertThat(Inside.of(world).calls.sent(0)).isEqualTo(1);
  }

  private static Stage talk() {
    return three()
        .speaker("bell", "{'type':'elsewhere'}")
        .talk("tale", "story", "bell", "t")
        .talk("word", "story", "bell", "w")
        .talk("alarm", "urgent", "bell", "a")
        .talk("chat", "chatter", "bell", "c");
  }

  @Test
  void eachPlayerIsSpokenToByThemselvesAlsoTwoAtOnce() {
    World world =
        talk()
            .event(
                "a", elapsed(1), say("tale", to("p")), say("tale", to("r")), say("word", to("q")))
            .event("b", elapsed(1.5), say("tale", to("p")))
            .world(1);
    assertThat(heard(world, 60)).containsExactly("1 ---", "20 twt", "40 ---");
    assertThat(Inside.of(world).talk.ended(world.plan().actors().index(tale()))).isEqualTo(2);
  }

  private static org.flintmoss.mission.word.Ref tale() {
    return new org.flintmoss.mission.word.Ref(
        org.flintmoss.mission.word.Family.CONVERSATIONS, "tale");
  }

  @Test
  void whatIsForSeveralWaitsForAllOfThemAndNothingGoesBeforeIt() {
    World world =
        talk()
            .event("a", elapsed(1), say("word", to("p")))
            .event("b", elapsed(1.5), say("tale", EVERYBODY), say("word", to("q")))
            .event("c", elapsed(1.6), say("chat", EVERYBODY))
            .world(1);
    assertThat(heard(world, 90)).containsExactly("1 ---", "20 w--", "40 ttt", "60 -w-", "80 ---");
  }

  @Test
  void chatterIsForThoseWhoAreFree() {
    World world =
        talk()
            .event("a", elapsed(1), say("word", to("p")))
            .event("b", elapsed(1.5), say("chat", EVERYBODY))
            .world(1);
    assertThat(heard(world, 70)).containsExactly("1 ---", "20 w--", "30 wcc", "40 -cc", "50 ---");
  }

  @Test
  void theUrgentCutsInOnlyForThoseWhoHearIt() {
    World world =
        talk()
            .event("a", elapsed(1), say("tale", EVERYBODY))
            .event("b", elapsed(1.5), say("alarm", to("q")))
            .world(1);
    assertThat(heard(world, 70)).containsExactly("1 ---", "20 ttt", "30 tat", "40 -a-", "50 ---");
  }

  @Test
  void somebodySaysTheLinesAndFallsSilentWhenTheyFall() {
    Stage stage =
        talk()
            .unit("w", "wreckers", "wrecker", 90, 90)
            .event(
                "a",
                elapsed(1),
                "{'type':'sayAs','conversation':%s,'to':%s,'who':%s}"
                    .formatted(ref("conversations", "tale"), EVERYBODY, Stage.allOf("wreckers")));
    World world = stage.after(25);
    assertThat(world.told().heard(1).speaker().name())
        .isEqualTo(world.plan().name(number(world, "w")));
    stage.event(
        "dies",
        elapsed(1.5),
        "{'type':'harm','who':%s,'amount':{'type':'number','value':999}}"
            .formatted(Stage.allOf("wreckers")));
    assertThat(heard(stage.world(1), 60)).containsExactly("1 ---", "20 ttt", "32 ---");
    stage.without("/units/w");
    assertThat(heard(stage.world(1), 60)).as("nobody is there to say it").containsExactly("1 ---");
  }

  @Test
  void whoIsToldAndWhoWaitsIsSavedAndLoaded() {
    Stage stage =
        talk()
            .event(
                "a", elapsed(1), say("word", to("p")), say("tale", EVERYBODY), say("tale", to("q")))
            .event("b", elapsed(1.2), say("alarm", to("r")));
    World straight = stage.after(26);
    World other = stage.world(1);
    other.load(straight.save());
    assertThat(heard(other, 60)).isEqualTo(heard(straight, 60));
    assertThat(other.hash()).isEqualTo(straight.hash());
  }
}
