package rotagens.server.outlook;

import static rotagens.server.outlook.OutlookWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;
import rotagens.core.outlook.OutlookResult;
import rotagens.core.outlook.OutlookTotals;
import rotagens.core.outlook.ReplacementStrategy;
import rotagens.server.outlook.OutlookViews.DifferenceView;
import rotagens.server.outlook.OutlookViews.LimitExceededView;
import rotagens.server.outlook.OutlookViews.OutlookVehicleView;
import rotagens.server.outlook.OutlookViews.QuarterView;
import rotagens.server.outlook.OutlookViews.StrategyTotals;
import rotagens.server.outlook.OutlookViews.YearView;

/** An outlook's figures in words, in the units asked for. */
final class OutlookText {

    private static final double MM_PER_32ND = 25.4 / 32;
    private static final int CENTS = 100;

    private OutlookText() {}

    static DifferenceView difference(OutlookTotals before, OutlookTotals after) {
        return new DifferenceView(
                signed(after.tires() - before.tires(), WORDS.say("tires")),
                signedMoney(after.cents() - before.cents()),
                signed(round(after.oldestSteerYears() - before.oldestSteerYears()), WORDS.say("years")),
                signed(after.limitsExceeded() - before.limitsExceeded(), ""));
    }

    static List<StrategyTotals> strategies(Map<ReplacementStrategy, OutlookTotals> sums, Units units) {
        long least =
                sums.values().stream().mapToLong(OutlookTotals::cents).min().orElse(0);
        return sums.entrySet().stream()
                .map(entry -> {
                    OutlookTotals outlookTotals = entry.getValue();
                    return new StrategyTotals(
                            entry.getKey(),
                            entry.getKey().title(),
                            entry.getKey().about(),
                            outlookTotals.tires(),
                            outlookTotals.sensors(),
                            outlookTotals.visits(),
                            Money.about(outlookTotals.cents()),
                            outlookTotals.cents() == least,
                            unusedLife(outlookTotals.unusedYears(), outlookTotals.unused32nds(), units),
                            outlookTotals.oldestSteerYears() > 0
                                    ? plain(round(outlookTotals.oldestSteerYears())) + WORDS.say("years")
                                    : null,
                            outlookTotals.limitsExceeded(),
                            spentByYear(outlookTotals));
                })
                .toList();
    }

    private static List<Long> spentByYear(OutlookTotals totals) {
        Map<Integer, Long> byYear = totals.quarters().stream()
                .collect(Collectors.groupingBy(
                        OutlookTotals.Quarter::year,
                        TreeMap::new,
                        Collectors.summingLong(OutlookTotals.Quarter::cents)));
        List<Long> spent = new ArrayList<>();
        long sum = 0;
        for (long cents : byYear.values()) {
            sum += cents;
            spent.add(sum / CENTS);
        }
        return spent;
    }

    /** Life left in tires that go, in years and in tread. */
    static String unusedLife(double years, double thirtySeconds, Units units) {
        String tread = units == Units.US
                ? String.format(Locale.ROOT, "%,d/32 in", Math.round(thirtySeconds))
                : String.format(Locale.ROOT, "%,d mm", Math.round(thirtySeconds * MM_PER_32ND));
        return WORDS.say("unusedYears", "years", String.format(Locale.ROOT, "%,.1f", years), "tread", tread);
    }

    private static long dollars(List<OutlookTotals.Quarter> quarters, ToLongFunction<OutlookTotals.Quarter> cents) {
        return Math.round(quarters.stream().mapToLong(cents).sum() / (double) CENTS);
    }

    static List<YearView> years(OutlookTotals outlookTotals, Units units) {
        Map<Integer, List<OutlookTotals.Quarter>> byYear = outlookTotals.quarters().stream()
                .collect(Collectors.groupingBy(OutlookTotals.Quarter::year, TreeMap::new, Collectors.toList()));
        return byYear.entrySet().stream()
                .map(entry -> {
                    List<OutlookTotals.Quarter> quarters = entry.getValue();
                    return new YearView(
                            entry.getKey(),
                            quarters.stream()
                                    .map(one -> new QuarterView(one.quarter(), one.tires(), Money.about(one.cents())))
                                    .toList(),
                            quarters.stream()
                                    .mapToInt(OutlookTotals.Quarter::tires)
                                    .sum(),
                            quarters.stream()
                                    .mapToInt(OutlookTotals.Quarter::sensors)
                                    .sum(),
                            dollars(quarters, OutlookTotals.Quarter::tireCents),
                            dollars(quarters, OutlookTotals.Quarter::sensorCents),
                            dollars(quarters, OutlookTotals.Quarter::laborCents),
                            Money.about(quarters.stream()
                                    .mapToLong(OutlookTotals.Quarter::tireCents)
                                    .sum()),
                            Money.about(quarters.stream()
                                    .mapToLong(OutlookTotals.Quarter::sensorCents)
                                    .sum()),
                            Money.about(quarters.stream()
                                    .mapToLong(OutlookTotals.Quarter::laborCents)
                                    .sum()),
                            Money.about(cents(quarters)),
                            unusedLife(
                                    quarters.stream()
                                            .mapToDouble(OutlookTotals.Quarter::unusedYears)
                                            .sum(),
                                    quarters.stream()
                                            .mapToDouble(OutlookTotals.Quarter::unused32nds)
                                            .sum(),
                                    units));
                })
                .toList();
    }

    static long cents(List<OutlookTotals.Quarter> quarters) {
        return quarters.stream().mapToLong(OutlookTotals.Quarter::cents).sum();
    }

    static OutlookVehicleView each(OutlookResult outlookResult) {
        return new OutlookVehicleView(
                outlookResult.vehicle().id(), outlookResult.vehicle().unit(), outlookResult.tires());
    }

    static String signed(double figure, String unit) {
        return figure == 0 ? WORDS.say("same") : (figure > 0 ? "+" : "−") + plain(Math.abs(figure)) + unit;
    }

    static String signedMoney(long cents) {
        return cents == 0 ? WORDS.say("same") : (cents > 0 ? "+" : "") + Money.about(cents);
    }

    static List<LimitExceededView> limitsExceeded(OutlookResult outlookResult, Units units) {
        return outlookResult.limitsExceeded().stream()
                .map(one -> new LimitExceededView(
                        outlookResult.vehicle().id(),
                        outlookResult.vehicle().unit(),
                        one.position().code(),
                        one.on(),
                        one.statement().in(units),
                        one.remedy().in(units)))
                .toList();
    }

    static double round(double figure) {
        return Math.round(figure * 10) / 10.0;
    }

    static String plain(double figure) {
        return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
    }
}
