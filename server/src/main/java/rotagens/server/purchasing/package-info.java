/**
 * What is to be ordered, suppliers, discount programs, the simulated outbox.
 *
 * <p>Not here: no order: those are in ordering.
 */
package rotagens.server.purchasing;
