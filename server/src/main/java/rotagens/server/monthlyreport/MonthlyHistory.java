package rotagens.server.monthlyreport;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import rotagens.core.measure.Money;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.inspection.Readings;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.purchasing.Purchasing;
import rotagens.server.shop.ShopJobs;
import rotagens.server.tire.TireStore.InstalledTire;

/** How the months and weeks before a month's end went: what was spent, and how much was checked on time. */
@Component
class MonthlyHistory {

    private static final int MONTHS = 12;
    private static final int WEEKS = 13;
    private static final int CENTS = 100;
    private static final double MINUTES_AN_HOUR = 60;

    /**
     * @param tireSum for tires taken in
     * @param laborSum for jobs done, by the shop's own times and the policy's rate
     */
    record SpendingMonth(String month, long tireSum, long laborSum, String tires, String labor, String total) {}

    /**
     * @param from the Monday it begins on
     * @param tires that were on vehicles then, of those on them now
     * @param percent of them whose last reading was no older than policy allows, when the week ended
     */
    record OnTimeWeek(LocalDate from, int tires, int percent) {}

    private final Purchasing purchasing;
    private final Readings readings;
    private final Jobs jobs;
    private final ShopJobs shopJobs;
    private final FleetCache fleet;
    private final Clock clock;

    MonthlyHistory(
            Purchasing purchasing, Readings readings, Jobs jobs, ShopJobs shopJobs, FleetCache fleet, Clock clock) {
        this.fleet = fleet;
        this.purchasing = purchasing;
        this.readings = readings;
        this.jobs = jobs;
        this.shopJobs = shopJobs;
        this.clock = clock;
    }

    /** Twelve months up to and with this one. */
    List<SpendingMonth> spending(YearMonth last) {
        YearMonth first = last.minusMonths(MONTHS - 1L);
        Instant from = start(first.atDay(1));
        Instant to = start(last.plusMonths(1).atDay(1));
        Map<YearMonth, Long> tires = new HashMap<>();
        purchasing
                .paid(from, to)
                .forEach(one ->
                        tires.merge(month(one.getKey()), (long) one.getValue().cents(), Long::sum));
        Map<YearMonth, Long> labor = new HashMap<>();
        for (JobView job : jobs.done(from, to)) {
            // A vehicle sold since had its share, too.
            VehicleAssessment vehicle = fleet.get(job.vehicleId());
            double rate = vehicle.policy().of(vehicle.vehicleClass()).number(PolicyNumber.LABOR_RATE);
            double hours = shopJobs.minutes(job, vehicle) / MINUTES_AN_HOUR;
            labor.merge(month(job.doneAt()), Math.round(hours * rate * CENTS), Long::sum);
        }
        return IntStream.range(0, MONTHS)
                .mapToObj(first::plusMonths)
                .map(month -> {
                    long bought = tires.getOrDefault(month, 0L);
                    long worked = labor.getOrDefault(month, 0L);
                    return new SpendingMonth(
                            month.toString(),
                            bought / CENTS,
                            worked / CENTS,
                            Money.sum(bought),
                            Money.sum(worked),
                            Money.sum(bought + worked));
                })
                .toList();
    }

    /** Thirteen weeks up to the one a day lies in. */
    List<OnTimeWeek> onTime(LocalDate last, List<VehicleAssessment> vehicles) {
        LocalDate monday = last.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        Map<Long, TreeSet<Instant>> read = new HashMap<>();
        readings.pressuresRead(start(monday.minusWeeks(WEEKS + WEEKS)))
                .forEach((tire, moments) -> read.put(tire, new TreeSet<>(moments)));
        List<OnTimeWeek> weeks = new ArrayList<>();
        for (int back = WEEKS - 1; back >= 0; back--) {
            LocalDate from = monday.minusWeeks(back);
            // The week that is running is counted as it stands.
            Instant end = min(start(from.plusWeeks(1)), start(last.plusDays(1)));
            weeks.add(week(from, end, read, vehicles));
        }
        return weeks;
    }

    private static OnTimeWeek week(
            LocalDate from, Instant end, Map<Long, TreeSet<Instant>> read, List<VehicleAssessment> vehicles) {
        int tires = 0;
        int onTime = 0;
        for (VehicleAssessment vehicle : vehicles) {
            int days = vehicle.policy()
                    .of(vehicle.vehicleClass())
                    .days(vehicle.pressures().checkIntervalDays());
            for (InstalledTire tire : vehicle.fitted().values()) {
                if (tire.at().isBefore(end)) {
                    Instant last =
                            read.getOrDefault(tire.tire().id(), new TreeSet<>()).lower(end);
                    tires++;
                    onTime += last != null && !last.isBefore(end.minusSeconds(days * 86_400L)) ? 1 : 0;
                }
            }
        }
        return new OnTimeWeek(from, tires, tires == 0 ? 0 : Math.round(100f * onTime / tires));
    }

    private static Instant min(Instant one, Instant other) {
        return one.isBefore(other) ? one : other;
    }

    private Instant start(LocalDate day) {
        return day.atStartOfDay(clock.getZone()).toInstant();
    }

    private YearMonth month(Instant at) {
        return YearMonth.from(at.atZone(clock.getZone()));
    }
}
