/**
 * The standing questions, and the ones somebody keeps.
 *
 * <p>Not here: no answer of its own: core's.
 */
package rotagens.server.questions;
