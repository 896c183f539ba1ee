package org.flintmoss.server.missions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.validation.Valid;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.List;
import java.util.Optional;
import org.flintmoss.check.way.Course;
import org.flintmoss.check.way.WhyNot;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.unit.StandingActor;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.path.Sketch;
import org.flintmoss.navigation.reach.Leaks;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.server.web.NotThere;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Tide;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who gets where, how soon, and why not. */
@RestController
@RequestMapping("/api/missions/{id}")
class WaysController {
  /** The most points of a picture of reach along one side. */
  private static final int FINEST = 512;

  /** Stands in a picture for where nobody can stand, and for where one does not get to. */
  private static final int SOLID = 65535;

  private static final int APART = 65534;

  /** Stands for where they get to, and the same kind in other hands does not. */
  private static final int ALONE = 65533;

  /** Stands for where the same kind in other hands gets to, and they do not. */
  private static final int OTHERS = 65532;

  /** The latest time that is told apart, seconds. */
  private static final int LATEST = 65000;

  private final MissionService missions;
  private final WayMaps maps;

  WaysController(MissionService missions, WayMaps maps) {
    this.missions = missions;
    this.maps = maps;
  }

  /** What a reach was asked for. */
  private record Asked(
      String mission,
      int revision,
      String of,
      Optional<Double> x,
      Optional<Double> y,
      Optional<Double> time,
      boolean against) {}

  /** Reaches that were asked for of late; one that is asked for twice at once is made once. */
  private final Cache<Asked, byte[]> reaches = Caffeine.newBuilder().maximumSize(16).build();

  /** Somebody who is asked about, and the map for them. */
  private record Whose(Mission mission, WhyNot.Who who, WayMaps.Made made, double water) {}

  /**
   * The reach of a unit or player start, from where it stands or from another point: 16-bit
   * numbers, little end first. The first two are how many columns and rows there are; then, row by
   * row from the south-west, seconds at a walk, {@value #SOLID} for where nobody can stand, {@value
   * #APART} for where they do not get to. Held against the same kind in other hands (a player's
   * against AI's, or the other way round), {@value #ALONE} for where they alone get to and {@value
   * #OTHERS} for where the other alone does.
   */
  @GetMapping(value = "/reach", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] reach(
      @PathVariable String id,
      @RequestParam String of,
      @RequestParam Optional<Double> x,
      @RequestParam Optional<Double> y,
      @RequestParam Optional<Double> time,
      @RequestParam Optional<Boolean> against) {
    int revision = missions.version(id).revision();
    Asked asked = new Asked(id, revision, of, x, y, time, against.orElse(false));
    return reaches.get(asked, _ -> reach(id, of, x, y, time, asked.against()));
  }

  private byte[] reach(
      String id,
      String of,
      Optional<Double> x,
      Optional<Double> y,
      Optional<Double> time,
      boolean against) {
    Whose it = whose(id, of, x, y, time);
    Ground ground = it.made().land().ground();
    double larger = Math.max(ground.width(), ground.height());
    int columns = points(ground.width() / larger, ground.columns());
    int rows = points(ground.height() / larger, ground.rows());
    WhyNot.Who who = it.who();
    double[] picture = reach(it).picture(columns, rows);
    ByteBuffer bytes = ByteBuffer.allocate(4 + picture.length * 2).order(ByteOrder.LITTLE_ENDIAN);
    bytes.putShort((short) columns).putShort((short) rows);
    double[] other =
        against
            ? reach(whose(id, of, x, y, time, !it.made().player())).picture(columns, rows)
            : picture;
    for (int i = 0; i < picture.length; i++) {
      boolean here = picture[i] >= 0;
      boolean there = other[i] >= 0;
      int code = here && !there ? ALONE : there && !here ? OTHERS : 0;
      bytes.putShort((short) (code == 0 ? coded(picture[i], who.kind().walk()) : code));
    }
    return bytes.array();
  }

  private static Reach reach(Whose it) {
    WhyNot.Who who = it.who();
    return Reach.from(it.made().map(), who.deck(), who.x(), who.y(), who.kind().walk());
  }

  /** The crossings that somebody can use, and where players leave the boundary. */
  record Over(List<Sketch.Stroke> crossings, List<Leaks.Leak> leaks) {}

  /**
   * The crossings that a unit or player start can use, one for each metre of a rim; and where they
   * leave the zones that are marked as boundaries.
   */
  @GetMapping("/crossings")
  Over crossings(
      @PathVariable String id, @RequestParam String of, @RequestParam Optional<Double> time) {
    Whose it = whose(id, of, Optional.empty(), Optional.empty(), time);
    List<Zone> zones = it.mission().zones().values().stream().filter(Zone::boundary).toList();
    List<Leaks.Leak> leaks =
        zones.isEmpty() ? List.of() : Leaks.of(it.made().map(), reach(it), Leaks.Bounds.of(zones));
    return new Over(Sketch.of(it.made().map()), leaks);
  }

  private static int points(double share, int cells) {
    return (int) Math.max(8, Math.min(FINEST * share, cells));
  }

  private static int coded(double soon, double walk) {
    if (soon == Reach.SOLID) {
      return SOLID;
    }
    return soon == Reach.APART ? APART : (int) Math.min(LATEST, soon / Math.max(0.01, walk));
  }

  /** Whether a unit or player start gets to a point; if not, why not. */
  @GetMapping("/why-not")
  WhyNot whyNot(
      @PathVariable String id,
      @RequestParam String of,
      @RequestParam double toX,
      @RequestParam double toY,
      @RequestParam Optional<Double> time) {
    Whose it = whose(id, of, Optional.empty(), Optional.empty(), time);
    onGround(it.made().land().ground(), toX, toY);
    WhyNot.Ways ways = new WhyNot.Ways(it.water(), it.made().land().obstacles().passable());
    return WhyNot.ask(it.mission(), ways, it.who(), it.made().map(), Decks.ANY, toX, toY);
  }

  /** The course of a route, also of one that is only being drawn. */
  @PostMapping("/course")
  Course course(
      @PathVariable String id,
      @RequestParam Optional<Double> time,
      @Valid @RequestBody Course.Asked asked) {
    OpenMission.Version version = missions.version(id);
    Mission mission = version.mission();
    Ref of = Course.kind(mission, asked.route());
    Kind kind = (Kind) mission.find(of);
    double water = water(mission, time);
    WayMaps.Made made =
        maps.made(new WayMaps.Version(id, version.revision()), mission, Mover.of(kind), water);
    WhyNot.Ways ways = new WhyNot.Ways(water, made.land().obstacles().passable());
    return Course.of(mission, ways, made.land(), made.map(), of, asked);
  }

  /** How high the water stands at a time, to five hundredths of a metre, so that maps are kept. */
  private static double water(Mission mission, Optional<Double> time) {
    Setting setting = mission.setting();
    double level = new Tide(setting).at(GroundController.time(setting, time));
    return Math.floor(level * 20 + 0.5) / 20;
  }

  private Whose whose(
      String id, String of, Optional<Double> x, Optional<Double> y, Optional<Double> time) {
    return whose(id, of, x, y, time, of.startsWith("starts/"));
  }

  private Whose whose(
      String id,
      String of,
      Optional<Double> x,
      Optional<Double> y,
      Optional<Double> time,
      boolean player) {
    OpenMission.Version version = missions.version(id);
    Mission mission = version.mission();
    int slash = of.indexOf('/');
    Family family = of.startsWith("starts/") ? Family.STARTS : Family.UNITS;
    Ref ref = new Ref(family, of.substring(slash + 1));
    if (!(mission.find(ref) instanceof StandingActor standing)
        || !(mission.find(standing.kind()) instanceof Kind kind)) {
      throw new NotThere("There is no unit or player start of that name here.");
    }
    double water = water(mission, time);
    Mover mover = Mover.of(kind, player);
    WayMaps.Made made =
        maps.made(new WayMaps.Version(id, version.revision()), mission, mover, water);
    Position at = standing.position();
    double px = x.orElse(at.x());
    double py = y.orElse(at.y());
    onGround(made.land().ground(), px, py);
    int deck = made.land().stands(mover, standing.level(), px, py);
    WhyNot.Who who = new WhyNot.Who(standing.name(), kind, deck, px, py);
    return new Whose(mission, who, made, water);
  }

  private static void onGround(Ground ground, double x, double y) {
    if (!ground.holds(x, y)) {
      throw new MissionRefused("", "lies off the ground: %s, %s".formatted(x, y));
    }
  }
}
