/**
 * Which tire a piece of work puts on: chosen and checked when the work is planned, known again by its DOT code at the wheel.
 *
 * <p>Not here: putting it on, which is planning's when the job is completed; receiving, which is purchasing's; the rules of what
 * may go where, which are core's.
 */
package rotagens.server.jobtires;
