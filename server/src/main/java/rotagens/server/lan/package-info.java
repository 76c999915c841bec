/**
 * The local authority, the https settings made from it, and the one page told in the clear.
 *
 * <p>Not here: no fleet data in the clear.
 */
package rotagens.server.lan;
