/**
 * Every number and choice a fleet may change, with its default, which way is stricter, and how scopes add up.
 *
 * <p>Not here: no rule: a rule asks for its number here and compares elsewhere.
 */
package rotagens.core.policy;
