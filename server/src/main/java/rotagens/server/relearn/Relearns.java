package rotagens.server.relearn;

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
import rotagens.core.fact.Warmth;
import rotagens.core.inspection.TireClocks;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueKind;
import rotagens.core.sensor.DashAgainstGauge;
import rotagens.core.sensor.RelearnCoach;
import rotagens.core.sensor.RelearnEvent;
import rotagens.core.sensor.RelearnFacts;
import rotagens.core.sensor.RelearnFamilies;
import rotagens.core.sensor.RelearnProcedure;
import rotagens.core.vehicle.Layout;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.server.changes.Changes;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.planning.JobCompletion;
import rotagens.server.planning.JobViews.Done;
import rotagens.server.planning.JobViews.Result;
import rotagens.server.planning.Jobs;
import rotagens.server.relearn.RelearnStore.Logged;
import rotagens.server.relearn.RelearnViews.CoachView;
import rotagens.server.relearn.RelearnViews.CornerView;
import rotagens.server.relearn.RelearnViews.DiagnosisView;
import rotagens.server.relearn.RelearnViews.EndedView;
import rotagens.server.relearn.RelearnViews.LoggedView;
import rotagens.server.relearn.RelearnViews.ProcedureForm;
import rotagens.server.relearn.RelearnViews.ProcedureView;
import rotagens.server.relearn.RelearnViews.RelearnView;
import rotagens.server.relearn.RelearnViews.SeenOrHeard;
import rotagens.server.relearn.RelearnViews.StartRelearn;
import rotagens.server.storage.generated.tables.records.RelearnRecord;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** Relearns: the vehicle's procedure as data, one relearn at a time, event by event, and its end on dash and gauge. */
@Service
public class Relearns {

    private static final int ENDED_SHOWN = 10;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTE = 400;

    private final RelearnStore store;
    private final Fleet fleet;
    private final FactLog facts;
    private final Jobs jobs;
    private final JobCompletion completion;
    private final People people;
    private final Changes changes;
    private final Clock clock;

    Relearns(
            RelearnStore store,
            Fleet fleet,
            FactLog facts,
            Jobs jobs,
            JobCompletion completion,
            People people,
            Changes changes,
            Clock clock) {
        this.store = store;
        this.fleet = fleet;
        this.facts = facts;
        this.jobs = jobs;
        this.completion = completion;
        this.people = people;
        this.changes = changes;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    RelearnView view(long vehicleId, Units units) {
        Standing standing = fleet.get(vehicleId);
        Layout layout = standing.onFile().facts().layout();
        Optional<RelearnStore.Noted> noted = store.procedure(vehicleId);
        return new RelearnView(
                standing.onFile().facts().unit(),
                noted.map(one -> view(one.procedure(), one)).orElse(null),
                RelearnFamilies.on(layout).stream().map(one -> view(one, null)).toList(),
                store.open(vehicleId).map(open -> coach(open, standing, units)).orElse(null),
                store.ended(vehicleId, ENDED_SHOWN).stream()
                        .map(one -> new EndedView(
                                one.getStartedAt(), one.getEndedAt(), one.getIsPractice(), one.getOutcome()))
                        .toList());
    }

    private static ProcedureView view(RelearnProcedure procedure, RelearnStore.Noted noted) {
        return new ProcedureView(
                procedure.name(),
                procedure.ways(),
                procedure.prompt(),
                procedure.trigger(),
                procedure.end(),
                procedure.corners().stream().map(Position::code).toList(),
                procedure.note(),
                noted == null ? null : noted.by(),
                noted == null ? null : noted.at());
    }

    /** The names of the procedures noted, by vehicle. */
    public Map<Long, String> named() {
        return store.procedureNames();
    }

    /** The vehicle's procedure as it is used: noted, else the first ready-made one. */
    public RelearnProcedure procedure(long vehicleId, Layout layout) {
        return store.procedure(vehicleId)
                .map(RelearnStore.Noted::procedure)
                .orElseGet(() -> RelearnFamilies.on(layout).get(0));
    }

    /** Notes how the vehicle learns. */
    @Transactional
    RelearnView note(long vehicleId, ProcedureForm typed, Units units) {
        changes.draftsOnly();
        Standing standing = fleet.get(vehicleId);
        Layout layout = standing.onFile().facts().layout();
        Entries wrong = new Entries();
        String name = wrong.text("name", typed.name(), LONGEST_NAME);
        wrong.unless(!name.isEmpty(), "name", "Give the procedure a name.");
        wrong.unless(typed.ways() != null && !typed.ways().isEmpty(), "ways", "Name at least one way into learn mode.");
        wrong.unless(typed.prompt() != null, "prompt", "How does it say which corner it wants?");
        wrong.unless(typed.trigger() != null, "trigger", "What makes a sensor answer?");
        wrong.unless(typed.end() != null, "end", "How does it say that it has heard them all?");
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        List<Position> corners = new ArrayList<>();
        Arrays.stream((typed.corners() == null ? "" : typed.corners()).strip().split("[\\s,→>-]+"))
                .filter(code -> !code.isEmpty())
                .forEach(
                        code -> wrong.optional("corners", code, Position::parse).ifPresent(corners::add));
        wrong.unless(corners.stream().allMatch(layout::has), "corners", "A corner of this order isn’t on the vehicle.");
        wrong.unless(
                corners.stream().distinct().count() == corners.size(),
                "corners",
                "A corner stands twice in the order. Each is asked for once.");
        wrong.refuseIfWrong();
        store.note(
                vehicleId,
                new RelearnProcedure(name, typed.ways(), typed.prompt(), typed.trigger(), typed.end(), corners, note),
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
    RelearnView start(long vehicleId, StartRelearn start, Units units) {
        changes.draftsOnly();
        Standing standing = fleet.get(vehicleId);
        if (store.open(vehicleId).isEmpty()) {
            store.start(
                    vehicleId,
                    start.trigger() != null
                            ? start.trigger()
                            : procedure(vehicleId, standing.onFile().facts().layout())
                                    .trigger(),
                    start.practice(),
                    clock.instant(),
                    people.me());
        }
        return view(vehicleId, units);
    }

    /** Something seen, heard or read. */
    @Transactional
    RelearnView event(long vehicleId, SeenOrHeard typed, Units units) {
        changes.draftsOnly();
        Standing standing = fleet.get(vehicleId);
        RelearnRecord open = open(vehicleId);
        Entries wrong = new Entries();
        wrong.unless(typed.kind() != null, "kind", "Say what was seen or heard.");
        wrong.refuseIfWrong();
        boolean atCorner = switch (typed.kind()) {
            case LAMP, HEARD, SILENT, AIR_OUT, GAUGE, DASH -> true;
            case LAMPS_OFF, ENTERED, WAY_FAILED, TIMED_OUT, ENDED -> false;
        };
        Optional<Position> position =
                atCorner ? wrong.required("position", typed.position(), standing::position) : Optional.empty();
        boolean reads = typed.kind() == RelearnEvent.Kind.GAUGE || typed.kind() == RelearnEvent.Kind.DASH;
        Optional<Pressure> pressure = reads
                ? wrong.required("pressure", typed.pressure(), text -> Pressure.parse(text, units))
                : Optional.empty();
        wrong.refuseIfWrong();
        log(open.getId(), standing, new RelearnEvent(typed.kind(), position, pressure));
        return view(vehicleId, units);
    }

    /** What a paired receiver or tool saw or heard goes into the relearn under way; nothing where none is. */
    @Transactional
    public void heard(long vehicleId, List<RelearnEvent> events) {
        changes.draftsOnly();
        Standing standing = fleet.get(vehicleId);
        store.open(vehicleId).ifPresent(open -> events.forEach(event -> log(open.getId(), standing, event)));
    }

    private void log(long relearnId, Standing standing, RelearnEvent event) {
        store.log(relearnId, event, event.position().map(standing::placeId).orElse(null), clock.instant(), people.me());
    }

    /**
     * Ends a relearn: learned, once every corner is confirmed on dash and gauge and every tire is filled again; given up with a
     * reason otherwise, and never before the air is back in.
     */
    @Transactional
    RelearnView end(long vehicleId, String why, Units units) {
        Standing standing = fleet.get(vehicleId);
        RelearnRecord open = open(vehicleId);
        List<RelearnEvent> log =
                store.log(open.getId()).stream().map(Logged::event).toList();
        RelearnCoach coach = RelearnCoach.of(facts(open, standing), log);
        if (!coach.toReinflate().isEmpty()) {
            throw ProblemException.conflict("Fill every tire again and gauge it first: "
                    + String.join(
                            ", ",
                            coach.toReinflate().stream().map(Position::code).toList())
                    + ".");
        }
        String outcome = RelearnStore.LEARNED + ", dash and gauge agree at every corner";
        if (!coach.mayClose()) {
            Entries wrong = new Entries();
            String reason = wrong.text("why", why, LONGEST_NOTE);
            wrong.unless(!reason.isEmpty(), "why", "It isn’t proven yet. Say why it is given up; it stays due.");
            wrong.refuseIfWrong();
            outcome = "given up: " + reason;
        }
        if (open.getIsPractice()) {
            changes.draftsOnly();
        } else {
            changes.only(vehicleId);
            keepReadings(standing, log);
        }
        store.end(open.getId(), clock.instant(), (open.getIsPractice() ? "practice, " : "") + outcome);
        if (coach.mayClose() && !open.getIsPractice()) {
            finishJobs(vehicleId, units);
        }
        return view(vehicleId, units);
    }

    /** A job that was for nothing but a relearn is done with it. */
    private void finishJobs(long vehicleId, Units units) {
        jobs.ofVehicle(vehicleId).stream()
                .filter(job ->
                        job.doneAt() == null && job.items().stream().allMatch(item -> item.kind() == DueKind.RELEARN))
                .forEach(job -> completion.done(
                        job.id(),
                        job.version(),
                        new Done(
                                null,
                                job.items().stream()
                                        .map(item -> Result.noted(
                                                item.id(), "with the coach; dash and gauge agree at every corner"))
                                        .toList()),
                        units));
    }

    /** The last gauge reading of each corner is a reading like any other. */
    private void keepReadings(Standing standing, List<RelearnEvent> log) {
        Map<Position, Pressure> gauge = new HashMap<>();
        log.stream()
                .filter(event -> event.kind() == RelearnEvent.Kind.GAUGE)
                .forEach(event -> gauge.put(
                        event.position().orElseThrow(), event.pressure().orElseThrow()));
        Instant now = clock.instant();
        List<FactLog.Look> looks = new ArrayList<>();
        gauge.forEach((position, pressure) -> Optional.ofNullable(
                        standing.fitted().get(position))
                .ifPresent(fitted -> looks.add(FactLog.Look.read(
                        new Readings.Entry(
                                fitted.tire().id(), standing.placeId(position), now, people.me(), null, null),
                        new Readings.Values(
                                Optional.of(pressure),
                                Warmth.COLD,
                                rotagens.core.wear.Tread.UNMEASURED,
                                Optional.empty())))));
        facts.record(looks);
    }

    private RelearnRecord open(long vehicleId) {
        return store.open(vehicleId)
                .orElseThrow(() -> ProblemException.conflict("No relearn is under way on this vehicle. Start one."));
    }

    private RelearnFacts facts(RelearnRecord open, Standing standing) {
        Map<Position, Pressure> targets = new HashMap<>();
        Map<Position, LocalDate> batteries = new HashMap<>();
        standing.fitted().forEach((position, fitted) -> {
            standing.target(position, fitted.tire().model())
                    .pressure()
                    .ifPresent(pressure -> targets.put(position, pressure));
            standing.onFile()
                    .facts()
                    .sensorAt(position)
                    .flatMap(Sensor::fittedOn)
                    .ifPresent(on ->
                            batteries.put(position, TireClocks.batteryMayEndFrom(on, standing.policyAt(position))));
        });
        return new RelearnFacts(
                standing.onFile().facts(),
                procedure(standing.onFile().id(), standing.onFile().facts().layout()),
                RelearnProcedure.Trigger.valueOf(open.getTriggerBy()),
                targets,
                batteries,
                standing.today());
    }

    private CoachView coach(RelearnRecord open, Standing standing, Units units) {
        List<Logged> log = store.log(open.getId());
        RelearnFacts facts = facts(open, standing);
        RelearnCoach coach =
                RelearnCoach.of(facts, log.stream().map(Logged::event).toList());
        Map<Position, Pressure> gauge = last(log, RelearnEvent.Kind.GAUGE);
        Map<Position, Pressure> dash = last(log, RelearnEvent.Kind.DASH);
        return new CoachView(
                open.getId(),
                facts.trigger(),
                open.getIsPractice(),
                coach.stage(),
                coach.says().in(units),
                coach.way().map(RelearnProcedure.Way::words).orElse(null),
                coach.remarks().stream().map(remark -> remark.in(units)).toList(),
                coach.diagnosis()
                        .map(found -> new DiagnosisView(
                                found.kind(),
                                found.corner().code(),
                                found.says().in(units)))
                        .orElse(null),
                coach.mayClose(),
                facts.corners().stream()
                        .map(corner -> new CornerView(
                                corner.code(),
                                standing.onFile().facts().layout().nameOf(corner),
                                standing.onFile()
                                        .facts()
                                        .sensorAt(corner)
                                        .map(Sensor::code)
                                        .orElse(null),
                                Optional.ofNullable(facts.targets().get(corner))
                                        .map(target -> target.in(units))
                                        .orElse(null),
                                coach.heard().contains(corner),
                                coach.lit().filter(corner::equals).isPresent(),
                                coach.expected().filter(corner::equals).isPresent(),
                                coach.toReinflate().contains(corner),
                                Optional.ofNullable(gauge.get(corner))
                                        .map(read -> read.in(units))
                                        .orElse(null),
                                Optional.ofNullable(dash.get(corner))
                                        .map(read -> read.in(units))
                                        .orElse(null),
                                coach.compared().stream()
                                        .flatMap(found -> found.crossed().stream())
                                        .filter(one -> one.named().equals(corner))
                                        .findFirst()
                                        .map(one -> one.shows().code())
                                        .orElse(null)))
                        .toList(),
                log.stream()
                        .map(one -> new LoggedView(words(one.event(), units), one.at(), one.by()))
                        .toList());
    }

    private static Map<Position, Pressure> last(List<Logged> log, RelearnEvent.Kind kind) {
        Map<Position, Pressure> last = new HashMap<>();
        log.stream()
                .map(Logged::event)
                .filter(event -> event.kind() == kind)
                .forEach(event -> last.put(
                        event.position().orElseThrow(), event.pressure().orElseThrow()));
        return last;
    }

    private static String words(RelearnEvent event, Units units) {
        String at = event.position().map(position -> " at " + position.code()).orElse("");
        return switch (event.kind()) {
                    case LAMPS_OFF -> "exterior lamps’ automatic off";
                    case ENTERED -> "learn mode entered";
                    case WAY_FAILED -> "this way in didn’t work";
                    case LAMP -> "lamp lit";
                    case HEARD -> "horn once, sensor heard";
                    case SILENT -> "nothing heard";
                    case TIMED_OUT -> "learn mode timed out";
                    case AIR_OUT -> "air let out";
                    case ENDED -> "end signal";
                    case GAUGE ->
                        "gauge reads " + event.pressure().orElseThrow().in(units);
                    case DASH -> "dash shows " + event.pressure().orElseThrow().in(units);
                }
                + at;
    }

    /** Dash and gauge compared without a relearn; where they name different corners that stays on record until a relearn is proven. */
    @Transactional
    RelearnViews.ComparedView compare(long vehicleId, RelearnViews.Compare typed, Units units) {
        Standing standing = fleet.get(vehicleId);
        Entries wrong = new Entries();
        Map<Position, Pressure> dash = typed("dash", typed.dash(), standing, wrong, units);
        Map<Position, Pressure> gauge = typed("gauge", typed.gauge(), standing, wrong, units);
        wrong.refuseIfWrong();
        dash.keySet()
                .forEach(at -> wrong.unless(
                        gauge.containsKey(at), "gauge." + at.code(), "Gauge it too, or clear what the dash shows."));
        gauge.keySet()
                .forEach(at -> wrong.unless(
                        dash.containsKey(at),
                        "dash." + at.code(),
                        "Read it on the dash too, or clear the gauge’s figure."));
        wrong.unless(dash.size() >= 2, "dash", "Read at least two corners on the dash and by gauge.");
        wrong.refuseIfWrong();
        DashAgainstGauge found = DashAgainstGauge.of(dash, gauge);
        if (!found.crossed().isEmpty()) {
            changes.only(vehicleId);
            store.swapped(vehicleId, swapped(found), clock.instant(), people.me());
        } else {
            changes.draftsOnly();
        }
        Map<Position, Pressure> maxima = new HashMap<>();
        Map<Position, Pressure> needs = new HashMap<>();
        gauge.keySet()
                .forEach(at -> Optional.ofNullable(standing.fitted().get(at)).ifPresent(fitted -> {
                    rotagens.core.pressure.Maximum.at(
                                    standing.onFile().facts(), at, fitted.tire().model(), standing.policyAt(at))
                            .ifPresent(maximum -> maxima.put(at, maximum.pressure()));
                    standing.pressures()
                            .at(at)
                            .flatMap(answer -> answer.needPsi())
                            .ifPresent(need -> needs.put(at, Pressure.psi(need)));
                }));
        return new RelearnViews.ComparedView(
                found.says().in(units),
                found.agrees(),
                !found.crossed().isEmpty(),
                found.corners().stream()
                        .map(corner -> new RelearnViews.ComparedCorner(
                                corner.named().code(),
                                dash.get(corner.named()).in(units),
                                gauge.get(corner.named()).in(units),
                                corner.shows().code(),
                                found.crossed().contains(corner),
                                found.undecided().contains(corner)))
                        .toList(),
                found.agrees() || found.undecided().isEmpty()
                        ? null
                        : DashAgainstGauge.breaker(gauge, maxima, needs)
                                .map(breaker -> breaker.says().in(units))
                                .orElse(
                                        "No tire may be changed enough within its maximum and its need: relearn instead."));
    }

    private static String swapped(DashAgainstGauge found) {
        return "Swapped sensors at "
                + found.crossed().stream().map(corner -> corner.named().code()).collect(Collectors.joining(", "));
    }

    private static Map<Position, Pressure> typed(
            String which, Map<String, String> figures, Standing standing, Entries wrong, Units units) {
        Map<Position, Pressure> read = new HashMap<>();
        if (figures != null) {
            figures.forEach(
                    (code, text) -> wrong.optional(which + "." + code, text, figure -> Pressure.parse(figure, units))
                            .ifPresent(pressure -> read.put(standing.position(code), pressure)));
        }
        return read;
    }
}
