package org.flintmoss.format;

import static org.flintmoss.Stage.ref;

import java.util.TreeMap;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.script.text.ScriptText;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.Trial;

/**
 * A drill for three, recorded: a bell rope is pulled three times, a call is sent three times, twice
 * of them in one step, and three cross a yard in which others stand.
 */
public final class BellDrill {
  private static final String SCRIPT =
      """
      chapter "Drill"

      event "A hand on the bell rope"
        each time any player uses [Bell rope]
        do add 1 to [Answers]
           harm the causer by 1

      event "All hands"
        each time any player sends [Ready]
        do add 1 to [Answers]

      event "Into the yard"
        each time any player enters [Drill yard]
        do add 1 to [Answers]
           wait 2 s, heal the causer by 1

      event "Drill over"
        when [Answers] is at least 9
        do wait 3 s, end the mission with [Drill over]
      """;

  private BellDrill() {}

  /** The mission that is played. */
  public static MissionFile mission() {
    Stage stage =
        new Stage()
            .put("/brief/title", "'Drill at the bell'")
            .put("/brief/author", "'The Lamp Office'")
            .put("/starts/p/name", "'Mara Quill'")
            .put("/chapters", "{'drill':{'name':'Drill','order':'a1'}}")
            .lever("bell-rope", 64, 65.2, 0, "{'type':'nothing'}")
            .put("/fixtures/bell-rope/name", "'Bell rope'")
            .put("/calls/ready", "{'name':'Ready','order':'a0'}")
            .put("/counters/answers", "{'name':'Answers','value':0}")
            .zone("yard", 84, 64, 6)
            .put("/zones/yard/name", "'Drill yard'")
            .unit("w1", "keepers", "coastguard", 84, 66)
            .put("/units/w1/name", "'Ned Sallow'")
            .unit("w2", "townsfolk", "townsman", 86, 62)
            .put("/units/w2/name", "'Widow Fenn'")
            .put(
                "/endings/over",
                "{'name':'Drill over','order':'a1','outcome':'won','delay':1,'debriefing':'Nine answers for nine. Again tomorrow.'}");
    start(stage, "q", "Tobin Ash", "lamp-lad", 62);
    start(stage, "r", "Nan Sedge", "keeper", 60);
    ScriptText.Outcome outcome = ScriptText.apply(stage.document(), stage.mission(), SCRIPT);
    if (!outcome.troubles().isEmpty()) {
      throw new IllegalStateException(outcome.troubles().toString());
    }
    return new MissionFile(outcome.document(), new TreeMap<>());
  }

  private static void start(Stage stage, String id, String name, String kind, double y) {
    stage
        .put("/starts/" + id, stage.document().at("/starts/p").toString().replace('"', '\''))
        .put("/starts/" + id + "/name", "'" + name + "'")
        .put("/starts/" + id + "/kind", ref("kinds", kind))
        .put("/starts/" + id + "/position/y", "" + y);
  }

  /** Mission and recording as a file. */
  static byte[] make() {
    return play(mission());
  }

  /** A mission file of it and its recording, as a file. */
  static byte[] play(MissionFile file) {
    Plan plan = Plans.compile(file.mission(), file, Difficulty.BREEZY);
    Trial trial = new Trial(plan, file.hash(), Difficulty.BREEZY, 1);
    while (!trial.world().over() && trial.world().read().step() < 1200) {
      does(trial, trial.world().read().step() + 1);
      trial.step();
    }
    return MissionZip.write(file, trial.recording());
  }

  /** What the three do before a step is taken. */
  private static void does(Trial trial, int step) {
    switch (step) {
      case 1 -> {
        for (int seat = 0; seat < 3; seat++) {
          trial.input(new Command(seat, new Input.Join()));
        }
      }
      case 10, 70, 130 -> trial.input(new Command(0, new Input.Use(1)));
      case 40 -> {
        trial.input(new Command(1, new Input.Call("ready")));
        trial.input(new Command(2, new Input.Call("ready")));
      }
      case 60 -> trial.input(new Command(1, new Input.Call("ready")));
      case 90 -> trial.input(new Command(1, new Input.Go(100, 64)));
      case 91 -> trial.input(new Command(2, new Input.Go(100, 62)));
      case 200 -> trial.input(new Command(0, new Input.Go(84, 60)));
      default -> {}
    }
  }
}
