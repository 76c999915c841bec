package rotagens.server.pressure;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueKind;
import rotagens.core.planning.TripWork;
import rotagens.core.pressure.AxleAnswer;
import rotagens.core.pressure.ChalkLine;
import rotagens.core.pressure.Presets;
import rotagens.core.pressure.PressureFacts;
import rotagens.core.pressure.School;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.loads.PressureRecords;
import rotagens.server.people.People;
import rotagens.server.people.Role;
import rotagens.server.planning.Jobs;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** What people decide about pressures: the school, what the warning system is set to, load states, trips, chalk lines. */
@Service
class PressureChanges {

    /** Without a school the vehicle goes back to our own order. */
    record Choose(@Nullable School school, @Nullable String reason, boolean belowPlacard) {}

    /** What an axle's warning is set to: a pressure, or a share under the set target. */
    record SetThreshold(
            @Nullable String pressure,
            @Nullable String percentBelow,
            @Nullable String why) {}

    record SetState(@Nullable LoadState state, @Nullable LocalDate until) {}

    record Book(
            @Nullable LoadState state,
            @Nullable LocalDate from,
            @Nullable LocalDate until,
            @Nullable String note) {}

    record Changed(@Nullable LocalDate day, @Nullable String note) {}

    record Chalked(@Nullable String pressure, ChalkLine.@Nullable Look look) {}

    /** How a trial stands. */
    record Trial(
            List<ChalkedView> passes,
            @Nullable String next,
            @Nullable String result,
            String says,
            String floor,
            String maximum) {}

    record ChalkedView(String pressure, ChalkLine.Look look, String words) {}

    private final Fleet fleet;
    private final PressureRecords records;
    private final Jobs jobs;
    private final People people;
    private final Changes changes;
    private final Clock clock;

    PressureChanges(Fleet fleet, PressureRecords records, Jobs jobs, People people, Changes changes, Clock clock) {
        this.fleet = fleet;
        this.records = records;
        this.jobs = jobs;
        this.people = people;
        this.changes = changes;
        this.clock = clock;
    }

    @Transactional
    void choose(long vehicleId, Choose typed) {
        changes.only(vehicleId);
        Standing standing = fleet.get(vehicleId);
        Entries wrong = new Entries();
        String reason = wrong.text("reason", typed.reason(), 300);
        wrong.unless(!reason.isEmpty(), "reason", "Say why, so that the next person knows.");
        if (typed.belowPlacard()) {
            boolean manager = people.get(people.me()).role() == Role.MANAGER;
            wrong.unless(manager, "belowPlacard", "Only a manager may allow less than the placard.");
        }
        if (typed.school() != null) {
            boolean somewhere = withChoice(standing, typed).axles().values().stream()
                    .anyMatch(answer -> answer.candidate(typed.school()).offered());
            wrong.unless(somewhere, "school", "This can’t be taken on any axle: see the reason beside it.");
        }
        wrong.refuseIfWrong();
        records.choose(
                vehicleId,
                Optional.ofNullable(typed.school()),
                reason,
                typed.belowPlacard(),
                standing.pressures().tires(),
                people.me());
    }

    private VehiclePressures withChoice(Standing standing, Choose typed) {
        PressureFacts facts = standing.state().facts();
        PressureFacts chosen = new PressureFacts(
                facts.book(),
                facts.slips(),
                facts.preset(),
                Optional.of(new PressureFacts.Choice(
                        typed.school(),
                        "",
                        "",
                        standing.today(),
                        typed.belowPlacard(),
                        standing.pressures().tires())),
                facts.trims(),
                facts.thresholds(),
                facts.bodyChanged());
        return standing.state().with(chosen).pressures(standing.policy(), standing.today());
    }

    @Transactional
    void threshold(long vehicleId, int axle, SetThreshold typed, Units units) {
        changes.only(vehicleId);
        Standing standing = fleet.get(vehicleId);
        AxleAnswer answer = axle(standing, axle);
        Entries wrong = new Entries();
        Optional<Pressure> fixed = wrong.optional("pressure", typed.pressure(), text -> Pressure.parse(text, units));
        Optional<Double> percent = wrong.optional("percentBelow", typed.percentBelow(), PressureChanges::percent);
        String why = wrong.text("why", typed.why(), 300);
        wrong.unless(!why.isEmpty(), "why", "Say why, or where it was read: a threshold is a fact of the vehicle.");
        wrong.unless(
                fixed.isPresent() != percent.isPresent() || !wrong.isFine(),
                "pressure",
                "Enter the pressure it warns at, or by how much under the set pressure: one of the two.");
        wrong.refuseIfWrong();
        PressureFacts.Threshold set = new PressureFacts.Threshold(
                fixed,
                percent.orElse(0.0) / 100,
                standing.today(),
                "",
                why,
                false,
                standing.pressures().tires().get(axle));
        Optional<PressureFacts.Threshold> before =
                Optional.ofNullable(standing.state().facts().thresholds().get(axle));
        records.threshold(
                vehicleId, axle, fixed, percent, answer.isLoweredBy(before, set), why, set.tire(), people.me());
    }

    private static double percent(String text) {
        try {
            double value =
                    Double.parseDouble(text.strip().replace("%", "").strip().replace(',', '.'));
            if (value > 0 && value < 50) {
                return value;
            }
        } catch (NumberFormatException e) {
            // said below, the same way
        }
        throw new rotagens.core.measure.InvalidEntry("Enter a share between 0 and 50 %, for example 12.");
    }

    @Transactional
    void state(long vehicleId, SetState typed) {
        changes.only(vehicleId);
        LocalDate today = LocalDate.now(clock);
        fleet.get(vehicleId);
        Entries wrong = new Entries();
        wrong.unless(typed.state() != null && typed.state() != LoadState.UNKNOWN, "state", "Choose a load state.");
        wrong.refuseIfWrong();
        Optional<Presets.Setting> setting = wrong.attempt(
                "until", () -> new Presets.Setting(typed.state(), today, Optional.ofNullable(typed.until()), ""));
        setting.ifPresent(one -> wrong.attempt("until", () -> {
            Presets.refuseBeforeTrip(
                    one,
                    records.trips(vehicleId).stream()
                            .map(PressureRecords.TripOnFile::trip)
                            .toList());
            return one;
        }));
        wrong.refuseIfWrong();
        records.set(vehicleId, setting.orElseThrow(), people.me());
    }

    /** Books a trip with a load: the pressures it needs are raised on its first day and restored on the day after it. */
    @Transactional
    void book(long vehicleId, Book typed, Units units) {
        changes.only(vehicleId);
        Standing standing = fleet.get(vehicleId);
        Entries wrong = new Entries();
        LocalDate today = standing.today();
        wrong.unless(
                typed.state() != null && typed.state() != LoadState.UNKNOWN, "state", "Choose how it will be loaded.");
        wrong.unless(typed.from() != null && !typed.from().isBefore(today), "from", "Enter a first day from today on.");
        wrong.unless(
                typed.until() != null && (typed.from() == null || !typed.until().isBefore(typed.from())),
                "until",
                "Enter its last day, not before the first.");
        String note = wrong.text("note", typed.note(), 300);
        wrong.refuseIfWrong();
        TripWork work = wrong.attempt(
                        "state", () -> TripWork.of(standing.state(), typed.state(), standing.policy(), today, units))
                .orElse(null);
        wrong.refuseIfWrong();
        Map<Position, String> raise = inWords(work.raise(), units);
        Map<Position, String> restore = inWords(work.restore(), units);
        Long raiseJob = raise.isEmpty()
                ? null
                : jobs.plan(
                        vehicleId,
                        typed.from(),
                        "Before the " + typed.state().words() + " trip",
                        DueKind.SET_PRESSURE,
                        raise);
        Long restoreJob = restore.isEmpty()
                ? null
                : jobs.plan(
                        vehicleId,
                        typed.until().plusDays(1),
                        "After the " + typed.state().words() + " trip",
                        DueKind.SET_PRESSURE,
                        restore);
        records.book(
                vehicleId,
                new Presets.Trip(typed.state(), typed.from(), typed.until(), ""),
                note,
                raiseJob,
                restoreJob,
                people.me());
    }

    /** Cancels a trip, and takes its raise and restore off the plan where nobody has done them yet. */
    @Transactional
    void cancel(long vehicleId, long tripId) {
        changes.only(vehicleId);
        records.cancelTrip(vehicleId, tripId).forEach(jobs::cancelIfOpen);
    }

    private static Map<Position, String> inWords(Map<Position, Phrase> changes, Units units) {
        Map<Position, String> words = new LinkedHashMap<>();
        changes.forEach((position, change) -> words.put(position, change.in(units)));
        return words;
    }

    @Transactional
    void bodyChanged(long vehicleId, Changed typed) {
        changes.only(vehicleId);
        LocalDate today = fleet.get(vehicleId).today();
        Entries wrong = new Entries();
        String note = wrong.text("note", typed.note(), 300);
        wrong.unless(!note.isEmpty(), "note", "Say what changed.");
        wrong.unless(typed.day() == null || !typed.day().isAfter(today), "day", "This day lies ahead.");
        wrong.refuseIfWrong();
        records.bodyChanged(vehicleId, typed.day() == null ? today : typed.day(), note, people.me());
    }

    @Transactional(readOnly = true)
    Trial trial(long vehicleId, int axle, Units units) {
        AxleAnswer answer = axle(fleet.get(vehicleId), axle);
        List<ChalkLine.Pass> passes = records.passes(vehicleId, axle);
        ChalkLine.Step step = ChalkLine.after(passes, answer.trimFloorPsi(), maximum(answer));
        return new Trial(
                passes.stream()
                        .map(pass -> new ChalkedView(
                                pass.pressure().in(units),
                                pass.look(),
                                pass.look().words()))
                        .toList(),
                LoadPressurePages.in(step.next(), units),
                LoadPressurePages.in(step.result(), units),
                step.says().in(units),
                LoadPressurePages.tenth(answer.trimFloorPsi()).in(units),
                Pressure.psi(maximum(answer)).in(units));
    }

    private static double maximum(AxleAnswer answer) {
        return answer.maximum()
                .map(most -> most.pressure().psi())
                .orElseThrow(() -> ProblemException.conflict(
                        "No maximum on file for these tires and wheels. Read both before a trial."));
    }

    /** Logs a pass; where it ends the trial, the result becomes the axle's contact trim. */
    @Transactional
    Trial chalk(long vehicleId, int axle, Chalked typed, Units units) {
        changes.only(vehicleId);
        Standing standing = fleet.get(vehicleId);
        AxleAnswer answer = axle(standing, axle);
        Entries wrong = new Entries();
        Optional<Pressure> pressure = wrong.required("pressure", typed.pressure(), text -> Pressure.parse(text, units));
        wrong.unless(typed.look() != null, "look", "Choose what you saw.");
        pressure.filter(psi -> psi.psi() > maximum(answer) + 1e-6)
                .ifPresent(psi -> wrong.wrong(
                        "pressure",
                        "Over the maximum " + Pressure.psi(maximum(answer)).in(units)
                                + ". Never drive a trial there."));
        pressure.filter(psi -> psi.psi() < answer.trimFloorPsi() - 0.05)
                .ifPresent(psi -> wrong.wrong(
                        "pressure",
                        "Under what the load needs, "
                                + LoadPressurePages.tenth(answer.trimFloorPsi()).in(units) + "."));
        wrong.refuseIfWrong();
        records.pass(vehicleId, axle, new ChalkLine.Pass(pressure.orElseThrow(), typed.look()), people.me());
        List<ChalkLine.Pass> passes = records.passes(vehicleId, axle);
        ChalkLine.after(passes, answer.trimFloorPsi(), maximum(answer))
                .result()
                .ifPresent(result -> records.trim(
                        vehicleId,
                        axle,
                        result,
                        standing.state().facts().preset().state(),
                        standing.pressures().tires().get(axle),
                        people.me()));
        return trial(vehicleId, axle, units);
    }

    private static AxleAnswer axle(Standing standing, int axle) {
        AxleAnswer answer = standing.pressures().axles().get(axle);
        if (answer == null) {
            throw ProblemException.notFound("This vehicle has no such axle.");
        }
        return answer;
    }
}
