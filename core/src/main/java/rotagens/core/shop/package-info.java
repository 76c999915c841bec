/**
 * A shop's calendar: what a place must keep to, first fit, cost, and why a job stands where it stands.
 *
 * <p>Not here: no search for a whole plan: the solver is in the server and asks these rules.
 */
package rotagens.core.shop;
