package org.flintmoss.server.missions;

import java.util.List;
import java.util.Optional;
import org.flintmoss.mission.Json;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.JsonNode;

/** What the log of edits says of the past, and the names of versions. */
@Repository
class HistoryRepository {
  private final JdbcClient writing;
  private final JdbcClient reading;

  HistoryRepository(JdbcClient writing, @Qualifier("reading") JdbcClient reading) {
    this.writing = writing;
    this.reading = reading;
  }

  /**
   * One edit, as the history lists it.
   *
   * @param name what the version after it is called; empty for none
   */
  record Entry(int revision, String label, String kind, String tab, String at, String name) {}

  /** The newest edits up to a revision, the newest first. */
  List<Entry> entries(String mission, int upTo, int most) {
    return reading
        .sql(
            "select e.revision, e.label, e.kind, e.tab, e.made_at, coalesce(v.name, '') "
                + "from edits e left join versions v "
                + "on v.mission_id = e.mission_id and v.revision = e.revision "
                + "where e.mission_id = :mission and e.revision <= :upTo "
                + "order by e.revision desc limit :most")
        .param("mission", mission)
        .param("upTo", upTo)
        .param("most", most)
        .query(
            (row, _) ->
                new Entry(
                    row.getInt(1),
                    row.getString(2),
                    row.getString(3),
                    row.getString(4),
                    row.getString(5),
                    row.getString(6)))
        .list();
  }

  /** The patches of the edits after a revision up to another, in their order. */
  List<JsonNode> patches(String mission, int after, int upTo) {
    return reading
        .sql(
            "select patch from edits where mission_id = :mission "
                + "and revision > :after and revision <= :upTo order by revision")
        .param("mission", mission)
        .param("after", after)
        .param("upTo", upTo)
        .query((row, _) -> Json.MAPPER.readTree(row.getString(1)))
        .list();
  }

  /** The newest checkpoint that is not after a revision. */
  Optional<MissionRepository.Checkpoint> checkpointBefore(String mission, int revision) {
    return reading
        .sql(
            "select revision, schema, document from checkpoints "
                + "where mission_id = ? and revision <= ? order by revision desc limit 1")
        .params(mission, revision)
        .query(
            (row, _) ->
                new MissionRepository.Checkpoint(
                    row.getInt(1), row.getInt(2), Json.MAPPER.readTree(row.getString(3))))
        .optional();
  }

  void name(String mission, int revision, String name, String at) {
    if (name.isEmpty()) {
      writing
          .sql("delete from versions where mission_id = ? and revision = ?")
          .params(mission, revision)
          .update();
    } else {
      writing
          .sql(
              "insert or replace into versions (mission_id, revision, name, named_at) "
                  + "values (?, ?, ?, ?)")
          .params(mission, revision, name, at)
          .update();
    }
  }
}
