/**
 * Phase 7: blows and shots, and whom they hit. Begin with {@link
 * org.flintmoss.simulation.combat.Fighting}.
 *
 * <p>Distances are metres, chances from 0 to 1.
 */
package org.flintmoss.simulation.combat;
