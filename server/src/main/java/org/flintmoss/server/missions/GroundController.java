package org.flintmoss.server.missions;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.DoubleSummaryStatistics;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.flintmoss.check.finding.Section;
import org.flintmoss.check.place.Footing;
import org.flintmoss.check.place.Shelter;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.Filling;
import org.flintmoss.simulation.state.Light;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Tide;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the ground of a mission, and what stands on it, say of points and lines. */
@RestController
@RequestMapping("/api/missions/{id}")
class GroundController {
  private final MissionService missions;

  GroundController(MissionService missions) {
    this.missions = missions;
  }

  /** Why a place is bad, empty where it is good; and where beside it one could stand instead. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record Stand(String why, Position beside) {}

  /** Whether somebody of a kind can stand at a point. */
  @GetMapping("/footing")
  Stand footing(
      @PathVariable String id,
      @RequestParam String kind,
      @RequestParam double x,
      @RequestParam double y,
      @RequestParam Optional<String> level,
      @RequestParam Optional<String> unit,
      @RequestParam Optional<String> start) {
    Mission mission = missions.mission(id);
    Kind of = mission.kinds().get(kind);
    Ref except =
        unit.map(it -> new Ref(Family.UNITS, it))
            .or(() -> start.map(it -> new Ref(Family.STARTS, it)))
            .orElse(null);
    if (of == null) {
      return new Stand("This kind is not in the catalogue any more.", null);
    }
    Footing footing = new Footing(mission, missions.ground(id));
    Level on = level.map(GroundController::level).orElse(new Level.Top());
    Optional<String> why = footing.why(of, on, x, y, except);
    return new Stand(
        why.orElse(""), why.flatMap(_ -> footing.beside(of, on, x, y, except)).orElse(null));
  }

  /**
   * The level of a word: {@code top}, {@code ground}, the id of a deck, or those of a building and
   * its storey with a slash between.
   */
  private static Level level(String word) {
    return switch (word) {
      case "top" -> new Level.Top();
      case "ground" -> new Level.OnGround();
      default -> {
        int slash = word.indexOf('/');
        yield slash < 0
            ? new Level.OnDeck(new Ref(Family.DECKS, word))
            : new Level.OnStorey(
                new Ref(Family.BUILDINGS, word.substring(0, slash)), word.substring(slash + 1));
      }
    };
  }

  /**
   * The level of the water at a time, and how light it is.
   *
   * @param time seconds after the midnight before play begins
   * @param level metres above the zero of heights
   * @param light the share of daylight, in the weather that play begins with
   */
  record Water(double time, double level, double light) {}

  /** The latest time that a tide speaks of: the end of the next day. */
  private static final double LATEST = 172800;

  /** The level of the water at a time; when play begins, where none is given. */
  @GetMapping("/water")
  Water water(@PathVariable String id, @RequestParam Optional<Double> time) {
    Setting setting = missions.mission(id).setting();
    return water(setting, time(setting, time));
  }

  /** The time that is asked about: when play begins, where none is given. */
  static double time(Setting setting, Optional<Double> asked) {
    double at = asked.orElse(setting.startTime());
    if (!(at >= 0 && at <= LATEST)) {
      throw new MissionRefused("", "times lie within two days: 0 to %.0f s".formatted(LATEST));
    }
    return at;
  }

  private static Water water(Setting setting, double at) {
    double light = Light.at(setting, at) * Light.through(setting.weather());
    return new Water(at, new Tide(setting).at(at), light);
  }

  /** The tide every ten minutes, from an hour before its table or play begins to an hour after. */
  @GetMapping("/tide")
  List<Water> tide(@PathVariable String id) {
    Setting setting = missions.mission(id).setting();
    DoubleSummaryStatistics times =
        Stream.concat(
                Stream.of(setting.startTime()),
                setting.tide().values().stream().map(Setting.Mark::time))
            .mapToDouble(Double::doubleValue)
            .summaryStatistics();
    return DoubleStream.iterate(
            times.getMin() - 3600, time -> time <= times.getMax() + 3600, time -> time + 600)
        .mapToObj(time -> water(setting, time))
        .toList();
  }

  /** How likely each place of a counted squad is filled at each difficulty, by the unit's id. */
  @GetMapping("/filling")
  Map<Difficulty, Map<String, Double>> filling(@PathVariable String id) {
    Mission mission = missions.mission(id);
    Map<Difficulty, Map<String, Double>> filling = new EnumMap<>(Difficulty.class);
    for (Difficulty difficulty : Difficulty.values()) {
      filling.put(difficulty, Filling.chances(mission, new Terms(difficulty, 1)));
    }
    return filling;
  }

  /** What shelters a unit at a point from shots, bearing by bearing. */
  @GetMapping("/shelter")
  List<Shelter.Ray> shelter(
      @PathVariable String id, @RequestParam double x, @RequestParam double y) {
    Ground ground = missions.ground(id);
    on(ground, x, y);
    return Shelter.around(missions.mission(id), ground, x, y);
  }

  /** The section along a line. */
  @GetMapping("/section")
  Section section(
      @PathVariable String id,
      @RequestParam double x,
      @RequestParam double y,
      @RequestParam double toX,
      @RequestParam double toY,
      @RequestParam double eye,
      @RequestParam double mark) {
    Ground ground = missions.ground(id);
    on(ground, x, y);
    on(ground, toX, toY);
    if (!(eye >= 0 && eye <= 500 && mark >= 0 && mark <= 500)) {
      throw new MissionRefused("", "eyes and marks lie from 0 to 500 m above the ground");
    }
    Mission mission = missions.mission(id);
    Kind walker =
        mission.kinds().values().stream()
            .findFirst()
            .orElseThrow(
                () ->
                    new MissionRefused(
                        "/kinds", "holds nobody who could walk; add a kind to the catalogue"));
    return Section.along(mission, ground, new Section.Line(x, y, toX, toY, eye, mark), walker);
  }

  private static void on(Ground ground, double x, double y) {
    if (!(x >= 0 && y >= 0 && x <= ground.width() && y <= ground.height())) {
      throw new MissionRefused(
          "",
          "%s, %s lies off the ground, which is %s m x %s m"
              .formatted(x, y, ground.width(), ground.height()));
    }
  }
}
