package org.flintmoss.server.missions;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.SortedMap;
import org.flintmoss.bundle.Bundles;
import org.flintmoss.bundle.Carry;
import org.flintmoss.bundle.Kept;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.json.JsonDiff;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.server.web.NotThere;
import org.flintmoss.terrain.Ground;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/**
 * What work on bundles would change in a mission as it stands. Nothing is changed here: the patch
 * is for the browser to put on as an edit of its own, which can be undone like any other.
 */
@RestController
@RequestMapping("/api")
class BundleController {
  private final MissionService missions;

  BundleController(MissionService missions) {
    this.missions = missions;
  }

  /**
   * What would change.
   *
   * @param made the things that would be made, a new copy first
   * @param kept what would stay as it is, though the bundle has changed
   */
  record Proposal(int revision, JsonNode patch, List<Ref> made, List<Kept> kept) {}

  /** A bundle that is to be made. */
  record Make(
      @Size(min = 1, max = 60) String name,
      @Size(max = 2000) String note,
      @Size(max = 5000) List<@Valid Ref> things,
      @Size(max = 100) List<@Valid Wanted> parameters) {}

  /** A parameter that it is to have. */
  record Wanted(
      @Size(min = 1, max = 60) String name, @Size(min = 1, max = 500) List<String> places) {}

  /** Where a bundle is to be set down, and how it is turned. */
  record Lie(
      @Valid Position at,
      @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double turn) {}

  /** What a copy is to be. */
  record Reset(
      SortedMap<@Pattern(regexp = Id.PATTERN) String, Bundle.@Valid Value> values,
      String edition,
      @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double turn) {}

  /** What a bundle is to be made of beside what it is. */
  record Follow(@Size(max = 5000) List<@Valid Ref> add) {}

  /** Makes a bundle of things; they become its first copy. */
  @PostMapping("/missions/{id}/bundles")
  Proposal make(@PathVariable String id, @Valid @RequestBody Make make) {
    List<Bundles.Wanted> wanted =
        make.parameters().stream().map(it -> new Bundles.Wanted(it.name(), it.places())).toList();
    return propose(id, of -> of.make(make.name(), make.note(), make.things(), wanted));
  }

  /** Sets a bundle of the mission down. */
  @PostMapping("/missions/{id}/bundles/{bundle}/copies")
  Proposal setDown(
      @PathVariable String id, @PathVariable String bundle, @Valid @RequestBody Lie lie) {
    return propose(id, of -> of.setDown(bundle, lie.at(), lie.turn()));
  }

  /** Gives a copy values, and takes over how its bundle is by now. */
  @PostMapping("/missions/{id}/copies/{copy}/reset")
  Proposal reset(
      @PathVariable String id, @PathVariable String copy, @Valid @RequestBody Reset reset) {
    return propose(id, of -> of.reset(copy, reset.values(), reset.edition(), reset.turn()));
  }

  /** Makes a bundle as one of its copies is. */
  @PostMapping("/missions/{id}/copies/{copy}/follow")
  Proposal follow(
      @PathVariable String id, @PathVariable String copy, @Valid @RequestBody Follow follow) {
    return propose(id, of -> of.follow(copy, follow.add()));
  }

  /** Brings all bundles of a mission that comes as a file. */
  @PostMapping(path = "/missions/{id}/bundles/bring", consumes = MediaType.ALL_VALUE)
  Proposal bring(@PathVariable String id, @RequestBody byte[] body) {
    MissionFile file = MissionZip.open(body).mission();
    if (file.mission().bundles().isEmpty()) {
      throw new MissionRefused("/bundles", "holds no bundle that could be brought in");
    }
    OpenMission.Version version = missions.version(id);
    JsonNode with = Carry.all(file.document(), version.document(), Ids::fresh);
    return proposal(version, new Bundles.Outcome(with, List.of(), List.of()));
  }

  /** A bundle that ships. */
  record Shipped(String id, String name, String note, Bundle.Edition edition) {}

  /** The bundles that ship. */
  @GetMapping("/bundles")
  List<Shipped> shipped() {
    return Samples.bundles().mission().bundles().entrySet().stream()
        .map(it -> shipped(it.getKey(), it.getValue()))
        .toList();
  }

  private static Shipped shipped(String id, Bundle bundle) {
    Bundle.Edition edition = bundle.editions().get(Bundles.newest(bundle));
    return new Shipped(id, bundle.name(), bundle.note(), edition);
  }

  /** Brings a bundle that ships, where the mission has it not yet, and sets it down. */
  @PostMapping("/missions/{id}/bundles/shipped/{bundle}/copies")
  Proposal setDownShipped(
      @PathVariable String id, @PathVariable String bundle, @Valid @RequestBody Lie lie) {
    MissionFile shipped = Samples.bundles();
    if (!shipped.mission().bundles().containsKey(bundle)) {
      throw new NotThere("There is no such bundle.");
    }
    OpenMission.Version version = missions.version(id);
    JsonNode with = Carry.one(shipped.document(), bundle, version.document(), Ids::fresh);
    Bundles of = new Bundles(with, MissionReader.read(with), missions.ground(id), Ids::fresh);
    return proposal(version, of.setDown(bundle, lie.at(), lie.turn()));
  }

  /** Something that is done with the bundles of a mission. */
  private interface Work {
    Bundles.Outcome on(Bundles bundles);
  }

  private Proposal propose(String id, Work work) {
    OpenMission.Version version = missions.version(id);
    Ground ground = missions.ground(id);
    Bundles bundles = new Bundles(version.document(), version.mission(), ground, Ids::fresh);
    return proposal(version, work.on(bundles));
  }

  /** A proposal that the mission can hold. */
  private static Proposal proposal(OpenMission.Version version, Bundles.Outcome outcome) {
    MissionReader.read(outcome.document());
    JsonNode patch = JsonDiff.between(version.document(), outcome.document());
    return new Proposal(version.revision(), patch, outcome.made(), outcome.kept());
  }
}
