/**
 * What a committed write may have changed.
 *
 * <p>Not here: no cache: whoever keeps something asks here.
 */
package rotagens.server.cache;
