/**
 * Orders, and deliveries compared with them.
 *
 * <p>Not here: no stock: what was accepted is received in ledger.
 */
package rotagens.server.ordering;
