package org.flintmoss.server.missions;

import java.util.concurrent.locks.ReentrantLock;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.DocumentSize;
import org.flintmoss.terrain.Assets;
import org.flintmoss.terrain.Ground;
import tools.jackson.databind.JsonNode;

/** A mission held in memory at its newest revision. */
final class OpenMission {
  private final ReentrantLock lock = new ReentrantLock();
  private final Assets assets;
  private Version version;
  private Ground ground;

  /** The size of the document; unknown until the first edit. */
  private long size = -1;

  private Terrain groundOf;

  /**
   * The document at one revision.
   *
   * @param held what was read of it, and the bounds that it breaks, as an older version may have
   *     stored it
   */
  record Version(int revision, JsonNode document, MissionReader.Held held) {
    /** The mission, whichever bounds it breaks. */
    Mission mission() {
      return held.mission();
    }
  }

  OpenMission(int revision, JsonNode document, Assets assets) {
    this.assets = assets;
    version = new Version(revision, document, MissionReader.readStored(document));
  }

  /** Held while an edit is taken. */
  ReentrantLock lock() {
    return lock;
  }

  synchronized Version version() {
    return version;
  }

  /** The size of the document as it is stored, bytes. */
  long size() {
    if (size < 0) {
      size = DocumentSize.of(version.document());
    }
    return size;
  }

  /** Goes on to the next version; the lock is held. */
  synchronized void advance(Version next, long itsSize) {
    version = next;
    size = itsSize;
  }

  /**
   * The ground of a version, read anew only where the terrain has changed, and of that what has.
   */
  synchronized Ground ground(Version of) {
    Terrain terrain = of.mission().setting().terrain();
    if (!terrain.equals(groundOf)) {
      ground = ground == null ? Ground.of(terrain, assets) : ground.next(groundOf, terrain, assets);
      groundOf = terrain;
    }
    return ground;
  }
}
