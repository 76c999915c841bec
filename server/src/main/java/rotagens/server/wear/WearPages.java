package rotagens.server.wear;

import static rotagens.server.wear.WearWords.WORDS;

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
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.inspection.VehicleEvents;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Message;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.WearPattern;
import rotagens.core.wear.WearRate;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.vehicleevent.VehicleEventStore;

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
            @Nullable TreadSection section,
            List<WearPoint> history,
            List<CauseView> causes,
            @Nullable String conflict,
            List<String> unknown,
            @Nullable ForecastView forecast) {}

    /** @param toMend whether there is a cause to mend, not only something to watch */
    record PatternView(
            WearPattern.Shape shape, String label, @Nullable String second, String action, boolean toCorrect) {}

    /** Depths and limits in 32nds for the drawing, and in words. */
    record TreadSection(
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

    record CauseView(String cause, String firstCheck, List<String> evidenceFor, List<String> evidenceAgainst) {}

    /**
     * When the tread reaches its limits.
     *
     * @param limiting the earliest clock in words, whichever it is
     * @param ahead where the line and its fan end, for the drawing; null where the readings don't tell
     */
    record ForecastView(
            @Nullable String rate,
            @Nullable DepthForecastView ahead,
            @Nullable String pull,
            @Nullable String legal,
            @Nullable String nextLimit,
            @Nullable LocalDate nextLimitDate) {}

    /** The end of the line ahead: miles on the odometer, and depths in 32nds. */
    record DepthForecastView(double miles, double likely, double min, double max) {}

    record EventView(VehicleEvents.Type type, String label, LocalDate on, String note, String by, String corner) {}

    record ReportView(
            long id,
            VehicleEvents.Symptom symptom,
            String label,
            String corner,
            String note,
            String reporter,
            Instant at,
            VehicleEventStore.State status,
            @Nullable String reviewedBy,
            String reviewNote) {}

    private static final double DEEP_32NDS = 20;

    private final FleetCache fleet;
    private final VehicleEventStore history;

    WearPages(FleetCache fleet, VehicleEventStore history) {
        this.fleet = fleet;
        this.history = history;
    }

    @Transactional(readOnly = true)
    public WearPage page(long vehicleId, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        VehicleEvents events = history.of(vehicleId);
        return new WearPage(
                vehicleAssessment.today(),
                vehicleAssessment.layout().walkAroundOrder().stream()
                        .filter(vehicleAssessment.fitted()::containsKey)
                        .map(position -> tire(vehicleAssessment, position, events, units))
                        .toList(),
                history.happened(vehicleId).stream()
                        .map(one -> new EventView(
                                one.type(), one.type().label(), one.on(), one.note(), one.by(), one.corner()))
                        .toList(),
                history.reports(vehicleId).stream().map(WearPages::view).toList());
    }

    static ReportView view(VehicleEventStore.Reported one) {
        return new ReportView(
                one.id(),
                one.symptom(),
                one.symptom().label(),
                one.corner(),
                one.note(),
                one.reporter(),
                one.at(),
                one.state(),
                one.reviewedBy().orElse(null),
                one.reviewNote());
    }

    private static TireWear tire(
            VehicleAssessment vehicleAssessment, Position position, VehicleEvents events, Units units) {
        TireState state = vehicleAssessment.state().at(position);
        TreadLimits limits =
                TreadLimits.at(vehicleAssessment.vehicle(), position, vehicleAssessment.policyAt(position));
        Optional<Diagnosis> diagnosis = Diagnosis.of(
                vehicleAssessment.state(), position, events, vehicleAssessment.policy(), vehicleAssessment.today());
        return new TireWear(
                position.code(),
                vehicleAssessment.layout().nameOf(position),
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
                                        cause.cause().label(),
                                        cause.cause().firstCheck(),
                                        in(cause.evidenceFor(), units),
                                        in(cause.evidenceAgainst(), units)))
                                .toList())
                        .orElse(List.of()),
                diagnosis.flatMap(Diagnosis::conflict).orElse(null),
                diagnosis.map(Diagnosis::unknown).orElse(List.of()),
                forecast(vehicleAssessment, position, state, limits, units));
    }

    private static List<String> in(List<Message> messages, Units units) {
        return messages.stream().map(message -> message.in(units)).toList();
    }

    private static PatternView view(WearPattern pattern) {
        return new PatternView(
                pattern.shape(),
                pattern.shape().label(),
                pattern.second().map(WearPattern.Shape::label).orElse(null),
                pattern.shape().action(),
                pattern.shape().hasCauseToCorrect());
    }

    private static TreadSection section(TireState state, TreadLimits limits, Units units) {
        return state.completeTread()
                .map(known -> {
                    GrooveDepths grooveDepths = known.value();
                    double full = state.tire()
                            .flatMap(tire -> tire.model().originalDepth())
                            .map(TreadDepth::thirtySeconds)
                            .orElse(DEEP_32NDS);
                    TreadDepth outer = grooveDepths.outer().orElseThrow();
                    TreadDepth center = grooveDepths.center().orElseThrow();
                    TreadDepth inner = grooveDepths.inner().orElseThrow();
                    return new TreadSection(
                            known.on(),
                            outer.thirtySeconds(),
                            center.thirtySeconds(),
                            inner.thirtySeconds(),
                            outer.format(units),
                            center.format(units),
                            inner.format(units),
                            limits.legal().thirtySeconds(),
                            limits.pull().thirtySeconds(),
                            full,
                            limits.legal().format(units),
                            limits.pull().format(units),
                            grooveDepths
                                    .lowestAnywhere()
                                    .map(low -> low.format(units))
                                    .orElse(null));
                })
                .orElse(null);
    }

    private static WearPoint point(Reading reading, Units units) {
        GrooveDepths grooveDepths = reading.tread();
        return new WearPoint(
                reading.on(),
                grooveDepths.outer().map(depth -> depth.format(units)).orElse(null),
                grooveDepths.center().map(depth -> depth.format(units)).orElse(null),
                grooveDepths.inner().map(depth -> depth.format(units)).orElse(null),
                grooveDepths.lowest().map(TreadDepth::thirtySeconds).orElse(null),
                reading.odometer().map(Distance::miles).orElse(null));
    }

    /** The newest reading that has both, where the line ahead begins. */
    private static Optional<WearRate.DepthReading> newest(TireState state) {
        return state.readings().stream()
                .filter(reading ->
                        reading.odometer().isPresent() && !reading.tread().isEmpty())
                .findFirst()
                .map(reading -> new WearRate.DepthReading(
                        reading.odometer().get().miles(),
                        reading.tread().lowest().orElseThrow().thirtySeconds()));
    }

    private static ForecastView forecast(
            VehicleAssessment vehicleAssessment, Position position, TireState state, TreadLimits limits, Units units) {
        Optional<WearRate> rate = state.wearRate();
        var milesPerDay = vehicleAssessment.vehicle().milesPerDay();
        Optional<LimitDates.LimitDate> first = LimitDates.nextLimit(
                vehicleAssessment.state(), state, vehicleAssessment.policyAt(position), vehicleAssessment.today());
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
                rate.map(one -> one.label(units)).orElse(null),
                rate.flatMap(one -> newest(state)
                                .map(from -> one.forecast(from, limits.legal().thirtySeconds())))
                        .map(end -> new DepthForecastView(end.miles(), end.likely(), end.min(), end.max()))
                        .orElse(null),
                reach.isEmpty() ? null : reach.get(0),
                reach.isEmpty() ? null : reach.get(1),
                first.map(limitDate -> limitDate.reason().rule().title() + ": "
                                + limitDate.reason().statement().in(units))
                        .orElse(null),
                first.map(LimitDates.LimitDate::date).orElse(null));
    }

    private static String reach(
            WearRate rate, double from, TreadDepth to, double milesPerDay, LocalDate since, Units units) {
        if (from <= to.thirtySeconds()) {
            return WORDS.say("reached");
        }
        WearRate.ReachDates reachDates = rate.reachDates(from, to.thirtySeconds(), milesPerDay, since);
        double miles = (from - to.thirtySeconds()) / rate.perMile();
        return WORDS.message(
                                "about",
                                "miles",
                                Distance.miles(Math.rint(miles / 100) * 100),
                                "likely",
                                reachDates.likely())
                        .in(units)
                + reachDates
                        .latest()
                        .map(latest -> WORDS.message("to", "earliest", reachDates.earliest(), "latest", latest)
                                .in(units))
                        .orElse(WORDS.message("atTheEarliest", "earliest", reachDates.earliest())
                                .in(units));
    }
}
