/**
 * One open walk-around a vehicle, drafts by position, finishing.
 *
 * <p>Not here: no reading is written but through facts.
 */
package rotagens.server.walkaround;
