/**
 * The machine's clock, watched and held.
 *
 * <p>Not here: no other source of today.
 */
package rotagens.server.clock;
