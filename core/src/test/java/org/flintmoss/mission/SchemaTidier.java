package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Gives each choice between records one named definition, and each record of a choice its {@code
 * type} among its own properties; the generator writes both out at every use.
 */
final class SchemaTidier {
  private static final String DEFS = "$defs";
  private static final String REF = "$ref";
  private static final String PREFIX = "#/$defs/";

  private final ObjectNode schema;
  private final ObjectNode defs;
  private final Map<Set<String>, String> choices = new HashMap<>();

  /** By their definitions, the types of the records of all choices. */
  private final Map<String, String> types = new TreeMap<>();

  SchemaTidier(JsonNode generated, List<Class<?>> sealed) {
    schema = (ObjectNode) generated;
    defs = (ObjectNode) generated.get(DEFS);
    for (Class<?> choice : sealed) {
      choices.put(members(choice), SchemaWriter.definitionName(choice));
      for (JsonSubTypes.Type type : choice.getAnnotation(JsonSubTypes.class).value()) {
        types.put(SchemaWriter.definitionName(type.value()), type.name());
      }
    }
  }

  private static Set<String> members(Class<?> choice) {
    Set<String> names = new TreeSet<>();
    for (JsonSubTypes.Type type : choice.getAnnotation(JsonSubTypes.class).value()) {
      names.add(SchemaWriter.definitionName(type.value()));
    }
    return names;
  }

  JsonNode tidy() {
    for (String name : List.copyOf(defs.propertyNames())) {
      if (name.endsWith("-2") && !isMap(name)) {
        join(name.substring(0, name.length() - 2));
      }
    }
    types.forEach(this::say);
    rename(schema);
    for (Map.Entry<Set<String>, String> choice : choices.entrySet()) {
      if (choice.getKey().stream().allMatch(defs::has)) {
        ArrayNode any = defs.putObject(choice.getValue()).putArray("anyOf");
        choice.getKey().forEach(member -> any.addObject().put(REF, PREFIX + member));
      }
    }
    ObjectNode sorted = Json.MAPPER.createObjectNode();
    new TreeSet<>(defs.propertyNames())
        .stream().filter(name -> !isMap(name)).forEach(name -> sorted.set(name, defs.get(name)));
    schema.set(DEFS, sorted);
    return schema;
  }

  private void join(String name) {
    ObjectNode record = (ObjectNode) defs.remove(name + "-1");
    JsonNode type = defs.remove(name + "-2").at("/properties/type");
    ObjectNode properties = Json.MAPPER.createObjectNode();
    properties.set("type", type);
    if (record.has("properties")) {
      properties.setAll((ObjectNode) record.get("properties"));
    }
    record.set("properties", properties);
    record.withArray("required").insert(0, "type");
    defs.set(name, record);
  }

  /** The generator does not say the type of a record that is a choice's by a kind in between. */
  private void say(String name, String type) {
    if (defs.get(name) instanceof ObjectNode record
        && record.at("/properties/type").isMissingNode()) {
      ObjectNode properties = Json.MAPPER.createObjectNode();
      properties.putObject("type").put("const", type);
      properties.setAll(record.withObject("properties"));
      record.set("properties", properties);
      record.withArray("required").insert(0, "type");
    }
  }

  private void rename(JsonNode node) {
    if (node instanceof ObjectNode object) {
      String named = object.path(REF).asString("").replace(PREFIX, "");
      if (isMap(named)) {
        object.remove(REF);
        object.setAll((ObjectNode) defs.get(named));
      }
      if (object.path(REF).isString()) {
        object.put(REF, object.get(REF).asString().replaceFirst("-2$", ""));
        // A range beside a reference would be that of the object; its values have it in the core.
        object.remove(List.of("minimum", "maximum"));
      }
      object.forEach(this::rename);
      JsonNode any = object.get("anyOf");
      String choice = any == null ? null : choices.get(names(any));
      if (choice != null) {
        object.remove("anyOf");
        object.put(REF, PREFIX + choice);
      }
    } else if (node.isArray()) {
      node.forEach(this::rename);
    }
  }

  /** Maps are written out where they are used. */
  private static boolean isMap(String name) {
    return name.matches("(Sorted)?Map(-\\d+)?");
  }

  private static Set<String> names(JsonNode any) {
    Set<String> names = new TreeSet<>();
    any.forEach(ref -> names.add(ref.path(REF).asString("").replace(PREFIX, "")));
    return names;
  }
}
