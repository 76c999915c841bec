package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Units;

/** What a shop visit keeps beside the work and its figures, and the figures taken twice next to each other. */
final class VisitInputs {

    private VisitInputs() {}

    /** What another shop was asked for and what came of it. */
    record OutsideShopInput() implements StepInput.VisitInput {
        @Override
        public List<StepInput.InputField> fields() {
            return List.of(
                    new StepInput.InputField("vendor", WORDS.say("shop"), StepInput.InputField.Type.TEXT),
                    new StepInput.InputField("invoice", WORDS.say("invoiceNumber"), StepInput.InputField.Type.TEXT),
                    new StepInput.InputField("promised", WORDS.say("whatWasPromised"), StepInput.InputField.Type.TEXT),
                    new StepInput.InputField("got", WORDS.say("delivered"), StepInput.InputField.Type.TEXT));
        }

        @Override
        public StepInput.InputResult read(Map<String, String> typed, Units units) {
            StepInput.InputReader inputReader = new StepInput.InputReader(typed);
            String vendor = inputReader.text("vendor", WORDS.say("sayWhichShopDid"));
            String invoice = inputReader.text("invoice", null);
            String promised = inputReader.text("promised", WORDS.say("sayWhatWasPromised"));
            String got = inputReader.text("got", WORDS.say("sayWhatCame"));
            return inputReader.outcome(
                    WORDS.message(
                            "otherPromisedGot",
                            "vendor",
                            vendor,
                            "invoice",
                            invoice,
                            "hasInvoice",
                            !invoice.isEmpty(),
                            "promised",
                            promised,
                            "got",
                            got),
                    Optional.empty());
        }
    }

    /** Figures measured twice, side by side; a place measured only once is left out. */
    static List<VisitEntryType.BeforeAfter> changes(
            StepInput stepInput, Map<String, String> before, Map<String, String> after) {
        List<VisitEntryType.BeforeAfter> beforeAfters = new ArrayList<>();
        for (StepInput.InputField inputField : stepInput.fields()) {
            if (inputField.name().endsWith("Least") || inputField.name().endsWith("Most")) {
                continue; // the limit isn't measured
            }
            String first = before.getOrDefault(inputField.name(), "");
            String last = after.getOrDefault(inputField.name(), "");
            boolean isFigure = inputField.type() != StepInput.InputField.Type.CHOICE;
            if (isFigure && !first.isEmpty() && !last.isEmpty()) {
                beforeAfters.add(new VisitEntryType.BeforeAfter(
                        inputField.label(), first, last, difference(inputField.type(), first, last)));
            }
        }
        return beforeAfters;
    }

    private static String difference(StepInput.InputField.Type type, String before, String after) {
        if (type == StepInput.InputField.Type.ANGLE) {
            return signed(SuspensionInputs.angle(after).subtract(SuspensionInputs.angle(before))) + "°";
        }
        boolean metric = after.endsWith("mm");
        double mm = SuspensionInputs.mm(after) - SuspensionInputs.mm(before);
        BigDecimal shown = BigDecimal.valueOf(metric ? mm : mm / 25.4)
                .setScale(metric ? 0 : 2, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return signed(shown) + (metric ? " mm" : " in");
    }

    private static String signed(BigDecimal figure) {
        return switch (figure.signum()) {
            case 1 -> "+" + figure.stripTrailingZeros().toPlainString();
            case -1 -> "−" + figure.negate().stripTrailingZeros().toPlainString();
            default -> "0";
        };
    }
}
