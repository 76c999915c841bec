/**
 * Facts taken in by one door, verdicts with reasons, clocks, what a driver's report asks to check, what fitting would bring and what to order.
 *
 * <p>Not here: no work and no calendar: what falls due is decided in planning.
 */
package rotagens.core.inspection;
