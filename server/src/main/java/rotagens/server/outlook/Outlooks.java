package rotagens.server.outlook;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Money;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Units;
import rotagens.core.outlook.Odds;
import rotagens.core.outlook.Outcome;
import rotagens.core.outlook.OutlookVehicle;
import rotagens.core.outlook.Strategy;
import rotagens.core.outlook.Totals;
import rotagens.core.outlook.Years;
import rotagens.core.planning.DueKind;
import rotagens.core.vehicle.Position;
import rotagens.server.exchange.CsvText;
import rotagens.server.fleet.Changes;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.outlook.OutlookFacts.Gathered;
import rotagens.server.outlook.OutlookFacts.Tried;
import rotagens.server.outlook.OutlookViews.AcceptedOutlook;
import rotagens.server.outlook.OutlookViews.BreakView;
import rotagens.server.outlook.OutlookViews.DifferenceView;
import rotagens.server.outlook.OutlookViews.OddsView;
import rotagens.server.outlook.OutlookViews.OutlookAsk;
import rotagens.server.outlook.OutlookViews.OutlookVehicleView;
import rotagens.server.outlook.OutlookViews.OutlookView;
import rotagens.server.outlook.OutlookViews.QuarterView;
import rotagens.server.outlook.OutlookViews.RibbonView;
import rotagens.server.outlook.OutlookViews.RibbonsView;
import rotagens.server.outlook.OutlookViews.StayView;
import rotagens.server.outlook.OutlookViews.StrategyTotals;
import rotagens.server.outlook.OutlookViews.YearView;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.Jobs;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** Fifteen years ahead under each strategy, and turning the next two of one into jobs. */
@Service
class Outlooks {

    static final int YEARS = 15;
    private static final int PLANNED_YEARS = 2;
    private static final int TRIES = 300;
    private static final long SEED = 20;
    private static final int MOST_BREAKS = 40;
    private static final double MM_PER_32ND = 25.4 / 32;

    private final KeptFleet fleet;
    private final OutlookFacts facts;
    private final Jobs jobs;
    private final Changes changes;
    private final Clock clock;

    Outlooks(KeptFleet fleet, OutlookFacts facts, Jobs jobs, Changes changes, Clock clock) {
        this.fleet = fleet;
        this.facts = facts;
        this.jobs = jobs;
        this.changes = changes;
        this.clock = clock;
    }

    private List<Standing> asked(OutlookAsk ask) {
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

    private static List<Outcome> play(List<OutlookVehicle> vehicles, Strategy strategy, LocalDate today, int years) {
        LocalDate end = today.plusYears(years);
        return vehicles.stream()
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
        Map<Strategy, List<Outcome>> all = new LinkedHashMap<>();
        for (Strategy one : Strategy.values()) {
            all.put(one, play(gathered.vehicles(), one, today, YEARS));
        }
        List<Outcome> chosen = all.get(strategy);
        LocalDate until = today.plusYears(PLANNED_YEARS);
        Odds.Result odds = Odds.of(chosen, today, until, TRIES, SEED);
        Map<Strategy, Totals> sums = new LinkedHashMap<>();
        all.forEach((one, outcomes) -> sums.put(one, Totals.of(outcomes, today, end)));
        Totals totals = sums.get(strategy);
        DifferenceView difference = null;
        if (!tried.equals(Tried.NOTHING)) {
            difference = difference(totals(standings, strategy), totals);
        }
        return new OutlookView(
                today,
                end,
                strategy,
                standings.size(),
                strategies(sums, units),
                years(totals, units),
                chosen.stream()
                        .flatMap(outcome -> breaks(outcome, units).stream())
                        .sorted(java.util.Comparator.comparing(BreakView::on))
                        .limit(MOST_BREAKS)
                        .toList(),
                chosen.stream().map(Outlooks::each).toList(),
                new OddsView(odds.tries(), (int) Math.round(odds.holds() * 100), round(odds.surprises()), until),
                difference,
                gathered.vehicles().isEmpty()
                        ? 0
                        : round(gathered.vehicles().get(0).policy().deliveredMonths()),
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
        return difference(totals(now, Strategy.RUN_TO_LIMIT), totals(then, Strategy.RUN_TO_LIMIT));
    }

    private Totals totals(List<Standing> standings, Strategy strategy) {
        LocalDate today = LocalDate.now(clock);
        return Totals.of(
                play(facts.of(standings, Tried.NOTHING).vehicles(), strategy, today, YEARS),
                today,
                today.plusYears(YEARS));
    }

    private static DifferenceView difference(Totals before, Totals after) {
        return new DifferenceView(
                signed(after.tires() - before.tires(), " tires"),
                signedMoney(after.cents() - before.cents()),
                signed(round(after.oldestSteerYears() - before.oldestSteerYears()), " years"),
                signed(after.breaks() - before.breaks(), ""));
    }

    private static void refuse(Gathered gathered, Strategy strategy, Tried tried, Units units) {
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

    private static List<StrategyTotals> strategies(Map<Strategy, Totals> sums, Units units) {
        long least = sums.values().stream().mapToLong(Totals::cents).min().orElse(0);
        return sums.entrySet().stream()
                .map(entry -> {
                    Totals totals = entry.getValue();
                    return new StrategyTotals(
                            entry.getKey(),
                            entry.getKey().title(),
                            entry.getKey().about(),
                            totals.tires(),
                            totals.sensors(),
                            totals.visits(),
                            Money.about(totals.cents()),
                            totals.cents() == least,
                            thrownAway(totals.wastedYears(), totals.wasted32nds(), units),
                            totals.oldestSteerYears() > 0 ? plain(round(totals.oldestSteerYears())) + " years" : null,
                            totals.breaks());
                })
                .toList();
    }

    /** Life left in tires that go, in years and in tread. */
    private static String thrownAway(double years, double thirtySeconds, Units units) {
        String tread = units == Units.US
                ? String.format(Locale.ROOT, "%,d/32 in", Math.round(thirtySeconds))
                : String.format(Locale.ROOT, "%,d mm", Math.round(thirtySeconds * MM_PER_32ND));
        return String.format(Locale.ROOT, "%,.1f years, %s", years, tread);
    }

    private static List<YearView> years(Totals totals, Units units) {
        Map<Integer, List<Totals.Quarter>> byYear = totals.quarters().stream()
                .collect(Collectors.groupingBy(Totals.Quarter::year, TreeMap::new, Collectors.toList()));
        long most = Math.max(
                1, byYear.values().stream().mapToLong(Outlooks::cents).max().orElse(1));
        return byYear.entrySet().stream()
                .map(entry -> {
                    List<Totals.Quarter> quarters = entry.getValue();
                    return new YearView(
                            entry.getKey(),
                            quarters.stream()
                                    .map(one -> new QuarterView(one.quarter(), one.tires(), Money.about(one.cents())))
                                    .toList(),
                            quarters.stream().mapToInt(Totals.Quarter::tires).sum(),
                            quarters.stream().mapToInt(Totals.Quarter::sensors).sum(),
                            Money.about(quarters.stream()
                                    .mapToLong(Totals.Quarter::tireCents)
                                    .sum()),
                            Money.about(quarters.stream()
                                    .mapToLong(Totals.Quarter::sensorCents)
                                    .sum()),
                            Money.about(quarters.stream()
                                    .mapToLong(Totals.Quarter::laborCents)
                                    .sum()),
                            Money.about(cents(quarters)),
                            thrownAway(
                                    quarters.stream()
                                            .mapToDouble(Totals.Quarter::wastedYears)
                                            .sum(),
                                    quarters.stream()
                                            .mapToDouble(Totals.Quarter::wasted32nds)
                                            .sum(),
                                    units),
                            (int) Math.round(100.0 * cents(quarters) / most));
                })
                .toList();
    }

    private static long cents(List<Totals.Quarter> quarters) {
        return quarters.stream().mapToLong(Totals.Quarter::cents).sum();
    }

    private static OutlookVehicleView each(Outcome outcome) {
        return new OutlookVehicleView(outcome.vehicle().id(), outcome.vehicle().unit(), outcome.tires());
    }

    private static String signed(double figure, String unit) {
        return figure == 0 ? "the same" : (figure > 0 ? "+" : "−") + plain(Math.abs(figure)) + unit;
    }

    private static String signedMoney(long cents) {
        return cents == 0 ? "the same" : (cents > 0 ? "+" : "") + Money.about(cents);
    }

    private static List<BreakView> breaks(Outcome outcome, Units units) {
        return outcome.breaks().stream()
                .map(one -> new BreakView(
                        outcome.vehicle().id(),
                        outcome.vehicle().unit(),
                        one.position().code(),
                        one.on(),
                        one.says().in(units),
                        one.cure().in(units)))
                .toList();
    }

    private static double round(double figure) {
        return Math.round(figure * 10) / 10.0;
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
                                        ? thrownAway(ribbon.wastedYears(), ribbon.wasted32nds(), units)
                                        : null,
                                ribbon.thrownShare(),
                                ribbon.bought()))
                        .toList(),
                breaks(outcome, units));
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

    private static String plain(double figure) {
        return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
    }

    /** Makes jobs of the next two years of a strategy; positions that have a job already are left alone. */
    @Transactional
    public AcceptedOutlook accept(OutlookAsk ask, Units units) {
        changes.only();
        LocalDate today = LocalDate.now(clock);
        LocalDate until = today.plusYears(PLANNED_YEARS);
        Strategy strategy = ask.strategy() == null ? Strategy.RUN_TO_LIMIT : ask.strategy();
        Gathered gathered = facts.of(asked(ask), Tried.NOTHING);
        refuse(gathered, strategy, Tried.NOTHING, units);
        Map<Long, List<String>> planned = jobs.open().stream()
                .collect(Collectors.groupingBy(
                        Job::vehicleId,
                        Collectors.flatMapping(
                                job -> job.items().stream()
                                        .filter(item -> rotagens.core.planning.BayNeeds.takesTire(item.kind()))
                                        .map(item -> item.position() == null ? "" : item.position()),
                                Collectors.toList())));
        int made = 0;
        int tires = 0;
        for (Outcome outcome : play(gathered.vehicles(), strategy, today, PLANNED_YEARS)) {
            List<String> taken =
                    new ArrayList<>(planned.getOrDefault(outcome.vehicle().id(), List.of()));
            for (Outcome.Visit visit : outcome.visits()) {
                if (!visit.day().isBefore(until)) {
                    continue;
                }
                Map<Position, String> wanted = new LinkedHashMap<>();
                visit.bought().stream()
                        .filter(position -> !taken.contains(position.code()))
                        .forEach(position ->
                                wanted.put(position, strategy.title() + ": " + why(outcome, position, visit)));
                if (wanted.isEmpty()) {
                    continue;
                }
                wanted.keySet().forEach(position -> taken.add(position.code()));
                String note = visit.moved().isEmpty()
                        ? ""
                        : "Outlook, " + strategy.title().toLowerCase(Locale.ROOT) + ": used tires go to "
                                + visit.moved().stream().map(Position::code).collect(Collectors.joining(" "))
                                + "; lay the moves on the bench";
                jobs.plan(outcome.vehicle().id(), visit.day(), note, DueKind.REPLACE, wanted);
                made++;
                tires += wanted.size();
            }
        }
        return new AcceptedOutlook(made, tires);
    }

    private static String why(Outcome outcome, Position position, Outcome.Visit visit) {
        return outcome.ribbons().stream()
                .filter(ribbon -> ribbon.to().equals(visit.day())
                        && ribbon.stays()
                                .get(ribbon.stays().size() - 1)
                                .position()
                                .equals(position))
                .findFirst()
                .map(ribbon -> ribbon.end().words())
                .orElse("makes room");
    }
}
