package org.flintmoss.server.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** A file that is a store, or should be one: looked into before it is used. */
record StoreFile(Path path) {
  /** What is wrong with it; empty where it is whole. */
  Optional<String> wrong() {
    try (Connection connection = connect();
        Statement statement = connection.createStatement();
        ResultSet found = statement.executeQuery("pragma integrity_check(1)")) {
      String says = found.next() ? found.getString(1) : "it cannot be read";
      return says.equals("ok") ? Optional.empty() : Optional.of(says);
    } catch (SQLException broken) {
      return Optional.of(broken.getMessage());
    }
  }

  /** The newest revision of each mission in it, deleted ones too; nothing where it holds none. */
  Map<String, Integer> revisions() {
    Map<String, Integer> revisions = new TreeMap<>();
    try (Connection connection = connect();
        Statement statement = connection.createStatement();
        ResultSet found = statement.executeQuery("select id, revision from missions")) {
      while (found.next()) {
        revisions.put(found.getString(1), found.getInt(2));
      }
    } catch (SQLException noSuchTable) {
      return Map.of();
    }
    return revisions;
  }

  /** The title of a mission in it; empty where it has none of that id. */
  Optional<String> title(String mission) {
    try (Connection connection = connect();
        var statement = connection.prepareStatement("select title from missions where id = ?")) {
      statement.setString(1, mission);
      ResultSet found = statement.executeQuery();
      return found.next() ? Optional.of(found.getString(1)) : Optional.empty();
    } catch (SQLException unreadable) {
      return Optional.empty();
    }
  }

  /** Copies it as it is by now into another file, whatever is being written meanwhile. */
  void copyTo(Path other) throws SQLException {
    try (Connection connection = connect();
        Statement statement = connection.createStatement()) {
      statement.executeUpdate("backup to '" + other.toString().replace("'", "''") + "'");
    }
  }

  private Connection connect() throws SQLException {
    return DriverManager.getConnection("jdbc:sqlite:" + path);
  }
}
