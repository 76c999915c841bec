/**
 * The evidence pack: what is on record of one vehicle over a span of time, on one page, with a checksum.
 *
 * <p>Not here: any fact of its own, any judgement; it only reads what other packages keep.
 */
@org.jspecify.annotations.NullMarked
package rotagens.server.evidence;
