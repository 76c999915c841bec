/**
 * Pages in XHTML and SVG as PDF; a vehicle's papers.
 *
 * <p>Not here: no fact that its page does not have.
 */
package rotagens.server.pdf;
