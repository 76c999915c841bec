/**
 * One thing on record: a reading with what was in force, a finding, a look, a repair, a move, a corner in doubt.
 *
 * <p>Not here: no judgement: what a fact opens or clears is folded in alert.
 */
package rotagens.core.fact;
