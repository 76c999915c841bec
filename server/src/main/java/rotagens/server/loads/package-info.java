/**
 * The records behind a vehicle's pressures: slips, charts, choices, thresholds, load states, trips; put together as facts for core.
 *
 * <p>Not here: no pressure is worked out here.
 */
package rotagens.server.loads;
