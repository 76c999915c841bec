package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/** Work whose record is made on a page of its own: its step is done by that record, never by a tick. */
public enum RecordedWork {
    /** A scale ticket closes the weighing. */
    SCALE_TICKET(StepCode.WEIGH, WORDS.say("enterTheScaleTicket")),
    /** A relearn that proved every corner. */
    RELEARN(StepCode.RELEARN, WORDS.say("finishTheRelearn")),
    /** Dash and gauge, corner by corner. */
    DASH_AND_GAUGE(StepCode.DASH_AND_GAUGE, WORDS.say("compareDashAndGauge")),
    /** An alignment within its limits. */
    ALIGNMENT(StepCode.ALIGNMENT, WORDS.say("enterTheAlignmentAfter"));

    private final StepCode step;
    private final String missing;

    RecordedWork(StepCode step, String missing) {
        this.step = step;
        this.missing = missing;
    }

    /**
     * The step that the record closes.
     *
     * @return no tick closes that step
     */
    public StepCode step() {
        return step;
    }

    /**
     * Nothing is typed at the step itself.
     *
     * @param work what has to be on record
     */
    public record RecordInput(RecordedWork work) implements StepInput.FindingInput {

        /** The field of its error: the record that is missing. */
        public static final String FIELD = "record";

        @Override
        public List<StepInput.InputField> fields() {
            return List.of();
        }

        @Override
        public StepInput.InputResult read(Map<String, String> typed, Units units) {
            return new StepInput.InputResult(Map.of(), Message.of(""), Map.of(FIELD, work.missing), Optional.empty());
        }
    }
}
