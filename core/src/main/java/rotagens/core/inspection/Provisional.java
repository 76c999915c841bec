package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.Tread;

/**
 * What a figure would mean at a position, worked out before anybody has read it: for a device that has to do without the server
 * in the yard and may only compare. Found by asking the very rules that judge, so nothing is told twice. Provisional because it
 * knows this one figure only: neither what else is found nor what the other tires say.
 */
public record Provisional(List<Band> cold, List<Band> hot, List<Band> tread) {

    /**
     * A range of figures that mean the same.
     *
     * @param from its lowest figure, in psi or 32nds; it reaches up to the next band
     * @param because the rule that speaks, empty where all is well
     * @param limit the figure it speaks of
     */
    public record Band(double from, Verdict verdict, Optional<Rule> because, Phrase limit) {}

    /** A figure's own rules; those that need a second reading or another tire stay out. */
    private static final Set<Rule> ONE_FIGURE = EnumSet.of(
            Rule.RUN_FLAT,
            Rule.PRESSURE_MAXIMUM,
            Rule.PRESSURE_TARGET,
            Rule.PRESSURE_NEED,
            Rule.PRESSURE_HOT,
            Rule.TREAD_LIMIT,
            Rule.TREAD_PULL);

    private static final double MOST_PSI = 200;
    private static final double MOST_32NDS = 40;
    /** As fine as any gauge shows. */
    private static final double FINENESS = 0.01;

    /** The bands at one position; none where no tire is on file there. */
    public static Provisional at(
            VehicleState vehicle, VehiclePressures pressures, Position position, Policy policy, LocalDate today) {
        TireState state = vehicle.at(position);
        if (state.tire().isEmpty()) {
            return new Provisional(List.of(), List.of(), List.of());
        }
        Policy.ForClass here = vehicle.policyAt(policy, state);
        DoubleFunction<Band> cold =
                psi -> judge(vehicle, pressures, state, here, psi, pressed(psi, Warmth.COLD, today));
        DoubleFunction<Band> hot = psi -> judge(vehicle, pressures, state, here, psi, pressed(psi, Warmth.HOT, today));
        DoubleFunction<Band> tread = depth -> judge(vehicle, pressures, state, here, depth, worn(depth, today));
        double target = pressures
                .targetAt(position, state.tire().get().model(), here)
                .pressure()
                .map(Pressure::psi)
                .orElse(0.0);
        return new Provisional(
                bands(cold, List.of(0.0, target, MOST_PSI)),
                bands(hot, List.of(0.0, target, MOST_PSI)),
                bands(tread, List.of(0.0, MOST_32NDS)));
    }

    private static Reading pressed(double psi, Warmth warmth, LocalDate today) {
        return new Reading(today, "", Optional.empty(), Optional.of(Pressure.psi(psi)), warmth, Tread.UNMEASURED);
    }

    private static Reading worn(double depth, LocalDate today) {
        return new Reading(
                today, "", Optional.empty(), Optional.empty(), Warmth.UNKNOWN, Tread.of32nds(depth, depth, depth));
    }

    private static Band judge(
            VehicleState vehicle,
            VehiclePressures pressures,
            TireState state,
            Policy.ForClass policy,
            double figure,
            Reading reading) {
        TireState alone = new TireState(
                state.position(), state.tire(), List.of(reading), List.of(), Optional.empty(), Optional.empty());
        Case one = new Case(vehicle, alone, state.tire().orElseThrow(), pressures, policy, reading.on());
        List<Judged> said =
                new ArrayList<>(reading.pressure().isPresent() ? PressureCheck.check(one) : TreadCheck.check(one));
        return said.stream()
                .filter(judged -> ONE_FIGURE.contains(judged.reason().rule()))
                .max(Comparator.comparing(Judged::verdict))
                .map(worst -> new Band(
                        figure,
                        worst.verdict(),
                        Optional.of(worst.reason().rule()),
                        worst.reason().limit()))
                .orElse(new Band(figure, Verdict.FIT, Optional.empty(), Phrase.of("")));
    }

    /**
     * From mark to mark, and between two that differ down to where it turns. Figures get better or worse one way only between
     * nothing, the target and the most there is, so these marks are enough: what a figure below the target means never comes
     * back above it but past the target itself.
     */
    private static List<Band> bands(DoubleFunction<Band> judge, List<Double> marks) {
        List<Band> bands = new ArrayList<>();
        Band last = judge.apply(0);
        bands.add(last);
        double low = 0;
        for (double mark : marks.subList(1, marks.size())) {
            Band here = judge.apply(mark);
            while (mark > low && !same(last, here)) {
                low = turn(judge, last, low, mark);
                last = judge.apply(low);
                bands.add(last);
            }
            low = Math.max(low, mark);
        }
        return List.copyOf(bands);
    }

    private static double turn(DoubleFunction<Band> judge, Band before, double low, double high) {
        long from = Math.round(low / FINENESS);
        long to = Math.round(high / FINENESS);
        while (to - from > 1) {
            long middle = (from + to) / 2;
            if (same(before, judge.apply(middle * FINENESS))) {
                from = middle;
            } else {
                to = middle;
            }
        }
        return to * FINENESS;
    }

    private static boolean same(Band one, Band other) {
        return one.verdict() == other.verdict() && one.because().equals(other.because());
    }
}
