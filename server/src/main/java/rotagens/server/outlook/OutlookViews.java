package rotagens.server.outlook;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.core.outlook.ReplacementStrategy;
import rotagens.server.outlook.OutlookInputs.WhatIf;

/** What is asked of the outlook, and what the page shows of it; figures come in words, so that the page computes nothing. */
final class OutlookViews {

    private OutlookViews() {}

    /** Which vehicles, and which numbers are tried instead of the policy's. */
    record OutlookRequest(
            @Nullable ReplacementStrategy strategy,
            @Nullable String vehicleClass,
            @Nullable String yard,
            @Nullable Long vehicleId,
            @Nullable WhatIf whatIf) {}

    /** One strategy over all the years. */
    /** @param spentByYear whole dollars spent until the end of each year, in order */
    record StrategyTotals(
            ReplacementStrategy strategy,
            String title,
            String about,
            int tires,
            int sensors,
            int visits,
            String money,
            boolean cheapest,
            String unusedLife,
            @Nullable String oldestSteer,
            int limitsExceeded,
            List<Long> spentByYear) {}

    /** @param tireSum whole dollars, for the chart; the words beside them are rounded */
    record YearView(
            int year,
            List<QuarterView> quarters,
            int tires,
            int sensors,
            long tireSum,
            long sensorDollars,
            long laborSum,
            String tireMoney,
            String sensorMoney,
            String laborMoney,
            String money,
            String unusedLife) {}

    record QuarterView(int quarter, int tires, String money) {}

    record LimitExceededView(
            long vehicleId, String unit, String position, LocalDate on, String statement, String remedy) {}

    record OutlookVehicleView(long id, String unit, int tires) {}

    record OddsView(int tries, int percent, double unplannedChanges, LocalDate until) {}

    /** The difference the tried numbers make to the chosen strategy. */
    record DifferenceView(String tires, String money, String oldestSteer, String limitsExceeded) {}

    record OutlookView(
            LocalDate from,
            LocalDate to,
            ReplacementStrategy strategy,
            int vehicles,
            List<StrategyTotals> strategies,
            List<YearView> years,
            List<LimitExceededView> limitsExceeded,
            List<OutlookVehicleView> each,
            OddsView odds,
            @Nullable DifferenceView difference,
            double deliveredMonths,
            int unpriced,
            int wearUnknown) {}

    record TimelineSegment(String position, LocalDate from, LocalDate to) {}

    record TireTimelineView(
            List<TimelineSegment> segments,
            String label,
            String end,
            @Nullable LocalDate earliest,
            @Nullable LocalDate latest,
            @Nullable String unusedLife,
            double unusedShare,
            boolean bought) {}

    record VehicleTimelinesView(
            long vehicleId,
            String unit,
            ReplacementStrategy strategy,
            LocalDate from,
            LocalDate to,
            List<String> positions,
            List<TireTimelineView> timelines,
            List<LimitExceededView> limitsExceeded) {}

    record OutlookJobsView(int jobs, int tires) {}
}
