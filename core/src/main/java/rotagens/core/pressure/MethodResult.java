package rotagens.core.pressure;

import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;

/**
 * One school's answer for an axle. Made in two ways only: refused with its reason, or passed by {@link Guard}; so no pressure can
 * be offered that the guard hasn't seen.
 */
public final class MethodResult {

    private final PressureMethod method;
    private final Optional<Pressure> pressure;
    private final boolean isOffered;
    private final boolean isEstimate;
    private final boolean toBeConfirmed;
    private final Reason reason;

    private MethodResult(
            PressureMethod pressureMethod,
            Optional<Pressure> pressure,
            boolean offered,
            boolean estimate,
            boolean toBeConfirmed,
            Reason reason) {
        this.method = pressureMethod;
        this.pressure = pressure;
        this.isOffered = offered;
        this.isEstimate = estimate;
        this.toBeConfirmed = toBeConfirmed;
        this.reason = reason;
    }

    /** Not to be taken; the pressure, where there is one, is shown all the same. */
    static MethodResult refused(PressureMethod pressureMethod, Optional<Pressure> pressure, Reason reason) {
        return new MethodResult(pressureMethod, pressure, false, false, false, reason);
    }

    /** For {@link Guard} alone, after its checks. */
    static MethodResult passed(PressureMethod pressureMethod, Pressure pressure, boolean estimate, Reason reason) {
        return new MethodResult(pressureMethod, Optional.of(pressure), true, estimate, false, reason);
    }

    /** The same, found on warm tires: nobody has confirmed it cold yet. */
    MethodResult unconfirmed() {
        return new MethodResult(method, pressure, isOffered, isEstimate, true, reason);
    }

    /**
     * Which method it is of.
     *
     * @return one of the methods
     */
    public PressureMethod method() {
        return method;
    }

    /**
     * What it comes to; shown also where it may not be taken, empty where it can't be told.
     *
     * @return cold
     */
    public Optional<Pressure> pressure() {
        return pressure;
    }

    /**
     * Whether it may be taken.
     *
     * @return whether a person may choose it
     */
    public boolean isOffered() {
        return isOffered;
    }

    /**
     * Whether it rests on the formula instead of a chart.
     *
     * @return whether it has to be said beside the figure
     */
    public boolean isEstimate() {
        return isEstimate;
    }

    /**
     * Whether a cold reading has yet to confirm it.
     *
     * @return of a chalk test alone
     */
    public boolean toBeConfirmed() {
        return toBeConfirmed;
    }

    /**
     * How it was found, or why it isn't offered.
     *
     * @return with its figures
     */
    public Reason reason() {
        return reason;
    }
}
