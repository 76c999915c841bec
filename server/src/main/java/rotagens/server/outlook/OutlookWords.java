package rotagens.server.outlook;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;
import rotagens.core.outlook.Outcome;
import rotagens.core.outlook.Strategy;
import rotagens.core.outlook.Totals;
import rotagens.server.outlook.OutlookViews.BreakView;
import rotagens.server.outlook.OutlookViews.DifferenceView;
import rotagens.server.outlook.OutlookViews.OutlookVehicleView;
import rotagens.server.outlook.OutlookViews.QuarterView;
import rotagens.server.outlook.OutlookViews.StrategyTotals;
import rotagens.server.outlook.OutlookViews.YearView;

/** An outlook's figures in words, in the units asked for. */
final class OutlookWords {

    private static final double MM_PER_32ND = 25.4 / 32;

    private OutlookWords() {}

    static DifferenceView difference(Totals before, Totals after) {
        return new DifferenceView(
                signed(after.tires() - before.tires(), " tires"),
                signedMoney(after.cents() - before.cents()),
                signed(round(after.oldestSteerYears() - before.oldestSteerYears()), " years"),
                signed(after.breaks() - before.breaks(), ""));
    }

    static List<StrategyTotals> strategies(Map<Strategy, Totals> sums, Units units) {
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
    static String thrownAway(double years, double thirtySeconds, Units units) {
        String tread = units == Units.US
                ? String.format(Locale.ROOT, "%,d/32 in", Math.round(thirtySeconds))
                : String.format(Locale.ROOT, "%,d mm", Math.round(thirtySeconds * MM_PER_32ND));
        return String.format(Locale.ROOT, "%,.1f years, %s", years, tread);
    }

    static List<YearView> years(Totals totals, Units units) {
        Map<Integer, List<Totals.Quarter>> byYear = totals.quarters().stream()
                .collect(Collectors.groupingBy(Totals.Quarter::year, TreeMap::new, Collectors.toList()));
        long most = Math.max(
                1, byYear.values().stream().mapToLong(OutlookWords::cents).max().orElse(1));
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

    static long cents(List<Totals.Quarter> quarters) {
        return quarters.stream().mapToLong(Totals.Quarter::cents).sum();
    }

    static OutlookVehicleView each(Outcome outcome) {
        return new OutlookVehicleView(outcome.vehicle().id(), outcome.vehicle().unit(), outcome.tires());
    }

    static String signed(double figure, String unit) {
        return figure == 0 ? "the same" : (figure > 0 ? "+" : "−") + plain(Math.abs(figure)) + unit;
    }

    static String signedMoney(long cents) {
        return cents == 0 ? "the same" : (cents > 0 ? "+" : "") + Money.about(cents);
    }

    static List<BreakView> breaks(Outcome outcome, Units units) {
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

    static double round(double figure) {
        return Math.round(figure * 10) / 10.0;
    }

    static String plain(double figure) {
        return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
    }
}
