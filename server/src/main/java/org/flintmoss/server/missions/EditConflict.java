package org.flintmoss.server.missions;

import java.util.List;
import org.flintmoss.mission.json.JsonPatch;

/** An edit that cannot be taken as it is: made against an old revision, or a test did not hold. */
final class EditConflict extends RuntimeException {
  private static final long serialVersionUID = 1;
  private final transient List<Logged> missed;
  private final transient JsonPatch.Conflict conflict;

  EditConflict(List<Logged> missed) {
    super("The mission has moved on.");
    this.missed = List.copyOf(missed);
    conflict = null;
  }

  EditConflict(JsonPatch.Conflict conflict) {
    super("Somebody has changed the same thing.");
    missed = List.of();
    this.conflict = conflict;
  }

  List<Logged> missed() {
    return missed;
  }

  JsonPatch.Conflict conflict() {
    return conflict;
  }
}
