package rotagens.server.jobsheet;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import rotagens.core.jobsheet.RecordedWork;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.jobsheet.WheelSection;

/** The shapes a job sheet has on the wire. */
final class JobSheetViews {

    private JobSheetViews() {}

    /** What is chosen for a sheet: the tire changer, nitrogen, and whether a sensor goes in with the tire off. */
    record JobSheetOptionsRequest(@Nullable Long tireChangerId, boolean nitrogen, boolean sensorDismount) {}

    record TireChangerOption(long id, String name, String type) {}

    record FieldOption(String code, String label) {
        static List<FieldOption> of(StepInput.InputField inputField) {
            return inputField.options().stream()
                    .map(option -> new FieldOption(option.code(), option.label()))
                    .toList();
        }
    }

    /** @param towards the figure it is brought to, where one is known: a stand-in gauge shows it once that is done */
    record FieldView(
            String name,
            String label,
            StepInput.InputField.Type type,
            List<FieldOption> options,
            @Nullable String towards,
            @Nullable String typed) {}

    /** A place for the valve. */
    record ValvePositionView(String technique, List<Integer> angles, String clock) {}

    record ValveClockView(
            String step, List<ValvePositionView> valvePositions, int exclusionAngle, String explanation) {}

    /**
     * The wheel at the tire changer from the side.
     *
     * @param isFaceUp null where nobody has read the wheel
     * @param head what the bead passes; null while the tire is filled
     * @param blast where a blast comes from; null where none is meant
     * @param release what is let go, in this order
     * @param statement what the drawing shows
     */
    record WheelSectionView(
            @Nullable Boolean isFaceUp,
            WheelSection.Hold hold,
            boolean isBeadInDropCenter,
            boolean isPressArm,
            @Nullable String head,
            @Nullable String blast,
            List<String> release,
            String statement) {}

    /** @param order of the nuts, counted round the circle; {@code wrench} what the wrench is set to */
    record TorqueSequenceView(List<Integer> order, @Nullable String wrench) {}

    enum StepState {
        OPEN,
        WAITS,
        DONE,
        SKIPPED
    }

    /**
     * One step.
     *
     * @param waitsFor the step that has to come before it
     * @param says what was read or why it was left out
     * @param outside what was tried last and wasn't within limits
     * @param tries what was done here before and no longer counts, oldest first
     * @param recordedBy the record on another page that does this step; null where it is done here
     */
    record StepView(
            String key,
            String phase,
            String title,
            @Nullable String position,
            @Nullable String positionName,
            String does,
            @Nullable String caution,
            List<FieldView> fields,
            StepState state,
            @Nullable String blockedBy,
            boolean safety,
            boolean canBeSkipped,
            @Nullable String statement,
            @Nullable String by,
            @Nullable Instant at,
            @Nullable String outside,
            List<StepTryView> tries,
            @Nullable RecordedWork recordedBy,
            @Nullable TorqueSequenceView torqueSequence,
            List<ValveClockView> valveClocks,
            @Nullable WheelSectionView wheelSection) {}

    /** @param within whether it was within limits when it was read */
    record StepTryView(String statement, String by, Instant at, boolean within) {}

    record HandOverView(String from, String to, Instant at) {}

    /**
     * A job's sheet.
     *
     * @param version of the job, for closing it
     * @param tasks what is done where, in words
     */
    record JobSheetView(
            long jobId,
            int version,
            long vehicleId,
            String unit,
            LocalDate day,
            String note,
            List<String> tasks,
            boolean isStarted,
            @Nullable String startedBy,
            @Nullable Instant startedAt,
            @Nullable Instant doneAt,
            @Nullable String doneBy,
            List<String> warnings,
            List<TireChangerOption> tireChangers,
            @Nullable Long tireChangerId,
            boolean nitrogen,
            boolean sensorDismount,
            boolean needsSensorMethod,
            boolean needsTireChanger,
            List<StepView> steps,
            int open,
            List<HandOverView> handOvers) {}

    /** What was typed at a step. */
    record StepInputRequest(@Nullable Map<String, String> fields) {}

    record SkipStepRequest(@Nullable String reason) {}

    record HandOverRequest(@Nullable String to) {}

    /** @param day the work was done; null for today */
    record CompleteJobSheetRequest(@Nullable LocalDate day) {}
}
