package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

class CatalogueOverHttpTest {
  @TempDir static Path data;

  @Test
  void theKindsOfThingsThatShipAreToldWithAllThatTheyName() {
    try (RunningServer server = new RunningServer(data)) {
      JsonNode shipped = server.get("/api/catalogue/things").json();
      JsonNode dig = shipped.at("/thingKinds/dig-spot-kind");
      assertThat(dig.at("/name").asString()).isEqualTo("Dig spot");
      String look = dig.at("/looks/l2/look/id").asString();
      assertThat(shipped.at("/looks/" + look + "/name").asString()).isEqualTo("Dug up");
      String spade = dig.at("/uses/u1/needs/item/id").asString();
      assertThat(shipped.at("/itemKinds/" + spade + "/name").asString()).isEqualTo("Spade");
    }
  }
}
