package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.wear.GrooveDepths;

/**
 * Figures far from the last ones. A typing error is not a fact, so they are asked about once, before they are kept: a pressure over
 * 15 % or 10 psi off, a tread that has grown, more than 1,500 miles a day.
 */
public final class PlausibilityCheck {

    /** The figures that can be far off. */
    public enum CheckedValue {
        /** The gauge pressure. */
        PRESSURE,
        /** The depth of the outer groove. */
        OUTER,
        /** The depth of the center groove. */
        CENTER,
        /** The depth of the inner groove. */
        INNER,
        /** The odometer. */
        ODOMETER
    }

    private static final double SHARE = 0.15;
    private static final double PSI = 10;
    /** Two people read one groove up to a mark apart. */
    private static final double GROWN_32NDS = 1;

    private static final double MILES_A_DAY = 1_500;

    private PlausibilityCheck() {}

    /**
     * What to ask about a reading, by figure; empty where all of it is near the last one.
     *
     * @param before the tire as its ledger stands
     * @param read as it would be kept
     * @return what to ask, by figure; nothing is refused
     */
    public static Map<CheckedValue, Message> in(TireState before, Reading read) {
        return in(before.readings(), read);
    }

    /**
     * The same, for the readings of one tire.
     *
     * @param before what was read on it before, the newest first
     * @param read as it would be kept; after a fill its pressure is asked about where it is far from what is in force, since it
     *     was meant to change
     * @return what to ask, by figure; nothing is refused
     */
    public static Map<CheckedValue, Message> in(List<Reading> before, Reading read) {
        Map<CheckedValue, Message> asked = new LinkedHashMap<>();
        read.pressure()
                .flatMap(psi -> read.isInflation() ? filled(read, psi) : pressure(before, psi, read.thermalState()))
                .ifPresent(why -> asked.put(CheckedValue.PRESSURE, why));
        groove(before, read, GrooveDepths::outer).ifPresent(why -> asked.put(CheckedValue.OUTER, why));
        groove(before, read, GrooveDepths::center).ifPresent(why -> asked.put(CheckedValue.CENTER, why));
        groove(before, read, GrooveDepths::inner).ifPresent(why -> asked.put(CheckedValue.INNER, why));
        return asked;
    }

    /**
     * Between which figures nothing is asked, for a device that can only compare; an empty end asks nothing there.
     *
     * @param cold of a cold pressure, in psi
     * @param hot of a pressure that is hot or not known to be cold, in psi
     * @param deepest of each groove, in 32nds
     * @param last the pressure these are measured from, with its day
     */
    public record Near(Span cold, Span hot, Map<CheckedValue, Double> deepest, Message last) {}

    /** The least and the most of a figure at which nothing is asked. */
    public record Span(Optional<Double> min, Optional<Double> max) {
        static final Span ANY = new Span(Optional.empty(), Optional.empty());
    }

    /**
     * Between which figures nothing would be asked about the next reading of a tire.
     *
     * @param before the tire as its ledger stands
     * @return figures within which a device asks nothing, also where it is offline
     */
    public static Near near(TireState before) {
        Map<CheckedValue, Double> deepest = new LinkedHashMap<>();
        deepest(before, GrooveDepths::outer).ifPresent(most -> deepest.put(CheckedValue.OUTER, most));
        deepest(before, GrooveDepths::center).ifPresent(most -> deepest.put(CheckedValue.CENTER, most));
        deepest(before, GrooveDepths::inner).ifPresent(most -> deepest.put(CheckedValue.INNER, most));
        return before.lastPressure()
                .map(last -> {
                    double psi = last.pressure().orElseThrow().psi();
                    double allowed = Math.min(PSI, SHARE * psi);
                    Span both = new Span(Optional.of(psi - allowed), Optional.of(psi + allowed));
                    boolean cold = last.thermalState() == ThermalState.COLD;
                    return new Near(
                            cold ? both : new Span(Optional.empty(), both.max()),
                            cold ? new Span(both.min(), Optional.empty()) : both,
                            deepest,
                            WORDS.message("on3", "pressure", last.pressure().orElseThrow(), "on", last.on()));
                })
                .orElse(new Near(Span.ANY, Span.ANY, deepest, Message.of("")));
    }

    private static Optional<Double> deepest(TireState before, Function<GrooveDepths, Optional<TreadDepth>> groove) {
        return before.readings().stream()
                .flatMap(last -> groove.apply(last.tread()).stream())
                .findFirst()
                .map(last -> last.thirtySeconds() + GROWN_32NDS);
    }

    private static boolean far(double psi, double from) {
        double off = Math.abs(psi - from);
        return off > PSI + 1e-6 || off > SHARE * from + 1e-6;
    }

    private static Optional<Message> filled(Reading read, Pressure psi) {
        return read.inForce()
                .flatMap(InForce::target)
                .filter(target -> far(psi.psi(), target.psi()))
                .map(target -> WORDS.message("differsTooMuchFrom", "psi", psi, "target", target));
    }

    private static Optional<Message> pressure(List<Reading> before, Pressure read, ThermalState thermalState) {
        return before.stream()
                .filter(one -> one.pressure().isPresent())
                .findFirst()
                // A hot tire reads high, so only what lies under a cold figure is odd, and the other way round.
                .filter(last -> last.thermalState() == thermalState
                        || (thermalState == ThermalState.COLD)
                                == (read.psi() > last.pressure().orElseThrow().psi()))
                .filter(last -> far(read.psi(), last.pressure().orElseThrow().psi()))
                .map(last -> WORDS.message(
                        "differsTooMuchFrom2",
                        "read",
                        read,
                        "pressure",
                        last.pressure().orElseThrow(),
                        "on",
                        last.on()));
    }

    private static Optional<Message> groove(
            List<Reading> before, Reading read, Function<GrooveDepths, Optional<TreadDepth>> groove) {
        return groove.apply(read.tread())
                .flatMap(now -> before.stream()
                        .filter(last -> groove.apply(last.tread()).isPresent())
                        .findFirst()
                        .filter(last -> now.thirtySeconds()
                                > groove.apply(last.tread()).get().thirtySeconds() + GROWN_32NDS + 1e-9)
                        .map(last -> WORDS.message(
                                "isDeeperThanTheLast",
                                "now",
                                now,
                                "apply",
                                groove.apply(last.tread()).get(),
                                "on",
                                last.on())));
    }

    /**
     * What to ask about an odometer: more miles a day than anybody drives.
     *
     * @param last what was read last
     * @param lastOn on which day
     * @param read what is read now
     * @param on on which day
     * @return what to ask; empty where the figure is likely
     */
    public static Optional<Message> odometer(Distance last, LocalDate lastOn, Distance read, LocalDate on) {
        long days = Math.max(1, ChronoUnit.DAYS.between(lastOn, on));
        double miles = read.miles() - last.miles();
        return miles > MILES_A_DAY * days
                ? Optional.of(WORDS.message(
                        "isMoreThanTheLast",
                        "read",
                        read,
                        "miles",
                        Distance.miles(Math.rint(miles)),
                        "last",
                        last,
                        "lastOn",
                        lastOn))
                : Optional.empty();
    }
}
