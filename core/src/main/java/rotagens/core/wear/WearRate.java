package rotagens.core.wear;

import static rotagens.core.wear.WearWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;

/**
 * How fast a tire loses tread, in 32nds per mile, with the uncertainty the depth gauge's own marks leave.
 *
 * @param perMile 32nds per mile, above zero
 * @param plusMinus half the range the readings allow, same unit
 */
public record WearRate(double perMile, double plusMinus) {

    /** One lowest depth at an odometer reading. */
    public record DepthReading(double miles, double lowest32nds) {}

    /** When a depth will be reached: best guess and the range around it; {@code latest} is open when wear may be nil. */
    public record ReachDates(LocalDate earliest, LocalDate likely, Optional<LocalDate> latest) {}

    private static final double LEAST_SPAN_MILES = 1_000;
    /** Standard error of reading a scale to whole 32nds: 1/√12 of a mark. */
    private static final double SCALE_ERROR = 1 / Math.sqrt(12);

    /** A reading further than this off the middle line is a misreading: a wear bar, a stone, another tire. */
    private static final double OUTLIER_32NDS = 2.5;

    private static final int ENOUGH_TO_LEAVE_OUT = 4;

    private static final double PER_MILES = 10_000;
    /** No forecast means anything further ahead. */
    private static final double FURTHEST_MILES = 60_000;

    private static final int FURTHEST_DAYS = 365 * 30;

    /**
     * The slope of lowest depth over odometer by least squares, from at least two readings at least 1,000 miles apart since
     * the tire came to its place. A tread that seems to grow is measuring error: no rate.
     *
     * @param all readings of the tire at its place, in any order; where there are four or more, those far off the others are left out
     * @return empty where they are too few, too near each other, or the tread seems to grow
     */
    public static Optional<WearRate> of(List<DepthReading> all) {
        List<DepthReading> depthReadings = withoutOutliers(all);
        double from =
                depthReadings.stream().mapToDouble(DepthReading::miles).min().orElse(0);
        double to =
                depthReadings.stream().mapToDouble(DepthReading::miles).max().orElse(0);
        if (depthReadings.size() < 2 || to - from < LEAST_SPAN_MILES) {
            return Optional.empty();
        }
        double meanMiles = depthReadings.stream()
                .mapToDouble(DepthReading::miles)
                .average()
                .orElseThrow();
        double meanDepth = depthReadings.stream()
                .mapToDouble(DepthReading::lowest32nds)
                .average()
                .orElseThrow();
        double sxx = 0;
        double sxy = 0;
        for (DepthReading depthReading : depthReadings) {
            sxx += (depthReading.miles() - meanMiles) * (depthReading.miles() - meanMiles);
            sxy += (depthReading.miles() - meanMiles) * (depthReading.lowest32nds() - meanDepth);
        }
        double slope = sxy / sxx;
        if (slope >= 0) {
            return Optional.empty();
        }
        double residuals = 0;
        for (DepthReading depthReading : depthReadings) {
            double off = depthReading.lowest32nds() - (meanDepth + slope * (depthReading.miles() - meanMiles));
            residuals += off * off;
        }
        double scatter = depthReadings.size() > 2 ? Math.sqrt(residuals / (depthReadings.size() - 2)) : 0;
        return Optional.of(new WearRate(-slope, 2 * Math.max(scatter, SCALE_ERROR) / Math.sqrt(sxx)));
    }

    /**
     * From the depth it was fitted with to its newest reading, where the readings since don't tell; empty under 1,000 miles, or
     * where the tread seems to have grown.
     *
     * @param fitted odometer and lowest depth when it came to its place
     * @param newest its newest reading there
     * @return the rate between the two, with the error of a gauge at both
     */
    public static Optional<WearRate> sinceInstalled(DepthReading fitted, DepthReading newest) {
        double miles = newest.miles() - fitted.miles();
        double worn = fitted.lowest32nds() - newest.lowest32nds();
        return miles < LEAST_SPAN_MILES || worn <= 0
                ? Optional.empty()
                : Optional.of(new WearRate(worn / miles, 2 * SCALE_ERROR * Math.sqrt(2) / miles));
    }

    /** Leaves out readings far off the line through the median slope; a few readings have no middle to be off from. */
    private static List<DepthReading> withoutOutliers(List<DepthReading> depthReadings) {
        if (depthReadings.size() < ENOUGH_TO_LEAVE_OUT) {
            return depthReadings;
        }
        List<Double> slopes = new ArrayList<>();
        for (int first = 0; first < depthReadings.size(); first++) {
            for (int next = first + 1; next < depthReadings.size(); next++) {
                double miles = depthReadings.get(next).miles()
                        - depthReadings.get(first).miles();
                if (Math.abs(miles) > 1) {
                    slopes.add((depthReadings.get(next).lowest32nds()
                                    - depthReadings.get(first).lowest32nds())
                            / miles);
                }
            }
        }
        if (slopes.isEmpty()) {
            return depthReadings;
        }
        double slope = median(slopes);
        double level = median(depthReadings.stream()
                .map(depthReading -> depthReading.lowest32nds() - slope * depthReading.miles())
                .toList());
        return depthReadings.stream()
                .filter(depthReading ->
                        Math.abs(depthReading.lowest32nds() - slope * depthReading.miles() - level) <= OUTLIER_32NDS)
                .toList();
    }

    private static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        int middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }

    /**
     * Where the line of this rate and the fan round it end.
     *
     * @param miles on the odometer there
     * @param likely depth there in 32nds, never under zero
     * @param min at the fastest wear the readings allow
     * @param max at the slowest
     */
    public record DepthForecast(double miles, double likely, double min, double max) {}

    /**
     * The line from a reading down to a depth, or as far as a forecast means anything.
     *
     * @param from odometer and depth it begins at
     * @param to32nds the depth it goes down to, in 32nds
     * @return at least 1,000 and at most 60,000 miles further on
     */
    public DepthForecast forecast(DepthReading from, double to32nds) {
        double miles = Math.max(LEAST_SPAN_MILES, Math.min((from.lowest32nds() - to32nds) / perMile, FURTHEST_MILES));
        return new DepthForecast(
                from.miles() + miles,
                Math.max(0, from.lowest32nds() - perMile * miles),
                Math.max(0, from.lowest32nds() - (perMile + plusMinus) * miles),
                Math.max(0, from.lowest32nds() - Math.max(0, perMile - plusMinus) * miles));
    }

    /**
     * {@code 2.3/32 in in 10,000 mi, give or take 0.4}.
     *
     * @param units the family of units to say it in
     * @return the wear and what it may be off by
     */
    public String label(Units units) {
        double each = units == Units.US
                ? perMile * PER_MILES
                : TreadDepth.of32nds(perMile * PER_MILES).formatWithoutUnit(units) / Distance.KM_PER_MILE;
        return WORDS.say(
                units == Units.US ? "wearByMiles" : "wearByKilometers",
                "each",
                String.format(Locale.ROOT, "%.1f", each),
                "plusMinus",
                String.format(Locale.ROOT, "%.1f", each * plusMinus / perMile));
    }

    /**
     * When the tread will have come down from one depth to another, at so many miles a day from a day on.
     *
     * @param from32nds the depth it has on that day, in 32nds
     * @param to32nds the depth asked for, in 32nds
     * @param milesPerDay what the vehicle runs
     * @param since the day it has it
     * @return the likely day and the earliest; the latest is empty where the readings allow no wear at all
     */
    public ReachDates reachDates(double from32nds, double to32nds, double milesPerDay, LocalDate since) {
        double left = Math.max(0, from32nds - to32nds);
        LocalDate likely = since.plusDays(days(left, perMile, milesPerDay));
        LocalDate earliest = since.plusDays(days(left, perMile + plusMinus, milesPerDay));
        double slowest = perMile - plusMinus;
        return new ReachDates(
                earliest,
                likely,
                slowest > 0 ? Optional.of(since.plusDays(days(left, slowest, milesPerDay))) : Optional.empty());
    }

    private static long days(double left32nds, double perMile, double milesPerDay) {
        return (long) Math.min(FURTHEST_DAYS, left32nds / (perMile * milesPerDay));
    }
}
