package rotagens.core.planning;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rotagens.core.jobsheet.WheelTask;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/**
 * How long work takes in the bay and which wheels it lifts, by our rule of thumb: each wheel is lifted and torqued once however
 * much is done at it, each bead broken once, and the vehicle is brought in and out once.
 *
 * @param lifted wheels that come off
 * @param broken wheels whose bead is broken
 * @param other minutes that share nothing
 */
public record LaborEstimate(Set<Position> lifted, Set<Position> broken, int other) {

    /** In and out of the bay, chocks, stands, paper. */
    public static final int IN_AND_OUT = 20;

    private static final int ROUND_TO = 5;

    /**
     * Of one piece of work, without bringing the vehicle in.
     *
     * @param kind of work
     * @param positions where; empty for the vehicle
     * @param vehicle whose layout tells the wheels
     * @return wheels off, beads broken and minutes beside them
     */
    public static LaborEstimate of(WorkType kind, Collection<Position> positions, Vehicle vehicle) {
        Collection<Position> where = positions.isEmpty() && kind == WorkType.ROTATE
                ? vehicle.layout().positions().stream()
                        .filter(position -> position instanceof Position.OnAxle)
                        .toList()
                : positions;
        WheelTask task = WheelTasks.of(kind, Optional.empty(), false);
        boolean lifts = task.lifts() || kind == WorkType.ROTATE;
        Set<Position> wheels = new LinkedHashSet<>(where);
        return new LaborEstimate(
                lifts ? wheels : Set.of(),
                task.breaksBead() ? wheels : Set.of(),
                other(kind) * Math.max(1, where.size()));
    }

    /** Minutes at one position, or for the vehicle, beside lifting and mounting. */
    private static int other(WorkType kind) {
        return switch (kind) {
            case PRESSURE_CHECK, SET_PRESSURE, READ_DOT, TREAD_INSPECTION, RETORQUE -> 3;
            case REPLACE, CORRECT_MISMATCH, INSTALL_NEW_TIRE, INSTALL_MOVED_TIRE, RECORD_TIRE, AGE_INSPECTION -> 5;
            case FIX_DEFECT, REPLACE_SENSOR, REPLACE_WHEEL -> 10;
            case FIND_LEAK, INSPECT_DAMAGE -> 15;
            case MOVE_VEHICLE, ROTATE -> 2;
            case RELEARN, DERIVE_TARGET -> 20;
            case WEIGH, REDUCE_LOAD -> 30;
            case CORRECT_WEAR_CAUSE, ALIGN -> 60;
            case REPAIR_SUSPENSION -> 120;
        };
    }

    /**
     * Two pieces of work in one visit: a wheel that both lift comes off once.
     *
     * @param next the other piece
     * @return both together
     */
    public LaborEstimate with(LaborEstimate next) {
        return new LaborEstimate(union(lifted, next.lifted), union(broken, next.broken), other + next.other);
    }

    private static Set<Position> union(Set<Position> one, Set<Position> other) {
        Set<Position> all = new LinkedHashSet<>(one);
        all.addAll(other);
        return all;
    }

    /**
     * Whether both lift a wheel or break a bead that the other does too.
     *
     * @param next the other piece
     * @return true where doing both in one visit saves a lift or a mounting
     */
    public boolean shares(LaborEstimate next) {
        return lifted.stream().anyMatch(next.lifted::contains);
    }

    /**
     * Minutes in the bay with the vehicle brought in and out, rounded up to five.
     *
     * @param laborCosts minutes by wheel, of the fleet’s policy
     * @return minutes
     */
    public int minutes(LaborCosts laborCosts) {
        int all = IN_AND_OUT
                + other
                + lifted.size() * laborCosts.liftMinutes()
                + broken.size() * laborCosts.mountMinutes();
        return (all + ROUND_TO - 1) / ROUND_TO * ROUND_TO;
    }

    /**
     * Of several pieces of work on one vehicle in one visit.
     *
     * @param work each piece
     * @return all together
     */
    public static LaborEstimate together(List<LaborEstimate> work) {
        return work.stream().reduce(new LaborEstimate(Set.of(), Set.of(), 0), LaborEstimate::with);
    }
}
