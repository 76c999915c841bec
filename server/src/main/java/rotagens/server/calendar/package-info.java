/**
 * The shop's days as iCalendar under private addresses.
 *
 * <p>Not here: no booking.
 */
package rotagens.server.calendar;
