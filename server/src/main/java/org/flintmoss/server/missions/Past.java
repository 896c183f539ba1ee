package org.flintmoss.server.missions;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.flintmoss.mission.Migrations;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.json.MissionRefused;
import tools.jackson.databind.JsonNode;

/** Missions as they were, put together from the log of their edits. */
class Past {
  private final MissionRepository missions;

  Past(MissionRepository missions) {
    this.missions = missions;
  }

  /** A document at a revision, in the shape of its time. */
  record Then(int revision, int schema, JsonNode document) {
    /** The document in today's shape. */
    JsonNode upgraded() {
      return schema < Mission.SCHEMA ? Migrations.upgrade(document) : document;
    }

    private Then after(MissionRepository.Step step) {
      boolean migrated = step.schema() != schema;
      if (migrated && step.schema() != Mission.SCHEMA) {
        throw new Unreadable("It went through a shape that cannot be made again.");
      }
      JsonNode changed = JsonPatch.read(step.patch()).apply(migrated ? upgraded() : document);
      return new Then(step.revision(), step.schema(), changed);
    }
  }

  /**
   * A mission's document at a revision. Where the newest document that was kept is damaged, an
   * older one and the edits after it do as well.
   *
   * @throws Unreadable if the log is damaged on every way there
   */
  Then at(String mission, int revision) {
    Unreadable why = null;
    for (int checkpoint : missions.checkpoints(mission)) {
      if (checkpoint <= revision) {
        try {
          List<Then> documents = new ArrayList<>();
          reach(mission, checkpoint, revision, documents);
          return documents.getLast();
        } catch (Unreadable broken) {
          why = why == null ? broken : why;
        }
      }
    }
    throw why == null ? new Unreadable("No document has been kept of it.") : why;
  }

  /** The newest document that can be put together and that is as asked, from the newest back. */
  Optional<Then> newest(String mission, Predicate<Then> wanted) {
    int before = Integer.MAX_VALUE;
    for (int checkpoint : missions.checkpoints(mission)) {
      Optional<Then> found =
          asFarAsItGoes(mission, checkpoint, before).reversed().stream().filter(wanted).findFirst();
      if (found.isPresent()) {
        return found;
      }
      before = checkpoint;
    }
    return Optional.empty();
  }

  /** Whether a document is read as a mission, whichever bounds it breaks. */
  static boolean reads(Then then) {
    try {
      MissionReader.readStored(then.upgraded());
      return true;
    } catch (MissionRefused _) {
      return false;
    }
  }

  private List<Then> asFarAsItGoes(String mission, int checkpoint, int before) {
    List<Then> documents = new ArrayList<>();
    try {
      reach(mission, checkpoint, before - 1, documents);
    } catch (Unreadable _) {
      return documents;
    }
    return documents;
  }

  /** Puts together the documents from a checkpoint up to a revision, one for each. */
  private void reach(String mission, int checkpoint, int revision, List<Then> into) {
    try {
      MissionRepository.Checkpoint from = missions.checkpoint(mission, checkpoint);
      into.add(new Then(checkpoint, from.schema(), from.document()));
      for (MissionRepository.Step step : missions.steps(mission, checkpoint, revision)) {
        into.add(into.getLast().after(step));
      }
    } catch (Digest.Damaged damaged) {
      throw new Unreadable(damaged.getMessage());
    } catch (JsonPatch.ConflictException | MissionRefused broken) {
      throw new Unreadable(
          "The edit after revision %d does not fit it.".formatted(into.getLast().revision()));
    }
  }
}
