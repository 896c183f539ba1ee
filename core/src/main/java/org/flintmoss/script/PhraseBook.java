package org.flintmoss.script;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import java.lang.annotation.Annotation;
import java.lang.reflect.Field;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.flintmoss.mission.catalogue.Breaks;
import org.flintmoss.mission.catalogue.Dealing;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Call;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.script.WavePlan;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Audience;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.Where;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.OrderKeys;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Scaled;
import org.flintmoss.mission.word.Word;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything that can be said, derived from the phrases of the records: how each sentence reads,
 * what stands in its slots, and what a fresh one looks like. Cards, pickers and completion need
 * nothing else, so that a new sentence is written in one place.
 *
 * @param hands in whose hands those may be to whom a zone does something
 * @param goes how they may go about
 */
public record PhraseBook(
    List<Entry> conditions,
    List<Entry> actions,
    List<Entry> orders,
    List<Entry> again,
    List<Entry> speeds,
    List<Entry> waits,
    List<Entry> levels,
    List<Entry> tasks,
    List<Entry> sentFrom,
    List<Entry> makes,
    List<Entry> effects,
    List<Entry> needs,
    List<Entry> gifts,
    List<Entry> offers,
    List<Entry> turns,
    List<Entry> spreads,
    List<Entry> cracks,
    List<Entry> leaves,
    List<Entry> deals,
    List<Entry> goods,
    List<Entry> prices,
    List<Entry> itemUses,
    List<Entry> caps,
    List<Entry> comes,
    List<Entry> heralds,
    List<Entry> from,
    List<Entry> readings,
    List<Entry> tallies,
    List<Entry> points,
    List<Entry> works,
    List<Option> hands,
    List<Option> goes) {
  /**
   * One sentence.
   *
   * @param type its type in the document
   * @param fresh what a picker puts in the document; null for the groups that hold conditions
   */
  public record Entry(
      String type, String group, List<Piece> pieces, Map<String, Slot> slots, JsonNode fresh) {}

  /**
   * A piece of a sentence: plain text, the name of a slot, or a word for one and one for many.
   *
   * @param opening words before a slot; they and the slot are left out while the slot holds the
   *     value that a new sentence has; null where the slot is always said
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record Piece(String text, String slot, List<String> agree, String opening) {}

  /**
   * What stands in a slot.
   *
   * @param is {@code selector}, {@code audience}, {@code whom}, {@code where}, {@code ref}, {@code
   *     amount}, {@code number}, {@code pinned}, {@code choice}, {@code place}, {@code order},
   *     {@code words}, {@code scaled}, {@code condition}, {@code lines}, {@code choices} or {@code
   *     text}
   * @param unit of amounts and numbers, else null
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record Slot(
      String is,
      List<Family> families,
      String unit,
      Double least,
      Double most,
      Integer longest,
      List<Option> options) {
    private static Slot of(String is) {
      return new Slot(is, null, null, null, null, null, null);
    }
  }

  /** One choice: its value in the document and the words for it. */
  public record Option(String value, String word) {}

  private static final Pattern BRACES = Pattern.compile("\\[([^{]*)\\{(\\w+)\\}\\]|\\{([^}]*)\\}");

  /** The book. */
  public static PhraseBook make() {
    return new PhraseBook(
        entries(Condition.class),
        entries(Action.class),
        entries(Order.class),
        entries(Event.Again.class),
        entries(Route.Speed.class),
        entries(Route.Wait.class),
        entries(Route.Level.class),
        entries(Route.Task.class),
        entries(Call.From.class),
        entries(Use.Made.class),
        entries(Use.Effect.class),
        entries(Use.Need.class),
        entries(Use.Gift.class),
        entries(Use.Offered.class),
        entries(Use.Turn.class),
        entries(Effect.Spreading.class),
        entries(Breaks.Cracks.class),
        entries(Breaks.Leaves.class),
        entries(Dealing.Does.class),
        entries(Exchange.Goods.class),
        entries(Exchange.Price.class),
        entries(ItemKind.Use.class),
        entries(WavePlan.Cap.class),
        entries(Wave.Comes.class),
        entries(Wave.Herald.class),
        entries(Wave.From.class),
        entries(Reading.class),
        entries(Objective.Tally.class),
        entries(Objective.Points.class),
        entries(Work.class),
        options(Working.Hands.class),
        options(Working.Goes.class));
  }

  private static List<Entry> entries(Class<?> sentences) {
    List<Entry> entries = new ArrayList<>();
    for (JsonSubTypes.Type type : sentences.getAnnotation(JsonSubTypes.class).value()) {
      Phrase phrase = type.value().getAnnotation(Phrase.class);
      if (phrase != null) {
        entries.add(entry(type.name(), type.value(), phrase));
      }
    }
    return entries;
  }

  private static Entry entry(String type, Class<?> record, Phrase phrase) {
    Map<String, Slot> slots = new LinkedHashMap<>();
    ObjectNode fresh = Json.MAPPER.createObjectNode().put("type", type);
    for (RecordComponent component : record.getRecordComponents()) {
      slots.put(component.getName(), slot(component));
      fresh.set(component.getName(), Json.MAPPER.valueToTree(fresh(component)));
    }
    return new Entry(type, phrase.group(), pieces(phrase.value()), slots, fresh);
  }

  private static List<Piece> pieces(String phrase) {
    List<Piece> pieces = new ArrayList<>();
    Matcher braces = BRACES.matcher(phrase);
    int from = 0;
    while (braces.find()) {
      text(pieces, phrase.substring(from, braces.start()));
      pieces.add(
          braces.group(2) == null
              ? braced(braces.group(3).split("\\|"))
              : new Piece(null, braces.group(2), null, braces.group(1).strip()));
      from = braces.end();
    }
    text(pieces, phrase.substring(from));
    return pieces;
  }

  private static Piece braced(String[] choice) {
    return choice.length == 2
        ? new Piece(null, null, List.of(choice), null)
        : new Piece(null, choice[0], null, null);
  }

  private static void text(List<Piece> pieces, String text) {
    if (!text.isBlank()) {
      pieces.add(new Piece(text.strip(), null, null, null));
    }
  }

  private static Slot slot(RecordComponent component) {
    Class<?> type = component.getType();
    Measured measured = component.getAnnotation(Measured.class);
    String unit = measured == null ? null : measured.value();
    if (type == Ref.class) {
      List<Family> families = List.of(component.getAnnotation(Names.class).value());
      return new Slot("ref", families, null, null, null, null, null);
    }
    if (type == Amount.class) {
      return new Slot("amount", null, unit, null, null, null, null);
    }
    if (type == Pinned.class) {
      return new Slot("pinned", null, unit, least(component), most(component), null, null);
    }
    if (type == double.class) {
      return new Slot("number", null, unit, least(component), most(component), null, null);
    }
    if (type == String.class || type == Words.class) {
      String is = type == String.class ? "text" : "words";
      int longest = constraint(component, Size.class).max();
      return new Slot(is, null, null, null, null, longest, null);
    }
    if (type.isEnum()) {
      return new Slot("choice", null, null, null, null, null, options(type));
    }
    if (type == SortedMap.class) {
      return Slot.of(component.getName().equals("choices") ? "choices" : "lines");
    }
    return Slot.of(type.getSimpleName().toLowerCase(java.util.Locale.ROOT));
  }

  /** Bean Validation's annotations stand on the field of a record's component, not on itself. */
  private static <A extends Annotation> A constraint(RecordComponent component, Class<A> type) {
    try {
      Field field = component.getDeclaringRecord().getDeclaredField(component.getName());
      return field.getAnnotation(type);
    } catch (NoSuchFieldException impossible) {
      throw new IllegalStateException("every record component has a field", impossible);
    }
  }

  private static double least(RecordComponent component) {
    return Double.parseDouble(constraint(component, DecimalMin.class).value());
  }

  private static double most(RecordComponent component) {
    return Double.parseDouble(constraint(component, DecimalMax.class).value());
  }

  private static List<Option> options(Class<?> choice) {
    return Arrays.stream(choice.getFields())
        .filter(field -> field.isEnumConstant())
        .map(
            field ->
                new Option(
                    field.getAnnotation(JsonProperty.class).value(),
                    field.getAnnotation(Word.class).value()))
        .toList();
  }

  private static Map<String, Action.Choice> twoChoices() {
    List<String> orders = OrderKeys.between(null, null, 2);
    return Map.of(
        "w1", new Action.Choice(orders.get(0), 1, new TreeMap<>()),
        "w2", new Action.Choice(orders.get(1), 1, new TreeMap<>()));
  }

  private static Object fresh(RecordComponent component) {
    Class<?> type = component.getType();
    Measured measured = component.getAnnotation(Measured.class);
    if (type == Ref.class) {
      return Ref.open(component.getAnnotation(Names.class).value()[0]);
    }
    if (type == Amount.class) {
      return Amount.of(measured.fresh());
    }
    if (type == double.class) {
      return measured.fresh();
    }
    if (type == Pinned.class) {
      return Pinned.of(measured.fresh());
    }
    if (type == Scaled.class) {
      return Scaled.of((int) measured.fresh());
    }
    if (type == String.class) {
      return "";
    }
    if (type.isEnum()) {
      return type.getEnumConstants()[0];
    }
    if (type == Selector.class) {
      return new Selector(new Selector.Any(), new Selector.Players());
    }
    if (type == Words.class) {
      return new Words("", new TreeMap<>());
    }
    if (type == Audience.class) {
      return new Audience.Everybody();
    }
    if (type == Selector.Whom.class) {
      return new Selector.Anyone();
    }
    if (type == Order.class) {
      return new Order.Stay();
    }
    if (type == Condition.class) {
      return new Condition.All(new TreeMap<>());
    }
    if (type == SortedMap.class) {
      return component.getName().equals("choices") ? twoChoices() : Map.of();
    }
    if (type == Place.class || type == Where.class) {
      return new Place.Point(new Position(0, 0));
    }
    throw new IllegalStateException(component + " has no fresh value");
  }
}
