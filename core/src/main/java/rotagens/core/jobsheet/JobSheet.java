package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Message;
import rotagens.core.vehicle.Position;

/**
 * The steps of a job in the order of the work, put together from what this vehicle, wheel, tire, sensor and machine need. The
 * machine's own manual and the makers' data win over every technique in it.
 *
 * @param warnings what has to be said before the vehicle is lifted
 */
public record JobSheet(List<Step> steps, List<Message> warnings) {

    /**
     * Puts the sheet together.
     *
     * @param facts the vehicle, its wheels and what the work found so far
     * @return every step, in the order of the work
     */
    public static JobSheet of(JobSheetInputs facts) {
        List<Step> steps = new ArrayList<>();
        VehicleSteps.before(facts, steps);
        List<List<Step>> wheels = List.copyOf(byWheel(facts).values());
        if (facts.wheels().stream().anyMatch(wheel -> wheel.task().movesWheel())) {
            // Wheels that change places are off together.
            wheels.stream()
                    .flatMap(List::stream)
                    .sorted(Comparator.comparing(JobSheet::phaseOrder))
                    .forEach(steps::add);
        } else {
            wheels.forEach(steps::addAll);
        }
        letDownFirst(steps);
        standsBeforeLifting(facts, steps);
        VehicleSteps.after(facts, steps);
        return new JobSheet(List.copyOf(steps), TireChangerCheck.warnings(facts));
    }

    /** Several pieces of work at one wheel are one pass through its steps, each once and in the order of the work. */
    private static Map<Position, List<Step>> byWheel(JobSheetInputs facts) {
        Map<Position, Map<String, Step>> steps = new LinkedHashMap<>();
        // A tire that goes anyway is looked at as one that goes, whatever else is done at its wheel.
        List<WheelJob> ordered = facts.wheels().stream()
                .sorted(Comparator.comparing(wheel -> wheel.task() != WheelTask.NEW_TIRE))
                .toList();
        facts.wheels().forEach(wheel -> steps.put(wheel.position(), new LinkedHashMap<>()));
        for (WheelJob wheel : ordered) {
            Map<String, Step> here = steps.computeIfAbsent(wheel.position(), position -> new LinkedHashMap<>());
            new WheelSteps(facts, wheel).all().forEach(step -> here.putIfAbsent(step.key(), step));
        }
        // Where a sensor goes in by work of its own, nobody is asked whether one should.
        steps.forEach((position, here) -> {
            if (here.containsKey(StepCode.INSTALL_SENSOR + ":" + position.code())) {
                here.remove(StepCode.SENSOR_WITH_TIRE + ":" + position.code());
            }
        });
        Map<Position, List<Step>> sorted = new LinkedHashMap<>();
        steps.forEach((position, here) -> sorted.put(
                position,
                here.values().stream().sorted(Comparator.comparing(Step::code)).toList()));
        return sorted;
    }

    /** All air that has to be out is out, then the stands are under, then the first wheel comes off. */
    private static void standsBeforeLifting(JobSheetInputs facts, List<Step> steps) {
        VehicleSteps.stands(facts).ifPresent(stands -> {
            List<Step> letDown = steps.stream()
                    .filter(step -> step.code() == StepCode.DEFLATE_FIRST)
                    .toList();
            steps.removeAll(letDown);
            int first = 0;
            while (first < steps.size() && steps.get(first).position().isEmpty()) {
                first++;
            }
            steps.addAll(first, letDown);
            steps.add(first + letDown.size(), stands);
        });
    }

    /** A dual's mate is let down together with it: before the first nut, wherever its other steps stand. */
    private static void letDownFirst(List<Step> steps) {
        for (Step mates : List.copyOf(steps)) {
            if (mates.code() != StepCode.DEFLATE_FIRST) {
                continue;
            }
            int first = 0;
            while (!steps.get(first).equals(mates) && !nutsOf(steps.get(first), mates)) {
                first++;
            }
            if (!steps.get(first).equals(mates)) {
                steps.remove(mates);
                steps.add(first, mates);
            }
        }
    }

    private static boolean nutsOf(Step step, Step letDown) {
        return step.position().equals(letDown.position().flatMap(WheelJob::mate))
                && step.code().ordinal() > StepCode.DEFLATE_FIRST.ordinal();
    }

    private static int phaseOrder(Step step) {
        for (StepCode code : StepCode.values()) {
            if (code.phase().equals(step.code().phase())) {
                return code.ordinal();
            }
        }
        throw new IllegalStateException(step.key());
    }

    /**
     * A step by its key.
     *
     * @param key as a record names it
     * @return empty where this sheet has no such step
     */
    public Optional<Step> step(String key) {
        return steps.stream().filter(step -> step.key().equals(key)).findFirst();
    }

    /**
     * The step that has to come before this one and hasn't been done: for a safety step any earlier one at the same wheel or of
     * the vehicle, for another the earlier safety steps there. So two people may work on two wheels at once.
     *
     * @param step the one somebody wants to do
     * @param settled keys of steps done or left out
     * @return empty where it may be done now
     */
    public Optional<Step> blockedBy(Step step, Set<String> settled) {
        for (Step earlier : steps) {
            if (earlier.key().equals(step.key())) {
                return Optional.empty();
            }
            boolean same = earlier.position().isEmpty()
                    || step.position().isEmpty()
                    || earlier.position().equals(step.position())
                    || earlier.code() == StepCode.DEFLATE_FIRST
                            && earlier.position().flatMap(WheelJob::mate).equals(step.position());
            boolean holds = same && (step.code().safety() || earlier.code().safety());
            if (!settled.contains(earlier.key()) && (holds || isRefillBeforeTorque(earlier, step))) {
                return Optional.of(earlier);
            }
        }
        return Optional.empty();
    }

    /** A dual's mate that stayed on is filled once the nuts of the dual are torqued, not while they turn. */
    private boolean isRefillBeforeTorque(Step earlier, Step refill) {
        return earlier.code() == StepCode.TORQUE_PASS
                && refill.code() == StepCode.FILL
                && earlier.position().flatMap(WheelJob::mate).equals(refill.position())
                && steps.stream()
                        .noneMatch(step -> step.code() == StepCode.WHEEL_OFF
                                && step.position().equals(refill.position()));
    }

    /**
     * What is neither done nor left out with a reason: while there is any, the job can't be closed.
     *
     * @param settled keys of steps done or left out
     * @return in their order
     */
    public List<Step> open(Set<String> settled) {
        return steps.stream().filter(step -> !settled.contains(step.key())).toList();
    }

    /**
     * A step that may not be skipped says why.
     *
     * @param step the one somebody wants to leave out
     * @return why not, in words
     */
    public static Optional<Message> againstSkipping(Step step) {
        return step.code().skip() == StepCode.SkipRule.NEVER
                ? Optional.of(
                        WORDS.message("isNeverSkipped", "step", step.code().title()))
                : Optional.empty();
    }
}
