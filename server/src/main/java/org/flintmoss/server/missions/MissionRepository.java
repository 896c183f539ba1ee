package org.flintmoss.server.missions;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.Mission;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.JsonNode;

/** Missions, the log of their edits and their checkpoints, in SQL. */
@Repository
class MissionRepository {
  private static final String CARDS =
      "select id, title, summary, revision, updated_at from missions where deleted_at is null ";
  private static final String LOG =
      "select edit_id, revision, tab, label, kind, target, patch, inverse, made_at from edits "
          + "where mission_id = :mission ";

  /** A document as it was at a revision, in the shape of its time. */
  record Checkpoint(int revision, int schema, JsonNode document) {}

  private final JdbcClient writing;
  private final JdbcClient reading;

  MissionRepository(JdbcClient writing, @Qualifier("reading") JdbcClient reading) {
    this.writing = writing;
    this.reading = reading;
  }

  List<Card> cards() {
    return reading
        .sql(CARDS + "order by updated_at desc, id")
        .query(MissionRepository::card)
        .list();
  }

  Optional<Card> card(String id) {
    return reading.sql(CARDS + "and id = ?").param(id).query(MissionRepository::card).optional();
  }

  private static Card card(ResultSet row, int index) throws SQLException {
    return new Card(
        row.getString(1), row.getString(2), row.getString(3), row.getInt(4), row.getString(5));
  }

  boolean empty() {
    return reading.sql("select count(*) from missions").query(Integer.class).single() == 0;
  }

  void insert(Card card) {
    writing
        .sql(
            "insert into missions (id, revision, schema, title, summary, created_at, updated_at) "
                + "values (?, ?, ?, ?, ?, ?, ?)")
        .params(
            card.id(),
            card.revision(),
            Mission.SCHEMA,
            card.title(),
            card.summary(),
            card.updatedAt(),
            card.updatedAt())
        .update();
  }

  void update(Card card) {
    writing
        .sql(
            "update missions set revision = ?, title = ?, summary = ?, updated_at = ? where id = ?")
        .params(card.revision(), card.title(), card.summary(), card.updatedAt(), card.id())
        .update();
  }

  boolean delete(String id, String at) {
    return writing
            .sql("update missions set deleted_at = ? where id = ? and deleted_at is null")
            .params(at, id)
            .update()
        == 1;
  }

  boolean restore(String id) {
    return writing.sql("update missions set deleted_at = null where id = ?").param(id).update()
        == 1;
  }

  void append(String mission, Logged edit) {
    writing
        .sql(
            "insert into edits (mission_id, revision, edit_id, tab, label, kind, target, schema, "
                + "patch, inverse, made_at) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")
        .param(mission)
        .param(edit.revision())
        .param(edit.id())
        .param(edit.tab())
        .param(edit.label())
        .param(edit.kind())
        .param(edit.target())
        .param(Mission.SCHEMA)
        .param(edit.patch().toString())
        .param(edit.inverse().toString())
        .param(edit.at())
        .update();
  }

  Optional<Logged> edit(String mission, String edit) {
    return reading
        .sql(LOG + "and edit_id = :edit")
        .param("mission", mission)
        .param("edit", edit)
        .query(MissionRepository::logged)
        .optional();
  }

  List<Logged> editsAfter(String mission, int revision) {
    return reading
        .sql(LOG + "and revision > :revision order by revision")
        .param("mission", mission)
        .param("revision", revision)
        .query(MissionRepository::logged)
        .list();
  }

  /** The newest edits of a tab that are in the document's shape of today. */
  List<Logged> editsOfTab(String mission, String tab, int most) {
    return reading
        .sql(LOG + "and tab = :tab and schema = :schema order by revision desc limit :most")
        .param("mission", mission)
        .param("tab", tab)
        .param("schema", Mission.SCHEMA)
        .param("most", most)
        .query(MissionRepository::logged)
        .list()
        .reversed();
  }

  private static Logged logged(ResultSet row, int index) throws SQLException {
    return new Logged(
        row.getString(1),
        row.getInt(2),
        row.getString(3),
        row.getString(4),
        row.getString(5),
        row.getString(6),
        Json.MAPPER.readTree(row.getString(7)),
        Json.MAPPER.readTree(row.getString(8)),
        row.getString(9));
  }

  void checkpoint(String mission, int revision, String document) {
    writing
        .sql(
            "insert or replace into checkpoints (mission_id, revision, schema, document) "
                + "values (?, ?, ?, ?)")
        .params(mission, revision, Mission.SCHEMA, document)
        .update();
  }

  Optional<Checkpoint> lastCheckpoint(String mission) {
    return reading
        .sql(
            "select revision, schema, document from checkpoints where mission_id = ? "
                + "order by revision desc limit 1")
        .param(mission)
        .query(
            (row, _) ->
                new Checkpoint(
                    row.getInt(1), row.getInt(2), Json.MAPPER.readTree(row.getString(3))))
        .optional();
  }
}
