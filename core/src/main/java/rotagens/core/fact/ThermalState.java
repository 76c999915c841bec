package rotagens.core.fact;

import java.time.Duration;

/** Whether a tire was cold, parked at least 3 hours, when it was gauged. Unknown counts as hot. */
public enum ThermalState {
    COLD,
    HOT,
    UNKNOWN;

    private static final Duration COOLS_IN = Duration.ofHours(3);

    /** After standing so long. */
    public static ThermalState afterParked(Duration stood) {
        return stood.compareTo(COOLS_IN) >= 0 ? COLD : HOT;
    }
}
