/**
 * What people write down of a vehicle or a tire, with a photo.
 *
 * <p>Not here: findings, which judge a tire; what happened to a vehicle; the lines of a shop visit.
 */
package rotagens.server.notes;
