package rotagens.server.jobsheet;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.server.jobsheet.ShopVisitViews.BeforeAfterView;

/** The figures taken before the work and after it, the newest of each, axle by axle. */
final class BeforeAndAfter {

    private BeforeAndAfter() {}

    static List<BeforeAfterView> of(List<VisitEntryStore.Entry> oldestFirst) {
        Map<VisitEntryType, Map<String, Map<String, String>>> newest = new HashMap<>();
        oldestFirst.forEach(entry -> newest.computeIfAbsent(entry.type(), none -> new HashMap<>())
                .put(entry.type().subject(entry.recordedValues()), entry.recordedValues()));
        return Arrays.stream(VisitEntryType.values())
                .filter(entry -> entry.before().isPresent())
                .flatMap(entry -> {
                    Map<String, Map<String, String>> before =
                            newest.getOrDefault(entry.before().get(), Map.of());
                    Map<String, Map<String, String>> after = newest.getOrDefault(entry, Map.of());
                    return after.keySet().stream().collect(Collectors.toCollection(TreeSet::new)).stream()
                            .flatMap(subject ->
                                    entry.changes(before.getOrDefault(subject, Map.of()), after.get(subject)).stream()
                                            .map(changed -> new BeforeAfterView(
                                                    subject.isEmpty()
                                                            ? changed.label()
                                                            : subject + ", " + changed.label(),
                                                    changed.before(),
                                                    changed.after(),
                                                    changed.difference())));
                })
                .toList();
    }
}
