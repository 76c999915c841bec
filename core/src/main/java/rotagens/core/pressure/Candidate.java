package rotagens.core.pressure;

import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;

/**
 * One school's answer for an axle. Made in two ways only: refused with its reason, or passed by {@link Guard}; so no pressure can
 * be offered that the guard hasn't seen.
 */
public final class Candidate {

    private final School school;
    private final Optional<Pressure> pressure;
    private final boolean offered;
    private final boolean estimate;
    private final boolean toBeConfirmed;
    private final Reason reason;

    private Candidate(
            School school,
            Optional<Pressure> pressure,
            boolean offered,
            boolean estimate,
            boolean toBeConfirmed,
            Reason reason) {
        this.school = school;
        this.pressure = pressure;
        this.offered = offered;
        this.estimate = estimate;
        this.toBeConfirmed = toBeConfirmed;
        this.reason = reason;
    }

    /** Not to be taken; the pressure, where there is one, is shown all the same. */
    static Candidate refused(School school, Optional<Pressure> pressure, Reason reason) {
        return new Candidate(school, pressure, false, false, false, reason);
    }

    /** For {@link Guard} alone, after its checks. */
    static Candidate passed(School school, Pressure pressure, boolean estimate, Reason reason) {
        return new Candidate(school, Optional.of(pressure), true, estimate, false, reason);
    }

    /** The same, found on warm tires: nobody has confirmed it cold yet. */
    Candidate unconfirmed() {
        return new Candidate(school, pressure, offered, estimate, true, reason);
    }

    public School school() {
        return school;
    }

    /** What it comes to; shown also where it may not be taken, empty where it can't be told. */
    public Optional<Pressure> pressure() {
        return pressure;
    }

    /** Whether it may be taken. */
    public boolean offered() {
        return offered;
    }

    /** Whether it rests on the formula instead of a chart. */
    public boolean estimate() {
        return estimate;
    }

    /** Whether a cold reading has yet to confirm it. */
    public boolean toBeConfirmed() {
        return toBeConfirmed;
    }

    /** How it was found, or why it isn't offered. */
    public Reason reason() {
        return reason;
    }
}
