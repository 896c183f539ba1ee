package org.flintmoss.bench;

import java.util.Arrays;
import java.util.List;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.script.text.ScriptText;
import org.flintmoss.simulation.PhaseWatch;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import tools.jackson.databind.node.ObjectNode;

/**
 * What the script costs in a step of a mission of 10,000 events, while none, ten or a hundred facts
 * change in every step, or a hundred things happen; beside it what it costs to look at every event
 * in every step.
 */
final class ScriptBench {
  private static final int EVENTS = 10_000;

  /** As many flags as a mission may have, but for the one that is never on; events share them. */
  private static final int FLAGS = 4_999;

  /** All three run so far before any of them is timed: what is timed has long been compiled. */
  private static final int WARM_UP = 60_000;

  private static final int STEPS = 4000;

  /** The median of this many stretches is reported. */
  private static final int STRETCHES = 5;

  private long spent;
  private long last;

  private ScriptBench() {}

  static ObjectNode measure() {
    ObjectNode json = Json.MAPPER.createObjectNode().put("events", EVENTS);
    json.set("machine", Calibration.here());
    int[] changes = {0, 10, 100};
    List<World> worlds = Arrays.stream(changes).mapToObj(it -> world(it, false)).toList();
    World happens = world(100, true);
    worlds.forEach(world -> steps(world, WARM_UP));
    steps(happens, WARM_UP);
    for (int i = 0; i < changes.length; i++) {
      new ScriptBench().measure(worlds.get(i), json.putObject("factsChanging" + changes[i]));
    }
    new ScriptBench().measure(happens, json.putObject("happenings100"));
    text(json);
    return json;
  }

  private static World world(int changes, boolean happens) {
    return new World(
        Plans.compile(mission(changes, happens), Samples.blank(), Difficulty.BREEZY), 7);
  }

  private void measure(World world, ObjectNode json) {
    double[] each = new double[STRETCHES];
    for (int i = 0; i < STRETCHES; i++) {
      spent = 0;
      world.watch(this::passed);
      steps(world, STEPS);
      world.watch(_ -> {});
      each[i] = (double) spent / STEPS;
    }
    Arrays.sort(each);
    double naive = naive(world);
    json.put("nanosPerStep", each[STRETCHES / 2]);
    json.put("nanosLookingAtEveryEvent", naive);
    json.put("timesFaster", naive / each[STRETCHES / 2]);
  }

  private void passed(PhaseWatch.Phase phase) {
    long now = System.nanoTime();
    spent += phase == PhaseWatch.Phase.SCRIPT ? now - last : 0;
    last = now;
  }

  private static void steps(World world, int steps) {
    for (int i = 0; i < steps; i++) {
      world.step(List.of());
    }
  }

  /** The same conditions, each looked at in every step. */
  private static double naive(World world) {
    int rounds = 400;
    int held = 0;
    long from = 0;
    for (int round = -rounds; round < rounds; round++) {
      from = round == 0 ? System.nanoTime() : from;
      for (int event = 0; event < EVENTS; event++) {
        held += world.script().flag(1 + event % FLAGS) && world.script().flag(0) ? 1 : 0;
      }
    }
    if (held != 0) {
      throw new IllegalStateException("no event should ever be due");
    }
    return (double) (System.nanoTime() - from) / rounds;
  }

  /**
   * Events that each wait for a flag of their own and for one that is never on.
   *
   * @param happens whether they wait for the flag to be turned, not for how it stands
   */
  private static Mission mission(int changes, boolean happens) {
    String event =
        happens
            ? "event \"E%d\"\n  each time [Flag %d] is turned on\n   and [Never] is on\n"
            : "event \"E%d\"\n  when [Flag %d] is on\n   and [Never] is on\n";
    ObjectNode document = (ObjectNode) Samples.blank().document().deepCopy();
    ObjectNode flags = document.putObject("flags");
    flag(flags, 0, "Never");
    StringBuilder script = new StringBuilder("chapter \"All\"\n");
    script.append("event \"Turns\", any number of times, every 0.05 s while true\n");
    script.append("  when play has lasted at least 0 s\n");
    for (int i = 1; i <= FLAGS; i++) {
      flag(flags, i, "Flag " + i);
    }
    for (int i = 1; i <= changes; i++) {
      script.append(i == 1 ? "  do " : "     ").append("turn [Flag %d] over\n".formatted(i * 49));
    }
    for (int i = 1; i <= EVENTS - 1; i++) {
      script.append(event.formatted(i, 1 + i % FLAGS));
    }
    ScriptText.Outcome outcome =
        ScriptText.apply(document, MissionReader.read(document), script.toString());
    if (!outcome.troubles().isEmpty()) {
      throw new IllegalStateException(outcome.troubles().getFirst().located());
    }
    return MissionReader.read(outcome.document());
  }

  private static void flag(ObjectNode flags, int number, String name) {
    ObjectNode flag = flags.putObject("flag-%05d".formatted(number));
    flag.put("name", name).put("on", false).putObject("of").put("type", "mission");
  }

  /** How long the text of all these events takes to be written, and to be read again. */
  private static void text(ObjectNode json) {
    Mission mission = mission(0, false);
    ObjectNode document = Json.MAPPER.valueToTree(mission);
    long from = System.nanoTime();
    String text = ScriptText.print(mission);
    json.put("textLetters", text.length());
    json.put("textWrittenMillis", (System.nanoTime() - from) / 1e6);
    from = System.nanoTime();
    ScriptText.apply(document, mission, text);
    json.put("textReadMillis", (System.nanoTime() - from) / 1e6);
  }
}
