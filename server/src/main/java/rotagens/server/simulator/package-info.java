/**
 * Simulated devices: scale, gauges, sensor system.
 *
 * <p>Not here: never where a fleet's own data are.
 */
package rotagens.server.simulator;
