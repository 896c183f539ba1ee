package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.function.Function;

/** A family of things in a mission: the name of its map in the document, and how to reach it. */
public enum Family {
  @JsonProperty("sides")
  SIDES("sides", "side", Mission::sides, Trait.CATALOGUE, Trait.TOLD_APART),
  @JsonProperty("stances")
  STANCES("stances", "stance", Mission::stances),
  @JsonProperty("kinds")
  KINDS("kinds", "kind", Mission::kinds, Trait.CATALOGUE, Trait.TOLD_APART),
  @JsonProperty("weapons")
  WEAPONS("weapons", "weapon", Mission::weapons, Trait.CATALOGUE),
  @JsonProperty("starts")
  STARTS("starts", "player start", Mission::starts, Trait.TOLD_APART),
  @JsonProperty("units")
  UNITS("units", "unit", Mission::units, Trait.TOLD_APART),
  @JsonProperty("squads")
  SQUADS("squads", "squad", Mission::squads, Trait.TOLD_APART),
  @JsonProperty("spawnPoints")
  SPAWN_POINTS("spawnPoints", "spawn point", Mission::spawnPoints, Trait.TOLD_APART),
  @JsonProperty("zones")
  ZONES("zones", "zone", Mission::zones, Trait.TOLD_APART),
  @JsonProperty("routes")
  ROUTES("routes", "route", Mission::routes, Trait.TOLD_APART),
  @JsonProperty("posts")
  POSTS("posts", "post", Mission::posts, Trait.TOLD_APART),
  @JsonProperty("purposes")
  PURPOSES("purposes", "purpose", Mission::purposes, Trait.CATALOGUE),
  @JsonProperty("walls")
  WALLS("walls", "wall", Mission::walls),
  @JsonProperty("gates")
  GATES("gates", "gate", Mission::gates, Trait.TOLD_APART),
  @JsonProperty("decks")
  DECKS("decks", "deck", Mission::decks),
  @JsonProperty("buildings")
  BUILDINGS("buildings", "building", Mission::buildings),
  @JsonProperty("roads")
  ROADS("roads", "road", Mission::roads),
  @JsonProperty("crossings")
  CROSSINGS("crossings", "crossing", Mission::crossings),
  @JsonProperty("propKinds")
  PROP_KINDS("propKinds", "prop kind", Mission::propKinds, Trait.CATALOGUE),
  @JsonProperty("props")
  PROPS("props", "prop", Mission::props),
  @JsonProperty("itemKinds")
  ITEM_KINDS("itemKinds", "item kind", Mission::itemKinds, Trait.CATALOGUE),
  @JsonProperty("items")
  ITEMS("items", "item", Mission::items),
  @JsonProperty("fixtures")
  FIXTURES("fixtures", "fixture", Mission::fixtures, Trait.TOLD_APART),
  @JsonProperty("markers")
  MARKERS("markers", "marker", Mission::markers, Trait.TOLD_APART),
  @JsonProperty("placeNames")
  PLACE_NAMES("placeNames", "place name", Mission::placeNames),
  @JsonProperty("effects")
  EFFECTS("effects", "effect", Mission::effects, Trait.TOLD_APART),
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
  BANDS("bands", "band", Mission::bands, Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("labels")
  LABELS("labels", "label", Mission::labels, Trait.SCRIPT),
  @JsonProperty("flags")
  FLAGS("flags", "flag", Mission::flags, Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("counters")
  COUNTERS("counters", "counter", Mission::counters, Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("timers")
  TIMERS("timers", "timer", Mission::timers, Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("calls")
  CALLS("calls", "call", Mission::calls, Trait.SCRIPT),
  @JsonProperty("speakers")
  SPEAKERS("speakers", "speaker", Mission::speakers, Trait.CATALOGUE, Trait.SCRIPT),
  @JsonProperty("conversations")
  CONVERSATIONS("conversations", "conversation", Mission::conversations, Trait.SCRIPT),
  @JsonProperty("wavePlans")
  WAVE_PLANS("wavePlans", "wave plan", Mission::wavePlans, Trait.SCRIPT),
  @JsonProperty("waves")
  WAVES("waves", "wave", Mission::waves, Trait.SCRIPT),
  @JsonProperty("objectives")
  OBJECTIVES("objectives", "objective", Mission::objectives, Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("endings")
  ENDINGS("endings", "ending", Mission::endings, Trait.SCRIPT),
  @JsonProperty("chapters")
  CHAPTERS("chapters", "chapter", Mission::chapters, Trait.SCRIPT),
  @JsonProperty("events")
  EVENTS("events", "event", Mission::events, Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("bundles")
  BUNDLES("bundles", "bundle", Mission::bundles),
  @JsonProperty("copies")
  COPIES("copies", "copy of a bundle", Mission::copies),
  @JsonProperty("todos")
  TODOS("todos", "to-do", Mission::todos);

  /** What holds of all things of a family. */
  private enum Trait {
    /** They are entries of the catalogue, which bundles bring along. */
    CATALOGUE,
    /** They are of the script: they lie nowhere themselves. */
    SCRIPT,
    /** The script names them, so that two of one name cannot be told apart. */
    TOLD_APART
  }

  private final String key;
  private final String word;
  private final Function<Mission, SortedMap<String, ? extends Thing>> reach;
  private final Set<Trait> traits;

  Family(
      String key,
      String word,
      Function<Mission, SortedMap<String, ? extends Thing>> reach,
      Trait... traits) {
    this.key = key;
    this.word = word;
    this.reach = reach;
    this.traits = Set.of(traits);
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
    return traits.contains(Trait.SCRIPT);
  }

  /** Whether its things are entries of the catalogue, which bundles bring along. */
  public boolean ofTheCatalogue() {
    return traits.contains(Trait.CATALOGUE);
  }

  /** Whether two of its things need different names, because the script names them. */
  public boolean toldApart() {
    return traits.contains(Trait.TOLD_APART);
  }

  /** The family's things in a mission, by id. */
  public Map<String, ? extends Thing> in(Mission mission) {
    return reach.apply(mission);
  }
}
