/**
 * The wear page, drivers' reports and what was checked because of them, pattern cards and practice.
 *
 * <p>Not here: no reading.
 */
package rotagens.server.wear;
