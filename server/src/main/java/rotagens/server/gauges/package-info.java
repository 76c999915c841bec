/**
 * The fleet's gauges by name, and their checks.
 *
 * <p>Not here: no reading.
 */
package rotagens.server.gauges;
