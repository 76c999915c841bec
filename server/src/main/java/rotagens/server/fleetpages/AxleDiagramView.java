package rotagens.server.fleetpages;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.RunFlat;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.fleet.VehicleAssessment;

/**
 * What the axle plan draws: axles from the front, and a mark for every tire. Shares run from 0 to 1, so that the page lays out
 * and computes nothing.
 */
record AxleDiagramView(List<AxleView> axles, int spares, List<TireMark> tires) {

    record AxleView(
            int number,
            AxleRole role,
            boolean dual,
            @Nullable String target) {}

    /**
     * One tire.
     *
     * @param headline the worst reason in a few words; null on a fit tire
     */
    record TireMark(
            String position,
            String name,
            Verdict verdict,
            @Nullable String headline,
            @Nullable TreadMark tread,
            @Nullable PressureMark pressure,
            @Nullable AgeMark age) {}

    /** Depths as shares of the model's original depth, or of 20/32 in where that isn't known. */
    record TreadMark(
            @Nullable Double outer,
            @Nullable Double center,
            @Nullable Double inner,
            double pull,
            String lowest) {}

    /** Shares of 1.25 times the target. */
    record PressureMark(
            @Nullable String read,
            @Nullable String target,
            @Nullable Double readShare,
            double targetShare,
            double lowShare,
            boolean off) {}

    /** Whole years are ticks; {@code limit} is the tick of the nearest age limit. */
    record AgeMark(double years, double limit, String made) {}

    private static final double DEEP_32NDS = 20;
    private static final double PRESSURE_SCALE = 1.25;

    static AxleDiagramView of(VehicleAssessment vehicleAssessment, Units units) {
        List<Axle> axles = vehicleAssessment.layout().axles();
        List<AxleView> axleViews = java.util.stream.IntStream.rangeClosed(1, axles.size())
                .mapToObj(number -> new AxleView(
                        number,
                        axles.get(number - 1).role(),
                        axles.get(number - 1).isDual(),
                        Optional.ofNullable(
                                        vehicleAssessment.pressures().axles().get(number))
                                .flatMap(answer -> answer.target().pressure())
                                .map(target -> target.format(units))
                                .orElse(null)))
                .toList();
        return new AxleDiagramView(
                axleViews,
                vehicleAssessment.layout().spares(),
                vehicleAssessment.judgements().entrySet().stream()
                        .map(one -> mark(vehicleAssessment, one.getKey(), one.getValue(), units))
                        .toList());
    }

    private static TireMark mark(
            VehicleAssessment vehicleAssessment, Position position, Assessment assessment, Units units) {
        TireState state = vehicleAssessment.state().at(position);
        Policy.ClassPolicy policy = vehicleAssessment.policyAt(position);
        return new TireMark(
                position.code(),
                vehicleAssessment.layout().nameOf(position),
                assessment.verdict(),
                assessment.reasons().stream()
                        .findFirst()
                        .map(verdictReason -> verdictReason.reason().statement().in(units))
                        .orElse(null),
                tread(vehicleAssessment, state, policy, units),
                pressure(vehicleAssessment, state, assessment, units),
                age(vehicleAssessment, state, policy));
    }

    private static TreadMark tread(
            VehicleAssessment vehicleAssessment, TireState state, Policy.ClassPolicy policy, Units units) {
        Optional<GrooveDepths> grooveDepths = state.tread().map(TireState.Dated::value);
        if (grooveDepths.isEmpty()) {
            return null;
        }
        double full = state.tire()
                .flatMap(tire -> tire.model().originalDepth())
                .map(TreadDepth::thirtySeconds)
                .orElse(DEEP_32NDS);
        TreadLimits limits = TreadLimits.at(vehicleAssessment.vehicle(), state.position(), policy);
        return new TreadMark(
                share(grooveDepths.get().outer(), full),
                share(grooveDepths.get().center(), full),
                share(grooveDepths.get().inner(), full),
                limits.pull().thirtySeconds() / full,
                grooveDepths.get().lowest().orElseThrow().format(units));
    }

    private static Double share(Optional<TreadDepth> depth, double full) {
        return depth.map(read -> Math.min(1, read.thirtySeconds() / full)).orElse(null);
    }

    private static PressureMark pressure(
            VehicleAssessment vehicleAssessment, TireState state, Assessment assessment, Units units) {
        Optional<Pressure> target = state.tire()
                .flatMap(tire ->
                        vehicleAssessment.target(state.position(), tire.model()).pressure());
        Optional<Pressure> read = state.lastCold().flatMap(Reading::pressure);
        if (target.isEmpty() && read.isEmpty()) {
            return null;
        }
        double scale = target.or(() -> read).orElseThrow().psi() * PRESSURE_SCALE;
        boolean off = assessment.reasons().stream()
                .anyMatch(verdictReason -> switch (verdictReason.reason().rule()) {
                    case RUN_FLAT, PRESSURE_MAXIMUM, PRESSURE_TARGET, PRESSURE_HOT, MINIMUM_FOR_LOAD -> true;
                    default -> false;
                });
        return new PressureMark(
                read.map(figure -> figure.format(units)).orElse(null),
                target.map(figure -> figure.format(units)).orElse(null),
                read.map(figure -> Math.min(1, figure.psi() / scale)).orElse(null),
                1 / PRESSURE_SCALE,
                RunFlat.SHARE / PRESSURE_SCALE,
                off);
    }

    private static AgeMark age(VehicleAssessment vehicleAssessment, TireState state, Policy.ClassPolicy policy) {
        return state.tire()
                .flatMap(tire -> tire.dotWeek())
                .map(made -> {
                    double limit = LimitDates.ageLimitYears(vehicleAssessment.vehicle(), state.position(), policy);
                    return new AgeMark(
                            Math.floor(made.ageYears(vehicleAssessment.today()) * 10) / 10, limit, made.marked());
                })
                .orElse(null);
    }
}
