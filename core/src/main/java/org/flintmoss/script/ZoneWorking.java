package org.flintmoss.script;

import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.zone.Working;
import org.jspecify.annotations.Nullable;

/**
 * A compiled {@link Working} of a zone.
 *
 * @param zone by number
 * @param key by which the zone holds it
 * @param of what it was compiled from
 * @param program the program whose condition holds while it acts; -1 for always
 * @param who those to whom it is done who are known when play begins; null for nobody
 * @param takes for each of the cast, whether it is done to them, items and places aside
 * @param slots what stands in its work
 * @param to where it transfers to; null for nowhere
 * @param back whether it is the other end of one that leads both ways
 */
public record ZoneWorking(
    int zone,
    String key,
    Working of,
    int program,
    @Nullable Crowd who,
    boolean[] takes,
    Slots slots,
    @Nullable Site to,
    boolean back) {

  /** The event of whether a working acts, where it does so only while something holds. */
  public static String event(String zone, String key) {
    return Family.ZONES.key() + "/" + zone + "/does/" + key;
  }
}
