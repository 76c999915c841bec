package rotagens.server.walkaround;

import static rotagens.server.walkaround.WalkaroundWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.fact.Finding.ClearedBy;
import rotagens.core.fact.Reading;
import rotagens.core.fact.TireFact;
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.FactIntake;
import rotagens.core.inspection.PlausibilityCheck;
import rotagens.core.inspection.ProvisionalLimits;
import rotagens.core.inspection.TireAssessor;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.inspection.VehicleState;
import rotagens.core.inspection.WalkAroundScope;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.AssessmentView;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.photos.Photos;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.walkaround.WalkAroundStore.EntryValues;
import rotagens.server.walkaround.WalkAroundStore.OpenWalkAround;
import rotagens.server.walkaround.WalkAroundStore.Stored;
import rotagens.server.walkaround.WalkAroundViews.BandView;
import rotagens.server.walkaround.WalkAroundViews.Bands;
import rotagens.server.walkaround.WalkAroundViews.Facing;
import rotagens.server.walkaround.WalkAroundViews.OpenFindingView;
import rotagens.server.walkaround.WalkAroundViews.PhotoView;
import rotagens.server.walkaround.WalkAroundViews.PlausibleValuesView;
import rotagens.server.walkaround.WalkAroundViews.RestVerdictView;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundEntryView;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundStopView;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundView;

/** How a walk-around looks: every stop with what is known, what is entered, and what the rules say of both together. */
@Component
class WalkAroundPages {

    private final WalkAroundStore store;
    private final Photos photos;

    WalkAroundPages(WalkAroundStore store, Photos photos) {
        this.store = store;
        this.photos = photos;
    }

    /** A walk-around as it stands. */
    WalkAroundView view(OpenWalkAround openWalkAround, VehicleAssessment vehicleAssessment, Units units) {
        Map<Long, Stored> entries = store.entries(openWalkAround.id());
        Map<Long, List<PhotoView>> taken = photos.ofWalkAround(openWalkAround.id()).stream()
                .collect(Collectors.groupingBy(
                        Photos.Photo::placeId, Collectors.mapping(WalkAroundPages::view, Collectors.toList())));
        VehicleState state = openWalkAround.finishedAt() == null
                ? withEntries(vehicleAssessment, entries)
                : vehicleAssessment.state();
        List<WalkAroundStopView> walkAroundStopViews = vehicleAssessment.layout().walkAroundOrder().stream()
                .map(position ->
                        stop(vehicleAssessment, state, position, entries, taken, openWalkAround.scope(), units))
                .toList();
        return new WalkAroundView(
                openWalkAround.id(),
                openWalkAround.vehicleId(),
                openWalkAround.scope(),
                openWalkAround.scope().title(),
                openWalkAround.scope().requires(WalkAroundScope.RequiredReading.TREAD),
                vehicleAssessment.unit(),
                vehicleAssessment.onFile().description(),
                openWalkAround.startedAt(),
                openWalkAround.person(),
                openWalkAround.finishedAt(),
                vehicleAssessment
                        .onFile()
                        .odometer()
                        .map(last -> last.reading().format(units))
                        .orElse(null),
                vehicleAssessment.today(),
                walkAroundStopViews);
    }

    static PhotoView view(Photos.Photo photo) {
        return new PhotoView(photo.id(), photo.width(), photo.height(), photo.at(), photo.by());
    }

    private WalkAroundStopView stop(
            VehicleAssessment vehicleAssessment,
            VehicleState state,
            Position position,
            Map<Long, Stored> entries,
            Map<Long, List<PhotoView>> taken,
            WalkAroundScope scope,
            Units units) {
        long placeId = vehicleAssessment.placeId(position);
        Stored stored = entries.get(placeId);
        Optional<InstalledTire> installedTire =
                Optional.ofNullable(vehicleAssessment.fitted().get(position));
        TireState before = vehicleAssessment.state().at(position);
        TreadLimits limits = TreadLimits.at(state.vehicle(), position, vehicleAssessment.policyAt(position));
        Assessment assessment = judge(state, position, vehicleAssessment);
        return new WalkAroundStopView(
                position.code(),
                state.vehicle().layout().nameOf(position),
                installedTire.map(here -> here.tire().model().title()).orElse(null),
                installedTire.map(here -> here.tire().model().size().molded()).orElse(null),
                installedTire
                        .flatMap(here -> here.tire().dotWeek())
                        .map(made -> made.marked())
                        .orElse(null),
                installedTire
                        .flatMap(here -> vehicleAssessment
                                .target(position, here.tire().model())
                                .pressure())
                        .map(target -> target.format(units))
                        .orElse(null),
                limits.legal().format(units),
                limits.pull().format(units),
                before.lastCold()
                        .flatMap(Reading::pressure)
                        .map(read -> read.format(units))
                        .orElse(null),
                before.tread()
                        .flatMap(known -> known.value().lowest())
                        .map(low -> low.format(units))
                        .orElse(null),
                before.lastCold().map(Reading::on).orElse(null),
                before.open().stream()
                        .map(open -> new OpenFindingView(
                                open.finding(),
                                open.label(),
                                open.on(),
                                open.by(),
                                open.finding().clearedBy() == ClearedBy.FIXED))
                        .toList(),
                stored == null ? null : entry(stored),
                installedTire.isEmpty() ? null : missing(scope, stored).orElse(null),
                taken.getOrDefault(placeId, List.of()),
                vehicleAssessment.judgements().get(position).verdict(),
                AssessmentView.of(assessment, units),
                bands(
                        ProvisionalLimits.at(
                                vehicleAssessment.state(),
                                vehicleAssessment.pressures(),
                                position,
                                vehicleAssessment.policy(),
                                vehicleAssessment.today()),
                        units),
                installedTire.isEmpty() ? null : asks(PlausibilityCheck.near(before), units));
    }

    private static PlausibleValuesView asks(PlausibilityCheck.Near near, Units units) {
        Function<Optional<Double>, Double> pressure = psi ->
                psi.map(one -> Pressure.psi(one).formatWithoutUnit(units)).orElse(null);
        Function<PlausibilityCheck.CheckedValue, Double> depth =
                groove -> Optional.ofNullable(near.deepest().get(groove))
                        .map(one -> TreadDepth.of32nds(one).formatWithoutUnit(units))
                        .orElse(null);
        return new PlausibleValuesView(
                pressure.apply(near.cold().min()),
                pressure.apply(near.cold().max()),
                pressure.apply(near.hot().min()),
                pressure.apply(near.hot().max()),
                depth.apply(PlausibilityCheck.CheckedValue.OUTER),
                depth.apply(PlausibilityCheck.CheckedValue.CENTER),
                depth.apply(PlausibilityCheck.CheckedValue.INNER),
                near.last().in(units));
    }

    /** What a position with a tire lacks for a scope; empty where it has all, or a reason stands in its place. */
    static Optional<String> missing(WalkAroundScope scope, Stored stored) {
        if (stored == null) {
            return Optional.of(WORDS.say("nothingEntered"));
        }
        EntryValues entryValues = stored.figures();
        return entryValues.skipReason().isEmpty()
                ? scope.missingReadings(
                        entryValues.pressure(),
                        entryValues.tread(),
                        entryValues.look().treadInterval())
                : Optional.empty();
    }

    private static Bands bands(ProvisionalLimits provisionalLimits, Units units) {
        DoubleUnaryOperator pressure = psi -> Pressure.psi(psi).formatWithoutUnit(units);
        DoubleUnaryOperator depth =
                thirtySeconds -> TreadDepth.of32nds(thirtySeconds).formatWithoutUnit(units);
        return new Bands(
                bands(provisionalLimits.cold(), pressure, units),
                bands(provisionalLimits.hot(), pressure, units),
                bands(provisionalLimits.tread(), depth, units),
                restVerdict(provisionalLimits.rest(), units),
                restVerdict(provisionalLimits.untilCold(), units),
                restVerdict(provisionalLimits.untilTread(), units));
    }

    private static RestVerdictView restVerdict(ProvisionalLimits.RestVerdict restVerdict, Units units) {
        return new RestVerdictView(
                restVerdict.verdict(),
                restVerdict
                        .explanation()
                        .map(reason -> reason.statement().in(units))
                        .orElse(""));
    }

    private static List<BandView> bands(List<ProvisionalLimits.Band> bands, DoubleUnaryOperator figure, Units units) {
        return bands.stream()
                .map(band -> new BandView(
                        figure.applyAsDouble(band.from()),
                        band.verdict(),
                        band.explanation()
                                .map(rule -> rule.title() + ": " + band.limit().in(units))
                                .orElse("")))
                .toList();
    }

    static WalkAroundEntryView entry(Stored stored) {
        EntryValues entryValues = stored.figures();
        return new WalkAroundEntryView(
                stored.version(),
                stored.person(),
                stored.savedAt(),
                entryValues.pressure().map(Pressure::asEntered).orElse(""),
                entryValues.thermalState(),
                entryValues.tread().outer().map(TreadDepth::asEntered).orElse(""),
                entryValues.tread().center().map(TreadDepth::asEntered).orElse(""),
                entryValues.tread().inner().map(TreadDepth::asEntered).orElse(""),
                entryValues
                        .grid()
                        .map(read -> read.locations().stream()
                                .map(place -> place.stream()
                                        .map(TreadDepth::asEntered)
                                        .toList())
                                .toList())
                        .orElse(List.of()),
                entryValues.look().treadInterval().orElse(null),
                entryValues
                        .look()
                        .dotOutward()
                        .map(outward -> outward ? Facing.OUT : Facing.IN)
                        .orElse(null),
                entryValues.findings(),
                entryValues.innerSidewallFindings(),
                entryValues.fixed(),
                entryValues.look().pressureGauge(),
                entryValues.look().treadGauge(),
                entryValues.skipReason(),
                entryValues.dotCode(),
                entryValues.confirmed());
    }

    static Assessment judge(VehicleState state, Position position, VehicleAssessment vehicleAssessment) {
        return TireAssessor.judge(state, position, vehicleAssessment.policy(), vehicleAssessment.today());
    }

    /** The vehicle as if the drafts were already history. */
    static VehicleState withEntries(VehicleAssessment vehicleAssessment, Map<Long, Stored> entries) {
        VehicleState state = vehicleAssessment.state();
        for (Position position : vehicleAssessment.layout().positions()) {
            Stored entry = entries.get(vehicleAssessment.placeId(position));
            if (entry == null || state.at(position).tire().isEmpty()) {
                continue;
            }
            state = FactIntake.withEntered(
                    state,
                    position,
                    facts(entry, vehicleAssessment.today()),
                    vehicleAssessment.policy(),
                    vehicleAssessment.today());
        }
        return state;
    }

    private static List<TireFact> facts(Stored entry, LocalDate today) {
        EntryValues entryValues = entry.figures();
        List<TireFact> facts = new ArrayList<>();
        facts.add(new TireFact.Read(reading(today, entry.person(), entryValues)));
        entryValues
                .found()
                .forEach(one -> facts.add(new TireFact.Found(one.finding(), one.sidewall(), today, entry.person())));
        entryValues.fixed().forEach(one -> facts.add(new TireFact.Fixed(one, today, entry.person(), "")));
        return facts;
    }

    /** What was read at one position, as core takes it. */
    static Reading reading(LocalDate on, String by, EntryValues entryValues) {
        return new Reading(
                on,
                by,
                Optional.empty(),
                entryValues.pressure(),
                entryValues.thermalState(),
                entryValues.tread(),
                Optional.empty(),
                false,
                entryValues.look().treadInterval(),
                entryValues.look().dotOutward(),
                entryValues.grid(),
                Optional.empty());
    }
}
