package rotagens.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import rotagens.core.outlook.OutlookResult.TireTimeline;
import rotagens.core.outlook.OutlookResult.Visit;

/**
 * The years of several vehicles together.
 *
 * @param quarters in order, with nothing left out between the first and the last
 * @param oldestSteerYears of any steer tire at any time
 */
public record OutlookTotals(
        List<Quarter> quarters,
        int tires,
        int sensors,
        long cents,
        int visits,
        double unusedYears,
        double unused32nds,
        double oldestSteerYears,
        int limitsExceeded) {

    /** One quarter of a year. */
    public record Quarter(
            int year,
            int quarter,
            int tires,
            int sensors,
            int minutes,
            long tireCents,
            long sensorCents,
            long laborCents,
            double unusedYears,
            double unused32nds) {

        /**
         * Tires, sensors and labor together.
         *
         * @return in cents
         */
        public long cents() {
            return tireCents + sensorCents + laborCents;
        }
    }

    private static final class Sum {
        private int tires;
        private int sensors;
        private int minutes;
        private long tireCents;
        private long sensorCents;
        private long laborCents;
        private double wastedYears;
        private double wasted32nds;
    }

    private static int index(LocalDate day) {
        return day.getYear() * 4 + (day.getMonthValue() - 1) / 3;
    }

    /**
     * Adds up the outcomes from a day to another.
     *
     * @param outlookResults the outlook of each vehicle
     * @param from the first day counted
     * @param to the day after the last
     * @return by quarter, with the sums over all of them
     */
    public static OutlookTotals of(Collection<OutlookResult> outlookResults, LocalDate from, LocalDate to) {
        Map<Integer, Sum> sums = new TreeMap<>();
        for (int at = index(from); at <= index(to.minusDays(1)); at++) {
            sums.put(at, new Sum());
        }
        double oldest = 0;
        int breaks = 0;
        int visits = 0;
        for (OutlookResult outlookResult : outlookResults) {
            oldest = Math.max(oldest, outlookResult.oldestSteerYears());
            breaks += outlookResult.limitsExceeded().size();
            visits += outlookResult.visits().size();
            for (Visit visit : outlookResult.visits()) {
                Sum sum = sums.get(index(visit.day()));
                sum.tires += visit.bought().size();
                sum.sensors += visit.sensors();
                sum.minutes += visit.minutes();
                sum.tireCents += visit.tireCents();
                sum.sensorCents += visit.sensorCents();
                sum.laborCents += visit.laborCents();
            }
            for (TireTimeline tireTimeline : outlookResult.timelines()) {
                if (tireTimeline.end() != OutlookResult.EndReason.STILL_INSTALLED) {
                    Sum sum = sums.get(index(tireTimeline.to()));
                    sum.wastedYears += tireTimeline.unusedYears();
                    sum.wasted32nds += tireTimeline.unused32nds();
                }
            }
        }
        List<Quarter> quarters = new ArrayList<>();
        sums.forEach((at, sum) -> quarters.add(new Quarter(
                at / 4,
                at % 4 + 1,
                sum.tires,
                sum.sensors,
                sum.minutes,
                sum.tireCents,
                sum.sensorCents,
                sum.laborCents,
                sum.wastedYears,
                sum.wasted32nds)));
        return new OutlookTotals(
                quarters,
                quarters.stream().mapToInt(Quarter::tires).sum(),
                quarters.stream().mapToInt(Quarter::sensors).sum(),
                quarters.stream().mapToLong(Quarter::cents).sum(),
                visits,
                quarters.stream().mapToDouble(Quarter::unusedYears).sum(),
                quarters.stream().mapToDouble(Quarter::unused32nds).sum(),
                oldest,
                breaks);
    }
}
