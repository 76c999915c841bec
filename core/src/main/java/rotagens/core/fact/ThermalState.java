package rotagens.core.fact;

import java.time.Duration;

/** Whether a tire was cold, parked at least 3 hours, when it was gauged. Unknown counts as hot. */
public enum ThermalState {
    /** Parked for three hours or more: the pressure a target speaks of. */
    COLD,
    /** Driven within three hours: the pressure is higher than cold, and air is never let out by it. */
    HOT,
    /** Nobody said; held to be hot. */
    UNKNOWN;

    private static final Duration COOLS_IN = Duration.ofHours(3);

    /**
     * After standing so long.
     *
     * @param stood how long the vehicle has stood
     * @return cold from three hours on, else hot
     */
    public static ThermalState afterParked(Duration stood) {
        return stood.compareTo(COOLS_IN) >= 0 ? COLD : HOT;
    }
}
