/**
 * Findings on a mission at rest. They advise; nothing here stops an edit.
 *
 * <p>Enter at {@link org.flintmoss.check.Checks#of} for the whole mission, and at {@link
 * org.flintmoss.check.place.Footing} for one place.
 */
package org.flintmoss.check;
