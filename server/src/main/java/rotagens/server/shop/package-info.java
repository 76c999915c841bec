/**
 * The shop's setup, calendar, bookings, places of jobs.
 *
 * <p>Not here: no search: that is the solver.
 */
package rotagens.server.shop;
