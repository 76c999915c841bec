package rotagens.server.wear;

import static rotagens.server.wear.WearWords.WORDS;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.inspection.Triage;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.measure.Units;
import rotagens.core.planning.WorkType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.people.People;
import rotagens.server.planning.Jobs;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicleevent.VehicleEventStore;
import rotagens.server.vehicleevent.VehicleEventStore.Reported;
import rotagens.server.vehicleevent.VehicleEventStore.State;
import rotagens.server.wear.WearController.PatternTerm;
import rotagens.server.wear.WearPages.ReportView;
import rotagens.server.web.IdempotentRequests;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Drivers' reports: the short form behind a vehicle's code, open to whoever holds the card, and a coordinator's look at them. */
@RestController
class DriverReportController {

    /** What the form shows of the vehicle: its unit and its corners, nothing else. */
    record DriverReportFormView(String unit, List<PatternTerm> symptoms, List<String> corners) {}

    record DriverReportRequest(
            @Nullable Symptom symptom,
            @Nullable String corner,
            @Nullable String note,
            @Nullable String reporter) {}

    /** What the driver is told. */
    record ReportReceivedView(String statement) {}

    record DriverReportToReview(long vehicleId, String unit, ReportView report) {}

    /** @param plan whether a look at it is put on a day at once */
    record ReviewReportRequest(
            @Nullable State status, @Nullable String note, java.time.@Nullable LocalDate plan) {}

    record DriverCardView(String unit, String code) {}

    private final VehicleEventStore history;
    private final VehicleStore vehicleStore;
    private final FleetCache fleet;
    private final Jobs jobs;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Strikes strikes;
    private final DriverReportThrottle throttle;
    private final IdempotentRequests idempotentRequests;

    DriverReportController(
            VehicleEventStore history,
            VehicleStore vehicleStore,
            FleetCache fleet,
            Jobs jobs,
            People people,
            ChangeTracker changeTracker,
            Strikes strikes,
            DriverReportThrottle throttle,
            IdempotentRequests idempotentRequests) {
        this.history = history;
        this.vehicleStore = vehicleStore;
        this.fleet = fleet;
        this.jobs = jobs;
        this.people = people;
        this.changeTracker = changeTracker;
        this.strikes = strikes;
        this.throttle = throttle;
        this.idempotentRequests = idempotentRequests;
    }

    private VehicleStore.OnFile vehicle(String code) {
        return history.vehicleOf(code).map(vehicleStore::get).orElseThrow(() -> {
            throttle.missed();
            return ProblemException.notFound(WORDS.say("thisCodeOpensNothingWas"));
        });
    }

    /** The form a driver sees after scanning the vehicle’s card. */
    @GetMapping("/api/driver-reports/{code}")
    DriverReportFormView getDriverReportForm(@PathVariable String code) {
        VehicleStore.OnFile vehicle = vehicle(code);
        return new DriverReportFormView(
                vehicle.facts().unit(),
                Arrays.stream(Symptom.values())
                        .map(symptom -> new PatternTerm(symptom.name(), symptom.label()))
                        .toList(),
                vehicle.facts().layout().positions().stream()
                        .filter(OnAxle.class::isInstance)
                        .map(Position::code)
                        .toList());
    }

    /** A driver’s report by the address on the vehicle’s card. */
    @PostMapping("/api/driver-reports/{code}")
    ReportReceivedView addDriverReport(
            @PathVariable String code,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody DriverReportRequest typed) {
        VehicleStore.OnFile vehicle = vehicle(code);
        InputValidator wrong = new InputValidator();
        wrong.unless(typed.symptom() != null, "symptom", WORDS.say("chooseWhatYouNoticed"));
        String corner = wrong.text("corner", typed.corner(), 4);
        wrong.unless(
                corner.isEmpty()
                        || vehicle.facts().layout().positions().stream()
                                .anyMatch(position -> position.code().equals(corner)),
                "corner",
                WORDS.say("thisVehicleHasNoSuch"));
        String note = wrong.text("note", typed.note(), 300);
        String reporter = wrong.text("reporter", typed.reporter(), 60);
        wrong.refuseIfWrong();
        throttle.send(code);
        idempotentRequests.write(key, List.of("report", code, typed), Long.class, () -> {
            changeTracker.draftsOnly();
            return history.report(vehicle.id(), typed.symptom(), corner, note, reporter);
        });
        return new ReportReceivedView(
                typed.symptom().asksToGaugeAll()
                        ? WORDS.say("reportedTheLampMayName")
                        : WORDS.say("reportedTheCoordinatorLooks"));
    }

    /** What waits for review. */
    @GetMapping("/api/reports")
    List<DriverReportToReview> listReportsToReview() {
        return history.reports((Long) null).stream()
                .map(one -> new DriverReportToReview(one.vehicleId(), one.unit(), WearPages.view(one)))
                .toList();
    }

    /**
     * A check a report asks for.
     *
     * @param known what is on record for it
     * @param suspicious whether that already speaks for it
     * @param found what the check came to; null while nobody has made it
     */
    record CheckView(
            Triage.Check check,
            String title,
            List<String> known,
            boolean suspicious,
            @Nullable Boolean found,
            @Nullable String note,
            @Nullable String by) {}

    /**
     * What a report asks to be checked, in that order.
     *
     * @param first what has to be known before anything is touched; null where nothing does
     * @param next the check to do next; null once all are done
     */
    record TriageView(@Nullable String first, List<CheckView> checks, Triage.@Nullable Check next) {}

    record CheckResultRequest(
            Triage.@Nullable Check check,
            @Nullable Boolean found,
            @Nullable String note) {}

    /** The known figures of a report laid out in the order to check them. */
    @GetMapping("/api/reports/{id}/triage")
    @Transactional(readOnly = true)
    public TriageView getReportTriage(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        Reported report = history.report(id);
        VehicleAssessment vehicleAssessment = fleet.get(report.vehicleId());
        Triage triage = Triage.of(
                vehicleAssessment.state(),
                history.of(report.vehicleId()),
                report.symptom(),
                vehicleAssessment.policy(),
                vehicleAssessment.today());
        Map<Triage.Check, VehicleEventStore.Checked> done = history.checks(id);
        return new TriageView(
                triage.first().map(words -> words.in(units)).orElse(null),
                triage.steps().stream()
                        .map(step -> new CheckView(
                                step.check(),
                                step.check().label(),
                                step.known().stream()
                                        .map(known -> known.in(units))
                                        .toList(),
                                step.suspicious(),
                                Optional.ofNullable(done.get(step.check()))
                                        .map(VehicleEventStore.Checked::found)
                                        .orElse(null),
                                Optional.ofNullable(done.get(step.check()))
                                        .map(VehicleEventStore.Checked::note)
                                        .orElse(null),
                                Optional.ofNullable(done.get(step.check()))
                                        .map(VehicleEventStore.Checked::by)
                                        .orElse(null)))
                        .toList(),
                triage.next(done.keySet()).orElse(null));
    }

    /** What one check came to. */
    @PostMapping("/api/reports/{id}/checks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void addReportCheck(@PathVariable long id, @RequestBody CheckResultRequest typed) {
        changeTracker.draftsOnly();
        InputValidator wrong = new InputValidator();
        wrong.unless(typed.check() != null, "check", WORDS.say("chooseWhichCheckWasMade"));
        wrong.unless(typed.found() != null, "found", WORDS.say("sayWhetherItFound"));
        String note = wrong.text("note", typed.note(), 300);
        wrong.unless(typed.found() == null || !typed.found() || !note.isEmpty(), "note", WORDS.say("sayInAFewWords"));
        wrong.refuseIfWrong();
        history.checked(id, typed.check(), typed.found(), note, people.me());
    }

    /** Lets a report count or not. One that counts may be put on a day: a lamp or a soft tire asks to gauge every corner. */
    @PostMapping("/api/reports/{id}/review")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void reviewReport(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody ReviewReportRequest typed) {
        InputValidator wrong = new InputValidator();
        wrong.unless(
                typed.status() == State.ACCEPTED || typed.status() == State.DISMISSED,
                "status",
                WORDS.say("acceptOrDismissTheReport"));
        String note = wrong.text("note", typed.note(), 300);
        wrong.unless(typed.status() != State.DISMISSED || !note.isEmpty(), "note", WORDS.say("enterWhyTheReport"));
        wrong.refuseIfWrong();
        Reported report = history.review(id, typed.status(), note, people.me());
        changeTracker.only(report.vehicleId());
        if (typed.status() == State.ACCEPTED && report.symptom() == Symptom.STRUCK) {
            strikes.record(fleet.get(report.vehicleId()), report.corner(), report.at(), people.me());
        }
        if (typed.plan() != null && typed.status() == State.ACCEPTED) {
            plan(report, typed.plan());
        }
    }

    private void plan(Reported report, java.time.LocalDate day) {
        VehicleAssessment vehicleAssessment = fleet.get(report.vehicleId());
        boolean gauge = report.symptom().asksToGaugeAll();
        String why = WORDS.say(
                "driverOtherOther",
                "symptom",
                report.symptom().label(),
                "corner",
                report.corner(),
                "hasCorner",
                !report.corner().isEmpty(),
                "note",
                report.note(),
                "hasNote",
                !report.note().isEmpty());
        Map<Position, String> at = new LinkedHashMap<>();
        vehicleAssessment.layout().walkAroundOrder().stream()
                .filter(vehicleAssessment.fitted()::containsKey)
                .filter(OnAxle.class::isInstance)
                .forEach(position -> at.put(position, gauge ? WORDS.say("gaugeAllBeforeAddingAir", "why", why) : why));
        jobs.plan(
                report.vehicleId(),
                day,
                why,
                gauge ? WorkType.PRESSURE_CHECK : WorkType.CORRECT_WEAR_CAUSE,
                gauge ? at : first(at));
    }

    private static Map<Position, String> first(Map<Position, String> at) {
        Optional<Map.Entry<Position, String>> one = at.entrySet().stream().findFirst();
        return one.map(entry -> Map.of(entry.getKey(), entry.getValue())).orElse(Map.of());
    }

    /** The card to print: whoever holds it may report. */
    @GetMapping("/api/vehicles/{id}/driver-card")
    @Transactional
    public DriverCardView getDriverCard(@PathVariable long id) {
        changeTracker.draftsOnly();
        return new DriverCardView(vehicleStore.get(id).facts().unit(), history.code(id));
    }

    /** A new card; older ones open nothing from then on. */
    @PostMapping("/api/vehicles/{id}/driver-card")
    @Transactional
    public DriverCardView renewDriverCard(@PathVariable long id) {
        changeTracker.draftsOnly();
        return new DriverCardView(vehicleStore.get(id).facts().unit(), history.newCode(id));
    }
}
