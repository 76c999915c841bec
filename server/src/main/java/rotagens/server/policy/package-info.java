/**
 * Policy as signed: numbers, choices, scopes, who and why.
 *
 * <p>Not here: no default: those are core's.
 */
package rotagens.server.policy;
