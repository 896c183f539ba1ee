/** Zones, and what they do to those inside. */
package org.flintmoss.mission.zone;
