package org.flintmoss.server.missions;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.flintmoss.format.MissionFile;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.server.store.Backups;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/**
 * What can still be had of a stored mission that cannot be opened as it stands. The mission itself
 * is never written to: what is saved of it becomes a mission of its own.
 */
@Service
class Rescue {
  private final MissionService missions;
  private final JdbcClient own;
  private final Backups backups;

  Rescue(MissionService missions, JdbcClient writing, Backups backups) {
    this.missions = missions;
    own = writing;
    this.backups = backups;
  }

  /**
   * A revision that can be gone on from.
   *
   * @param at when it was made; empty for the mission as it came to the shelf
   * @param backup the backup that has it; empty for the store itself
   */
  record Way(int revision, String at, String backup) {}

  /** The title of a mission, as the shelf shows it. */
  String title(String id) {
    return missions.card(id).title();
  }

  /** The newest revisions that read, in the store and in a backup that has a newer one. */
  List<Way> ways(String id) {
    Optional<Way> here = way(own, id, "");
    Optional<Way> kept =
        backups
            .first((name, store) -> way(store, id, name))
            .filter(it -> here.isEmpty() || it.revision() > here.get().revision());
    return Stream.of(kept, here).flatMap(Optional::stream).toList();
  }

  private static Optional<Way> way(JdbcClient store, String id, String backup) {
    MissionRepository missions = new MissionRepository(store, store);
    return new Past(missions)
        .newest(id, Past::reads)
        .map(it -> new Way(it.revision(), missions.madeAt(id, it.revision()).orElse(""), backup));
  }

  /**
   * Puts a mission as it was at a revision on the shelf, as a mission of its own.
   *
   * @throws Unreadable if neither the store nor a backup has that revision whole
   */
  Card goOnFrom(String id, int revision) {
    MissionFile file =
        file(own, id, revision)
            .or(() -> backups.first((_, store) -> file(store, id, revision)))
            .orElseThrow(() -> new Unreadable("Revision %d cannot be read.".formatted(revision)));
    String ending = " (revision %d)".formatted(revision);
    return missions.adopt(
        new MissionFile(MissionService.retitled(file.document(), ending), file.assets()));
  }

  private static Optional<MissionFile> file(JdbcClient store, String id, int revision) {
    try {
      Past.Then then = new Past(new MissionRepository(store, store)).at(id, revision);
      return Optional.of(then)
          .filter(it -> it.revision() == revision && Past.reads(it))
          .map(it -> withAssets(store, it.upgraded()));
    } catch (Unreadable _) {
      return Optional.empty();
    }
  }

  /** All that can be put together of a mission, whether it reads or not. */
  MissionFile whatIsThere(String id) {
    missions.card(id);
    return new Past(new MissionRepository(own, own))
        .newest(id, _ -> true)
        .map(it -> withAssets(own, it.upgraded()))
        .orElseThrow(() -> new Unreadable("Nothing of it can be put together."));
  }

  private static MissionFile withAssets(JdbcClient store, JsonNode document) {
    AssetRepository assets = new AssetRepository(store, store);
    SortedMap<String, byte[]> files = new TreeMap<>(Comparator.naturalOrder());
    for (JsonNode tile : document.at("/setting/terrain/tiles")) {
      if (tile.asString("").matches(Terrain.HASH)) {
        assets.bytes(tile.asString()).ifPresent(bytes -> files.put(tile.asString(), bytes));
      }
    }
    return new MissionFile(document, files);
  }
}
