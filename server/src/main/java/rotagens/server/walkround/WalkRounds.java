package rotagens.server.walkround;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.Finding;
import rotagens.core.inspection.Finding.ClearedBy;
import rotagens.core.inspection.Judgement;
import rotagens.core.inspection.OpenFinding;
import rotagens.core.inspection.Reading;
import rotagens.core.inspection.TireJudge;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadEntry;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.RunFlat;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadGrid;
import rotagens.server.fleet.Changes;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.JudgementView;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.vehicle.Vehicles;
import rotagens.server.walkround.WalkRoundStore.Figures;
import rotagens.server.walkround.WalkRoundStore.Stored;
import rotagens.server.walkround.WalkRoundStore.Walk;
import rotagens.server.walkround.WalkRoundViews.Entry;
import rotagens.server.walkround.WalkRoundViews.Finish;
import rotagens.server.walkround.WalkRoundViews.Finished;
import rotagens.server.walkround.WalkRoundViews.Input;
import rotagens.server.walkround.WalkRoundViews.Open;
import rotagens.server.walkround.WalkRoundViews.Saved;
import rotagens.server.walkround.WalkRoundViews.Stop;
import rotagens.server.walkround.WalkRoundViews.WalkRound;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/**
 * Walking round a vehicle: one open walk-round a vehicle, saved position by position, written to the history when it is
 * finished.
 */
@Service
class WalkRounds {

    private final WalkRoundStore store;
    private final Fleet fleet;
    private final Readings readings;
    private final Vehicles vehicles;
    private final People people;
    private final Changes changes;
    private final Clock clock;

    WalkRounds(
            WalkRoundStore store,
            Fleet fleet,
            Readings readings,
            Vehicles vehicles,
            People people,
            Changes changes,
            Clock clock) {
        this.changes = changes;
        this.store = store;
        this.fleet = fleet;
        this.readings = readings;
        this.vehicles = vehicles;
        this.people = people;
        this.clock = clock;
    }

    /** Starts a walk-round, or opens the one that is under way. */
    @Transactional
    public WalkRound start(long vehicleId, Units units) {
        changes.draftsOnly();
        Standing standing = fleet.get(vehicleId);
        long id = store.openOn(vehicleId)
                .map(Walk::id)
                .orElseGet(() -> store.start(vehicleId, people.me(), clock.instant()));
        return view(walk(id), standing, units);
    }

    @Transactional(readOnly = true)
    public WalkRound get(long id, Units units) {
        Walk walk = walk(id);
        return view(walk, fleet.get(walk.vehicleId()), units);
    }

    /**
     * Saves one position.
     *
     * @param version the version the person saw, 0 where nothing was saved yet; another one now means somebody else was here
     */
    @Transactional
    public Saved save(long id, String code, int version, Input input, Units units) {
        changes.draftsOnly();
        Walk walk = unfinished(id);
        Standing standing = fleet.get(walk.vehicleId());
        Position position = standing.position(code);
        Figures figures = read(standing, position, input, units);
        long placeId = standing.placeId(position);
        Map<Long, Stored> entries = store.entries(id);
        Stored before = entries.get(placeId);
        int present = before == null ? 0 : before.version();
        if (present != version) {
            throw ProblemException.changedMeanwhile(
                    (before == null ? "Somebody" : before.person())
                            + " saved this position since you opened it. Both are shown; nothing was replaced.",
                    before == null ? null : entry(before));
        }
        store.save(id, new Stored(placeId, present + 1, people.me(), "", clock.instant(), figures));
        Map<Long, Stored> now = store.entries(id);
        return new Saved(
                entry(now.get(placeId)),
                JudgementView.of(judge(withEntries(standing, now), position, standing), units));
    }

    /** Writes what was entered to the history: readings, findings, what was put right, the odometer. */
    @Transactional
    public Finished finish(long id, Finish finish, Units units) {
        Walk walk = unfinished(id);
        changes.only(walk.vehicleId());
        Standing standing = fleet.get(walk.vehicleId());
        Map<Long, Stored> entries = store.entries(id);
        if (entries.isEmpty()) {
            throw ProblemException.conflict("Nothing has been entered yet. Enter at least one position, then finish.");
        }
        Entries typed = new Entries();
        Optional<Distance> odometer = typed.optional(
                "odometer",
                finish.odometer(),
                text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
        List<String> leftOut = standing.onFile().facts().layout().walkRound().stream()
                .filter(standing.fitted()::containsKey)
                .filter(position -> !entries.containsKey(standing.placeId(position)))
                .map(Position::code)
                .toList();
        String skipped = typed.text("skipped", finish.skipped(), 200);
        typed.unless(
                leftOut.isEmpty() || !skipped.isEmpty(),
                "skipped",
                "Nothing is entered at " + String.join(", ", leftOut) + ". Say why, or read them.");
        typed.refuseIfWrong();
        Instant now = clock.instant();
        odometer.ifPresent(reading -> vehicles.readOdometer(standing.onFile(), reading, now, people.me(), "odometer"));
        standing.fitted().forEach((position, fitted) -> {
            Stored entry = entries.get(fitted.placeId());
            if (entry != null) {
                write(standing, position, fitted, entry, odometer, walk.id());
            }
        });
        store.finish(id, now, odometer, leftOut.isEmpty() ? "" : skipped);
        int unread = standing.onFile().places().size() - entries.size();
        return new Finished(
                id, entries.size(), unread, fleet.get(walk.vehicleId()).verdict());
    }

    private void write(
            Standing standing,
            Position position,
            Fitted fitted,
            Stored entry,
            Optional<Distance> odometer,
            long walkId) {
        Figures figures = entry.figures();
        Readings.Entry where = new Readings.Entry(
                fitted.tire().id(), fitted.placeId(), entry.savedAt(), entry.personId(), walkId, null);
        readings.read(where, new Readings.Values(figures.pressure(), figures.warmth(), figures.tread(), odometer));
        readings.clear(where, figures.putRight(), "PUT_RIGHT", "");
        List<Finding> findings = new ArrayList<>(figures.findings());
        standing.target(position, fitted.tire().model())
                .pressure()
                .filter(target -> figures.pressure()
                        .filter(read -> RunFlat.ranLow(read, target))
                        .isPresent())
                .ifPresent(target -> findings.add(Finding.RAN_LOW));
        readings.found(where, findings);
    }

    private Figures read(Standing standing, Position position, Input input, Units units) {
        Entries typed = new Entries();
        Pressure.Unit gauge = units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA;
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        Optional<TreadDepth> original = standing.state()
                .at(position)
                .tire()
                .flatMap(tire -> tire.model().originalDepth());
        java.util.function.Function<String, TreadDepth> depth =
                text -> TreadEntry.plausible(TreadDepth.parse(text, scale), original, units);
        Optional<TreadGrid> grid = grid(input, depth, typed);
        Tread tread = grid.map(TreadGrid::zones)
                .orElseGet(() -> new Tread(
                        typed.optional("outer", input.outer(), depth),
                        typed.optional("center", input.center(), depth),
                        typed.optional("inner", input.inner(), depth)));
        Figures figures = new Figures(
                typed.optional("pressure", input.pressure(), text -> Pressure.parse(text, gauge)),
                input.warmthOrUnknown(),
                tread,
                grid,
                withLocalSigns(standing, position, grid, input.findingsOrNone()),
                input.putRightOrNone());
        boolean recorded = figures.findings().stream().anyMatch(finding -> finding.where() == Finding.Where.RECORDED);
        if (recorded) {
            typed.wrong("findings", "This comes from readings and verdicts, it can’t be entered as seen.");
        }
        if (figures.putRight().stream().anyMatch(finding -> finding.clearedBy() != ClearedBy.PUT_RIGHT)) {
            typed.wrong("putRight", "A look never clears damage: a tire professional’s verdict does.");
        }
        typed.refuseIfWrong();
        return figures;
    }

    /** The depths at several places, each wrong one named by place and groove. */
    private static Optional<TreadGrid> grid(
            Input input, java.util.function.Function<String, TreadDepth> depth, Entries typed) {
        List<List<String>> rows = input.placesOrNone();
        if (rows.isEmpty()) {
            return Optional.empty();
        }
        List<List<TreadDepth>> read = new ArrayList<>();
        boolean whole = true;
        for (int place = 0; place < rows.size(); place++) {
            List<TreadDepth> grooves = new ArrayList<>();
            for (int groove = 0; groove < rows.get(place).size(); groove++) {
                Optional<TreadDepth> one = typed.required(
                        "places." + place + "." + groove, rows.get(place).get(groove), depth);
                whole &= one.isPresent();
                one.ifPresent(grooves::add);
            }
            read.add(grooves);
        }
        return whole ? typed.attempt("places", () -> new TreadGrid(read)) : Optional.empty();
    }

    /** What the depths round the tire show is found as if it had been seen. */
    private static List<Finding> withLocalSigns(
            Standing standing, Position position, Optional<TreadGrid> grid, List<Finding> seen) {
        List<Finding> all = new ArrayList<>(seen);
        grid.map(read -> read.localSigns(standing.policyAt(position).number(PolicyNumber.WEAR_DIFFERENCE)))
                .orElse(Set.of())
                .forEach(shape -> Arrays.stream(Finding.values())
                        .filter(finding ->
                                finding.wearShape().filter(shape::equals).isPresent())
                        .filter(finding -> !all.contains(finding))
                        .forEach(all::add));
        return all;
    }

    private static Judgement judge(VehicleState state, Position position, Standing standing) {
        return TireJudge.judge(state, position, standing.policy(), standing.today());
    }

    /** The vehicle as if the drafts were already history. */
    private static VehicleState withEntries(Standing standing, Map<Long, Stored> entries) {
        VehicleState state = standing.state();
        for (Position position : standing.onFile().facts().layout().positions()) {
            Stored entry = entries.get(standing.placeId(position));
            if (entry == null || state.at(position).tire().isEmpty()) {
                continue;
            }
            Figures figures = entry.figures();
            TireState before = state.at(position);
            List<OpenFinding> stillOpen = before.open().stream()
                    .filter(open -> !figures.putRight().contains(open.finding()))
                    .toList();
            List<OpenFinding> found = figures.findings().stream()
                    .map(finding -> new OpenFinding(finding, standing.today(), entry.person()))
                    .toList();
            Reading reading = new Reading(
                    standing.today(),
                    entry.person(),
                    Optional.empty(),
                    figures.pressure(),
                    figures.warmth(),
                    figures.tread());
            TireState cleared = new TireState(
                    position,
                    before.tire(),
                    before.readings(),
                    stillOpen,
                    before.lastProfessional(),
                    before.causeMended(),
                    before.asFitted());
            state = state.with(cleared.with(reading, found));
        }
        return state;
    }

    private Walk walk(long id) {
        return store.get(id).orElseThrow(() -> ProblemException.notFound("There is no such walk-round."));
    }

    private Walk unfinished(long id) {
        Walk walk = walk(id);
        if (walk.finishedAt() != null) {
            throw ProblemException.conflict(
                    "This walk-round is finished; its readings are in the history. Start a new one.");
        }
        return walk;
    }

    private WalkRound view(Walk walk, Standing standing, Units units) {
        Map<Long, Stored> entries = store.entries(walk.id());
        VehicleState state = walk.finishedAt() == null ? withEntries(standing, entries) : standing.state();
        List<Stop> stops = standing.onFile().facts().layout().walkRound().stream()
                .map(position -> stop(standing, state, position, entries.get(standing.placeId(position)), units))
                .toList();
        return new WalkRound(
                walk.id(),
                walk.vehicleId(),
                standing.onFile().facts().unit(),
                standing.onFile().description(),
                walk.startedAt(),
                walk.person(),
                walk.finishedAt(),
                standing.onFile()
                        .odometer()
                        .map(last -> last.reading().in(units))
                        .orElse(null),
                stops);
    }

    private Stop stop(Standing standing, VehicleState state, Position position, Stored stored, Units units) {
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
                                open.finding().words(),
                                open.on(),
                                open.by(),
                                open.finding().clearedBy() == ClearedBy.PUT_RIGHT))
                        .toList(),
                stored == null ? null : entry(stored),
                standing.judgements().get(position).verdict(),
                JudgementView.of(judgement, units));
    }

    private static Entry entry(Stored stored) {
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
                figures.findings(),
                figures.putRight());
    }
}
