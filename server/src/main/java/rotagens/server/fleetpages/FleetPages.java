package rotagens.server.fleetpages;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueGroup;
import rotagens.core.planning.DueItem;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleetpages.FleetController.DueCount;
import rotagens.server.fleetpages.FleetController.FleetGroup;
import rotagens.server.fleetpages.FleetController.FleetPart;
import rotagens.server.fleetpages.FleetController.FleetPositionView;
import rotagens.server.fleetpages.FleetController.FleetView;
import rotagens.server.fleetpages.FleetController.VehicleRow;
import rotagens.server.fleetpages.FleetController.VehicleTile;
import rotagens.server.planning.DueList;
import rotagens.server.planning.Jobs;

/**
 * The yard and its due list, a page at a time. Who stands where and what is due is kept until something is committed or the day
 * changes; only what a page shows is put into words.
 */
@Service
class FleetPages {

    static final int VEHICLES = 100;
    static final int LINES = 200;

    /** Which page, of which vehicles. Blank texts narrow nothing. */
    record FleetQuery(
            FleetPart part,
            String yard,
            String vehicleClass,
            String state,
            @Nullable DueGroup due,
            String text,
            boolean byClass,
            int from) {

        /** Whether every line of the due list is wanted. */
        private boolean everything() {
            return yard.isEmpty() && vehicleClass.isEmpty() && state.isEmpty() && due == null && text.isBlank();
        }
    }

    private record Key(long changes, LocalDate day) {}

    /** What is the same for every question until something changes. */
    private record FleetPageCache(
            Key key,
            List<VehicleAssessment> vehicles,
            DueList due,
            List<DueCount> counts,
            Map<DueGroup, Set<Long>> byGroup,
            Map<Verdict, Integer> states,
            List<String> yards,
            List<String> classes) {

        private static FleetPageCache of(Key key, List<VehicleAssessment> all, DueList due) {
            return new FleetPageCache(
                    key,
                    all,
                    due,
                    FleetPages.counts(due.entries()),
                    FleetPages.byGroup(due.entries()),
                    FleetPages.states(all),
                    distinct(all, one -> one.yard()),
                    distinct(all, one -> one.vehicleClass()));
        }
    }

    private final FleetCache fleet;
    private final Jobs jobs;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private @Nullable FleetPageCache fleetPageCache;

    FleetPages(FleetCache fleet, Jobs jobs, ChangeTracker changeTracker, Clock clock) {
        this.fleet = fleet;
        this.jobs = jobs;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    private synchronized FleetPageCache kept() {
        Key now = new Key(changeTracker.count(), LocalDate.now(clock));
        if (fleetPageCache == null || !fleetPageCache.key().equals(now)) {
            List<VehicleAssessment> all = fleet.all();
            fleetPageCache =
                    FleetPageCache.of(now, all, jobs.book(fleetPageCache == null ? null : fleetPageCache.due(), all));
        }
        return fleetPageCache;
    }

    @Transactional(readOnly = true)
    List<VehicleRow> fleet() {
        return kept().vehicles().stream()
                .map(VehicleAssessment::onFile)
                .map(vehicle -> new VehicleRow(
                        vehicle.id(),
                        vehicle.facts().unit(),
                        vehicle.yard(),
                        vehicle.facts().vehicleClass(),
                        vehicle.description(),
                        vehicle.facts().layout().positions().stream()
                                .map(position -> new FleetPositionView(
                                        position.code(),
                                        vehicle.facts().layout().nameOf(position)))
                                .toList()))
                .toList();
    }

    @Transactional(readOnly = true)
    FleetView of(FleetQuery fleetQuery, Units units) {
        FleetPageCache known = kept();
        String text = fleetQuery.text().strip().toLowerCase(Locale.ROOT);
        Set<Long> inGroup =
                fleetQuery.due() == null ? Set.of() : known.byGroup().getOrDefault(fleetQuery.due(), Set.of());
        List<VehicleAssessment> fitting = known.vehicles().stream()
                .filter(one -> fits(one, fleetQuery))
                .filter(one -> fleetQuery.due() == null || inGroup.contains(one.id()))
                .toList();
        List<DueList.Entry> lines = fleetQuery.everything()
                ? known.due().entries()
                : known.due().entries().stream()
                        .filter(entry -> fits(entry.assessment(), fleetQuery))
                        .filter(entry -> fleetQuery.due() == null || fleetQuery.due() == entry.group())
                        .filter(entry -> text.isEmpty() || entry.statement(text, units))
                        .toList();
        Set<Long> withLines = new HashSet<>();
        if (!text.isEmpty()) {
            lines.forEach(entry -> withLines.add(entry.assessment().id()));
        }
        Function<VehicleAssessment, String> group =
                fleetQuery.byClass() ? one -> one.vehicleClass() : one -> one.yard();
        List<VehicleAssessment> vehicles = fitting.stream()
                .filter(one -> says(one, text) || withLines.contains(one.id()))
                .sorted(Comparator.comparing(group))
                .toList();
        Map<String, Integer> groups = new LinkedHashMap<>();
        vehicles.forEach(one -> groups.merge(group.apply(one), 1, Integer::sum));
        return new FleetView(
                known.vehicles().isEmpty() ? null : known.vehicles().get(0).today(),
                known.vehicles().size(),
                known.states(),
                known.yards(),
                known.classes(),
                groups.entrySet().stream()
                        .map(entry -> new FleetGroup(entry.getKey(), entry.getValue()))
                        .toList(),
                fleetQuery.part() == FleetPart.DUE
                        ? List.of()
                        : page(vehicles, fleetQuery.from(), VEHICLES).stream()
                                .map(one -> tile(one, units))
                                .toList(),
                fleetQuery.everything() ? known.counts() : counts(lines),
                known.counts(),
                fleetQuery.part() == FleetPart.VEHICLES
                        ? List.of()
                        : page(lines, fleetQuery.from(), LINES).stream()
                                .map(entry -> known.due().view(entry, units))
                                .toList(),
                known.vehicles().stream()
                        .mapToInt(one -> one.policy().of(one.vehicleClass()).days(PolicyNumber.FORECAST_DAYS))
                        .max()
                        .orElse((int) PolicyNumber.FORECAST_DAYS.defaultValue()));
    }

    private static <T> List<T> page(List<T> all, int from, int most) {
        int first = Math.max(0, Math.min(from, all.size()));
        return all.subList(first, Math.min(all.size(), first + most));
    }

    private static boolean fits(VehicleAssessment one, FleetQuery fleetQuery) {
        var vehicle = one.onFile();
        return (fleetQuery.yard().isEmpty() || fleetQuery.yard().equals(vehicle.yard()))
                && (fleetQuery.vehicleClass().isEmpty()
                        || fleetQuery.vehicleClass().equals(vehicle.facts().vehicleClass()))
                && (fleetQuery.state().isEmpty()
                        || fleetQuery.state().equals(one.verdict().name()));
    }

    private static boolean says(VehicleAssessment one, String text) {
        var vehicle = one.onFile();
        return text.isEmpty()
                || (vehicle.facts().unit() + " " + vehicle.description() + " " + vehicle.yard())
                        .toLowerCase(Locale.ROOT)
                        .contains(text);
    }

    private static Map<Verdict, Integer> states(List<VehicleAssessment> all) {
        Map<Verdict, Integer> states = new EnumMap<>(Verdict.class);
        for (Verdict verdict : Verdict.values()) {
            states.put(verdict, 0);
        }
        all.forEach(one -> states.merge(one.verdict(), 1, Integer::sum));
        return states;
    }

    private static List<String> distinct(List<VehicleAssessment> all, Function<VehicleAssessment, String> of) {
        return all.stream().map(of).distinct().sorted().toList();
    }

    private static List<DueCount> counts(List<DueList.Entry> lines) {
        Map<DueGroup, Integer> items = new EnumMap<>(DueGroup.class);
        lines.forEach(line -> items.merge(line.group(), 1, Integer::sum));
        Map<DueGroup, Set<Long>> vehicles = byGroup(lines);
        return Arrays.stream(DueGroup.values())
                .map(group -> new DueCount(
                        group, vehicles.getOrDefault(group, Set.of()).size(), items.getOrDefault(group, 0)))
                .toList();
    }

    private static Map<DueGroup, Set<Long>> byGroup(List<DueList.Entry> lines) {
        Map<DueGroup, Set<Long>> vehicles = new EnumMap<>(DueGroup.class);
        lines.forEach(line -> vehicles.computeIfAbsent(line.group(), group -> new HashSet<>())
                .add(line.assessment().id()));
        return vehicles;
    }

    private static VehicleTile tile(VehicleAssessment vehicleAssessment, Units units) {
        var vehicle = vehicleAssessment.onFile();
        return new VehicleTile(
                vehicle.id(),
                vehicle.facts().unit(),
                vehicle.facts().vehicleClass(),
                vehicle.yard(),
                vehicle.description(),
                vehicleAssessment.verdict(),
                vehicleAssessment.due().stream()
                        .map(DueItem::due)
                        .min(Comparator.naturalOrder())
                        .orElse(null),
                AxleDiagramView.of(vehicleAssessment, units));
    }
}
