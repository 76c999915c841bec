/**
 * Tires and models on record, where each tire is, and the catalogue.
 *
 * <p>Not here: no reading and no judgement.
 */
package rotagens.server.tire;
