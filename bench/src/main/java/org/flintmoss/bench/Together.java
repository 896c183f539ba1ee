package org.flintmoss.bench;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.balance.Understudy;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.Snapshots;
import org.flintmoss.trial.Trial;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a step costs with as many players as there can be, each of whom is shown a snapshot and told
 * what is new in every step: the race, run by understudies.
 */
final class Together {
  private static final int WARM_UP = 400;
  private static final int STEPS = 1000;

  private Together() {}

  static void measure(ObjectNode json) {
    MissionFile file = Samples.demo("the-pilots-race");
    ObjectNode document = (ObjectNode) file.document().deepCopy();
    ObjectNode starts = document.withObject("/starts");
    for (int more = starts.size(); more < Terms.MOST_PLAYERS; more++) {
      ObjectNode start = (ObjectNode) file.document().at("/starts/p").deepCopy();
      start.put("name", "Lad " + more).put("order", "b" + more);
      start.withObject("/position").put("y", 14 + more);
      starts.set("start-" + more, start);
    }
    Mission mission = MissionReader.read(document);
    Plan plan = Plans.compile(mission, file, Difficulty.BREEZY);
    Trial trial = new Trial(plan, file.hash(), Difficulty.BREEZY, 4);
    Understudy understudy = Understudy.named("bold");
    List<Snapshots> snapshots = new ArrayList<>();
    List<PlayerFeed> feeds = new ArrayList<>();
    for (int seat = 0; seat < plan.seats(); seat++) {
      trial.input(new Command(seat, new Input.Join()));
      snapshots.add(new Snapshots(trial.world(), seat));
      feeds.add(new PlayerFeed(trial.world(), seat));
    }
    long stepped = 0;
    long shown = 0;
    long bytes = 0;
    for (int step = -WARM_UP; step < STEPS && !trial.world().over(); step++) {
      understudy.act(trial.world()).forEach(trial::input);
      long from = System.nanoTime();
      trial.step();
      long between = System.nanoTime();
      int sent = 0;
      for (int seat = 0; seat < plan.seats(); seat++) {
        sent += snapshots.get(seat).next().length;
        snapshots.get(seat).acknowledge(trial.world().read().step());
        sent += Json.MAPPER.writeValueAsBytes(feeds.get(seat).news()).length;
      }
      if (step >= 0) {
        stepped += between - from;
        shown += System.nanoTime() - between;
        bytes += sent;
      }
    }
    json.put("players", plan.seats());
    json.put("nanosPerStep", (double) stepped / STEPS);
    json.put("nanosPerStepToShowAndTell", (double) shown / STEPS);
    json.put("shareOfRealTime", (stepped + shown) / (STEPS * 1e9 / Plan.STEPS_PER_SECOND));
    json.put(
        "bytesPerSecondAndPlayer", (double) bytes / STEPS * Plan.STEPS_PER_SECOND / plan.seats());
  }
}
