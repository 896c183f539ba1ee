package org.flintmoss.mission.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.SplittableRandom;
import org.flintmoss.format.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class DocumentSizeTest {
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void theSizeThatIsCarriedFromEditToEditStaysNearTheTrueOne(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    JsonNode document = Samples.demo("relight-the-harrow").document();
    long carried = DocumentSize.of(document);
    for (int i = 0; i < 100; i++) {
      List<String> ids = List.copyOf(document.get("props").propertyNames());
      String id = ids.get(random.nextInt(ids.size()));
      JsonNode prop = document.get("props").get(id);
      ArrayNode patch = Json.MAPPER.createArrayNode();
      ArrayNode inverse = Json.MAPPER.createArrayNode();
      switch (random.nextInt(ids.size() > 3 ? 3 : 1)) {
        case 0 -> {
          operation(patch, "add", "/props/new-" + i, prop);
          operation(inverse, "remove", "/props/new-" + i, null);
        }
        case 1 -> {
          operation(patch, "remove", "/props/" + id, null);
          operation(inverse, "add", "/props/" + id, prop);
        }
        default -> {
          JsonNode name = Json.MAPPER.valueToTree("é".repeat(random.nextInt(1, 60)));
          operation(patch, "replace", "/props/" + id + "/name", name);
          operation(inverse, "replace", "/props/" + id + "/name", prop.get("name"));
        }
      }
      document = JsonPatch.read(patch).apply(document);
      carried += DocumentSize.change(patch, inverse);
    }
    assertThat(carried).isCloseTo(DocumentSize.of(document), within(200));
  }

  private static org.assertj.core.data.Offset<Long> within(long bytes) {
    return org.assertj.core.data.Offset.offset(bytes);
  }

  private static void operation(ArrayNode patch, String op, String path, JsonNode value) {
    ObjectNode operation = patch.addObject().put("op", op).put("path", path);
    if (value != null) {
      operation.set("value", value);
    }
  }

  @Test
  void whatIsLargerThanMayBeStoredIsRefusedInWords() {
    DocumentSize.refuseBeyond(DocumentSize.MOST);
    assertThatThrownBy(() -> DocumentSize.refuseBeyond(DocumentSize.MOST + 1))
        .isInstanceOfSatisfying(
            MissionRefused.class,
            it ->
                assertThat(it.problems().getFirst().says())
                    .isEqualTo("A mission takes at most 28 MB, not 29."));
    assertThat(DocumentSize.MOST).isLessThan(Json.BYTES);
  }
}
