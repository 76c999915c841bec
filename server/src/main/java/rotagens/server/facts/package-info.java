/**
 * The one way by which anything gets on record about a tire: stamped, stored, folded, told; the upgrade of older folders and the check of a whole one.
 *
 * <p>Not here: no rule: core says what a fact opens and clears.
 */
package rotagens.server.facts;
