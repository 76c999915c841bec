/**
 * Every way of deriving a cold pressure, load curves, maxima, loss, trials, and the guard that every pressure passes last.
 *
 * <p>Not here: no verdict, and no pressure that the guard has not passed.
 */
package rotagens.core.pressure;
