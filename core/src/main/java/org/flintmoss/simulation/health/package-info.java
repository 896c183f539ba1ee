/**
 * Who is hurt, who goes down, and who helps them up. Begin with {@link
 * org.flintmoss.simulation.health.Wounds}.
 *
 * <p>Health is points of its kind; times are steps.
 */
package org.flintmoss.simulation.health;
