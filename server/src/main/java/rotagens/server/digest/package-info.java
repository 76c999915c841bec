/**
 * The morning's mail: what must not operate, the day's jobs, what is late.
 *
 * <p>Not here: how any of it is judged or planned.
 */
package rotagens.server.digest;
