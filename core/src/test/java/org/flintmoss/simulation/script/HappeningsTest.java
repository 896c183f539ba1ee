package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;
import static org.flintmoss.Stage.value;

import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Events that fire once for each of what happens: when, how often, through whom, and in which
 * order.
 */
class HappeningsTest {
  private static final String WRECKERS =
      "{'quantifier':{'type':'any'},'whom':{'type':'side','side':"
          + ref("sides", "wreckers")
          + "}}";
  private static final String PLAYERS = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";
  private static final String CAUSER = "{'quantifier':{'type':'any'},'whom':{'type':'causer'}}";
  private static final String ANYONE = "{'quantifier':{'type':'any'},'whom':{'type':'anyone'}}";
  private static final String BOTH = "{'type':'%s','who':%s,'whom':%s}";
  private static final String AGAIN = "{'type':'whenFalse'}";

  private static String enters(String who) {
    return "{'type':'enters','who':%s,'zone':%s}".formatted(who, ref("zones", "a"));
  }

  private static String zoned(String type, String who) {
    return enters(who).replace("enters", type);
  }

  /** A zone, and wreckers who walk through it from the west one after the other. */
  private static Stage walkers(int many) {
    Stage stage = new Stage().put("/stances", "{}").zone("a", 70, 70, 4);
    for (int i = 0; i < many; i++) {
      stage
          .route("r" + i, "once", "90 70 'run' 'goesOn'")
          .unit("w" + i, "wreckers", "wrecker", 60 - 4 * i, 70)
          .put(
              "/units/w" + i + "/order", "{'type':'along','route':" + ref("routes", "r" + i) + "}");
    }
    return stage;
  }

  private static Stage firings(Stage stage, String event, String how) {
    return stage.put("/events/" + event + "/firings", "'" + how + "'");
  }

  /** Who caused each firing of an event. */
  private static List<Integer> causers(World world, String event) {
    int number = world.plan().script().program(event);
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.FIRED && it.subject() == number)
        .map(Causes.Entry::detail)
        .toList();
  }

  private static long dropped(World world, String event) {
    int number = world.plan().script().program(event);
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.DROPPED && it.subject() == number)
        .count();
  }

  /** The steps at which something of a kind was logged. */
  private static List<Integer> steps(World world, Causes.Kind kind, int subject) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == kind && (subject < 0 || it.subject() == subject))
        .map(Causes.Entry::step)
        .toList();
  }

  private static List<Integer> numbers(World world, int many) {
    return IntStream.range(0, many).map(i -> number(world, "w" + i)).boxed().toList();
  }

  @Test
  void itFiresForEachWhoEntersThoughOthersAreInsideStill() {
    World world =
        walkers(3)
            .unit("sitter", "wreckers", "wrecker", 70, 71)
            .event("e", 0, AGAIN, enters(WRECKERS))
            .after(300);
    assertThat(causers(world, "e")).isEqualTo(numbers(world, 3));
    assertThat(fired(world, "e")).isEqualTo(steps(world, Causes.Kind.ENTERED, -1).subList(1, 4));
  }

  @Test
  void twoWhoEnterInOneStepFireItTwiceInThatStepInTheirOrder() {
    World world =
        new Stage()
            .put("/stances", "{}")
            .zone("a", 70, 70, 4)
            .event("e", 0, AGAIN, enters(WRECKERS))
            .unit("w0", "wreckers", "wrecker", 40, 40)
            .unit("w1", "wreckers", "wrecker", 44, 40)
            .event(
                "move",
                elapsed(1),
                "{'type':'moveTo','who':%s,'place':{'type':'zone','zone':%s}}"
                    .formatted(Stage.allOf("wreckers"), ref("zones", "a")))
            .after(60);
    assertThat(causers(world, "e")).isEqualTo(numbers(world, 2));
    assertThat(fired(world, "e")).hasSize(2).containsOnly(fired(world, "e").getFirst());
  }

  @Test
  void whoeverBeginsInsideDoesNotEnterAndWhoComesIntoPlayThereDoes() {
    World world =
        new Stage()
            .put("/stances", "{}")
            .zone("a", 70, 70, 6)
            .unit("w0", "wreckers", "wrecker", 70, 70)
            .unit("w1", "wreckers", "wrecker", 72, 70)
            .put("/units/w1/inPlay", "false")
            .event("e", 0, AGAIN, enters(WRECKERS))
            .event(
                "bring",
                elapsed(1),
                "{'type':'bringInAt','who':%s,'place':{'type':'zone','zone':%s}}"
                    .formatted(Stage.allOf("wreckers"), ref("zones", "a")))
            .after(60);
    assertThat(causers(world, "e")).containsExactly(number(world, "w1"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"sideBySide", "inTurn", "dropped"})
  void eachFiringHasItsOwnCauserAlsoWhileOthersWait(String how) {
    String harm = "2|{'type':'harm','who':%s,'amount':%s}".formatted(CAUSER, value(1));
    World world =
        firings(walkers(3).event("e", 0, AGAIN, enters(WRECKERS), harm), "e", how).after(1);
    double full = world.read().health(number(world, "w0"));
    Stage.steps(world, 400);
    List<Integer> fired = fired(world, "e");
    List<Integer> hurt =
        numbers(world, 3).stream().filter(it -> world.read().health(it) == full - 1).toList();
    if (how.equals("dropped")) {
      assertThat(fired).hasSizeLessThan(3);
      assertThat(dropped(world, "e")).isEqualTo(3 - fired.size());
      assertThat(hurt).isEqualTo(causers(world, "e"));
    } else {
      assertThat(causers(world, "e")).isEqualTo(numbers(world, 3));
      assertThat(hurt).isEqualTo(numbers(world, 3));
    }
  }

  /** Steps at which a counter was counted up while six entered close together. */
  private static List<Integer> counted(World world) {
    return steps(world, Causes.Kind.COUNTER, 0);
  }

  private static Stage counting(String how) {
    String count =
        "{'type':'addToCounter','counter':%s,'amount':%s}"
            .formatted(ref("counters", "c"), value(1));
    return firings(
        walkers(3)
            .put("/counters/c", "{'name':'c','value':0}")
            .event("e", 0, AGAIN, enters(WRECKERS), count, "3|" + count),
        "e",
        how);
  }

  @Test
  void sideBySideEachGoesItsOwnTime() {
    World world = counting("sideBySide").after(400);
    List<Integer> fired = fired(world, "e");
    assertThat(counted(world))
        .containsExactlyInAnyOrder(
            fired.get(0),
            fired.get(1),
            fired.get(2),
            fired.get(0) + 60,
            fired.get(1) + 60,
            fired.get(2) + 60);
  }

  @Test
  void oneAfterAnotherEachBeginsWhenTheOneBeforeIsOver() {
    World world = counting("inTurn").after(500);
    int first = fired(world, "e").getFirst();
    assertThat(fired(world, "e").get(2)).as("they come closer together").isLessThan(first + 60);
    assertThat(counted(world))
        .containsExactly(first, first + 60, first + 60, first + 120, first + 120, first + 180);
  }

  @Test
  void atMostSoOftenAndReadyAgainCountFiringByFiring() {
    World most = walkers(4).event("e", 2, AGAIN, enters(WRECKERS)).after(400);
    assertThat(causers(most, "e")).isEqualTo(numbers(most, 2));
    assertThat(dropped(most, "e")).isZero();
    World rests =
        walkers(4).event("e", 0, "{'type':'after','seconds':3}", enters(WRECKERS)).after(400);
    List<Integer> fired = fired(rests, "e");
    assertThat(fired).hasSizeBetween(2, 3);
    assertThat(fired.get(1) - fired.get(0)).isGreaterThanOrEqualTo(60);
    assertThat(dropped(rests, "e")).isZero();
  }

  @Test
  void besideAStateItFiresOnlyWhileThatHolds() {
    World world =
        walkers(3)
            .flag("f")
            .event("on", 1, AGAIN, enters(WRECKERS), turn("f", "on"))
            .event("z", 0, AGAIN, all(flagOn("f"), enters(WRECKERS)))
            .after(400);
    assertThat(causers(world, "z"))
        .as("conditions are read at the start of the round")
        .isEqualTo(numbers(world, 3).subList(1, 3));
  }

  @Test
  void anyOfSeveralEachCount() {
    String either =
        "{'type':'any','parts':{'a':{'order':'a0','condition':%s},'b':{'order':'a1','condition':%s}}}"
            .formatted(enters(WRECKERS), zoned("leaves", WRECKERS));
    World world = walkers(2).event("e", 0, AGAIN, either).after(400);
    assertThat(causers(world, "e"))
        .containsExactlyInAnyOrder(
            number(world, "w0"), number(world, "w0"), number(world, "w1"), number(world, "w1"));
  }

  @Test
  void whatTheScriptMakesIsDueInTheNextRoundOfTheSameStep() {
    World world =
        walkers(2)
            .event("x", 0, AGAIN, "{'type':'fires','event':%s}".formatted(ref("events", "q")))
            .event("q", 0, AGAIN, enters(WRECKERS))
            .after(400);
    assertThat(fired(world, "x")).isEqualTo(fired(world, "q")).hasSize(2);
    assertThat(causers(world, "x")).isEqualTo(numbers(world, 2));
  }

  @Test
  void twoEventsThatAnswerEachOtherAreStoppedAndNamed() {
    World world =
        walkers(1)
            .event("x", 0, AGAIN, "{'type':'fires','event':%s}".formatted(ref("events", "q")))
            .event("q", 0, AGAIN, "{'type':'fires','event':%s}".formatted(ref("events", "x")))
            .event("c", elapsed(1))
            .put(
                "/events/x/when",
                "{'type':'any','parts':{'x':{'order':'a0','condition':"
                    + "{'type':'fires','event':"
                    + ref("events", "q")
                    + "}},'y':{'order':'a1','condition':"
                    + "{'type':'fires','event':"
                    + ref("events", "c")
                    + "}}}}")
            .after(60);
    assertThat(world.over()).isTrue();
    assertThat(world.chasing()).isNotEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '#',
      value = {
        "{'quantifier':{'type':'all'},'whom':{'type':'anyone'}}",
        "{'quantifier':{'type':'none'},'whom':{'type':'anyone'}}",
        "{'quantifier':{'type':'share','percent':50},'whom':{'type':'anyone'}}",
        "{'quantifier':{'type':'any'},'whom':{'type':'causer'}}",
      })
  void whatSpeaksOfMoreThanOneOrOfNobodyKnownNeverFires(String who) {
    assertThat(fired(walkers(2).event("e", 0, AGAIN, enters(who)).after(300), "e")).isEmpty();
  }

  @Test
  void underNotAndForSoLongAndTwiceUnderAllItNeverFires() {
    String not = "{'type':'not','of':%s}".formatted(enters(WRECKERS));
    String held =
        "{'type':'heldFor','inAll':false,'seconds':1,'of':%s}".formatted(enters(WRECKERS));
    String twice = all(enters(WRECKERS), zoned("leaves", WRECKERS));
    for (String when : List.of(not, held, twice)) {
      assertThat(fired(walkers(2).event("e", 0, AGAIN, when).after(300), "e")).as(when).isEmpty();
    }
    assertThat(
            fired(
                walkers(2)
                    .event("e", 0, "{'type':'every','seconds':1}", enters(WRECKERS))
                    .after(300),
                "e"))
        .isEmpty();
  }

  @Test
  void whoDiesInsideDoesNotLeave() {
    World world =
        walkers(2)
            .event(
                "kill",
                1,
                AGAIN,
                enters(WRECKERS),
                "{'type':'harm','who':%s,'amount':%s}".formatted(CAUSER, value(100_000)))
            .event("left", 0, AGAIN, zoned("leaves", WRECKERS))
            .event("dies", 0, AGAIN, "{'type':'dies','who':%s}".formatted(WRECKERS))
            .after(400);
    assertThat(causers(world, "dies")).containsExactly(number(world, "w0"));
    assertThat(causers(world, "left")).containsExactly(number(world, "w1"));
  }

  @Test
  void whoComesBackIsToldFromWhoComesForTheFirstTime() {
    World world =
        new Stage()
            .put("/stances", "{}")
            .zone("a", 70, 70, 4)
            .route("r", "loop", "80 70 'run' 'goesOn'", "60 70 'run' 'goesOn'")
            .unit("w0", "wreckers", "wrecker", 60, 70)
            .put("/units/w0/order", "{'type':'along','route':" + ref("routes", "r") + "}")
            .event("first", 0, AGAIN, enters(WRECKERS))
            .event("back", 0, AGAIN, zoned("comesBack", WRECKERS))
            .after(600);
    List<Integer> entered = fired(world, "first");
    assertThat(entered).hasSizeGreaterThan(2);
    assertThat(fired(world, "back")).isEqualTo(entered.subList(1, entered.size()));
  }

  @Test
  void aLeverThatIsPulledAndACallThatIsSentFireEachTime() {
    World world =
        new Stage()
            .put("/calls/c", "{'name':'c','order':'a0'}")
            .lever("l", 64, 65, 0, "{'type':'nothing'}")
            .event(
                "pulled",
                0,
                AGAIN,
                "{'type':'uses','who':%s,'fixture':%s}".formatted(PLAYERS, ref("fixtures", "l")))
            .event(
                "sent",
                0,
                AGAIN,
                "{'type':'sends','who':%s,'call':%s}".formatted(PLAYERS, ref("calls", "c")))
            .after(10);
    for (int i = 0; i < 3; i++) {
      world.step(List.of(new Command(0, new Input.Call("c")), new Command(0, new Input.Use(1))));
      Stage.steps(world, 80);
    }
    int player = world.plan().seat(0);
    assertThat(causers(world, "sent")).containsExactly(player, player, player);
    assertThat(fired(world, "sent")).containsExactly(11, 92, 173);
    assertThat(causers(world, "pulled")).containsExactly(player, player, player);
  }

  @ParameterizedTest
  @ValueSource(strings = {"sideBySide", "inTurn", "dropped"})
  void aRunThatIsTakenUpAgainWhileFiringsWaitGoesOnTheSame(String how) {
    String each =
        "{'type':'forEach','who':%s,'time':%s,'lines':{'a':{'order':'a0','after':%s,'action':{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'thisOne'}},'amount':%s}}}}"
            .formatted(Stage.allOf("wreckers"), value(0.5), value(0), value(1));
    Stage stage =
        firings(
            walkers(4)
                .event("e", 0, AGAIN, enters(WRECKERS), each, "1|" + turn("f", "on"))
                .flag("f"),
            "e",
            how);
    World straight = stage.after(1);
    World other = stage.world(1);
    for (int step = 2; step < 260; step++) {
      straight.step(List.of());
      if (step % 7 == 0) {
        other = stage.world(1);
        other.load(straight.save());
        assertThat(other.hash()).isEqualTo(straight.hash());
      }
      Stage.steps(other, step % 7 == 0 ? 0 : 1);
      if (step > 7) {
        assertThat(other.hash()).as("step %d", step).isEqualTo(straight.hash());
      }
    }
    assertThat(fired(straight, "e")).isNotEmpty();
  }

  @Test
  void aThousandInAStepAreBoundedAndTheRestIsDroppedAndLogged() {
    Stage stage = new Stage().put("/stances", "{}").zone("a", 70, 70, 30);
    for (int i = 0; i < 40; i++) {
      stage.unit("w" + i, "wreckers", "wrecker", 20 + i % 8 * 2, 100 + i / 8 * 2);
    }
    for (int i = 0; i < 30; i++) {
      String id = "e" + (char) ('a' + i / 26) + (char) ('a' + i % 26);
      firings(
          stage.event(id, 0, AGAIN, enters(WRECKERS), "5|" + turn("f", "on")), id, "sideBySide");
    }
    World world =
        stage
            .flag("f")
            .event(
                "move",
                elapsed(1),
                "{'type':'moveTo','who':%s,'place':{'type':'zone','zone':%s}}"
                    .formatted(Stage.allOf("wreckers"), ref("zones", "a")))
            .after(40);
    long firings = steps(world, Causes.Kind.FIRED, -1).size() - 1;
    long drops = steps(world, Causes.Kind.DROPPED, -1).size();
    assertThat(firings).isEqualTo(Runs.POOL);
    assertThat(firings + drops).isEqualTo(40 * 30);
    Stage.steps(world, 800);
    assertThat(world.over()).isFalse();
    assertThat(world.script().line(world.plan().script().program("eaa"))).isEqualTo(-1);
  }

  @Test
  void gatesObjectivesTalkAndSeatsHappenWithWhoeverDidIt() {
    World world =
        new Stage()
            .gate("g", "closed", 80, 80, 84, 80)
            .lever("l", 64, 65, 0, "{'type':'turns','gate':" + ref("gates", "g") + "}")
            .event(
                "opens",
                0,
                AGAIN,
                "{'type':'gateBecomes','gate':%s,'state':'open'}".formatted(ref("gates", "g")))
            .event(
                "seat",
                0,
                AGAIN,
                "{'type':'seatBecomes','start':%s,'state':'taken'}".formatted(ref("starts", "p")))
            .after(10);
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 80);
    int player = world.plan().seat(0);
    assertThat(causers(world, "opens")).containsExactly(player);
    assertThat(causers(world, "seat")).containsExactly(player);
  }

  @Test
  void whatIsTakenUpAndSetDownHappensEachTime() {
    String kind = ref("itemKinds", "salve");
    String happens = "{'type':'%s','who':%s,'itemKind':%s}";
    World world =
        new Stage()
            .packs("starts", "p", "salve", 2)
            .event("sets", 0, AGAIN, happens.formatted("setsDown", PLAYERS, kind))
            .event("takes", 0, AGAIN, happens.formatted("takesUp", PLAYERS, kind))
            .world(1);
    for (Input input :
        List.of(new Input.SetDown("salve"), new Input.SetDown("salve"), new Input.TakeUp())) {
      world.step(List.of(new Command(0, input)));
    }
    Stage.steps(world, 5);
    int player = Stage.number(world, "p");
    assertThat(fired(world, "sets")).containsExactly(1, 2);
    assertThat(fired(world, "takes")).containsExactly(3);
    assertThat(causers(world, "sets")).containsExactly(player, player);
    assertThat(causers(world, "takes")).containsExactly(player);
  }

  @Test
  void whatIsUsedWithWhatAndWhatIsTakenOutOfItIsToldApart() {
    String happens = "{'type':'%s','who':%s,'fixture':%s,'itemKind':%s}";
    String chest = ref("fixtures", "chest");
    String spade = ref("itemKinds", "spade");
    String chart = ref("itemKinds", "chart");
    World world =
        new Stage()
            .packs("starts", "p", "spade", 1)
            .lever("chest", 64, 65, 0, "{'type':'nothing'}")
            .put("/fixtures/chest/uses/u1/seconds/value", "0")
            .put(
                "/fixtures/chest/uses/u1/needs",
                "{'type':'holding','item':%s,'count':1}".formatted(spade))
            .put(
                "/fixtures/chest/uses/u1/gives",
                "{'type':'items','item':%s,'count':1}".formatted(chart))
            .event("with", 0, AGAIN, happens.formatted("usesWith", PLAYERS, chest, spade))
            .event("amiss", 0, AGAIN, happens.formatted("usesWith", PLAYERS, chest, chart))
            .event("takes", 0, AGAIN, happens.formatted("takesFrom", PLAYERS, chest, chart))
            .event("wrong", 0, AGAIN, happens.formatted("takesFrom", PLAYERS, chest, spade))
            .world(1);
    for (int i = 0; i < 2; i++) {
      world.step(List.of(new Command(0, new Input.Use(1))));
      Stage.steps(world, 3);
    }
    assertThat(fired(world, "with")).hasSize(2).isEqualTo(fired(world, "takes"));
    assertThat(causers(world, "takes")).containsOnly(Stage.number(world, "p"));
    assertThat(fired(world, "amiss")).isEmpty();
    assertThat(fired(world, "wrong")).isEmpty();
  }

  @Test
  void whoIsHelpedUpIsTheCauserAndWhoHelpedTheOther() {
    String tobin =
        "{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':" + ref("units", "tobin") + "}}";
    World world =
        new Stage()
            .unit("tobin", "keepers", "keeper", 64, 65.2)
            .event(
                "hurt",
                elapsed(1),
                "{'type':'harm','who':%s,'amount':%s}".formatted(tobin, value(999)))
            .event("down", 0, AGAIN, "{'type':'goesDown','who':" + tobin + "}")
            .event("helped", 0, AGAIN, "{'type':'isHelpedUp','who':" + tobin + "}")
            .event("by", 0, AGAIN, BOTH.formatted("isHelpedBy", tobin, PLAYERS))
            .event("self", 0, AGAIN, BOTH.formatted("isHelpedBy", tobin, tobin))
            .after(60);
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 78);
    assertThat(fired(world, "helped")).isEmpty();
    Stage.steps(world, 5);
    int who = Stage.number(world, "tobin");
    assertThat(causers(world, "down")).containsExactly(who);
    assertThat(causers(world, "helped")).containsExactly(who);
    assertThat(causers(world, "by")).containsExactly(who);
    assertThat(causers(world, "self")).isEmpty();
  }

  @Test
  void whatKillsAndWithWhatIsToldApart() {
    String w =
        "{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':" + ref("units", "w") + "}}";
    String with = "{'type':'isHitWith','who':%s,'whom':%s,'weapon':%s}";
    String killed = with.replace("isHitWith", "isKilledWith");
    World world =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 80)
            .put("/units/w/facing", "180")
            .unit("other", "wreckers", "wrecker", 10, 10)
            .event("hit", 0, AGAIN, BOTH.formatted("isHit", PLAYERS, w))
            .event("byc", 0, AGAIN, with.formatted(PLAYERS, w, ref("weapons", "cudgel")))
            .event("bys", 0, AGAIN, with.formatted(PLAYERS, w, ref("weapons", "sling")))
            .event("killed", 0, AGAIN, BOTH.formatted("isKilled", PLAYERS, w))
            .event("club", 0, AGAIN, killed.formatted(PLAYERS, w, ref("weapons", "cudgel")))
            .event("stone", 0, AGAIN, killed.formatted(PLAYERS, w, ref("weapons", "sling")))
            .event("harm", elapsed(1), harm("other", 9999))
            .event("alone", 0, AGAIN, BOTH.formatted("isKilled", WRECKERS, ANYONE))
            .event("died", 0, AGAIN, "{'type':'dies','who':%s}".formatted(WRECKERS))
            .after(2400);
    assertThat(fired(world, "hit")).isNotEmpty();
    assertThat(fired(world, "byc")).isEqualTo(fired(world, "hit"));
    assertThat(fired(world, "bys")).isEmpty();
    assertThat(fired(world, "killed")).hasSize(1);
    assertThat(fired(world, "club")).isEqualTo(fired(world, "killed"));
    assertThat(fired(world, "stone")).isEmpty();
    assertThat(fired(world, "died")).hasSize(1);
    assertThat(fired(world, "alone")).isEmpty();
  }

  private static String harm(String unit, double amount) {
    return "{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}},'amount':%s}"
        .formatted(ref("units", unit), value(amount));
  }

  @Test
  void anOrderIsFinishedOnceAndAgainWhenItIsGivenAgain() {
    String send =
        "{'type':'send','who':%s,'place':%s}"
            .formatted(Stage.allOf("wreckers"), Stage.point(64, 64));
    World world =
        new Stage()
            .put("/stances", "{}")
            .unit("w0", "wreckers", "wrecker", 64, 60)
            .unit("w1", "wreckers", "wrecker", 64, 56)
            .event("one", elapsed(1), send)
            .event("two", elapsed(20), send)
            .event("e", 0, AGAIN, "{'type':'finishesOrder','who':%s}".formatted(WRECKERS))
            .after(600);
    List<Integer> fired = fired(world, "e");
    assertThat(causers(world, "e"))
        .containsExactlyInAnyOrderElementsOf(
            List.of(0, 1, 0, 1).stream().map(i -> number(world, "w" + i)).toList());
    assertThat(fired.getFirst()).isGreaterThan(20);
    assertThat(fired.subList(2, 4)).containsExactly(401, 401);
  }

  @Test
  void theEndOfARouteIsReachedOnceByEachWhoGoesAlongIt() {
    World world =
        walkers(2)
            .event(
                "e",
                0,
                AGAIN,
                "{'type':'reachesEnd','who':%s,'route':%s}"
                    .formatted(WRECKERS, ref("routes", "r1")))
            .event(
                "any",
                0,
                AGAIN,
                "{'type':'reachesWaypoint','who':%s,'route':%s}"
                    .formatted(WRECKERS, ref("routes", "r1")))
            .after(600);
    assertThat(causers(world, "e")).containsExactly(number(world, "w1"));
    assertThat(fired(world, "e").getFirst())
        .isBetween(fired(world, "any").getFirst(), fired(world, "any").getFirst() + 1);
  }

  @Test
  void theOtherIsWhoHitThemAndNobodyWhereThereIsNoSecondParty() {
    String w =
        "{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':" + ref("units", "w") + "}}";
    String harm =
        "{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'other'}},'amount':%s}";
    Stage stage =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 80)
            .put("/units/w/facing", "180")
            .event(
                "back",
                1,
                AGAIN,
                "{'type':'isHit','who':%s,'whom':%s}".formatted(PLAYERS, w),
                harm.formatted(value(5)))
            .event(
                "alone", 0, AGAIN, "{'type':'hears','who':" + w + "}", harm.formatted(value(50)));
    World world = stage.after(600);
    int wrecker = Stage.number(world, "w");
    assertThat(fired(world, "back")).hasSize(1);
    assertThat(causers(world, "back")).containsExactly(Stage.number(world, "p"));
    assertThat(world.read().health(wrecker)).isEqualTo(world.plan().kind(wrecker).health() - 5);
  }

  @Test
  void nothingIsDoneToACauserThatIsNotDoneToAnybodyElse() {
    World world =
        walkers(1)
            .event(
                "helps",
                0,
                AGAIN,
                enters(WRECKERS),
                "{'type':'helpUp','who':" + CAUSER + "}",
                "{'type':'bringInAt','who':%s,'place':{'type':'point','position':{'x':20,'y':20}}}"
                    .formatted(CAUSER))
            .after(300);
    int walker = Stage.number(world, "w0");
    assertThat(fired(world, "helps")).hasSize(1);
    assertThat(world.read().health(walker)).isEqualTo(world.plan().kind(walker).health());
    assertThat(world.read().x(walker)).isGreaterThan(60);
  }

  @Test
  void whoGivesUpIsTheCauserAndTheyWereAfterTheOther() {
    String other = "{'quantifier':{'type':'any'},'whom':{'type':'other'}}";
    World world =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 30)
            .event(
                "e",
                0,
                AGAIN,
                "{'type':'givesUp','who':%s,'whom':%s}".formatted(WRECKERS, PLAYERS),
                "{'type':'harm','who':%s,'amount':%s}".formatted(other, value(1)))
            .world(3);
    int player = Stage.number(world, "p");
    while (world.read().alertness(1) != Condition.Alertness.ALARMED) {
      Stage.steps(world, 1);
    }
    double before = world.read().health(player);
    Inside.of(world).body.stand(player, 2, 126);
    Stage.steps(world, 20 * 40);
    assertThat(causers(world, "e")).containsExactly(Stage.number(world, "w"));
    assertThat(world.read().health(player)).isEqualTo(before - 1);
  }

  @Test
  void whoIsMadeAlarmedBecomesSoOnceAndCalmOnce() {
    String make = "{'type':'setAlertness','who':%s,'alertness':'%s'}";
    String becomes = "{'type':'becomesAlert','who':%s,'alertness':'%s'}";
    World world =
        new Stage()
            .put("/stances", "{}")
            .unit("w", "wreckers", "wrecker", 64, 100)
            .event(
                "makes",
                elapsed(1),
                make.formatted(WRECKERS, "alarmed"),
                make.formatted(WRECKERS, "alarmed"),
                make.formatted(WRECKERS, "unaware"))
            .event("alarmed", 0, AGAIN, becomes.formatted(WRECKERS, "alarmed"))
            .event("calm", 0, AGAIN, becomes.formatted(WRECKERS, "unaware"))
            .event("wary", 0, AGAIN, becomes.formatted(WRECKERS, "wary"))
            .after(200);
    assertThat(fired(world, "alarmed")).containsExactly(20);
    assertThat(fired(world, "calm")).containsExactly(20);
    assertThat(fired(world, "wary")).isEmpty();
    assertThat(causers(world, "alarmed")).containsExactly(Stage.number(world, "w"));
  }
}
