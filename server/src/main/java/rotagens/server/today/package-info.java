/**
 * The technician's day: the jobs of a yard, what to bring to them, the walk-arounds due there and what must not be operated.
 *
 * <p>Not here: no rule and no table of its own; it lays side by side what fleet, planning, shop and gauges know.
 */
package rotagens.server.today;
