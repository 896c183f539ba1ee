package org.flintmoss.mission.word;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Arrays;
import java.util.Set;

/**
 * A family of things in a mission: the name of its map in the document, and what holds of all its
 * things.
 */
public enum Family {
  @JsonProperty("sides")
  SIDES("sides", "side", Trait.CATALOGUE, Trait.TOLD_APART, Trait.CARDS),
  @JsonProperty("stances")
  STANCES("stances", "stance", Trait.CARDS),
  @JsonProperty("kinds")
  KINDS("kinds", "kind", Trait.CATALOGUE, Trait.TOLD_APART, Trait.CARDS),
  @JsonProperty("weapons")
  WEAPONS("weapons", "weapon", Trait.CATALOGUE, Trait.CARDS),
  @JsonProperty("dealings")
  DEALINGS("dealings", "dealing", Trait.CATALOGUE, Trait.TOLD_APART, Trait.CARDS),
  @JsonProperty("starts")
  STARTS("starts", "player start", Trait.TOLD_APART),
  @JsonProperty("units")
  UNITS("units", "unit", Trait.TOLD_APART),
  @JsonProperty("squads")
  SQUADS("squads", "squad", Trait.TOLD_APART),
  @JsonProperty("spawnPoints")
  SPAWN_POINTS("spawnPoints", "spawn point", Trait.TOLD_APART),
  @JsonProperty("zones")
  ZONES("zones", "zone", Trait.TOLD_APART),
  @JsonProperty("courses")
  COURSES("courses", "course", Trait.TOLD_APART),
  @JsonProperty("routes")
  ROUTES("routes", "route", Trait.TOLD_APART),
  @JsonProperty("posts")
  POSTS("posts", "post", Trait.TOLD_APART),
  @JsonProperty("purposes")
  PURPOSES("purposes", "purpose", Trait.CATALOGUE),
  @JsonProperty("walls")
  WALLS("walls", "wall"),
  @JsonProperty("gates")
  GATES("gates", "gate", Trait.TOLD_APART),
  @JsonProperty("decks")
  DECKS("decks", "deck"),
  @JsonProperty("buildings")
  BUILDINGS("buildings", "building"),
  @JsonProperty("roads")
  ROADS("roads", "road"),
  @JsonProperty("crossings")
  CROSSINGS("crossings", "crossing"),
  @JsonProperty("thingKinds")
  THING_KINDS("thingKinds", "kind of thing", Trait.CATALOGUE, Trait.CARDS),
  @JsonProperty("looks")
  LOOKS("looks", "look", Trait.CATALOGUE, Trait.TOLD_APART),
  @JsonProperty("props")
  PROPS("props", "prop"),
  @JsonProperty("itemKinds")
  ITEM_KINDS("itemKinds", "item kind", Trait.CATALOGUE, Trait.CARDS),
  @JsonProperty("items")
  ITEMS("items", "item"),
  @JsonProperty("fixtures")
  FIXTURES("fixtures", "fixture", Trait.TOLD_APART),
  @JsonProperty("markers")
  MARKERS("markers", "marker", Trait.TOLD_APART),
  @JsonProperty("placeNames")
  PLACE_NAMES("placeNames", "place name"),
  @JsonProperty("effects")
  EFFECTS("effects", "effect", Trait.TOLD_APART),
  @JsonProperty("craft")
  CRAFT("craft", "craft"),
  @JsonProperty("views")
  VIEWS("views", "view"),
  @JsonProperty("notes")
  NOTES("notes", "note"),
  @JsonProperty("folders")
  FOLDERS("folders", "folder"),
  @JsonProperty("bands")
  BANDS("bands", "band", Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("labels")
  LABELS("labels", "label", Trait.SCRIPT),
  @JsonProperty("flags")
  FLAGS("flags", "flag", Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("counters")
  COUNTERS("counters", "counter", Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("timers")
  TIMERS("timers", "timer", Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("calls")
  CALLS("calls", "call", Trait.SCRIPT),
  @JsonProperty("choices")
  CHOICES("choices", "choice", Trait.SCRIPT),
  @JsonProperty("answers")
  ANSWERS("answers", "answer", Trait.SCRIPT),
  @JsonProperty("exchanges")
  EXCHANGES("exchanges", "exchange", Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("speakers")
  SPEAKERS("speakers", "speaker", Trait.CATALOGUE, Trait.SCRIPT),
  @JsonProperty("conversations")
  CONVERSATIONS("conversations", "conversation", Trait.SCRIPT),
  @JsonProperty("wavePlans")
  WAVE_PLANS("wavePlans", "wave plan", Trait.SCRIPT),
  @JsonProperty("waves")
  WAVES("waves", "wave", Trait.SCRIPT),
  @JsonProperty("objectives")
  OBJECTIVES("objectives", "objective", Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("endings")
  ENDINGS("endings", "ending", Trait.SCRIPT),
  @JsonProperty("chapters")
  CHAPTERS("chapters", "chapter", Trait.SCRIPT),
  @JsonProperty("events")
  EVENTS("events", "event", Trait.SCRIPT, Trait.TOLD_APART),
  @JsonProperty("bundles")
  BUNDLES("bundles", "bundle"),
  @JsonProperty("copies")
  COPIES("copies", "copy of a bundle"),
  @JsonProperty("todos")
  TODOS("todos", "to-do");

  /** What holds of all things of a family. */
  private enum Trait {
    /** They are entries of the catalogue, which bundles bring along. */
    CATALOGUE,
    /** They are worked on as cards on the catalogue's page. */
    CARDS,
    /** They are of the script: they lie nowhere themselves. */
    SCRIPT,
    /** The script names them, so that two of one name cannot be told apart. */
    TOLD_APART
  }

  private final String key;
  private final String word;
  private final Set<Trait> traits;

  Family(String key, String word, Trait... traits) {
    this.key = key;
    this.word = word;
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
  public static Family of(String key) {
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
      case CRAFT -> "craft";
      case COPIES -> "copies of bundles";
      case THING_KINDS -> "kinds of things";
      default -> word + "s";
    };
  }

  /** Whether its things lie nowhere themselves: they are of the script. */
  public boolean ofTheScript() {
    return traits.contains(Trait.SCRIPT);
  }

  /** Whether its things are worked on as cards on the catalogue's page. */
  public boolean hasCards() {
    return traits.contains(Trait.CARDS);
  }

  /** Whether its things are entries of the catalogue, which bundles bring along. */
  public boolean ofTheCatalogue() {
    return traits.contains(Trait.CATALOGUE);
  }

  /** Whether two of its things need different names, because the script names them. */
  public boolean toldApart() {
    return traits.contains(Trait.TOLD_APART);
  }
}
