package org.flintmoss.server.missions;

/** A mission as the shelf shows it; times in ISO 8601. */
public record Card(String id, String title, String summary, int revision, String updatedAt) {}
