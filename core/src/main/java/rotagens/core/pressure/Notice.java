package rotagens.core.pressure;

import rotagens.core.measure.Reason;

/** Something about an axle's load or pressure that a person has to know. */
public record Notice(Severity severity, Reason reason) {

    /** How much it matters. */
    public enum Severity {
        /** Worth knowing; judges no tire. */
        NOTE,
        /** Something needed isn't known. */
        UNKNOWN,
        /** Keep an eye on it. */
        WATCH,
        /** Work for it has to be planned. */
        SERVICE_DUE,
        /** The vehicle must not roll like this. */
        DO_NOT_OPERATE
    }
}
