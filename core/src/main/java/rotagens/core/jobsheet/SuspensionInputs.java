package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.fact.Verdict;
import rotagens.core.jobsheet.StepInput.InputField;
import rotagens.core.jobsheet.StepInput.InputReader;
import rotagens.core.jobsheet.StepInput.InputResult;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/**
 * Ride height and alignment, each held against the vehicle maker's limit where one is typed. What lies outside is
 * kept as read and is a fact of the vehicle until a later figure of the same place is within.
 */
final class SuspensionInputs {

    private SuspensionInputs() {}

    /**
     * Something measured.
     *
     * @param name of the entry
     * @param limits the prefix of the entries with its least and most; what they share has one
     * @param magnitude whether only the size counts, whichever way it points
     */
    record Point(String name, String label, String limits, boolean magnitude) {

        Point(String name, String label, String limits) {
            this(name, label, limits, false);
        }
    }

    static final List<Point> HEIGHTS = List.of(
            new Point("frontLeft", WORDS.say("frontLeft"), "front"),
            new Point("frontRight", WORDS.say("frontRight"), "front"),
            new Point("rearLeft", WORDS.say("rearLeft"), "rear"),
            new Point("rearRight", WORDS.say("rearRight"), "rear"));

    private static final List<Point> ANGLES = List.of(
            new Point("toe", WORDS.say("totalToe"), "toe"),
            new Point("camberLeft", WORDS.say("camberLeft"), "camber"),
            new Point("camberRight", WORDS.say("camberRight"), "camber"),
            new Point("casterLeft", WORDS.say("casterLeft"), "caster"),
            new Point("casterRight", WORDS.say("casterRight"), "caster"),
            new Point("thrust", WORDS.say("thrustAngle"), "thrust", true));

    private static List<InputField> fields(List<Point> points, InputField.Type type) {
        List<InputField> fields = new ArrayList<>();
        points.forEach(point -> fields.add(new InputField(point.name(), point.label(), type)));
        points.stream().map(Point::limits).distinct().forEach(limits -> {
            String what = limits.substring(0, 1).toUpperCase(Locale.ROOT) + limits.substring(1);
            boolean magnitude = points.stream().anyMatch(point -> point.limits().equals(limits) && point.magnitude());
            if (!magnitude) {
                fields.add(new InputField(limits + "Least", WORDS.say("limitLeast", "point", what), type));
            }
            fields.add(new InputField(limits + "Most", WORDS.say("limitMost", "point", what), type));
        });
        return fields;
    }

    /** A figure and what it is held against; empty limits where none is typed. */
    private record Judged(Point point, String figure, Optional<String> least, Optional<String> most, boolean outside) {

        boolean isHeld() {
            return least.isPresent() || most.isPresent();
        }

        Message statement() {
            return Message.of(
                    "{} {}{}",
                    point.label().toLowerCase(Locale.ROOT),
                    figure,
                    isHeld() ? Message.of(" ({})", limit()) : Message.of(""));
        }

        Message limit() {
            return least.isPresent() && most.isPresent()
                    ? WORDS.message("to", "least", least.get(), "most", most.get())
                    : least.isPresent()
                            ? WORDS.message("atLeast", "least", least.get())
                            : WORDS.message("atMost", "most", most.get());
        }
    }

    private interface Figure {
        double of(String asKept);
    }

    private static List<Judged> judge(List<Point> points, Map<String, String> kept, Figure figure) {
        return points.stream()
                .filter(point -> !kept.getOrDefault(point.name(), "").isEmpty())
                .map(point -> {
                    Optional<String> least = limit(kept, point.limits() + "Least");
                    Optional<String> most = limit(kept, point.limits() + "Most");
                    double read = figure.of(kept.get(point.name()));
                    double held = point.magnitude() ? Math.abs(read) : read;
                    boolean outside =
                            least.filter(text -> held < figure.of(text) - 1e-9).isPresent()
                                    || most.filter(text -> held > figure.of(text) + 1e-9)
                                            .isPresent();
                    return new Judged(point, kept.get(point.name()), least, most, outside);
                })
                .toList();
    }

    private static Optional<String> limit(Map<String, String> kept, String field) {
        return Optional.ofNullable(kept.get(field)).filter(text -> !text.isEmpty());
    }

    private static Message statement(List<Judged> judged) {
        Message all = judged.get(0).statement();
        for (Judged next : judged.subList(1, judged.size())) {
            all = Message.of("{}, {}", all, next.statement());
        }
        return all;
    }

    private static Optional<Message> outside(List<Judged> judged, String consequence) {
        List<Judged> over = judged.stream().filter(Judged::outside).toList();
        return over.isEmpty() ? Optional.empty() : Optional.of(Message.of("{}: {}", statement(over), consequence));
    }

    /** Reads points and limits; what is blank was not measured, but one point at least is typed. */
    private static List<Judged> read(
            InputReader reader,
            Map<String, String> typed,
            List<Point> points,
            InputField.Type type,
            StepInput.NumericValue asEntered,
            Figure figure,
            String missing,
            boolean isAfter) {
        Map<String, String> kept = new LinkedHashMap<>();
        fields(points, type).stream()
                .map(InputField::name)
                .filter(field -> !typed.getOrDefault(field, "").isBlank())
                .forEach(field -> reader.read(field, asEntered::asEntered).ifPresent(text -> {
                    reader.keep(field, text);
                    kept.put(field, text);
                }));
        if (points.stream()
                .allMatch(point -> typed.getOrDefault(point.name(), "").isBlank())) {
            reader.fault(points.get(0).name(), missing);
            return List.of();
        }
        points.stream()
                .map(Point::limits)
                .distinct()
                .filter(limits -> kept.containsKey(limits + "Least")
                        && kept.containsKey(limits + "Most")
                        && figure.of(kept.get(limits + "Least")) > figure.of(kept.get(limits + "Most")))
                .forEach(limits -> reader.fault(limits + "Most", WORDS.say("mostIsLessThan")));
        List<Judged> judged = judge(points, kept, figure);
        if (isAfter && !judged.isEmpty() && judged.stream().noneMatch(Judged::isHeld)) {
            reader.fault(judged.get(0).point().limits() + "Most", WORDS.say("enterTheManufacturersLimitsToo"));
        }
        return judged;
    }

    /**
     * Ride height at the places the vehicle's maker names, measured the same way before and after.
     *
     * @param isAfter whether it is measured after the work: then against limits
     */
    record RideHeightInput(boolean isAfter) implements StepInput.VisitInput {

        @Override
        public List<InputField> fields() {
            return SuspensionInputs.fields(HEIGHTS, InputField.Type.LENGTH);
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            List<Judged> judged = SuspensionInputs.read(
                    reader,
                    typed,
                    HEIGHTS,
                    InputField.Type.LENGTH,
                    text -> length(text, units),
                    SuspensionInputs::mm,
                    WORDS.say("enterTheHeightAtOne"),
                    isAfter);
            return judged.isEmpty()
                    ? reader.outcome(Message.of(""), Optional.empty())
                    : reader.outcome(
                            statement(judged), outside(judged, WORDS.say("outsideTheManufacturersRangeCorrect")));
        }

        @Override
        public List<SuspensionFact> facts(Map<String, String> recordedValues, LocalDate on, String by) {
            return judge(HEIGHTS, recordedValues, SuspensionInputs::mm).stream()
                    .filter(Judged::isHeld)
                    .map(one -> new SuspensionFact(
                            on,
                            by,
                            SuspensionFact.Type.RIDE_HEIGHT,
                            one.point().label(),
                            one.outside() ? Verdict.SERVICE_DUE : Verdict.GOOD,
                            WORDS.message(
                                    "rideHeight",
                                    "point",
                                    one.point().label().toLowerCase(Locale.ROOT),
                                    "figure",
                                    one.figure()),
                            Message.of(one.figure()),
                            one.limit()))
                    .toList();
        }
    }

    /**
     * Wheel alignment of one axle in degrees; what is right stands in the vehicle maker's data.
     *
     * @param axles how many the vehicle has
     * @param isAfter whether it is measured after the work: then against limits
     */
    record AlignmentInput(int axles, boolean isAfter) implements StepInput.VisitInput {

        static final String AXLE = "axle";

        @Override
        public List<InputField> fields() {
            List<InputField> fields = new ArrayList<>();
            if (axles > 1) {
                fields.add(new InputField(
                        AXLE,
                        WORDS.say("axleLabel"),
                        InputField.Type.CHOICE,
                        Stream.iterate(1, axle -> axle + 1)
                                .limit(axles)
                                .map(axle ->
                                        new InputField.Option(String.valueOf(axle), WORDS.say("axle2", "axle", axle)))
                                .toList()));
            }
            fields.addAll(SuspensionInputs.fields(ANGLES, InputField.Type.ANGLE));
            return List.copyOf(fields);
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            String axle = axles > 1 ? axle(reader) : "1";
            reader.keep(AXLE, axle);
            List<Judged> judged = SuspensionInputs.read(
                    reader,
                    typed,
                    ANGLES,
                    InputField.Type.ANGLE,
                    SuspensionInputs::degrees,
                    text -> angle(text).doubleValue(),
                    WORDS.say("enterTheTotalToe"),
                    isAfter);
            return judged.isEmpty()
                    ? reader.outcome(Message.of(""), Optional.empty())
                    : reader.outcome(
                            WORDS.message("axle3", "axle", axle, "judged", statement(judged)),
                            outside(judged, WORDS.say("outsideTheManufacturersLimits")));
        }

        private String axle(InputReader reader) {
            return reader.read(AXLE, text -> {
                        if (fields().get(0).options().stream()
                                .noneMatch(option -> option.code().equals(text.strip()))) {
                            throw new InvalidInputException(WORDS.say("chooseWhichAxleWasMeasured"));
                        }
                        return text.strip();
                    })
                    .orElse("");
        }

        @Override
        public List<SuspensionFact> facts(Map<String, String> recordedValues, LocalDate on, String by) {
            String axle = WORDS.say("axle", "axle", recordedValues.getOrDefault(AXLE, "1"));
            return judge(ANGLES, recordedValues, text -> angle(text).doubleValue()).stream()
                    .filter(Judged::isHeld)
                    .map(one -> new SuspensionFact(
                            on,
                            by,
                            SuspensionFact.Type.ALIGNMENT,
                            // Each angle by itself: a toe within its limits says nothing of a camber outside.
                            axle + ", " + one.point().label(),
                            one.outside() ? Verdict.SERVICE_DUE : Verdict.GOOD,
                            WORDS.message(
                                    "alignmentOf",
                                    "axle",
                                    axle,
                                    "point",
                                    one.point().label().toLowerCase(Locale.ROOT),
                                    "figure",
                                    one.figure()),
                            Message.of(one.figure()),
                            one.limit()))
                    .toList();
        }
    }

    static String length(String text, Units units) {
        Length.parse(text, units);
        String typed = text.strip();
        return typed.matches("[0-9.,]+") ? typed + (units == Units.US ? " in" : " mm") : typed;
    }

    static double mm(String asKept) {
        return Length.parse(asKept, Units.US).mm();
    }

    private static final BigDecimal MOST_DEGREES = BigDecimal.valueOf(20);

    static String degrees(String text) {
        if (angle(text).abs().compareTo(MOST_DEGREES) > 0) {
            throw new InvalidInputException(WORDS.say("wheelsArentSetAtMore"));
        }
        return angle(text).toPlainString() + "°";
    }

    static BigDecimal angle(String text) {
        String figure =
                text.strip().replace("°", "").replace('−', '-').replace("+", "").strip();
        if (!figure.matches("-?[0-9]{1,3}([.][0-9]{1,3})?")) {
            throw new InvalidInputException(WORDS.say("enterDegreesSuchAs0"));
        }
        return new BigDecimal(figure);
    }
}
