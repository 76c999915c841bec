/**
 * The shop's tire changers.
 *
 * <p>Not here: no step of a sheet.
 */
package rotagens.server.tirechanger;
