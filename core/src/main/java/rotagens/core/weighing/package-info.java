/**
 * Slips from a scale, and whether one can be right.
 *
 * <p>Not here: no pressure: what a weight asks for is worked out in pressure.
 */
package rotagens.core.weighing;
