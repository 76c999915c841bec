/**
 * Axles, positions, wheels, sensors, placard, how a vehicle is used, and what another layout would mean.
 *
 * <p>Not here: no tire on it and no pressure for it.
 */
package rotagens.core.vehicle;
