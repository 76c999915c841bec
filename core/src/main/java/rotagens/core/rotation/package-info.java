/**
 * Which tire may go where, the best arrangement for a purpose, replacing one or more, and the moves there.
 *
 * <p>Not here: no rule of its own about a tire: it asks the same rules that judge.
 */
package rotagens.core.rotation;
