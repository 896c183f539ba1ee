package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.EnumWord;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads a whole text. What cannot be understood is reported; reading goes on behind it. */
final class ScriptReader {
  /** The most letters of a text that are read. */
  static final int LONGEST = 8_000_000;

  /** The most events of a mission. */
  private static final int MOST = 10_000;

  /** The words that begin a part of a text. */
  private static final List<String> HEADS = List.of("event", "chapter", "zone");

  private static final int NAME = 60;
  private static final double MOST_TIMES = 1_000_000;
  private static final NumberText TIMES = new NumberText("", 1, MOST_TIMES);

  private final Cursor cursor;
  private final Troubles troubles;
  private final Explainer explainer;
  private final Nameplates names;
  private final ConditionText conditions;
  private final ActionsText actions;
  private final Phrasings again;
  private final ZoneText zoneText;
  private final List<String> chapters = new ArrayList<>();
  private final List<ReadEvent> events = new ArrayList<>();
  private final List<ReadZone> zones = new ArrayList<>();
  private final Set<Ref> zonesRead = new HashSet<>();
  private String chapter;
  private Ref gone;

  ScriptReader(List<Token> tokens, Troubles troubles, ScriptText.Grammar grammar) {
    cursor = new Cursor(tokens);
    this.troubles = troubles;
    names = grammar.names();
    explainer = new Explainer(names);
    conditions = grammar.conditions();
    again = grammar.again();
    actions = grammar.actions(this::report);
    zoneText = grammar.zones();
    for (int i = 1; i < tokens.size(); i++) {
      boolean named = tokens.get(i).kind() == Token.Kind.TEXT;
      if (named && tokens.get(i - 1).first() && tokens.get(i - 1).is("event")) {
        names.announce(List.of(tokens.get(i).text()));
      }
    }
  }

  /** Whether a token begins an event, a chapter or what a zone does. */
  static boolean heads(Token token) {
    return token.first() && HEADS.stream().anyMatch(token::is);
  }

  /** What would have gone on behind the text. */
  Set<Expected> expectedAtEnd() {
    return cursor.expectedAtEnd();
  }

  /** The names of the chapters, in their order. */
  List<String> chapters() {
    return chapters;
  }

  /** What zones do, in the order of the text. */
  List<ReadZone> zones() {
    return zones;
  }

  List<ReadEvent> read() {
    while (!cursor.ended()) {
      CalledOff.check();
      cursor.settle();
      if (cursor.peek().is("chapter")) {
        chapter();
      } else if (cursor.peek().is("event")) {
        event();
      } else if (cursor.peek().is("zone")) {
        zone();
      } else {
        HEADS.forEach(word -> cursor.fail(new Expected.Words(word)));
        report(cursor);
        toNextHead();
      }
    }
    HEADS.forEach(word -> cursor.fail(new Expected.Words(word)));
    trailing();
    return events;
  }

  /** Comments after the last event belong to it. */
  private void trailing() {
    List<Token> left = cursor.comments();
    if (!left.isEmpty() && !events.isEmpty()) {
      ObjectNode body = events.getLast().body();
      body.put("note", joined(body.get("note").asString(), left));
    }
  }

  private void zone() {
    Token head = cursor.peek();
    // A zone has no note of its own.
    trailing();
    ReadZone read = zoneText.read(cursor, this::report);
    if (read.zone() != null && !zonesRead.add(read.zone())) {
      troubles.add(
          head, "What this zone does stands above already: write it in one place.", List.of());
    }
    zones.add(read);
  }

  private void report(Cursor at) {
    // What may be meant takes long to find, and what is found beyond the bound is not kept.
    if (!troubles.full()) {
      troubles.add(explainer.explain(at));
    }
  }

  private void toNextHead() {
    do {
      cursor.next();
    } while (!cursor.ended() && !heads(cursor.peek()));
  }

  private void chapter() {
    cursor.next();
    Token token = cursor.peek();
    if (token.kind() == Token.Kind.NAME && token.id().startsWith(Family.CHAPTERS.key() + "/")) {
      gone = names.read(cursor, List.of(Family.CHAPTERS));
      chapter = null;
    } else {
      chapter = name();
      gone = null;
      if (chapter != null && !chapters.contains(chapter)) {
        chapters.add(chapter);
      }
    }
    boolean ends = cursor.ended() || cursor.peek().first();
    if ((chapter == null && gone == null) || !ends) {
      cursor.fail(new Expected.Words("event"));
      report(cursor);
      toNextHead();
    }
  }

  /** A name of a chapter or an event in quotes; null and noted where there is none. */
  private String name() {
    Token token = cursor.peek();
    if (token.kind() != Token.Kind.TEXT) {
      cursor.fail(new Expected.Quoted());
      return null;
    }
    if (token.text().isEmpty() || token.text().length() > NAME) {
      cursor.fail("A name has 1 to %d letters.".formatted(NAME), List.of());
      return null;
    }
    cursor.next();
    return token.text();
  }

  private void event() {
    List<Token> above = cursor.comments();
    Token head = cursor.next();
    int before = troubles.size();
    int start = cursor.mark();
    if (events.size() >= MOST) {
      troubles.add(
          head, "A mission has at most %d events; no more are read.".formatted(MOST), List.of());
      toNextHead();
      return;
    }
    ObjectNode body = fresh();
    String name = name();
    String own = chapter;
    if (name == null) {
      report(cursor);
      toWhenOrDo();
    } else {
      own = clauses(body);
    }
    parts(body);
    Usual.settle(body);
    body.put("note", joined("", note(above, start)));
    boolean sound = troubles.size() == before;
    Token last = cursor.last();
    events.add(
        new ReadEvent(name, own, own == null ? gone : null, body, sound, head.from(), last.to()));
  }

  private static ObjectNode fresh() {
    ObjectNode body = Json.MAPPER.createObjectNode();
    body.set("when", Json.MAPPER.valueToTree(new Condition.All(new TreeMap<>())));
    body.putObject("again").put("type", "whenFalse");
    body.put("listens", "fromStart");
    body.putArray("actions");
    return body;
  }

  private List<Token> note(List<Token> above, int start) {
    List<Token> comments = new ArrayList<>(above);
    comments.addAll(cursor.commentsSince(start));
    return comments;
  }

  private static String joined(String before, List<Token> comments) {
    String words = comments.stream().map(Token::text).collect(Collectors.joining("\n"));
    return before.isEmpty() || words.isEmpty() ? before + words : before + "\n" + words;
  }

  /** Reads what stands behind the name; the name of the chapter that it is in. */
  private String clauses(ObjectNode body) {
    String own = chapter;
    cursor.settle();
    if (cursor.take("in")) {
      own = name();
      if (own == null) {
        report(cursor);
        toWhenOrDo();
        return chapter;
      }
      if (!chapters.contains(own)) {
        chapters.add(own);
      }
    }
    while (cursor.take(",")) {
      if (!clause(body)) {
        report(cursor);
        toWhenOrDo();
        return own;
      }
      cursor.settle();
    }
    if (!cursor.ended() && !cursor.peek().first()) {
      report(cursor);
      toWhenOrDo();
    }
    return own;
  }

  private boolean clause(ObjectNode body) {
    if (cursor.take(new String[] {"any", "number", "of", "times"})) {
      body.put("times", 0);
      return true;
    }
    if (cursor.take(new String[] {"at", "most"})) {
      if (cursor.take("once")) {
        body.put("times", 1);
        return true;
      }
      JsonNode times = TIMES.read(cursor);
      if (times == null || !(cursor.take("times") || cursor.take("time"))) {
        return false;
      }
      body.put("times", (int) times.asDouble());
      return true;
    }
    for (String listens : List.of("asleep", "off")) {
      if (cursor.take(listens)) {
        body.put("listens", listens.equals("off") ? "never" : "onceWoken");
        return true;
      }
    }
    for (Event.Firings firings : Event.Firings.values()) {
      if (cursor.take(EnumWord.of(firings).split(" "))) {
        body.set("firings", Json.MAPPER.valueToTree(firings));
        return true;
      }
    }
    JsonNode ready = again.read(cursor);
    if (ready != null) {
      body.set("again", ready);
    }
    return ready != null;
  }

  private void parts(ObjectNode body) {
    cursor.settle();
    if (cursor.ended()) {
      List.of("when", "each time", "do").forEach(word -> cursor.fail(new Expected.Words(word)));
    }
    if (asks(cursor.peek())) {
      if (cursor.take("when")) {
        cursor.settle();
      }
      JsonNode when = conditions.read(cursor, 0);
      boolean ends = cursor.ended() || (cursor.peek().first() && ends(cursor.peek()));
      if (when == null || !ends) {
        cursor.fail(new Expected.Words("do"));
        report(cursor);
        toDo();
      } else {
        body.set("when", when);
      }
    }
    if (cursor.peek().is("do") && cursor.peek().first()) {
      cursor.next();
      ArrayNode lines = actions.read(cursor, 0, 0);
      body.set("actions", lines);
    }
    if (!cursor.ended() && !heads(cursor.peek())) {
      cursor.settle();
      Set.of("when", "each time", "do").forEach(word -> cursor.fail(new Expected.Words(word)));
      cursor.fail(new Expected.Words("event"));
      report(cursor);
      toNextHead();
    }
  }

  /** Whether a condition begins: what happens stands there without a word before it. */
  private static boolean asks(Token token) {
    return token.first() && (token.is("when") || token.is("each"));
  }

  private static boolean ends(Token token) {
    return token.is("do") || heads(token);
  }

  private void toWhenOrDo() {
    while (!cursor.ended()
        && !heads(cursor.peek())
        && !asks(cursor.peek())
        && !(cursor.peek().first() && cursor.peek().is("do"))) {
      cursor.next();
    }
  }

  private void toDo() {
    while (!cursor.ended() && !(cursor.peek().first() && ends(cursor.peek()))) {
      cursor.next();
    }
  }
}
