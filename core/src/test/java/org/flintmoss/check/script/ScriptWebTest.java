package org.flintmoss.check.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.turn;
import static org.flintmoss.Stage.value;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.flintmoss.Stage;
import org.flintmoss.check.script.ScriptWeb.Is;
import org.flintmoss.check.script.ScriptWeb.Mark;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.junit.jupiter.api.Test;

/** A script as a web: who sets, who reads, and what stands out. */
class ScriptWebTest {
  private static Ref event(String id) {
    return new Ref(Family.EVENTS, id);
  }

  private static Ref flag(String id) {
    return new Ref(Family.FLAGS, id);
  }

  private static Set<Mark> marks(ScriptWeb web, Ref ref) {
    return web.nodes().stream()
        .filter(it -> it.ref().equals(ref))
        .findFirst()
        .orElseThrow()
        .marks();
  }

  private static ScriptWeb.Edge edge(Ref from, Ref to, Is is) {
    return new ScriptWeb.Edge(from, to, is);
  }

  @Test
  void eventsAreTiedToWhatTheySetAndRead() {
    ScriptWeb web =
        ScriptWeb.of(
            new Stage()
                .flag("f")
                .event("a", elapsed(1), turn("f", "on"))
                .event("b", all(flagOn("f")))
                .mission());
    assertThat(web.edges())
        .containsExactlyInAnyOrder(
            edge(event("a"), flag("f"), Is.SET), edge(flag("f"), event("b"), Is.READ));
    assertThat(marks(web, flag("f"))).isEmpty();
  }

  @Test
  void whatAnAmountNamesIsReadAndWhatIsAddedToIsSet() {
    String add =
        "{'type':'addToCounter','counter':%s,'amount':{'type':'formula','of':{'type':'counter','counter':%s},'times':1,'plus':0}}"
            .formatted(Stage.ref("counters", "to"), Stage.ref("counters", "by"));
    ScriptWeb web =
        ScriptWeb.of(
            new Stage()
                .put("/counters/to", "{'name':'to','value':0}")
                .put("/counters/by", "{'name':'by','value':0}")
                .event("e", elapsed(1), add)
                .mission());
    assertThat(web.edges())
        .containsExactlyInAnyOrder(
            edge(event("e"), new Ref(Family.COUNTERS, "to"), Is.SET),
            edge(new Ref(Family.COUNTERS, "by"), event("e"), Is.READ));
    assertThat(marks(web, new Ref(Family.COUNTERS, "to"))).containsExactly(Mark.NEVER_READ);
    assertThat(marks(web, new Ref(Family.COUNTERS, "by"))).containsExactly(Mark.NEVER_SET);
  }

  @Test
  void eventsThatLeadBackToOneAnotherAreACircle() {
    Stage stage =
        new Stage()
            .flag("f")
            .flag("g")
            .event("a", all(flagOn("g")), turn("f", "on"))
            .event("b", all(flagOn("f")), turn("g", "on"))
            .event("c", all(flagOn("f")));
    ScriptWeb web = ScriptWeb.of(stage.mission());
    List<Ref> circle =
        web.nodes().stream()
            .filter(it -> it.marks().contains(Mark.CIRCLE))
            .map(ScriptWeb.Node::ref)
            .toList();
    assertThat(circle).containsExactlyInAnyOrder(event("a"), event("b"), flag("f"), flag("g"));
    assertThat(marks(web, event("a"))).contains(Mark.NEVER);
    stage.event("d", elapsed(1), turn("g", "on"));
    assertThat(marks(ScriptWeb.of(stage.mission()), event("a"))).containsExactly(Mark.CIRCLE);
  }

  @Test
  void wakingAndPuttingToSleepAreThreadsOfTheirOwn() {
    String other = ",'event':" + Stage.ref("events", "b") + "}";
    ScriptWeb web =
        ScriptWeb.of(
            new Stage()
                .event("a", elapsed(1), "{'type':'wakeEvent'" + other)
                .event("c", elapsed(1), "{'type':'putToSleep'" + other)
                .event("b", elapsed(2))
                .mission());
    assertThat(web.edges())
        .containsExactlyInAnyOrder(
            edge(event("a"), event("b"), Is.WAKES), edge(event("c"), event("b"), Is.PUTS_TO_SLEEP));
  }

  @Test
  void whatIsWithinBranchesAndChoicesCountsToo() {
    String lines = "{'l':{'order':'a0','after':%s,'action':%s}}";
    String inner = lines.formatted(value(0), turn("f", "on"));
    String branch =
        "{'type':'if','condition':%s,'then':%s,'otherwise':{}}".formatted(all(flagOn("g")), inner);
    String choice =
        "{'type':'oneOf','choices':{'w':{'order':'a0','weight':1,'lines':%s}}}"
            .formatted(lines.formatted(value(0), branch));
    ScriptWeb web =
        ScriptWeb.of(new Stage().flag("f").flag("g").event("e", elapsed(1), choice).mission());
    assertThat(web.edges())
        .containsExactlyInAnyOrder(
            edge(event("e"), flag("f"), Is.SET), edge(flag("g"), event("e"), Is.READ));
  }

  @Test
  void everyThreadOfADemoHoldsAtBothEnds() {
    ScriptWeb web = ScriptWeb.of(Samples.demo("relight-the-harrow").mission());
    Set<Ref> nodes = web.nodes().stream().map(ScriptWeb.Node::ref).collect(Collectors.toSet());
    assertThat(nodes).hasSameSizeAs(web.nodes());
    assertThat(web.edges()).hasSizeGreaterThan(60);
    assertThat(web.edges()).allMatch(it -> nodes.contains(it.from()) && nodes.contains(it.to()));
    assertThat(web.nodes()).noneMatch(it -> it.marks().contains(Mark.NEVER));
  }

  @Test
  void aChainOfManyEventsIsNoDeeperThanOne() {
    Stage stage = new Stage().flag("f0");
    StringBuilder events = new StringBuilder("{");
    StringBuilder flags =
        new StringBuilder("{'f0':{'name':'f0','on':false,'of':{'type':'mission'}}");
    for (int i = 0; i < 3000; i++) {
      flags.append(",'f%d':{'name':'f','on':false,'of':{'type':'mission'}}".formatted(i + 1));
      events.append(
          "%s'e%d':{'name':'e','chapter':{'family':'chapters','id':'chapter-1'},'order':'a%d','when':%s,'times':1,'again':{'type':'whenFalse'},'firings':'dropped','listens':'fromStart','note':'','actions':{'l':{'order':'a0','after':%s,'action':%s}}}"
              .formatted(
                  i == 0 ? "" : ",",
                  i,
                  i % 10,
                  all(flagOn("f" + i)),
                  value(0),
                  turn("f" + (i + 1), "on")));
    }
    stage.put("/flags", flags + "}").put("/events", events + "}");
    ScriptWeb web = ScriptWeb.of(stage.mission());
    assertThat(web.edges()).hasSize(6000);
    assertThat(web.nodes()).noneMatch(it -> it.marks().contains(Mark.CIRCLE));
  }

  /** A zone that loses the mission for who leaves it while a flag is on. */
  private static Stage endsWhile() {
    String end = "{'type':'endsOutside','ending':%s}".formatted(Stage.ref("endings", "lost"));
    return new Stage()
        .flag("f")
        .put(
            "/endings/lost",
            "{'name':'Lost','order':'a0','outcome':'lost','debriefing':'','delay':0}")
        .zone("z", 9, 9, 3)
        .does("z", "k", end)
        .put("/zones/z/does/k/when", all(flagOn("f")));
  }

  @Test
  void aZoneIsTiedToWhatItWaitsForAndToWhatLetsItAct() {
    String rests = "{'type':'letAct','zone':%s,'acts':'rests'}".formatted(Stage.ref("zones", "z"));
    String acts = "{'type':'zoneActs','zone':%s}".formatted(Stage.ref("zones", "z"));
    ScriptWeb web =
        ScriptWeb.of(
            endsWhile()
                .event("a", elapsed(1), turn("f", "on"), rests)
                .event("b", all(acts))
                .mission());
    Ref zone = new Ref(Family.ZONES, "z");
    Ref lost = new Ref(Family.ENDINGS, "lost");
    assertThat(web.edges())
        .containsExactlyInAnyOrder(
            edge(event("a"), flag("f"), Is.SET),
            edge(flag("f"), zone, Is.READ),
            edge(event("a"), zone, Is.SET),
            edge(zone, event("b"), Is.READ),
            edge(zone, lost, Is.SET));
    assertThat(marks(web, flag("f"))).isEmpty();
    assertThat(marks(web, lost)).isEmpty();
  }

  @Test
  void anEndingOfAZoneThatNeverActsIsNeverReached() {
    ScriptWeb web = ScriptWeb.of(endsWhile().mission());
    assertThat(marks(web, new Ref(Family.ENDINGS, "lost"))).containsExactly(Mark.NEVER);
    assertThat(marks(web, flag("f"))).containsExactly(Mark.NEVER_SET);
  }
}
