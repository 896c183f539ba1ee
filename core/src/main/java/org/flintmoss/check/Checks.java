package org.flintmoss.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.check.place.Deployment;
import org.flintmoss.check.place.FacingChecks;
import org.flintmoss.check.place.Footing;
import org.flintmoss.check.place.LoadChecks;
import org.flintmoss.check.place.Placement;
import org.flintmoss.check.script.LookChecks;
import org.flintmoss.check.script.ScriptChecks;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.References;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.unit.StandingActor;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Lost;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.terrain.Ground;
import tools.jackson.databind.JsonNode;

/** All findings about one mission. */
public final class Checks {

  private final Mission mission;
  private final Footing footing;
  private final List<Finding> findings = new ArrayList<>();

  private Checks(Mission mission, Ground ground) {
    this.mission = mission;
    footing = new Footing(mission, ground);
  }

  /** The findings about a document, in the order of the document's families. */
  public static List<Finding> of(JsonNode document, Mission mission, Ground ground) {
    Checks checks = new Checks(mission, ground);
    checks.openReferences(document);
    checks.players();
    checks.standing(Family.STARTS, mission.starts());
    checks.standing(Family.UNITS, mission.units());
    checks.findings.addAll(new Placement(mission, ground, checks.footing).findings());
    checks.findings.addAll(new Deployment(mission, ground).findings());
    checks.findings.addAll(FacingChecks.of(mission));
    checks.findings.addAll(LookChecks.of(mission));
    checks.findings.addAll(LoadChecks.of(mission, checks.footing));
    checks.findings.addAll(new ScriptChecks(document, mission).findings());
    return List.copyOf(checks.findings);
  }

  /**
   * References that name nothing. What a bundle leaves open is told by its copies; to-dos may be
   * about what is gone.
   */
  private void openReferences(JsonNode document) {
    References.each(
        document,
        (pointer, ref) -> {
          boolean told = !pointer.startsWith("/bundles/") && !pointer.startsWith("/todos/");
          if (told && mission.find(ref) == null) {
            findings.add(
                new Finding(
                    Rule.OPEN_REFERENCE,
                    Page.of(pointer),
                    Page.holder(pointer),
                    pointer,
                    open(ref)));
          }
        });
  }

  private String open(Ref ref) {
    Lost lost = mission.lost().get(ref.id());
    if (ref.id().isEmpty()) {
      return "No " + ref.family().word() + " has been chosen yet. Point at one.";
    }
    String name = lost == null ? "a " + ref.family().word() : lost.name();
    return "This names " + name + ", which is no longer there. Point at another.";
  }

  private void players() {
    if (mission.starts().isEmpty()) {
      findings.add(
          new Finding(
              Rule.NO_PLAYER_START,
              Page.GROUND,
              null,
              "/starts",
              "Nobody can play yet: set down a player start."));
    }
  }

  private void standing(Family family, Map<String, ? extends StandingActor> things) {
    things.forEach(
        (id, thing) -> {
          if (mission.find(thing.kind()) instanceof Kind kind) {
            Ref ref = new Ref(family, id);
            footing
                .why(kind, thing.level(), thing.position().x(), thing.position().y(), ref)
                .ifPresent(
                    why ->
                        findings.add(
                            new Finding(
                                Rule.CANNOT_STAND,
                                Page.GROUND,
                                ref,
                                "/" + family.key() + "/" + id + "/position",
                                thing.name() + " cannot stand well: " + why,
                                toTheNearestPlace(kind, thing, ref))));
          }
        });
  }

  private Fix toTheNearestPlace(Kind kind, StandingActor thing, Ref ref) {
    return footing
        .beside(kind, thing.level(), thing.position().x(), thing.position().y(), ref)
        .map(
            at ->
                Fix.of(
                    "Move to the nearest good place",
                    "/" + ref.family().key() + "/" + ref.id() + "/position",
                    at))
        .orElse(null);
  }
}
