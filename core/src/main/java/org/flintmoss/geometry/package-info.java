/**
 * What is asked of lines and outlines as they are drawn, in metres east and north, for checks and
 * formats. It rests on JTS, which promises no same bits everywhere: nothing that is played asks it.
 */
package org.flintmoss.geometry;
