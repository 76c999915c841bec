/**
 * What machines send: odometers, sensors' pressures and alarms, gauges; what is noticed in it at once.
 *
 * <p>Not here: no rule: which samples are kept and what a fast loss is, core says.
 */
package rotagens.server.telemetry;
