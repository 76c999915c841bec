/**
 * Data sources, converters between columns and core's quantities, locks on the data folder; the jOOQ classes are generated here at build time.
 *
 * <p>Not here: no query of a capability.
 */
package rotagens.server.storage;
