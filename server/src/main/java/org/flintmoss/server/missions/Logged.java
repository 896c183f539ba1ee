package org.flintmoss.server.missions;

import tools.jackson.databind.JsonNode;

/** An edit as the log keeps it, with the revision that it made. */
public record Logged(
    String id,
    int revision,
    String tab,
    String label,
    String kind,
    String target,
    JsonNode patch,
    JsonNode inverse,
    String at) {}
