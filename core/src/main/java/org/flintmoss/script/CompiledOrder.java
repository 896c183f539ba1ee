package org.flintmoss.script;

import org.flintmoss.mission.sentence.Order;

/**
 * An order with what stands in its slots looked up.
 *
 * @param order the order, or to stay where it names what is not there
 */
public record CompiledOrder(Order order, Slots slots) {}
