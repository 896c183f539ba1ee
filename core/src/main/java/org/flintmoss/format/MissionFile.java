package org.flintmoss.format;

import java.util.Optional;
import java.util.SortedMap;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.terrain.Assets;
import tools.jackson.databind.JsonNode;

/** A mission as it travels: its document and the assets that the document names, by hash. */
public final class MissionFile implements Assets {
  private final JsonNode document;
  private final SortedMap<String, byte[]> assets;
  private Mission mission;

  /** A document that has not been read yet. */
  public MissionFile(JsonNode document, SortedMap<String, byte[]> assets) {
    this(document, null, assets);
  }

  /**
   * A document that has been read.
   *
   * @param mission what was read of it
   */
  public MissionFile(JsonNode document, Mission mission, SortedMap<String, byte[]> assets) {
    this.document = document;
    this.mission = mission;
    this.assets = assets;
  }

  /** The document. */
  public JsonNode document() {
    return document;
  }

  /** The assets, by the hash of their bytes. */
  public SortedMap<String, byte[]> assets() {
    return assets;
  }

  /**
   * The document, read; large ones take a second, so that it is done once.
   *
   * @throws org.flintmoss.mission.json.MissionRefused with every place that is wrong
   */
  public synchronized Mission mission() {
    if (mission == null) {
      mission = MissionReader.read(document);
    }
    return mission;
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
