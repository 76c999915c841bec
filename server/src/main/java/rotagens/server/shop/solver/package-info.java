/**
 * Finds plans with Timefold, every constraint by a rule of core.
 *
 * <p>Not here: no record and no page.
 */
package rotagens.server.shop.solver;
