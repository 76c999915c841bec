/**
 * The years ahead by strategy, odds and totals.
 *
 * <p>Not here: nothing that changes a record: it plays through copies.
 */
package rotagens.core.outlook;
