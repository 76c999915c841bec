package rotagens.core.jobsheet;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rotagens.core.jobsheet.StepRecords.StepRecord;
import rotagens.core.vehicle.PilotType;

/**
 * What the records of a sheet's steps come to. Of each step the latest counts: a reading outside its limits takes an earlier
 * <i>done</i> back, and what it spoils is done again.
 *
 * @param last of each settled step the record that settles it
 * @param outside of each step tried last outside its limits, that try
 * @param tries of each step all that no longer counts, oldest first
 * @param handed who handed the sheet over
 * @param reseated positions whose beads were seated and have to be broken again
 */
public record StepRecords<R extends StepRecord>(
        Map<String, R> last, Map<String, R> outside, Map<String, List<R>> tries, List<R> handed, Set<String> reseated) {

    /** What a record says of its step. */
    public enum Status {
        /** It was done, with what was read. */
        DONE,
        /** It was left out with a reason. */
        SKIPPED,
        /** Readable, but not within limits: the step isn't done. */
        OUTSIDE,
        /** Taken back. */
        UNDONE,
        /** The sheet goes on in another person's hands. */
        HANDED_OVER
    }

    /** One record of a step. */
    public interface StepRecord {
        /**
         * The step's key on its sheet.
         *
         * @return code and position
         */
        String step();

        /**
         * Done, left out or outside its limits.
         *
         * @return how it stands
         */
        Status type();

        /**
         * What was read, by field, as entered.
         *
         * @return empty for a tick
         */
        Map<String, String> recordedValues();
    }

    /** Broken down, the bead is lubricated and mounted anew. */
    private static final Set<StepCode> BROKEN_DOWN = EnumSet.of(
            StepCode.CORE_OUT, StepCode.BREAK_BEAD, StepCode.PUSH_BEAD_DOWN, StepCode.LUBRICATE, StepCode.MOUNT);

    /** Where a wheel or a tire has to be exchanged, the tire comes off once more. */
    private static final Set<StepCode> TAKEN_OFF = EnumSet.of(StepCode.DEMOUNT, StepCode.STEM, StepCode.ALIGN_MARKS);

    /**
     * Folds the records of one sheet, oldest first.
     *
     * @param all records, oldest first
     * @param <R> the class of a record
     * @return how each step stands
     */
    public static <R extends StepRecord> StepRecords<R> of(List<R> all) {
        Map<String, R> last = new LinkedHashMap<>();
        Map<String, R> outside = new LinkedHashMap<>();
        Map<String, List<R>> tries = new LinkedHashMap<>();
        List<R> handed = new ArrayList<>();
        Set<String> reseated = new LinkedHashSet<>();
        for (R record : all) {
            String step = record.step();
            switch (record.type()) {
                case DONE, SKIPPED -> {
                    keep(tries, last.put(step, record));
                    keep(tries, outside.remove(step));
                }
                case UNDONE -> last.remove(step);
                case OUTSIDE -> {
                    keep(tries, last.remove(step));
                    keep(tries, outside.put(step, record));
                    code(step).filter(code -> spoils(code)).ifPresent(code -> {
                        if (last.containsKey(StepCode.SEAT + ":" + position(step))) {
                            reseated.add(position(step));
                        }
                        Set<String> again = again(code, position(step), last.keySet());
                        again.forEach(key -> keep(tries, last.remove(key)));
                    });
                }
                case HANDED_OVER -> handed.add(record);
            }
        }
        return new StepRecords<>(last, outside, tries, handed, reseated);
    }

    private static <R extends StepRecord> void keep(Map<String, List<R>> tries, R record) {
        if (record != null) {
            tries.computeIfAbsent(record.step(), step -> new ArrayList<>()).add(record);
        }
    }

    private static boolean spoils(StepCode code) {
        return code == StepCode.BEAD_GAP || code == StepCode.CLEAN_WHEEL || code == StepCode.MOUNT;
    }

    /** The settled steps at a wheel that a bead seated unevenly, an unsound wheel or a torn bead makes worthless. */
    private static Set<String> again(StepCode found, String position, Set<String> settled) {
        boolean seated = settled.contains(StepCode.SEAT + ":" + position);
        boolean mounted = seated || settled.contains(StepCode.MOUNT + ":" + position);
        return settled.stream()
                .filter(key -> position(key).equals(position))
                .filter(key -> code(key)
                        .filter(code -> seated && BROKEN_DOWN.contains(code)
                                || found != StepCode.BEAD_GAP && mounted && TAKEN_OFF.contains(code)
                                || found == StepCode.CLEAN_WHEEL
                                        && code.ordinal() > StepCode.CLEAN_WHEEL.ordinal()
                                        && code.ordinal() < StepCode.SEAT.ordinal()
                                || code.ordinal() >= StepCode.SEAT.ordinal()
                                        && code.ordinal() <= StepCode.TORQUE_PASS.ordinal())
                        .isPresent())
                .collect(Collectors.toSet());
    }

    private static String position(String step) {
        return step.substring(step.indexOf(':') + 1);
    }

    /** The kind of step; empty for a key of a sheet that had other steps. */
    private static Optional<StepCode> code(String step) {
        String name = step.replaceAll(":.*", "");
        return EnumSet.allOf(StepCode.class).stream()
                .filter(code -> code.name().equals(name))
                .findFirst();
    }

    /**
     * The keys of all settled steps.
     *
     * @return done or left out
     */
    public Set<String> settled() {
        return last.keySet();
    }

    /**
     * Positions whose own tire doesn't go back: a professional condemned it, or its bead is torn.
     *
     * @return codes of positions
     */
    public Set<String> condemned() {
        Set<String> condemned = positions(last, StepCode.LOOK_INSIDE, "verdict", Set.of("CONDEMNED"));
        condemned.addAll(torn());
        return condemned;
    }

    /**
     * Positions whose own tire, meant to go back, has a torn bead.
     *
     * @return codes of positions
     */
    public Set<String> torn() {
        Set<String> torn =
                positions(last, StepCode.DEMOUNT, FindingInputs.BeadInput.FIELD, Set.of(FindingInputs.BeadInput.TORN));
        torn.addAll(
                positions(last, StepCode.MOUNT, FindingInputs.BeadInput.FIELD, Set.of(FindingInputs.BeadInput.TORN)));
        return torn;
    }

    /**
     * Positions where a nut turned so far, or was so loose, that the wheel has to come off.
     *
     * @return codes of positions
     */
    public Set<String> loose() {
        return Stream.concat(tries.values().stream().flatMap(List::stream), outside.values().stream())
                .filter(record ->
                        code(record.step()).filter(StepCode.TORQUE_PASS::equals).isPresent())
                .filter(record -> FindingInputs.NutsInput.WHEEL_OFF.contains(
                        record.recordedValues().getOrDefault(FindingInputs.NutsInput.TURNED, "")))
                .map(record -> position(record.step()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /**
     * Positions where a new sensor went in with the new tire.
     *
     * @return codes of positions
     */
    public Set<String> newSensors() {
        return positions(
                last,
                StepCode.SENSOR_WITH_TIRE,
                FindingInputs.SensorWithTireInput.FIELD,
                Set.of(FindingInputs.SensorWithTireInput.NEW));
    }

    /**
     * Positions where it was decided whether a new sensor goes in with the new tire.
     *
     * @return codes of positions
     */
    public Set<String> sensorsDecided() {
        return last.keySet().stream()
                .filter(key ->
                        code(key).filter(StepCode.SENSOR_WITH_TIRE::equals).isPresent())
                .map(StepRecords::position)
                .collect(Collectors.toSet());
    }

    /**
     * Positions with another wheel on than before, and how that one is piloted.
     *
     * @return by code of the position
     */
    public Map<String, PilotType> replacedWheels() {
        return last.values().stream()
                .filter(record -> code(record.step())
                        .filter(code -> code == StepCode.CLEAN_WHEEL || code == StepCode.PILOT_TYPE)
                        .isPresent())
                .filter(record ->
                        !record.recordedValues().getOrDefault("pilot", "").isEmpty())
                .collect(Collectors.toMap(
                        record -> position(record.step()),
                        record -> PilotType.valueOf(record.recordedValues().get("pilot")),
                        (first, second) -> second));
    }

    private static <R extends StepRecord> Set<String> positions(
            Map<String, R> records, StepCode code, String field, Set<String> values) {
        return records.values().stream()
                .filter(record -> code(record.step()).filter(code::equals).isPresent())
                .filter(record -> values.contains(record.recordedValues().getOrDefault(field, "")))
                .map(record -> position(record.step()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
