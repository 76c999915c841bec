/**
 * Accounts: names, roles, passwords, units.
 *
 * <p>Not here: no permission: which role may do what is in security.
 */
package rotagens.server.people;
