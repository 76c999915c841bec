package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import rotagens.core.alert.AlertKind;
import rotagens.core.measure.Message;
import rotagens.core.pressure.PressureLoss;

/**
 * What the loss of air of one tire comes to, in one sentence. What is open against the tire speaks first: a rate that is normal
 * since the last fill doesn't make a leak normal that nobody repaired.
 */
public record LossStatement(Kind kind, Message statement) {

    /** What it is, worst first. */
    public enum Kind {
        /** A leak: it lost enough, fast enough, by cold readings. */
        LEAK,
        /** A leak is suspected and nobody has looked yet. */
        SUSPECTED_LEAK,
        /** Faster than normal, but too little or too short a time to call it more. */
        FAST,
        /** Without temperatures it may be a leak or the weather. */
        UNCERTAIN,
        /** What any tire loses. */
        NORMAL,
        /** Fewer than two cold readings since the last fill. */
        UNKNOWN
    }

    /**
     * From a tire's cold readings since its last fill and its open alerts. Never {@code NORMAL} while either leak is open.
     *
     * @param state the tire there, with what is on record about it
     * @return what to say of its loss, with the next look
     */
    public static LossStatement of(TireState state) {
        PressureLoss.Loss loss = state.loss();
        if (loss.isLeak()) {
            return new LossStatement(Kind.LEAK, WORDS.message("leakLookAtValveCore"));
        }
        if (state.alerts().open(AlertKind.LEAK).isPresent()) {
            return new LossStatement(Kind.LEAK, WORDS.message("leakOnFileIsntCleared"));
        }
        if (loss.isSuspected() || state.alerts().open(AlertKind.SUSPECTED_LEAK).isPresent()) {
            return new LossStatement(Kind.SUSPECTED_LEAK, WORDS.message("tooQuickADrop"));
        }
        if (loss.worst().isEmpty()) {
            return new LossStatement(
                    Kind.UNKNOWN,
                    WORDS.message(
                            "fewerThanTwoColdReadings",
                            "normalMonthly",
                            Math.round(PressureLoss.NORMAL_MONTHLY * 100)));
        }
        if (loss.worst().filter(PressureLoss::mayBeWeather).isPresent()) {
            return new LossStatement(Kind.UNCERTAIN, WORDS.message("withoutTheTemperatureOfEach"));
        }
        return loss.isNormal()
                ? new LossStatement(Kind.NORMAL, WORDS.message("normalRateThatIsNo"))
                : new LossStatement(Kind.FAST, WORDS.message("fasterThanANormalRate"));
    }
}
