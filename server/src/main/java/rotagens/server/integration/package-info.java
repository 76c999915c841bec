/**
 * Odometers from a file drop, coldest mornings from a forecast; both simulated.
 *
 * <p>Not here: no reading of a tire.
 */
package rotagens.server.integration;
