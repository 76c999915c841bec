package rotagens.core.pressure;

import rotagens.core.measure.Pressure;

/** At 80 % of target or less, cold or hot, a tire is treated as run flat (29 CFR 1910.177 for large vehicles; our rule for all). */
public final class RunFlat {

    /** The share of its target at which a tire counts as run flat. */
    public static final double SHARE = 0.8;

    private static final double SLACK = 1e-6;

    private RunFlat() {}

    /**
     * Whether a tire counts as run flat.
     *
     * @param read what a gauge says, hot or cold
     * @param target the cold target it was driven at
     * @return at 80% of it, too
     */
    public static boolean isRunFlat(Pressure read, Pressure target) {
        return read.psi() <= SHARE * target.psi() + SLACK;
    }
}
