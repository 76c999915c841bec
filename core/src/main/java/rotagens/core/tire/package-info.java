/**
 * What is molded on a tire and what follows from it: sidewall line, size, ratings, DOT code and week, deliveries, life and cost.
 *
 * <p>Not here: nothing of where it rolls and nothing read by a gauge.
 */
package rotagens.core.tire;
