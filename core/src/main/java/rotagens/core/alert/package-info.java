/**
 * What stands against a tire or a vehicle's corners: the fold of the facts on record, each alert with what opened it and what alone clears it.
 *
 * <p>Not here: no day and no policy of today: a fact is judged by what was in force when it was taken.
 */
package rotagens.core.alert;
