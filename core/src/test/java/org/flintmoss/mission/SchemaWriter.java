package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.github.victools.jsonschema.generator.FieldScope;
import com.github.victools.jsonschema.generator.Option;
import com.github.victools.jsonschema.generator.OptionPreset;
import com.github.victools.jsonschema.generator.SchemaGenerator;
import com.github.victools.jsonschema.generator.SchemaGeneratorConfigBuilder;
import com.github.victools.jsonschema.generator.SchemaVersion;
import com.github.victools.jsonschema.module.jackson.JacksonOption;
import com.github.victools.jsonschema.module.jackson.JacksonSchemaModule;
import com.github.victools.jsonschema.module.jakarta.validation.JakartaValidationModule;
import com.github.victools.jsonschema.module.jakarta.validation.JakartaValidationOption;
import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.catalogue.Breaks;
import org.flintmoss.mission.catalogue.Dealing;
import org.flintmoss.mission.catalogue.Hold;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.catalogue.Stroke;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Atop;
import org.flintmoss.mission.ground.Begins;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.ground.Hand;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Call;
import org.flintmoss.mission.script.Conversation;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.mission.script.Todo;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.script.WavePlan;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Open;
import org.flintmoss.mission.word.Owner;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.TrialMessage;
import org.flintmoss.trial.TrialRequest;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Makes the JSON Schema of the document from its records. */
public final class SchemaWriter {
  private static final List<Class<?>> CHOICES =
      List.of(
          Action.class,
          Amount.class,
          Atop.class,
          Begins.class,
          Breaks.class,
          Hold.class,
          Breaks.Cracks.class,
          Breaks.Leaves.class,
          Dealing.Does.class,
          Exchange.Goods.class,
          Exchange.Price.class,
          Bundle.Value.class,
          Condition.class,
          Event.Again.class,
          Hand.class,
          Conversation.Length.class,
          Effect.Spreading.class,
          Use.Effect.class,
          Use.Made.class,
          Call.From.class,
          Use.Gift.class,
          Use.Need.class,
          Use.Offered.class,
          Use.Turn.class,
          ItemKind.Use.class,
          Order.class,
          Place.class,
          Open.class,
          Owner.class,
          PlayerStart.Begins.class,
          ThingKind.Footprint.class,
          Reading.class,
          Route.Level.class,
          Route.Speed.class,
          Route.Task.class,
          Route.Wait.class,
          Selector.Quantifier.class,
          Selector.Whom.class,
          Speaker.Body.class,
          Squad.Belongs.class,
          Squad.Places.class,
          Stroke.Shape.class,
          Todo.About.class,
          Unit.Belongs.class,
          Unit.Kit.class,
          Wave.Comes.class,
          Wave.From.class,
          Wave.Herald.class,
          WavePlan.Cap.class,
          Work.class,
          Working.Bears.class,
          Zone.Height.class,
          Zone.Rides.class,
          Zone.Shape.class);

  private static final List<Class<?>> OF_A_TRIAL =
      List.of(Input.class, TrialMessage.class, TrialRequest.class);

  private SchemaWriter() {}

  /** What a trial and a browser say to each other. */
  private record Trial(TrialMessage told, TrialRequest asked) {}

  /** The JSON Schema (draft 2020-12) of a mission document. */
  public static JsonNode schema() {
    return schema(Mission.class, CHOICES);
  }

  /** The JSON Schema (draft 2020-12) of what a trial and a browser say to each other. */
  public static JsonNode schemaOfTrials() {
    List<Class<?>> choices = new ArrayList<>(CHOICES);
    choices.addAll(OF_A_TRIAL);
    return schema(Trial.class, choices);
  }

  private static JsonNode schema(Class<?> of, List<Class<?>> choices) {
    SchemaGeneratorConfigBuilder config =
        new SchemaGeneratorConfigBuilder(
                Json.MAPPER, SchemaVersion.DRAFT_2020_12, OptionPreset.PLAIN_JSON)
            .with(Option.FORBIDDEN_ADDITIONAL_PROPERTIES_BY_DEFAULT)
            .with(Option.DEFINITIONS_FOR_ALL_OBJECTS)
            .with(Option.MAP_VALUES_AS_ADDITIONAL_PROPERTIES)
            .with(new JacksonSchemaModule(JacksonOption.FLATTENED_ENUMS_FROM_JSONPROPERTY))
            .with(new JakartaValidationModule(JakartaValidationOption.INCLUDE_PATTERN_EXPRESSIONS));
    config
        .forFields()
        .withNullableCheck(SchemaWriter::nullable)
        .withRequiredCheck(field -> !leftOut(field));
    config
        .forTypesInGeneral()
        .withDefinitionNamingStrategy((key, _) -> definitionName(key.getType().getErasedType()));
    return new SchemaTidier(new SchemaGenerator(config.build()).generateSchema(of), choices).tidy();
  }

  private static boolean nullable(FieldScope field) {
    return !field.isFakeContainerItemScope()
        && field.getRawMember().getAnnotatedType().isAnnotationPresent(Nullable.class);
  }

  /** Whether a field is left out where it holds nothing. */
  private static boolean leftOut(FieldScope field) {
    JsonInclude include = field.getDeclaringType().getErasedType().getAnnotation(JsonInclude.class);
    return nullable(field) && include != null && include.value() == JsonInclude.Include.NON_NULL;
  }

  static String definitionName(Class<?> type) {
    Class<?> outer = type.getEnclosingClass();
    return outer == null ? type.getSimpleName() : outer.getSimpleName() + type.getSimpleName();
  }
}
