/**
 * The ground as movers meet it: what it costs to cross, what is ruled out, and what an edit
 * changes. Begin with {@link org.flintmoss.navigation.land.Land}.
 *
 * <p>Lengths are metres; a cost is seconds a metre of a mover at full pace.
 */
package org.flintmoss.navigation.land;
