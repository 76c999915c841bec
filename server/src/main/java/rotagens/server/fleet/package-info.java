/**
 * What core needs of a vehicle, put together and judged, and kept until a write makes it stale.
 *
 * <p>Not here: no write and no page.
 */
package rotagens.server.fleet;
