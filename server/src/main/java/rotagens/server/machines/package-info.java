/**
 * Tokens by which machines send on their own: what each may, and who its entries name.
 *
 * <p>Not here: what they send.
 */
package rotagens.server.machines;
