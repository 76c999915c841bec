/**
 * Yard, vehicle page, ledger page, the shape of the axle plan, what a policy would change.
 *
 * <p>Not here: no write.
 */
package rotagens.server.fleetpages;
