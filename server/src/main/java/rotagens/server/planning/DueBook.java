package rotagens.server.planning;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.Waiver;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.planning.JobViews.DueLine;
import rotagens.server.planning.JobViews.Scheduled;

/** All due work of some vehicles in its order, put into words only where somebody looks. */
public final class DueBook {

    /** One piece of work of one vehicle. */
    public record Entry(Standing standing, DueItem item) {

        /** Whether any word a technician might look for holds this text, in lower case. */
        public boolean says(String text, Units units) {
            var vehicle = standing.onFile();
            return Stream.concat(
                            Stream.of(
                                    vehicle.facts().unit(),
                                    item.kind().words(),
                                    item.reason().says().in(units),
                                    vehicle.yard(),
                                    vehicle.facts().vehicleClass()),
                            item.positions().stream().map(position -> position.code()))
                    .anyMatch(words -> words.toLowerCase(java.util.Locale.ROOT).contains(text));
        }
    }

    private final List<Entry> entries;
    private final Map<String, Scheduled> scheduled;
    private final Map<String, Waiver> left;

    DueBook(List<Standing> standings, Map<String, Scheduled> scheduled, Map<String, Waiver> left) {
        this.entries = standings.stream()
                .flatMap(standing -> standing.due().stream().map(item -> new Entry(standing, item)))
                .sorted(Comparator.comparing(Entry::item, DueItem.MOST_URGENT_FIRST)
                        .thenComparing(
                                entry -> entry.standing().onFile().facts().unit()))
                .toList();
        this.scheduled = scheduled;
        this.left = left;
    }

    /** Most urgent first. */
    public List<Entry> entries() {
        return entries;
    }

    public DueLine view(Entry entry, Units units) {
        return Jobs.line(entry.standing(), entry.item(), scheduled, left, units);
    }
}
