/**
 * The bench as a page, proposals and arrangements by hand, and making one a job.
 *
 * <p>Not here: nothing moves here: signing off is in planning.
 */
package rotagens.server.rotation;
