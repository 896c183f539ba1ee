package org.flintmoss.simulation;

import static org.flintmoss.Stage.point;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;
import static org.flintmoss.Stage.value;

import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.flintmoss.Stage;

/** Small missions with scripts made at random, in which units walk in and out of zones. */
public final class RandomMissions {
  private static final int EVENTS = 8;

  private final Random luck;

  /** Its own, so that missions are as they were before anybody was narrowed down. */
  private final Random narrows;

  /** Whether conditions may rest on chance: those of events may, those of branches not. */
  private boolean rolls;

  /** The mission of a seed. */
  public RandomMissions(long seed) {
    luck = new Random(seed);
    narrows = new Random(~seed);
  }

  /** A stage with all of it. */
  public Stage stage() {
    Stage stage =
        new Stage()
            .put("/stances", "{}")
            .put("/starts/p/position", "{'x':64,'y':70}")
            .zone("a", 60, 60, 8)
            .zone("b", 74, 66, 6)
            .route(
                "r",
                "loop",
                "52 60 'run' 'goesOn'",
                "70 60 'run' 'goesOn'",
                "74 68 'run' 'goesOn'",
                "60 72 'run' 'goesOn'")
            .put("/counters/c0", "{'name':'c0','value':0}")
            .put("/counters/c1", "{'name':'c1','value':2}")
            .put("/timers/t0", "{'name':'t0','seconds':2,'running':true,'shown':false}")
            .put("/timers/t1", "{'name':'t1','seconds':0.7,'running':false,'shown':false}");
    for (int i = 0; i < 3; i++) {
      stage.flag("f" + i).unit("w" + i, "wreckers", "wrecker", 50 + 9 * i, 58 + 4 * i);
      stage.put("/units/w" + i + "/order", "{'type':'along','route':" + ref("routes", "r") + "}");
    }
    for (int i = 0; i < 2; i++) {
      stage.squad("s" + i, "w" + i, "{'type':'stay'}");
      stage.put(
          "/units/w" + i + "/belongs",
          "{'type':'squad','squad':%s}".formatted(ref("squads", "s" + i)));
    }
    stage.band("band", "s0", "s1");
    for (int i = 0; i < 2; i++) {
      stage.put(
          "/objectives/o" + i,
          "{'name':'o','order':'a%d','text':'','rank':'primary','open':%s}".formatted(i, i == 0));
    }
    for (int i = 0; i < EVENTS; i++) {
      event(stage, "e" + i);
    }
    return stage;
  }

  private String one(String... of) {
    return of[luck.nextInt(of.length)];
  }

  private String any(String letter, int of) {
    return letter + luck.nextInt(of);
  }

  private boolean chance(double share) {
    return luck.nextDouble() < share;
  }

  private double seconds(double most) {
    return (Math.rint(luck.nextDouble() * most * 20) + 1) / 20;
  }

  private void event(Stage stage, String id) {
    String again =
        switch (luck.nextInt(4)) {
          case 0 -> "{'type':'after','seconds':%s}".formatted(seconds(2));
          case 1 -> "{'type':'every','seconds':%s}".formatted(seconds(2));
          default -> "{'type':'whenFalse'}";
        };
    String[] actions =
        IntStream.range(0, 1 + luck.nextInt(3))
            .mapToObj(_ -> (chance(0.3) ? seconds(1.5) + "|" : "") + action(0))
            .toArray(String[]::new);
    rolls = true;
    boolean happens = chance(0.35);
    String when = happens ? eachTime() : group("all", 0);
    rolls = false;
    stage.event(id, luck.nextInt(4), again, when, actions);
    if (happens) {
      stage.put("/events/" + id + "/firings", "'" + one("sideBySide", "inTurn", "dropped") + "'");
    }
    if (chance(0.15)) {
      stage.put("/events/" + id + "/listens", "'onceWoken'");
    }
  }

  /** Something that happens, or one of two such, beside what else must hold. */
  private String eachTime() {
    String what = chance(0.7) ? happening() : parts("any", happening(), besides(happening()));
    return chance(0.5) ? Stage.all(what) : besides(what);
  }

  private String besides(String what) {
    return parts("all", what, condition(1));
  }

  private static String parts(String type, String one, String other) {
    String part = "'%s':{'order':'%s','condition':%s}";
    return "{'type':'%s','parts':{%s,%s}}"
        .formatted(type, part.formatted("p0", "a0", one), part.formatted("p1", "a1", other));
  }

  private String happening() {
    return switch (luck.nextInt(5)) {
      case 0 -> "{'type':'fires','event':%s}".formatted(ref("events", any("e", EVENTS)));
      case 1 ->
          "{'type':'objectiveBecomes','objective':%s,'state':'%s'}"
              .formatted(ref("objectives", any("o", 2)), one("open", "done"));
      default ->
          "{'type':'%s','who':{'quantifier':{'type':'any'},'whom':%s},'zone':%s}"
              .formatted(one("enters", "leaves", "comesBack"), whom(), ref("zones", one("a", "b")));
    };
  }

  private String group(String type, int depth) {
    String parts =
        IntStream.range(0, 1 + luck.nextInt(2))
            .mapToObj(i -> "'p%d':{'order':'a%d','condition':%s}".formatted(i, i, condition(depth)))
            .collect(Collectors.joining(","));
    return "{'type':'%s','parts':{%s}}".formatted(type, parts);
  }

  private String condition(int depth) {
    if (depth < 3 && chance(0.35)) {
      return switch (luck.nextInt(4)) {
        case 0 -> group("all", depth + 1);
        case 1 -> group("any", depth + 1);
        case 2 -> "{'type':'not','of':%s}".formatted(condition(depth + 1));
        default ->
            "{'type':'heldFor','inAll':%s,'of':%s,'seconds':%s}"
                .formatted(narrows.nextDouble() < 0.3, condition(depth + 1), seconds(1.5));
      };
    }
    if (rolls && chance(0.12)) {
      return "{'type':'chance','percent':%s}".formatted(20 + luck.nextInt(61));
    }
    if (narrows.nextDouble() < 0.08) {
      return "{'type':'comesTo','one':%s,%s,'other':%s}"
          .formatted(amount(), comparison(), amount());
    }
    return chance(0.5) ? own() : ofUnits(selector());
  }

  private String comparison() {
    return "'comparison':'%s'".formatted(one("atLeast", "atMost", "exactly", "not"));
  }

  /** A condition about what the script keeps itself. */
  private String own() {
    String timer = ref("timers", any("t", 2));
    return switch (luck.nextInt(9)) {
      case 0 ->
          "{'type':'counter','counter':%s,%s,'amount':%s}"
              .formatted(ref("counters", any("c", 2)), comparison(), amount());
      case 1 ->
          "{'type':'objective','objective':%s,'state':'%s'}"
              .formatted(ref("objectives", any("o", 2)), one("open", "done", "notYetOpen"));
      case 2 -> "{'type':'elapsed',%s,'time':%s}".formatted(comparison(), seconds(8));
      case 3 -> "{'type':'fired','event':%s}".formatted(ref("events", any("e", EVENTS)));
      case 4 ->
          "{'type':'firedOften','event':%s,%s,'times':%s}"
              .formatted(ref("events", any("e", EVENTS)), comparison(), value(luck.nextInt(3)));
      case 5 -> "{'type':'runs','timer':%s}".formatted(timer);
      case 6 -> "{'type':'runOut','timer':%s}".formatted(timer);
      case 7 ->
          "{'type':'timeLeft','timer':%s,%s,'time':%s}".formatted(timer, comparison(), amount());
      default ->
          "{'type':'flag','flag':%s,'on':'%s'}"
              .formatted(ref("flags", any("f", 3)), one("on", "off"));
    };
  }

  private String ofUnits(String who) {
    return switch (luck.nextInt(6)) {
      case 5 -> "{'type':'facing','who':%s,'place':%s}".formatted(who, point(66, 62));
      case 2 ->
          "{'type':'close','who':%s,'distance':%s,'whom':%s}"
              .formatted(who, value(4 + luck.nextInt(40)), selector());
      case 0 ->
          "{'type':'near','who':%s,%s,'distance':%s,'place':%s}"
              .formatted(
                  who,
                  "'comparison':'" + one("atLeast", "atMost") + "'",
                  value(4 + luck.nextInt(12)),
                  point(66, 62));
      case 1 ->
          "{'type':'health','who':%s,%s,'percent':%s}"
              .formatted(who, comparison(), value(90 + luck.nextInt(11)));
      default ->
          "{'type':'%s','who':%s,'zone':%s}"
              .formatted(
                  one("inside", "inside", "beenInside", "hasLeft", "cameBack"),
                  who,
                  ref("zones", one("a", "b")));
    };
  }

  private String selector() {
    int count = luck.nextInt(4);
    String quantifier =
        switch (luck.nextInt(5)) {
          case 0 -> "{'type':'all'}";
          case 1 -> "{'type':'none'}";
          case 2 -> "{'type':'share','percent':%s}".formatted(10 + luck.nextInt(90));
          case 3 ->
              "{'type':'atLeast','count':{'count':%d,'pins':{'calm':%d,'breezy':%d,'rough':%d,'storm':%d}}}"
                  .formatted(count, count, count, count, count);
          default -> "{'type':'any'}";
        };
    return "{'quantifier':%s,'whom':%s}".formatted(quantifier, whom());
  }

  private String whom() {
    double narrow = narrows.nextDouble();
    if (narrow < 0.1) {
      return "{'type':'inside','of':%s,'zone':%s}"
          .formatted(whom(), ref("zones", narrow < 0.05 ? "a" : "b"));
    }
    if (narrow < 0.2) {
      return "{'type':'within','of':%s,'distance':%s,'place':%s}"
          .formatted(whom(), 100 * narrow, Stage.point(66, 64));
    }
    return switch (luck.nextInt(5)) {
      case 2 -> "{'type':'band','band':%s}".formatted(ref("bands", "band"));
      case 0 -> "{'type':'unit','unit':%s}".formatted(ref("units", any("w", 3)));
      case 1 -> "{'type':'anyone'}";
      default -> "{'type':'side','side':%s}".formatted(ref("sides", "wreckers"));
    };
  }

  private String amount() {
    double reads = narrows.nextDouble();
    if (reads < 0.1) {
      return "{'type':'formula','of':{'type':'howMany','who':%s},'times':1,'plus':%d}"
          .formatted(whom(), narrows.nextInt(3) - 1);
    }
    if (reads < 0.2) {
      return reads < 0.15
          ? "{'type':'formula','of':{'type':'played'},'times':0.5,'plus':-1}"
          : "{'type':'formula','of':{'type':'left','timer':%s},'times':2,'plus':0}"
              .formatted(ref("timers", "t0"));
    }
    if (reads < 0.32) {
      return "{'type':'formula','of':%s,'times':%s,'plus':0}".formatted(reading(), one("1", "0.1"));
    }
    return chance(0.3)
        ? "{'type':'formula','of':{'type':'counter','counter':%s},'times':%s,'plus':%s}"
            .formatted(ref("counters", any("c", 2)), one("1", "0.5"), luck.nextInt(3))
        : value(luck.nextInt(4));
  }

  private String reading() {
    return switch (narrows.nextInt(4)) {
      case 0 -> "{'type':'away','place':%s,'who':%s}".formatted(Stage.point(60, 64), whom());
      case 1 -> "{'type':'apart','who':%s,'whom':%s}".formatted(whom(), whom());
      case 2 ->
          "{'type':'extreme','end':'%s','measure':'health','who':%s}"
              .formatted(narrows.nextBoolean() ? "least" : "greatest", whom());
      default -> "{'type':'timesFired','event':%s}".formatted(ref("events", any("e", EVENTS)));
    };
  }

  private String lines(int depth, boolean inTurn) {
    return IntStream.range(0, luck.nextInt(3))
        .mapToObj(
            i ->
                "'l%d':{'order':'a%d','after':%s,'action':%s}"
                    .formatted(
                        i,
                        i,
                        value(chance(0.3) ? seconds(1) : 0),
                        inTurn && chance(0.4) ? branchInTurn() : action(depth)))
        .collect(Collectors.joining(",", "{", "}"));
  }

  private String branchInTurn() {
    String thisOne = "{'quantifier':{'type':'any'},'whom':{'type':'thisOne'}}";
    return "{'type':'if','condition':%s,'then':{'l':{'order':'a0','after':%s,'action':%s}},'otherwise':{}}"
        .formatted(
            Stage.all(ofUnits(thisOne)),
            value(0),
            "{'type':'addToCounter','amount':%s,'counter':%s}"
                .formatted(value(1), ref("counters", any("c", 2))));
  }

  private String action(int depth) {
    String event = ref("events", any("e", EVENTS));
    String timer = ref("timers", any("t", 2));
    return switch (luck.nextInt(depth < 2 ? 13 : 11)) {
      case 0, 1 -> turn(any("f", 3), one("on", "off"));
      case 2 -> "{'type':'turnOver','flag':%s}".formatted(ref("flags", any("f", 3)));
      case 3 ->
          "{'type':'setCounter','counter':%s,'amount':%s}"
              .formatted(ref("counters", any("c", 2)), value(luck.nextInt(4)));
      case 4 ->
          "{'type':'addToCounter','amount':%s,'counter':%s}"
              .formatted(value(luck.nextInt(3) - 1), ref("counters", any("c", 2)));
      case 5 ->
          "{'type':'%s','objective':%s}"
              .formatted(one("openObjective", "completeObjective"), ref("objectives", any("o", 2)));
      case 6 -> "{'type':'startTimer','timer':%s}".formatted(timer);
      case 7 -> "{'type':'stopTimer','timer':%s}".formatted(timer);
      case 8 -> "{'type':'wakeEvent','event':%s}".formatted(event);
      case 9 -> "{'type':'putToSleep','event':%s}".formatted(event);
      case 10 -> "{'type':'harm','who':%s,'amount':%s}".formatted(selector(), value(0.25));
      case 11 ->
          "{'type':'if','condition':%s,'then':%s,'otherwise':%s}"
              .formatted(group("all", 1), lines(depth + 1, false), lines(depth + 1, false));
      default ->
          "{'type':'forEach','who':%s,'time':%s,'lines':%s}"
              .formatted(selector(), value(chance(0.5) ? 0 : seconds(1)), lines(depth + 1, true));
    };
  }
}
