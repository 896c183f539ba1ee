package org.flintmoss.server.missions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.place.BoundChecks;
import org.flintmoss.format.MissionFile;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.DocumentSize;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.SameJson;
import org.flintmoss.server.store.Acknowledged;
import org.flintmoss.server.web.NotThere;
import org.flintmoss.terrain.Ground;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Missions: made, opened, edited. The log of edits is the truth; open missions are held in memory.
 */
@Service
public class MissionService {
  private static final Logger LOG = LoggerFactory.getLogger(MissionService.class);

  /** Edits between two checkpoints. */
  static final int CHECKPOINT = 200;

  private static final int LONGEST_TITLE = 120;

  private static final int UNDO_KEPT = 500;

  /** Edits that are told at once to somebody who has missed them. */
  static final int MISSED = 200;

  private final MissionRepository missions;
  private final Past past;
  private final AssetRepository assets;
  private final TransactionTemplate transactions;
  private final ApplicationEventPublisher publisher;
  private final Acknowledged acknowledged;
  private final Clock clock;
  private final Cache<String, OpenMission> open = Caffeine.newBuilder().maximumSize(64).build();

  MissionService(
      MissionRepository missions,
      AssetRepository assets,
      TransactionTemplate transactions,
      ApplicationEventPublisher publisher,
      Acknowledged acknowledged) {
    this.missions = missions;
    past = new Past(missions);
    this.assets = assets;
    this.transactions = transactions;
    this.publisher = publisher;
    this.acknowledged = acknowledged;
    clock = Clock.systemUTC();
  }

  /** What listeners are told when an edit was taken. */
  public record Taken(String mission, Logged edit) {}

  /** A mission at a revision. */
  public record Opened(String id, int revision, String updatedAt, JsonNode document) {}

  List<Card> shelf() {
    return missions.cards();
  }

  /** The missions on top of the shelf, by id. */
  public List<String> top(int count) {
    return shelf().stream().limit(count).map(Card::id).toList();
  }

  boolean empty() {
    return missions.empty();
  }

  /**
   * A mission as it stands, with its assets, as it travels.
   *
   * @throws MissionRefused if it breaks a bound that has to be mended first
   */
  MissionFile file(String id) {
    return file(version(id));
  }

  /** A mission to be tried: as it stands at a revision, with its ground. */
  public record Tried(int revision, MissionFile file, Ground ground) {}

  /**
   * A mission to be tried.
   *
   * @throws MissionRefused if it breaks a bound that has to be mended first
   */
  public Tried tried(String id) {
    OpenMission.Version version = version(id);
    return new Tried(version.revision(), file(version), opened(id).ground(version));
  }

  /** A mission as it stands, whichever bounds it breaks. */
  MissionFile fileAsItIs(String id) {
    return file(held(id));
  }

  /** A version as it travels, with the assets that it names. */
  MissionFile file(OpenMission.Version version) {
    SortedMap<String, byte[]> files = new TreeMap<>();
    for (String hash : version.mission().setting().terrain().tiles().values()) {
      assets.bytes(hash).ifPresent(bytes -> files.put(hash, bytes));
    }
    return new MissionFile(version.document(), version.mission(), files);
  }

  /** The ground of a mission as it stands. */
  public Ground ground(String id) {
    return opened(id).ground(version(id));
  }

  /** A mission's document as it stands, read. */
  public Mission mission(String id) {
    return version(id).mission();
  }

  Opened open(String id) {
    Card card = card(id);
    OpenMission.Version version = held(id);
    return new Opened(id, version.revision(), card.updatedAt(), version.document());
  }

  List<Finding> checks(String id) {
    OpenMission mission = opened(id);
    OpenMission.Version version = mission.version();
    if (!version.held().broken().isEmpty()) {
      return BoundChecks.of(version.document(), version.held().broken());
    }
    return Checks.of(version.document(), version.mission(), mission.ground(version));
  }

  /** One page of the edits after a revision. */
  List<Logged> editsAfter(String id, int revision) {
    card(id);
    return missions.editsAfter(id, revision, MISSED);
  }

  List<Logged> editsOfTab(String id, String tab) {
    card(id);
    return missions.editsOfTab(id, tab, UNDO_KEPT);
  }

  byte[] asset(String hash) {
    return assets.bytes(hash).orElseThrow(() -> new NotThere("There is no such asset."));
  }

  /** Stores assets that an edit to come will name. */
  void keep(SortedMap<String, byte[]> files) {
    transactions.executeWithoutResult(_ -> files.forEach(assets::put));
  }

  /**
   * Puts a mission on the shelf.
   *
   * @throws MissionRefused if it breaks any bound
   */
  Card add(MissionFile file) {
    return add(file, file.mission());
  }

  /** Puts a mission on the shelf that was stored before, whichever bounds it breaks. */
  Card adopt(MissionFile file) {
    return add(file, MissionReader.readStored(file.document()).mission());
  }

  private Card add(MissionFile file, Mission mission) {
    Ground.of(mission.setting().terrain(), file);
    String document = Canonical.text(file.document());
    DocumentSize.refuseBeyond(document.getBytes(StandardCharsets.UTF_8).length);
    Card card = card(UUID.randomUUID().toString(), 0, mission);
    transactions.executeWithoutResult(
        _ -> {
          file.assets().forEach(assets::put);
          missions.insert(card);
          missions.checkpoint(card.id(), 0, document);
        });
    acknowledged.note(card.id(), 0);
    return card;
  }

  /** A document whose title has an ending more. */
  static JsonNode retitled(JsonNode document, String ending) {
    String title = document.at("/brief/title").asString("");
    int room = LONGEST_TITLE - ending.length();
    ObjectNode retitle =
        Json.MAPPER.createObjectNode().put("op", "add").put("path", "/brief/title");
    retitle.put("value", title.substring(0, Math.min(room, title.length())) + ending);
    return JsonPatch.read(Json.MAPPER.createArrayNode().add(retitle)).apply(document);
  }

  private Card card(String id, int revision, Mission mission) {
    return new Card(
        id,
        mission.brief().title(),
        mission.brief().summary(),
        revision,
        clock.instant().toString());
  }

  void delete(String id) {
    if (!missions.delete(id, clock.instant().toString())) {
      throw new NotThere("This mission is not on the shelf.");
    }
  }

  Card restore(String id) {
    missions.restore(id);
    return card(id);
  }

  /**
   * Takes an edit, or refuses it whole.
   *
   * @throws EditConflict if the mission has moved on, or the same thing was changed
   * @throws MissionRefused if the edit or what comes of it cannot be held
   */
  Logged edit(String id, Edit edit) {
    card(id);
    OpenMission mission = opened(id);
    Optional<Logged> known;
    Logged logged;
    mission.lock().lock();
    try {
      known = missions.edit(id, edit.id());
      logged = known.orElseGet(() -> take(id, mission, edit));
    } finally {
      mission.lock().unlock();
    }
    if (known.isEmpty()) {
      // Listeners are called outside the lock, so that no edit waits for them.
      publisher.publishEvent(new Taken(id, logged));
    }
    return logged;
  }

  /**
   * Finds whether a mission could hold a patch, and changes nothing.
   *
   * @throws MissionRefused if the patch or what comes of it cannot be held
   */
  void check(String id, JsonNode patch) {
    if (patch == null) {
      throw new MissionRefused("/patch", "must be there");
    }
    OpenMission.Version now = held(id);
    MissionReader.read(patched(patch, now.document()), now.document(), now.held());
  }

  private Logged take(String id, OpenMission mission, Edit edit) {
    OpenMission.Version now = mission.version();
    if (edit.base() != now.revision()) {
      throw new EditConflict(missions.editsAfter(id, edit.base(), MISSED));
    }
    DocumentSize.refuseBeyond("/patch", edit.patch().toString());
    DocumentSize.refuseBeyond("/inverse", edit.inverse().toString());
    JsonNode changed = apply(edit, now.document());
    long growth = DocumentSize.change(edit.patch(), edit.inverse());
    long size = mission.size() + growth;
    if (growth > 0) {
      DocumentSize.refuseBeyond(size);
    }
    MissionReader.Held read = MissionReader.read(changed, now.document(), now.held());
    OpenMission.Version next = new OpenMission.Version(now.revision() + 1, changed, read);
    mission.ground(next);
    Card card = card(id, next.revision(), read.mission());
    Logged logged =
        new Logged(
            edit.id(),
            next.revision(),
            edit.tab(),
            edit.label(),
            edit.kind().key(),
            edit.target(),
            edit.patch(),
            edit.inverse(),
            card.updatedAt());
    transactions.executeWithoutResult(_ -> write(card, logged, changed));
    acknowledged.note(id, logged.revision());
    mission.advance(next, size);
    return logged;
  }

  private static JsonNode apply(Edit edit, JsonNode document) {
    JsonPatch inverse = JsonPatch.read(edit.inverse());
    JsonNode changed = patched(edit.patch(), document);
    try {
      if (!SameJson.same(inverse.apply(changed), document)) {
        throw new MissionRefused("/inverse", "does not give back the mission as it was");
      }
      return changed;
    } catch (JsonPatch.ConflictException conflict) {
      throw new EditConflict(conflict.conflict());
    }
  }

  private static JsonNode patched(JsonNode operations, JsonNode document) {
    JsonPatch patch = JsonPatch.read(operations);
    patch
        .untested()
        .ifPresent(
            problem -> {
              throw new MissionRefused(List.of(problem));
            });
    try {
      return patch.apply(document);
    } catch (JsonPatch.ConflictException conflict) {
      throw new EditConflict(conflict.conflict());
    }
  }

  private void write(Card card, Logged edit, JsonNode document) {
    missions.append(card.id(), edit);
    missions.update(card);
    if (card.revision() % CHECKPOINT == 0) {
      missions.checkpoint(card.id(), card.revision(), Canonical.text(document));
    }
  }

  /** A mission as the shelf shows it. */
  Card card(String id) {
    return missions.card(id).orElseThrow(() -> new NotThere("This mission is not on the shelf."));
  }

  /**
   * A mission as it stands, to compute with.
   *
   * @throws MissionRefused if it breaks a bound that has to be mended first
   */
  OpenMission.Version version(String id) {
    OpenMission.Version version = held(id);
    if (!version.held().broken().isEmpty()) {
      throw new MissionRefused(version.held().broken());
    }
    return version;
  }

  /** A mission as it stands, whichever bounds it breaks. */
  OpenMission.Version held(String id) {
    return opened(id).version();
  }

  private OpenMission opened(String id) {
    card(id);
    return open.get(id, this::load);
  }

  private void keepUpgraded(String id, Past.Then now) {
    try {
      missions.checkpoint(id, now.revision(), Canonical.text(now.upgraded()));
    } catch (DataAccessException full) {
      LOG.warn("a mission of an older shape is upgraded again when it is next opened", full);
    }
  }

  private OpenMission load(String id) {
    try {
      Past.Then now = past.at(id, Integer.MAX_VALUE);
      OpenMission mission = new OpenMission(now.revision(), now.upgraded(), assets);
      if (now.schema() < Mission.SCHEMA) {
        keepUpgraded(id, now);
      }
      return mission;
    } catch (MissionRefused refused) {
      throw new Unreadable(id, refused.problems().getFirst().says());
    } catch (Unreadable broken) {
      throw new Unreadable(id, broken.getMessage());
    }
  }
}
