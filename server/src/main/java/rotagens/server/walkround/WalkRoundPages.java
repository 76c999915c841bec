package rotagens.server.walkround;

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
import rotagens.core.inspection.FactIntake;
import rotagens.core.inspection.Judgement;
import rotagens.core.inspection.Provisional;
import rotagens.core.inspection.TireJudge;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.inspection.Unusual;
import rotagens.core.inspection.VehicleState;
import rotagens.core.inspection.WalkScope;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.JudgementView;
import rotagens.server.photos.Photos;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.walkround.WalkRoundStore.Figures;
import rotagens.server.walkround.WalkRoundStore.Stored;
import rotagens.server.walkround.WalkRoundStore.Walk;
import rotagens.server.walkround.WalkRoundViews.Asks;
import rotagens.server.walkround.WalkRoundViews.BandView;
import rotagens.server.walkround.WalkRoundViews.Bands;
import rotagens.server.walkround.WalkRoundViews.Entry;
import rotagens.server.walkround.WalkRoundViews.Facing;
import rotagens.server.walkround.WalkRoundViews.Open;
import rotagens.server.walkround.WalkRoundViews.PhotoView;
import rotagens.server.walkround.WalkRoundViews.StandingView;
import rotagens.server.walkround.WalkRoundViews.Stop;
import rotagens.server.walkround.WalkRoundViews.WalkRound;

/** How a walk-round looks: every stop with what is known, what is entered, and what the rules say of both together. */
@Component
class WalkRoundPages {

    private final WalkRoundStore store;
    private final Photos photos;

    WalkRoundPages(WalkRoundStore store, Photos photos) {
        this.store = store;
        this.photos = photos;
    }

    /** A walk-round as it stands. */
    WalkRound view(Walk walk, Standing standing, Units units) {
        Map<Long, Stored> entries = store.entries(walk.id());
        Map<Long, List<PhotoView>> taken = photos.ofWalkRound(walk.id()).stream()
                .collect(Collectors.groupingBy(
                        Photos.Photo::placeId, Collectors.mapping(WalkRoundPages::view, Collectors.toList())));
        VehicleState state = walk.finishedAt() == null ? withEntries(standing, entries) : standing.state();
        List<Stop> stops = standing.onFile().facts().layout().walkRound().stream()
                .map(position -> stop(standing, state, position, entries, taken, walk.scope(), units))
                .toList();
        return new WalkRound(
                walk.id(),
                walk.vehicleId(),
                walk.scope(),
                walk.scope().title(),
                walk.scope().asks(WalkScope.Part.TREAD),
                standing.onFile().facts().unit(),
                standing.onFile().description(),
                walk.startedAt(),
                walk.person(),
                walk.finishedAt(),
                standing.onFile()
                        .odometer()
                        .map(last -> last.reading().in(units))
                        .orElse(null),
                standing.today(),
                stops);
    }

    static PhotoView view(Photos.Photo photo) {
        return new PhotoView(photo.id(), photo.width(), photo.height(), photo.at(), photo.by());
    }

    private Stop stop(
            Standing standing,
            VehicleState state,
            Position position,
            Map<Long, Stored> entries,
            Map<Long, List<PhotoView>> taken,
            WalkScope scope,
            Units units) {
        long placeId = standing.placeId(position);
        Stored stored = entries.get(placeId);
        Optional<Fitted> fitted = Optional.ofNullable(standing.fitted().get(position));
        TireState before = standing.state().at(position);
        TreadLimits limits = TreadLimits.at(state.vehicle(), position, standing.policyAt(position));
        Judgement judgement = judge(state, position, standing);
        return new Stop(
                position.code(),
                state.vehicle().layout().nameOf(position),
                fitted.map(here -> here.tire().model().title()).orElse(null),
                fitted.map(here -> here.tire().model().size().molded()).orElse(null),
                fitted.flatMap(here -> here.tire().made())
                        .map(made -> made.stamped())
                        .orElse(null),
                fitted.flatMap(here ->
                                standing.target(position, here.tire().model()).pressure())
                        .map(target -> target.in(units))
                        .orElse(null),
                limits.legal().in(units),
                limits.pull().in(units),
                before.lastCold()
                        .flatMap(Reading::pressure)
                        .map(read -> read.in(units))
                        .orElse(null),
                before.tread()
                        .flatMap(known -> known.value().lowest())
                        .map(low -> low.in(units))
                        .orElse(null),
                before.lastCold().map(Reading::on).orElse(null),
                before.open().stream()
                        .map(open -> new Open(
                                open.finding(),
                                open.words(),
                                open.on(),
                                open.by(),
                                open.finding().clearedBy() == ClearedBy.PUT_RIGHT))
                        .toList(),
                stored == null ? null : entry(stored),
                fitted.isEmpty() ? null : missing(scope, stored).orElse(null),
                taken.getOrDefault(placeId, List.of()),
                standing.judgements().get(position).verdict(),
                JudgementView.of(judgement, units),
                bands(
                        Provisional.at(
                                standing.state(), standing.pressures(), position, standing.policy(), standing.today()),
                        units),
                fitted.isEmpty() ? null : asks(Unusual.near(before), units));
    }

    private static Asks asks(Unusual.Near near, Units units) {
        Function<Optional<Double>, Double> pressure =
                psi -> psi.map(one -> Pressure.psi(one).bare(units)).orElse(null);
        Function<Unusual.Figure, Double> depth =
                groove -> Optional.ofNullable(near.deepest().get(groove))
                        .map(one -> TreadDepth.of32nds(one).bare(units))
                        .orElse(null);
        return new Asks(
                pressure.apply(near.cold().least()),
                pressure.apply(near.cold().most()),
                pressure.apply(near.hot().least()),
                pressure.apply(near.hot().most()),
                depth.apply(Unusual.Figure.OUTER),
                depth.apply(Unusual.Figure.CENTER),
                depth.apply(Unusual.Figure.INNER),
                near.last().in(units));
    }

    /** What a position with a tire lacks for a scope; empty where it has all, or a reason stands in its place. */
    static Optional<String> missing(WalkScope scope, Stored stored) {
        if (stored == null) {
            return Optional.of("nothing entered");
        }
        Figures figures = stored.figures();
        return figures.skipped().isEmpty()
                ? scope.missing(
                        figures.pressure(), figures.tread(), figures.look().bound())
                : Optional.empty();
    }

    private static Bands bands(Provisional provisional, Units units) {
        DoubleUnaryOperator pressure = psi -> Pressure.psi(psi).bare(units);
        DoubleUnaryOperator depth =
                thirtySeconds -> TreadDepth.of32nds(thirtySeconds).bare(units);
        return new Bands(
                bands(provisional.cold(), pressure, units),
                bands(provisional.hot(), pressure, units),
                bands(provisional.tread(), depth, units),
                standing(provisional.rest(), units),
                standing(provisional.untilCold(), units),
                standing(provisional.untilTread(), units));
    }

    private static StandingView standing(Provisional.Standing standing, Units units) {
        return new StandingView(
                standing.verdict(),
                standing.because().map(reason -> reason.says().in(units)).orElse(""));
    }

    private static List<BandView> bands(List<Provisional.Band> bands, DoubleUnaryOperator figure, Units units) {
        return bands.stream()
                .map(band -> new BandView(
                        figure.applyAsDouble(band.from()),
                        band.verdict(),
                        band.because()
                                .map(rule -> rule.title() + ": " + band.limit().in(units))
                                .orElse("")))
                .toList();
    }

    static Entry entry(Stored stored) {
        Figures figures = stored.figures();
        return new Entry(
                stored.version(),
                stored.person(),
                stored.savedAt(),
                figures.pressure().map(Pressure::asEntered).orElse(""),
                figures.warmth(),
                figures.tread().outer().map(TreadDepth::asEntered).orElse(""),
                figures.tread().center().map(TreadDepth::asEntered).orElse(""),
                figures.tread().inner().map(TreadDepth::asEntered).orElse(""),
                figures.grid()
                        .map(read -> read.places().stream()
                                .map(place -> place.stream()
                                        .map(TreadDepth::asEntered)
                                        .toList())
                                .toList())
                        .orElse(List.of()),
                figures.look().bound().orElse(null),
                figures.look()
                        .dotOutward()
                        .map(outward -> outward ? Facing.OUT : Facing.IN)
                        .orElse(null),
                figures.findings(),
                figures.innerFindings(),
                figures.putRight(),
                figures.look().pressureGauge(),
                figures.look().treadGauge(),
                figures.skipped(),
                figures.dotCode(),
                figures.confirmed());
    }

    static Judgement judge(VehicleState state, Position position, Standing standing) {
        return TireJudge.judge(state, position, standing.policy(), standing.today());
    }

    /** The vehicle as if the drafts were already history. */
    static VehicleState withEntries(Standing standing, Map<Long, Stored> entries) {
        VehicleState state = standing.state();
        for (Position position : standing.onFile().facts().layout().positions()) {
            Stored entry = entries.get(standing.placeId(position));
            if (entry == null || state.at(position).tire().isEmpty()) {
                continue;
            }
            Figures figures = entry.figures();
            state = taken(standing, state, position, entry);
        }
        return state;
    }

    private static VehicleState taken(Standing standing, VehicleState state, Position position, Stored entry) {
        Figures figures = entry.figures();
        List<TireFact> facts = new ArrayList<>();
        facts.add(new TireFact.Read(reading(standing.today(), entry.person(), figures)));
        figures.found()
                .forEach(one ->
                        facts.add(new TireFact.Found(one.finding(), one.sidewall(), standing.today(), entry.person())));
        figures.putRight().forEach(one -> facts.add(new TireFact.PutRight(one, standing.today(), entry.person(), "")));
        VehicleState now = state;
        for (TireFact fact : facts) {
            now = FactIntake.take(now, position, fact, standing.policy(), standing.today())
                    .after();
        }
        return now;
    }

    /** What was read at one position, as core takes it. */
    static Reading reading(LocalDate on, String by, Figures figures) {
        return new Reading(
                on,
                by,
                Optional.empty(),
                figures.pressure(),
                figures.warmth(),
                figures.tread(),
                Optional.empty(),
                false,
                figures.look().bound(),
                figures.look().dotOutward(),
                figures.grid(),
                Optional.empty());
    }
}
