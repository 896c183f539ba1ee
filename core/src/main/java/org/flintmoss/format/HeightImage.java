package org.flintmoss.format;

import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Surface;

/** Heights as a greyscale PNG of 16 bits: black lies lowest, white highest. */
public final class HeightImage {
  private static final int MOST = 2048;
  private static final double WHITE = 65535;

  private HeightImage() {}

  /**
   * How the shades of an image are heights.
   *
   * @param low the height of black, metres
   * @param high the height of white, metres
   * @param cell the side of a pixel on the ground, metres
   */
  public record Scale(double low, double high, double cell) {
    /** Refuses a scale by which nothing could lie. */
    public Scale {
      if (!(low >= -5000 && high <= 9000 && low < high)) {
        throw new MissionRefused("", "black must lie below white, from -5000 m to 9000 m");
      }
      if (!(cell >= 0.25 && cell <= 64)) {
        throw new MissionRefused("", "a pixel measures 0.25 m to 64 m on the ground");
      }
    }
  }

  /**
   * Reads an image.
   *
   * @throws MissionRefused saying why it cannot be read
   */
  public static Ground.Grid read(byte[] bytes, Scale scale) {
    Raster raster = raster(bytes);
    int columns = raster.getWidth();
    int rows = raster.getHeight();
    Ground.Grid grid = Ground.Grid.flat(columns, rows, scale.cell());
    Arrays.fill(grid.surfaces(), (byte) Surface.GRASS.ordinal());
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double share = raster.getSample(column, rows - 1 - row, 0) / WHITE;
        grid.heights()[row * columns + column] = scale.low() + (scale.high() - scale.low()) * share;
      }
    }
    return grid;
  }

  private static Raster raster(byte[] bytes) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new MissionRefused("", "is no picture that can be read; a PNG is wanted");
      }
      ImageReader reader = readers.next();
      try {
        if (!reader.getFormatName().equalsIgnoreCase("png")) {
          throw new MissionRefused(
              "", "is a %s; a PNG is wanted".formatted(reader.getFormatName()));
        }
        reader.setInput(in, true, true);
        sized(reader.getWidth(0), reader.getHeight(0));
        return grey(reader.read(0).getRaster());
      } finally {
        reader.dispose();
      }
    } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
      throw new MissionRefused("", "is a damaged picture: " + reason(broken));
    }
  }

  private static String reason(Exception broken) {
    return broken.getMessage() == null ? "it ends too soon" : broken.getMessage();
  }

  private static void sized(int width, int height) {
    if (Math.min(width, height) < Terrain.TILE || Math.max(width, height) > MOST) {
      throw new MissionRefused(
          "",
          "is %d x %d pixels; a ground has %d to %d cells on a side"
              .formatted(width, height, Terrain.TILE, MOST));
    }
  }

  private static Raster grey(Raster raster) {
    if (raster.getNumBands() != 1) {
      throw notGrey("has colours or transparency");
    }
    if (raster.getSampleModel().getDataType() != DataBuffer.TYPE_USHORT) {
      throw notGrey("has %d bits a pixel".formatted(raster.getSampleModel().getSampleSize(0)));
    }
    return raster;
  }

  private static MissionRefused notGrey(String why) {
    return new MissionRefused("", why + "; save it as 16-bit greyscale");
  }

  /** Writes a ground between its lowest and its highest sample. */
  public static byte[] write(Ground ground, Scale scale) {
    BufferedImage image =
        new BufferedImage(ground.columns(), ground.rows(), BufferedImage.TYPE_USHORT_GRAY);
    double range = scale.high() - scale.low();
    for (int row = 0; row < ground.rows(); row++) {
      for (int column = 0; column < ground.columns(); column++) {
        double share = (ground.sample(row * ground.columns() + column) - scale.low()) / range;
        int shade = (int) Math.floor(Math.clamp(share, 0, 1) * WHITE + 0.5);
        image.getRaster().setSample(column, ground.rows() - 1 - row, 0, shade);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", out);
    } catch (IOException impossible) {
      throw new UncheckedIOException("memory takes all", impossible);
    }
    return out.toByteArray();
  }

  /** The scale between the lowest and the highest sample of a ground, to the centimetre. */
  public static Scale scaleOf(Ground ground) {
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (int cell = 0; cell < ground.columns() * ground.rows(); cell++) {
      low = Math.min(low, ground.sample(cell));
      high = Math.max(high, ground.sample(cell));
    }
    return new Scale(Math.floor(low * 100) / 100, Math.max(high, low + 0.01), ground.cell());
  }
}
