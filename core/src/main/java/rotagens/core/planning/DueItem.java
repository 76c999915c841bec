package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.LimitDates;
import rotagens.core.measure.Reason;
import rotagens.core.vehicle.Position;

/**
 * Work that falls due on one vehicle.
 *
 * @param positions the tires it concerns; empty where it concerns the vehicle
 * @param due the day it has to be done by; a day already past for what is overdue
 * @param urgency what waiting means: the verdict the tire has, or gets on that day
 * @param reason the limiting factor with its figure and limit
 * @param range between which days it falls due, where that is a forecast
 */
public record DueItem(
        WorkType workType,
        List<Position> positions,
        LocalDate due,
        Verdict urgency,
        Reason reason,
        Optional<LimitDates.DateRange> range) {

    /**
     * Due work on a day, without a range.
     *
     * @param kind of work
     * @param positions where; empty for the vehicle
     * @param due the day
     * @param urgency what waiting comes to
     * @param reason the limiting factor with its figure and limit
     */
    public DueItem(WorkType kind, List<Position> positions, LocalDate due, Verdict urgency, Reason reason) {
        this(kind, positions, due, urgency, reason, Optional.empty());
    }

    /** Most urgent first: what must not roll, then by day. */
    public static final Comparator<DueItem> MOST_URGENT_FIRST = Comparator.comparing(
                    (DueItem item) -> item.urgency() != Verdict.DO_NOT_OPERATE)
            .thenComparing(DueItem::due)
            .thenComparing(item -> item.workType().ordinal());

    /**
     * Keeps a copy of the positions.
     *
     * @param workType what to do
     * @param positions where; empty for the vehicle
     * @param due the day
     * @param urgency what waiting comes to
     * @param reason the limiting factor with its figure and limit
     * @param range between which days it falls due, where that is a forecast
     */
    public DueItem {
        positions = List.copyOf(positions);
    }

    /**
     * Whether somebody has to decide about it now: it stops the vehicle, needs service, or its day has come.
     *
     * @param today the day it is judged on
     * @return true for all that can’t just be planned for later
     */
    public boolean needsDecision(LocalDate today) {
        return urgency == Verdict.SERVICE_DUE || urgency == Verdict.DO_NOT_OPERATE || !due.isAfter(today);
    }

    /**
     * Where on the vehicle, in a few words: {@code 1L 1R}, or {@code all 8 tires}; empty text where it concerns the vehicle.
     *
     * @param onVehicle every position that has a tire
     * @return positions, or a count where it is all of them
     */
    public String places(Collection<Position> onVehicle) {
        if (positions.size() > 1 && !onVehicle.isEmpty() && positions.containsAll(onVehicle)) {
            return WORDS.say("allTires", "count", positions.size());
        }
        return positions.stream().map(Position::code).collect(Collectors.joining(" "));
    }

    /**
     * Names this piece of work on its vehicle, the same from one day to the next.
     *
     * @return kind and positions
     */
    public String key() {
        return workType + ":" + positions.stream().map(Position::code).collect(Collectors.joining("+"));
    }
}
