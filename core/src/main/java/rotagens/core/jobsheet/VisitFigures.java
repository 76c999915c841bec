package rotagens.core.jobsheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * The figures measured on a visit, the newest of each kind and subject. A photo or a tick measures nothing.
 *
 * @param newest by kind and by what was measured: the axle of an alignment, else one subject for the vehicle
 */
public record VisitFigures(Map<VisitEntryType, Map<String, Map<String, String>>> newest) {

    /** A line of a visit with what was read, by field, as entered; nothing for a photo. */
    public record Line(VisitEntryType type, Map<String, String> recordedValues) {}

    /** What was measured before and after, with the subject it is of. */
    public record Change(String subject, VisitEntryType.BeforeAfter figure) {}

    /**
     * The newest figures of a visit; a later one takes the place of an earlier one of the same axle.
     *
     * @param oldestFirst the lines of the visit
     * @return figures by kind and axle
     */
    public static VisitFigures of(List<Line> oldestFirst) {
        Map<VisitEntryType, Map<String, Map<String, String>>> newest = new EnumMap<>(VisitEntryType.class);
        oldestFirst.stream()
                .filter(line ->
                        line.type().isMeasured() && !line.recordedValues().isEmpty())
                .forEach(line -> newest.computeIfAbsent(line.type(), none -> new TreeMap<>())
                        .put(line.type().subject(line.recordedValues()), line.recordedValues()));
        return new VisitFigures(newest);
    }

    private Map<String, Map<String, String>> of(VisitEntryType type) {
        return newest.getOrDefault(type, Map.of());
    }

    /**
     * Whether anything of a kind was measured.
     *
     * @param type of figure
     * @return whether there is one at least
     */
    public boolean has(VisitEntryType type) {
        return !of(type).isEmpty();
    }

    /**
     * What was measured before the work and not after it: each axle by itself.
     *
     * @param after the kind measured after the work
     * @return axles; an empty text stands for the vehicle
     */
    public Set<String> missing(VisitEntryType after) {
        Set<String> missing =
                new TreeSet<>(after.before().map(before -> of(before).keySet()).orElse(Set.of()));
        missing.removeAll(of(after).keySet());
        return missing;
    }

    /**
     * The figures taken twice, side by side; what was measured only once is left out.
     *
     * @return line by line
     */
    public List<Change> changes() {
        List<Change> changes = new ArrayList<>();
        Arrays.stream(VisitEntryType.values())
                .filter(type -> type.before().isPresent())
                .forEach(after -> of(after)
                        .forEach((subject, figures) -> after.changes(
                                        Optional.ofNullable(of(after.before().orElseThrow())
                                                        .get(subject))
                                                .orElse(Map.of()),
                                        figures)
                                .forEach(figure -> changes.add(new Change(subject, figure)))));
        return List.copyOf(changes);
    }
}
