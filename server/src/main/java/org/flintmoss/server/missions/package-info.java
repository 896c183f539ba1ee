/** Missions on the shelf, their edits and their assets. Enter at {@link MissionService}. */
package org.flintmoss.server.missions;
