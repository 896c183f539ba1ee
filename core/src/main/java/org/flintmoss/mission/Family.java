package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.function.Function;

/** A family of things in a mission: the name of its map in the document, and how to reach it. */
public enum Family {
  @JsonProperty("sides")
  SIDES("sides", "side", Mission::sides),
  @JsonProperty("stances")
  STANCES("stances", "stance", Mission::stances),
  @JsonProperty("kinds")
  KINDS("kinds", "kind", Mission::kinds),
  @JsonProperty("weapons")
  WEAPONS("weapons", "weapon", Mission::weapons),
  @JsonProperty("starts")
  STARTS("starts", "player start", Mission::starts),
  @JsonProperty("units")
  UNITS("units", "unit", Mission::units),
  @JsonProperty("squads")
  SQUADS("squads", "squad", Mission::squads),
  @JsonProperty("spawnPoints")
  SPAWN_POINTS("spawnPoints", "spawn point", Mission::spawnPoints),
  @JsonProperty("zones")
  ZONES("zones", "zone", Mission::zones),
  @JsonProperty("routes")
  ROUTES("routes", "route", Mission::routes),
  @JsonProperty("posts")
  POSTS("posts", "post", Mission::posts),
  @JsonProperty("purposes")
  PURPOSES("purposes", "purpose", Mission::purposes),
  @JsonProperty("walls")
  WALLS("walls", "wall", Mission::walls),
  @JsonProperty("gates")
  GATES("gates", "gate", Mission::gates),
  @JsonProperty("decks")
  DECKS("decks", "deck", Mission::decks),
  @JsonProperty("buildings")
  BUILDINGS("buildings", "building", Mission::buildings),
  @JsonProperty("roads")
  ROADS("roads", "road", Mission::roads),
  @JsonProperty("crossings")
  CROSSINGS("crossings", "crossing", Mission::crossings),
  @JsonProperty("propKinds")
  PROP_KINDS("propKinds", "prop kind", Mission::propKinds),
  @JsonProperty("props")
  PROPS("props", "prop", Mission::props),
  @JsonProperty("itemKinds")
  ITEM_KINDS("itemKinds", "item kind", Mission::itemKinds),
  @JsonProperty("items")
  ITEMS("items", "item", Mission::items),
  @JsonProperty("fixtures")
  FIXTURES("fixtures", "fixture", Mission::fixtures),
  @JsonProperty("markers")
  MARKERS("markers", "marker", Mission::markers),
  @JsonProperty("placeNames")
  PLACE_NAMES("placeNames", "place name", Mission::placeNames),
  @JsonProperty("effects")
  EFFECTS("effects", "effect", Mission::effects),
  @JsonProperty("cargo")
  CARGO("cargo", "cargo", Mission::cargo),
  @JsonProperty("craft")
  CRAFT("craft", "craft", Mission::craft),
  @JsonProperty("views")
  VIEWS("views", "view", Mission::views),
  @JsonProperty("notes")
  NOTES("notes", "note", Mission::notes),
  @JsonProperty("folders")
  FOLDERS("folders", "folder", Mission::folders),
  @JsonProperty("bands")
  BANDS("bands", "band", Mission::bands),
  @JsonProperty("labels")
  LABELS("labels", "label", Mission::labels),
  @JsonProperty("flags")
  FLAGS("flags", "flag", Mission::flags),
  @JsonProperty("counters")
  COUNTERS("counters", "counter", Mission::counters),
  @JsonProperty("timers")
  TIMERS("timers", "timer", Mission::timers),
  @JsonProperty("calls")
  CALLS("calls", "call", Mission::calls),
  @JsonProperty("speakers")
  SPEAKERS("speakers", "speaker", Mission::speakers),
  @JsonProperty("conversations")
  CONVERSATIONS("conversations", "conversation", Mission::conversations),
  @JsonProperty("wavePlans")
  WAVE_PLANS("wavePlans", "wave plan", Mission::wavePlans),
  @JsonProperty("waves")
  WAVES("waves", "wave", Mission::waves),
  @JsonProperty("objectives")
  OBJECTIVES("objectives", "objective", Mission::objectives),
  @JsonProperty("endings")
  ENDINGS("endings", "ending", Mission::endings),
  @JsonProperty("chapters")
  CHAPTERS("chapters", "chapter", Mission::chapters),
  @JsonProperty("events")
  EVENTS("events", "event", Mission::events),
  @JsonProperty("bundles")
  BUNDLES("bundles", "bundle", Mission::bundles),
  @JsonProperty("copies")
  COPIES("copies", "copy of a bundle", Mission::copies),
  @JsonProperty("todos")
  TODOS("todos", "to-do", Mission::todos);

  private static final Set<Family> SCRIPT = EnumSet.range(BANDS, EVENTS);

  private final String key;
  private final String word;
  private final Function<Mission, SortedMap<String, ? extends Thing>> reach;

  Family(String key, String word, Function<Mission, SortedMap<String, ? extends Thing>> reach) {
    this.key = key;
    this.word = word;
    this.reach = reach;
  }

  /** The name of the family's map in the document, such as {@code zones}. */
  public String key() {
    return key;
  }

  /**
   * The family of a map in the document.
   *
   * @throws IllegalArgumentException if there is none of that name
   */
  static Family of(String key) {
    return Arrays.stream(values())
        .filter(family -> family.key.equals(key))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("there is no family '" + key + "'"));
  }

  /** The singular word shown to people, such as {@code player start}. */
  public String word() {
    return word;
  }

  /** The plural word shown to people, such as {@code player starts}. */
  public String words() {
    return switch (this) {
      case CARGO -> "pieces of cargo";
      case CRAFT -> "craft";
      case COPIES -> "copies of bundles";
      default -> word + "s";
    };
  }

  /** Whether its things lie nowhere themselves: they are of the script. */
  public boolean ofTheScript() {
    return SCRIPT.contains(this);
  }

  /** The family's things in a mission, by id. */
  public Map<String, ? extends Thing> in(Mission mission) {
    return reach.apply(mission);
  }
}
