package rotagens.server.rotation;

import static rotagens.server.rotation.RotationWords.WORDS;

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
import rotagens.core.inspection.PositionRules;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.rotation.Arrangement;
import rotagens.core.rotation.CandidateTire;
import rotagens.core.rotation.MovePlan;
import rotagens.core.rotation.RotationGoal;
import rotagens.core.rotation.RotationNotes;
import rotagens.core.rotation.RotationProblem;
import rotagens.core.rotation.RotationProposal;
import rotagens.core.rotation.StockRanking;
import rotagens.core.rotation.Violation;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.rotation.RotationLoader.LoadedProblem;
import rotagens.server.rotation.RotationViews.ArrangementView;
import rotagens.server.rotation.RotationViews.CandidateTireView;
import rotagens.server.rotation.RotationViews.EvaluateRotationRequest;
import rotagens.server.rotation.RotationViews.InfeasibilityView;
import rotagens.server.rotation.RotationViews.OpenRotation;
import rotagens.server.rotation.RotationViews.OverrideView;
import rotagens.server.rotation.RotationViews.ProposeRotationRequest;
import rotagens.server.rotation.RotationViews.ReplacementOptionView;
import rotagens.server.rotation.RotationViews.RotationGoalView;
import rotagens.server.rotation.RotationViews.RotationOptions;
import rotagens.server.rotation.RotationViews.RotationPositionView;
import rotagens.server.rotation.RotationViews.RotationView;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.web.ProblemException;

/** The rotation bench: what lies on it, proposals, and arrangements put together by hand. Nothing here is stored. */
@Service
class RotationPages {

    private final FleetCache fleet;
    private final RotationLoader top;
    private final PlannedMoves planned;
    private final VehicleRegister register;

    RotationPages(FleetCache fleet, RotationLoader top, PlannedMoves planned, VehicleRegister register) {
        this.fleet = fleet;
        this.top = top;
        this.planned = planned;
        this.register = register;
    }

    @Transactional(readOnly = true)
    RotationView bench(long vehicleId, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        LoadedProblem loadedProblem = top.lay(vehicleAssessment, new RotationOptions(null, null, true, null));
        Map<Position, WheelSpec> wheels = register.stored(vehicleId).entry().wheels();
        return new RotationView(
                vehicleAssessment.unit(),
                vehicleAssessment.today(),
                loadedProblem.bench().inputs().nextVisit(),
                Arrays.stream(RotationGoal.values())
                        .map(rotationGoal ->
                                new RotationGoalView(rotationGoal, rotationGoal.label(), rotationGoal.means()))
                        .toList(),
                loadedProblem.bench().positions().stream()
                        .map(position -> new RotationPositionView(
                                position.code(),
                                vehicleAssessment.layout().nameOf(position),
                                Optional.ofNullable(wheels.get(position))
                                        .map(RotationPages::words)
                                        .orElse(null),
                                Optional.ofNullable(wheels.get(position))
                                        .flatMap(WheelSpec::torque)
                                        .map(torque -> torque.format(units))
                                        .orElse(null)))
                        .toList(),
                tires(loadedProblem, vehicleAssessment, units),
                PositionRules.OVERRIDABLE.stream()
                        .map(rule -> new OverrideView(rule, rule.title()))
                        .toList(),
                view(loadedProblem, loadedProblem.bench().today(), null, null, units),
                StockRanking.MOST_CONSIDERED,
                planned.openOf(vehicleId)
                        .map(open -> new OpenRotation(open.jobId(), open.day()))
                        .orElse(null));
    }

    private static String words(WheelSpec wheel) {
        return Stream.of(
                        wheel.pilotType().map(pilot -> pilot.label()).orElse(""),
                        wheel.rimDiameterInches().isPresent()
                                ? String.format(
                                        Locale.ROOT,
                                        "%s in",
                                        plain(wheel.rimDiameterInches().getAsDouble()))
                                : "",
                        wheel.material(),
                        wheel.isReversed() ? WORDS.say("reversed") : "")
                .filter(part -> !part.isEmpty())
                .collect(java.util.stream.Collectors.joining(", "));
    }

    private static String plain(double figure) {
        return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
    }

    private static List<CandidateTireView> tires(
            LoadedProblem loadedProblem, VehicleAssessment vehicleAssessment, Units units) {
        List<CandidateTire> all = new ArrayList<>();
        loadedProblem.bench().inputs().candidates().stream()
                .filter(tire -> tire.at().isPresent())
                .forEach(all::add);
        all.addAll(loadedProblem.stock());
        loadedProblem.bench().inputs().toBuy().values().forEach(all::addAll);
        return all.stream()
                .map(tire -> tire(loadedProblem, tire, vehicleAssessment, units))
                .toList();
    }

    private static CandidateTireView tire(
            LoadedProblem loadedProblem, CandidateTire tire, VehicleAssessment vehicleAssessment, Units units) {
        double full = tire.tire()
                .model()
                .originalDepth()
                .map(TreadDepth::thirtySeconds)
                .orElse(20.0);
        double mean = tire.worn().mean32nds().orElse(0);
        return new CandidateTireView(
                tire.id(),
                tire.name(),
                tire.source(),
                tire.at().map(Position::code).orElse(null),
                tire.tire().model().title(),
                tire.tire().model().sidewall(),
                tire.lowest().isPresent()
                        ? TreadDepth.of32nds(tire.lowest().getAsDouble()).format(units)
                        : null,
                Math.min(1, mean / full),
                tire.tire()
                        .dotWeek()
                        .map(made -> String.format(
                                Locale.ROOT, "%.1f y", Math.floor(made.ageYears(vehicleAssessment.today()) * 10) / 10))
                        .orElse(null),
                loadedProblem.dots().get(tire.id()),
                tire.tire().isRetread(),
                tire.alerts().findings().stream()
                        .anyMatch(open -> open.finding().verdict() == Verdict.DO_NOT_OPERATE),
                tire.price().map(price -> price.label()).orElse(null),
                loadedProblem.where().get(tire.id()),
                loadedProblem.chosen().contains(tire.id()),
                loadedProblem.reserved().get(tire.id()));
    }

    @Transactional(readOnly = true)
    ArrangementView propose(long vehicleId, ProposeRotationRequest asked, Units units) {
        if (asked.goal() == null) {
            throw ProblemException.field("goal", WORDS.say("chooseWhatTheRotation"));
        }
        LoadedProblem loadedProblem = lay(vehicleId, asked.options());
        Optional<RotationProposal> rotationProposal = RotationProposal.of(loadedProblem.bench(), asked.goal());
        return rotationProposal
                .map(best -> view(loadedProblem, best.arrangement(), best, null, units))
                .orElseGet(() -> nothing(loadedProblem, units));
    }

    /** What an arrangement put together by hand breaks, gives and costs; and where a picked tire may go. */
    @Transactional(readOnly = true)
    ArrangementView evaluate(long vehicleId, EvaluateRotationRequest asked, Units units) {
        LoadedProblem loadedProblem = lay(vehicleId, asked.options());
        Arrangement arrangement = arrangement(loadedProblem, asked.arrangement());
        CandidateTire picked = asked.picked() == null ? null : tire(loadedProblem, asked.picked());
        return view(loadedProblem, arrangement, null, picked, units);
    }

    LoadedProblem lay(long vehicleId, RotationOptions rotationOptions) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        return lay(vehicleAssessment, rotationOptions);
    }

    LoadedProblem lay(VehicleAssessment vehicleAssessment, RotationOptions rotationOptions) {
        if (rotationOptions.stock() != null && rotationOptions.stock().size() > StockRanking.MOST_CONSIDERED) {
            throw ProblemException.field(
                    "stock", WORDS.say("atMostTiresFromStock", "mostConsidered", StockRanking.MOST_CONSIDERED));
        }
        if (rotationOptions.nextVisit() != null
                && (rotationOptions.nextVisit().isBefore(vehicleAssessment.today())
                        || rotationOptions
                                .nextVisit()
                                .isAfter(vehicleAssessment.today().plusYears(5)))) {
            throw ProblemException.field("nextVisit", WORDS.say("nextVisitLiesBetweenToday"));
        }
        if (rotationOptions.override() != null && !PositionRules.OVERRIDABLE.containsAll(rotationOptions.override())) {
            throw ProblemException.field("override", WORDS.say("thisRuleCantBeOverridden"));
        }
        return top.lay(vehicleAssessment, rotationOptions);
    }

    private static CandidateTire tire(LoadedProblem loadedProblem, long id) {
        return loadedProblem.tire(id).orElseThrow(() -> ProblemException.conflict(WORDS.say("tireOfThisArrangement")));
    }

    /** Refuses two places for one tire, and what isn't on the bench. */
    static Arrangement arrangement(LoadedProblem loadedProblem, Map<String, Long> typed) {
        Map<Position, CandidateTire> places = new LinkedHashMap<>();
        Set<Long> used = new LinkedHashSet<>();
        for (Position position : loadedProblem.bench().positions()) {
            Long id = typed.get(position.code());
            if (id != null) {
                CandidateTire tire = tire(loadedProblem, id);
                if (!tire.toBuy() && !used.add(id)) {
                    throw ProblemException.field("arrangement", WORDS.say("hasTwoPlaces", "tire", tire.name()));
                }
                places.put(position, tire);
            }
        }
        if (places.size() != typed.size()) {
            throw ProblemException.conflict(WORDS.say("anotherUserChangedTheVehicles"));
        }
        return new Arrangement(places);
    }

    private static ArrangementView view(
            LoadedProblem loadedProblem,
            Arrangement arrangement,
            RotationProposal rotationProposal,
            CandidateTire picked,
            Units units) {
        RotationProblem rotationProblem = loadedProblem.bench();
        ArrangementText words = new ArrangementText(rotationProblem, units);
        MovePlan movePlan = MovePlan.to(rotationProblem, arrangement);
        return new ArrangementView(
                ArrangementText.places(arrangement),
                words.violations(rotationProblem.violations(arrangement)),
                words.figures(arrangement),
                words.lifts(movePlan),
                rotationProblem.removedTires(arrangement).stream()
                        .map(CandidateTire::id)
                        .toList(),
                movePlan.relearn(),
                RotationNotes.of(rotationProblem, arrangement, movePlan).stream()
                        .map(note -> note.in(units))
                        .toList(),
                rotationProposal == null ? null : rotationProposal.points(),
                rotationProposal == null ? null : rotationProposal.optimalityGap(),
                picked == null ? List.of() : picks(rotationProblem, arrangement, picked, units),
                null);
    }

    /** A place takes a tire where moving it there breaks nothing that isn't broken already. */
    private static List<ReplacementOptionView> picks(
            RotationProblem rotationProblem, Arrangement arrangement, CandidateTire picked, Units units) {
        Set<String> already = new LinkedHashSet<>();
        rotationProblem.violations(arrangement).forEach(violation -> already.add(name(violation, units)));
        return rotationProblem.positions().stream()
                .map(position -> {
                    List<Violation> fresh = rotationProblem.violations(arrangement.moved(picked, position)).stream()
                            .filter(violation -> !already.contains(name(violation, units)))
                            .sorted(java.util.Comparator.comparing((Violation violation) ->
                                            !violation.at().contains(position))
                                    .thenComparing(Violation::overridable))
                            .toList();
                    return new ReplacementOptionView(
                            position.code(),
                            fresh.isEmpty(),
                            fresh.stream()
                                    .map(violation -> violation.at().stream()
                                                    .map(Position::code)
                                                    .collect(java.util.stream.Collectors.joining(WORDS.say("and")))
                                            + ": "
                                            + violation.reason().reason().rule().title() + ": "
                                            + violation
                                                    .reason()
                                                    .reason()
                                                    .statement()
                                                    .in(units))
                                    .toList());
                })
                .toList();
    }

    private static String name(Violation violation, Units units) {
        return violation.at() + " " + violation.reason().reason().statement().in(units);
    }

    private static ArrangementView nothing(LoadedProblem loadedProblem, Units units) {
        RotationProblem rotationProblem = loadedProblem.bench();
        ArrangementView today = view(loadedProblem, rotationProblem.today(), null, null, units);
        Optional<RotationProposal.Infeasibility> infeasibility = RotationProposal.infeasibility(rotationProblem);
        return new ArrangementView(
                today.arrangement(),
                today.violations(),
                today.metrics(),
                today.lifts(),
                today.unused(),
                today.relearn(),
                today.notes(),
                null,
                null,
                List.of(),
                new InfeasibilityView(
                        infeasibility
                                .map(found ->
                                        found.rules().stream().map(Rule::title).toList())
                                .orElse(List.of()),
                        infeasibility
                                .map(found ->
                                        new ArrangementText(rotationProblem, units).violations(found.violations()))
                                .orElse(List.of()),
                        RotationProposal.remedies(rotationProblem, infeasibility).stream()
                                .map(cure -> cure.in(units))
                                .toList()));
    }
}
