package org.flintmoss.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.MissionRefused;
import org.junit.jupiter.api.Test;

class MissionZipTest {
  private final MissionFile file = Samples.demo("first-light");

  private static byte[] zip(String name, byte[] bytes) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry(name));
      zip.write(bytes);
    }
    return out.toByteArray();
  }

  @Test
  void whatGoesOutComesInTheSame() {
    MissionFile again = MissionZip.open(MissionZip.write(file)).mission();
    assertThat(again.hash()).isEqualTo(file.hash());
    assertThat(again.assets().keySet()).isEqualTo(file.assets().keySet());
    assertThat(MissionZip.open(MissionZip.write(file)).recording()).isEmpty();
  }

  @Test
  void namesThatClimbOutHaveNoPlace() throws IOException {
    for (String name : new String[] {"../mission.json", "/etc/passwd", "assets/../../x", "a.txt"}) {
      byte[] bytes = zip(name, new byte[3]);
      assertThatThrownBy(() -> MissionZip.open(bytes))
          .isInstanceOf(MissionRefused.class)
          .hasMessageContaining("has no place in a mission");
    }
  }

  @Test
  void aZipThatSwellsIsStopped() throws IOException {
    byte[] bomb = zip("mission.json", new byte[MissionZip.UNPACKED + 1]);
    assertThat(bomb.length).isLessThan(1_000_000);
    assertThatThrownBy(() -> MissionZip.open(bomb))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("unpacks to more");
  }

  @Test
  void whatIsNoMissionIsRefusedPlainly() throws IOException {
    assertThatThrownBy(() -> MissionZip.open("not a zip".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("not a mission");
    byte[] text = zip("mission.json", "{".getBytes(StandardCharsets.UTF_8));
    assertThatThrownBy(() -> MissionZip.open(text).mission())
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("line 1");
  }

  @Test
  void aDamagedAssetIsRefusedWithItsPlace() {
    TreeMap<String, byte[]> assets = new TreeMap<>(file.assets());
    byte[] bytes = assets.firstEntry().getValue().clone();
    bytes[7] ^= 1;
    assets.put(assets.firstKey(), bytes);
    byte[] zip = MissionZip.write(new MissionFile(file.document(), assets));
    assertThatThrownBy(() -> MissionZip.open(zip).mission())
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("damaged");
    assertThat(Canonical.hash(bytes)).isNotEqualTo(assets.firstKey());
  }

  @Test
  void flippedBytesAreReadOrRefusedButNeverAnythingElse() {
    byte[] zip = MissionZip.write(file);
    SplittableRandom random = new SplittableRandom(4);
    for (int i = 0; i < 200; i++) {
      byte[] bytes = zip.clone();
      for (int flip = 0; flip < 4; flip++) {
        bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
      }
      try {
        assertThat(MissionZip.open(bytes).mission().assets()).isNotNull();
      } catch (MissionRefused refused) {
        assertThat(refused.problems()).isNotEmpty();
      }
    }
  }
}
