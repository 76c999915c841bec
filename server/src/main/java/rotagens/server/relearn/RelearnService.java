package rotagens.server.relearn;

import static rotagens.server.relearn.RelearnWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.SensorBattery;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.planning.WorkType;
import rotagens.core.sensor.DashGaugeComparison;
import rotagens.core.sensor.RelearnEvent;
import rotagens.core.sensor.RelearnGuide;
import rotagens.core.sensor.RelearnInputs;
import rotagens.core.sensor.RelearnProcedure;
import rotagens.core.sensor.RelearnTemplates;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.planning.JobCompletion;
import rotagens.server.planning.JobViews.CompleteJobRequest;
import rotagens.server.planning.JobViews.ItemResult;
import rotagens.server.planning.Jobs;
import rotagens.server.relearn.RelearnStore.Logged;
import rotagens.server.relearn.RelearnStore.OpenRelearn;
import rotagens.server.relearn.RelearnViews.CornerView;
import rotagens.server.relearn.RelearnViews.DiagnosisView;
import rotagens.server.relearn.RelearnViews.EndedView;
import rotagens.server.relearn.RelearnViews.LoggedView;
import rotagens.server.relearn.RelearnViews.ProcedureRequest;
import rotagens.server.relearn.RelearnViews.ProcedureView;
import rotagens.server.relearn.RelearnViews.RelearnEventRequest;
import rotagens.server.relearn.RelearnViews.RelearnGuideView;
import rotagens.server.relearn.RelearnViews.RelearnView;
import rotagens.server.relearn.RelearnViews.StartRelearnRequest;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Relearns: the vehicle's procedure as data, one relearn at a time, event by event, and its end on dash and gauge. */
@Service
public class RelearnService {

    private static final int ENDED_SHOWN = 10;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTE = 400;

    private final RelearnStore store;
    private final CornerProofStore proofs;
    private final FleetCache fleet;
    private final FactLog facts;
    private final Jobs jobs;
    private final JobCompletion completion;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    RelearnService(
            RelearnStore store,
            CornerProofStore proofs,
            FleetCache fleet,
            FactLog facts,
            Jobs jobs,
            JobCompletion completion,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.store = store;
        this.proofs = proofs;
        this.fleet = fleet;
        this.facts = facts;
        this.jobs = jobs;
        this.completion = completion;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    RelearnView view(long vehicleId, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        AxleLayout axleLayout = vehicleAssessment.layout();
        Optional<RelearnStore.Noted> noted = store.procedure(vehicleId);
        return new RelearnView(
                vehicleAssessment.unit(),
                noted.map(one -> view(one.procedure(), one)).orElse(null),
                RelearnTemplates.on(axleLayout).stream()
                        .map(one -> view(one, null))
                        .toList(),
                store.open(vehicleId)
                        .map(open -> coach(open, vehicleAssessment, units))
                        .orElse(null),
                store.ended(vehicleId, ENDED_SHOWN).stream()
                        .map(one -> new EndedView(one.startedAt(), one.endedAt(), one.practice(), one.outcome()))
                        .toList());
    }

    private static ProcedureView view(RelearnProcedure procedure, RelearnStore.Noted noted) {
        return new ProcedureView(
                procedure.name(),
                procedure.entryMethods(),
                procedure.cornerPrompt(),
                procedure.trigger(),
                procedure.end(),
                procedure.cornerOrder().stream().map(Position::code).toList(),
                procedure.note(),
                noted == null ? null : noted.by(),
                noted == null ? null : noted.at());
    }

    /** The names of the procedures noted, by vehicle. */
    public Map<Long, String> named() {
        return store.procedureNames();
    }

    /** The vehicle's procedure as it is used: noted, else the first ready-made one. */
    public RelearnProcedure procedure(long vehicleId, AxleLayout axleLayout) {
        return store.procedure(vehicleId)
                .map(RelearnStore.Noted::procedure)
                .orElseGet(() -> RelearnTemplates.on(axleLayout).get(0));
    }

    /** Notes how the vehicle learns. */
    @Transactional
    RelearnView note(long vehicleId, ProcedureRequest typed, Units units) {
        changeTracker.draftsOnly();
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        AxleLayout axleLayout = vehicleAssessment.layout();
        InputValidator wrong = new InputValidator();
        String name = wrong.text("name", typed.name(), LONGEST_NAME);
        wrong.unless(!name.isEmpty(), "name", WORDS.say("giveTheProcedureAName"));
        wrong.unless(
                typed.entryMethods() != null && !typed.entryMethods().isEmpty(),
                "entryMethods",
                WORDS.say("nameAtLeastOneWay"));
        wrong.unless(typed.cornerPrompt() != null, "cornerPrompt", WORDS.say("howDoesItSayWhich"));
        wrong.unless(typed.trigger() != null, "trigger", WORDS.say("whatMakesASensorAnswer"));
        wrong.unless(typed.end() != null, "end", WORDS.say("howDoesItSay"));
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        List<Position> corners = new ArrayList<>();
        Arrays.stream((typed.cornerOrder() == null ? "" : typed.cornerOrder())
                        .strip()
                        .split("[\\s,→>-]+"))
                .filter(code -> !code.isEmpty())
                .forEach(code ->
                        wrong.optional("cornerOrder", code, Position::parse).ifPresent(corners::add));
        wrong.unless(corners.stream().allMatch(axleLayout::has), "cornerOrder", WORDS.say("cornerOfThisOrderIsnt"));
        wrong.unless(
                corners.stream().distinct().count() == corners.size(),
                "cornerOrder",
                WORDS.say("cornerIsListedTwiceEnter"));
        wrong.refuseIfWrong();
        store.note(
                vehicleId,
                new RelearnProcedure(
                        name, typed.entryMethods(), typed.cornerPrompt(), typed.trigger(), typed.end(), corners, note),
                clock.instant(),
                people.me());
        return view(vehicleId, units);
    }

    /** Notes how a vehicle learns as part of setting up a fleet. */
    @Transactional
    public void noteFor(long vehicleId, RelearnProcedure procedure, long by) {
        store.note(vehicleId, procedure, clock.instant(), by);
    }

    /** Begins a relearn, or joins the one that is under way. */
    @Transactional
    RelearnView start(long vehicleId, StartRelearnRequest start, Units units) {
        changeTracker.draftsOnly();
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        if (store.open(vehicleId).isEmpty()) {
            store.start(
                    vehicleId,
                    start.trigger() != null
                            ? start.trigger()
                            : procedure(vehicleId, vehicleAssessment.layout()).trigger(),
                    start.practice(),
                    clock.instant(),
                    people.me());
        }
        return view(vehicleId, units);
    }

    /** Something seen, heard or read. */
    @Transactional
    RelearnView event(long vehicleId, RelearnEventRequest typed, Units units) {
        changeTracker.draftsOnly();
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        OpenRelearn open = open(vehicleId);
        InputValidator wrong = new InputValidator();
        wrong.unless(typed.type() != null, "type", WORDS.say("sayWhatWasSeen"));
        wrong.refuseIfWrong();
        boolean atCorner = switch (typed.type()) {
            case LAMP_LIT, CONFIRMED, NO_RESPONSE, AIR_RELEASED, GAUGE, DASH -> true;
            case LAMPS_OFF, ENTERED, ENTRY_FAILED, TIMED_OUT, ENDED -> false;
        };
        Optional<Position> position = atCorner
                ? wrong.required("position", typed.position(), code -> VehiclePositions.of(vehicleAssessment, code))
                : Optional.empty();
        boolean reads = typed.type() == RelearnEvent.Type.GAUGE || typed.type() == RelearnEvent.Type.DASH;
        Optional<Pressure> pressure = reads
                ? wrong.required("pressure", typed.pressure(), text -> Pressure.parse(text, units))
                : Optional.empty();
        wrong.refuseIfWrong();
        log(open.id(), vehicleAssessment, new RelearnEvent(typed.type(), position, pressure));
        return view(vehicleId, units);
    }

    /** What a paired receiver or tool saw or heard goes into the relearn under way; nothing where none is. */
    @Transactional
    public void confirmed(long vehicleId, List<RelearnEvent> events) {
        changeTracker.draftsOnly();
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        store.open(vehicleId).ifPresent(open -> events.forEach(event -> log(open.id(), vehicleAssessment, event)));
    }

    private void log(long relearnId, VehicleAssessment vehicleAssessment, RelearnEvent event) {
        store.log(
                relearnId,
                event,
                event.position().map(vehicleAssessment::placeId).orElse(null),
                clock.instant(),
                people.me());
    }

    /**
     * Ends a relearn: learned, once every corner is confirmed on dash and gauge and every tire is filled again; given up with a
     * reason otherwise, and never before the air is back in.
     */
    @Transactional
    RelearnView end(long vehicleId, String why, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        OpenRelearn open = open(vehicleId);
        List<RelearnEvent> log =
                store.log(open.id()).stream().map(Logged::event).toList();
        RelearnGuide coach = RelearnGuide.of(facts(open, vehicleAssessment), log);
        if (!coach.cornersToInflate().isEmpty()) {
            throw ProblemException.conflict(WORDS.say(
                    "inflateEveryTireToTarget",
                    "cornersToInflate",
                    String.join(
                            ", ",
                            coach.cornersToInflate().stream()
                                    .map(Position::code)
                                    .toList())));
        }
        String outcome = WORDS.say("dashAndGaugeAgree", "learned", RelearnStore.LEARNED);
        if (!coach.canFinish()) {
            InputValidator wrong = new InputValidator();
            String reason = wrong.text("reason", why, LONGEST_NOTE);
            wrong.unless(!reason.isEmpty(), "reason", WORDS.say("relearnIsNotConfirmedEnter"));
            wrong.refuseIfWrong();
            outcome = WORDS.say("abandoned", "reason", reason);
        }
        if (open.practice()) {
            changeTracker.draftsOnly();
        } else {
            changeTracker.only(vehicleId);
            keepReadings(vehicleAssessment, log);
        }
        store.end(open.id(), clock.instant(), WORDS.say("practice", "practice", open.practice(), "outcome", outcome));
        if (coach.canFinish() && !open.practice()) {
            finishJobs(vehicleId, units);
        }
        return view(vehicleId, units);
    }

    /** A job that was for nothing but a relearn is done with it. */
    private void finishJobs(long vehicleId, Units units) {
        jobs.ofVehicle(vehicleId).stream()
                .filter(jobView -> jobView.doneAt() == null
                        && jobView.items().stream().allMatch(jobItemView -> jobItemView.workType() == WorkType.RELEARN))
                .forEach(jobView -> completion.done(
                        jobView.id(),
                        jobView.version(),
                        new CompleteJobRequest(
                                null,
                                jobView.items().stream()
                                        .map(jobItemView ->
                                                ItemResult.noted(jobItemView.id(), WORDS.say("withTheCoachDash")))
                                        .toList()),
                        units));
    }

    /** The last gauge reading of each corner is a reading like any other. */
    private void keepReadings(VehicleAssessment vehicleAssessment, List<RelearnEvent> log) {
        Map<Position, Pressure> gauge = new HashMap<>();
        log.stream()
                .filter(event -> event.type() == RelearnEvent.Type.GAUGE)
                .forEach(event -> gauge.put(
                        event.position().orElseThrow(), event.pressure().orElseThrow()));
        Instant now = clock.instant();
        List<FactLog.Observation> observations = new ArrayList<>();
        gauge.forEach((position, pressure) -> Optional.ofNullable(
                        vehicleAssessment.fitted().get(position))
                .ifPresent(installedTire -> observations.add(FactLog.Observation.read(
                        new Readings.Entry(
                                installedTire.tire().id(),
                                vehicleAssessment.placeId(position),
                                now,
                                people.me(),
                                null,
                                null),
                        new Readings.Values(
                                Optional.of(pressure),
                                ThermalState.COLD,
                                rotagens.core.wear.GrooveDepths.UNMEASURED,
                                Optional.empty())))));
        facts.record(observations);
    }

    private OpenRelearn open(long vehicleId) {
        return store.open(vehicleId).orElseThrow(() -> ProblemException.conflict(WORDS.say("noRelearnIsUnderWay")));
    }

    private RelearnInputs facts(OpenRelearn open, VehicleAssessment vehicleAssessment) {
        Map<Position, Pressure> targets = new HashMap<>();
        Map<Position, LocalDate> batteries = new HashMap<>();
        vehicleAssessment.fitted().forEach((position, installedTire) -> {
            vehicleAssessment
                    .target(position, installedTire.tire().model())
                    .pressure()
                    .ifPresent(pressure -> targets.put(position, pressure));
            vehicleAssessment
                    .vehicle()
                    .sensorAt(position)
                    .flatMap(Sensor::installedOn)
                    .ifPresent(on -> batteries.put(
                            position, SensorBattery.mayEndFrom(on, vehicleAssessment.policyAt(position))));
        });
        return new RelearnInputs(
                vehicleAssessment.vehicle(),
                procedure(vehicleAssessment.id(), vehicleAssessment.layout()),
                open.trigger(),
                targets,
                batteries,
                vehicleAssessment.today());
    }

    private RelearnGuideView coach(OpenRelearn open, VehicleAssessment vehicleAssessment, Units units) {
        List<Logged> log = store.log(open.id());
        RelearnInputs facts = facts(open, vehicleAssessment);
        RelearnGuide coach =
                RelearnGuide.of(facts, log.stream().map(Logged::event).toList());
        Map<Position, Pressure> gauge = last(log, RelearnEvent.Type.GAUGE);
        Map<Position, Pressure> dash = last(log, RelearnEvent.Type.DASH);
        return new RelearnGuideView(
                open.id(),
                facts.trigger(),
                open.practice(),
                coach.stage(),
                coach.statement().in(units),
                coach.entryMethod().map(RelearnProcedure.EntryMethod::label).orElse(null),
                coach.remarks().stream().map(remark -> remark.in(units)).toList(),
                coach.diagnosis()
                        .map(found -> new DiagnosisView(
                                found.kind(),
                                found.corner().code(),
                                found.statement().in(units)))
                        .orElse(null),
                coach.canFinish(),
                facts.corners().stream()
                        .map(corner -> new CornerView(
                                corner.code(),
                                vehicleAssessment.layout().nameOf(corner),
                                vehicleAssessment
                                        .vehicle()
                                        .sensorAt(corner)
                                        .map(Sensor::sensorId)
                                        .orElse(null),
                                Optional.ofNullable(facts.targets().get(corner))
                                        .map(target -> target.format(units))
                                        .orElse(null),
                                coach.confirmed().contains(corner),
                                coach.lit().filter(corner::equals).isPresent(),
                                coach.expected().filter(corner::equals).isPresent(),
                                coach.cornersToInflate().contains(corner),
                                Optional.ofNullable(gauge.get(corner))
                                        .map(read -> read.format(units))
                                        .orElse(null),
                                Optional.ofNullable(dash.get(corner))
                                        .map(read -> read.format(units))
                                        .orElse(null),
                                coach.compared().stream()
                                        .flatMap(found -> found.swapped().stream())
                                        .filter(one -> one.named().equals(corner))
                                        .findFirst()
                                        .map(one -> one.shows().code())
                                        .orElse(null)))
                        .toList(),
                log.stream()
                        .map(one -> new LoggedView(words(one.event(), units), one.at(), one.by()))
                        .toList());
    }

    private static Map<Position, Pressure> last(List<Logged> log, RelearnEvent.Type type) {
        Map<Position, Pressure> last = new HashMap<>();
        log.stream()
                .map(Logged::event)
                .filter(event -> event.type() == type)
                .forEach(event -> last.put(
                        event.position().orElseThrow(), event.pressure().orElseThrow()));
        return last;
    }

    private static String words(RelearnEvent event, Units units) {
        String at = event.position()
                .map(position -> WORDS.say("at", "position", position.code()))
                .orElse("");
        return switch (event.type()) {
                    case LAMPS_OFF -> WORDS.say("exteriorLampsAutomaticOff");
                    case ENTERED -> WORDS.say("learnModeEntered");
                    case ENTRY_FAILED -> WORDS.say("thisWayInDidntWork");
                    case LAMP_LIT -> WORDS.say("lampLit");
                    case CONFIRMED -> WORDS.say("hornOnceSensorHeard");
                    case NO_RESPONSE -> WORDS.say("nothingHeard");
                    case TIMED_OUT -> WORDS.say("learnModeTimedOut");
                    case AIR_RELEASED -> WORDS.say("airLetOut");
                    case ENDED -> WORDS.say("endSignal");
                    case GAUGE ->
                        WORDS.say(
                                "gaugeReads",
                                "pressure",
                                event.pressure().orElseThrow().format(units));
                    case DASH ->
                        WORDS.say(
                                "dashShows",
                                "pressure",
                                event.pressure().orElseThrow().format(units));
                }
                + at;
    }

    /** Dash and gauge compared without a relearn; where they name different corners that stays on record until a relearn is proven. */
    @Transactional
    RelearnViews.DashGaugeComparisonView compare(long vehicleId, RelearnViews.CompareRequest typed, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        InputValidator wrong = new InputValidator();
        Map<Position, Pressure> dash = typed("dash", typed.dash(), vehicleAssessment, wrong, units);
        Map<Position, Pressure> gauge = typed("gauge", typed.gauge(), vehicleAssessment, wrong, units);
        wrong.refuseIfWrong();
        dash.keySet()
                .forEach(at -> wrong.unless(
                        gauge.containsKey(at), "gauge." + at.code(), WORDS.say("enterTheGaugeReadingToo")));
        gauge.keySet()
                .forEach(at ->
                        wrong.unless(dash.containsKey(at), "dash." + at.code(), WORDS.say("enterTheDashReadingToo")));
        wrong.unless(dash.size() >= 2, "dash", WORDS.say("readAtLeastTwoCorners"));
        wrong.refuseIfWrong();
        DashGaugeComparison found = DashGaugeComparison.of(dash, gauge);
        proofs.compared(
                vehicleId,
                found.provesAll(vehicleAssessment.vehicle().sensors().keySet()),
                found.statement().in(units),
                clock.instant(),
                people.me());
        if (!found.swapped().isEmpty()) {
            changeTracker.only(vehicleId);
            store.swapped(vehicleId, swapped(found), clock.instant(), people.me());
        } else {
            changeTracker.draftsOnly();
        }
        Map<Position, Pressure> maxima = new HashMap<>();
        Map<Position, Pressure> needs = new HashMap<>();
        gauge.keySet()
                .forEach(at -> Optional.ofNullable(vehicleAssessment.fitted().get(at))
                        .ifPresent(installedTire -> {
                            rotagens.core.pressure.MaximumPressure.at(
                                            vehicleAssessment.vehicle(),
                                            at,
                                            installedTire.tire().model(),
                                            vehicleAssessment.policyAt(at))
                                    .ifPresent(maximumPressure -> maxima.put(at, maximumPressure.pressure()));
                            vehicleAssessment
                                    .pressures()
                                    .at(at)
                                    .flatMap(answer -> answer.minimumForLoadPsi())
                                    .ifPresent(need -> needs.put(at, Pressure.psi(need)));
                        }));
        return new RelearnViews.DashGaugeComparisonView(
                found.statement().in(units),
                found.matches(),
                !found.swapped().isEmpty(),
                found.corners().stream()
                        .map(cornerMatch -> new RelearnViews.CornerMatchView(
                                cornerMatch.named().code(),
                                dash.get(cornerMatch.named()).format(units),
                                gauge.get(cornerMatch.named()).format(units),
                                cornerMatch.shows().code(),
                                found.swapped().contains(cornerMatch),
                                found.ambiguous().contains(cornerMatch)))
                        .toList(),
                found.matches() || found.ambiguous().isEmpty()
                        ? null
                        : DashGaugeComparison.breaker(gauge, maxima, needs)
                                .map(tieBreaker -> tieBreaker.statement().in(units))
                                .orElse(WORDS.say("noTireMayBeChanged")));
    }

    private static String swapped(DashGaugeComparison found) {
        return WORDS.say(
                "swappedSensors",
                "swapped",
                found.swapped().stream()
                        .map(cornerMatch -> cornerMatch.named().code())
                        .collect(Collectors.joining(", ")));
    }

    private static Map<Position, Pressure> typed(
            String which,
            Map<String, String> figures,
            VehicleAssessment vehicleAssessment,
            InputValidator wrong,
            Units units) {
        Map<Position, Pressure> read = new HashMap<>();
        if (figures != null) {
            figures.forEach((code, text) -> wrong.optional(
                            which + "." + code, text, figure -> Pressure.parse(figure, units))
                    .ifPresent(pressure -> read.put(VehiclePositions.of(vehicleAssessment, code), pressure)));
        }
        return read;
    }
}
