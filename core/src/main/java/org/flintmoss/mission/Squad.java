package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;

/**
 * Units under one leader with one set of orders. Its members are the units that say they belong to
 * it.
 *
 * @param leader who leads; while nobody is chosen, the first of its living members by id
 * @param order what it does while nothing else is the matter
 */
public record Squad(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.UNITS) Ref leader,
    @Valid Order order)
    implements Thing {}
