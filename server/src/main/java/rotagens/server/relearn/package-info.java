/**
 * A vehicle's procedure, the relearn under way, dash against gauge, one or all.
 *
 * <p>Not here: no proof of its own: the coach in core says when it is proven.
 */
package rotagens.server.relearn;
