/**
 * What happened to a vehicle: alignments, repairs, strikes, drivers' reports.
 *
 * <p>Not here: no alert but through facts.
 */
package rotagens.server.vehicleevent;
