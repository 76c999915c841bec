/**
 * Relearn procedures and their coach, dash against gauge, one sensor or all.
 *
 * <p>Not here: no radio and no device: what was seen and heard comes as events.
 */
package rotagens.core.sensor;
