package org.flintmoss.format;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.flintmoss.mission.Migrations;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.word.Components;
import org.flintmoss.terrain.Ground;
import org.flintmoss.trial.Recording;
import tools.jackson.databind.JsonNode;

/**
 * A mission as a ZIP: {@code mission.json} and {@code assets/<SHA-256>}; a recorded trial has
 * {@code replay.json} beside them. Anything else in the file, and anything out of bounds, refuses
 * it whole.
 */
public final class MissionZip {
  /** Most bytes that all entries may unpack to. */
  static final int UNPACKED = 64 * 1024 * 1024;

  /** Most entries. */
  static final int ENTRIES = 4096;

  private static final String MISSION = "mission.json";
  private static final String REPLAY = "replay.json";
  private static final String ASSETS = "assets/";

  private final SortedMap<String, byte[]> entries;

  private MissionZip(SortedMap<String, byte[]> entries) {
    this.entries = entries;
  }

  /**
   * Opens the bytes of a ZIP.
   *
   * @throws MissionRefused naming the entry that is wrong
   */
  public static MissionZip open(byte[] zip) {
    if (zip.length > Json.BYTES) {
      throw new MissionRefused(
          "", "is %d bytes; at most %d are read".formatted(zip.length, Json.BYTES));
    }
    SortedMap<String, byte[]> entries = new TreeMap<>();
    int left = UNPACKED;
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        byte[] bytes = read(entry, in, left, entries);
        left -= bytes.length;
      }
    } catch (IOException | IllegalArgumentException damaged) {
      throw new MissionRefused("", "is a damaged ZIP file");
    }
    if (!entries.containsKey(MISSION)) {
      throw new MissionRefused("", "is not a mission: a ZIP file with " + MISSION + " in it");
    }
    return new MissionZip(entries);
  }

  private static byte[] read(
      ZipEntry entry, ZipInputStream in, int left, SortedMap<String, byte[]> entries)
      throws IOException {
    String name = entry.getName();
    boolean known = name.equals(MISSION) || name.equals(REPLAY) || isAsset(name);
    if (entry.isDirectory() && name.equals(ASSETS)) {
      return new byte[0];
    }
    if (!known || entries.containsKey(name) || entries.size() >= ENTRIES) {
      throw new MissionRefused("", "holds '" + brief(name) + "', which has no place in a mission");
    }
    byte[] bytes = in.readNBytes(left + 1);
    if (bytes.length > left) {
      throw new MissionRefused("", "unpacks to more than %d bytes".formatted(UNPACKED));
    }
    entries.put(name, bytes);
    return bytes;
  }

  private static boolean isAsset(String name) {
    return name.startsWith(ASSETS) && name.substring(ASSETS.length()).matches(Terrain.HASH);
  }

  private static String brief(String name) {
    String plain = name.replaceAll("\\p{Cntrl}", "?");
    return plain.length() <= 60 ? plain : plain.substring(0, 60) + "…";
  }

  /**
   * The mission in it, checked through and through: the document, the assets that it names and
   * their hashes. Assets that nothing names are left out.
   *
   * @throws MissionRefused with every place that is wrong
   */
  public MissionFile mission() {
    JsonNode document = Migrations.upgrade(Json.read(entries.get(MISSION)));
    Mission mission = MissionReader.read(document);
    SortedMap<String, byte[]> assets = new TreeMap<>();
    List<Problem> problems = new ArrayList<>();
    for (Map.Entry<String, String> tile : mission.setting().terrain().tiles().entrySet()) {
      byte[] bytes = entries.get(ASSETS + tile.getValue());
      if (bytes != null && !Canonical.hash(bytes).equals(tile.getValue())) {
        problems.add(
            new Problem(
                "/setting/terrain/tiles/" + tile.getKey(),
                "names an asset whose bytes are damaged"));
      } else if (bytes != null) {
        assets.put(tile.getValue(), bytes);
      }
    }
    if (!problems.isEmpty()) {
      throw new MissionRefused(problems);
    }
    MissionFile file = new MissionFile(document, mission, assets);
    Ground.of(mission.setting().terrain(), file);
    return file;
  }

  /** The recording in it, if there is one. */
  public Optional<Recording> recording() {
    return Optional.ofNullable(entries.get(REPLAY)).map(RecordingReader::read).map(this::ofToday);
  }

  /** A recording of the mission as it lies in the file is one of it in today's shape. */
  private Recording ofToday(Recording recording) {
    String stored = Canonical.hash(Canonical.bytes(Json.read(entries.get(MISSION))));
    return recording.mission().equals(stored)
        ? Components.with(recording, Map.of("mission", mission().hash()))
        : recording;
  }

  /** The bytes of a ZIP with a mission. */
  public static byte[] write(MissionFile mission) {
    return write(mission, null);
  }

  /** The bytes of a ZIP with a mission and a recording of a trial of it. */
  public static byte[] write(MissionFile mission, Recording recording) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes)) {
      put(out, MISSION, Canonical.bytes(mission.document()));
      if (recording != null) {
        put(out, REPLAY, Json.MAPPER.writeValueAsBytes(recording));
      }
      for (Map.Entry<String, byte[]> asset : mission.assets().entrySet()) {
        put(out, ASSETS + asset.getKey(), asset.getValue());
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException("writing to memory", impossible);
    }
    return bytes.toByteArray();
  }

  private static void put(ZipOutputStream out, String name, byte[] bytes) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTime(0);
    out.putNextEntry(entry);
    out.write(bytes);
    out.closeEntry();
  }
}
