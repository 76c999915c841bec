package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import rotagens.core.measure.Message;
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
public record PressureLoss(double low, double likely, double high, long days, double dropPsi) {

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
    public record ColdReading(LocalDate on, double psi, Optional<Temperature> at, boolean filled) {}

    /**
     * From cold readings in any order; empty with fewer than two since the last fill, or all on one day.
     *
     * @param readings cold ones of one tire
     * @return its loss
     */
    public static Optional<PressureLoss> of(List<ColdReading> readings) {
        List<ColdReading> since = sinceFill(readings);
        return since.size() < 2 || days(since) < 1 ? Optional.empty() : Optional.of(told(since));
    }

    private static PressureLoss told(List<ColdReading> since) {
        boolean known = since.stream().allMatch(coldReading -> coldReading.at().isPresent());
        double likely = monthly(since, coldReading -> corrected(coldReading, since));
        if (known) {
            return new PressureLoss(likely, likely, likely, days(since), drop(since));
        }
        double low = monthly(since, coldReading -> shifted(coldReading, since, -DOUBT_F));
        double high = monthly(since, coldReading -> shifted(coldReading, since, DOUBT_F));
        return new PressureLoss(low, likely, high, days(since), drop(since));
    }

    /**
     * The readings since the tire was last filled, oldest first: marked as filled, or risen by itself, which no tire does.
     *
     * @param readings cold ones of one tire, in any order
     * @return at least the newest, if there is any
     */
    public static List<ColdReading> sinceFill(List<ColdReading> readings) {
        List<ColdReading> newestFirst = new ArrayList<>(readings);
        newestFirst.sort(Comparator.comparing(ColdReading::on).reversed());
        List<ColdReading> since = new ArrayList<>();
        for (ColdReading coldReading : newestFirst) {
            if (!since.isEmpty()) {
                ColdReading later = since.get(since.size() - 1);
                if (atTemperatureOf(later, coldReading) - coldReading.psi() > RISE_MEANS_FILLED_PSI) {
                    break;
                }
            }
            since.add(coldReading);
            if (coldReading.filled()) {
                break;
            }
        }
        Collections.reverse(since);
        return since;
    }

    /**
     * Whether it reaches over a normal rate only at the unlucky end of the temperatures nobody noted.
     *
     * @return whether a temperature beside the readings would tell
     */
    public boolean mayBeWeather() {
        return low <= NORMAL_MONTHLY + 1e-9 && high > NORMAL_MONTHLY + 1e-9;
    }

    /**
     * Over 5 % a month, told from at least 14 days and a drop over 2 psi.
     *
     * @return whether it has to be looked for
     */
    public boolean isLeak() {
        return days >= LEAST_DAYS && dropPsi > LEAST_DROP_PSI && low > NORMAL_MONTHLY + 1e-9;
    }

    /**
     * The rate as a figure for people: {@code 1.2% a month}, or a range where a temperature is missing.
     *
     * @return for the middle of a sentence
     */
    public Message rate() {
        String least = percent(low);
        String most = percent(high);
        return least.equals(most)
                ? WORDS.message("month", "least", least)
                : WORDS.message("toAMonth", "least", least, "most", most);
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f", Math.max(0, share) * 100);
    }

    /**
     * What cold readings since a fill say of a tire: the whole time and the latest interval, so that a sudden drop isn't drowned in
     * weeks that were good.
     */
    public record Loss(Optional<PressureLoss> whole, Optional<PressureLoss> latest, double fromPsi, boolean quickDrop) {

        /**
         * The rate that counts: the faster of the whole time's and the latest interval's, so that a sudden drop isn't drowned.
         *
         * @return empty where nothing can be told
         */
        public Optional<PressureLoss> worst() {
            return Stream.concat(whole.stream(), latest.stream()).max(Comparator.comparing(PressureLoss::likely));
        }

        /**
         * Told from at least 14 days.
         *
         * @return by the whole time’s rate or the latest interval’s
         */
        public boolean isLeak() {
            return whole.filter(PressureLoss::isLeak).isPresent()
                    || latest.filter(PressureLoss::isLeak).isPresent();
        }

        /**
         * A drop too quick to be called a leak, and never called normal: gauge again in two days.
         *
         * @return never where it is called a leak
         */
        public boolean isSuspected() {
            return !isLeak() && quickDrop;
        }

        /**
         * Neither the whole time nor the latest interval loses more than a normal rate, or so little that no gauge tells.
         *
         * @return false where nothing can be told
         */
        public boolean isNormal() {
            return Stream.concat(whole.stream(), latest.stream())
                    .allMatch(rate -> rate.likely() <= NORMAL_MONTHLY + 1e-9 || rate.dropPsi() <= LEAST_DROP_PSI);
        }

        /**
         * The rate to expect, a share a month: the worse of the two; told from under 14 days never less than a normal one.
         *
         * @return a share of 1
         */
        public double expected() {
            double worst = worst().map(PressureLoss::likely).orElse(NORMAL_MONTHLY);
            boolean told = whole.filter(rate -> rate.days() >= LEAST_DAYS).isPresent();
            return Math.max(told ? 0 : NORMAL_MONTHLY, worst);
        }
    }

    /**
     * From cold readings since the last fill, oldest first.
     *
     * @param since cold readings of one tire
     * @return by the whole time and by the latest interval
     */
    public static Loss ofTire(List<ColdReading> since) {
        if (since.size() < 2) {
            return new Loss(
                    Optional.empty(),
                    Optional.empty(),
                    since.isEmpty() ? 0 : since.get(0).psi(),
                    false);
        }
        List<ColdReading> two = since.subList(since.size() - 2, since.size());
        boolean quick = isQuick(two) || isQuick(since);
        double from = isQuick(two) ? two.get(0).psi() : since.get(0).psi();
        return new Loss(rate(since), rate(two), from, quick);
    }

    /** Over 2 psi, over 4 where a temperature is missing, in under 14 days, and faster than 5 % a month; on one day at once. */
    private static boolean isQuick(List<ColdReading> coldReadings) {
        boolean known =
                coldReadings.stream().allMatch(coldReading -> coldReading.at().isPresent());
        boolean dropped = drop(coldReadings) > (known ? LEAST_DROP_PSI : LEAST_DROP_WITHOUT_TEMPERATURE_PSI) + 1e-9;
        if (!dropped || days(coldReadings) >= LEAST_DAYS) {
            return false;
        }
        return days(coldReadings) == 0
                || rate(coldReadings)
                        .filter(rate -> rate.likely() > NORMAL_MONTHLY + 1e-9)
                        .isPresent();
    }

    private static Optional<PressureLoss> rate(List<ColdReading> since) {
        return days(since) < 1 ? Optional.empty() : Optional.of(told(since));
    }

    /**
     * Whole days until a pressure has fallen to another at a monthly rate; 0 where it is there already.
     *
     * @param psi the pressure it begins at
     * @param toPsi the pressure asked for
     * @param monthly the share lost in a month
     * @return days
     */
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

    /**
     * What share of its pressure is left after so many days at a monthly rate.
     *
     * @param days how many
     * @param monthly the share lost in a month
     * @return a share of 1
     */
    public static double leftAfter(int days, double monthly) {
        return Math.pow(1 - monthly, days / DAYS_A_MONTH);
    }

    private static long days(List<ColdReading> oldestFirst) {
        return ChronoUnit.DAYS.between(
                oldestFirst.get(0).on(), oldestFirst.get(oldestFirst.size() - 1).on());
    }

    private static double drop(List<ColdReading> oldestFirst) {
        ColdReading last = oldestFirst.get(oldestFirst.size() - 1);
        return oldestFirst.get(0).psi() - corrected(last, oldestFirst);
    }

    /** A reading at the temperature of the first one, where both are known; as read otherwise. */
    private static double corrected(ColdReading coldReading, List<ColdReading> since) {
        Optional<Temperature> first = since.get(0).at();
        return first.isPresent() && coldReading.at().isPresent()
                ? TemperatureCorrection.psiAt(
                        coldReading.psi(), coldReading.at().get(), first.get())
                : coldReading.psi();
    }

    /** A later reading at the temperature of an earlier one, for comparing two neighbors. */
    private static double atTemperatureOf(ColdReading later, ColdReading earlier) {
        return later.at().isPresent() && earlier.at().isPresent()
                ? TemperatureCorrection.psiAt(
                        later.psi(), later.at().get(), earlier.at().get())
                : later.psi();
    }

    /** As if the temperature had drifted by so much between the first and the last reading. */
    private static double shifted(ColdReading coldReading, List<ColdReading> since, double wholeDriftF) {
        double share = (double) ChronoUnit.DAYS.between(since.get(0).on(), coldReading.on()) / days(since);
        return TemperatureCorrection.psiShifted(corrected(coldReading, since), USUAL_F + share * wholeDriftF, USUAL_F);
    }

    /** The slope of ln(P) over days by least squares, as a share lost a month. */
    private static double monthly(List<ColdReading> coldReadings, ToDoubleFunction<ColdReading> psi) {
        LocalDate from = coldReadings.get(0).on();
        double meanDay = coldReadings.stream()
                .mapToDouble(coldReading -> ChronoUnit.DAYS.between(from, coldReading.on()))
                .average()
                .orElseThrow();
        double meanLog = coldReadings.stream()
                .mapToDouble(coldReading -> Math.log(Math.max(psi.applyAsDouble(coldReading), 0.1)))
                .average()
                .orElseThrow();
        double over = 0;
        double under = 0;
        for (ColdReading coldReading : coldReadings) {
            double day = ChronoUnit.DAYS.between(from, coldReading.on()) - meanDay;
            over += day * (Math.log(Math.max(psi.applyAsDouble(coldReading), 0.1)) - meanLog);
            under += day * day;
        }
        return 1 - Math.exp(over / under * DAYS_A_MONTH);
    }
}
