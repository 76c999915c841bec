/**
 * The month in figures.
 *
 * <p>Not here: no record of its own.
 */
package rotagens.server.monthlyreport;
