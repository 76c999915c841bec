package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.jobsheet.StepInput.FindingInput;
import rotagens.core.jobsheet.StepInput.InputField;
import rotagens.core.jobsheet.StepInput.InputReader;
import rotagens.core.jobsheet.StepInput.InputResult;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.PilotType;

/** What hand and eye can find at a step, as choices each of which has its consequence. */
public final class FindingInputs {

    private FindingInputs() {}

    private static String choice(InputReader reader, String field, String missing, List<InputField.Option> options) {
        return reader.read(field, code -> {
                    if (options.stream().noneMatch(option -> option.code().equals(code.strip()))) {
                        throw new InvalidInputException(missing);
                    }
                    return code.strip();
                })
                .map(code -> {
                    reader.keep(field, code);
                    return code;
                })
                .orElse("");
    }

    private static String label(List<InputField.Option> options, String code) {
        return options.stream()
                .filter(option -> option.code().equals(code))
                .map(InputField.Option::label)
                .findFirst()
                .orElse("");
    }

    /**
     * The wheel the tire goes onto. A wheel that isn't sound is out of service: nothing goes on before another one is there, and of
     * that one it has to be said how it is piloted. Source: wheel makers' service instructions; out-of-service criteria for wheels.
     */
    public record WheelInput() implements FindingInput {

        static final String FIELD = "wheel";
        private static final String ANOTHER = "ANOTHER";
        private static final List<InputField.Option> FOUND = List.of(
                new InputField.Option("SOUND", "sound"),
                new InputField.Option("CRACKED", "cracked"),
                new InputField.Option("BENT", "bent"),
                new InputField.Option("RUSTED", WORDS.say("heavyRust")),
                new InputField.Option("STUD_HOLE", WORDS.say("studHoleWornOval")),
                new InputField.Option(ANOTHER, WORDS.say("anotherWheelSound")));
        private static final List<InputField.Option> PILOTS = List.of(
                new InputField.Option("HUB", PilotType.HUB.label()),
                new InputField.Option("STUD", PilotType.STUD.label()));

        @Override
        public List<InputField> fields() {
            return List.of(
                    new InputField(FIELD, WORDS.say("wheel"), InputField.Type.CHOICE, FOUND),
                    new InputField("pilot", WORDS.say("anotherWheelHow"), InputField.Type.CHOICE, PILOTS));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            String found = choice(reader, FIELD, WORDS.say("sayWhatWasFound"), FOUND);
            if (found.equals(ANOTHER)) {
                choice(reader, "pilot", WORDS.say("lookAtTheWheel"), PILOTS);
            }
            boolean goesOn = found.equals("SOUND") || found.equals(ANOTHER);
            return reader.outcome(
                    Message.of(found.equals("SOUND") ? WORDS.say("wheelSound") : label(FOUND, found)),
                    goesOn
                            ? Optional.empty()
                            : Optional.of(WORDS.message("wheelIsOutOfService", "found", label(FOUND, found))));
        }
    }

    /**
     * The beads of a tire, looked at when it is off and when it goes on. A torn bead is scrap: the tire doesn't go back, and a new
     * one that tore isn't seated.
     *
     * @param isOwn whether it is the wheel's own tire that is to go back
     * @param isAtMounting whether it is looked at while it goes on
     */
    public record BeadInput(boolean isOwn, boolean isAtMounting) implements FindingInput {

        static final String FIELD = "bead";
        static final String TORN = "TORN";
        /** The bead of a tire that goes anyway is a reason for scrapping, and holds nothing up. */
        private static final String OLD = "oldBead";

        private static final List<InputField.Option> FOUND =
                List.of(new InputField.Option("SOUND", "sound"), new InputField.Option(TORN, "torn"));

        private String field() {
            return isOwn || isAtMounting ? FIELD : OLD;
        }

        @Override
        public List<InputField> fields() {
            return List.of(new InputField(
                    field(),
                    isOwn || isAtMounting ? WORDS.say("bothBeads") : WORDS.say("bothBeadsOfTheOld"),
                    InputField.Type.CHOICE,
                    FOUND));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            String found = choice(reader, field(), WORDS.say("sayWhetherTheBeads"), FOUND);
            boolean isTorn = found.equals(TORN);
            return reader.outcome(
                    (isTorn ? WORDS.message("beadTornScrap") : WORDS.message("beadsSound")),
                    isTorn && !isOwn && isAtMounting
                            ? Optional.of(WORDS.message("beadIsTornThisTire"))
                            : Optional.empty());
        }
    }

    /**
     * Where the tire goes that came off.
     *
     * @param mayGo where its age, tread and casing let it go
     */
    public record OldTireInput(List<RemovedTire.Destination> mayGo) implements FindingInput {

        /** The fields of the answer. */
        public static final String TO = "oldTireTo";

        /** The field with the reason why a tire is scrapped. */
        public static final String REASON = "scrapReason";

        private static final List<InputField.Option> REASONS = List.of(
                new InputField.Option("tread", "tread"),
                new InputField.Option("age", "age"),
                new InputField.Option("damage", "damage"),
                new InputField.Option("bead", WORDS.say("beadTorn")),
                new InputField.Option(WORDS.say("ranLow"), WORDS.say("ranLow")));

        @Override
        public List<InputField> fields() {
            return List.of(
                    new InputField(
                            TO,
                            WORDS.say("oldTireGoes"),
                            InputField.Type.CHOICE,
                            mayGo.stream()
                                    .map(one -> new InputField.Option(one.name(), one.label()))
                                    .toList()),
                    new InputField(REASON, WORDS.say("scrapWhy"), InputField.Type.CHOICE, REASONS));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            List<InputField.Option> allowed = fields().get(0).options();
            String to = choice(
                    reader,
                    TO,
                    WORDS.say(
                            "chooseWhereTheOldTire",
                            "allowed",
                            allowed.stream()
                                    .map(InputField.Option::label)
                                    .collect(Collectors.joining(WORDS.say("or")))),
                    allowed);
            boolean isScrap = to.equals(RemovedTire.Destination.SCRAP.name());
            String reason = isScrap ? choice(reader, REASON, WORDS.say("chooseWhyItIsScrapped"), REASONS) : "";
            return reader.outcome(
                    WORDS.message("oldTireOther", "allowed", label(allowed, to), "reason", reason, "isScrap", isScrap),
                    Optional.empty());
        }
    }

    /**
     * How something was done that can be done in several ways, kept for the record; nothing is held up where nobody says.
     *
     * @param field its entry
     * @param label what is asked
     */
    private record HowInput(String field, String label, List<InputField.Option> ways) implements FindingInput {

        @Override
        public List<InputField> fields() {
            return List.of(new InputField(field, label + " (optional)", InputField.Type.CHOICE, ways));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            String way = typed.getOrDefault(field, "").isBlank()
                    ? ""
                    : choice(reader, field, WORDS.say("chooseOneOfThem"), ways);
            return reader.outcome(Message.of(FindingInputs.label(ways, way)), Optional.empty());
        }
    }

    /** How the wheel was clamped on a machine with jaws. */
    static StepInput clamped() {
        return new HowInput(
                "clamped",
                WORDS.say("clamped"),
                List.of(
                        new InputField.Option("OUTSIDE", WORDS.say("fromOutsideCovers")),
                        new InputField.Option("INSIDE", WORDS.say("fromInsideJawsSound"))));
    }

    /** Where the tire's mark came to stand. */
    static StepInput indexed() {
        return new HowInput(
                "indexed",
                WORDS.say("markOnTheTire"),
                List.of(
                        new InputField.Option("AT_VALVE", WORDS.say("atTheValve")),
                        new InputField.Option("MANUFACTURER", WORDS.say("asItsManufacturerSays")),
                        new InputField.Option("TURNED", WORDS.say("turned180ToCureBalance")),
                        new InputField.Option("NO_MARK", WORDS.say("noMark"))));
    }

    /** Soap at valve and beads after filling: a tire that bubbles isn't done. */
    public record LeakInput() implements FindingInput {

        private static final String FIELD = "leak";
        private static final List<InputField.Option> FOUND = List.of(
                new InputField.Option("NONE", WORDS.say("noBubbles")), new InputField.Option("BUBBLES", "bubbles"));

        @Override
        public List<InputField> fields() {
            return List.of(new InputField(FIELD, WORDS.say("soapAtValveAndBoth"), InputField.Type.CHOICE, FOUND));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            String found = choice(reader, FIELD, WORDS.say("sayWhetherItBubbles"), FOUND);
            return reader.outcome(
                    Message.of(label(FOUND, found)),
                    found.equals("BUBBLES") ? Optional.of(WORDS.message("itBubblesFindTheLeak")) : Optional.empty());
        }
    }

    /** Whether a new sensor goes in while the tire is off, and which. */
    public record SensorWithTireInput() implements FindingInput {

        static final String FIELD = "withTire";
        static final String NEW = "NEW";
        /** The field its ID is in. */
        public static final String SENSOR = "sensor";

        private static final List<InputField.Option> CHOICES = List.of(
                new InputField.Option(NEW, WORDS.say("newSensorGoes")),
                new InputField.Option("KEPT", WORDS.say("oldOneStays")));

        @Override
        public List<InputField> fields() {
            return List.of(
                    new InputField(FIELD, WORDS.say("sensorLabel"), InputField.Type.CHOICE, CHOICES),
                    new InputField(SENSOR, WORDS.say("idOfTheNewSensor"), InputField.Type.CODE));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            String chosen = choice(reader, FIELD, WORDS.say("sayWhetherANewSensor"), CHOICES);
            if (!chosen.equals(NEW)) {
                return reader.outcome(Message.of(label(CHOICES, chosen)), Optional.empty());
            }
            Optional<String> code = reader.read(SENSOR, rotagens.core.vehicle.Sensor::readCode);
            code.ifPresent(id -> reader.keep(SENSOR, id));
            return reader.outcome(WORDS.message("newSensor", "code", code.orElse("")), Optional.empty());
        }
    }

    /**
     * What the wrench found on nuts that had been tight before. A loose nut, or one that turned too far, is no matter
     * of tightening: the wheel comes off and is looked at. Source: wheel makers' re-torque instructions; our rule for all.
     *
     * @param mostDegrees so far a nut may turn, by the fleet's policy
     */
    public record NutsInput(StepInput.TorqueInput torque, double mostDegrees) implements FindingInput {

        static final String TURNED = "turned";
        static final Set<String> WHEEL_OFF = Set.of("FAR", "LOOSE");
        private static final String WHICH = "whichNuts";

        private static final double QUARTER = 90;

        private List<InputField.Option> found() {
            String most = mostDegrees == QUARTER ? WORDS.say("quarterTurn") : Math.round(mostDegrees) + "°";
            return List.of(
                    new InputField.Option("NONE", WORDS.say("noneTurned")),
                    new InputField.Option("LITTLE", WORDS.say("upTo", "most", most)),
                    new InputField.Option("FAR", WORDS.say("moreThan", "most", most)),
                    new InputField.Option("LOOSE", WORDS.say("oneWasLoose")));
        }

        @Override
        public List<InputField> fields() {
            List<InputField> fields = new java.util.ArrayList<>(torque.fields());
            fields.add(new InputField(TURNED, WORDS.say("nutThatTurnedFarthest"), InputField.Type.CHOICE, found()));
            fields.add(new InputField(WHICH, WORDS.say("whichNutsTurned"), InputField.Type.TEXT));
            return List.copyOf(fields);
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputResult tight = torque.read(typed, units);
            InputReader reader = new InputReader(typed);
            tight.recordedValues().forEach(reader::keep);
            tight.errors().forEach(reader::fault);
            String turned = choice(reader, TURNED, WORDS.say("sayHowFarTheNuts"), found());
            boolean some = !turned.isEmpty() && !turned.equals("NONE");
            String which = reader.text(WHICH, some ? WORDS.say("sayWhichNutsTurnedCounted") : null);
            Optional<Message> off = WHEEL_OFF.contains(turned)
                    ? Optional.of(
                            WORDS.message("dontTightenOverItWheel", "which", which, "found", label(found(), turned)))
                    : Optional.empty();
            return reader.outcome(
                    Message.of(
                            "{}, {}{}", tight.statement(), label(found(), turned), which.isEmpty() ? "" : ": " + which),
                    off.or(tight::outside));
        }
    }

    /**
     * The second person of a step that one can't do alone.
     *
     * @param people who works here
     */
    public record SecondPersonInput(List<String> people) implements FindingInput {

        /** The field the name is in. */
        public static final String FIELD = "second";

        @Override
        public List<InputField> fields() {
            return List.of(
                    people.isEmpty()
                            ? new InputField(FIELD, WORDS.say("secondPerson"), InputField.Type.TEXT)
                            : new InputField(
                                    FIELD,
                                    WORDS.say("secondPerson"),
                                    InputField.Type.CHOICE,
                                    people.stream()
                                            .map(name -> new InputField.Option(name, name))
                                            .toList()));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader reader = new InputReader(typed);
            String name = reader.text(FIELD, WORDS.say("nameTheSecondPersonOne"));
            if (!name.isEmpty() && !people.isEmpty() && !people.contains(name)) {
                reader.fault(FIELD, WORDS.say("nobodyOfThisNameWorks"));
            }
            return reader.outcome(WORDS.message("with", "name", name), Optional.empty());
        }
    }
}
