package rotagens.server.overview;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.inspection.Verdict;
import rotagens.core.measure.Units;
import rotagens.server.fleet.JudgementView;
import rotagens.server.planning.JobViews.DueLine;

@RestController
class OverviewController {

    record YardView(@Nullable LocalDate today, List<VehicleTile> vehicles, List<DueLine> due) {}

    record VehicleTile(
            long id,
            String unit,
            String vehicleClass,
            String yard,
            String description,
            Verdict verdict,
            @Nullable LocalDate nextDue,
            PlanView plan) {}

    record VehicleView(
            LocalDate today,
            long id,
            String unit,
            String vehicleClass,
            String yard,
            String description,
            String gvwr,
            @Nullable String odometer,
            @Nullable String milesPerDay,
            boolean sensorsWork,
            @Nullable LocalDate parkedSince,
            boolean outdoors,
            @Nullable String placardSpot,
            String loadState,
            boolean retired,
            Verdict verdict,
            @Nullable Long openWalkRound,
            PlanView plan,
            List<PositionRow> positions,
            List<DueLine> due) {}

    record PositionRow(
            String position,
            String name,
            @Nullable Long tireId,
            @Nullable String number,
            @Nullable String tire,
            @Nullable String size,
            @Nullable String dot,
            @Nullable Double ageYears,
            @Nullable String outer,
            @Nullable String center,
            @Nullable String inner,
            @Nullable LocalDate treadOn,
            @Nullable String pressure,
            @Nullable String target,
            @Nullable LocalDate pressureOn,
            JudgementView judgement) {}

    /** One line of a vehicle's history, whatever it tells of. */
    record LedgerLine(
            Instant at,
            String kind,
            @Nullable String position,
            String what,
            String by,
            @Nullable Long tireId) {}

    private final Overview overview;

    OverviewController(Overview overview) {
        this.overview = overview;
    }

    @GetMapping("/api/yard")
    YardView yard(@RequestParam(defaultValue = "US") Units units) {
        return overview.yard(units);
    }

    @GetMapping("/api/vehicles/{id}")
    VehicleView vehicle(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return overview.vehicle(id, units);
    }

    @GetMapping("/api/vehicles/{id}/ledger")
    List<LedgerLine> ledger(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return overview.ledger(id, units);
    }
}
