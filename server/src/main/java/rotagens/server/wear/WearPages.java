package rotagens.server.wear;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Reading;
import rotagens.core.inspection.Diagnosis;
import rotagens.core.inspection.TireClocks;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.inspection.VehicleEvents;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.Tread;
import rotagens.core.wear.WearPattern;
import rotagens.core.wear.WearRate;
import rotagens.server.events.VehicleHistory;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;

/** What the treads of a vehicle say, and why. */
@Service
class WearPages {

    /** The page. */
    record WearPage(LocalDate today, List<TireWear> tires, List<EventView> events, List<ReportView> reports) {}

    /**
     * One tire.
     *
     * @param pattern null where nothing tells: a groove unmeasured and no sign seen
     * @param section its newest whole reading, for the drawing
     */
    record TireWear(
            String position,
            String name,
            String tire,
            @Nullable PatternView pattern,
            @Nullable Section section,
            List<WearPoint> history,
            List<CauseView> causes,
            @Nullable String conflict,
            List<String> unknown,
            @Nullable ForecastView forecast) {}

    /** @param toMend whether there is a cause to mend, not only something to watch */
    record PatternView(
            WearPattern.Shape shape, String words, @Nullable String second, String action, boolean toMend) {}

    /** Depths and limits in 32nds for the drawing, and in words. */
    record Section(
            LocalDate on,
            double outer,
            double center,
            double inner,
            String outerWords,
            String centerWords,
            String innerWords,
            double legal,
            double pull,
            double full,
            String legalWords,
            String pullWords,
            @Nullable String lowest) {}

    record WearPoint(
            LocalDate on,
            @Nullable String outer,
            @Nullable String center,
            @Nullable String inner,
            @Nullable Double lowest,
            @Nullable Double miles) {}

    record CauseView(String cause, String firstCheck, List<String> supports, List<String> against) {}

    /**
     * When the tread reaches its limits.
     *
     * @param limiting the earliest clock in words, whichever it is
     * @param ahead where the line and its fan end, for the drawing; null where the readings don't tell
     */
    record ForecastView(
            @Nullable String rate,
            @Nullable AheadView ahead,
            @Nullable String pull,
            @Nullable String legal,
            @Nullable String limiting,
            @Nullable LocalDate limitingOn) {}

    /** The end of the line ahead: miles on the odometer, and depths in 32nds. */
    record AheadView(double miles, double likely, double least, double most) {}

    record EventView(VehicleEvents.Kind kind, String words, LocalDate on, String note, String by, String corner) {}

    record ReportView(
            long id,
            VehicleEvents.Symptom symptom,
            String words,
            String corner,
            String note,
            String reporter,
            Instant at,
            VehicleHistory.State state,
            @Nullable String reviewedBy,
            String reviewNote) {}

    private static final double DEEP_32NDS = 20;

    private final Fleet fleet;
    private final VehicleHistory history;

    WearPages(Fleet fleet, VehicleHistory history) {
        this.fleet = fleet;
        this.history = history;
    }

    @Transactional(readOnly = true)
    public WearPage page(long vehicleId, Units units) {
        Standing standing = fleet.get(vehicleId);
        VehicleEvents events = history.of(vehicleId);
        return new WearPage(
                standing.today(),
                standing.onFile().facts().layout().walkRound().stream()
                        .filter(standing.fitted()::containsKey)
                        .map(position -> tire(standing, position, events, units))
                        .toList(),
                history.happened(vehicleId).stream()
                        .map(one -> new EventView(
                                one.kind(), one.kind().words(), one.on(), one.note(), one.by(), one.corner()))
                        .toList(),
                history.reports(vehicleId).stream().map(WearPages::view).toList());
    }

    static ReportView view(VehicleHistory.Reported one) {
        return new ReportView(
                one.id(),
                one.symptom(),
                one.symptom().words(),
                one.corner(),
                one.note(),
                one.reporter(),
                one.at(),
                one.state(),
                one.reviewedBy().orElse(null),
                one.reviewNote());
    }

    private static TireWear tire(Standing standing, Position position, VehicleEvents events, Units units) {
        TireState state = standing.state().at(position);
        TreadLimits limits = TreadLimits.at(standing.onFile().facts(), position, standing.policyAt(position));
        Optional<Diagnosis> diagnosis =
                Diagnosis.of(standing.state(), position, events, standing.policy(), standing.today());
        return new TireWear(
                position.code(),
                standing.onFile().facts().layout().nameOf(position),
                state.tire().orElseThrow().model().title(),
                diagnosis.map(one -> view(one.pattern())).orElse(null),
                section(state, limits, units),
                state.readings().stream()
                        .filter(reading -> !reading.tread().isEmpty())
                        .map(reading -> point(reading, units))
                        .toList(),
                diagnosis
                        .map(one -> one.causes().stream()
                                .map(cause -> new CauseView(
                                        cause.cause().words(),
                                        cause.cause().firstCheck(),
                                        in(cause.supports(), units),
                                        in(cause.against(), units)))
                                .toList())
                        .orElse(List.of()),
                diagnosis.flatMap(Diagnosis::conflict).orElse(null),
                diagnosis.map(Diagnosis::unknown).orElse(List.of()),
                forecast(standing, position, state, limits, units));
    }

    private static List<String> in(List<Phrase> phrases, Units units) {
        return phrases.stream().map(phrase -> phrase.in(units)).toList();
    }

    private static PatternView view(WearPattern pattern) {
        return new PatternView(
                pattern.shape(),
                pattern.shape().words(),
                pattern.second().map(WearPattern.Shape::words).orElse(null),
                pattern.shape().action(),
                pattern.shape().hasCauseToMend());
    }

    private static Section section(TireState state, TreadLimits limits, Units units) {
        return state.completeTread()
                .map(known -> {
                    Tread tread = known.value();
                    double full = state.tire()
                            .flatMap(tire -> tire.model().originalDepth())
                            .map(TreadDepth::thirtySeconds)
                            .orElse(DEEP_32NDS);
                    TreadDepth outer = tread.outer().orElseThrow();
                    TreadDepth center = tread.center().orElseThrow();
                    TreadDepth inner = tread.inner().orElseThrow();
                    return new Section(
                            known.on(),
                            outer.thirtySeconds(),
                            center.thirtySeconds(),
                            inner.thirtySeconds(),
                            outer.in(units),
                            center.in(units),
                            inner.in(units),
                            limits.legal().thirtySeconds(),
                            limits.pull().thirtySeconds(),
                            full,
                            limits.legal().in(units),
                            limits.pull().in(units),
                            tread.lowestAnywhere().map(low -> low.in(units)).orElse(null));
                })
                .orElse(null);
    }

    private static WearPoint point(Reading reading, Units units) {
        Tread tread = reading.tread();
        return new WearPoint(
                reading.on(),
                tread.outer().map(depth -> depth.in(units)).orElse(null),
                tread.center().map(depth -> depth.in(units)).orElse(null),
                tread.inner().map(depth -> depth.in(units)).orElse(null),
                tread.lowest().map(TreadDepth::thirtySeconds).orElse(null),
                reading.odometer().map(Distance::miles).orElse(null));
    }

    /** The newest reading that has both, where the line ahead begins. */
    private static Optional<WearRate.Point> newest(TireState state) {
        return state.readings().stream()
                .filter(reading ->
                        reading.odometer().isPresent() && !reading.tread().isEmpty())
                .findFirst()
                .map(reading -> new WearRate.Point(
                        reading.odometer().get().miles(),
                        reading.tread().lowest().orElseThrow().thirtySeconds()));
    }

    private static ForecastView forecast(
            Standing standing, Position position, TireState state, TreadLimits limits, Units units) {
        Optional<WearRate> rate = state.wearRate();
        var milesPerDay = standing.onFile().facts().milesPerDay();
        Optional<TireClocks.Clock> first =
                TireClocks.limiting(standing.state(), state, standing.policyAt(position), standing.today());
        List<String> reach = new ArrayList<>();
        if (rate.isPresent()
                && milesPerDay.isPresent()
                && milesPerDay.getAsDouble() > 0
                && state.tread().isPresent()) {
            double lowest = state.tread().get().value().lowest().orElseThrow().thirtySeconds();
            for (TreadDepth limit : List.of(limits.pull(), limits.legal())) {
                reach.add(reach(
                        rate.get(),
                        lowest,
                        limit,
                        milesPerDay.getAsDouble(),
                        state.tread().get().on(),
                        units));
            }
        }
        return new ForecastView(
                rate.map(one -> one.words(units)).orElse(null),
                rate.flatMap(one -> newest(state)
                                .map(from -> one.ahead(from, limits.legal().thirtySeconds())))
                        .map(end -> new AheadView(end.miles(), end.likely(), end.least(), end.most()))
                        .orElse(null),
                reach.isEmpty() ? null : reach.get(0),
                reach.isEmpty() ? null : reach.get(1),
                first.map(clock -> clock.reason().rule().title() + ": "
                                + clock.reason().says().in(units))
                        .orElse(null),
                first.map(TireClocks.Clock::date).orElse(null));
    }

    private static String reach(
            WearRate rate, double from, TreadDepth to, double milesPerDay, LocalDate since, Units units) {
        if (from <= to.thirtySeconds()) {
            return "reached";
        }
        WearRate.Reach reach = rate.reach(from, to.thirtySeconds(), milesPerDay, since);
        double miles = (from - to.thirtySeconds()) / rate.perMile();
        return Phrase.of("{}, about {}", Distance.miles(Math.rint(miles / 100) * 100), reach.likely())
                        .in(units)
                + reach.latest()
                        .map(latest -> Phrase.of(" ({} to {})", reach.earliest(), latest)
                                .in(units))
                        .orElse(Phrase.of(" ({} at the earliest)", reach.earliest())
                                .in(units));
    }
}
