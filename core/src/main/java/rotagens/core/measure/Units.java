package rotagens.core.measure;

/** The family of units a person reads in. Figures keep the unit they were entered in; this only chooses how they are shown. */
public enum Units {
    /** psi, lb, 1/32 in, in, miles. */
    US,
    /** kPa, kg, mm, km. */
    METRIC
}
