package rotagens.server.outlook;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Units;
import rotagens.core.outlook.Odds;
import rotagens.core.outlook.Outcome;
import rotagens.core.outlook.OutlookVehicle;
import rotagens.core.outlook.Strategy;
import rotagens.core.outlook.Totals;
import rotagens.core.outlook.Years;
import rotagens.core.vehicle.Position;
import rotagens.server.exchange.CsvText;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.outlook.OutlookFacts.Gathered;
import rotagens.server.outlook.OutlookFacts.Tried;
import rotagens.server.outlook.OutlookViews.BreakView;
import rotagens.server.outlook.OutlookViews.DifferenceView;
import rotagens.server.outlook.OutlookViews.OddsView;
import rotagens.server.outlook.OutlookViews.OutlookAsk;
import rotagens.server.outlook.OutlookViews.OutlookView;
import rotagens.server.outlook.OutlookViews.RibbonView;
import rotagens.server.outlook.OutlookViews.RibbonsView;
import rotagens.server.outlook.OutlookViews.StayView;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** Fifteen years ahead under each strategy, and turning the next two of one into jobs. */
@Service
class Outlooks {

    static final int YEARS = 15;
    static final int PLANNED_YEARS = 2;
    private static final int TRIES = 300;
    private static final long SEED = 20;
    private static final int MOST_BREAKS = 40;

    private final KeptFleet fleet;
    private final OutlookFacts facts;
    private final Clock clock;

    Outlooks(KeptFleet fleet, OutlookFacts facts, Clock clock) {
        this.fleet = fleet;
        this.facts = facts;
        this.clock = clock;
    }

    List<Standing> asked(OutlookAsk ask) {
        return fleet.all().stream()
                .filter(standing -> ask.vehicleId() == null
                        || ask.vehicleId().equals(standing.onFile().id()))
                .filter(standing -> blank(ask.vehicleClass())
                        || ask.vehicleClass().equals(standing.onFile().facts().vehicleClass()))
                .filter(standing ->
                        blank(ask.yard()) || ask.yard().equals(standing.onFile().yard()))
                .toList();
    }

    private static boolean blank(@Nullable String text) {
        return text == null || text.isBlank();
    }

    static List<Outcome> play(List<OutlookVehicle> vehicles, Strategy strategy, LocalDate today, int years) {
        LocalDate end = today.plusYears(years);
        // Every vehicle plays alone, so all cores may share them; the order stays.
        return vehicles.parallelStream()
                .map(vehicle -> Years.of(vehicle, strategy, today, end))
                .toList();
    }

    @Transactional(readOnly = true)
    public OutlookView of(OutlookAsk ask, Units units) {
        LocalDate today = LocalDate.now(clock);
        LocalDate end = today.plusYears(YEARS);
        Strategy strategy = ask.strategy() == null ? Strategy.RUN_TO_LIMIT : ask.strategy();
        Tried tried = ask.tried() == null ? Tried.NOTHING : ask.tried();
        List<Standing> standings = asked(ask);
        Gathered gathered = facts.of(standings, tried);
        refuse(gathered, strategy, tried, units);
        List<Outcome> chosen = play(gathered.vehicles(), strategy, today, YEARS);
        LocalDate until = today.plusYears(PLANNED_YEARS);
        Odds.Result odds = Odds.of(chosen, today, until, TRIES, SEED);
        // Of the others only the sums are kept: fifteen years of a large fleet are many outcomes.
        Map<Strategy, Totals> sums = new LinkedHashMap<>();
        for (Strategy one : Strategy.values()) {
            List<Outcome> outcomes = one == strategy ? chosen : play(gathered.vehicles(), one, today, YEARS);
            sums.put(one, Totals.of(outcomes, today, end));
        }
        Totals totals = sums.get(strategy);
        DifferenceView difference = null;
        if (!tried.equals(Tried.NOTHING)) {
            difference = OutlookWords.difference(totals(standings, strategy), totals);
        }
        return new OutlookView(
                today,
                end,
                strategy,
                standings.size(),
                OutlookWords.strategies(sums, units),
                OutlookWords.years(totals, units),
                chosen.stream()
                        .flatMap(outcome -> OutlookWords.breaks(outcome, units).stream())
                        .sorted(java.util.Comparator.comparing(BreakView::on))
                        .limit(MOST_BREAKS)
                        .toList(),
                chosen.stream().map(OutlookWords::each).toList(),
                new OddsView(
                        odds.tries(),
                        (int) Math.round(odds.holds() * 100),
                        OutlookWords.round(odds.surprises()),
                        until),
                difference,
                gathered.vehicles().isEmpty()
                        ? 0
                        : OutlookWords.round(gathered.vehicles().get(0).policy().deliveredMonths()),
                gathered.unpriced(),
                gathered.wearUnknown());
    }

    /** What another policy would change over fifteen years, everything run to its limit. */
    DifferenceView between(List<Standing> now, List<Standing> then, Units units) {
        Entries wrong = new Entries();
        facts.of(then, Tried.NOTHING).vehicles().stream()
                .flatMap(vehicle -> vehicle.impossible().stream())
                .findFirst()
                .ifPresent(why -> wrong.wrong("value", why.in(units)));
        wrong.refuseIfWrong();
        return OutlookWords.difference(totals(now, Strategy.RUN_TO_LIMIT), totals(then, Strategy.RUN_TO_LIMIT));
    }

    private Totals totals(List<Standing> standings, Strategy strategy) {
        LocalDate today = LocalDate.now(clock);
        return Totals.of(
                play(facts.of(standings, Tried.NOTHING).vehicles(), strategy, today, YEARS),
                today,
                today.plusYears(YEARS));
    }

    static void refuse(Gathered gathered, Strategy strategy, Tried tried, Units units) {
        Entries wrong = new Entries();
        range(wrong, "tried.overallYears", tried.overallYears(), 1, 15, "An overall age lies between 1 and 15 years.");
        range(wrong, "tried.steerYears", tried.steerYears(), 1, 15, "A steer age lies between 1 and 15 years.");
        range(wrong, "tried.pull", tried.pull(), 2, 15, "A pull point lies between 2/32 and 15/32 in.");
        range(
                wrong,
                "tried.visitMonths",
                tried.visitMonths() == null ? null : tried.visitMonths().doubleValue(),
                1,
                60,
                "Visits lie 1 to 60 months apart.");
        range(wrong, "tried.growthPercent", tried.growthPercent(), 0, 25, "Prices grow by 0 to 25 % a year.");
        wrong.refuseIfWrong();
        gathered.vehicles().stream()
                .flatMap(vehicle -> vehicle.impossible().stream())
                .findFirst()
                .ifPresent(
                        why -> wrong.wrong(tried.pull() == null ? "tried.overallYears" : "tried.pull", why.in(units)));
        gathered.vehicles().stream()
                .map(OutlookVehicle::policy)
                .distinct()
                .flatMap(policy -> policy.faults().stream().limit(policy.steerYears() > policy.overallYears() ? 1 : 0))
                .findFirst()
                .ifPresent(fault -> wrong.wrong("tried.steerYears", fault.in(units)));
        wrong.refuseIfWrong();
    }

    private static void range(
            Entries wrong, String field, @Nullable Double value, double least, double most, String says) {
        wrong.unless(value == null || value >= least && value <= most, field, says);
    }

    /** One vehicle's tires as ribbons over the years. */
    @Transactional(readOnly = true)
    public RibbonsView ribbons(long vehicleId, OutlookAsk ask, Units units) {
        LocalDate today = LocalDate.now(clock);
        Strategy strategy = ask.strategy() == null ? Strategy.RUN_TO_LIMIT : ask.strategy();
        Tried tried = ask.tried() == null ? Tried.NOTHING : ask.tried();
        OutlookAsk one = new OutlookAsk(strategy, null, null, vehicleId, tried);
        List<Standing> standings = asked(one);
        Gathered gathered = facts.of(standings, tried);
        refuse(gathered, strategy, tried, units);
        if (gathered.vehicles().isEmpty()) {
            throw ProblemException.notFound("There is no such vehicle.");
        }
        Outcome outcome = play(gathered.vehicles(), strategy, today, YEARS).get(0);
        return new RibbonsView(
                vehicleId,
                outcome.vehicle().unit(),
                strategy,
                today,
                today.plusYears(YEARS),
                standings.get(0).onFile().facts().layout().positions().stream()
                        .filter(position -> outcome.vehicle().spots().stream()
                                .anyMatch(spot -> spot.position().equals(position)))
                        .map(Position::code)
                        .toList(),
                outcome.ribbons().stream()
                        .map(ribbon -> new RibbonView(
                                ribbon.stays().stream()
                                        .map(stay ->
                                                new StayView(stay.position().code(), stay.from(), stay.to()))
                                        .toList(),
                                ribbon.made()
                                        .map(made -> Phrase.of("made {}", made).in(units))
                                        .orElse("DOT date not read"),
                                ribbon.end().words(),
                                ribbon.spanEarliest().orElse(null),
                                ribbon.spanLatest().orElse(null),
                                ribbon.wastedYears() > 0
                                        ? OutlookWords.thrownAway(ribbon.wastedYears(), ribbon.wasted32nds(), units)
                                        : null,
                                ribbon.thrownShare(),
                                ribbon.bought()))
                        .toList(),
                OutlookWords.breaks(outcome, units));
    }

    @Transactional(readOnly = true)
    public String csv(OutlookAsk ask, Units units) {
        OutlookView view = of(ask, units);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "year", "tires", "sensors", "tires cost", "sensors cost", "labor cost", "together", "thrown away"));
        view.years()
                .forEach(year -> rows.add(List.of(
                        String.valueOf(year.year()),
                        String.valueOf(year.tires()),
                        String.valueOf(year.sensors()),
                        year.tireMoney(),
                        year.sensorMoney(),
                        year.laborMoney(),
                        year.money(),
                        year.thrownAway())));
        return CsvText.write(rows);
    }
}
