package org.flintmoss.server.missions;

import java.util.Optional;
import org.flintmoss.terrain.Assets;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Assets by the hash of their bytes. */
@Repository
class AssetRepository implements Assets {
  private final JdbcClient writing;
  private final JdbcClient reading;

  AssetRepository(JdbcClient writing, @Qualifier("reading") JdbcClient reading) {
    this.writing = writing;
    this.reading = reading;
  }

  void put(String hash, byte[] bytes) {
    writing
        .sql("insert into assets (hash, bytes) values (?, ?) on conflict do nothing")
        .params(hash, bytes)
        .update();
  }

  @Override
  public Optional<byte[]> bytes(String hash) {
    return reading
        .sql("select bytes from assets where hash = ?")
        .param(hash)
        .query((row, _) -> row.getBytes(1))
        .optional();
  }
}
