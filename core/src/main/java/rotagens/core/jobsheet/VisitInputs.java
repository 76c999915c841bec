package rotagens.core.jobsheet;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/** The figures a shop visit keeps beside the work, so that before and after stand next to each other. */
final class VisitInputs {

    private VisitInputs() {}

    /**
     * A figure for each place; what wasn't measured stays blank, but one figure at least is typed.
     *
     * @param places name and label of each entry, in order
     */
    private record MeasuredPoints(List<MeasuredPoint> places, StepInput.InputField.Type kind, String missing) {

        record MeasuredPoint(String name, String label) {}

        List<StepInput.InputField> fields() {
            return places.stream()
                    .map(measuredPoint -> new StepInput.InputField(measuredPoint.name(), measuredPoint.label(), kind))
                    .toList();
        }

        /** The places that have a figure, with the figure as entered. */
        Map<MeasuredPoint, String> read(
                StepInput.InputReader inputReader, Map<String, String> typed, StepInput.NumericValue numericValue) {
            Map<MeasuredPoint, String> read = new java.util.LinkedHashMap<>();
            for (MeasuredPoint measuredPoint : places) {
                if (!typed.getOrDefault(measuredPoint.name(), "").isBlank()) {
                    inputReader
                            .read(measuredPoint.name(), numericValue::asEntered)
                            .ifPresent(text -> {
                                read.put(measuredPoint, text);
                                inputReader.keep(measuredPoint.name(), text);
                            });
                }
            }
            if (places.stream()
                    .allMatch(measuredPoint ->
                            typed.getOrDefault(measuredPoint.name(), "").isBlank())) {
                inputReader.fault(places.get(0).name(), missing);
            }
            return read;
        }

        static Message statement(Map<MeasuredPoint, String> read) {
            return Message.of(
                    "{}",
                    read.entrySet().stream()
                            .map(one -> one.getKey().label().toLowerCase(Locale.ROOT) + " " + one.getValue())
                            .collect(Collectors.joining(", ")));
        }

        static List<MeasuredPoint> corners() {
            return List.of(
                    new MeasuredPoint("frontLeft", "Front left"),
                    new MeasuredPoint("frontRight", "Front right"),
                    new MeasuredPoint("rearLeft", "Rear left"),
                    new MeasuredPoint("rearRight", "Rear right"));
        }
    }

    /** Ride height at the places the vehicle's maker names, measured the same way before and after. */
    record RideHeightInput() implements StepInput.VisitInput {

        private static final MeasuredPoints WHERE = new MeasuredPoints(
                MeasuredPoints.corners(), StepInput.InputField.Type.LENGTH, "Enter the height at one corner at least.");

        @Override
        public List<StepInput.InputField> fields() {
            return WHERE.fields();
        }

        @Override
        public StepInput.InputResult read(Map<String, String> typed, Units units) {
            StepInput.InputReader inputReader = new StepInput.InputReader(typed);
            Message says = MeasuredPoints.statement(WHERE.read(inputReader, typed, text -> length(text, units)));
            return inputReader.outcome(says, Optional.empty());
        }
    }

    /** Wheel alignment in degrees; what is right stands in the vehicle maker's data. */
    record AlignmentInput() implements StepInput.VisitInput {

        private static final MeasuredPoints WHERE = new MeasuredPoints(
                List.of(
                        new MeasuredPoints.MeasuredPoint("toe", "Total toe"),
                        new MeasuredPoints.MeasuredPoint("camberLeft", "Camber left"),
                        new MeasuredPoints.MeasuredPoint("camberRight", "Camber right"),
                        new MeasuredPoints.MeasuredPoint("casterLeft", "Caster left"),
                        new MeasuredPoints.MeasuredPoint("casterRight", "Caster right"),
                        new MeasuredPoints.MeasuredPoint("thrust", "Thrust angle")),
                StepInput.InputField.Type.ANGLE,
                "Enter the total toe at least.");

        @Override
        public List<StepInput.InputField> fields() {
            return WHERE.fields();
        }

        @Override
        public StepInput.InputResult read(Map<String, String> typed, Units units) {
            StepInput.InputReader inputReader = new StepInput.InputReader(typed);
            Message says = MeasuredPoints.statement(WHERE.read(inputReader, typed, VisitInputs::degrees));
            return inputReader.outcome(says, Optional.empty());
        }
    }

    /** Play found at one joint against the vehicle maker's limit. */
    record JointPlayInput() implements StepInput.VisitInput {
        @Override
        public List<StepInput.InputField> fields() {
            return List.of(
                    new StepInput.InputField("joint", "Which joint", StepInput.InputField.Type.TEXT),
                    new StepInput.InputField("play", "Play found", StepInput.InputField.Type.LENGTH),
                    new StepInput.InputField("limit", "Manufacturer’s limit", StepInput.InputField.Type.LENGTH));
        }

        @Override
        public StepInput.InputResult read(Map<String, String> typed, Units units) {
            StepInput.InputReader inputReader = new StepInput.InputReader(typed);
            String joint = inputReader.text("joint", "Say which joint and side.");
            Optional<String> play = inputReader.read("play", text -> length(text, units));
            Optional<String> limit = inputReader.read("limit", text -> length(text, units));
            play.ifPresent(text -> inputReader.keep("play", text));
            limit.ifPresent(text -> inputReader.keep("limit", text));
            if (play.isEmpty() || limit.isEmpty()) {
                return inputReader.outcome(Message.of(""), Optional.empty());
            }
            boolean over = Length.parse(play.get(), units).mm()
                    > Length.parse(limit.get(), units).mm() + 1e-9;
            return inputReader.outcome(
                    Message.of("{}: play {}, limit {}", joint, play.get(), limit.get()),
                    over
                            ? Optional.of(
                                    Message.of(
                                            "Over the manufacturer’s limit. A steering or suspension joint that is worn out doesn’t go back on the road."))
                            : Optional.empty());
        }
    }

    /**
     * How often each corner swings on after it is pushed down and let go. More than two swings speaks for a worn shock, which is a
     * safety part. Source: workshop practice for light vehicles; on heavy ones a look for oil and a hand for warmth after a drive
     * say more, and the maker's test decides.
     */
    record ShockTestInput() implements StepInput.VisitInput {

        private static final int MOST_SWINGS = 2;

        private static final MeasuredPoints WHERE = new MeasuredPoints(
                MeasuredPoints.corners(), StepInput.InputField.Type.COUNT, "Count the swings at one corner at least.");

        @Override
        public List<StepInput.InputField> fields() {
            return WHERE.fields();
        }

        @Override
        public StepInput.InputResult read(Map<String, String> typed, Units units) {
            StepInput.InputReader inputReader = new StepInput.InputReader(typed);
            Map<MeasuredPoints.MeasuredPoint, String> read = WHERE.read(inputReader, typed, text -> {
                if (!text.strip().matches("[0-9]")) {
                    throw new InvalidInputException("Count the swings until it is still, 0 to 9.");
                }
                return text.strip();
            });
            List<String> worn = read.entrySet().stream()
                    .filter(one -> Integer.parseInt(one.getValue()) > MOST_SWINGS)
                    .map(one -> one.getKey().label().toLowerCase(Locale.ROOT))
                    .toList();
            return inputReader.outcome(
                    Message.of("swings: {}", MeasuredPoints.statement(read)),
                    worn.isEmpty()
                            ? Optional.empty()
                            : Optional.of(Message.of(
                                    "Swings on {}: the shock there is worn. It is a safety part; replace it at once.",
                                    String.join(", ", worn))));
        }
    }

    /** What another shop was asked for and what came of it. */
    record OutsideShopInput() implements StepInput.VisitInput {
        @Override
        public List<StepInput.InputField> fields() {
            return List.of(
                    new StepInput.InputField("vendor", "Shop", StepInput.InputField.Type.TEXT),
                    new StepInput.InputField("invoice", "Invoice number", StepInput.InputField.Type.TEXT),
                    new StepInput.InputField("promised", "What was promised", StepInput.InputField.Type.TEXT),
                    new StepInput.InputField("got", "Delivered", StepInput.InputField.Type.TEXT));
        }

        @Override
        public StepInput.InputResult read(Map<String, String> typed, Units units) {
            StepInput.InputReader inputReader = new StepInput.InputReader(typed);
            String vendor = inputReader.text("vendor", "Say which shop did it.");
            String invoice = inputReader.text("invoice", null);
            String promised = inputReader.text("promised", "Say what was promised.");
            String got = inputReader.text("got", "Say what came.");
            return inputReader.outcome(
                    Message.of(
                            "{}, {}; promised: {}; got: {}",
                            vendor,
                            invoice.isEmpty() ? "no invoice yet" : "invoice " + invoice,
                            promised,
                            got),
                    Optional.empty());
        }
    }

    /** Figures measured twice, side by side; a place measured only once is left out. */
    static List<VisitEntryType.BeforeAfter> changes(
            StepInput stepInput, Map<String, String> before, Map<String, String> after) {
        List<VisitEntryType.BeforeAfter> beforeAfters = new ArrayList<>();
        for (StepInput.InputField inputField : stepInput.fields()) {
            String first = before.getOrDefault(inputField.name(), "");
            String last = after.getOrDefault(inputField.name(), "");
            if (!first.isEmpty() && !last.isEmpty()) {
                beforeAfters.add(new VisitEntryType.BeforeAfter(
                        inputField.label(), first, last, difference(inputField.type(), first, last)));
            }
        }
        return beforeAfters;
    }

    private static String difference(StepInput.InputField.Type type, String before, String after) {
        if (type == StepInput.InputField.Type.ANGLE) {
            return signed(angle(after).subtract(angle(before))) + "°";
        }
        boolean metric = after.endsWith("mm");
        double mm = Length.parse(after, Units.US).mm()
                - Length.parse(before, Units.US).mm();
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

    private static String length(String text, Units units) {
        Length.parse(text, units);
        String typed = text.strip();
        return typed.matches("[0-9.,]+") ? typed + (units == Units.US ? " in" : " mm") : typed;
    }

    private static final BigDecimal MOST_DEGREES = BigDecimal.valueOf(20);

    private static String degrees(String text) {
        if (angle(text).abs().compareTo(MOST_DEGREES) > 0) {
            throw new InvalidInputException("Wheels aren’t set at more than 20°. Enter degrees, such as 0.15 or −0.5.");
        }
        return angle(text).toPlainString() + "°";
    }

    private static BigDecimal angle(String text) {
        String figure =
                text.strip().replace("°", "").replace('−', '-').replace("+", "").strip();
        if (!figure.matches("-?[0-9]{1,3}([.][0-9]{1,3})?")) {
            throw new InvalidInputException("Enter degrees, such as 0.15 or −0.5.");
        }
        return new BigDecimal(figure);
    }
}
