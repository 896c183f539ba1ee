package org.flintmoss.server.missions;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.terrain.Tile;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Files that missions share over HTTP: the tiles of their ground. */
@RestController
@RequestMapping("/api")
class AssetController {
  private final MissionService missions;

  AssetController(MissionService missions) {
    this.missions = missions;
  }

  /** The most assets that are asked for at once: the tiles of the largest ground. */
  private static final int MOST = 1024;

  /** Several assets, one after the other in the order in which they are asked for. */
  @PostMapping("/assets")
  ResponseEntity<byte[]> assets(@RequestBody List<String> hashes) {
    if (hashes.size() > MOST) {
      throw new MissionRefused("", "must be a list of at most " + MOST + " names of assets");
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    hashes.forEach(hash -> bytes.writeBytes(missions.asset(hash)));
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .body(bytes.toByteArray());
  }

  /** Stores tiles that an edit to come will name; answers with their names in the same order. */
  @PostMapping(path = "/assets/tiles", consumes = MediaType.ALL_VALUE)
  List<String> storeTiles(@RequestBody byte[] bytes) {
    int many = bytes.length / Tile.BYTES;
    if (many == 0 || many > MOST || bytes.length != many * Tile.BYTES) {
      throw new MissionRefused(
          "",
          "must be 1 to %d tiles of %d bytes, not %d bytes"
              .formatted(MOST, Tile.BYTES, bytes.length));
    }
    List<String> names = new ArrayList<>();
    SortedMap<String, byte[]> tiles = new TreeMap<>();
    for (int i = 0; i < many; i++) {
      byte[] tile = Arrays.copyOfRange(bytes, i * Tile.BYTES, (i + 1) * Tile.BYTES);
      names.add(Canonical.hash(tile));
      tiles.put(names.getLast(), tile);
    }
    missions.keep(tiles);
    return names;
  }

  /** One asset by the SHA-256 of its bytes, which never changes. */
  @GetMapping("/assets/{hash}")
  ResponseEntity<byte[]> asset(@PathVariable String hash) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .cacheControl(CacheControl.maxAge(java.time.Duration.ofDays(365)).immutable())
        .body(missions.asset(hash));
  }
}
