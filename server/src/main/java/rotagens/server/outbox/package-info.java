/**
 * The outbox that stands in for a mail service: what was written to whom.
 *
 * <p>Not here: what a mail says.
 */
package rotagens.server.outbox;
