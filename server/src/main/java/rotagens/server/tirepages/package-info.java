/**
 * Receiving, fitting, taking off, moving, retread, scrap; the pages of a tire, the stock, the catalogue, the DOT sheet, what to order.
 *
 * <p>Not here: no judgement of fitness but what core says.
 */
package rotagens.server.tirepages;
