/**
 * Small parts on the shelf of each yard: what came, what work used up, what was counted, and when more are ordered.
 *
 * <p>Not here: which work uses which part, which is the core's rule; orders to suppliers.
 */
package rotagens.server.parts;
