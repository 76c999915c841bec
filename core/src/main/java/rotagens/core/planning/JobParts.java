package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rotagens.core.inspection.Gauge;
import rotagens.core.measure.Message;
import rotagens.core.measure.Torque;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.WheelSpec;

/**
 * The small parts and the torque wrench a visit takes. Source: a new stem or grommet, core and cap each time a bead is broken,
 * as valve makers ask; nuts are torqued on every wheel that came off.
 *
 * @param counts how many of each part; a part that isn't used is not in it
 * @param lifted wheels that come off, whose nuts are torqued
 */
public record JobParts(Map<Part, Integer> counts, List<Position> lifted) {

    /**
     * What the work of one visit takes; a wheel that two pieces lift counts once.
     *
     * @param work each piece with its positions
     * @param vehicle whose layout tells the wheels
     * @return the parts and the wheels that come off
     */
    public static JobParts of(Collection<JobRequirements.Work> work, Vehicle vehicle) {
        Map<Part, Integer> counts = new EnumMap<>(Part.class);
        LaborEstimate time = LaborEstimate.together(work.stream()
                .map(one -> LaborEstimate.of(one.kind(), one.positions(), vehicle))
                .toList());
        Set<Position> sensors = work.stream()
                .filter(one -> one.kind() == WorkType.REPLACE_SENSOR)
                .flatMap(one -> one.positions().stream())
                .collect(Collectors.toSet());
        sensors.forEach(position -> count(counts, Part.SENSOR));
        for (Position position : time.broken()) {
            if (sensors.contains(position)) {
                continue; // a sensor comes with its grommet, core and cap
            }
            boolean inside = vehicle.sensorAt(position)
                    .filter(sensor -> sensor.location() == Sensor.Location.INSIDE)
                    .isPresent();
            count(counts, inside ? Part.GROMMET : Part.STEM);
            count(counts, Part.CORE);
            count(counts, Part.CAP);
        }
        return new JobParts(
                counts,
                time.lifted().stream()
                        .sorted(Comparator.comparing(Position::code))
                        .toList());
    }

    /**
     * With so many more of a part, which the work itself has told.
     *
     * @param part which
     * @param more how many; nothing changes at 0
     * @return a copy
     */
    public JobParts with(Part part, int more) {
        if (more == 0) {
            return this;
        }
        Map<Part, Integer> all = new EnumMap<>(Part.class);
        all.putAll(counts);
        all.merge(part, more, Integer::sum);
        return new JobParts(all, lifted);
    }

    private static void count(Map<Part, Integer> counts, Part part) {
        counts.merge(part, 1, Integer::sum);
    }

    /**
     * The parts in one phrase; empty where none is used.
     *
     * @return for example {@code 2 valve cores, 2 valve caps}
     */
    public Optional<String> phrase() {
        return counts.isEmpty()
                ? Optional.empty()
                : Optional.of(counts.entrySet().stream()
                        .map(one -> one.getKey().counted(one.getValue()))
                        .collect(Collectors.joining(", ")));
    }

    /**
     * The torque wrench to bring and what it is set to; empty where no wheel comes off.
     *
     * @param wheels what is known of the wheels
     * @param wrenches every torque wrench in use
     * @param policy how many months a calibration stands
     * @param today the day it is judged on
     * @return the wrench with its setting in ft·lb, and every doubt about it
     */
    public Optional<WrenchToBring> wrench(
            Map<Position, WheelSpec> wheels, Collection<Gauge> wrenches, Policy.ClassPolicy policy, LocalDate today) {
        if (lifted.isEmpty()) {
            return Optional.empty();
        }
        List<String> verified = new ArrayList<>();
        List<Message> doubts = new ArrayList<>();
        for (Gauge wrench : wrenches) {
            wrench.doubt(policy, today)
                    .ifPresentOrElse(
                            doubt -> doubts.add(doubt.reason().statement()), () -> verified.add(wrench.name()));
        }
        List<Message> settings = lifted.stream()
                .flatMap(position -> Optional.ofNullable(wheels.get(position)).flatMap(WheelSpec::torque).stream())
                .distinct()
                .sorted(Comparator.comparingDouble(Torque::ftLb))
                .map(torque -> Message.of("{}", torque))
                .toList();
        Message what = WORDS.message(
                "torqueWrenchOther",
                "verified",
                String.join(WORDS.say("or"), verified),
                "hasVerified",
                !verified.isEmpty(),
                "torque",
                settings.isEmpty()
                        ? WORDS.message("torqueAsTheManufacturerSays")
                        : WORDS.message("for", "settings", Message.join(settings, WORDS.say("and"))));
        return Optional.of(new WrenchToBring(what, doubts));
    }

    /**
     * A torque wrench to bring.
     *
     * @param what those whose calibration stands, and what the nuts are torqued to
     * @param doubts of each other wrench why its torque is less than certain
     */
    public record WrenchToBring(Message what, List<Message> doubts) {}
}
