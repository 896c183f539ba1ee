package org.flintmoss.server.missions;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Missions, the log of their edits and their checkpoints, in SQL. */
@Repository
class MissionRepository {
  private static final String CARDS =
      "select id, title, summary, revision, updated_at from missions where deleted_at is null ";
  private static final String LOG =
      "select edit_id, revision, tab, label, kind, target, patch, inverse, made_at, digest from edits "
          + "where mission_id = :mission ";

  /** A document as it was at a revision, in the shape of its time. */
  record Checkpoint(int revision, int schema, JsonNode document) {}

  /** What an edit did, as it lies in the log. */
  record Step(int revision, int schema, String text, String inverse, String digest) {
    /**
     * The patch.
     *
     * @throws Digest.Damaged if it is not what was written
     */
    JsonNode patch() {
      String what = "The edit that made revision %d".formatted(revision);
      Digest.verify(digest, what, text, inverse);
      return tree(text, what);
    }
  }

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
    String patch = edit.patch().toString();
    String inverse = edit.inverse().toString();
    writing
        .sql(
            "insert into edits (mission_id, revision, edit_id, tab, label, kind, target, schema, "
                + "patch, inverse, made_at, digest) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")
        .param(mission)
        .param(edit.revision())
        .param(edit.id())
        .param(edit.tab())
        .param(edit.label())
        .param(edit.kind())
        .param(edit.target())
        .param(Mission.SCHEMA)
        .param(patch)
        .param(inverse)
        .param(edit.at())
        .param(Digest.of(patch, inverse))
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

  /** The edits after a revision, up to a bound. */
  List<Logged> editsAfter(String mission, int revision, int most) {
    return reading
        .sql(LOG + "and revision > :revision order by revision limit :most")
        .param("mission", mission)
        .param("revision", revision)
        .param("most", most)
        .query(MissionRepository::logged)
        .list();
  }

  /** When the edit that made a revision was taken. */
  Optional<String> madeAt(String mission, int revision) {
    return reading
        .sql("select made_at from edits where mission_id = ? and revision = ?")
        .params(mission, revision)
        .query(String.class)
        .optional();
  }

  /** What was done after a revision up to another, in its order. */
  List<Step> steps(String mission, int after, int upTo) {
    return reading
        .sql(
            "select revision, schema, patch, inverse, digest from edits where mission_id = ? "
                + "and revision > ? and revision <= ? order by revision")
        .params(mission, after, upTo)
        .query(
            (row, _) ->
                new Step(
                    row.getInt(1),
                    row.getInt(2),
                    row.getString(3),
                    row.getString(4),
                    row.getString(5)))
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
    String what = "The edit that made revision %d".formatted(row.getInt(2));
    Digest.verify(row.getString(10), what, row.getString(7), row.getString(8));
    return new Logged(
        row.getString(1),
        row.getInt(2),
        row.getString(3),
        row.getString(4),
        row.getString(5),
        row.getString(6),
        tree(row.getString(7), what),
        tree(row.getString(8), what),
        row.getString(9));
  }

  private static JsonNode tree(String text, String what) {
    try {
      return Json.MAPPER.readTree(text);
    } catch (JacksonException broken) {
      throw new Digest.Damaged(what);
    }
  }

  void checkpoint(String mission, int revision, String document) {
    writing
        .sql(
            "insert or replace into checkpoints (mission_id, revision, schema, document, digest) "
                + "values (?, ?, ?, ?, ?)")
        .params(mission, revision, Mission.SCHEMA, document, Digest.of(document))
        .update();
  }

  /** The document that was kept at a revision. */
  Checkpoint checkpoint(String mission, int revision) {
    return reading
        .sql(
            "select revision, schema, document, digest from checkpoints "
                + "where mission_id = ? and revision = ?")
        .params(mission, revision)
        .query(MissionRepository::checkpoint)
        .single();
  }

  /** The revisions at which there are checkpoints, the newest first. */
  List<Integer> checkpoints(String mission) {
    return reading
        .sql("select revision from checkpoints where mission_id = ? order by revision desc")
        .param(mission)
        .query(Integer.class)
        .list();
  }

  private static Checkpoint checkpoint(ResultSet row, int index) throws SQLException {
    String what = "The document as it was kept at revision %d".formatted(row.getInt(1));
    Digest.verify(row.getString(4), what, row.getString(3));
    return new Checkpoint(row.getInt(1), row.getInt(2), tree(row.getString(3), what));
  }
}
