/**
 * Makes ground from nothing: a seed and a few plain settings give heights, surfaces, settlements
 * and roads. Enter at {@link org.flintmoss.terrain.make.GroundMaker}. Everything is a function of
 * places in metres, so that a coarse sketch shows what a fine ground will be.
 */
package org.flintmoss.terrain.make;
