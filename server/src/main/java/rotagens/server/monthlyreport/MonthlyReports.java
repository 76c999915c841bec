package rotagens.server.monthlyreport;

import static rotagens.server.storage.generated.Tables.DELIVERY;
import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.ORDER_LINE;
import static rotagens.server.storage.generated.Tables.READING;
import static rotagens.server.storage.generated.Tables.TIRE_MOVEMENT;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
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
import rotagens.server.purchasing.OrderNeeds;

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

    private final DSLContext db;
    private final FleetCache fleet;
    private final OrderNeeds orders;
    private final MonthlyHistory history;
    private final Clock clock;

    MonthlyReports(DSLContext db, FleetCache fleet, OrderNeeds orders, MonthlyHistory history, Clock clock) {
        this.history = history;
        this.db = db;
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
                db.fetchCount(READING, READING.READ_AT.ge(from).and(READING.READ_AT.lt(to))),
                db.fetchCount(JOB, JOB.COMPLETED_AT.ge(from).and(JOB.COMPLETED_AT.lt(to))),
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
        return db.select(TIRE_MOVEMENT.REASON, DSL.count())
                .from(TIRE_MOVEMENT)
                .where(
                        TIRE_MOVEMENT.TYPE.eq("SCRAPPED"),
                        TIRE_MOVEMENT.MOVED_AT.ge(from),
                        TIRE_MOVEMENT.MOVED_AT.lt(to))
                .groupBy(TIRE_MOVEMENT.REASON)
                .orderBy(DSL.count().desc())
                .fetch(row -> new RemovalCauseRow(
                        row.value1() == null || row.value1().isBlank()
                                ? "no reason noted"
                                : row.value1()
                                        .toLowerCase(java.util.Locale.ROOT)
                                        .replace('_', ' '),
                        row.value2()));
    }

    private long spent(Instant from, Instant to) {
        Long cents = db.select(DSL.sum(ORDER_LINE.PRICE_CENTS))
                .from(DELIVERY)
                .join(ORDER_LINE)
                .on(ORDER_LINE.ID.eq(DELIVERY.ORDER_LINE_ID))
                .where(DELIVERY.IS_ACCEPTED.isTrue(), DELIVERY.RECORDED_AT.ge(from), DELIVERY.RECORDED_AT.lt(to))
                .fetchOne(row -> row.value1() == null ? 0L : row.value1().longValue());
        return cents == null ? 0 : cents;
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
        rows.add(List.of("checked", "pressure checks on time", view.onTimePercent() + "%"));
        view.checked()
                .forEach(line -> rows.add(
                        List.of("checked", line.vehicleClass(), line.onTime() + " of " + line.tires() + " on time")));
        view.outOfService()
                .forEach(line -> rows.add(List.of("out of service", line.unit(), String.join("; ", line.reason()))));
        rows.add(List.of("money", "spent on tires", view.spent()));
        rows.add(List.of("money", "Committed for open jobs", view.committed()));
        view.causes().forEach(line -> rows.add(List.of("retired", line.cause(), String.valueOf(line.tires()))));
        view.findings()
                .forEach(line ->
                        rows.add(List.of(line.description(), line.unit() + " " + line.position(), line.statement())));
        return CsvText.write(rows);
    }
}
