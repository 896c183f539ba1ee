package org.flintmoss.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Routes as graphs: by example, and over routes that fork at random. */
class TrackTest {
  private static String waypoint(int order, String follows, String leads) {
    return "'w%d':{'order':'a%s','position':{'x':%d,'y':20},'speed':{'type':'walk'},'waits':{'type':'goesOn'},'follows':'%s','leads':'%s'}"
        .formatted(order, order < 10 ? "0" + order : order, 10 + order, follows, leads);
  }

  private static Track track(String way, String... waypoints) {
    Mission mission =
        new Stage()
            .put(
                "/routes/r",
                "{'name':'r','way':'%s','waypoints':{%s}}"
                    .formatted(way, String.join(",", waypoints)))
            .mission();
    return Track.of(
        mission.routes().get("r"), new ActorIndex(mission), new Terms(Difficulty.BREEZY, 1));
  }

  private static String[] line(int many) {
    return IntStream.range(0, many).mapToObj(i -> waypoint(i, "", "")).toArray(String[]::new);
  }

  @Test
  void aLineIsGoneAlongOnceRoundOrThereAndBack() {
    Track once = track("once", line(3));
    assertThat(once.next(0, false, 0.9)).isEqualTo(1);
    assertThat(once.next(2, false, 0.9)).isEqualTo(Track.END);
    assertThat(track("loop", line(3)).next(2, false, 0)).isZero();
    Track back = track("thereAndBack", line(3));
    assertThat(back.next(2, false, 0)).isEqualTo(~1);
    assertThat(back.next(1, true, 0)).isEqualTo(~0);
    assertThat(back.next(0, true, 0)).isEqualTo(1);
  }

  @Test
  void oneWaypointAloneIsStayedAt() {
    assertThat(track("thereAndBack", line(1)).next(0, false, 0)).isZero();
    assertThat(track("loop", line(1)).next(0, false, 0)).isZero();
    assertThat(track("once", line(1)).next(0, false, 0)).isEqualTo(Track.END);
  }

  @Test
  void atAForkTheRollSharesTheWaysOutEvenly() {
    Track fork =
        track(
            "once",
            waypoint(0, "", ""),
            waypoint(1, "", ""),
            waypoint(2, "w0", ""),
            waypoint(3, "w0", ""));
    assertThat(fork.next(0, false, 0.1)).isEqualTo(1);
    assertThat(fork.next(0, false, 0.5)).isEqualTo(2);
    assertThat(fork.next(0, false, 0.99)).isEqualTo(3);
  }

  @Test
  void whatFollowsNothingThatIsThereFollowsTheOneBefore() {
    Track lost = track("once", waypoint(0, "gone", ""), waypoint(1, "gone", "gone"));
    assertThat(lost.before()).containsExactly(-1, 0);
    assertThat(lost.next(1, false, 0)).isEqualTo(Track.END);
    Track ahead = track("once", waypoint(0, "w1", ""), waypoint(1, "w1", "w1"));
    assertThat(ahead.before()).containsExactly(-1, 0);
  }

  static IntStream seeds() {
    return IntStream.range(0, 60);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void howeverARouteForksOneIsNeverLostOnIt(int seed) {
    SplittableRandom random = new SplittableRandom(seed);
    int many = 2 + random.nextInt(12);
    String[] points = new String[many];
    for (int i = 0; i < many; i++) {
      String follows = i > 1 && random.nextInt(3) == 0 ? "w" + random.nextInt(i) : "";
      String leads = random.nextInt(6) == 0 ? "w" + random.nextInt(many) : "";
      points[i] = waypoint(i, follows, leads);
    }
    Route.Way[] ways = Route.Way.values();
    String way = new String[] {"once", "loop", "thereAndBack"}[seed % ways.length];
    Track track = track(way, points);
    BitSet seen = new BitSet();
    int at = 0;
    boolean homeward = false;
    for (int leg = 0; leg < 4000 && at != Track.END; leg++) {
      assertThat(at).isBetween(0, many - 1);
      seen.set(at);
      int next = track.next(at, homeward, random.nextDouble());
      if (next < 0) {
        assertThat(way).isEqualTo("thereAndBack");
        assertThat(~next).isEqualTo(track.before()[at]);
      }
      homeward = next < 0;
      at = next < 0 ? ~next : next;
    }
    if (way.equals("loop")) {
      assertThat(at).isNotEqualTo(Track.END);
    }
    if (way.equals("thereAndBack") && track.onward()[0].length > 0 && noLeads(points)) {
      assertThat(seen.cardinality()).as("every branch is gone along in time").isEqualTo(many);
    }
  }

  private static boolean noLeads(String[] points) {
    return IntStream.range(0, points.length).allMatch(i -> points[i].contains("'leads':''"));
  }
}
