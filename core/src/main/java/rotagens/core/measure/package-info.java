/**
 * Quantities kept as they were entered, sentences with quantities still in them, and the names of all rules.
 *
 * <p>Not here: nothing of tires or vehicles, no fleet's numbers and no words of a page: everything else stands on this.
 */
package rotagens.core.measure;
