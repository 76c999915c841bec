package rotagens.server.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueGroup;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.Postponement;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.JobViews.DueItemView;
import rotagens.server.planning.JobViews.NewJobView;

/** All due work of some vehicles in its order, put into words only where somebody looks. */
public final class DueList {

    /**
     * One piece of work of one vehicle.
     *
     * @param group how soon it must be done
     * @param groupDue the earliest day of the vehicle's work in that group, by which its lines stand together
     */
    public record Entry(VehicleAssessment assessment, DueItem item, DueGroup group, LocalDate groupDue) {

        private static Stream<Entry> of(VehicleAssessment assessment) {
            Map<DueGroup, LocalDate> earliest = new EnumMap<>(DueGroup.class);
            assessment
                    .due()
                    .forEach(item -> earliest.merge(
                            DueGroup.of(item, assessment.today()),
                            item.due(),
                            (one, other) -> one.isBefore(other) ? one : other));
            return assessment.due().stream().map(item -> {
                DueGroup group = DueGroup.of(item, assessment.today());
                return new Entry(assessment, item, group, earliest.get(group));
            });
        }

        /** Whether any word a technician might look for holds this text, in lower case. */
        public boolean statement(String text, Units units) {
            var vehicle = assessment.onFile();
            return Stream.concat(
                            Stream.of(
                                    vehicle.facts().unit(),
                                    item.workType().label(),
                                    item.reason().statement().in(units),
                                    vehicle.yard(),
                                    vehicle.facts().vehicleClass()),
                            item.positions().stream().map(position -> position.code()))
                    .anyMatch(words -> words.toLowerCase(java.util.Locale.ROOT).contains(text));
        }
    }

    private static final Comparator<Entry> ORDER = Comparator.comparing(Entry::group)
            .thenComparing(Entry::groupDue)
            .thenComparing(entry -> entry.assessment().unit())
            .thenComparing(Entry::item, DueItem.MOST_URGENT_FIRST);

    private final List<Entry> entries;
    private final Set<VehicleAssessment> vehicleAssessments;
    private final Map<String, NewJobView> newJobView;
    private final Map<String, Postponement> left;

    /**
     * @param before the book as it was: vehicles that stand as they stood keep their lines, so that after one vehicle's change
     *     only its few lines are put in order; null where there is none
     */
    DueList(
            @Nullable DueList before,
            List<VehicleAssessment> vehicleAssessments,
            Map<String, NewJobView> newJobView,
            Map<String, Postponement> left) {
        // By identity: a vehicle judged again is another assessment, however alike.
        this.vehicleAssessments = Collections.newSetFromMap(new IdentityHashMap<>(vehicleAssessments.size() * 2));
        this.vehicleAssessments.addAll(vehicleAssessments);
        List<Entry> fresh = vehicleAssessments.stream()
                .filter(vehicleAssessment -> before == null || !before.vehicleAssessments.contains(vehicleAssessment))
                .flatMap(Entry::of)
                .sorted(ORDER)
                .toList();
        this.entries = before == null ? fresh : merged(before.entries, fresh);
        this.newJobView = newJobView;
        this.left = left;
    }

    /** The lines that still stand, which are in order, with the few fresh ones each put in at its place. */
    private List<Entry> merged(List<Entry> before, List<Entry> fresh) {
        List<Entry> kept = new ArrayList<>(before.size());
        for (Entry entry : before) {
            if (vehicleAssessments.contains(entry.assessment())) {
                kept.add(entry);
            }
        }
        List<Entry> lines = new ArrayList<>(kept.size() + fresh.size());
        int done = 0;
        for (Entry entry : fresh) {
            int at = Collections.binarySearch(kept.subList(done, kept.size()), entry, ORDER);
            int next = done + (at < 0 ? -at - 1 : at);
            lines.addAll(kept.subList(done, next));
            lines.add(entry);
            done = next;
        }
        lines.addAll(kept.subList(done, kept.size()));
        return Collections.unmodifiableList(lines);
    }

    /** Group by group, the most urgent first; in a group vehicle by vehicle. */
    public List<Entry> entries() {
        return entries;
    }

    public DueItemView view(Entry entry, Units units) {
        return Jobs.line(entry.assessment(), entry.item(), newJobView, left, units);
    }
}
