package org.flintmoss.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.OptionalDouble;
import javax.imageio.ImageIO;
import org.assertj.core.data.Offset;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Heights from elsewhere and to elsewhere: as a grid of numbers and as a picture. */
class HeightsTest {
  private static final String HEAD =
      "ncols 64\nnrows 64\nxllcorner 400123.5\nyllcorner 99\ncellsize 2.5\nNODATA_value -9999\n";

  private static Ground ground() {
    Ground.Grid grid = Ground.Grid.flat(70, 64, 2.5);
    for (int cell = 0; cell < grid.heights().length; cell++) {
      grid.heights()[cell] = Math.floor((cell % 70) * 37 - (cell / 70) * 91) / 100;
    }
    return new Ground(grid);
  }

  private static void same(Ground.Grid read, Ground ground, double within) {
    assertThat(read.columns()).isEqualTo(ground.columns());
    assertThat(read.rows()).isEqualTo(ground.rows());
    assertThat(read.cell()).isEqualTo(ground.cell());
    for (int cell = 0; cell < read.heights().length; cell++) {
      assertThat(read.heights()[cell]).isCloseTo(ground.sample(cell), Offset.offset(within));
    }
  }

  private static Ground.Grid grid(String text) {
    return HeightGrid.read(text.getBytes(StandardCharsets.UTF_8), OptionalDouble.empty());
  }

  private static String rows(int rows, String row) {
    return (row + "\n").repeat(rows);
  }

  private static final String ROW = "1 ".repeat(64);

  @Test
  void aGridIsTheSameAfterItWasWrittenAndRead() {
    same(HeightGrid.read(HeightGrid.write(ground()), OptionalDouble.empty()), ground(), 0.005);
  }

  @Test
  void theFirstRowLiesInTheNorth() {
    Ground.Grid grid = grid(HEAD + "7 " + "1 ".repeat(63) + "\n" + rows(63, ROW));
    assertThat(grid.heights()[63 * 64]).isEqualTo(7);
    assertThat(grid.heights()[0]).isEqualTo(1);
  }

  @Test
  void holesLieAtTheHeightThatIsStated() {
    String holes = HEAD + "-9999 -9999 " + "1 ".repeat(62) + "\n" + rows(63, ROW);
    byte[] bytes = holes.getBytes(StandardCharsets.UTF_8);
    assertThat(HeightGrid.read(bytes, OptionalDouble.of(-3)).heights()[63 * 64]).isEqualTo(-3);
    assertThatThrownBy(() -> HeightGrid.read(bytes, OptionalDouble.of(Double.NaN)))
        .isInstanceOf(MissionRefused.class);
    assertThatThrownBy(() -> grid(holes))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("2 cells without a height (-9999)");
  }

  @Test
  void aGridThatIsNoneIsRefusedWithItsPlace() {
    refused("", "must begin with ncols");
    refused("ncols 64\nnrows 64\n" + rows(64, ROW), "must begin with ncols, nrows and cellsize");
    refused(HEAD.replace("ncols 64", "ncols 63"), "line 1: '63'");
    refused(HEAD.replace("nrows 64", "nrows 4096"), "line 2: '4096'");
    refused(HEAD.replace("nrows 64", "nrows many"), "line 2: 'many' is not a number");
    refused(HEAD.replace("cellsize 2.5", "cellsize 0"), "cells of 0");
    refused(HEAD.replace("xllcorner", "lattitude"), "line 3: 'lattitude'");
    refused(HEAD + rows(10, ROW) + "1 2 3", "ends in row 11 of 64, after 3 of 64 heights");
    refused(HEAD + rows(65, ROW), "goes on at line 71");
    refused(HEAD + ROW.replaceFirst("1", "one") + "\n" + rows(63, ROW), "line 7: 'one'");
    refused(HEAD + ROW.replaceFirst("1", "NaN") + "\n" + rows(63, ROW), "line 7: 'NaN'");
    refused(HEAD + ROW.replaceFirst("1", "1e300") + "\n" + rows(63, ROW), "line 7: '1e300'");
    refused("ncols", "line 1: 'ncols' has no value");
  }

  private static void refused(String text, String because) {
    assertThatThrownBy(() -> grid(text))
        .as(because)
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining(because);
  }

  @Test
  void aPictureIsTheSameAfterItWasWrittenAndRead() {
    HeightImage.Scale scale = HeightImage.scaleOf(ground());
    assertThat(scale.low()).isEqualTo(-57.33);
    byte[] png = HeightImage.write(ground(), scale);
    same(HeightImage.read(png, scale), ground(), (scale.high() - scale.low()) / 65535);
  }

  @Test
  void aFlatGroundHasAPictureToo() {
    Ground flat = new Ground(Ground.Grid.flat(64, 64, 1));
    HeightImage.Scale scale = HeightImage.scaleOf(flat);
    same(HeightImage.read(HeightImage.write(flat, scale), scale), flat, 1e-6);
  }

  private static byte[] png(int width, int height, int type) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, type), "png", out);
    return out.toByteArray();
  }

  @ParameterizedTest
  @CsvSource({
    "80, 80, 10, has 8 bits a pixel",
    "80, 80, 1, has colours or transparency",
    "80, 80, 2, has colours or transparency",
    "80, 80, 12, bits a pixel",
    "63, 80, 11, is 63 x 80 pixels; a ground has 64 to 2048",
    "80, 2049, 11, is 80 x 2049 pixels"
  })
  void aPictureOfAnotherMakeIsRefusedWithWhatToDo(int width, int height, int type, String because)
      throws IOException {
    byte[] bytes = png(width, height, type);
    HeightImage.Scale scale = new HeightImage.Scale(0, 10, 2);
    assertThatThrownBy(() -> HeightImage.read(bytes, scale))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining(because);
  }

  @Test
  void whatIsNoPictureOrBrokenOffIsRefused() throws IOException {
    HeightImage.Scale scale = new HeightImage.Scale(0, 10, 2);
    byte[] whole = png(80, 80, BufferedImage.TYPE_USHORT_GRAY);
    for (byte[] bytes :
        new byte[][] {
          {}, "no picture".getBytes(StandardCharsets.UTF_8), Arrays.copyOf(whole, 60)
        }) {
      assertThatThrownBy(() -> HeightImage.read(bytes, scale)).isInstanceOf(MissionRefused.class);
    }
    assertThatThrownBy(() -> new HeightImage.Scale(10, 10, 2))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("black must lie below white");
    assertThatThrownBy(() -> new HeightImage.Scale(0, 10, Double.NaN))
        .isInstanceOf(MissionRefused.class);
  }
}
