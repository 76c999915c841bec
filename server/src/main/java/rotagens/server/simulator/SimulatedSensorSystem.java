package rotagens.server.simulator;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Pressure;
import rotagens.core.sensor.RelearnEvent;
import rotagens.core.sensor.RelearnProcedure;
import rotagens.core.sensor.RelearnProcedure.EntryMethod;
import rotagens.core.vehicle.Position;

/**
 * Stands in for a vehicle's sensor system: ignition, learn mode, marker lamp, horn, low-pressure lamp and dash. It can have dead
 * sensors, sensors learned at the wrong corner, another order than the one on file, and a way in that doesn't work.
 */
final class SimulatedSensorSystem implements SensorSystem {

    /** What is wrong with it. */
    record Faults(Set<Position> dead, Map<Position, Position> swapped, boolean otherOrder, boolean firstEntryFails) {

        static final Faults NONE = new Faults(Set.of(), Map.of(), false, false);
    }

    private static final double SHARE_WARNED = 0.88;
    private static final double AIR_LET_OUT_PSI = 10;

    private final RelearnProcedure procedure;
    private final List<Position> order;
    private final Map<Position, Pressure> inTires = new LinkedHashMap<>();
    private final Map<Position, Pressure> targets;
    private final Faults faults;
    /** The corner the vehicle believes each real sensor to sit at. */
    private final Map<Position, Position> believed = new LinkedHashMap<>();

    private final Map<Position, Position> learning = new LinkedHashMap<>();
    private boolean ignition;
    private boolean inLearnMode;
    private int asked;
    private int hornOnce;
    private int hornTwice;

    SimulatedSensorSystem(
            RelearnProcedure procedure,
            List<Position> corners,
            Map<Position, Pressure> pressures,
            Map<Position, Pressure> targets,
            Faults faults) {
        this.procedure = procedure;
        this.targets = targets;
        this.faults = faults;
        this.order = new ArrayList<>(corners);
        if (faults.otherOrder() && order.size() > 2) {
            order.add(1, order.remove(order.size() - 1));
        }
        corners.forEach(corner -> {
            inTires.put(corner, pressures.getOrDefault(corner, Pressure.psi(80)));
            believed.put(corner, faults.swapped().getOrDefault(corner, corner));
        });
    }

    @Override
    public synchronized void ignition(boolean on) {
        ignition = on;
        if (!on) {
            inLearnMode = false;
        }
    }

    @Override
    public synchronized List<RelearnEvent> enter(EntryMethod entryMethod) {
        boolean works = ignition
                && procedure.entryMethods().contains(entryMethod)
                && !(faults.firstEntryFails() && procedure.entryMethods().get(0) == entryMethod);
        if (!works) {
            return List.of(RelearnEvent.of(RelearnEvent.Type.ENTRY_FAILED));
        }
        learning.clear();
        asked = 0;
        if (!entryMethod.cornerByCorner()) {
            order.stream()
                    .filter(corner -> !faults.dead().contains(corner))
                    .forEach(corner -> believed.put(corner, corner));
            return List.of(RelearnEvent.of(RelearnEvent.Type.ENTERED), RelearnEvent.of(RelearnEvent.Type.ENDED));
        }
        inLearnMode = true;
        hornTwice++;
        return List.of(
                RelearnEvent.of(RelearnEvent.Type.ENTERED), RelearnEvent.at(RelearnEvent.Type.LAMP_LIT, order.get(0)));
    }

    @Override
    public synchronized List<RelearnEvent> trigger(Position corner, boolean byAir) {
        List<RelearnEvent> events = new ArrayList<>();
        if (byAir) {
            Pressure before = inTires.get(corner);
            inTires.put(corner, Pressure.psi(Math.max(5, Math.round(before.psi()) - AIR_LET_OUT_PSI)));
            events.add(RelearnEvent.at(RelearnEvent.Type.AIR_RELEASED, corner));
        }
        if (!inLearnMode || faults.dead().contains(corner) || learning.containsKey(corner)) {
            events.add(RelearnEvent.at(RelearnEvent.Type.NO_RESPONSE, corner));
            return events;
        }
        learning.put(corner, order.get(asked));
        hornOnce++;
        asked++;
        events.add(RelearnEvent.at(RelearnEvent.Type.CONFIRMED, corner));
        if (asked == order.size()) {
            inLearnMode = false;
            hornTwice++;
            believed.putAll(learning);
            events.add(RelearnEvent.of(RelearnEvent.Type.ENDED));
        } else {
            events.add(RelearnEvent.at(RelearnEvent.Type.LAMP_LIT, order.get(asked)));
        }
        return events;
    }

    @Override
    public synchronized List<RelearnEvent> waitTooLong() {
        if (!inLearnMode) {
            return List.of();
        }
        inLearnMode = false;
        return List.of(RelearnEvent.of(RelearnEvent.Type.TIMED_OUT));
    }

    /** Somebody filled a tire. */
    synchronized void filled(Position corner, Pressure pressure) {
        inTires.put(corner, pressure);
    }

    @Override
    public synchronized Dash dash() {
        Set<Position> named = new HashSet<>(believed.values());
        List<Shown> corners = order.stream()
                .map(corner -> new Shown(
                        corner,
                        named.contains(corner)
                                ? believed.entrySet().stream()
                                        .filter(sensor -> sensor.getValue().equals(corner)
                                                && !faults.dead().contains(sensor.getKey()))
                                        .map(sensor -> inTires.get(sensor.getKey()))
                                        .findFirst()
                                : Optional.empty()))
                .sorted(java.util.Comparator.comparing(shown -> shown.corner().code()))
                .toList();
        boolean low = corners.stream()
                .anyMatch(shown -> shown.pressure()
                        .filter(pressure -> targets.containsKey(shown.corner())
                                && pressure.psi() < targets.get(shown.corner()).psi() * SHARE_WARNED)
                        .isPresent());
        return new Dash(
                ignition,
                inLearnMode,
                inLearnMode ? Optional.of(order.get(asked)) : Optional.empty(),
                hornOnce,
                hornTwice,
                low,
                corners);
    }
}
