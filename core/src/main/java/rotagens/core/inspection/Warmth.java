package rotagens.core.inspection;

/** Whether a tire was cold, parked at least 3 hours, when it was gauged. Unknown counts as hot. */
public enum Warmth {
    COLD,
    HOT,
    UNKNOWN
}
