package org.flintmoss.server.trials;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Timer;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.script.Cast;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.ToldReadings;
import org.flintmoss.simulation.state.Causes;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a player is told in words: who is in play, objectives, notes. */
final class Story {
  /** The water is drawn anew when it has risen or fallen by so much, metres. */
  private static final double DRAWN = 0.05;

  /** The map is dimmed anew when the light has changed by so much of daylight. */
  private static final double DIMMER = 0.01;

  private final World world;
  private final int seat;
  private int told;
  private Handling handling;
  private ObjectNode pack;
  private ArrayNode heaps;
  private ArrayNode timers;
  private ArrayNode objectives;
  private ObjectNode lives;
  private ToldReadings.Heard heard;
  private double level = Double.NaN;
  private double light = Double.NaN;
  private double leapt = Double.NaN;
  private int view = -1;

  /** What a player can use, and whether they are at it. */
  private record Handling(List<Readings.Offer> offers, Readings.Offer busy, String ahead) {}

  /** What the player in a seat is told. */
  Story(World world, int seat) {
    this.world = world;
    this.seat = seat;
  }

  /** Everything that somebody needs who has just connected. */
  ObjectNode hello(boolean paused) {
    Plan plan = world.plan();
    ObjectNode hello = Json.MAPPER.createObjectNode().put("type", "hello");
    hello.put("step", world.read().step());
    hello.put("paused", paused);
    hello.put("seed", world.seed());
    hello.put("unit", plan.seat(seat));
    hello.put("companions", companions());
    ArrayNode units = hello.putArray("units");
    for (Cast.Member member : plan.cast().members()) {
      ObjectNode unit = units.addObject();
      unit.set("ref", Json.MAPPER.valueToTree(member.ref()));
      unit.put("name", member.standing().name());
      unit.put("side", member.standing().side().id());
      unit.put("kind", member.standing().kind().id());
    }
    objectives = objectives();
    hello.set("objectives", objectives);
    hello.set("gates", gates());
    hello.set("markers", markers());
    hello.set("calls", calls());
    hello.set("effects", effects());
    handling = null;
    pack = null;
    heaps = null;
    timers = null;
    lives = null;
    heard = null;
    level = Double.NaN;
    light = Double.NaN;
    leapt = Double.NaN;
    view = -1;
    ArrayNode notes = hello.putArray("notes");
    for (Causes.Entry entry : world.causes().from(0)) {
      if (isForSeat(entry)) {
        notes.add(note(entry));
      }
    }
    told = world.causes().end();
    return hello;
  }

  /** Whether anybody plays along whom the player can tell what to do. */
  private boolean companions() {
    int player = world.plan().seat(seat);
    return IntStream.range(0, world.plan().units())
        .anyMatch(unit -> unit != player && world.plan().companion(unit));
  }

  /** What has happened since it was last asked. */
  List<ObjectNode> news() {
    List<ObjectNode> news = new ArrayList<>();
    boolean moved = false;
    boolean marked = false;
    boolean offered = false;
    boolean changed = false;
    for (Causes.Entry entry : world.causes().from(told)) {
      if (isForSeat(entry)) {
        news.add(note(entry).put("type", "note"));
      }
      if (entry.kind() == Causes.Kind.NO_WAY && entry.subject() == world.plan().seat(seat)) {
        news.add(Json.MAPPER.createObjectNode().put("type", "noWay").put("step", entry.step()));
      }
      if (entry.kind() == Causes.Kind.MUST_STAND && entry.subject() == world.plan().seat(seat)) {
        news.add(Json.MAPPER.createObjectNode().put("type", "mustStand").put("step", entry.step()));
      }
      changed |= entry.kind() == Causes.Kind.EFFECT;
      marked |= entry.kind() == Causes.Kind.MARKER;
      offered |= entry.kind() == Causes.Kind.OFFERED;
      moved |= entry.kind() == Causes.Kind.GATE;
    }
    if (moved) {
      ObjectNode say = Json.MAPPER.createObjectNode().put("type", "gates");
      say.set("gates", gates());
      news.add(say);
    }
    if (marked) {
      ObjectNode say = Json.MAPPER.createObjectNode().put("type", "markers");
      say.set("markers", markers());
      news.add(say);
    }
    if (offered) {
      ObjectNode say = Json.MAPPER.createObjectNode().put("type", "calls");
      say.set("calls", calls());
      news.add(say);
    }
    if (changed) {
      ObjectNode say = Json.MAPPER.createObjectNode().put("type", "effects");
      say.set("effects", effects());
      news.add(say);
    }
    told = world.causes().end();
    turned().ifPresent(news::add);
    offers().ifPresent(news::add);
    pack().ifPresent(news::add);
    heaps().ifPresent(news::add);
    timers().ifPresent(news::add);
    lives().ifPresent(news::add);
    caption().ifPresent(news::add);
    water().ifPresent(news::add);
    light().ifPresent(news::add);
    clock().ifPresent(news::add);
    view().ifPresent(news::add);
    return news;
  }

  /** The objectives, where one has turned, counts anew or points elsewhere. */
  private Optional<ObjectNode> turned() {
    ArrayNode now = objectives();
    if (now.equals(objectives)) {
      return Optional.empty();
    }
    objectives = now;
    ObjectNode say = Json.MAPPER.createObjectNode().put("type", "objectives");
    say.set("objectives", now);
    return Optional.of(say);
  }

  /** What the player can use now, where that has changed since it was last told. */
  private Optional<ObjectNode> offers() {
    int unit = world.plan().seat(seat);
    Handling now = new Handling(world.read().offers(unit), world.read().busy(unit), ahead(unit));
    if (now.equals(handling)) {
      return Optional.empty();
    }
    handling = now;
    ObjectNode say = Json.MAPPER.createObjectNode().put("type", "offers");
    say.set("offers", Json.MAPPER.valueToTree(now.offers()));
    say.set("busy", Json.MAPPER.valueToTree(now.busy()));
    say.put("ahead", now.ahead());
    return Optional.of(say);
  }

  /** The crossing ahead of a unit, in words; null for none. */
  private String ahead(int unit) {
    Link link = world.read().ahead(unit);
    if (link == null) {
      return null;
    }
    Crossing made = world.plan().mission().crossings().get(link.made());
    return made == null
        ? switch (link.manner()) {
          case LEAP -> "Leap %.1f m".formatted(link.asks());
          case CLIMB -> "Climb %.1f m".formatted(link.asks());
          case DROP -> "Drop %.1f m".formatted(link.asks());
          case CRAWL -> "Crawl";
          case WADE -> "Wade";
        }
        : made.name();
  }

  /** What the player carries, and what they could take up from where they stand. */
  private Optional<ObjectNode> pack() {
    int unit = world.plan().seat(seat);
    ObjectNode now = Json.MAPPER.createObjectNode().put("type", "pack");
    now.put("laden", Math.floor(world.read().laden(unit) * 10 + 0.5) / 10);
    now.put("load", world.plan().kind(unit).load());
    now.put("takes", itemKind(world.read().takes(unit)));
    ArrayNode carried = now.putArray("carried");
    int number = 0;
    for (String id : world.plan().mission().itemKinds().keySet()) {
      int count = world.read().carries(unit, number++);
      if (count > 0) {
        carried.addObject().put("kind", id).put("count", count);
      }
    }
    if (now.equals(pack)) {
      return Optional.empty();
    }
    pack = now;
    return Optional.of(now.deepCopy());
  }

  /** The id of an item kind; null for none. */
  private String itemKind(int number) {
    return number < 0 ? null : List.copyOf(world.plan().mission().itemKinds().keySet()).get(number);
  }

  /** What lies on the ground, where that has changed. */
  private Optional<ObjectNode> heaps() {
    ArrayNode now = Json.MAPPER.createArrayNode();
    for (Readings.Heap heap : world.read().heaps()) {
      now.addObject()
          .put("kind", itemKind(heap.kind()))
          .put("count", heap.count())
          .put("x", heap.x())
          .put("y", heap.y());
    }
    if (now.equals(heaps)) {
      return Optional.empty();
    }
    heaps = now;
    ObjectNode say = Json.MAPPER.createObjectNode().put("type", "heaps");
    say.set("heaps", now);
    return Optional.of(say);
  }

  /**
   * The timers that players see while they run, or for their splits, where a second has gone by.
   */
  private Optional<ObjectNode> timers() {
    ArrayNode now = Json.MAPPER.createArrayNode();
    int number = 0;
    for (Timer timer : world.plan().mission().timers().values()) {
      ToldReadings.Dial dial = world.told().dial(number);
      boolean seen = world.script().runs(number) || !dial.splits().isEmpty();
      if (seen && world.told().timed(number, seat)) {
        ObjectNode shown = now.addObject().put("name", timer.name());
        shown.put("shows", dial.seconds());
        shown.set("splits", Json.MAPPER.valueToTree(dial.splits()));
      }
      number++;
    }
    if (now.equals(timers)) {
      return Optional.empty();
    }
    timers = now;
    ObjectNode say = Json.MAPPER.createObjectNode().put("type", "timers");
    say.set("timers", now);
    return Optional.of(say);
  }

  /** How often the player may come back, and in how many seconds they do, where it has changed. */
  private Optional<ObjectNode> lives() {
    int unit = world.plan().seat(seat);
    ObjectNode now = Json.MAPPER.createObjectNode().put("type", "lives");
    now.put("left", world.read().lives(unit));
    now.put("back", (long) Math.ceil(world.read().back(unit)));
    if (now.equals(lives)) {
      return Optional.empty();
    }
    lives = now;
    return Optional.of(now.deepCopy());
  }

  /** The line that is being said, or that nobody speaks any more, where that has changed. */
  private Optional<ObjectNode> caption() {
    ToldReadings.Heard now = world.told().heard(seat);
    if (Objects.equals(now, heard)) {
      return Optional.empty();
    }
    heard = now;
    ObjectNode say = Json.MAPPER.createObjectNode().put("type", "caption");
    if (now == null) {
      return Optional.of(say.putNull("caption"));
    }
    ObjectNode caption = say.putObject("caption").put("text", now.text());
    caption.set("speaker", Json.MAPPER.valueToTree(now.speaker()));
    return Optional.of(say);
  }

  /** The level of the water, where it has changed enough to be drawn anew. */
  private Optional<ObjectNode> water() {
    double now = world.read().water();
    if (Math.abs(now - level) < DRAWN) {
      return Optional.empty();
    }
    level = now;
    return Optional.of(Json.MAPPER.createObjectNode().put("type", "water").put("level", now));
  }

  /** How light it is, where that has changed enough to be drawn anew. */
  private Optional<ObjectNode> light() {
    double now = world.read().light();
    if (Math.abs(now - light) < DIMMER) {
      return Optional.empty();
    }
    light = now;
    return Optional.of(Json.MAPPER.createObjectNode().put("type", "light").put("share", now));
  }

  /** How many seconds the clock has leapt over, where that has changed. */
  private Optional<ObjectNode> clock() {
    double now = world.read().leapt();
    if (now == leapt) {
      return Optional.empty();
    }
    leapt = now;
    return Optional.of(Json.MAPPER.createObjectNode().put("type", "clock").put("leapt", now));
  }

  /** The view that players are shown, or that it is over. */
  private Optional<ObjectNode> view() {
    int now = world.told().view(seat);
    if (now == view) {
      return Optional.empty();
    }
    view = now;
    String id = now < 0 ? null : List.copyOf(world.plan().mission().views().keySet()).get(now);
    return Optional.of(Json.MAPPER.createObjectNode().put("type", "view").put("view", id));
  }

  /** The ids of the markers that players see. */
  private ArrayNode markers() {
    ArrayNode shown = Json.MAPPER.createArrayNode();
    int number = 0;
    for (String id : world.plan().mission().markers().keySet()) {
      if (world.told().marked(number++, seat)) {
        shown.add(id);
      }
    }
    return shown;
  }

  /** The ids of the calls that the player can send. */
  private ArrayNode calls() {
    ArrayNode offered = Json.MAPPER.createArrayNode();
    int number = 0;
    for (String id : world.plan().mission().calls().keySet()) {
      if (world.told().offered(number++, seat)) {
        offered.add(id);
      }
    }
    return offered;
  }

  /** The ids of the effects that go on. */
  private ArrayNode effects() {
    ArrayNode going = Json.MAPPER.createArrayNode();
    int number = 0;
    for (String id : world.plan().mission().effects().keySet()) {
      if (world.script().goesOn(number++)) {
        going.add(id);
      }
    }
    return going;
  }

  /** How each gate stands, by its id. */
  private ObjectNode gates() {
    ObjectNode gates = Json.MAPPER.createObjectNode();
    int number = 0;
    for (String id : world.plan().mission().gates().keySet()) {
      gates.set(id, Json.MAPPER.valueToTree(world.read().gate(number++)));
    }
    return gates;
  }

  /** Whether an entry of the log is a note that the seat was shown. */
  private boolean isForSeat(Causes.Entry entry) {
    return entry.kind() == Causes.Kind.NOTE && (entry.detail() >> seat & 1) == 1;
  }

  private ObjectNode note(Causes.Entry entry) {
    return Json.MAPPER
        .createObjectNode()
        .put("step", entry.step())
        .put("text", world.causes().words(entry.ordinal()));
  }

  private ObjectNode tally(Objective.Counted counted, double goal) {
    int counter =
        List.copyOf(world.plan().mission().counters().keySet()).indexOf(counted.counter().id());
    return Json.MAPPER
        .createObjectNode()
        .put("now", counter < 0 ? 0 : world.script().counter(counter))
        .put("of", goal);
  }

  private ArrayNode objectives() {
    List<String> ids = List.copyOf(world.plan().mission().objectives().keySet());
    ArrayNode shown = Json.MAPPER.createArrayNode();
    for (Map.Entry<String, Objective> entry : Ordered.sort(world.plan().mission().objectives())) {
      int number = ids.indexOf(entry.getKey());
      Objective objective = entry.getValue();
      if (world.told().shown(number, seat)) {
        ObjectNode say = shown.addObject();
        say.put("id", entry.getKey());
        say.put("name", objective.name());
        say.put("text", world.told().text(number));
        say.set("rank", Json.MAPPER.valueToTree(objective.rank()));
        say.set("state", Json.MAPPER.valueToTree(world.script().objective(number)));
        if (objective.tally() instanceof Objective.Counted counted) {
          say.set("tally", tally(counted, world.told().goal(number)));
        }
        if (objective.points() instanceof Objective.At at) {
          say.set("at", Json.MAPPER.valueToTree(world.read().place(at.place())));
        }
      }
    }
    return shown;
  }
}
