/**
 * Due work, jobs, postponements, signing off.
 *
 * <p>Not here: no rule of a sign-off: those are core's.
 */
package rotagens.server.planning;
