package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;

/**
 * What to do with one tire after its gauge reading.
 *
 * @param to the pressure to bring it to; empty where nothing may be done
 */
public record Adjustment(Action action, Optional<Pressure> to, Message statement) {

    /** The next act at the valve. */
    public enum Action {
        /** On target. */
        NONE,
        /** No target on file: the reading is kept and no air is added. Never to be shown as on target. */
        NO_TARGET,
        /** Cold and under what it is to be brought to. */
        ADD_AIR,
        /** Cold and over what it is to be brought to. */
        RELEASE_AIR,
        /** Hot: wait, never bleed. */
        WAIT,
        /** Ran low: no air before somebody looked inside. */
        STOP;

        /**
         * Whether nothing more is done at this valve now: neither air in nor air out.
         *
         * @return also where nothing may be done
         */
        public boolean endsHere() {
            return this != ADD_AIR && this != RELEASE_AIR;
        }
    }

    private static final double CLOSE_ENOUGH_PSI = 1;

    /**
     *
     * @param read what the gauge says
     * @param cold parked at least 3 hours; unknown counts as hot
     * @param target the cold target, to which the 80 % rule is held
     * @param fillTo what to bring it to where it stands: the target, or more in a warm bay before a cold yard
     * @param maximum the lower one of tire and wheel; empty where neither is on file
     * @return the next act, with its words
     */
    public static Adjustment of(
            Pressure read, boolean cold, Pressure target, Pressure fillTo, Optional<Pressure> maximum) {
        return of(read, cold, target, Optional.of(target), fillTo, maximum);
    }

    /**
     * At a position without a target: nothing says how much air belongs in the tire, so none is added. Cold and over
     * the maximum it is still released.
     *
     * @param read what the gauge says
     * @param cold parked at least 3 hours; unknown counts as hot, and a hot tire is not bled
     * @param maximum the lower one of tire and wheel; empty where neither is on file
     * @return the next act, with its words
     */
    public static Adjustment withoutTarget(Pressure read, boolean cold, Optional<Pressure> maximum) {
        return maximum.filter(most -> cold && read.isOver(most))
                .map(most -> new Adjustment(
                        Action.RELEASE_AIR, Optional.of(most), WORDS.message("overTheMaximumAndNo", "most", most)))
                .orElseGet(
                        () -> new Adjustment(Action.NO_TARGET, Optional.empty(), WORDS.message("saveTheReadingAddNo")));
    }

    /**
     * The same for a tire whose target was raised since it was last driven: it is held to the one before.
     *
     * @param drivenAt the target it was driven at; empty where it had none
     * @param read what the gauge says
     * @param cold parked at least 3 hours; unknown counts as hot
     * @param target the cold target now
     * @param fillTo what to bring it to where it stands
     * @param maximum the lower one of tire and wheel; empty where neither is on file
     * @return the next act, with its words
     */
    public static Adjustment of(
            Pressure read,
            boolean cold,
            Pressure target,
            Optional<Pressure> drivenAt,
            Pressure fillTo,
            Optional<Pressure> maximum) {
        if (drivenAt.filter(before -> RunFlat.isRunFlat(read, before)).isPresent()) {
            return new Adjustment(
                    Action.STOP,
                    Optional.empty(),
                    WORDS.message("is80OfOrLess", "read", read, "drivenAt", drivenAt.get()));
        }
        if (!cold) {
            return read.psi() < target.psi() - CLOSE_ENOUGH_PSI
                    ? new Adjustment(
                            Action.ADD_AIR,
                            Optional.of(target),
                            WORDS.message("hotAndStillUnderCertainly", "target", target))
                    : new Adjustment(Action.WAIT, Optional.empty(), WORDS.message("hotTireReadsHighNever"));
        }
        double off = fillTo.psi() - read.psi();
        Optional<Pressure> over = maximum.filter(read::isOver);
        if (over.isPresent()) {
            return new Adjustment(
                    Action.RELEASE_AIR,
                    Optional.of(fillTo),
                    WORDS.message("overTheMaximumRelease", "over", over.get(), "fillTo", fillTo));
        }
        if (Math.abs(off) <= CLOSE_ENOUGH_PSI + 1e-6) {
            return new Adjustment(Action.NONE, Optional.of(fillTo), WORDS.message("onTargetCap"));
        }
        Pressure by = AxlePressureCalculator.psi(Math.abs(off));
        return off > 0
                ? new Adjustment(
                        Action.ADD_AIR,
                        Optional.of(fillTo),
                        WORDS.message("addToThenCheckAgain", "by", by, "fillTo", fillTo))
                : new Adjustment(
                        Action.RELEASE_AIR,
                        Optional.of(fillTo),
                        WORDS.message("releaseToThenCheckAgain", "by", by, "fillTo", fillTo));
    }
}
