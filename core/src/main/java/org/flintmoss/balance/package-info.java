/**
 * Simulated players, and runs without a browser.
 *
 * <p>Enter at {@link org.flintmoss.balance.Understudy#named} and {@link
 * org.flintmoss.balance.Headless}.
 */
package org.flintmoss.balance;
