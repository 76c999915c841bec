/**
 * Problem+json, field errors, body limit, idempotent writes, versions, the interface's files.
 *
 * <p>Not here: no word about tires and no table but the kept answers.
 */
package rotagens.server.web;
