package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.bundle.BundleCopy;
import org.flintmoss.mission.catalogue.Dealing;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Look;
import org.flintmoss.mission.catalogue.Purpose;
import org.flintmoss.mission.catalogue.Side;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.catalogue.Weapon;
import org.flintmoss.mission.ground.Building;
import org.flintmoss.mission.ground.Course;
import org.flintmoss.mission.ground.Craft;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.ground.Deck;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Item;
import org.flintmoss.mission.ground.Marker;
import org.flintmoss.mission.ground.Note;
import org.flintmoss.mission.ground.PlaceName;
import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.ground.Prop;
import org.flintmoss.mission.ground.Road;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.ground.SpawnPoint;
import org.flintmoss.mission.ground.View;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.script.Answer;
import org.flintmoss.mission.script.Brief;
import org.flintmoss.mission.script.Call;
import org.flintmoss.mission.script.Chapter;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.mission.script.Conversation;
import org.flintmoss.mission.script.Counter;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.script.Flag;
import org.flintmoss.mission.script.Folder;
import org.flintmoss.mission.script.Label;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.mission.script.Timer;
import org.flintmoss.mission.script.Todo;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.script.WavePlan;
import org.flintmoss.mission.unit.Band;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Components;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Lost;
import org.flintmoss.mission.word.Owner;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.zone.Zone;

/**
 * The whole document: everything a designer makes. Every field is explicit; unknown fields are
 * refused by {@link MissionReader}.
 *
 * @param schema the version of the document's shape, {@value #SCHEMA}
 * @param lost the last known family and name of things that were deleted while in use, by id
 */
public record Mission(
    @Min(SCHEMA) @Max(SCHEMA) int schema,
    @Valid Brief brief,
    @Valid Setting setting,
    @Size(max = 16) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Side> sides,
    @Size(max = 256) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Stance> stances,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Kind> kinds,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Weapon> weapons,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Dealing> dealings,
    @Size(max = Terms.MOST_PLAYERS)
        SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid PlayerStart> starts,
    @Size(max = 5000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Unit> units,
    @Size(max = 1000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Squad> squads,
    @Size(max = 1000)
        SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid SpawnPoint> spawnPoints,
    @Size(max = 5000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Zone> zones,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Course> courses,
    @Size(max = 1000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Route> routes,
    @Size(max = 5000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Post> posts,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Purpose> purposes,
    @Size(max = 2000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Wall> walls,
    @Size(max = 2000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Gate> gates,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Deck> decks,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Building> buildings,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Road> roads,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Crossing> crossings,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid ThingKind> thingKinds,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Look> looks,
    @Size(max = 22000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Prop> props,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid ItemKind> itemKinds,
    @Size(max = 5000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Item> items,
    @Size(max = 2000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Fixture> fixtures,
    @Size(max = 1000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Marker> markers,
    @Size(max = 1000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid PlaceName> placeNames,
    @Size(max = 1000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Effect> effects,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Craft> craft,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid View> views,
    @Size(max = 2000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Note> notes,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Folder> folders,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Band> bands,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Label> labels,
    @Size(max = 5000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Flag> flags,
    @Size(max = 5000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Counter> counters,
    @Size(max = 1000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Timer> timers,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Call> calls,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Choice> choices,
    @Size(max = 300) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Answer> answers,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Exchange> exchanges,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Speaker> speakers,
    @Size(max = 2000)
        SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Conversation> conversations,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid WavePlan> wavePlans,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Wave> waves,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Objective> objectives,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Ending> endings,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Chapter> chapters,
    @Size(max = 10000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Event> events,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Bundle> bundles,
    @Size(max = 2000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid BundleCopy> copies,
    @Size(max = 5000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Todo> todos,
    @Size(max = 20000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Lost> lost) {
  /** The version of the document's shape that this code reads and writes. */
  public static final int SCHEMA = 21;

  /** The same with other units and squads. */
  public Mission with(
      SortedMap<String, Unit> others,
      SortedMap<String, Squad> theirSquads,
      SortedMap<String, Prop> otherProps) {
    return Components.with(
        this, Map.of("units", others, "squads", theirSquads, "props", otherProps));
  }

  /** The things of a family, by id. */
  public SortedMap<String, ? extends Thing> of(Family family) {
    return switch (family) {
      case SIDES -> sides;
      case STANCES -> stances;
      case KINDS -> kinds;
      case WEAPONS -> weapons;
      case DEALINGS -> dealings;
      case STARTS -> starts;
      case UNITS -> units;
      case SQUADS -> squads;
      case SPAWN_POINTS -> spawnPoints;
      case ZONES -> zones;
      case COURSES -> courses;
      case ROUTES -> routes;
      case POSTS -> posts;
      case PURPOSES -> purposes;
      case WALLS -> walls;
      case GATES -> gates;
      case DECKS -> decks;
      case BUILDINGS -> buildings;
      case ROADS -> roads;
      case CROSSINGS -> crossings;
      case THING_KINDS -> thingKinds;
      case LOOKS -> looks;
      case PROPS -> props;
      case ITEM_KINDS -> itemKinds;
      case ITEMS -> items;
      case FIXTURES -> fixtures;
      case MARKERS -> markers;
      case PLACE_NAMES -> placeNames;
      case EFFECTS -> effects;
      case CRAFT -> craft;
      case VIEWS -> views;
      case NOTES -> notes;
      case FOLDERS -> folders;
      case BANDS -> bands;
      case LABELS -> labels;
      case FLAGS -> flags;
      case COUNTERS -> counters;
      case TIMERS -> timers;
      case CALLS -> calls;
      case CHOICES -> choices;
      case ANSWERS -> answers;
      case EXCHANGES -> exchanges;
      case SPEAKERS -> speakers;
      case CONVERSATIONS -> conversations;
      case WAVE_PLANS -> wavePlans;
      case WAVES -> waves;
      case OBJECTIVES -> objectives;
      case ENDINGS -> endings;
      case CHAPTERS -> chapters;
      case EVENTS -> events;
      case BUNDLES -> bundles;
      case COPIES -> copies;
      case TODOS -> todos;
    };
  }

  /** What can be done with a fixture: what its kind says, and what it says itself, by id. */
  public SortedMap<String, Use> usesOf(Fixture fixture) {
    if (!(find(fixture.kind()) instanceof ThingKind kind) || kind.uses().isEmpty()) {
      return fixture.uses();
    }
    SortedMap<String, Use> uses = new TreeMap<>(kind.uses());
    uses.putAll(fixture.uses());
    return uses;
  }

  /** On which terms it is played by as many as it has starts for, or by one who is nowhere. */
  public Terms termsOfAll(Difficulty difficulty) {
    return new Terms(difficulty, Math.max(1, starts.size()));
  }

  /** What uses of fixtures and dealings with people do to things. */
  public Stream<Use.Effect> effectsOfUses() {
    Stream<Use.Effect> used =
        fixtures.values().stream().flatMap(it -> usesOf(it).values().stream()).map(Use::effect);
    return Stream.concat(used, dealings.values().stream().map(Dealing::effect));
  }

  /** The name of whose fact something is; null for the mission's own, and where that is gone. */
  public String nameOf(Owner owner) {
    Ref ref = owner.ref();
    Thing found = ref == null ? null : find(ref);
    return found == null ? null : found.name();
  }

  /** The thing that a reference names, or null where the reference is open. */
  public Thing find(Ref ref) {
    return of(ref.family()).get(ref.id());
  }
}
