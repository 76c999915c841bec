package rotagens.server.rotation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.Placing;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueKind;
import rotagens.core.rotation.Arrangement;
import rotagens.core.rotation.Bench;
import rotagens.core.rotation.BenchTire;
import rotagens.core.rotation.Moves;
import rotagens.core.rotation.Violation;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.people.People;
import rotagens.server.people.Role;
import rotagens.server.planning.Jobs;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.planning.PlannedMoves.Planned;
import rotagens.server.rotation.BenchTop.Laid;
import rotagens.server.rotation.RotationViews.Accept;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** Makes an arrangement a job. Nothing moves before the job is signed off; taken off the plan, it gives everything back. */
@Service
class Rotations {

    private static final int LONGEST_REASON = 300;

    private final RotationPages pages;
    private final Fleet fleet;
    private final Jobs jobs;
    private final PlannedMoves planned;
    private final VehicleRegister register;
    private final People people;
    private final Changes changes;

    Rotations(
            RotationPages pages,
            Fleet fleet,
            Jobs jobs,
            PlannedMoves planned,
            VehicleRegister register,
            People people,
            Changes changes) {
        this.pages = pages;
        this.fleet = fleet;
        this.jobs = jobs;
        this.planned = planned;
        this.register = register;
        this.people = people;
        this.changes = changes;
    }

    @Transactional
    long accept(long vehicleId, Accept typed, Units units) {
        changes.only(vehicleId);
        Standing standing = fleet.get(vehicleId);
        refuseStale(standing, typed);
        Entries wrong = new Entries();
        String reason = wrong.text("reason", typed.reason(), LONGEST_REASON);
        List<Rule> overridden = typed.asked().override() == null
                ? List.of()
                : typed.asked().override().stream()
                        .filter(Placing.OVERRIDABLE::contains)
                        .sorted()
                        .toList();
        if (!overridden.isEmpty()) {
            wrong.unless(
                    people.get(people.me()).role() == Role.MANAGER,
                    "override",
                    "Only a manager may let a rule stand aside. Ask one to accept this plan.");
            wrong.unless(!reason.isEmpty(), "reason", "Say why the rule may stand aside this time.");
        }
        wrong.refuseIfWrong();
        Laid laid = pages.lay(standing, typed.asked());
        Arrangement arrangement = RotationPages.arrangement(laid, typed.places());
        Bench bench = laid.bench();
        List<Violation> broken = bench.violations(arrangement);
        if (!broken.isEmpty()) {
            Violation first = broken.get(0);
            throw ProblemException.field(
                    "places",
                    first.at().stream().map(Position::code).collect(Collectors.joining(" and ")) + ": "
                            + first.reason().reason().rule().title() + ": "
                            + first.reason().reason().says().in(units) + ".");
        }
        Moves moves = Moves.to(bench, arrangement);
        if (moves.all().isEmpty()) {
            throw ProblemException.field("places", "Nothing moves in this arrangement: there is nothing to plan.");
        }
        return write(standing, typed, laid, arrangement, moves, overridden, reason, units);
    }

    private void refuseStale(Standing standing, Accept typed) {
        Map<String, Long> now = new HashMap<>();
        standing.fitted()
                .forEach((position, fitted) ->
                        now.put(position.code(), fitted.tire().id()));
        if (!Objects.equals(now, typed.before())) {
            throw ProblemException.conflict(
                    "Tires on this vehicle were moved since you looked. Nothing was planned. Look at the bench again.");
        }
        planned.openOf(standing.onFile().id()).ifPresent(open -> {
            throw ProblemException.conflict(
                    "A rotation of this vehicle is on the plan already. Take that job off the plan first.");
        });
    }

    private long write(
            Standing standing,
            Accept typed,
            Laid laid,
            Arrangement arrangement,
            Moves moves,
            List<Rule> overridden,
            String reason,
            Units units) {
        String purpose =
                typed.purpose() == null ? "by hand" : typed.purpose().words().toLowerCase(java.util.Locale.ROOT);
        String note = "rotation: " + purpose
                + (overridden.isEmpty()
                        ? ""
                        : "; " + overridden.stream().map(Rule::title).collect(Collectors.joining(", "))
                                + " overridden: " + reason);
        long job = jobs.start(standing.onFile().id(), typed.day(), note);
        Map<Position, WheelSpec> wheels =
                register.stored(standing.onFile().id()).entry().wheels();
        Optional<String> torque = wheels.values().stream()
                .flatMap(wheel -> wheel.torque().stream())
                .findFirst()
                .map(asked -> asked.in(units));
        jobs.addWork(
                job,
                DueKind.ROTATE,
                null,
                moves.all().size() + " moves, "
                        + moves.lifts().stream()
                                .map(lift -> "jack at " + String.join(" and ", lift.jackAt()))
                                .collect(Collectors.joining("; "))
                        + torque.map(asked -> "; nuts at " + asked).orElse(""));
        List<Planned> rows = new ArrayList<>();
        int number = 1;
        for (Moves.Lift lift : moves.lifts()) {
            for (Moves.Move move : lift.moves()) {
                rows.add(row(number, move, moves, laid, standing));
                move.to()
                        .ifPresent(to -> jobs.addWork(
                                job,
                                move.how() == Moves.How.NEW ? DueKind.FIT_PLANNED : DueKind.PLACE_TIRE,
                                standing.placeId(to),
                                words(move, laid, to, standing, units)));
            }
            number++;
        }
        planned.add(new PlannedMoves.Plan(
                job,
                purpose,
                laid.bench().facts().nextVisit(),
                overridden.stream().map(Enum::name).collect(Collectors.joining(" ")),
                reason,
                rows));
        return job;
    }

    private static Planned row(int lift, Moves.Move move, Moves moves, Laid laid, Standing standing) {
        return new Planned(
                lift,
                move.tire().toBuy() ? null : move.tire().id(),
                laid.models().get(move.tire().id()),
                move.from().map(standing::placeId).orElse(null),
                move.to().map(standing::placeId).orElse(null),
                move.to()
                        .map(to -> moves.wheelFrom().get(to))
                        .map(standing::placeId)
                        .orElse(null),
                move.how());
    }

    /** What goes there, from where, and the pressure it is filled to there. */
    private static String words(Moves.Move move, Laid laid, Position to, Standing standing, Units units) {
        BenchTire tire = move.tire();
        String target = standing.target(to, tire.tire().model())
                .pressure()
                .map(pressure -> "; fill cold to " + pressure.in(units))
                .orElse("; find its pressure first");
        String dot = laid.dots().containsKey(tire.id()) ? ", DOT " + laid.dots().get(tire.id()) : "";
        return tire.name()
                + dot
                + move.from()
                        .map(from -> " from " + from.code() + ", " + move.how().words())
                        .orElse(", " + move.how().words())
                + target;
    }
}
