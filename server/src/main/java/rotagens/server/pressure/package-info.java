/**
 * The Load and pressure page, weighing, choosing, trials, measuring and adjusting, charts, calculator.
 *
 * <p>Not here: no rule: core says what is offered and refused.
 */
package rotagens.server.pressure;
