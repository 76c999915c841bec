/**
 * Messages to other systems: kept with what they tell, signed, sent until they are taken.
 *
 * <p>Not here: what is told.
 */
package rotagens.server.webhooks;
