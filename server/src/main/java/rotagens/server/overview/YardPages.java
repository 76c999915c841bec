package rotagens.server.overview;

import java.time.Clock;
import java.time.LocalDate;
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
import rotagens.core.planning.DueItem;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.overview.OverviewController.DueParts;
import rotagens.server.overview.OverviewController.FleetLine;
import rotagens.server.overview.OverviewController.FleetPlace;
import rotagens.server.overview.OverviewController.VehicleTile;
import rotagens.server.overview.OverviewController.YardGroup;
import rotagens.server.overview.OverviewController.YardPart;
import rotagens.server.overview.OverviewController.YardView;
import rotagens.server.planning.DueBook;
import rotagens.server.planning.Jobs;

/**
 * The yard and its due list, a page at a time. Who stands where and what is due is kept until something is committed or the day
 * changes; only what a page shows is put into words.
 */
@Service
class YardPages {

    static final int VEHICLES = 100;
    static final int LINES = 200;

    /** Which page, of which vehicles. Blank texts narrow nothing. */
    record Ask(YardPart part, String yard, String vehicleClass, String state, String text, boolean byClass, int from) {

        /** Whether every line of the due list is wanted. */
        private boolean everything() {
            return yard.isEmpty() && vehicleClass.isEmpty() && state.isEmpty() && text.isBlank();
        }
    }

    private record Key(long changes, LocalDate day) {}

    /** What is the same for every question until something changes. */
    private record Kept(
            Key key,
            List<Standing> vehicles,
            DueBook due,
            DueParts parts,
            Map<Verdict, Integer> states,
            List<String> yards,
            List<String> classes) {

        private static Kept of(Key key, List<Standing> all, DueBook due) {
            return new Kept(
                    key,
                    all,
                    due,
                    YardPages.parts(due.entries()),
                    YardPages.states(all),
                    distinct(all, one -> one.onFile().yard()),
                    distinct(all, one -> one.onFile().facts().vehicleClass()));
        }
    }

    private final KeptFleet fleet;
    private final Jobs jobs;
    private final Changes changes;
    private final Clock clock;
    private @Nullable Kept kept;

    YardPages(KeptFleet fleet, Jobs jobs, Changes changes, Clock clock) {
        this.fleet = fleet;
        this.jobs = jobs;
        this.changes = changes;
        this.clock = clock;
    }

    private synchronized Kept kept() {
        Key now = new Key(changes.count(), LocalDate.now(clock));
        if (kept == null || !kept.key().equals(now)) {
            List<Standing> all = fleet.all();
            kept = Kept.of(now, all, jobs.book(kept == null ? null : kept.due(), all));
        }
        return kept;
    }

    @Transactional(readOnly = true)
    List<FleetLine> fleet() {
        return kept().vehicles().stream()
                .map(Standing::onFile)
                .map(vehicle -> new FleetLine(
                        vehicle.id(),
                        vehicle.facts().unit(),
                        vehicle.yard(),
                        vehicle.facts().vehicleClass(),
                        vehicle.description(),
                        vehicle.facts().layout().positions().stream()
                                .map(position -> new FleetPlace(
                                        position.code(),
                                        vehicle.facts().layout().nameOf(position)))
                                .toList()))
                .toList();
    }

    @Transactional(readOnly = true)
    YardView of(Ask ask, Units units) {
        Kept known = kept();
        String text = ask.text().strip().toLowerCase(Locale.ROOT);
        List<Standing> fitting =
                known.vehicles().stream().filter(one -> fits(one, ask)).toList();
        List<DueBook.Entry> lines = ask.everything()
                ? known.due().entries()
                : known.due().entries().stream()
                        .filter(entry -> fits(entry.standing(), ask))
                        .filter(entry -> text.isEmpty() || entry.says(text, units))
                        .toList();
        Set<Long> withLines = new HashSet<>();
        if (!text.isEmpty()) {
            lines.forEach(entry -> withLines.add(entry.standing().onFile().id()));
        }
        Function<Standing, String> group = ask.byClass()
                ? one -> one.onFile().facts().vehicleClass()
                : one -> one.onFile().yard();
        List<Standing> vehicles = fitting.stream()
                .filter(one ->
                        says(one, text) || withLines.contains(one.onFile().id()))
                .sorted(Comparator.comparing(group))
                .toList();
        Map<String, Integer> groups = new LinkedHashMap<>();
        vehicles.forEach(one -> groups.merge(group.apply(one), 1, Integer::sum));
        return new YardView(
                known.vehicles().isEmpty() ? null : known.vehicles().get(0).today(),
                known.vehicles().size(),
                known.states(),
                known.yards(),
                known.classes(),
                groups.entrySet().stream()
                        .map(entry -> new YardGroup(entry.getKey(), entry.getValue()))
                        .toList(),
                ask.part() == YardPart.DUE
                        ? List.of()
                        : page(vehicles, ask.from(), VEHICLES).stream()
                                .map(one -> tile(one, units))
                                .toList(),
                ask.everything() ? known.parts() : parts(lines),
                ask.part() == YardPart.VEHICLES
                        ? List.of()
                        : page(lines, ask.from(), LINES).stream()
                                .map(entry -> known.due().view(entry, units))
                                .toList(),
                known.vehicles().stream()
                        .mapToInt(one -> one.policy()
                                .of(one.onFile().facts().vehicleClass())
                                .days(PolicyNumber.FORECAST_DAYS))
                        .max()
                        .orElse((int) PolicyNumber.FORECAST_DAYS.byDefault()));
    }

    private static <T> List<T> page(List<T> all, int from, int most) {
        int first = Math.max(0, Math.min(from, all.size()));
        return all.subList(first, Math.min(all.size(), first + most));
    }

    private static boolean fits(Standing one, Ask ask) {
        var vehicle = one.onFile();
        return (ask.yard().isEmpty() || ask.yard().equals(vehicle.yard()))
                && (ask.vehicleClass().isEmpty()
                        || ask.vehicleClass().equals(vehicle.facts().vehicleClass()))
                && (ask.state().isEmpty() || ask.state().equals(one.verdict().name()));
    }

    private static boolean says(Standing one, String text) {
        var vehicle = one.onFile();
        return text.isEmpty()
                || (vehicle.facts().unit() + " " + vehicle.description() + " " + vehicle.yard())
                        .toLowerCase(Locale.ROOT)
                        .contains(text);
    }

    private static Map<Verdict, Integer> states(List<Standing> all) {
        Map<Verdict, Integer> states = new EnumMap<>(Verdict.class);
        for (Verdict verdict : Verdict.values()) {
            states.put(verdict, 0);
        }
        all.forEach(one -> states.merge(one.verdict(), 1, Integer::sum));
        return states;
    }

    private static List<String> distinct(List<Standing> all, Function<Standing, String> of) {
        return all.stream().map(of).distinct().sorted().toList();
    }

    private static DueParts parts(List<DueBook.Entry> lines) {
        int stopped = 0;
        int now = 0;
        for (DueBook.Entry line : lines) {
            if (line.item().urgency() == Verdict.DO_NOT_OPERATE) {
                stopped++;
            } else if (!line.item().due().isAfter(line.standing().today())) {
                now++;
            }
        }
        return new DueParts(stopped, now, lines.size() - stopped - now);
    }

    private static VehicleTile tile(Standing standing, Units units) {
        var vehicle = standing.onFile();
        return new VehicleTile(
                vehicle.id(),
                vehicle.facts().unit(),
                vehicle.facts().vehicleClass(),
                vehicle.yard(),
                vehicle.description(),
                standing.verdict(),
                standing.due().stream()
                        .map(DueItem::due)
                        .min(Comparator.naturalOrder())
                        .orElse(null),
                PlanView.of(standing, units));
    }
}
