package org.flintmoss.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Routes go out as GPX and come in again; tracks of others come in about the middle. */
class GpxTest {
  private static final MissionFile HARROW = Samples.demo("relight-the-harrow");

  private int next;

  private Mission read(String gpx) {
    JsonNode features =
        GpxReader.read(gpx.getBytes(StandardCharsets.UTF_8), HARROW.mission().setting().terrain());
    return MissionReader.read(
        GeoJsonReader.read(features, HARROW.document(), HARROW.mission(), () -> "n" + next++)
            .document());
  }

  private static List<Position> points(Route route) {
    return Ordered.sort(route.waypoints()).stream().map(it -> it.getValue().position()).toList();
  }

  private static Route named(Mission mission, String name) {
    return mission.routes().values().stream()
        .filter(it -> it.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static String gpx(String inside) {
    return "<?xml version='1.0'?><gpx version='1.1' xmlns='%s'>%s</gpx>"
        .formatted(Gpx.NAMESPACE, inside);
  }

  @Test
  void routesComeBackToTheCentimetre() {
    Ground ground = Ground.of(HARROW.mission().setting().terrain(), HARROW);
    Mission again = read(Gpx.write(HARROW.mission(), ground));
    for (Map.Entry<String, Route> it : HARROW.mission().routes().entrySet()) {
      Route copy = named(again, it.getValue().name() + " 2");
      assertThat(points(copy)).isEqualTo(points(it.getValue()));
    }
  }

  @Test
  void namesAreEscaped() {
    Mission odd =
        read(
            gpx(
                "<rte><name>Reed &amp; &lt;Rill></name><rtept lat='1' lon='1'/><rtept lat='1.001' lon='1'/></rte>"));
    assertThat(named(odd, "Reed & <Rill>").waypoints()).hasSize(2);
    Ground ground = Ground.of(odd.setting().terrain(), HARROW);
    assertThat(Gpx.write(odd, ground)).contains("Reed &amp; &lt;Rill&gt;");
  }

  /** At 60 degrees north a degree of longitude is half as wide as one of latitude. */
  @Test
  void aTrackOfAnotherPlaceIsLaidFlatAboutTheMiddleOfTheGround() {
    Mission with =
        read(
            gpx(
                "<trk><name>Dyke walk</name><trkseg><trkpt lat='59.998' lon='10.000'/><trkpt lat='60.002' lon='10.004'/></trkseg></trk>"));
    List<Position> points = points(named(with, "Dyke walk"));
    assertThat(points.getFirst().x() + points.getLast().x()).isCloseTo(1024, within(0.02));
    assertThat(points.getFirst().y() + points.getLast().y()).isCloseTo(1024, within(0.02));
    assertThat(points.getLast().y() - points.getFirst().y()).isCloseTo(445.28, within(0.05));
    assertThat(points.getLast().x() - points.getFirst().x()).isCloseTo(222.64, within(0.05));
  }

  @Test
  void waypointsBecomeMarkers() {
    Mission with = read(gpx("<wpt lat='5' lon='5'><name>Cairn</name></wpt>"));
    assertThat(with.markers().values()).anyMatch(it -> it.name().equals("Cairn"));
  }

  @Test
  void aLongTrackKeepsTheTwoHundredPointsThatMatterMost() {
    StringBuilder track = new StringBuilder("<trk><trkseg>");
    for (int i = 0; i <= 5000; i++) {
      double aside = i == 2500 ? 0.002 : StrictMath.sin(i / 20.0) * 0.0001;
      track.append("<trkpt lat='%s' lon='%s'/>".formatted(aside, i * 0.0000015));
    }
    Route route = named(read(gpx(track.append("</trkseg></trk>").toString())), "Route");
    assertThat(route.waypoints()).hasSize(200);
    double high = points(route).stream().mapToDouble(Position::y).max().orElseThrow();
    double low = points(route).stream().mapToDouble(Position::y).min().orElseThrow();
    assertThat(high - low).as("the spike is kept").isCloseTo(0.0021 * Gpx.METRES, within(1.0));
  }

  @Test
  void aLineThatIsThinnedStillPassesNearWhatWasLeftOut() {
    List<double[]> line = new ArrayList<>();
    for (int i = 0; i < 2000; i++) {
      line.add(new double[] {i, StrictMath.sin(i / 100.0) * 50});
    }
    List<double[]> thin = Thinned.to(line, 100);
    assertThat(thin).hasSize(100).startsWith(line.getFirst()).endsWith(line.getLast());
    assertThat(Thinned.to(line, 5000)).isSameAs(line);
    for (double[] point : line) {
      int after = 0;
      while (thin.get(after)[0] < point[0]) {
        after++;
      }
      double[] b = thin.get(after);
      double[] a = thin.get(Math.max(0, after - 1));
      double share = a == b ? 0 : (point[0] - a[0]) / (b[0] - a[0]);
      assertThat(Math.abs(a[1] + (b[1] - a[1]) * share - point[1])).isLessThan(0.5);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "<kml/> | is no GPX: it begins with <kml>",
        "<gpx><rte> | line 1, column",
        "<gpx></gpx> | holds no route, track or waypoint",
        "<gpx><rte><rtept lat='91' lon='0'/></rte></gpx> | lat must be a number from -90 to 90",
        "<gpx><rte><rtept lat='NaN' lon='0'/></rte></gpx> | lat must be a number",
        "<gpx><rte><rtept lon='0'/></rte></gpx> | lat must be a number",
        "<gpx><rte><rtept lat='1' lon='1'/><rtept lat='2' lon='1'/></rte></gpx> | Make a larger ground",
      })
  void whatCannotBeTakenInIsRefusedWithTheReason(String file, String reason) {
    assertThatThrownBy(() -> read(file))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining(reason);
  }

  @Test
  void nothingOutsideTheFileIsRead() {
    String outside =
        "<?xml version='1.0'?><!DOCTYPE gpx [<!ENTITY e SYSTEM 'file:///etc/hostname'>]><gpx><rte><name>&e;</name><rtept lat='1' lon='1'/><rtept lat='1.001' lon='1'/></rte></gpx>";
    assertThatThrownBy(() -> read(outside)).isInstanceOf(MissionRefused.class);
  }
}
