/**
 * One play of a mission: a world with its players, what they did, and what came of it.
 *
 * <p>Enter at {@link org.flintmoss.trial.Trial}; {@link org.flintmoss.trial.Recording} is enough to
 * play it again exactly, which {@link org.flintmoss.trial.Replay} does and checks.
 */
package org.flintmoss.trial;
