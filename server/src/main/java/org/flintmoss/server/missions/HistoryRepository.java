package org.flintmoss.server.missions;

import java.util.List;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

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
