package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;

/** Whether the parts of a sidewall fit together. A disagreement is usually a misread digit: it is pointed at, not refused. */
public final class LoadRatingsCheck {

    private static final double WITHIN = 0.01;

    private LoadRatingsCheck() {}

    /** P or plain metric without C, on a whole-inch rim. */
    static boolean isPassengerSize(TireSize size) {
        return size instanceof TireSize.Metric metric
                && (metric.prefix().isEmpty()
                        || metric.prefix().equals("P")
                        || metric.prefix().equals("T"))
                && !metric.commercialC()
                && metric.rimInches() == Math.rint(metric.rimInches());
    }

    static boolean isLtMetric(TireSize size) {
        return size instanceof TireSize.Metric metric && metric.prefix().equals("LT");
    }

    /**
     * Every disagreement found; empty where all that is on file fits together.
     *
     * @param size as molded
     * @param loadRatings what was read of its capacity
     * @return with what to read again
     */
    public static List<Reason> disagreements(TireSize size, LoadRatings loadRatings) {
        List<Reason> found = new ArrayList<>();
        loadRatings.service().ifPresent(service -> {
            apart("single", service.single(), loadRatings.moldedSingle()).ifPresent(found::add);
            service.dual()
                    .flatMap(index -> apart("dual", index, loadRatings.moldedDual()))
                    .ifPresent(found::add);
        });
        loadRatings.range().flatMap(range -> rangeAgainstSize(size, range)).ifPresent(found::add);
        if (isPassengerSize(size)
                && loadRatings.service().flatMap(ServiceDescription::dual).isPresent()) {
            found.add(reason(WORDS.message("dualLoadIndex"), WORDS.say("passengerTiresCarryOneIndex")));
        }
        return found;
    }

    private static Optional<Reason> apart(String which, LoadIndex index, Optional<Load> molded) {
        return molded.filter(load ->
                        Math.abs(load.kg() - index.load().kg()) / index.load().kg() > WITHIN)
                .map(load -> reason(
                        WORDS.message(
                                "loadIndexMeansTheMolded",
                                "index",
                                index.number(),
                                "load",
                                index.load(),
                                "which",
                                which,
                                "moldedLoad",
                                load),
                        WORDS.say("theyAgreeWithin1")));
    }

    private static Optional<Reason> rangeAgainstSize(TireSize size, LoadRange range) {
        if (isPassengerSize(size) && !range.isPassenger()) {
            return Optional.of(reason(
                    WORDS.message("loadRangeOnThePassenger", "range", range.name(), "molded", size.molded()),
                    WORDS.say("lettersAreOnLtTrailer")));
        }
        if (!isPassengerSize(size) && range.isPassenger()) {
            return Optional.of(
                    reason(WORDS.message("on", "range", range.name(), "molded", size.molded()), WORDS.say("slAndXl")));
        }
        return Optional.empty();
    }

    /**
     * The tire's rim against the wheel it is to sit on.
     *
     * @param size of the tire
     * @param wheelInches rim diameter of the wheel
     * @return empty where they fit
     */
    public static Optional<Reason> rimAgainstWheel(TireSize size, double wheelInches) {
        return size.rimInches() == wheelInches
                ? Optional.empty()
                : Optional.of(Reason.of(
                        Rule.RIM_MATCH,
                        WORDS.message(
                                "tireForAInRim",
                                "rimInches",
                                plain(size.rimInches()),
                                "wheelInches",
                                plain(wheelInches)),
                        WORDS.message("in", "rimInches", plain(size.rimInches())),
                        WORDS.message("in2", "wheelInches", plain(wheelInches)),
                        WORDS.say("neverMountATire")));
    }

    private static String plain(double inches) {
        return inches == Math.rint(inches) ? String.valueOf((long) inches) : String.valueOf(inches);
    }

    private static Reason reason(Message says, String because) {
        return Reason.of(Rule.SIDEWALL_AGREES, says, Message.of(""), Message.of(""), because);
    }
}
