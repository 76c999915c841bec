/**
 * What falls due on a vehicle, how work is signed off, bundles, waivers, standing questions, trips, and what a visit needs of a shop.
 *
 * <p>Not here: no page and no job on record: it answers with items, reasons and refusals.
 */
package rotagens.core.planning;
