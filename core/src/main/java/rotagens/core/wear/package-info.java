/**
 * Depths at grooves and places, patterns with their evidence, wear rates and what they forecast.
 *
 * <p>Not here: no limit: what depth is too little depends on the position, in inspection.
 */
package rotagens.core.wear;
