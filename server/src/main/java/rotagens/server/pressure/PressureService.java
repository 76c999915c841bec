package rotagens.server.pressure;

import static rotagens.server.pressure.PressureWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.planning.TripWork;
import rotagens.core.planning.WorkType;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.ChalkTest;
import rotagens.core.pressure.LoadStates;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.pressure.PressureMethod;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.loads.PressureStore;
import rotagens.server.loads.TripStore;
import rotagens.server.people.People;
import rotagens.server.people.Role;
import rotagens.server.planning.Jobs;
import rotagens.server.planning.Unscheduling;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** What people decide about pressures: the school, what the warning system is set to, load states, trips, chalk lines. */
@Service
class PressureService {

    /** Without a school the vehicle goes back to our own order. */
    record ChooseMethodRequest(
            @Nullable PressureMethod method, @Nullable String reason, boolean allowsBelowPlacard) {}

    /** What an axle's warning is set to: a pressure, or a share under the set target. */
    record SetThresholdRequest(
            @Nullable String pressure,
            @Nullable String percentBelow,
            @Nullable String reason) {}

    record SetLoadStateRequest(
            @Nullable LoadState state, @Nullable LocalDate until) {}

    record BookTripRequest(
            @Nullable LoadState state,
            @Nullable LocalDate from,
            @Nullable LocalDate until,
            @Nullable String note) {}

    record BodyChangeRequest(
            @Nullable LocalDate day, @Nullable String note) {}

    record ChalkPassRequest(@Nullable String pressure, ChalkTest.@Nullable ContactPattern contactPattern) {}

    /** How a trial stands. */
    record ChalkTestView(
            List<ChalkPassView> passes,
            @Nullable String next,
            @Nullable String result,
            String statement,
            String floor,
            String maximum) {}

    record ChalkPassView(String pressure, ChalkTest.ContactPattern contactPattern, String label) {}

    private final FleetCache fleet;
    private final PressureStore records;
    private final Jobs jobs;
    private final Unscheduling unscheduling;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final TripStore trips;

    PressureService(
            FleetCache fleet,
            PressureStore records,
            Jobs jobs,
            Unscheduling unscheduling,
            People people,
            ChangeTracker changeTracker,
            Clock clock,
            TripStore trips) {
        this.trips = trips;
        this.fleet = fleet;
        this.records = records;
        this.jobs = jobs;
        this.unscheduling = unscheduling;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional
    void choose(long vehicleId, ChooseMethodRequest typed) {
        changeTracker.only(vehicleId);
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        InputValidator wrong = new InputValidator();
        String reason = wrong.text("reason", typed.reason(), 300);
        wrong.unless(!reason.isEmpty(), "reason", WORDS.say("sayWhySo"));
        if (typed.allowsBelowPlacard()) {
            boolean manager = people.get(people.me()).role() == Role.MANAGER;
            wrong.unless(manager, "allowsBelowPlacard", WORDS.say("onlyAManagerMayAllow"));
        }
        if (typed.method() != null) {
            boolean somewhere = withChoice(vehicleAssessment, typed).axles().values().stream()
                    .anyMatch(answer -> answer.methodResult(typed.method()).isOffered());
            wrong.unless(somewhere, "method", WORDS.say("thisCantBeTaken"));
        }
        wrong.refuseIfWrong();
        records.choose(
                vehicleId,
                Optional.ofNullable(typed.method()),
                reason,
                typed.allowsBelowPlacard(),
                vehicleAssessment.pressures().tires(),
                people.me());
    }

    private VehiclePressures withChoice(VehicleAssessment vehicleAssessment, ChooseMethodRequest typed) {
        PressureInputs facts = vehicleAssessment.state().facts();
        PressureInputs chosen = new PressureInputs(
                facts.charts(),
                facts.scaleTickets(),
                facts.currentLoadState(),
                Optional.of(new PressureInputs.MethodChoice(
                        typed.method(),
                        "",
                        "",
                        vehicleAssessment.today(),
                        typed.allowsBelowPlacard(),
                        vehicleAssessment.pressures().tires())),
                facts.chalkTestResults(),
                facts.thresholds(),
                facts.bodyChanged());
        return vehicleAssessment.state().with(chosen).pressures(vehicleAssessment.policy(), vehicleAssessment.today());
    }

    @Transactional
    void threshold(long vehicleId, int axle, SetThresholdRequest typed, Units units) {
        changeTracker.only(vehicleId);
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        AxlePressure answer = axle(vehicleAssessment, axle);
        InputValidator wrong = new InputValidator();
        Optional<Pressure> fixed = wrong.optional("pressure", typed.pressure(), text -> Pressure.parse(text, units));
        Optional<Double> percent = wrong.optional("percentBelow", typed.percentBelow(), PressureService::percent);
        String why = wrong.text("reason", typed.reason(), 300);
        wrong.unless(!why.isEmpty(), "reason", WORDS.say("sayWhyOrWhere"));
        wrong.unless(
                fixed.isPresent() != percent.isPresent() || !wrong.isFine(),
                "pressure",
                WORDS.say("enterThePressureItWarns"));
        wrong.refuseIfWrong();
        PressureInputs.WarningThreshold set = new PressureInputs.WarningThreshold(
                fixed,
                percent.orElse(0.0) / 100,
                vehicleAssessment.today(),
                "",
                why,
                false,
                vehicleAssessment.pressures().tires().get(axle));
        Optional<PressureInputs.WarningThreshold> before = Optional.ofNullable(
                vehicleAssessment.state().facts().thresholds().get(axle));
        records.threshold(
                vehicleId, axle, fixed, percent, answer.isLowerThan(before, set), why, set.tire(), people.me());
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
        throw new rotagens.core.measure.InvalidInputException(WORDS.say("enterAShareBetween0"));
    }

    @Transactional
    void state(long vehicleId, SetLoadStateRequest typed) {
        changeTracker.only(vehicleId);
        LocalDate today = LocalDate.now(clock);
        fleet.get(vehicleId);
        InputValidator wrong = new InputValidator();
        wrong.unless(
                typed.state() != null && typed.state() != LoadState.UNKNOWN, "state", WORDS.say("chooseALoadState"));
        wrong.refuseIfWrong();
        Optional<LoadStates.LoadStateSetting> loadStateSetting = wrong.attempt(
                "until",
                () -> new LoadStates.LoadStateSetting(typed.state(), today, Optional.ofNullable(typed.until()), ""));
        loadStateSetting.ifPresent(one -> wrong.attempt("until", () -> {
            LoadStates.refuseBeforeTrip(
                    one,
                    trips.trips(vehicleId).stream()
                            .map(TripStore.StoredTrip::trip)
                            .toList());
            return one;
        }));
        wrong.refuseIfWrong();
        records.set(vehicleId, loadStateSetting.orElseThrow(), people.me());
    }

    /** Books a trip with a load: the pressures it needs are raised on its first day and restored on the day after it. */
    @Transactional
    void book(long vehicleId, BookTripRequest typed, Units units) {
        changeTracker.only(vehicleId);
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        InputValidator wrong = new InputValidator();
        LocalDate today = vehicleAssessment.today();
        wrong.unless(
                typed.state() != null && typed.state() != LoadState.UNKNOWN, "state", WORDS.say("chooseHowItWill"));
        wrong.unless(typed.from() != null && !typed.from().isBefore(today), "from", WORDS.say("enterAFirstDayFrom"));
        wrong.unless(
                typed.until() != null && (typed.from() == null || !typed.until().isBefore(typed.from())),
                "until",
                WORDS.say("enterItsLastDayNot"));
        String note = wrong.text("note", typed.note(), 300);
        wrong.refuseIfWrong();
        TripWork work = wrong.attempt(
                        "state",
                        () -> TripWork.of(
                                vehicleAssessment.state(), typed.state(), vehicleAssessment.policy(), today, units))
                .orElse(null);
        wrong.refuseIfWrong();
        Map<Position, String> raise = inWords(work.raise(), units);
        Map<Position, String> restore = inWords(work.restore(), units);
        Long raiseJob = raise.isEmpty()
                ? null
                : jobs.plan(
                        vehicleId,
                        typed.from(),
                        WORDS.say("beforeTheTrip", "state", typed.state().label()),
                        WorkType.SET_PRESSURE,
                        raise);
        Long restoreJob = restore.isEmpty()
                ? null
                : jobs.plan(
                        vehicleId,
                        typed.until().plusDays(1),
                        WORDS.say("afterTheTrip", "state", typed.state().label()),
                        WorkType.SET_PRESSURE,
                        restore);
        trips.book(
                vehicleId,
                new LoadStates.Trip(typed.state(), typed.from(), typed.until(), ""),
                note,
                raiseJob,
                restoreJob,
                people.me());
    }

    /** Cancels a trip, and takes its raise and restore off the plan where nobody has done them yet. */
    @Transactional
    void cancel(long vehicleId, long tripId) {
        changeTracker.only(vehicleId);
        trips.cancel(vehicleId, tripId).forEach(unscheduling::cancelIfOpen);
    }

    private static Map<Position, String> inWords(Map<Position, Message> changes, Units units) {
        Map<Position, String> words = new LinkedHashMap<>();
        changes.forEach((position, change) -> words.put(position, change.in(units)));
        return words;
    }

    @Transactional
    void bodyChanged(long vehicleId, BodyChangeRequest typed) {
        changeTracker.only(vehicleId);
        LocalDate today = fleet.get(vehicleId).today();
        InputValidator wrong = new InputValidator();
        String note = wrong.text("note", typed.note(), 300);
        wrong.unless(!note.isEmpty(), "note", WORDS.say("sayWhatChanged"));
        wrong.unless(typed.day() == null || !typed.day().isAfter(today), "day", WORDS.say("thisDayLiesAhead"));
        wrong.refuseIfWrong();
        records.bodyChanged(vehicleId, typed.day() == null ? today : typed.day(), note, people.me());
    }

    @Transactional(readOnly = true)
    ChalkTestView trial(long vehicleId, int axle, Units units) {
        AxlePressure answer = axle(fleet.get(vehicleId), axle);
        List<ChalkTest.Pass> passes = records.passes(vehicleId, axle);
        ChalkTest.NextPass nextPass = ChalkTest.after(passes, answer.chalkTestFloorPsi(), maximum(answer));
        return new ChalkTestView(
                passes.stream()
                        .map(pass -> new ChalkPassView(
                                pass.pressure().format(units),
                                pass.contactPattern(),
                                pass.contactPattern().label()))
                        .toList(),
                LoadPressurePages.in(nextPass.next(), units),
                LoadPressurePages.in(nextPass.result(), units),
                nextPass.statement().in(units),
                LoadPressurePages.tenth(answer.chalkTestFloorPsi()).format(units),
                Pressure.psi(maximum(answer)).format(units));
    }

    private static double maximum(AxlePressure answer) {
        return answer.maximum()
                .map(most -> most.pressure().psi())
                .orElseThrow(() -> ProblemException.conflict(WORDS.say("noMaximumOnFile")));
    }

    /** Logs a pass; where it ends the trial, the result becomes the axle's contact trim. */
    @Transactional
    ChalkTestView chalk(long vehicleId, int axle, ChalkPassRequest typed, Units units) {
        changeTracker.only(vehicleId);
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        AxlePressure answer = axle(vehicleAssessment, axle);
        InputValidator wrong = new InputValidator();
        Optional<Pressure> pressure = wrong.required("pressure", typed.pressure(), text -> Pressure.parse(text, units));
        wrong.unless(typed.contactPattern() != null, "contactPattern", WORDS.say("chooseWhatYouSaw"));
        pressure.filter(psi -> psi.psi() > maximum(answer) + 1e-6)
                .ifPresent(psi -> wrong.wrong(
                        "pressure",
                        WORDS.say(
                                "overTheMaximumNeverDrive",
                                "maximum",
                                Pressure.psi(maximum(answer)).format(units))));
        pressure.filter(psi -> psi.psi() < answer.chalkTestFloorPsi() - 0.05)
                .ifPresent(psi -> wrong.wrong(
                        "pressure",
                        WORDS.say(
                                "underWhatTheLoadNeeds",
                                "chalkTestFloorPsi",
                                LoadPressurePages.tenth(answer.chalkTestFloorPsi())
                                        .format(units))));
        wrong.refuseIfWrong();
        records.pass(vehicleId, axle, new ChalkTest.Pass(pressure.orElseThrow(), typed.contactPattern()), people.me());
        List<ChalkTest.Pass> passes = records.passes(vehicleId, axle);
        ChalkTest.after(passes, answer.chalkTestFloorPsi(), maximum(answer))
                .result()
                .ifPresent(result -> records.trim(
                        vehicleId,
                        axle,
                        result,
                        vehicleAssessment.state().facts().currentLoadState().state(),
                        vehicleAssessment.pressures().tires().get(axle),
                        people.me()));
        return trial(vehicleId, axle, units);
    }

    private static AxlePressure axle(VehicleAssessment vehicleAssessment, int axle) {
        AxlePressure answer = vehicleAssessment.pressures().axles().get(axle);
        if (answer == null) {
            throw ProblemException.notFound(WORDS.say("thisVehicleHasNoSuch"));
        }
        return answer;
    }
}
