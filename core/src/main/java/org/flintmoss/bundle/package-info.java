/**
 * Bundles: made of things of a mission, set down as often as wanted, changed, and the changes taken
 * over by the copies. Enter at {@link org.flintmoss.bundle.Bundles}. Everything works on JSON trees
 * and answers with a changed document; nothing here knows what a thing means in play. Metres,
 * degrees clockwise from north.
 */
package org.flintmoss.bundle;
