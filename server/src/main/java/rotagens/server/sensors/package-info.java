/**
 * The page of a vehicle's sensors.
 *
 * <p>Not here: the records are the vehicle's.
 */
package rotagens.server.sensors;
