package org.flintmoss.terrain;

import java.util.Optional;

/** Where the bytes of assets are found by the hash that names them. */
@FunctionalInterface
public interface Assets {
  /** The bytes, or empty if there is no such asset. The caller does not change them. */
  Optional<byte[]> bytes(String hash);
}
