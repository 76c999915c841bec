package rotagens.server.fleetpages;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueGroup;
import rotagens.server.fleet.AssessmentView;
import rotagens.server.planning.JobViews.DueItemView;

@RestController
class FleetController {

    /** A group of vehicles that fit the filter; {@code vehicles} counts all of them, shown or not. */
    record FleetGroup(String name, int vehicles) {}

    /** How much of the due work that fits the filter is in one group, and on how many vehicles. */
    record DueCount(DueGroup group, int vehicles, int items) {}

    /**
     * The yard, a page of it at a time.
     *
     * @param fleet how many vehicles are on file
     * @param states how many of the fleet are in each state
     * @param groups those that fit the filter, in the order of the vehicles
     * @param dueCounts every group, the most urgent first, of what fits the filter
     * @param allDueCounts the same of the whole fleet
     * @param dueWithinDays how far ahead work counts as due: the fleet's longest forecast
     * @param vehicles at most a hundred, from the one asked for
     */
    record FleetView(
            @Nullable LocalDate today,
            int fleet,
            Map<Verdict, Integer> states,
            List<String> yards,
            List<String> classes,
            List<FleetGroup> groups,
            List<VehicleTile> vehicles,
            List<DueCount> dueCounts,
            List<DueCount> allDueCounts,
            List<DueItemView> due,
            int dueWithinDays) {}

    /** A vehicle to choose from. */
    record VehicleRow(
            long id,
            String unit,
            String yard,
            String vehicleClass,
            String description,
            List<FleetPositionView> positions) {}

    record FleetPositionView(String position, String name) {}

    /** Which part of the yard is asked for. */
    enum FleetPart {
        ALL,
        VEHICLES,
        DUE
    }

    record VehicleTile(
            long id,
            String unit,
            String vehicleClass,
            String yard,
            String description,
            Verdict verdict,
            @Nullable LocalDate nextDue,
            AxleDiagramView axleDiagram) {}

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
            boolean hasWorkingSensors,
            @Nullable LocalDate parkedSince,
            boolean isParkedOutdoors,
            @Nullable String placardLocation,
            String loadState,
            boolean retired,
            Verdict verdict,
            @Nullable Long openWalkAround,
            AxleDiagramView axleDiagram,
            List<PositionRow> positions,
            List<DueItemView> due) {}

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
            AssessmentView assessment) {}

    /** One line of a vehicle's history, whatever it tells of. */
    record HistoryEntryView(
            Instant at,
            String type,
            @Nullable String position,
            String description,
            String by,
            @Nullable Long tireId) {}

    private final VehiclePages vehiclePages;
    private final FleetPages yards;

    FleetController(VehiclePages vehiclePages, FleetPages yards) {
        this.vehiclePages = vehiclePages;
        this.yards = yards;
    }

    /** A page of the fleet: vehicles or due work, filtered, with counts; from says how many to leave out before it. */
    @GetMapping("/api/fleet")
    FleetView getFleet(
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(defaultValue = "ALL") FleetPart part,
            @RequestParam(defaultValue = "") String yard,
            @RequestParam(defaultValue = "") String vehicleClass,
            @RequestParam(defaultValue = "") String state,
            @RequestParam(required = false) @Nullable DueGroup due,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "yard") String by,
            @RequestParam(defaultValue = "0") int from) {
        return yards.of(
                new FleetPages.FleetQuery(part, yard, vehicleClass, state, due, text, by.equals("class"), from), units);
    }

    /** Every vehicle, to choose one. */
    @GetMapping("/api/vehicles")
    List<VehicleRow> listVehicles() {
        return yards.fleet();
    }

    /** A vehicle with its verdict, positions, reasons and due work. */
    @GetMapping("/api/vehicles/{id}")
    VehicleView getVehicle(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return vehiclePages.vehicle(id, units);
    }

    /** What happened to a vehicle and its tires, newest first. */
    @GetMapping("/api/vehicles/{id}/history")
    List<HistoryEntryView> getVehicleHistory(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return vehiclePages.ledger(id, units);
    }
}
