package org.flintmoss.server.web;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * The server's settings.
 *
 * @param data the folder that holds everything kept
 * @param demo whether the demo missions are put on an empty shelf
 * @param restore whether the newest good backup takes the place of a damaged store
 */
@ConfigurationProperties("flintmoss")
public record Settings(Path data, boolean demo, boolean restore) {}
