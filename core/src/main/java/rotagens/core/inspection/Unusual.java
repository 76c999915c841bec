package rotagens.core.inspection;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Warmth;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.wear.Tread;

/**
 * Figures far from the last ones. A typing error is not a fact, so they are asked about once, before they are kept: a pressure over
 * 15 % or 10 psi off, a tread that has grown, more than 1,500 miles a day.
 */
public final class Unusual {

    /** The figures that can be far off. */
    public enum Figure {
        PRESSURE,
        OUTER,
        CENTER,
        INNER,
        ODOMETER
    }

    private static final double SHARE = 0.15;
    private static final double PSI = 10;
    /** Two people read one groove up to a mark apart. */
    private static final double GROWN_32NDS = 1;

    private static final double MILES_A_DAY = 1_500;

    private Unusual() {}

    /** What to ask about a reading, by figure; empty where all of it is near the last one. */
    public static Map<Figure, Phrase> in(TireState before, Reading read) {
        return in(before.readings(), read);
    }

    /**
     * The same, for the readings of one tire.
     *
     * @param before what was read on it before, the newest first
     * @param read as it would be kept; after a fill its pressure is asked about where it is far from what is in force, since it
     *     was meant to change
     */
    public static Map<Figure, Phrase> in(List<Reading> before, Reading read) {
        Map<Figure, Phrase> asked = new LinkedHashMap<>();
        read.pressure()
                .flatMap(psi -> read.filled() ? filled(read, psi) : pressure(before, psi, read.warmth()))
                .ifPresent(why -> asked.put(Figure.PRESSURE, why));
        groove(before, read, Tread::outer).ifPresent(why -> asked.put(Figure.OUTER, why));
        groove(before, read, Tread::center).ifPresent(why -> asked.put(Figure.CENTER, why));
        groove(before, read, Tread::inner).ifPresent(why -> asked.put(Figure.INNER, why));
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
    public record Near(Span cold, Span hot, Map<Figure, Double> deepest, Phrase last) {}

    /** The least and the most of a figure at which nothing is asked. */
    public record Span(Optional<Double> least, Optional<Double> most) {
        static final Span ANY = new Span(Optional.empty(), Optional.empty());
    }

    /** Between which figures nothing would be asked about the next reading of a tire. */
    public static Near near(TireState before) {
        Map<Figure, Double> deepest = new LinkedHashMap<>();
        deepest(before, Tread::outer).ifPresent(most -> deepest.put(Figure.OUTER, most));
        deepest(before, Tread::center).ifPresent(most -> deepest.put(Figure.CENTER, most));
        deepest(before, Tread::inner).ifPresent(most -> deepest.put(Figure.INNER, most));
        return before.lastPressure()
                .map(last -> {
                    double psi = last.pressure().orElseThrow().psi();
                    double allowed = Math.min(PSI, SHARE * psi);
                    Span both = new Span(Optional.of(psi - allowed), Optional.of(psi + allowed));
                    boolean cold = last.warmth() == Warmth.COLD;
                    return new Near(
                            cold ? both : new Span(Optional.empty(), both.most()),
                            cold ? new Span(both.least(), Optional.empty()) : both,
                            deepest,
                            Phrase.of("{} on {}", last.pressure().orElseThrow(), last.on()));
                })
                .orElse(new Near(Span.ANY, Span.ANY, deepest, Phrase.of("")));
    }

    private static Optional<Double> deepest(TireState before, Function<Tread, Optional<TreadDepth>> groove) {
        return before.readings().stream()
                .flatMap(last -> groove.apply(last.tread()).stream())
                .findFirst()
                .map(last -> last.thirtySeconds() + GROWN_32NDS);
    }

    private static boolean far(double psi, double from) {
        double off = Math.abs(psi - from);
        return off > PSI + 1e-6 || off > SHARE * from + 1e-6;
    }

    private static Optional<Phrase> filled(Reading read, Pressure psi) {
        return read.inForce()
                .flatMap(InForce::target)
                .filter(target -> far(psi.psi(), target.psi()))
                .map(target -> Phrase.of(
                        "{} differs too much from the target of {}. Check the pressure again, or confirm the reading.",
                        psi,
                        target));
    }

    private static Optional<Phrase> pressure(List<Reading> before, Pressure read, Warmth warmth) {
        return before.stream()
                .filter(one -> one.pressure().isPresent())
                .findFirst()
                // A hot tire reads high, so only what lies under a cold figure is odd, and the other way round.
                .filter(last -> last.warmth() == warmth
                        || (warmth == Warmth.COLD)
                                == (read.psi() > last.pressure().orElseThrow().psi()))
                .filter(last -> far(read.psi(), last.pressure().orElseThrow().psi()))
                .map(last -> Phrase.of(
                        "{} differs too much from the last reading, {} on {}. Check the pressure again, or confirm the reading.",
                        read,
                        last.pressure().orElseThrow(),
                        last.on()));
    }

    private static Optional<Phrase> groove(
            List<Reading> before, Reading read, Function<Tread, Optional<TreadDepth>> groove) {
        return groove.apply(read.tread())
                .flatMap(now -> before.stream()
                        .filter(last -> groove.apply(last.tread()).isPresent())
                        .findFirst()
                        .filter(last -> now.thirtySeconds()
                                > groove.apply(last.tread()).get().thirtySeconds() + GROWN_32NDS + 1e-9)
                        .map(last -> Phrase.of(
                                "{} is deeper than the last reading, {} on {}. Measure the tread again, or confirm the reading.",
                                now,
                                groove.apply(last.tread()).get(),
                                last.on())));
    }

    /** What to ask about an odometer: more miles a day than anybody drives. */
    public static Optional<Phrase> odometer(Distance last, LocalDate lastOn, Distance read, LocalDate on) {
        long days = Math.max(1, ChronoUnit.DAYS.between(lastOn, on));
        double miles = read.miles() - last.miles();
        return miles > MILES_A_DAY * days
                ? Optional.of(Phrase.of(
                        "{} is {} more than the last reading, {} on {}. Read the odometer again, or confirm the reading.",
                        read,
                        Distance.miles(Math.rint(miles)),
                        last,
                        lastOn))
                : Optional.empty();
    }
}
