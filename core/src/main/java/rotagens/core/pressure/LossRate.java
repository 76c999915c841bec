package rotagens.core.pressure;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import rotagens.core.measure.Temperature;

/**
 * How fast a tire loses air, as a share a month, from its cold readings since it was last filled. Readings are brought to one
 * temperature; where one was taken without, the rate is a range for 20 °F either way.
 *
 * @param low the least it can be
 * @param likely between the two; the same where every reading has its temperature
 * @param days between first and last reading
 * @param dropPsi what it lost in that time at one temperature
 */
public record LossRate(double low, double likely, double high, long days, double dropPsi) {

    /** Up to this much a month is a normal rate, and what is expected where a tire's own isn't known. */
    public static final double NORMAL_MONTHLY = 0.05;

    private static final double DAYS_A_MONTH = 30.4375;
    private static final double DOUBT_F = 20;
    private static final double USUAL_F = 60;
    private static final int LEAST_DAYS = 14;
    private static final double LEAST_DROP_PSI = 2;
    private static final double LEAST_DROP_WITHOUT_TEMPERATURE_PSI = 4;
    private static final double RISE_MEANS_FILLED_PSI = 1;

    /** One cold reading. */
    public record Point(LocalDate on, double psi, Optional<Temperature> at, boolean filled) {}

    /** From cold readings in any order; empty with fewer than two since the last fill, or all on one day. */
    public static Optional<LossRate> of(List<Point> readings) {
        List<Point> since = sinceFill(readings);
        return since.size() < 2 || days(since) < 1 ? Optional.empty() : Optional.of(told(since));
    }

    private static LossRate told(List<Point> since) {
        boolean known = since.stream().allMatch(point -> point.at().isPresent());
        double likely = monthly(since, point -> corrected(point, since));
        if (known) {
            return new LossRate(likely, likely, likely, days(since), drop(since));
        }
        double low = monthly(since, point -> shifted(point, since, -DOUBT_F));
        double high = monthly(since, point -> shifted(point, since, DOUBT_F));
        return new LossRate(low, likely, high, days(since), drop(since));
    }

    /** The readings since the tire was last filled, oldest first: marked as filled, or risen by itself, which no tire does. */
    public static List<Point> sinceFill(List<Point> readings) {
        List<Point> newestFirst = new ArrayList<>(readings);
        newestFirst.sort(java.util.Comparator.comparing(Point::on).reversed());
        List<Point> since = new ArrayList<>();
        for (Point point : newestFirst) {
            if (!since.isEmpty()) {
                Point later = since.get(since.size() - 1);
                if (atTemperatureOf(later, point) - point.psi() > RISE_MEANS_FILLED_PSI) {
                    break;
                }
            }
            since.add(point);
            if (point.filled()) {
                break;
            }
        }
        Collections.reverse(since);
        return since;
    }

    /** Over 5 % a month, told from at least 14 days and a drop over 2 psi. */
    public boolean isLeak() {
        return days >= LEAST_DAYS && dropPsi > LEAST_DROP_PSI && low > NORMAL_MONTHLY + 1e-9;
    }

    /**
     * What cold readings since a fill say of a tire: the whole time and the latest interval, so that a sudden drop isn't drowned in
     * weeks that were good.
     */
    public record Loss(Optional<LossRate> whole, Optional<LossRate> latest, double fromPsi, boolean quickDrop) {

        /** Told from at least 14 days. */
        public boolean isLeak() {
            return whole.filter(LossRate::isLeak).isPresent()
                    || latest.filter(LossRate::isLeak).isPresent();
        }

        /** A drop too quick to be called a leak, and never called normal: gauge again in two days. */
        public boolean isSuspected() {
            return !isLeak() && quickDrop;
        }

        /** Neither the whole time nor the latest interval loses more than a normal rate, or so little that no gauge tells. */
        public boolean isNormal() {
            return Stream.concat(whole.stream(), latest.stream())
                    .allMatch(rate -> rate.likely() <= NORMAL_MONTHLY + 1e-9 || rate.dropPsi() <= LEAST_DROP_PSI);
        }

        /** The rate to expect, a share a month: the worse of the two; told from under 14 days never less than a normal one. */
        public double expected() {
            double worst = Stream.concat(whole.stream(), latest.stream())
                    .mapToDouble(LossRate::likely)
                    .max()
                    .orElse(NORMAL_MONTHLY);
            boolean told = whole.filter(rate -> rate.days() >= LEAST_DAYS).isPresent();
            return Math.max(told ? 0 : NORMAL_MONTHLY, worst);
        }
    }

    /** From cold readings since the last fill, oldest first. */
    public static Loss loss(List<Point> since) {
        if (since.size() < 2) {
            return new Loss(
                    Optional.empty(),
                    Optional.empty(),
                    since.isEmpty() ? 0 : since.get(0).psi(),
                    false);
        }
        List<Point> two = since.subList(since.size() - 2, since.size());
        boolean quick = isQuick(two) || isQuick(since);
        double from = isQuick(two) ? two.get(0).psi() : since.get(0).psi();
        return new Loss(rate(since), rate(two), from, quick);
    }

    /** Over 2 psi, over 4 where a temperature is missing, in under 14 days, and faster than 5 % a month; on one day at once. */
    private static boolean isQuick(List<Point> points) {
        boolean known = points.stream().allMatch(point -> point.at().isPresent());
        boolean dropped = drop(points) > (known ? LEAST_DROP_PSI : LEAST_DROP_WITHOUT_TEMPERATURE_PSI) + 1e-9;
        if (!dropped || days(points) >= LEAST_DAYS) {
            return false;
        }
        return days(points) == 0
                || rate(points)
                        .filter(rate -> rate.likely() > NORMAL_MONTHLY + 1e-9)
                        .isPresent();
    }

    private static Optional<LossRate> rate(List<Point> since) {
        return days(since) < 1 ? Optional.empty() : Optional.of(told(since));
    }

    /** Whole days until a pressure has fallen to another at a monthly rate; 0 where it is there already. */
    public static long daysToReach(double psi, double toPsi, double monthly) {
        if (psi <= toPsi) {
            return 0;
        }
        if (monthly <= 1e-9) {
            return Long.MAX_VALUE / 4;
        }
        double perDay = -Math.log(1 - Math.min(monthly, 0.999)) / DAYS_A_MONTH;
        return (long) Math.floor(Math.log(psi / Math.max(toPsi, 0.1)) / perDay + 1e-9);
    }

    /** What share of its pressure is left after so many days at a monthly rate. */
    public static double leftAfter(int days, double monthly) {
        return Math.pow(1 - monthly, days / DAYS_A_MONTH);
    }

    private static long days(List<Point> oldestFirst) {
        return ChronoUnit.DAYS.between(
                oldestFirst.get(0).on(), oldestFirst.get(oldestFirst.size() - 1).on());
    }

    private static double drop(List<Point> oldestFirst) {
        Point last = oldestFirst.get(oldestFirst.size() - 1);
        return oldestFirst.get(0).psi() - corrected(last, oldestFirst);
    }

    /** A reading at the temperature of the first one, where both are known; as read otherwise. */
    private static double corrected(Point point, List<Point> since) {
        Optional<Temperature> first = since.get(0).at();
        return first.isPresent() && point.at().isPresent()
                ? AirTemperature.psiAt(point.psi(), point.at().get(), first.get())
                : point.psi();
    }

    /** A later reading at the temperature of an earlier one, for comparing two neighbors. */
    private static double atTemperatureOf(Point later, Point earlier) {
        return later.at().isPresent() && earlier.at().isPresent()
                ? AirTemperature.psiAt(
                        later.psi(), later.at().get(), earlier.at().get())
                : later.psi();
    }

    /** As if the temperature had drifted by so much between the first and the last reading. */
    private static double shifted(Point point, List<Point> since, double wholeDriftF) {
        double share = (double) ChronoUnit.DAYS.between(since.get(0).on(), point.on()) / days(since);
        return AirTemperature.psiShifted(corrected(point, since), USUAL_F + share * wholeDriftF, USUAL_F);
    }

    /** The slope of ln(P) over days by least squares, as a share lost a month. */
    private static double monthly(List<Point> points, ToDoubleFunction<Point> psi) {
        LocalDate from = points.get(0).on();
        double meanDay = points.stream()
                .mapToDouble(point -> ChronoUnit.DAYS.between(from, point.on()))
                .average()
                .orElseThrow();
        double meanLog = points.stream()
                .mapToDouble(point -> Math.log(Math.max(psi.applyAsDouble(point), 0.1)))
                .average()
                .orElseThrow();
        double over = 0;
        double under = 0;
        for (Point point : points) {
            double day = ChronoUnit.DAYS.between(from, point.on()) - meanDay;
            over += day * (Math.log(Math.max(psi.applyAsDouble(point), 0.1)) - meanLog);
            under += day * day;
        }
        return 1 - Math.exp(over / under * DAYS_A_MONTH);
    }
}
