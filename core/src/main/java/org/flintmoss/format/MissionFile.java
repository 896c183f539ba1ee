package org.flintmoss.format;

import java.util.Optional;
import java.util.SortedMap;
import org.flintmoss.mission.Canonical;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.terrain.Assets;
import tools.jackson.databind.JsonNode;

/** A mission as it travels: its document and the assets that the document names, by hash. */
public record MissionFile(JsonNode document, SortedMap<String, byte[]> assets) implements Assets {
  /** The document, read. */
  public Mission mission() {
    return MissionReader.read(document);
  }

  /** The SHA-256 of the canonical document. */
  public String hash() {
    return Canonical.hash(Canonical.bytes(document));
  }

  @Override
  public Optional<byte[]> bytes(String hash) {
    return Optional.ofNullable(assets.get(hash));
  }
}
