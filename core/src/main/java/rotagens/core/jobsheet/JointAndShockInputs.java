package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.fact.Verdict;
import rotagens.core.jobsheet.StepInput.InputField;
import rotagens.core.jobsheet.StepInput.InputReader;
import rotagens.core.jobsheet.StepInput.InputResult;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/** The parts of steering and suspension that wear: play of joints, swings on shocks, each held against its limit. */
final class JointAndShockInputs {

    private JointAndShockInputs() {}

    /** Play found at one joint against the vehicle maker's limit. */
    record JointPlayInput() implements StepInput.VisitInput {

        private static final String JOINT = "joint";
        private static final String PLAY = "play";
        private static final String LIMIT = "limit";

        private static boolean isOver(String play, String limit) {
            return SuspensionInputs.mm(play) > SuspensionInputs.mm(limit) + 1e-9;
        }

        @Override
        public List<InputField> fields() {
            return List.of(
                    new InputField(JOINT, WORDS.say("whichJoint"), InputField.Type.TEXT),
                    new InputField(PLAY, WORDS.say("playFound"), InputField.Type.LENGTH),
                    new InputField(LIMIT, WORDS.say("manufacturersLimit"), InputField.Type.LENGTH));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            String joint = reader.text(JOINT, WORDS.say("sayWhichJointAndSide"));
            Optional<String> play = reader.read(PLAY, text -> SuspensionInputs.length(text, units));
            Optional<String> limit = reader.read(LIMIT, text -> SuspensionInputs.length(text, units));
            play.ifPresent(text -> reader.keep(PLAY, text));
            limit.ifPresent(text -> reader.keep(LIMIT, text));
            if (play.isEmpty() || limit.isEmpty()) {
                return reader.outcome(Message.of(""), Optional.empty());
            }
            return reader.outcome(
                    WORDS.message("playLimit", "joint", joint, "play", play.get(), "limit", limit.get()),
                    isOver(play.get(), limit.get())
                            ? Optional.of(WORDS.message("overTheManufacturersLimit"))
                            : Optional.empty());
        }

        @Override
        public List<SuspensionFact> facts(Map<String, String> recordedValues, LocalDate on, String by) {
            String play = recordedValues.get(PLAY);
            String limit = recordedValues.get(LIMIT);
            return List.of(new SuspensionFact(
                    on,
                    by,
                    SuspensionFact.Type.JOINT,
                    recordedValues.get(JOINT),
                    isOver(play, limit) ? Verdict.DO_NOT_OPERATE : Verdict.GOOD,
                    WORDS.message("play", "recordedValues", recordedValues.get(JOINT), "play", play),
                    Message.of(play),
                    Message.of(limit)));
        }
    }

    /**
     * How often each corner swings on after it is pushed down and let go. More swings than the maker allows, or than two where the
     * maker says nothing, speak for a worn shock, which is a safety part. Source: workshop practice for light vehicles; on heavy
     * ones a look for oil and a hand for warmth after a drive say more, and the maker's test decides.
     */
    record ShockTestInput() implements StepInput.VisitInput {

        private static final int MOST_SWINGS = 2;
        private static final String MOST = "swingsMost";

        @Override
        public List<InputField> fields() {
            return Stream.concat(
                            SuspensionInputs.HEIGHTS.stream()
                                    .map(point -> new InputField(point.name(), point.label(), InputField.Type.COUNT)),
                            Stream.of(new InputField(
                                    MOST,
                                    WORDS.say("manufacturersMostSwingsElse", "mostSwings", MOST_SWINGS),
                                    InputField.Type.COUNT)))
                    .toList();
        }

        private static List<SuspensionInputs.Point> measured(Map<String, String> values) {
            return SuspensionInputs.HEIGHTS.stream()
                    .filter(point -> !values.getOrDefault(point.name(), "").isBlank())
                    .toList();
        }

        private static int most(Map<String, String> kept) {
            return Optional.ofNullable(kept.get(MOST))
                    .filter(text -> !text.isEmpty())
                    .map(Integer::parseInt)
                    .orElse(MOST_SWINGS);
        }

        private static boolean isWorn(Map<String, String> kept, SuspensionInputs.Point point) {
            return Integer.parseInt(kept.get(point.name())) > most(kept);
        }

        private static String swings(String text) {
            if (!text.strip().matches("[0-9]")) {
                throw new InvalidInputException(WORDS.say("countTheSwingsUntil"));
            }
            return text.strip();
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            Map<String, String> kept = new LinkedHashMap<>();
            Stream.concat(measured(typed).stream().map(SuspensionInputs.Point::name), Stream.of(MOST))
                    .filter(field -> !typed.getOrDefault(field, "").isBlank())
                    .forEach(field -> reader.read(field, ShockTestInput::swings).ifPresent(text -> {
                        reader.keep(field, text);
                        kept.put(field, text);
                    }));
            if (measured(typed).isEmpty()) {
                reader.fault(SuspensionInputs.HEIGHTS.get(0).name(), WORDS.say("countTheSwingsAtOne"));
            }
            List<String> worn = measured(kept).stream()
                    .filter(point -> isWorn(kept, point))
                    .map(point -> point.label().toLowerCase(Locale.ROOT))
                    .toList();
            return reader.outcome(
                    WORDS.message(
                            "swings",
                            "measured",
                            measured(kept).stream()
                                    .map(point -> point.label().toLowerCase(Locale.ROOT) + " " + kept.get(point.name()))
                                    .collect(Collectors.joining(", "))),
                    worn.isEmpty()
                            ? Optional.empty()
                            : Optional.of(WORDS.message("swingsOnTheShockThere", "worn", String.join(", ", worn))));
        }

        @Override
        public List<SuspensionFact> facts(Map<String, String> recordedValues, LocalDate on, String by) {
            int most = most(recordedValues);
            return measured(recordedValues).stream()
                    .map(point -> {
                        int swings = Integer.parseInt(recordedValues.get(point.name()));
                        return new SuspensionFact(
                                on,
                                by,
                                SuspensionFact.Type.SHOCK,
                                point.label(),
                                isWorn(recordedValues, point) ? Verdict.SERVICE_DUE : Verdict.GOOD,
                                WORDS.message(
                                        "shockSwing",
                                        "point",
                                        point.label().toLowerCase(Locale.ROOT),
                                        "swings",
                                        swings),
                                Message.of("{}", swings),
                                Message.of("{}", most));
                    })
                    .toList();
        }
    }
}
