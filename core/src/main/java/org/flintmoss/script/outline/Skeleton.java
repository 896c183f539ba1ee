package org.flintmoss.script.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Supplier;
import org.flintmoss.mission.Draft;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Audience;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Comparison;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.text.ScriptText;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes the skeleton of a script from an outline: chapters, events, objectives, endings, speakers
 * and what they say, and a to-do for everything that the outline leaves open. What reads as a
 * sentence of the script is put in as one. Nothing that is there is changed.
 */
public final class Skeleton {
  private static final String OPENING = "Opening";
  private static final Audience EVERYBODY = new Audience.Everybody();

  /** The most lines that are read. */
  public static final int LINES = 1000;

  /** The longest line that is read. */
  private static final int LONGEST = 2000;

  private static final String NOTHING = "{\"type\":\"all\",\"parts\":{}}";

  private final Mission mission;
  private final Supplier<String> ids;
  private final Draft draft;
  private final List<Made> made = new ArrayList<>();
  private final Map<String, Ref> speakers = new HashMap<>();

  private Ref chapter;

  /** The event that lines belong to, and its tree; null before the first. */
  private Ref event;

  private ObjectNode tree;

  /** The conversation that lines are added to while nothing else comes between. */
  private ObjectNode talk;

  private int line;

  private Skeleton(JsonNode document, Mission mission, Supplier<String> ids) {
    this.mission = mission;
    this.ids = ids;
    draft = new Draft(document);
    mission
        .speakers()
        .forEach((id, it) -> speakers.put(called(it.name()), new Ref(Family.SPEAKERS, id)));
  }

  /**
   * Something that a line became.
   *
   * @param line from 1
   * @param says what it is, in words
   */
  public record Made(int line, Ref thing, String name, String says) {}

  /**
   * What came of an outline.
   *
   * @param document the mission with the skeleton in it
   * @param made what each line became, in the order of the lines
   */
  public record Outcome(JsonNode document, List<Made> made) {}

  /**
   * Makes a skeleton.
   *
   * @param ids makes ids that nothing has yet
   * @throws MissionRefused if the outline is longer than is read
   */
  public static Outcome of(JsonNode document, Mission mission, String text, Supplier<String> ids) {
    List<String> lines = text.lines().toList();
    if (lines.size() > LINES) {
      throw new MissionRefused(
          "", "has %d lines; at most %d are read".formatted(lines.size(), LINES));
    }
    Skeleton skeleton = new Skeleton(document, mission, ids);
    for (String line : lines) {
      skeleton.line++;
      if (line.length() > LONGEST) {
        throw new MissionRefused(
            "",
            "has a line %d of %d letters; at most %d are read"
                .formatted(skeleton.line, line.length(), LONGEST));
      }
      if (!line.isBlank()) {
        skeleton.take(OutlineReader.read(line.strip()));
      }
    }
    return new Outcome(skeleton.draft.document(), List.copyOf(skeleton.made));
  }

  private void take(Line read) {
    if (!(read instanceof Line.Said)) {
      talk = null;
    }
    switch (read) {
      case Line.Chapter(String name) -> chapter(name);
      case Line.Opening(String words) -> opening(words);
      case Line.When(String condition, String words) -> when(condition, words);
      case Line.Goal(Objective.Rank rank, String words) -> goal(rank, words);
      case Line.End(Ending.Outcome outcome, String words) -> end(outcome, words);
      case Line.Said(String speaker, String words) -> said(speaker, words);
      case Line.Task(String words) -> todo(words, event);
    }
  }

  private Ref add(Family family, String name, ObjectNode thing, String says) {
    Ref ref = new Ref(family, ids.get());
    ObjectNode whole = Json.MAPPER.createObjectNode();
    whole.put("name", draft.fresh(family, clipped(name, 60)));
    whole.put("order", draft.last(family));
    whole.setAll(thing);
    draft.put(ref, whole);
    made.add(new Made(line, ref, whole.get("name").asString(), says));
    return ref;
  }

  private void chapter(String name) {
    event = null;
    chapter =
        mission.chapters().entrySet().stream()
            .filter(it -> called(it.getValue().name()).equals(called(name)))
            .map(it -> new Ref(Family.CHAPTERS, it.getKey()))
            .findFirst()
            .orElseGet(
                () -> add(Family.CHAPTERS, name, Json.MAPPER.createObjectNode(), "a chapter"));
  }

  private void happening(String name, String note, JsonNode when, String says) {
    if (chapter == null) {
      chapter =
          mission.chapters().entrySet().stream()
              .max(Comparator.comparing(it -> it.getValue().order()))
              .map(it -> new Ref(Family.CHAPTERS, it.getKey()))
              .orElseGet(
                  () -> add(Family.CHAPTERS, OPENING, Json.MAPPER.createObjectNode(), "a chapter"));
    }
    tree = Json.MAPPER.createObjectNode();
    tree.set("chapter", Json.MAPPER.valueToTree(chapter));
    tree.set("when", when);
    tree.put("times", 1);
    tree.putObject("again").put("type", "whenFalse");
    tree.put("firings", "dropped");
    tree.put("listens", "fromStart");
    tree.put("note", note);
    tree.putObject("actions");
    event = add(Family.EVENTS, name, tree, says);
    tree = (ObjectNode) draft.get(event);
  }

  private void opening(String words) {
    Condition begins = new Condition.Elapsed(Comparison.AT_LEAST, Pinned.of(2));
    SortedMap<String, Condition.Part> parts = new TreeMap<>();
    parts.put("c1", new Condition.Part("a0", begins));
    JsonNode when = Json.MAPPER.valueToTree(new Condition.All(parts));
    happening(openingName(words), words, when, "an event, when play begins");
    does(words);
  }

  /** The first is the opening; a further one is called by what it says. */
  private String openingName(String words) {
    if (draft.fresh(Family.EVENTS, OPENING).equals(OPENING)) {
      return OPENING;
    }
    return words.isEmpty() ? "When play begins" : capital(words);
  }

  /** What reads as a condition; null for what does not. */
  private JsonNode condition(String words) {
    return ScriptText.sentences(mission, ScriptText.Says.WHEN, words).said();
  }

  private void when(String condition, String words) {
    JsonNode said = condition(condition);
    String says = said == null ? "an event; say when" : "an event with its condition";
    happening(capital(condition), words, said == null ? nothing() : said, says);
    if (said == null) {
      todo("Say when: " + condition, event);
    }
    does(words);
  }

  /** What an event does, where it reads as a sentence; else that it has to be said. */
  private void does(String words) {
    JsonNode said =
        words.isEmpty() ? null : ScriptText.sentences(mission, ScriptText.Says.DO, words).said();
    if (said != null) {
      ((ObjectNode) tree.get("actions")).setAll((ObjectNode) said);
      tree.put("note", "");
    } else {
      todo(words.isEmpty() ? "Say what happens" : "Say what happens: " + words, event);
    }
  }

  private void goal(Objective.Rank rank, String words) {
    ObjectNode goal = Json.MAPPER.createObjectNode();
    goal.set("text", words(words.length() > 60 ? words : "", 1000));
    goal.set("rank", Json.MAPPER.valueToTree(rank));
    goal.put("open", event == null && rank != Objective.Rank.HIDDEN);
    for (String own : List.of("opens", "done", "fails")) {
      goal.set(own, nothing());
    }
    goal.putObject("tally").put("type", "nothing");
    goal.putObject("points").put("type", "nowhere");
    Ref objective = add(Family.OBJECTIVES, words, goal, "an objective");
    if (event != null) {
      act(new Action.OpenObjective(objective, EVERYBODY));
    }
    todo("Say when it is done: " + words, objective);
  }

  /** Words as they stand in the document, cut to a length. */
  private static JsonNode words(String words, int longest) {
    String text = clipped(Words.plain(words).text(), longest);
    return Json.MAPPER.valueToTree(new Words(text, new TreeMap<>()));
  }

  private void end(Ending.Outcome outcome, String words) {
    boolean won = outcome == Ending.Outcome.WON;
    Ended ended = Ended.of(words, won ? "Won" : "Lost", it -> condition(it) != null);
    JsonNode when = ended.condition().isEmpty() ? null : condition(ended.condition());
    ObjectNode ending = Json.MAPPER.createObjectNode();
    ending.set("outcome", Json.MAPPER.valueToTree(outcome));
    ending.set("delay", Json.MAPPER.valueToTree(Pinned.of(3)));
    ending.set("debriefing", words("", 4000));
    String name = capital(ended.name());
    Ref to = add(Family.ENDINGS, name, ending, won ? "an ending, won" : "an ending, lost");
    todo("Write the debriefing of " + name, to);
    String says = when == null ? "an event that ends it" : "an event that ends it so";
    happening(name, "", when == null ? nothing() : when, says);
    act(new Action.End(to));
    if (when == null) {
      String left = ended.condition().isEmpty() ? name : ended.condition();
      todo("Say when it ends so: " + left, event);
    }
    event = null;
  }

  private void said(String speaker, String words) {
    if (talk == null) {
      ObjectNode conversation = Json.MAPPER.createObjectNode();
      conversation.put("weight", "story").putObject("lines");
      String name = event == null ? speaker : tree.get("name").asString();
      Ref ref = add(Family.CONVERSATIONS, name, conversation, "a conversation");
      talk = (ObjectNode) draft.get(ref);
      if (event == null) {
        todo("Say when it is said: " + talk.get("name").asString(), ref);
      } else {
        act(new Action.Say(ref, EVERYBODY));
      }
    }
    ObjectNode lines = (ObjectNode) talk.get("lines");
    ObjectNode said = lines.putObject(ids.get());
    said.put("order", after(lines));
    said.set("speaker", Json.MAPPER.valueToTree(speaker(speaker)));
    said.set("text", words(words, 400));
    said.put("gap", 0.5).putObject("length").put("type", "words");
  }

  /** Who is called so by name or by the first of their names; made where there is nobody. */
  private Ref speaker(String name) {
    Ref known = speakers.get(called(name));
    if (known == null) {
      known =
          speakers.entrySet().stream()
              .filter(it -> it.getKey().startsWith(called(name) + " "))
              .map(Map.Entry::getValue)
              .findFirst()
              .orElseGet(() -> newSpeaker(name));
      speakers.put(called(name), known);
    }
    return known;
  }

  private Ref newSpeaker(String name) {
    Body body = new Body(mission, name);
    ObjectNode speaker = Json.MAPPER.createObjectNode();
    speaker.set("side", Json.MAPPER.valueToTree(body.side()));
    speaker.set("body", body.json());
    speaker.putObject("portrait").put("head", "round").put("hat", "none").put("hair", "none");
    speaker.put("pace", 170);
    return add(Family.SPEAKERS, name, speaker, "a speaker");
  }

  private void act(Action action) {
    ObjectNode actions = (ObjectNode) tree.get("actions");
    ObjectNode it = actions.putObject(ids.get());
    it.put("order", after(actions));
    it.putObject("after").put("type", "number").put("value", 0);
    it.set("action", Json.MAPPER.valueToTree(action));
  }

  /** An order after all that have one already. */
  private static String after(ObjectNode parts) {
    String last =
        parts.valueStream().map(it -> it.path("order").asString("")).max(String::compareTo).get();
    return Draft.after(last.isEmpty() ? null : last);
  }

  private void todo(String words, Ref about) {
    ObjectNode todo = Json.MAPPER.createObjectNode();
    Ref ref = new Ref(Family.TODOS, ids.get());
    String name = clipped(words, 200);
    todo.put("name", name).put("order", draft.last(Family.TODOS)).put("done", false);
    ObjectNode of = todo.putObject("about").put("type", about == null ? "mission" : "thing");
    if (about != null) {
      of.set("thing", Json.MAPPER.valueToTree(about));
    }
    draft.put(ref, todo);
    made.add(new Made(line, ref, name, "to do"));
  }

  private static JsonNode nothing() {
    return Json.MAPPER.readTree(NOTHING);
  }

  private static String called(String name) {
    return name.toLowerCase(Locale.ROOT);
  }

  private static String capital(String words) {
    return words.isEmpty()
        ? words
        : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  private static String clipped(String words, int most) {
    return words.length() <= most ? words : words.substring(0, most - 1).stripTrailing() + "…";
  }
}
