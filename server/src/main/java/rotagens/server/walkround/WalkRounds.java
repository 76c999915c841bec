package rotagens.server.walkround;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.WalkScope;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;
import rotagens.server.changes.Changes;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.JudgementView;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.tire.Tires;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.vehicle.Vehicles;
import rotagens.server.walkround.WalkRoundStore.Figures;
import rotagens.server.walkround.WalkRoundStore.Stored;
import rotagens.server.walkround.WalkRoundStore.Walk;
import rotagens.server.walkround.WalkRoundViews.Finish;
import rotagens.server.walkround.WalkRoundViews.Finished;
import rotagens.server.walkround.WalkRoundViews.Input;
import rotagens.server.walkround.WalkRoundViews.PhotoView;
import rotagens.server.walkround.WalkRoundViews.Saved;
import rotagens.server.walkround.WalkRoundViews.WalkRound;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/**
 * Walking round a vehicle: one open walk-round a vehicle, saved position by position, written to the history when it is
 * finished.
 */
@Service
class WalkRounds {

    /** Longer than any device is out of reach; older figures come from somewhere else. */
    private static final Duration OLDEST_TAKEN = Duration.ofDays(14);

    private final WalkRoundStore store;
    private final WalkRoundPages pages;
    private final EntryReader reader;
    private final Photos photos;
    private final Fleet fleet;
    private final KeptFleet kept;
    private final FactLog facts;
    private final Tires tires;
    private final Vehicles vehicles;
    private final People people;
    private final Changes changes;
    private final Clock clock;

    WalkRounds(
            WalkRoundStore store,
            WalkRoundPages pages,
            EntryReader reader,
            Photos photos,
            Fleet fleet,
            KeptFleet kept,
            FactLog facts,
            Tires tires,
            Vehicles vehicles,
            People people,
            Changes changes,
            Clock clock) {
        this.changes = changes;
        this.pages = pages;
        this.reader = reader;
        this.photos = photos;
        this.store = store;
        this.fleet = fleet;
        this.kept = kept;
        this.facts = facts;
        this.tires = tires;
        this.vehicles = vehicles;
        this.people = people;
        this.clock = clock;
    }

    /** Starts a walk-round, or opens the one that is under way with the scope it was started with. */
    @Transactional
    public WalkRound start(long vehicleId, WalkScope scope, Units units) {
        changes.draftsOnly();
        Standing standing = fleet.get(vehicleId);
        long id = store.openOn(vehicleId)
                .map(Walk::id)
                .orElseGet(() -> store.start(vehicleId, scope, people.me(), clock.instant()));
        return pages.view(walk(id), standing, units);
    }

    @Transactional(readOnly = true)
    public WalkRound get(long id, Units units) {
        Walk walk = walk(id);
        return pages.view(walk, fleet.get(walk.vehicleId()), units);
    }

    /** Everything a device needs to walk round a vehicle out of reach of the server; the one under way, where there is one. */
    @Transactional(readOnly = true)
    public WalkRound sheet(long vehicleId, WalkScope scope, Units units) {
        Standing standing = fleet.get(vehicleId);
        Walk walk = store.openOn(vehicleId)
                .orElseGet(() -> new Walk(0, vehicleId, scope, people.me(), "", clock.instant(), null));
        return pages.view(walk, standing, units);
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
        // A draft changes no fact about the vehicle, so what is kept of it holds.
        Standing standing = kept.get(walk.vehicleId());
        Position position = standing.position(code);
        long placeId = standing.placeId(position);
        Map<Long, Stored> entries = store.entries(id);
        Stored before = entries.get(placeId);
        int present = before == null ? 0 : before.version();
        // Said before a figure is refused or asked about: what the other one read may answer it.
        if (present != version) {
            throw ProblemException.changedMeanwhile(
                    (before == null ? "Somebody" : before.person())
                            + " saved this position since you opened it. Both are shown; nothing was replaced.",
                    before == null ? null : WalkRoundPages.entry(before));
        }
        Figures figures = reader.read(standing, position, input, units);
        Instant taken = takenAt(input.takenAt());
        store.save(id, new Stored(placeId, present + 1, people.me(), "", taken, figures));
        Map<Long, Stored> now = store.entries(id);
        return new Saved(
                WalkRoundPages.entry(now.get(placeId)),
                WalkRoundPages.missing(walk.scope(), now.get(placeId)).orElse(null),
                JudgementView.of(
                        WalkRoundPages.judge(WalkRoundPages.withEntries(standing, now), position, standing), units));
    }

    /** When a figure was read: a device out of reach says so itself; its clock may run a little ahead of ours. */
    private Instant takenAt(Instant said) {
        Instant now = clock.instant();
        if (said == null || said.isAfter(now)) {
            return now;
        }
        if (said.isBefore(now.minus(OLDEST_TAKEN))) {
            throw ProblemException.field(
                    "takenAt", "Read over two weeks ago by this device’s clock. Check its date, and read it again.");
        }
        return said;
    }

    /** Adds a photo at one position. */
    @Transactional
    public PhotoView photograph(long id, String code, byte[] picture) {
        changes.draftsOnly();
        Walk walk = unfinished(id);
        Standing standing = kept.get(walk.vehicleId());
        return WalkRoundPages.view(photos.add(id, standing.placeId(standing.position(code)), picture, people.me()));
    }

    /** Takes a photo away again while the walk-round is open. */
    @Transactional
    public void dropPhoto(long id, long photo) {
        changes.draftsOnly();
        unfinished(id);
        photos.drop(id, photo);
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
        Map<String, List<Position>> lacking = new LinkedHashMap<>();
        standing.onFile().facts().layout().walkRound().stream()
                .filter(standing.fitted()::containsKey)
                .forEach(position -> WalkRoundPages.missing(walk.scope(), entries.get(standing.placeId(position)))
                        .ifPresent(what -> lacking.computeIfAbsent(what, none -> new ArrayList<>())
                                .add(position)));
        String skipped = typed.text("skipped", finish.skipped(), 200);
        typed.unless(
                lacking.isEmpty() || !skipped.isEmpty(), "skipped", lackingWords(lacking) + ". Say why, or read them.");
        typed.refuseIfWrong();
        standing.fitted()
                .forEach((position, fitted) -> refuseAnotherDot(position, fitted, entries.get(fitted.placeId())));
        Instant now = clock.instant();
        odometer.ifPresent(reading -> vehicles.readOdometer(
                standing.onFile(), reading, now, people.me(), "odometer", Vehicles.askIn(finish.confirmed(), units)));
        List<FactLog.Look> looks = new ArrayList<>();
        standing.fitted().forEach((position, fitted) -> {
            Stored entry = entries.get(fitted.placeId());
            if (entry != null) {
                looks.add(look(fitted, entry, odometer, walk.id()));
            }
        });
        facts.record(looks);
        standing.fitted().forEach((position, fitted) -> {
            Stored entry = entries.get(fitted.placeId());
            if (entry != null
                    && !entry.figures().dotCode().isEmpty()
                    && fitted.tire().made().isEmpty()) {
                tires.readDot(
                        fitted.tire().id(),
                        entry.figures().dotCode(),
                        Tires.DotKind.TIRE,
                        entry.savedAt(),
                        entry.personId());
            }
        });
        lacking.values().stream()
                .flatMap(List::stream)
                .forEach(position -> leaveOut(id, standing.placeId(position), entries, skipped, now));
        standing.fitted()
                .values()
                .forEach(fitted ->
                        photos.belongTo(id, fitted.placeId(), fitted.tire().id()));
        store.finish(id, now, odometer, lacking.isEmpty() ? "" : skipped);
        int read = (int) entries.values().stream()
                .filter(entry -> entry.figures().skipped().isEmpty())
                .count();
        return new Finished(
                id,
                read,
                standing.onFile().places().size() - read,
                fleet.get(walk.vehicleId()).verdict());
    }

    /** {@code Nothing entered at 2L, 2R; no tread at 1L}. */
    private static String lackingWords(Map<String, List<Position>> lacking) {
        String words = lacking.entrySet().stream()
                .map(one -> one.getKey()
                        + " at "
                        + one.getValue().stream().map(Position::code).collect(Collectors.joining(", ")))
                .collect(Collectors.joining("; "));
        return words.isEmpty() ? "" : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** The reason given at the end stands at each position it is for. */
    private void leaveOut(long id, long placeId, Map<Long, Stored> entries, String reason, Instant now) {
        Stored entry = entries.get(placeId);
        store.save(
                id,
                entry == null
                        ? new Stored(placeId, 1, people.me(), "", now, Figures.leftOut(reason))
                        : new Stored(
                                placeId,
                                entry.version() + 1,
                                entry.personId(),
                                "",
                                entry.savedAt(),
                                entry.figures().skipped(reason)));
    }

    /** A code read here isn't dropped because another one came on file meanwhile: somebody has to say which is right. */
    private void refuseAnotherDot(Position position, Fitted fitted, Stored entry) {
        if (entry == null
                || entry.figures().dotCode().isEmpty()
                || fitted.dotCode().isEmpty()) {
            return;
        }
        LocalDate today = LocalDate.now(clock);
        String onFile = fitted.dotCode().get();
        String read = entry.figures().dotCode();
        if (!DotCode.parse(onFile, today).mayBe(DotCode.parse(read, today))) {
            throw ProblemException.conflict(position.code() + ": the DOT code entered here, " + read
                    + ", does not match the code on file, " + onFile
                    + ". Read the code again. Clear it here, or correct it on the tire’s page.");
        }
    }

    private static FactLog.Look look(Fitted fitted, Stored entry, Optional<Distance> odometer, long walkId) {
        Figures figures = entry.figures();
        Readings.Entry where = new Readings.Entry(
                fitted.tire().id(), fitted.placeId(), entry.savedAt(), entry.personId(), walkId, null);
        return FactLog.Look.read(
                        where,
                        new Readings.Values(
                                figures.pressure(),
                                figures.warmth(),
                                figures.tread(),
                                odometer,
                                Optional.empty(),
                                false,
                                "",
                                figures.look().with(figures.grid())))
                .puttingRight(figures.putRight(), "")
                .with(figures.found());
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
}
