package rotagens.server.walkaround;

import static rotagens.server.walkaround.WalkaroundWords.WORDS;

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
import rotagens.core.inspection.WalkAroundScope;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.AssessmentView;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.photos.Photos.ReadyPhoto;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.walkaround.WalkAroundStore.EntryValues;
import rotagens.server.walkaround.WalkAroundStore.OpenWalkAround;
import rotagens.server.walkaround.WalkAroundStore.Stored;
import rotagens.server.walkaround.WalkAroundViews.FinishWalkAroundRequest;
import rotagens.server.walkaround.WalkAroundViews.FinishedWalkAroundView;
import rotagens.server.walkaround.WalkAroundViews.PhotoView;
import rotagens.server.walkaround.WalkAroundViews.SavedEntryView;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundEntryRequest;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundView;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/**
 * Walking round a vehicle: one open walk-around a vehicle, saved position by position, written to the history when it is
 * finished.
 */
@Service
class WalkArounds {

    /** Longer than any device is out of reach; older figures come from somewhere else. */
    private static final Duration OLDEST_TAKEN = Duration.ofDays(14);

    private final WalkAroundStore store;
    private final WalkAroundPages pages;
    private final WalkAroundEntryParser reader;
    private final Photos photos;
    private final FleetCache fleet;
    private final FactLog facts;
    private final TireStore tireStore;
    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    WalkArounds(
            WalkAroundStore store,
            WalkAroundPages pages,
            WalkAroundEntryParser reader,
            Photos photos,
            FleetCache fleet,
            FactLog facts,
            TireStore tireStore,
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.changeTracker = changeTracker;
        this.pages = pages;
        this.reader = reader;
        this.photos = photos;
        this.store = store;
        this.fleet = fleet;
        this.facts = facts;
        this.tireStore = tireStore;
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.people = people;
        this.clock = clock;
    }

    /** Starts a walk-around, or opens the one that is under way with the scope it was started with. */
    @Transactional
    public WalkAroundView start(long vehicleId, WalkAroundScope scope, Units units) {
        changeTracker.draftsOnly();
        VehicleAssessment vehicleAssessment = fleet.asCommitted(vehicleId);
        long id = store.openOn(vehicleId)
                .map(OpenWalkAround::id)
                .orElseGet(() -> store.start(vehicleId, scope, people.me(), clock.instant()));
        return pages.view(walk(id), vehicleAssessment, units);
    }

    @Transactional(readOnly = true)
    public WalkAroundView get(long id, Units units) {
        OpenWalkAround openWalkAround = walk(id);
        return pages.view(openWalkAround, fleet.get(openWalkAround.vehicleId()), units);
    }

    /** Everything a device needs to walk round a vehicle out of reach of the server; the one under way, where there is one. */
    @Transactional(readOnly = true)
    public WalkAroundView sheet(long vehicleId, WalkAroundScope scope, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        OpenWalkAround openWalkAround = store.openOn(vehicleId)
                .orElseGet(() -> new OpenWalkAround(0, vehicleId, scope, people.me(), "", clock.instant(), null));
        return pages.view(openWalkAround, vehicleAssessment, units);
    }

    /**
     * Saves one position.
     *
     * @param version the version the person saw, 0 where nothing was saved yet; another one now means somebody else was here
     */
    @Transactional
    public SavedEntryView save(
            long id, String code, int version, WalkAroundEntryRequest walkAroundEntryRequest, Units units) {
        changeTracker.draftsOnly();
        OpenWalkAround openWalkAround = unfinished(id);
        // A draft changes no fact about the vehicle, so what is kept of it holds.
        VehicleAssessment vehicleAssessment = fleet.asCommitted(openWalkAround.vehicleId());
        Position position = VehiclePositions.of(vehicleAssessment, code);
        long placeId = vehicleAssessment.placeId(position);
        Map<Long, Stored> entries = store.entries(id);
        Stored before = entries.get(placeId);
        int present = before == null ? 0 : before.version();
        // Said before a figure is refused or asked about: what the other one read may answer it.
        if (present != version) {
            throw ProblemException.changedMeanwhile(
                    WORDS.say(
                            "savedThisPositionSinceYou",
                            "before",
                            before == null ? WORDS.say("anotherUser") : before.person()),
                    before == null ? null : WalkAroundPages.entry(before));
        }
        EntryValues entryValues = reader.read(vehicleAssessment, position, walkAroundEntryRequest, units);
        Instant taken = takenAt(walkAroundEntryRequest.takenAt());
        store.save(id, new Stored(placeId, present + 1, people.me(), "", taken, entryValues));
        Map<Long, Stored> now = store.entries(id);
        return new SavedEntryView(
                WalkAroundPages.entry(now.get(placeId)),
                WalkAroundPages.missing(openWalkAround.scope(), now.get(placeId))
                        .orElse(null),
                AssessmentView.of(
                        WalkAroundPages.judge(
                                WalkAroundPages.withEntries(vehicleAssessment, now), position, vehicleAssessment),
                        units));
    }

    /** When a figure was read: a device out of reach says so itself; its clock may run a little ahead of ours. */
    private Instant takenAt(Instant said) {
        Instant now = clock.instant();
        if (said == null || said.isAfter(now)) {
            return now;
        }
        if (said.isBefore(now.minus(OLDEST_TAKEN))) {
            throw ProblemException.field("takenAt", WORDS.say("readOverTwoWeeksAgo"));
        }
        return said;
    }

    /** Adds a photo at one position. */
    @Transactional
    public PhotoView photograph(long id, String code, ReadyPhoto picture) {
        changeTracker.draftsOnly();
        OpenWalkAround openWalkAround = unfinished(id);
        VehicleAssessment vehicleAssessment = fleet.asCommitted(openWalkAround.vehicleId());
        return WalkAroundPages.view(photos.add(
                id, vehicleAssessment.placeId(VehiclePositions.of(vehicleAssessment, code)), picture, people.me()));
    }

    /** Takes a photo away again while the walk-around is open. */
    @Transactional
    public void dropPhoto(long id, long photo) {
        changeTracker.draftsOnly();
        unfinished(id);
        photos.drop(id, photo);
    }

    /** Writes what was entered to the history: readings, findings, what was put right, the odometer. */
    @Transactional
    public FinishedWalkAroundView finish(long id, FinishWalkAroundRequest finishWalkAroundRequest, Units units) {
        OpenWalkAround openWalkAround = unfinished(id);
        changeTracker.only(openWalkAround.vehicleId());
        VehicleAssessment vehicleAssessment = fleet.get(openWalkAround.vehicleId());
        Map<Long, Stored> entries = store.entries(id);
        if (entries.isEmpty()) {
            throw ProblemException.conflict(WORDS.say("nothingHasBeenEnteredYet"));
        }
        InputValidator typed = new InputValidator();
        Optional<Distance> odometer = typed.optional(
                "odometer",
                finishWalkAroundRequest.odometer(),
                text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
        Map<String, List<Position>> lacking = new LinkedHashMap<>();
        vehicleAssessment.layout().walkAroundOrder().stream()
                .filter(vehicleAssessment.fitted()::containsKey)
                .forEach(position -> WalkAroundPages.missing(
                                openWalkAround.scope(), entries.get(vehicleAssessment.placeId(position)))
                        .ifPresent(what -> lacking.computeIfAbsent(what, none -> new ArrayList<>())
                                .add(position)));
        String skipped = typed.text("skipReason", finishWalkAroundRequest.skipReason(), 200);
        typed.unless(
                lacking.isEmpty() || !skipped.isEmpty(),
                "skipReason",
                WORDS.say("sayWhyOrReadThem", "lackingWords", lackingWords(lacking)));
        typed.refuseIfWrong();
        vehicleAssessment
                .fitted()
                .forEach((position, installedTire) ->
                        refuseAnotherDot(position, installedTire, entries.get(installedTire.placeId())));
        Instant now = clock.instant();
        odometer.ifPresent(reading -> odometerStore.read(
                vehicleAssessment.onFile().id(),
                reading,
                now,
                people.me(),
                "odometer",
                OdometerStore.askIn(finishWalkAroundRequest.confirmed(), units)));
        List<FactLog.Observation> observations = new ArrayList<>();
        vehicleAssessment.fitted().forEach((position, installedTire) -> {
            Stored entry = entries.get(installedTire.placeId());
            if (entry != null) {
                observations.add(look(installedTire, entry, odometer, openWalkAround.id()));
            }
        });
        facts.record(observations);
        vehicleAssessment.fitted().forEach((position, installedTire) -> {
            Stored entry = entries.get(installedTire.placeId());
            if (entry != null
                    && !entry.figures().dotCode().isEmpty()
                    && installedTire.tire().dotWeek().isEmpty()) {
                tireStore.readDot(
                        installedTire.tire().id(),
                        entry.figures().dotCode(),
                        TireStore.DotKind.TIRE,
                        entry.savedAt(),
                        entry.personId());
            }
        });
        lacking.values().stream()
                .flatMap(List::stream)
                .forEach(position -> leaveOut(id, vehicleAssessment.placeId(position), entries, skipped, now));
        vehicleAssessment
                .fitted()
                .values()
                .forEach(installedTire -> photos.belongTo(
                        id, installedTire.placeId(), installedTire.tire().id()));
        store.finish(id, now, odometer, lacking.isEmpty() ? "" : skipped);
        int read = (int) entries.values().stream()
                .filter(entry -> entry.figures().skipReason().isEmpty())
                .count();
        return new FinishedWalkAroundView(
                id,
                read,
                vehicleAssessment.onFile().places().size() - read,
                fleet.get(openWalkAround.vehicleId()).verdict());
    }

    /** {@code Nothing entered at 2L, 2R; no tread at 1L}. */
    private static String lackingWords(Map<String, List<Position>> lacking) {
        String words = lacking.entrySet().stream()
                .map(one -> WORDS.say(
                        "at",
                        "value",
                        one.getKey(),
                        "position",
                        one.getValue().stream().map(Position::code).collect(Collectors.joining(", "))))
                .collect(Collectors.joining("; "));
        return words.isEmpty() ? "" : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** The reason given at the end stands at each position it is for. */
    private void leaveOut(long id, long placeId, Map<Long, Stored> entries, String reason, Instant now) {
        Stored entry = entries.get(placeId);
        store.save(
                id,
                entry == null
                        ? new Stored(placeId, 1, people.me(), "", now, EntryValues.leftOut(reason))
                        : new Stored(
                                placeId,
                                entry.version() + 1,
                                entry.personId(),
                                "",
                                entry.savedAt(),
                                entry.figures().skipReason(reason)));
    }

    /** A code read here isn't dropped because another one came on file meanwhile: somebody has to say which is right. */
    private void refuseAnotherDot(Position position, InstalledTire installedTire, Stored entry) {
        if (entry == null
                || entry.figures().dotCode().isEmpty()
                || installedTire.dotCode().isEmpty()) {
            return;
        }
        LocalDate today = LocalDate.now(clock);
        String onFile = installedTire.dotCode().get();
        String read = entry.figures().dotCode();
        if (!DotCode.parse(onFile, today).isPossible(DotCode.parse(read, today))) {
            throw ProblemException.conflict(
                    WORDS.say("dotCodeEnteredHereDoes", "position", position.code(), "read", read, "onFile", onFile));
        }
    }

    private static FactLog.Observation look(
            InstalledTire installedTire, Stored entry, Optional<Distance> odometer, long walkId) {
        EntryValues entryValues = entry.figures();
        Readings.Entry where = new Readings.Entry(
                installedTire.tire().id(), installedTire.placeId(), entry.savedAt(), entry.personId(), walkId, null);
        return FactLog.Observation.read(
                        where,
                        new Readings.Values(
                                entryValues.pressure(),
                                entryValues.thermalState(),
                                entryValues.tread(),
                                odometer,
                                Optional.empty(),
                                false,
                                "",
                                entryValues.look().with(entryValues.grid())))
                .puttingRight(entryValues.fixed(), "")
                .with(entryValues.found());
    }

    private OpenWalkAround walk(long id) {
        return store.get(id).orElseThrow(() -> ProblemException.notFound(WORDS.say("walkAroundNotFound")));
    }

    private OpenWalkAround unfinished(long id) {
        OpenWalkAround openWalkAround = walk(id);
        if (openWalkAround.finishedAt() != null) {
            throw ProblemException.conflict(WORDS.say("thisWalkAroundIsFinished"));
        }
        return openWalkAround;
    }
}
