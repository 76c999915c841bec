package rotagens.server.outlook;

import static rotagens.server.outlook.OutlookWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.outlook.OutlookOdds;
import rotagens.core.outlook.OutlookResult;
import rotagens.core.outlook.OutlookSimulation;
import rotagens.core.outlook.OutlookTotals;
import rotagens.core.outlook.OutlookVehicle;
import rotagens.core.outlook.ReplacementStrategy;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.importexport.CsvText;
import rotagens.server.outlook.OutlookInputs.Gathered;
import rotagens.server.outlook.OutlookInputs.WhatIf;
import rotagens.server.outlook.OutlookViews.DifferenceView;
import rotagens.server.outlook.OutlookViews.LimitExceededView;
import rotagens.server.outlook.OutlookViews.OddsView;
import rotagens.server.outlook.OutlookViews.OutlookRequest;
import rotagens.server.outlook.OutlookViews.OutlookView;
import rotagens.server.outlook.OutlookViews.TimelineSegment;
import rotagens.server.outlook.OutlookViews.TireTimelineView;
import rotagens.server.outlook.OutlookViews.VehicleTimelinesView;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Fifteen years ahead under each strategy, and turning the next two of one into jobs. */
@Service
class OutlookService {

    static final int YEARS = 15;
    static final int PLANNED_YEARS = 2;
    private static final int TRIES = 300;
    private static final long SEED = 20;
    private static final int MOST_BREAKS = 40;

    private final FleetCache fleet;
    private final OutlookInputs facts;
    private final Clock clock;

    OutlookService(FleetCache fleet, OutlookInputs facts, Clock clock) {
        this.fleet = fleet;
        this.facts = facts;
        this.clock = clock;
    }

    List<VehicleAssessment> asked(OutlookRequest ask) {
        return fleet.all().stream()
                .filter(vehicleAssessment ->
                        ask.vehicleId() == null || ask.vehicleId().equals(vehicleAssessment.id()))
                .filter(vehicleAssessment ->
                        blank(ask.vehicleClass()) || ask.vehicleClass().equals(vehicleAssessment.vehicleClass()))
                .filter(vehicleAssessment -> blank(ask.yard()) || ask.yard().equals(vehicleAssessment.yard()))
                .toList();
    }

    private static boolean blank(@Nullable String text) {
        return text == null || text.isBlank();
    }

    static List<OutlookResult> play(
            List<OutlookVehicle> vehicles, ReplacementStrategy replacementStrategy, LocalDate today, int years) {
        LocalDate end = today.plusYears(years);
        // Every vehicle plays alone, so all cores may share them; the order stays.
        return vehicles.parallelStream()
                .map(vehicle -> OutlookSimulation.of(vehicle, replacementStrategy, today, end))
                .toList();
    }

    @Transactional(readOnly = true)
    public OutlookView of(OutlookRequest ask, Units units) {
        LocalDate today = LocalDate.now(clock);
        LocalDate end = today.plusYears(YEARS);
        ReplacementStrategy replacementStrategy =
                ask.strategy() == null ? ReplacementStrategy.RUN_TO_LIMIT : ask.strategy();
        WhatIf whatIf = ask.whatIf() == null ? WhatIf.NOTHING : ask.whatIf();
        List<VehicleAssessment> vehicleAssessments = asked(ask);
        Gathered gathered = facts.of(vehicleAssessments, whatIf);
        refuse(gathered, replacementStrategy, whatIf, units);
        List<OutlookResult> chosen = play(gathered.vehicles(), replacementStrategy, today, YEARS);
        LocalDate until = today.plusYears(PLANNED_YEARS);
        OutlookOdds.Result odds = OutlookOdds.of(chosen, today, until, TRIES, SEED);
        // Of the others only the sums are kept: fifteen years of a large fleet are many outcomes.
        Map<ReplacementStrategy, OutlookTotals> sums = new LinkedHashMap<>();
        for (ReplacementStrategy one : ReplacementStrategy.values()) {
            List<OutlookResult> outlookResults =
                    one == replacementStrategy ? chosen : play(gathered.vehicles(), one, today, YEARS);
            sums.put(one, OutlookTotals.of(outlookResults, today, end));
        }
        OutlookTotals outlookTotals = sums.get(replacementStrategy);
        DifferenceView difference = null;
        if (!whatIf.equals(WhatIf.NOTHING)) {
            difference = OutlookText.difference(totals(vehicleAssessments, replacementStrategy), outlookTotals);
        }
        return new OutlookView(
                today,
                end,
                replacementStrategy,
                vehicleAssessments.size(),
                OutlookText.strategies(sums, units),
                OutlookText.years(outlookTotals, units),
                chosen.stream()
                        .flatMap(outlookResult -> OutlookText.limitsExceeded(outlookResult, units).stream())
                        .sorted(java.util.Comparator.comparing(LimitExceededView::on))
                        .limit(MOST_BREAKS)
                        .toList(),
                chosen.stream().map(OutlookText::each).toList(),
                new OddsView(
                        odds.tries(),
                        (int) Math.round(odds.chanceOnPlan() * 100),
                        OutlookText.round(odds.unplannedChanges()),
                        until),
                difference,
                gathered.vehicles().isEmpty()
                        ? 0
                        : OutlookText.round(gathered.vehicles().get(0).policy().deliveredMonths()),
                gathered.unpriced(),
                gathered.wearUnknown());
    }

    /** What another policy would change over fifteen years, everything run to its limit. */
    DifferenceView between(List<VehicleAssessment> now, List<VehicleAssessment> then, Units units) {
        InputValidator wrong = new InputValidator();
        facts.of(then, WhatIf.NOTHING).vehicles().stream()
                .flatMap(vehicle -> vehicle.impossible().stream())
                .findFirst()
                .ifPresent(why -> wrong.wrong("value", why.in(units)));
        wrong.refuseIfWrong();
        return OutlookText.difference(
                totals(now, ReplacementStrategy.RUN_TO_LIMIT), totals(then, ReplacementStrategy.RUN_TO_LIMIT));
    }

    private OutlookTotals totals(List<VehicleAssessment> vehicleAssessments, ReplacementStrategy replacementStrategy) {
        LocalDate today = LocalDate.now(clock);
        return OutlookTotals.of(
                play(facts.of(vehicleAssessments, WhatIf.NOTHING).vehicles(), replacementStrategy, today, YEARS),
                today,
                today.plusYears(YEARS));
    }

    static void refuse(Gathered gathered, ReplacementStrategy replacementStrategy, WhatIf whatIf, Units units) {
        InputValidator wrong = new InputValidator();
        range(wrong, "whatIf.overallYears", whatIf.overallYears(), 1, 15, WORDS.say("overallAgeLiesBetween1"));
        range(wrong, "whatIf.steerYears", whatIf.steerYears(), 1, 15, WORDS.say("steerAgeLiesBetween1"));
        range(wrong, "whatIf.pull", whatIf.pull(), 2, 15, WORDS.say("pullPointLiesBetween2"));
        range(
                wrong,
                "whatIf.visitMonths",
                whatIf.visitMonths() == null ? null : whatIf.visitMonths().doubleValue(),
                1,
                60,
                WORDS.say("visitsLie1To60"));
        range(wrong, "whatIf.growthPercent", whatIf.growthPercent(), 0, 25, WORDS.say("enterAPriceIncrease"));
        wrong.refuseIfWrong();
        gathered.vehicles().stream()
                .flatMap(vehicle -> vehicle.impossible().stream())
                .findFirst()
                .ifPresent(why ->
                        wrong.wrong(whatIf.pull() == null ? "whatIf.overallYears" : "whatIf.pull", why.in(units)));
        gathered.vehicles().stream()
                .map(OutlookVehicle::policy)
                .distinct()
                .flatMap(policy -> policy.faults().stream().limit(policy.steerYears() > policy.overallYears() ? 1 : 0))
                .findFirst()
                .ifPresent(fault -> wrong.wrong("whatIf.steerYears", fault.in(units)));
        wrong.refuseIfWrong();
    }

    private static void range(
            InputValidator wrong, String field, @Nullable Double value, double least, double most, String says) {
        wrong.unless(value == null || value >= least && value <= most, field, says);
    }

    /** One vehicle's tires as ribbons over the years. */
    @Transactional(readOnly = true)
    public VehicleTimelinesView timelines(long vehicleId, OutlookRequest ask, Units units) {
        LocalDate today = LocalDate.now(clock);
        ReplacementStrategy replacementStrategy =
                ask.strategy() == null ? ReplacementStrategy.RUN_TO_LIMIT : ask.strategy();
        WhatIf whatIf = ask.whatIf() == null ? WhatIf.NOTHING : ask.whatIf();
        OutlookRequest one = new OutlookRequest(replacementStrategy, null, null, vehicleId, whatIf);
        List<VehicleAssessment> vehicleAssessments = asked(one);
        Gathered gathered = facts.of(vehicleAssessments, whatIf);
        refuse(gathered, replacementStrategy, whatIf, units);
        if (gathered.vehicles().isEmpty()) {
            throw ProblemException.notFound(WORDS.say("thereIsNoSuchVehicle"));
        }
        OutlookResult outlookResult =
                play(gathered.vehicles(), replacementStrategy, today, YEARS).get(0);
        return new VehicleTimelinesView(
                vehicleId,
                outlookResult.vehicle().unit(),
                replacementStrategy,
                today,
                today.plusYears(YEARS),
                vehicleAssessments.get(0).layout().positions().stream()
                        .filter(position -> outlookResult.vehicle().spots().stream()
                                .anyMatch(installedTire ->
                                        installedTire.position().equals(position)))
                        .map(Position::code)
                        .toList(),
                outlookResult.timelines().stream()
                        .map(tireTimeline -> new TireTimelineView(
                                tireTimeline.installations().stream()
                                        .map(installation -> new TimelineSegment(
                                                installation.position().code(), installation.from(), installation.to()))
                                        .toList(),
                                tireTimeline
                                        .dotWeek()
                                        .map(made -> WORDS.message("made", "made", made)
                                                .in(units))
                                        .orElse(WORDS.say("dotDateNotRead")),
                                tireTimeline.end().label(),
                                tireTimeline.spanEarliest().orElse(null),
                                tireTimeline.spanLatest().orElse(null),
                                tireTimeline.unusedYears() > 0
                                        ? OutlookText.unusedLife(
                                                tireTimeline.unusedYears(), tireTimeline.unused32nds(), units)
                                        : null,
                                tireTimeline.unusedShare(),
                                tireTimeline.purchasedOn()))
                        .toList(),
                OutlookText.limitsExceeded(outlookResult, units));
    }

    @Transactional(readOnly = true)
    public String csv(OutlookRequest ask, Units units) {
        OutlookView view = of(ask, units);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "year",
                "tires",
                "sensors",
                WORDS.say("tiresCost"),
                WORDS.say("sensorsCost"),
                WORDS.say("laborCost"),
                "together",
                WORDS.say("unusedLife")));
        view.years()
                .forEach(year -> rows.add(List.of(
                        String.valueOf(year.year()),
                        String.valueOf(year.tires()),
                        String.valueOf(year.sensors()),
                        year.tireMoney(),
                        year.sensorMoney(),
                        year.laborMoney(),
                        year.money(),
                        year.unusedLife())));
        return CsvText.write(rows);
    }
}
