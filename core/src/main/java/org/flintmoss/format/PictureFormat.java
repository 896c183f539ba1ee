package org.flintmoss.format;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import org.flintmoss.terrain.Ground;

/** Heights as the shades of a 16-bit greyscale PNG. */
final class PictureFormat implements Format {
  private static final List<Setting> SCALE =
      List.of(
          new Setting("low", "Black lies at", "m", -5000, 9000, 0, false),
          new Setting("high", "White lies at", "m", -5000, 9000, 50, false),
          new Setting("cell", "A pixel is", "m", 0.25, 64, 2, false));

  @Override
  public About about() {
    return new About(
        "picture", "Heights as a picture", "a picture", "image/png", List.of("png"), true, SCALE);
  }

  @Override
  public Written write(MissionFile mission, Ground ground) {
    HeightImage.Scale scale = HeightImage.scaleOf(ground);
    String name =
        String.format(
            Locale.ROOT,
            "heights %.2f m to %.2f m, %s m a pixel.png",
            scale.low(),
            scale.high(),
            scale.cell());
    return new Written(name, HeightImage.write(ground, scale));
  }

  @Override
  public Taken read(
      byte[] bytes, MissionFile mission, Map<String, Double> settings, Supplier<String> ids) {
    HeightImage.Scale scale =
        new HeightImage.Scale(settings.get("low"), settings.get("high"), settings.get("cell"));
    return NewGround.lay(mission, HeightImage.read(bytes, scale));
  }
}
