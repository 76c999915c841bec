/**
 * The made-up fleet, and fleets of any size to measure on.
 *
 * <p>Not here: never touches a folder it did not make.
 */
package rotagens.server.demo;
