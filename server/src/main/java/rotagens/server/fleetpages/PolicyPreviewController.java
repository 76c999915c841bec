package rotagens.server.fleetpages;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Assessment;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.WorkType;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.policy.PolicySettingRequest;
import rotagens.server.policy.PolicyStore;

/** What a change of policy would do to today's verdicts, before it is kept. */
@RestController
class PolicyPreviewController {

    /** @param headline the worst reason then; null where the tire would be fit */
    record ChangedVerdictView(
            long vehicleId,
            String unit,
            String position,
            Verdict before,
            Verdict after,
            @Nullable String headline) {}

    /**
     * Work whose day moves.
     *
     * @param before null where it isn't due within the forecast now
     * @param after null where it wouldn't be then
     * @param becomesOverdue whether it would be overdue at once, and isn't now
     */
    record MovedDue(
            long vehicleId,
            String unit,
            String work,
            List<String> positions,
            @Nullable LocalDate before,
            @Nullable LocalDate after,
            boolean becomesOverdue) {}

    /** What a change would do: verdicts that turn, and work whose day moves, what becomes overdue first. */
    record PolicyPreview(List<ChangedVerdictView> changedVerdicts, List<MovedDue> movedDueDates) {}

    private final FleetCache fleet;
    private final PolicyStore policyStore;

    PolicyPreviewController(FleetCache fleet, PolicyStore policyStore) {
        this.fleet = fleet;
        this.policyStore = policyStore;
    }

    /** What a policy number would mean for the fleet. Nothing is stored. */
    @PostMapping("/api/policy/{number}/preview")
    PolicyPreview previewPolicyNumber(
            @PathVariable PolicyNumber number,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody PolicySettingRequest typed) {
        PolicySettingRequest.Read read = typed.read(number, false);
        Map<Long, VehicleAssessment> now =
                fleet.all().stream().collect(Collectors.toMap(one -> one.id(), Function.identity()));
        List<ChangedVerdictView> changedVerdictView = new ArrayList<>();
        List<MovedDue> moved = new ArrayList<>();
        for (VehicleAssessment then : fleet.under(policyStore.with(number, read.scope(), read.value()))) {
            moved.addAll(moved(now.get(then.id()), then));
            then.judgements().forEach((position, judged) -> {
                Assessment before = now.get(then.id()).judgements().get(position);
                if (before.verdict() != judged.verdict()) {
                    changedVerdictView.add(new ChangedVerdictView(
                            then.id(),
                            then.unit(),
                            position.code(),
                            before.verdict(),
                            judged.verdict(),
                            judged.reasons().stream()
                                    .findFirst()
                                    .map(one -> one.reason().statement().in(units))
                                    .orElse(null)));
                }
            });
        }
        moved.sort(Comparator.comparing(MovedDue::becomesOverdue)
                .reversed()
                .thenComparing(one -> one.after() == null ? LocalDate.MAX : one.after())
                .thenComparing(MovedDue::unit));
        return new PolicyPreview(changedVerdictView, moved);
    }

    /** One piece of work at one position, or of the vehicle as a whole. */
    private record Work(WorkType type, Optional<Position> at) {}

    private static Map<Work, LocalDate> days(VehicleAssessment vehicleAssessment) {
        Map<Work, LocalDate> days = new LinkedHashMap<>();
        for (DueItem item : vehicleAssessment.due()) {
            if (item.positions().isEmpty()) {
                days.put(new Work(item.workType(), Optional.empty()), item.due());
            }
            item.positions().forEach(at -> days.put(new Work(item.workType(), Optional.of(at)), item.due()));
        }
        return days;
    }

    /** Positions of one vehicle that move alike share a line. */
    private static List<MovedDue> moved(VehicleAssessment now, VehicleAssessment then) {
        record Alike(WorkType kind, LocalDate before, LocalDate after) {}
        Map<Work, LocalDate> before = days(now);
        Map<Work, LocalDate> after = days(then);
        Set<Work> all = new LinkedHashSet<>(before.keySet());
        all.addAll(after.keySet());
        Map<Alike, List<String>> lines = new LinkedHashMap<>();
        for (Work work : all) {
            if (!Objects.equals(before.get(work), after.get(work))) {
                lines.computeIfAbsent(
                                new Alike(work.type(), before.get(work), after.get(work)), none -> new ArrayList<>())
                        .addAll(work.at().map(Position::code).stream().toList());
            }
        }
        return lines.entrySet().stream()
                .map(one -> new MovedDue(
                        then.id(),
                        then.unit(),
                        one.getKey().kind().label(),
                        one.getValue(),
                        one.getKey().before(),
                        one.getKey().after(),
                        isOverdue(one.getKey().after(), then.today())
                                && !isOverdue(one.getKey().before(), now.today())))
                .toList();
    }

    private static boolean isOverdue(@Nullable LocalDate due, LocalDate today) {
        return due != null && due.isBefore(today);
    }
}
