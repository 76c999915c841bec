/**
 * A job's sheet, its marks, the pages that watch it, its paper; shop visits.
 *
 * <p>Not here: nothing goes into the ledger but by signing the job off.
 */
package rotagens.server.jobsheet;
