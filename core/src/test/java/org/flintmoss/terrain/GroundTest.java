package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Canonical;
import org.junit.jupiter.api.Test;

/** Ground after an edit is that of the whole document, though only other tiles are read. */
class GroundTest {
  private final SplittableRandom random = new SplittableRandom(8);
  private final Map<String, byte[]> bytes = new HashMap<>();
  private final Set<String> read = new HashSet<>();

  private Optional<byte[]> asset(String hash) {
    read.add(hash);
    return Optional.ofNullable(bytes.get(hash));
  }

  private String tile() {
    byte[] tile = new byte[Tile.BYTES];
    for (int i = 0; i < tile.length; i++) {
      tile[i] = (byte) random.nextInt(i < Tile.BYTES * 2 / 3 ? 256 : 8);
    }
    String hash = Canonical.hash(tile);
    bytes.put(hash, tile);
    return hash;
  }

  @Test
  void onlyOtherTilesAreRead() {
    Terrain was = new Terrain(150, 100, 2, 3, new TreeMap<>());
    Ground ground = Ground.of(was, this::asset);
    for (int i = 0; i < 40; i++) {
      Terrain terrain = edited(was);
      read.clear();
      Ground next = ground.next(was, terrain, this::asset);
      Set<String> others = new HashSet<>(terrain.tiles().values());
      others.removeAll(was.tiles().values());
      boolean moved = terrain.base() != was.base();
      assertThat(read).isEqualTo(moved ? Set.copyOf(terrain.tiles().values()) : others);
      assertThat(next.changes(Ground.of(terrain, this::asset))).isEmpty();
      was = terrain;
      ground = next;
    }
  }

  private Terrain edited(Terrain was) {
    TreeMap<String, String> tiles = new TreeMap<>(was.tiles());
    for (int i = random.nextInt(3); i >= 0; i--) {
      String key = random.nextInt(3) + "-" + random.nextInt(2);
      if (random.nextInt(3) == 0) {
        tiles.remove(key);
      } else {
        tiles.put(key, tile());
      }
    }
    double base = random.nextInt(10) == 0 ? random.nextInt(9) : was.base();
    return new Terrain(was.columns(), was.rows(), was.cell(), base, tiles);
  }
}
