package org.flintmoss.server.store;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * The server's settings.
 *
 * @param data the folder that holds everything kept
 * @param demo whether the demo missions are put on an empty shelf
 * @param restore whether the newest good backup takes the place of a store that is damaged or gone
 * @param fresh whether what was kept is forgotten and begun anew; backups stay
 */
@ConfigurationProperties("flintmoss")
public record Settings(Path data, boolean demo, boolean restore, boolean fresh) {}
