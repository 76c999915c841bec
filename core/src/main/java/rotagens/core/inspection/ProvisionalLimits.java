package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.TireFact;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;

/**
 * What a figure would mean at a position, worked out before anybody has read it: for a device that has to do without the server
 * in the yard and may only compare. Found by asking the very rules that judge, so nothing is told twice. Provisional because it
 * knows this one figure only: neither what else is found nor what the other tires say.
 *
 * @param rest what stands whatever is measured: no figure read in the yard may show the tire better than this
 * @param untilCold what stands until a cold pressure is read
 * @param untilTread what stands until every groove is measured
 */
public record ProvisionalLimits(
        List<Band> cold,
        List<Band> hot,
        List<Band> tread,
        RestVerdict rest,
        RestVerdict untilCold,
        RestVerdict untilTread) {

    /**
     * A range of figures that mean the same.
     *
     * @param from its lowest figure, in psi or 32nds; it reaches up to the next band
     * @param explanation the rule that speaks, empty where all is well
     * @param limit the figure it speaks of
     */
    public record Band(double from, Verdict verdict, Optional<Rule> explanation, Message limit) {}

    /** A verdict that stands, with the reason for it; fit without one. */
    public record RestVerdict(Verdict verdict, Optional<Reason> explanation) {

        static final RestVerdict FIT = new RestVerdict(Verdict.GOOD, Optional.empty());

        private static RestVerdict worst(List<VerdictReason> verdictReason) {
            return verdictReason.stream()
                    .max(Comparator.comparing(VerdictReason::verdict))
                    .map(worst -> new RestVerdict(worst.verdict(), Optional.of(worst.reason())))
                    .orElse(FIT);
        }
    }

    /** A figure's own rules; those that need a second reading or another tire stay out. */
    private static final Set<Rule> ONE_FIGURE = EnumSet.of(
            Rule.RUN_FLAT,
            Rule.PRESSURE_MAXIMUM,
            Rule.PRESSURE_TARGET,
            Rule.MINIMUM_FOR_LOAD,
            Rule.PRESSURE_HOT,
            Rule.TREAD_LIMIT,
            Rule.PULL_POINT);

    /** What a cold reading answers; running low stays, for only a look inside clears it. */
    private static final Set<Rule> BY_COLD_READING = EnumSet.of(
            Rule.PRESSURE_MAXIMUM,
            Rule.PRESSURE_TARGET,
            Rule.MINIMUM_FOR_LOAD,
            Rule.PRESSURE_HOT,
            Rule.PRESSURE_EQUAL,
            Rule.PRESSURE_CURRENT);

    /** What measuring every groove answers, where that looks as closely as the reading before. */
    private static final Set<Rule> BY_TREAD =
            EnumSet.of(Rule.TREAD_LIMIT, Rule.PULL_POINT, Rule.TREAD_FORECAST, Rule.TREAD_CURRENT);

    private static final double MOST_PSI = 200;
    private static final double MOST_32NDS = 40;
    /** As fine as any gauge shows; figures are looked at on this lattice only. */
    private static final double FINENESS = 0.01;

    /**
     * The bands at one position; none where no tire is on file there.
     *
     * @param vehicle the vehicle as it is on that day
     * @param pressures its pressures, worked out once
     * @param position the position
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the bands a device judges by until the server has judged, never kinder than the server
     */
    public static ProvisionalLimits at(
            VehicleState vehicle, VehiclePressures pressures, Position position, Policy policy, LocalDate today) {
        TireState state = vehicle.at(position);
        List<VerdictReason> reasons =
                TireAssessor.judge(vehicle, pressures, position, policy, today).reasons();
        if (state.tire().isEmpty()) {
            return new ProvisionalLimits(
                    List.of(), List.of(), List.of(), RestVerdict.worst(reasons), RestVerdict.FIT, RestVerdict.FIT);
        }
        Policy.ClassPolicy here = vehicle.policyAt(policy, state);
        InForce then = FactIntake.inForce(vehicle, pressures, position, policy);
        TireAlerts past = TireAlerts.NONE.remembering(state.oldestFirst());
        DoubleFunction<Band> cold = psi -> judge(
                vehicle,
                pressures,
                state,
                past,
                here,
                psi,
                pressed(psi, ThermalState.COLD, today).with(then));
        DoubleFunction<Band> hot = psi -> judge(
                vehicle,
                pressures,
                state,
                past,
                here,
                psi,
                pressed(psi, ThermalState.HOT, today).with(then));
        DoubleFunction<Band> tread = depth -> judge(
                vehicle, pressures, state, past, here, depth, worn(depth, today).with(then));
        double target = then.target().map(Pressure::psi).orElse(0.0);
        boolean asClosely =
                state.alerts().grooves().stream().allMatch(groove -> groove.places() == 1 && groove.grooves() == 1);
        Set<Rule> byTread = asClosely ? BY_TREAD : EnumSet.of(Rule.TREAD_CURRENT);
        return new ProvisionalLimits(
                bands(cold, List.of(target, MOST_PSI)),
                bands(hot, List.of(target, MOST_PSI)),
                bands(tread, List.of(MOST_32NDS)),
                RestVerdict.worst(reasons.stream()
                        .filter(verdictReason -> !BY_COLD_READING.contains(
                                        verdictReason.reason().rule())
                                && !byTread.contains(verdictReason.reason().rule()))
                        .toList()),
                RestVerdict.worst(reasons.stream()
                        .filter(verdictReason ->
                                BY_COLD_READING.contains(verdictReason.reason().rule()))
                        .toList()),
                RestVerdict.worst(reasons.stream()
                        .filter(verdictReason ->
                                byTread.contains(verdictReason.reason().rule()))
                        .toList()));
    }

    private static Reading pressed(double psi, ThermalState thermalState, LocalDate today) {
        return new Reading(
                today, "", Optional.empty(), Optional.of(Pressure.psi(psi)), thermalState, GrooveDepths.UNMEASURED);
    }

    private static Reading worn(double depth, LocalDate today) {
        return new Reading(
                today,
                "",
                Optional.empty(),
                Optional.empty(),
                ThermalState.UNKNOWN,
                GrooveDepths.of32nds(depth, depth, depth));
    }

    private static Band judge(
            VehicleState vehicle,
            VehiclePressures pressures,
            TireState state,
            TireAlerts past,
            Policy.ClassPolicy policy,
            double figure,
            Reading reading) {
        TireState alone = new TireState(
                state.position(),
                state.tire(),
                List.of(reading),
                past.after(new TireFact.Read(reading)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        TireContext one = new TireContext(vehicle, alone, state.tire().orElseThrow(), pressures, policy, reading.on());
        List<VerdictReason> said =
                new ArrayList<>(reading.pressure().isPresent() ? PressureCheck.check(one) : TreadCheck.check(one));
        return said.stream()
                .filter(verdictReason ->
                        ONE_FIGURE.contains(verdictReason.reason().rule()))
                .max(Comparator.comparing(VerdictReason::verdict))
                .map(worst -> new Band(
                        figure,
                        worst.verdict(),
                        Optional.of(worst.reason().rule()),
                        worst.reason().limit()))
                .orElse(new Band(figure, Verdict.GOOD, Optional.empty(), Message.of("")));
    }

    /**
     * From mark to mark, and between two that differ down to where it turns. Figures get better or worse one way only between
     * nothing, the target and the most there is, so these marks are enough. Every step goes forward on the lattice by one at
     * least, so the search ends whatever the target is.
     */
    private static List<Band> bands(DoubleFunction<Band> judge, List<Double> marks) {
        List<Band> bands = new ArrayList<>();
        Band last = judge.apply(0);
        bands.add(last);
        long at = 0;
        for (double mark : marks) {
            // A mark between two figures of the lattice is approached from both sides.
            for (long to : new long[] {(long) Math.floor(mark / FINENESS), (long) Math.ceil(mark / FINENESS)}) {
                while (at < to && !same(last, judge.apply(to * FINENESS))) {
                    at = turn(judge, last, at, to);
                    last = judge.apply(at * FINENESS);
                    bands.add(last);
                }
                at = Math.max(at, to);
            }
        }
        return List.copyOf(bands);
    }

    /** The first figure after {@code low} that means something else than before; {@code high} is known to. */
    private static long turn(DoubleFunction<Band> judge, Band before, long low, long high) {
        long from = low;
        long to = high;
        while (to - from > 1) {
            long middle = (from + to) / 2;
            if (same(before, judge.apply(middle * FINENESS))) {
                from = middle;
            } else {
                to = middle;
            }
        }
        return to;
    }

    private static boolean same(Band one, Band other) {
        return one.verdict() == other.verdict() && one.explanation().equals(other.explanation());
    }
}
