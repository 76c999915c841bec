/**
 * Readings, findings, what cleared them, and the alerts kept as they fold.
 *
 * <p>Not here: nobody but facts writes here.
 */
package rotagens.server.inspection;
