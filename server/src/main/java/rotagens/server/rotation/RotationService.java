package rotagens.server.rotation;

import static rotagens.server.rotation.RotationWords.WORDS;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.PositionRules;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.planning.WorkType;
import rotagens.core.rotation.Arrangement;
import rotagens.core.rotation.CandidateTire;
import rotagens.core.rotation.MovePlan;
import rotagens.core.rotation.RotationProblem;
import rotagens.core.rotation.Violation;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.people.People;
import rotagens.server.people.Role;
import rotagens.server.planning.Jobs;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.planning.PlannedMoves.Planned;
import rotagens.server.rotation.RotationLoader.LoadedProblem;
import rotagens.server.rotation.RotationViews.ScheduleRotationRequest;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Makes an arrangement a job. Nothing moves before the job is signed off; taken off the plan, it gives everything back. */
@Service
class RotationService {

    private static final int LONGEST_REASON = 300;

    private final RotationPages pages;
    private final FleetCache fleet;
    private final Jobs jobs;
    private final PlannedMoves planned;
    private final VehicleRegister register;
    private final People people;
    private final ChangeTracker changeTracker;

    RotationService(
            RotationPages pages,
            FleetCache fleet,
            Jobs jobs,
            PlannedMoves planned,
            VehicleRegister register,
            People people,
            ChangeTracker changeTracker) {
        this.pages = pages;
        this.fleet = fleet;
        this.jobs = jobs;
        this.planned = planned;
        this.register = register;
        this.people = people;
        this.changeTracker = changeTracker;
    }

    @Transactional
    long accept(long vehicleId, ScheduleRotationRequest typed, Units units) {
        changeTracker.only(vehicleId);
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        refuseStale(vehicleAssessment, typed);
        InputValidator wrong = new InputValidator();
        String reason = wrong.text("reason", typed.reason(), LONGEST_REASON);
        List<Rule> overridden = typed.options().override() == null
                ? List.of()
                : typed.options().override().stream()
                        .filter(PositionRules.OVERRIDABLE::contains)
                        .sorted()
                        .toList();
        if (!overridden.isEmpty()) {
            wrong.unless(
                    people.get(people.me()).role() == Role.MANAGER, "override", WORDS.say("onlyAManagerCanOverride"));
            wrong.unless(!reason.isEmpty(), "reason", WORDS.say("enterTheOverrideReason"));
        }
        wrong.refuseIfWrong();
        LoadedProblem loadedProblem = pages.lay(vehicleAssessment, typed.options());
        Arrangement arrangement = RotationPages.arrangement(loadedProblem, typed.arrangement());
        RotationProblem rotationProblem = loadedProblem.bench();
        List<Violation> broken = rotationProblem.violations(arrangement);
        if (!broken.isEmpty()) {
            Violation first = broken.get(0);
            throw ProblemException.field(
                    "arrangement",
                    first.at().stream().map(Position::code).collect(Collectors.joining(WORDS.say("and"))) + ": "
                            + first.reason().reason().rule().title() + ": "
                            + first.reason().reason().statement().in(units) + ".");
        }
        MovePlan movePlan = MovePlan.to(rotationProblem, arrangement);
        if (movePlan.all().isEmpty()) {
            throw ProblemException.field("arrangement", WORDS.say("thisArrangementMovesNoTires"));
        }
        return write(vehicleAssessment, typed, loadedProblem, arrangement, movePlan, overridden, reason, units);
    }

    private void refuseStale(VehicleAssessment vehicleAssessment, ScheduleRotationRequest typed) {
        Map<String, Long> now = new HashMap<>();
        vehicleAssessment
                .fitted()
                .forEach((position, installedTire) ->
                        now.put(position.code(), installedTire.tire().id()));
        if (!Objects.equals(now, typed.before())) {
            throw ProblemException.conflict(WORDS.say("tiresWereMovedAfter"));
        }
        planned.openOf(vehicleAssessment.id()).ifPresent(open -> {
            throw ProblemException.conflict(WORDS.say("rotationOfThisVehicle"));
        });
    }

    private long write(
            VehicleAssessment vehicleAssessment,
            ScheduleRotationRequest typed,
            LoadedProblem loadedProblem,
            Arrangement arrangement,
            MovePlan movePlan,
            List<Rule> overridden,
            String reason,
            Units units) {
        String purpose = typed.goal() == null
                ? WORDS.say("byHand")
                : typed.goal().label().toLowerCase(java.util.Locale.ROOT);
        String note = WORDS.say(
                "rotation",
                "purpose",
                purpose,
                "overridden",
                overridden.isEmpty()
                        ? ""
                        : WORDS.say(
                                "overridden",
                                "overridden",
                                overridden.stream().map(Rule::title).collect(Collectors.joining(", ")),
                                "reason",
                                reason));
        long job = jobs.start(vehicleAssessment.id(), typed.day(), note);
        Map<Position, WheelSpec> wheels =
                register.stored(vehicleAssessment.id()).entry().wheels();
        Optional<String> torque = wheels.values().stream()
                .flatMap(wheel -> wheel.torque().stream())
                .findFirst()
                .map(asked -> asked.format(units));
        jobs.addWork(
                job,
                WorkType.ROTATE,
                null,
                WORDS.say(
                        "moves",
                        "count",
                        movePlan.all().size(),
                        "lifts",
                        movePlan.lifts().stream()
                                .map(lift ->
                                        WORDS.say("jackAt", "jackAt", String.join(WORDS.say("and"), lift.jackAt())))
                                .collect(Collectors.joining("; ")),
                        "torque",
                        torque.map(asked -> WORDS.say("nutsAt", "asked", asked)).orElse("")));
        List<Planned> rows = new ArrayList<>();
        int number = 1;
        for (MovePlan.Lift lift : movePlan.lifts()) {
            for (MovePlan.Move move : lift.moves()) {
                rows.add(row(number, move, movePlan, loadedProblem, vehicleAssessment));
                move.to()
                        .ifPresent(to -> jobs.addWork(
                                job,
                                move.method() == MovePlan.MoveMethod.PURCHASED
                                        ? WorkType.INSTALL_NEW_TIRE
                                        : WorkType.INSTALL_MOVED_TIRE,
                                vehicleAssessment.placeId(to),
                                words(move, loadedProblem, to, vehicleAssessment, units)));
            }
            number++;
        }
        jobs.completed(job, vehicleAssessment);
        planned.add(new PlannedMoves.Plan(
                job,
                purpose,
                loadedProblem.bench().inputs().nextVisit(),
                overridden.stream().map(Enum::name).collect(Collectors.joining(" ")),
                reason,
                rows));
        return job;
    }

    private static Planned row(
            int lift,
            MovePlan.Move move,
            MovePlan movePlan,
            LoadedProblem loadedProblem,
            VehicleAssessment vehicleAssessment) {
        return new Planned(
                lift,
                move.tire().toBuy() ? null : move.tire().id(),
                loadedProblem.models().get(move.tire().id()),
                move.from().map(vehicleAssessment::placeId).orElse(null),
                move.to().map(vehicleAssessment::placeId).orElse(null),
                move.to()
                        .map(to -> movePlan.wheelFrom().get(to))
                        .map(vehicleAssessment::placeId)
                        .orElse(null),
                move.method());
    }

    /** What goes there, from where, and the pressure it is filled to there. */
    private static String words(
            MovePlan.Move move,
            LoadedProblem loadedProblem,
            Position to,
            VehicleAssessment vehicleAssessment,
            Units units) {
        CandidateTire tire = move.tire();
        String target = vehicleAssessment
                .target(to, tire.tire().model())
                .pressure()
                .map(pressure -> WORDS.say("fillCold", "pressure", pressure.format(units)))
                .orElse(WORDS.say("findItsPressureFirst"));
        String dot = loadedProblem.dots().containsKey(tire.id())
                ? WORDS.say("dot", "dots", loadedProblem.dots().get(tire.id()))
                : "";
        return tire.name()
                + dot
                + move.from()
                        .map(from -> WORDS.say(
                                "from",
                                "from",
                                from.code(),
                                "method",
                                move.method().label()))
                        .orElse(", " + move.method().label())
                + target;
    }
}
