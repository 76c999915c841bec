/**
 * Vehicles on record: axles, places, wheels, sensors, placards, odometers.
 *
 * <p>Not here: no tire and no judgement.
 */
package rotagens.server.vehicle;
