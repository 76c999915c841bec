package rotagens.server.monthlyreport;

import static rotagens.server.monthlyreport.MonthlyreportWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Stop;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.WorkType;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.importexport.CsvText;
import rotagens.server.inspection.Readings;
import rotagens.server.planning.Jobs;
import rotagens.server.purchasing.OrderNeeds;
import rotagens.server.purchasing.Purchasing;
import rotagens.server.tire.TireStore;

/** The month on one page, for whoever answers for the fleet. */
@Service
class MonthlyReports {

    private static final double DAYS_A_YEAR = 365;

    record CheckedOnTimeRow(String vehicleClass, int tires, int onTime, int overdue) {}

    record OutOfServiceRow(long vehicleId, String unit, List<String> reason) {}

    record RemovalCauseRow(String cause, int tires) {}

    record FindingRow(long vehicleId, String unit, String position, String description, String statement) {}

    /** @param spent on tires taken in this month; {@code coming} what open jobs still need, {@code centsAMile} over a year */
    record MonthlyReportView(
            String month,
            LocalDate from,
            LocalDate to,
            int readings,
            int jobsDone,
            int onTimePercent,
            List<CheckedOnTimeRow> checked,
            int vehicles,
            List<OutOfServiceRow> outOfService,
            String spent,
            String committed,
            @Nullable Double centsPerMile,
            int retired,
            List<RemovalCauseRow> causes,
            List<RemovalCauseRow> causesOfYear,
            List<MonthlyHistory.SpendingMonth> spending,
            List<MonthlyHistory.OnTimeWeek> onTimeByWeek,
            List<FindingRow> findings) {}

    private final Readings readings;
    private final Jobs jobs;
    private final TireStore tires;
    private final Purchasing purchasing;
    private final FleetCache fleet;
    private final OrderNeeds orders;
    private final MonthlyHistory history;
    private final Clock clock;

    MonthlyReports(
            Readings readings,
            Jobs jobs,
            TireStore tires,
            Purchasing purchasing,
            FleetCache fleet,
            OrderNeeds orders,
            MonthlyHistory history,
            Clock clock) {
        this.history = history;
        this.readings = readings;
        this.jobs = jobs;
        this.tires = tires;
        this.purchasing = purchasing;
        this.fleet = fleet;
        this.orders = orders;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public MonthlyReportView of(@Nullable YearMonth asked, Units units) {
        LocalDate today = LocalDate.now(clock);
        YearMonth month = asked == null ? YearMonth.from(today) : asked;
        Instant from = month.atDay(1).atStartOfDay(clock.getZone()).toInstant();
        Instant to = month.plusMonths(1).atDay(1).atStartOfDay(clock.getZone()).toInstant();
        List<VehicleAssessment> vehicleAssessments = fleet.all();
        Map<String, int[]> byClass = new TreeMap<>();
        List<OutOfServiceRow> out = new ArrayList<>();
        List<FindingRow> findings = new ArrayList<>();
        for (VehicleAssessment vehicleAssessment : vehicleAssessments) {
            var vehicle = vehicleAssessment.onFile();
            List<DueItem> due = vehicleAssessment.due();
            long overdue = due.stream()
                    .filter(item -> item.workType() == WorkType.PRESSURE_CHECK
                            && item.due().isBefore(today))
                    .flatMap(item -> item.positions().stream())
                    .distinct()
                    .count();
            int[] counts = byClass.computeIfAbsent(vehicle.facts().vehicleClass(), name -> new int[2]);
            counts[0] += vehicleAssessment.fitted().size();
            counts[1] += (int) overdue;
            if (vehicleAssessment.verdict() == Verdict.DO_NOT_OPERATE) {
                out.add(new OutOfServiceRow(vehicle.id(), vehicle.facts().unit(), why(vehicleAssessment, units)));
            }
            due.stream()
                    .filter(item -> item.workType() == WorkType.FIND_LEAK
                            || item.workType().correctsWear())
                    .forEach(item -> findings.add(new FindingRow(
                            vehicle.id(),
                            vehicle.facts().unit(),
                            item.positions().stream().map(Position::code).collect(Collectors.joining(" ")),
                            item.workType() == WorkType.FIND_LEAK ? "leak" : "wear",
                            item.reason().statement().in(units))));
        }
        List<CheckedOnTimeRow> checked = byClass.entrySet().stream()
                .map(entry -> new CheckedOnTimeRow(
                        entry.getKey(),
                        entry.getValue()[0],
                        entry.getValue()[0] - entry.getValue()[1],
                        entry.getValue()[1]))
                .toList();
        int tires = checked.stream().mapToInt(CheckedOnTimeRow::tires).sum();
        int onTime = checked.stream().mapToInt(CheckedOnTimeRow::onTime).sum();
        List<RemovalCauseRow> causes = causes(from, to);
        return new MonthlyReportView(
                month.toString(),
                month.atDay(1),
                month.atEndOfMonth(),
                readings.count(from, to),
                jobs.countDone(from, to),
                tires == 0 ? 0 : Math.round(100f * onTime / tires),
                checked,
                vehicleAssessments.size(),
                out,
                Money.sum(spent(from, to)),
                Money.sum(orders.cents(units)),
                centsAMile(vehicleAssessments, to),
                causes.stream().mapToInt(RemovalCauseRow::tires).sum(),
                causes,
                causes(
                        month.minusMonths(11)
                                .atDay(1)
                                .atStartOfDay(clock.getZone())
                                .toInstant(),
                        to),
                history.spending(month),
                history.onTime(earlier(month.atEndOfMonth(), today), vehicleAssessments),
                findings);
    }

    private static LocalDate earlier(LocalDate one, LocalDate other) {
        return one.isBefore(other) ? one : other;
    }

    private static List<String> why(VehicleAssessment vehicleAssessment, Units units) {
        return Stop.first(vehicleAssessment.stops()).stream()
                .map(stop -> stop.statement().in(units))
                .toList();
    }

    private List<RemovalCauseRow> causes(Instant from, Instant to) {
        Map<String, Integer> byCause = new HashMap<>();
        tires.scrapReasons(from, to).forEach((reason, count) -> byCause.merge(cause(reason), count, Integer::sum));
        return byCause.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(one -> new RemovalCauseRow(one.getKey(), one.getValue()))
                .toList();
    }

    private static String cause(String reason) {
        return reason.isBlank()
                ? WORDS.say("noReasonNoted")
                : reason.toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }

    private long spent(Instant from, Instant to) {
        return purchasing.paid(from, to).stream()
                .map(Map.Entry::getValue)
                .mapToLong(Money::cents)
                .sum();
    }

    /** What tires cost over the year before, on the miles the fleet drives in one; empty while nothing was bought. */
    private @Nullable Double centsAMile(List<VehicleAssessment> vehicleAssessments, Instant to) {
        double miles = vehicleAssessments.stream()
                .mapToDouble(vehicleAssessment ->
                        vehicleAssessment.vehicle().milesPerDay().orElse(0) * DAYS_A_YEAR)
                .sum();
        long cents = spent(to.minus(java.time.Duration.ofDays((long) DAYS_A_YEAR)), to);
        return cents == 0 || miles < 1 ? null : Math.round(cents / miles * 100) / 100.0;
    }

    @Transactional(readOnly = true)
    public String csv(@Nullable YearMonth month, Units units) {
        MonthlyReportView view = of(month, units);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("part", "what", "figure"));
        rows.add(List.of("month", Message.of("{}", view.from()).in(units), view.month()));
        rows.add(List.of("checked", "readings", String.valueOf(view.readings())));
        rows.add(List.of("checked", WORDS.say("pressureChecksOnTime"), view.onTimePercent() + "%"));
        view.checked()
                .forEach(line -> rows.add(List.of(
                        "checked",
                        line.vehicleClass(),
                        WORDS.say("ofOnTime", "onTime", line.onTime(), "tires", line.tires()))));
        view.outOfService()
                .forEach(line ->
                        rows.add(List.of(WORDS.say("outOfService"), line.unit(), String.join("; ", line.reason()))));
        rows.add(List.of("money", WORDS.say("spentOnTires"), view.spent()));
        rows.add(List.of("money", WORDS.say("committedForOpenJobs"), view.committed()));
        view.causes().forEach(line -> rows.add(List.of("retired", line.cause(), String.valueOf(line.tires()))));
        view.findings()
                .forEach(line ->
                        rows.add(List.of(line.description(), line.unit() + " " + line.position(), line.statement())));
        return CsvText.write(rows);
    }
}
