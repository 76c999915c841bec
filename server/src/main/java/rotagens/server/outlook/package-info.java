/**
 * The years ahead as a page, and making two of them jobs.
 *
 * <p>Not here: no simulation: that is core's.
 */
package rotagens.server.outlook;
