package org.flintmoss.check.place;

import java.util.List;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;

/** Findings on units that are to face themselves, which turns them nowhere. */
public final class FacingChecks {
  private FacingChecks() {}

  /** What was found about whom units are to face. */
  public static List<Finding> of(Mission mission) {
    return mission.units().entrySet().stream()
        .filter(unit -> facesItself(unit.getKey(), unit.getValue().order()))
        .map(unit -> finding(unit.getKey(), unit.getValue().name()))
        .toList();
  }

  private static boolean facesItself(String id, Order order) {
    return order instanceof Order.Faces faces
        && faces.place() instanceof Place.AtUnit at
        && at.unit().id().equals(id);
  }

  private static Finding finding(String id, String name) {
    String pointer = "/units/" + id + "/order";
    return new Finding(
        Rule.FACES_ITSELF,
        Page.GROUND,
        new Ref(Family.UNITS, id),
        pointer,
        name + " is to face itself, which turns it nowhere. Point at another place.",
        Fix.of("Let it stay as it stands", pointer, new Order.Stay()));
  }
}
