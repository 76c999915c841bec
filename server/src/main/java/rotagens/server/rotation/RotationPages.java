package rotagens.server.rotation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Placing;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.rotation.Arrangement;
import rotagens.core.rotation.Bench;
import rotagens.core.rotation.BenchTire;
import rotagens.core.rotation.Moves;
import rotagens.core.rotation.Proposal;
import rotagens.core.rotation.Purpose;
import rotagens.core.rotation.Remarks;
import rotagens.core.rotation.Violation;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.rotation.BenchTop.Laid;
import rotagens.server.rotation.RotationViews.ArrangementView;
import rotagens.server.rotation.RotationViews.Asked;
import rotagens.server.rotation.RotationViews.BenchTireView;
import rotagens.server.rotation.RotationViews.BenchView;
import rotagens.server.rotation.RotationViews.Evaluate;
import rotagens.server.rotation.RotationViews.ObstacleView;
import rotagens.server.rotation.RotationViews.OpenRotation;
import rotagens.server.rotation.RotationViews.OverrideView;
import rotagens.server.rotation.RotationViews.PickView;
import rotagens.server.rotation.RotationViews.PlaceView;
import rotagens.server.rotation.RotationViews.Propose;
import rotagens.server.rotation.RotationViews.PurposeView;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.web.ProblemException;

/** The rotation bench: what lies on it, proposals, and arrangements put together by hand. Nothing here is stored. */
@Service
class RotationPages {

    private static final int MOST_STOCK = 8;

    private final Fleet fleet;
    private final BenchTop top;
    private final PlannedMoves planned;
    private final VehicleRegister register;

    RotationPages(Fleet fleet, BenchTop top, PlannedMoves planned, VehicleRegister register) {
        this.fleet = fleet;
        this.top = top;
        this.planned = planned;
        this.register = register;
    }

    @Transactional(readOnly = true)
    BenchView bench(long vehicleId, Units units) {
        Standing standing = fleet.get(vehicleId);
        Laid laid = top.lay(standing, new Asked(null, null, true, null));
        Map<Position, WheelSpec> wheels = register.stored(vehicleId).entry().wheels();
        return new BenchView(
                standing.onFile().facts().unit(),
                standing.today(),
                laid.bench().facts().nextVisit(),
                Arrays.stream(Purpose.values())
                        .map(purpose -> new PurposeView(purpose, purpose.words(), purpose.means()))
                        .toList(),
                laid.bench().positions().stream()
                        .map(position -> new PlaceView(
                                position.code(),
                                standing.onFile().facts().layout().nameOf(position),
                                Optional.ofNullable(wheels.get(position))
                                        .map(RotationPages::words)
                                        .orElse(null),
                                Optional.ofNullable(wheels.get(position))
                                        .flatMap(WheelSpec::torque)
                                        .map(torque -> torque.in(units))
                                        .orElse(null)))
                        .toList(),
                tires(laid, standing, units),
                Placing.OVERRIDABLE.stream()
                        .map(rule -> new OverrideView(rule, rule.title()))
                        .toList(),
                view(laid, laid.bench().today(), null, null, units),
                planned.openOf(vehicleId)
                        .map(open -> new OpenRotation(open.jobId(), open.day()))
                        .orElse(null));
    }

    private static String words(WheelSpec wheel) {
        return Stream.of(
                        wheel.pilot().map(pilot -> pilot.words()).orElse(""),
                        wheel.rimInches().isPresent()
                                ? String.format(
                                        Locale.ROOT,
                                        "%s in",
                                        plain(wheel.rimInches().getAsDouble()))
                                : "",
                        wheel.material(),
                        wheel.reversed() ? "reversed" : "")
                .filter(part -> !part.isEmpty())
                .collect(java.util.stream.Collectors.joining(", "));
    }

    private static String plain(double figure) {
        return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
    }

    private static List<BenchTireView> tires(Laid laid, Standing standing, Units units) {
        List<BenchTire> all = new ArrayList<>();
        laid.bench().facts().hand().stream()
                .filter(tire -> tire.at().isPresent())
                .forEach(all::add);
        all.addAll(laid.stock());
        laid.bench().facts().toBuy().values().forEach(all::addAll);
        return all.stream().map(tire -> tire(laid, tire, standing, units)).toList();
    }

    private static BenchTireView tire(Laid laid, BenchTire tire, Standing standing, Units units) {
        double full = tire.tire()
                .model()
                .originalDepth()
                .map(TreadDepth::thirtySeconds)
                .orElse(20.0);
        double mean = tire.worn().mean32nds().orElse(0);
        return new BenchTireView(
                tire.id(),
                tire.name(),
                tire.source(),
                tire.at().map(Position::code).orElse(null),
                tire.tire().model().title(),
                tire.tire().model().sidewall(),
                tire.lowest().isPresent()
                        ? TreadDepth.of32nds(tire.lowest().getAsDouble()).in(units)
                        : null,
                Math.min(1, mean / full),
                tire.tire()
                        .made()
                        .map(made -> String.format(
                                Locale.ROOT, "%.1f y", Math.floor(made.ageYears(standing.today()) * 10) / 10))
                        .orElse(null),
                laid.dots().get(tire.id()),
                tire.tire().retread(),
                tire.open().stream().anyMatch(open -> open.finding().verdict() == Verdict.DO_NOT_OPERATE),
                tire.price().map(price -> price.words()).orElse(null),
                laid.where().get(tire.id()),
                laid.chosen().contains(tire.id()),
                laid.spokenFor().get(tire.id()));
    }

    @Transactional(readOnly = true)
    ArrangementView propose(long vehicleId, Propose asked, Units units) {
        if (asked.purpose() == null) {
            throw ProblemException.field("purpose", "Choose what the rotation is for.");
        }
        Laid laid = lay(vehicleId, asked.asked());
        Optional<Proposal> proposal = Proposal.of(laid.bench(), asked.purpose());
        return proposal.map(best -> view(laid, best.arrangement(), best, null, units))
                .orElseGet(() -> nothing(laid, units));
    }

    /** What an arrangement put together by hand breaks, gives and costs; and where a picked tire may go. */
    @Transactional(readOnly = true)
    ArrangementView evaluate(long vehicleId, Evaluate asked, Units units) {
        Laid laid = lay(vehicleId, asked.asked());
        Arrangement arrangement = arrangement(laid, asked.places());
        BenchTire picked = asked.picked() == null ? null : laid.tire(asked.picked());
        return view(laid, arrangement, null, picked, units);
    }

    Laid lay(long vehicleId, Asked asked) {
        Standing standing = fleet.get(vehicleId);
        return lay(standing, asked);
    }

    Laid lay(Standing standing, Asked asked) {
        if (asked.stock() != null && asked.stock().size() > MOST_STOCK) {
            throw ProblemException.field("stock", "At most " + MOST_STOCK + " tires from stock at a time.");
        }
        if (asked.nextVisit() != null
                && (asked.nextVisit().isBefore(standing.today())
                        || asked.nextVisit().isAfter(standing.today().plusYears(5)))) {
            throw ProblemException.field("nextVisit", "The next visit lies between today and five years ahead.");
        }
        if (asked.override() != null && !Placing.OVERRIDABLE.containsAll(asked.override())) {
            throw ProblemException.field("override", "This rule can’t be overridden by anybody.");
        }
        return top.lay(standing, asked);
    }

    /** Refuses two places for one tire, and what isn't on the bench. */
    static Arrangement arrangement(Laid laid, Map<String, Long> typed) {
        Map<Position, BenchTire> places = new LinkedHashMap<>();
        Set<Long> used = new LinkedHashSet<>();
        for (Position position : laid.bench().positions()) {
            Long id = typed.get(position.code());
            if (id != null) {
                BenchTire tire = laid.tire(id);
                if (!tire.toBuy() && !used.add(id)) {
                    throw ProblemException.field(
                            "places", tire.name() + " has two places in this arrangement. Look at it again.");
                }
                places.put(position, tire);
            }
        }
        if (places.size() != typed.size()) {
            throw ProblemException.conflict(
                    "The vehicle’s axles were changed meanwhile. Look at it again and propose anew.");
        }
        return new Arrangement(places);
    }

    private static ArrangementView view(
            Laid laid, Arrangement arrangement, Proposal proposal, BenchTire picked, Units units) {
        Bench bench = laid.bench();
        ArrangementWords words = new ArrangementWords(bench, units);
        Moves moves = Moves.to(bench, arrangement);
        return new ArrangementView(
                ArrangementWords.places(arrangement),
                words.violations(bench.violations(arrangement)),
                words.figures(arrangement),
                words.lifts(moves),
                bench.off(arrangement).stream().map(BenchTire::id).toList(),
                moves.relearn(),
                Remarks.of(bench, arrangement, moves).stream()
                        .map(note -> note.in(units))
                        .toList(),
                proposal == null ? null : proposal.points(),
                proposal == null ? null : proposal.gap(),
                picked == null ? List.of() : picks(bench, arrangement, picked, units),
                null);
    }

    /** A place takes a tire where moving it there breaks nothing that isn't broken already. */
    private static List<PickView> picks(Bench bench, Arrangement arrangement, BenchTire picked, Units units) {
        Set<String> already = new LinkedHashSet<>();
        bench.violations(arrangement).forEach(violation -> already.add(name(violation, units)));
        return bench.positions().stream()
                .map(position -> {
                    List<Violation> fresh = bench.violations(arrangement.moved(picked, position)).stream()
                            .filter(violation -> !already.contains(name(violation, units)))
                            .sorted(java.util.Comparator.comparing((Violation violation) ->
                                            !violation.at().contains(position))
                                    .thenComparing(Violation::overridable))
                            .toList();
                    return new PickView(
                            position.code(),
                            fresh.isEmpty(),
                            fresh.stream()
                                    .map(violation -> violation.at().stream()
                                                    .map(Position::code)
                                                    .collect(java.util.stream.Collectors.joining(" and "))
                                            + ": "
                                            + violation.reason().reason().rule().title() + ": "
                                            + violation.reason().reason().says().in(units))
                                    .toList());
                })
                .toList();
    }

    private static String name(Violation violation, Units units) {
        return violation.at() + " " + violation.reason().reason().says().in(units);
    }

    private static ArrangementView nothing(Laid laid, Units units) {
        Bench bench = laid.bench();
        ArrangementView today = view(laid, bench.today(), null, null, units);
        Optional<Proposal.Obstacle> obstacle = Proposal.obstacle(bench);
        return new ArrangementView(
                today.places(),
                today.violations(),
                today.figures(),
                today.lifts(),
                today.unused(),
                today.relearn(),
                today.notes(),
                null,
                null,
                List.of(),
                new ObstacleView(
                        obstacle.map(found ->
                                        found.rules().stream().map(Rule::title).toList())
                                .orElse(List.of()),
                        obstacle.map(found -> new ArrangementWords(bench, units).violations(found.violations()))
                                .orElse(List.of()),
                        Proposal.cures(bench, obstacle).stream()
                                .map(cure -> cure.in(units))
                                .toList()));
    }
}
