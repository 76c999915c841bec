package rotagens.server.overview;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Judgement;
import rotagens.core.inspection.TireClocks;
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
import rotagens.core.wear.Tread;
import rotagens.server.fleet.Fleet.Standing;

/**
 * What the axle plan draws: axles from the front, and a mark for every tire. Shares run from 0 to 1, so that the page lays out
 * and computes nothing.
 */
record PlanView(List<AxleView> axles, int spares, List<TireMark> tires) {

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

    static PlanView of(Standing standing, Units units) {
        List<Axle> axles = standing.onFile().facts().layout().axles();
        List<AxleView> axleViews = java.util.stream.IntStream.rangeClosed(1, axles.size())
                .mapToObj(number -> new AxleView(
                        number,
                        axles.get(number - 1).role(),
                        axles.get(number - 1).dual(),
                        Optional.ofNullable(standing.pressures().axles().get(number))
                                .flatMap(answer -> answer.target().pressure())
                                .map(target -> target.in(units))
                                .orElse(null)))
                .toList();
        return new PlanView(
                axleViews,
                standing.onFile().facts().layout().spares(),
                standing.judgements().entrySet().stream()
                        .map(one -> mark(standing, one.getKey(), one.getValue(), units))
                        .toList());
    }

    private static TireMark mark(Standing standing, Position position, Judgement judgement, Units units) {
        TireState state = standing.state().at(position);
        Policy.ForClass policy = standing.policyAt(position);
        return new TireMark(
                position.code(),
                standing.onFile().facts().layout().nameOf(position),
                judgement.verdict(),
                judgement.reasons().stream()
                        .findFirst()
                        .map(judged -> judged.reason().says().in(units))
                        .orElse(null),
                tread(standing, state, policy, units),
                pressure(standing, state, judgement, units),
                age(standing, state, policy));
    }

    private static TreadMark tread(Standing standing, TireState state, Policy.ForClass policy, Units units) {
        Optional<Tread> tread = state.tread().map(TireState.Dated::value);
        if (tread.isEmpty()) {
            return null;
        }
        double full = state.tire()
                .flatMap(tire -> tire.model().originalDepth())
                .map(TreadDepth::thirtySeconds)
                .orElse(DEEP_32NDS);
        TreadLimits limits = TreadLimits.at(standing.onFile().facts(), state.position(), policy);
        return new TreadMark(
                share(tread.get().outer(), full),
                share(tread.get().center(), full),
                share(tread.get().inner(), full),
                limits.pull().thirtySeconds() / full,
                tread.get().lowest().orElseThrow().in(units));
    }

    private static Double share(Optional<TreadDepth> depth, double full) {
        return depth.map(read -> Math.min(1, read.thirtySeconds() / full)).orElse(null);
    }

    private static PressureMark pressure(Standing standing, TireState state, Judgement judgement, Units units) {
        Optional<Pressure> target = state.tire()
                .flatMap(tire -> standing.target(state.position(), tire.model()).pressure());
        Optional<Pressure> read = state.lastCold().flatMap(Reading::pressure);
        if (target.isEmpty() && read.isEmpty()) {
            return null;
        }
        double scale = target.or(() -> read).orElseThrow().psi() * PRESSURE_SCALE;
        boolean off = judgement.reasons().stream()
                .anyMatch(judged -> switch (judged.reason().rule()) {
                    case RUN_FLAT, PRESSURE_MAXIMUM, PRESSURE_TARGET, PRESSURE_HOT, PRESSURE_NEED -> true;
                    default -> false;
                });
        return new PressureMark(
                read.map(figure -> figure.in(units)).orElse(null),
                target.map(figure -> figure.in(units)).orElse(null),
                read.map(figure -> Math.min(1, figure.psi() / scale)).orElse(null),
                1 / PRESSURE_SCALE,
                RunFlat.SHARE / PRESSURE_SCALE,
                off);
    }

    private static AgeMark age(Standing standing, TireState state, Policy.ForClass policy) {
        return state.tire()
                .flatMap(tire -> tire.made())
                .map(made -> {
                    double limit = TireClocks.ageLimitYears(standing.onFile().facts(), state.position(), policy);
                    return new AgeMark(Math.floor(made.ageYears(standing.today()) * 10) / 10, limit, made.stamped());
                })
                .orElse(null);
    }
}
