/**
 * What the jump field finds.
 *
 * <p>Not here: no index of its own upkeep: triggers keep it.
 */
package rotagens.server.search;
