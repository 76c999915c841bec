package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.BalanceWeight;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/** The weights that went onto a wheel, outside and inside; both are said, none is 0. */
public record BalanceInput() implements StepInput.FindingInput {

    /** The name of the weight on the outer flange on record. */
    public static final String OUT = "weightOut";

    /** The name of the weight on the inner flange on record. */
    public static final String IN = "weightIn";

    @Override
    public List<StepInput.InputField> fields() {
        return List.of(
                new StepInput.InputField(
                        OUT, WORDS.say("weightOutside0ForNone"), StepInput.InputField.Type.BALANCE_WEIGHT),
                new StepInput.InputField(
                        IN, WORDS.say("weightInside0ForNone"), StepInput.InputField.Type.BALANCE_WEIGHT));
    }

    @Override
    public StepInput.InputResult read(Map<String, String> typed, Units units) {
        StepInput.InputReader reader = new StepInput.InputReader(typed);
        Optional<BalanceWeight> out = weight(OUT, reader, units);
        Optional<BalanceWeight> in = weight(IN, reader, units);
        return reader.outcome(
                out.isPresent() && in.isPresent()
                        ? WORDS.message("outsideInside", "out", out.get(), "in", in.get())
                        : Message.of(""),
                Optional.empty());
    }

    private static Optional<BalanceWeight> weight(String field, StepInput.InputReader reader, Units units) {
        Optional<BalanceWeight> read = reader.read(
                field,
                text -> BalanceWeight.parse(text, units == Units.US ? BalanceWeight.Unit.OZ : BalanceWeight.Unit.G));
        read.ifPresent(weight -> reader.keep(field, weight.asEntered()));
        return read;
    }

    /**
     * The pieces of ¼ oz a record of this step took off the shelf; none for one made before weights were figures.
     *
     * @param recordedValues as they were kept, each with its unit
     * @return 0 where none was used
     */
    public static int pieces(Map<String, String> recordedValues) {
        return List.of(OUT, IN).stream()
                .map(field -> recordedValues.getOrDefault(field, ""))
                .filter(text -> !text.isEmpty())
                .mapToInt(
                        text -> BalanceWeight.parse(text, BalanceWeight.Unit.OZ).pieces())
                .sum();
    }
}
