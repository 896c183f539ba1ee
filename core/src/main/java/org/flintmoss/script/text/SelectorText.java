package org.flintmoss.script.text;

import java.util.List;
import java.util.Map;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.Selector.Quantifier;
import org.flintmoss.mission.sentence.Selector.Whom;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Scaled;
import tools.jackson.databind.JsonNode;

/** Which of whom: {@code any player}, {@code at least 3 of [The watch]}, {@code [Mara Quill]}. */
record SelectorText(Nameplates names) implements SlotText {
  private static final List<Family> FAMILIES =
      List.of(
          Family.SIDES,
          Family.KINDS,
          Family.SQUADS,
          Family.BANDS,
          Family.WAVES,
          Family.LABELS,
          Family.STARTS,
          Family.UNITS);
  private static final List<Family> ZONES = List.of(Family.ZONES);

  /** How often those who are meant can be narrowed down. */
  private static final int DEEPEST = 4;

  private static final PinnedText METRES = new PinnedText("m", 0.1, 50_000);
  private static final PinnedText SHARE = new PinnedText("%", 1, 100);
  private static final Quantifier ANY = new Selector.Any();

  /** How crowds without a name are called: one of them, and several. */
  private record Crowd(String one, String many, Whom whom) {}

  private static final List<Crowd> CROWDS =
      List.of(
          new Crowd("player", "players", new Selector.Players()),
          new Crowd("unit", "units", new Selector.Anyone()));

  private static final Map<String, Quantifier> ANYONE =
      Map.of("anyone", ANY, "everyone", new Selector.All(), "nobody", new Selector.None());

  @Override
  public String print(JsonNode value) {
    Selector selector = Json.MAPPER.treeToValue(value, Selector.class);
    return print(selector.quantifier(), selector.whom());
  }

  private String print(Quantifier quantifier, Whom whom) {
    return switch (whom) {
      case Selector.Inside it -> print(quantifier, it.of()) + narrows(it);
      case Selector.Within it -> print(quantifier, it.of()) + narrows(it);
      case Selector.Nearest it -> print(quantifier, it.of()) + narrows(it);
      case Selector.Farthest it -> print(quantifier, it.of()) + narrows(it);
      case Selector.Players _ -> crowd(quantifier, CROWDS.get(0));
      case Selector.Anyone _ ->
          ANYONE.entrySet().stream()
              .filter(it -> it.getValue().equals(quantifier))
              .map(Map.Entry::getKey)
              .findFirst()
              .orElseGet(() -> crowd(quantifier, CROWDS.get(1)));
      case Selector.Causer _ ->
          quantifier.equals(ANY) ? "the causer" : many(quantifier) + " of the causer";
      case Selector.Other _ ->
          quantifier.equals(ANY) ? "the other" : many(quantifier) + " of the other";
      case Selector.ThisOne _ ->
          quantifier.equals(ANY) ? "this one" : many(quantifier) + " of this one";
      case Selector.OfSide of -> many(quantifier) + " of " + plate(of.side());
      case Selector.OfKind of -> many(quantifier) + " of " + plate(of.kind());
      case Selector.InSquad in -> many(quantifier) + " of " + plate(in.squad());
      case Selector.InBand in -> many(quantifier) + " of " + plate(in.band());
      case Selector.Labelled of -> many(quantifier) + " of " + plate(of.label());
      case Selector.InWave in -> many(quantifier) + " of " + plate(in.wave());
      case Selector.OneUnit one -> single(quantifier, one.unit());
      case Selector.OneStart one -> single(quantifier, one.start());
    };
  }

  private String place(Place place) {
    return places().print(Json.MAPPER.valueToTree(place));
  }

  private PlaceText places() {
    return new PlaceText(names);
  }

  private String plate(Ref ref) {
    return names.plate(ref, FAMILIES);
  }

  private String single(Quantifier quantifier, Ref ref) {
    return quantifier.equals(ANY) ? plate(ref) : many(quantifier) + " of " + plate(ref);
  }

  private static String many(Quantifier quantifier) {
    return switch (quantifier) {
      case Selector.Any _ -> "any";
      case Selector.All _ -> "all";
      case Selector.None _ -> "none";
      case Selector.AtLeast least -> "at least " + ScaledText.print(least.count());
      case Selector.Share share -> "at least " + PinnedText.print(share.percent(), "%");
    };
  }

  private static String crowd(Quantifier quantifier, Crowd crowd) {
    return switch (quantifier) {
      case Selector.Any _ -> "any " + crowd.one();
      case Selector.All _ -> "all " + crowd.many();
      case Selector.None _ -> "no " + crowd.one();
      case Selector.AtLeast least ->
          many(quantifier) + " " + (least.count().count() == 1 ? crowd.one() : crowd.many());
      case Selector.Share _ -> many(quantifier) + " of the " + crowd.many();
    };
  }

  @Override
  public boolean plural(JsonNode value, boolean before) {
    Selector selector = Json.MAPPER.treeToValue(value, Selector.class);
    Quantifier quantifier = selector.quantifier();
    boolean several =
        quantifier instanceof Selector.All
            || quantifier instanceof Selector.Share
            || (quantifier instanceof Selector.AtLeast least && least.count().count() != 1);
    return switch (Selector.base(selector.whom())) {
      case Selector.OneUnit _,
          Selector.OneStart _,
          Selector.Causer _,
          Selector.Other _,
          Selector.ThisOne _ ->
          false;
      case Selector.Anyone _ -> several && !(quantifier instanceof Selector.All);
      default -> several;
    };
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Selector selector = selector(cursor);
    Whom whom = selector == null ? null : narrowed(cursor, selector.whom(), 0);
    return whom == null ? null : Json.MAPPER.valueToTree(new Selector(selector.quantifier(), whom));
  }

  /** What narrows down who is meant; empty for nothing. */
  private String narrows(Whom whom) {
    return switch (whom) {
      case Selector.Inside it -> " inside " + names.plate(it.zone(), ZONES);
      case Selector.Within it ->
          " within %s of %s".formatted(PinnedText.print(it.distance(), "m"), place(it.place()));
      case Selector.Nearest it -> ", nearest to " + place(it.place()) + " first";
      case Selector.Farthest it -> ", farthest from " + place(it.place()) + " first";
      default -> "";
    };
  }

  /** Some, without how many of them: {@code [Wreckers] inside [Yard]}, {@code players}. */
  String printWhom(Whom whom) {
    return switch (whom) {
      case Selector.Inside it -> printWhom(it.of()) + narrows(it);
      case Selector.Within it -> printWhom(it.of()) + narrows(it);
      case Selector.Nearest it -> printWhom(it.of()) + narrows(it);
      case Selector.Farthest it -> printWhom(it.of()) + narrows(it);
      case Selector.Players _ -> "players";
      case Selector.Anyone _ -> "units";
      default -> print(ANY, whom).replaceFirst("^any of ", "");
    };
  }

  /** Reads some, without how many of them; null where there is nobody. */
  Whom readWhom(Cursor cursor) {
    boolean one = cursor.peek().is("the") || cursor.peek().is("this");
    boolean named = one || cursor.peek().kind() == Token.Kind.NAME;
    Whom whom = named ? whom(cursor) : crowd(cursor, true);
    return whom == null ? null : narrowed(cursor, whom, 0);
  }

  /** Where those have to stand who are meant, and who of them come first. */
  private Whom narrowed(Cursor cursor, Whom whom, int depth) {
    if (depth == DEEPEST) {
      return whom;
    }
    if (cursor.take("inside")) {
      Ref zone = names.read(cursor, ZONES);
      return zone == null ? null : narrowed(cursor, new Selector.Inside(whom, zone), depth + 1);
    }
    if (cursor.peek().is("within")) {
      int mark = cursor.mark();
      cursor.next();
      Pinned metres = METRES.pinned(cursor);
      if (metres == null || !cursor.take("of")) {
        // The sentence itself may go on so: "harms by the number of players within 8 m".
        cursor.back(mark);
        return whom;
      }
      Place place = readPlace(cursor);
      return place == null
          ? null
          : narrowed(cursor, new Selector.Within(whom, metres, place), depth + 1);
    }
    if (cursor.take(",", "nearest", "to")) {
      Place place = readPlace(cursor);
      boolean first = place != null && cursor.take("first");
      return first ? new Selector.Nearest(whom, place) : null;
    }
    if (cursor.take(",", "farthest", "from")) {
      Place place = readPlace(cursor);
      boolean first = place != null && cursor.take("first");
      return first ? new Selector.Farthest(whom, place) : null;
    }
    return whom;
  }

  private Place readPlace(Cursor cursor) {
    JsonNode place = places().read(cursor);
    return place == null ? null : Json.MAPPER.treeToValue(place, Place.class);
  }

  private Selector selector(Cursor cursor) {
    if (cursor.peek().kind() == Token.Kind.NAME) {
      return named(cursor);
    }
    cursor.fail(new Expected.Thing(FAMILIES));
    for (Map.Entry<String, Quantifier> anyone : ANYONE.entrySet()) {
      if (cursor.take(anyone.getKey())) {
        return new Selector(anyone.getValue(), new Selector.Anyone());
      }
    }
    if (cursor.take("any")) {
      return either(cursor, ANY, false);
    }
    if (cursor.take("all")) {
      return either(cursor, new Selector.All(), true);
    }
    if (cursor.take("no")) {
      Whom crowd = crowd(cursor, false);
      return crowd == null ? null : new Selector(new Selector.None(), crowd);
    }
    if (cursor.take("none")) {
      return of(cursor, new Selector.None());
    }
    if (cursor.take("at")) {
      return cursor.take("least") ? atLeast(cursor) : null;
    }
    Whom one = one(cursor);
    return one == null ? null : new Selector(ANY, one);
  }

  /** A name alone is one of a kind; of a crowd it has to be said how many. */
  private Selector named(Cursor cursor) {
    int mark = cursor.mark();
    Whom whom = whom(cursor);
    if (whom == null || whom instanceof Selector.OneUnit || whom instanceof Selector.OneStart) {
      return whom == null ? null : new Selector(ANY, whom);
    }
    cursor.back(mark);
    String name = "[" + Lexer.escape(cursor.peek().text(), ']') + "]";
    cursor.fail(
        "Say how many of them: any of, all of, none of, at least 3 of.",
        List.of(
            new Trouble.Remedy("any of " + name, "any of " + name),
            new Trouble.Remedy("all of " + name, "all of " + name)));
    return null;
  }

  private Selector either(Cursor cursor, Quantifier quantifier, boolean several) {
    if (cursor.peek().is("of")) {
      return of(cursor, quantifier);
    }
    cursor.fail(new Expected.Words("of"));
    Whom crowd = crowd(cursor, several);
    return crowd == null ? null : new Selector(quantifier, crowd);
  }

  private Selector of(Cursor cursor, Quantifier quantifier) {
    Whom whom = cursor.take("of") ? whom(cursor) : null;
    return whom == null ? null : new Selector(quantifier, whom);
  }

  private Selector atLeast(Cursor cursor) {
    if (cursor.second().is("%")) {
      JsonNode percent = SHARE.read(cursor);
      return percent == null
          ? null
          : of(cursor, new Selector.Share(Json.MAPPER.treeToValue(percent, Pinned.class)));
    }
    Scaled count = ScaledText.scaled(cursor);
    if (count == null) {
      return null;
    }
    return either(cursor, new Selector.AtLeast(count), count.count() != 1);
  }

  /** A crowd without a name; its number is not insisted on. */
  private static Whom crowd(Cursor cursor, boolean several) {
    for (Crowd crowd : CROWDS) {
      if (cursor.peek().is(crowd.one()) || cursor.peek().is(crowd.many())) {
        cursor.next();
        return crowd.whom();
      }
      cursor.fail(new Expected.Words(several ? crowd.many() : crowd.one()));
    }
    return null;
  }

  /** One who is known only at the moment. */
  private static Whom one(Cursor cursor) {
    if (cursor.take("this", "one")) {
      return new Selector.ThisOne();
    }
    if (cursor.take("the", "other")) {
      return new Selector.Other();
    }
    return cursor.take("the", "causer") ? new Selector.Causer() : null;
  }

  private Whom whom(Cursor cursor) {
    if (cursor.peek().is("the")) {
      cursor.next();
      for (Crowd crowd : CROWDS) {
        if (cursor.take(crowd.many())) {
          return crowd.whom();
        }
      }
      if (cursor.take("other")) {
        return new Selector.Other();
      }
      return cursor.take("causer") ? new Selector.Causer() : null;
    }
    if (cursor.peek().is("this")) {
      return one(cursor);
    }
    Ref ref = names.read(cursor, FAMILIES);
    if (ref == null) {
      return null;
    }
    return switch (ref.family()) {
      case SIDES -> new Selector.OfSide(ref);
      case KINDS -> new Selector.OfKind(ref);
      case SQUADS -> new Selector.InSquad(ref);
      case BANDS -> new Selector.InBand(ref);
      case WAVES -> new Selector.InWave(ref);
      case LABELS -> new Selector.Labelled(ref);
      case STARTS -> new Selector.OneStart(ref);
      default -> new Selector.OneUnit(ref);
    };
  }
}
