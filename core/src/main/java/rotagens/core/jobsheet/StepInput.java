package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import rotagens.core.fact.Repair;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.inspection.TreadInput;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;

/** What a step of a job sheet wants on record before it counts as done, and within which limits. */
public sealed interface StepInput {

    /**
     * The entries a person types, in order.
     *
     * @return none where a tick is enough
     */
    List<InputField> fields();

    /**
     * Reads what was typed; a bare figure is in the reader's units.
     *
     * @param typed by field, as typed
     * @param units the reader’s
     * @return the figures with units, what is wrong with an entry, and what is outside its limits
     */
    InputResult read(Map<String, String> typed, Units units);

    /**
     * One entry.
     *
     * @param options what a choice is made from; none for what is typed
     */
    record InputField(String name, String label, Type type, List<Option> options) {

        /**
         * An entry with its bounds.
         *
         * @param name by which it is kept
         * @param label what is asked for
         * @param type what is typed
         * @param options what a choice is made from; none for what is typed
         */
        public InputField {
            options = List.copyOf(options);
        }

        InputField(String name, String label, Type type) {
            this(name, label, type, List.of());
        }

        static InputField choice(String name, String label, Option... options) {
            return new InputField(name, label, Type.CHOICE, List.of(options));
        }

        /** One of the things that may be chosen. */
        public record Option(String code, String label) {}

        /** What is typed there. */
        public enum Type {
            /** In psi, kPa or bar. */
            PRESSURE,
            /** In 32nds or mm. */
            DEPTH,
            /** In ft·lb or N·m. */
            TORQUE,
            /** A whole number. */
            COUNT,
            /** A share of a hundred. */
            PERCENT,
            /** Letters and figures off a sidewall, a sensor or a machine. */
            CODE,
            /** Words. */
            TEXT,
            /** One of several. */
            CHOICE,
            /** In inches or mm. */
            LENGTH,
            /** In degrees. */
            ANGLE,
            /** Driven, or on the odometer. */
            DISTANCE,
            /** In oz or g. */
            BALANCE_WEIGHT
        }
    }

    /**
     * The input of a kind that this is, or has as a part.
     *
     * @param kind the class of the input
     * @param <T> the class of the input
     * @return empty where it is another and has no such part
     */
    default <T extends StepInput> Optional<T> part(Class<T> kind) {
        return kind.isInstance(this) ? Optional.of(kind.cast(this)) : Optional.empty();
    }

    /**
     * Two things on record at one step, which is done when both are.
     *
     * @param first typed first
     */
    record Both(StepInput first, StepInput second) implements StepInput {

        @Override
        public List<InputField> fields() {
            List<InputField> fields = new ArrayList<>(first.fields());
            fields.addAll(second.fields());
            return List.copyOf(fields);
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputResult one = first.read(typed, units);
            InputResult other = second.read(typed, units);
            Map<String, String> recordedValues = new LinkedHashMap<>(one.recordedValues());
            recordedValues.putAll(other.recordedValues());
            Map<String, String> errors = new LinkedHashMap<>(one.errors());
            errors.putAll(other.errors());
            return new InputResult(
                    Map.copyOf(recordedValues),
                    other.statement().in(units).isEmpty()
                            ? one.statement()
                            : Message.of("{}, {}", one.statement(), other.statement()),
                    Map.copyOf(errors),
                    errors.isEmpty() ? one.outside().or(other::outside) : Optional.empty());
        }

        @Override
        public <T extends StepInput> Optional<T> part(Class<T> kind) {
            return first.part(kind).or(() -> second.part(kind));
        }
    }

    /** Figures that belong to a shop visit, not to one wheel. */
    non-sealed interface VisitInput extends StepInput {
        /**
         * What its figures say of steering and suspension; none where there is nothing to hold them against.
         *
         * @param recordedValues as they were kept, each with its unit
         * @param on the day they were read
         * @param by who read them
         * @return what is over its limit, and what is within
         */
        default List<SuspensionFact> facts(Map<String, String> recordedValues, LocalDate on, String by) {
            return List.of();
        }
    }

    /** What hand and eye find at a step. */
    non-sealed interface FindingInput extends StepInput {}

    /** Reads one figure and gives it back as entered, with its unit. */
    interface NumericValue {
        /**
         * One entry as it is kept.
         *
         * @param text as typed or kept
         * @return the figure with its unit
         */
        String asEntered(String text);
    }

    /**
     * What came of reading it.
     *
     * @param recordedValues as entered, each with its unit
     * @param statement in a few words, for the record
     * @param errors entries that can't be read, by field: nothing is recorded
     * @param outside why readable figures aren't within limits: recorded as tried, the step isn't done
     */
    record InputResult(
            Map<String, String> recordedValues,
            Message statement,
            Map<String, String> errors,
            Optional<Message> outside) {

        /**
         * Everything read, and within limits.
         *
         * @return false where something is missing or outside its limits
         */
        public boolean passes() {
            return errors.isEmpty() && outside.isEmpty();
        }
    }

    /** Nothing but a named person's tick. */
    record Confirmation() implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of();
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            return new InputResult(Map.of(), WORDS.message("done"), Map.of(), Optional.empty());
        }
    }

    /** Words, for example what was done. */
    record TextInput(String name, String label, boolean needed) implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of(new InputField(name, label, InputField.Type.TEXT));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            String text = inputReader.text(name, needed ? WORDS.say("sayItInAFew") : null);
            return inputReader.outcome(Message.of(text.isEmpty() ? WORDS.say("done") : text), Optional.empty());
        }
    }

    /** How the wheel that goes on is piloted. */
    record PilotTypeInput() implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of(InputField.choice(
                    "pilot",
                    WORDS.say("installedWheelPilotType"),
                    new InputField.Option("HUB", "hub-piloted"),
                    new InputField.Option("STUD", "stud-piloted")));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            String pilot = inputReader.choice(
                    "pilot", WORDS.say("chooseThePilotType"), WORDS.say("hubOrStudPiloted"), "HUB", "STUD");
            return inputReader.outcome(
                    Message.of("{}", pilot.equals("HUB") ? WORDS.say("hubPiloted") : WORDS.say("studPiloted")),
                    Optional.empty());
        }
    }

    /** A verdict of a qualified person and that person's name. */
    record ProfessionalVerdictInput() implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of(
                    InputField.choice(
                            "verdict",
                            WORDS.say("tireProfessionalsVerdict"),
                            new InputField.Option("SERVICEABLE", "sound"),
                            new InputField.Option("CONDEMNED", "condemned")),
                    new InputField("professional", WORDS.say("nameOfTheProfessional"), InputField.Type.TEXT));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            String verdict = inputReader.choice(
                    "verdict",
                    WORDS.say("chooseWhatTheTireProfessional"),
                    WORDS.say("soundOrCondemned"),
                    "SERVICEABLE",
                    "CONDEMNED");
            String name = inputReader.text("professional", WORDS.say("nameTheTireProfessionalWho"));
            return inputReader.outcome(
                    Message.of(
                            "{}, {}",
                            verdict.equals("SERVICEABLE") ? WORDS.say("sound") : WORDS.say("condemned"),
                            name),
                    Optional.empty());
        }
    }

    /**
     * The cold pressure after filling: what the gauge shows lies within 3 psi of the target and under every maximum.
     *
     * @param target empty where it isn't known: then the reading is only recorded
     */
    record ColdPressureInput(Optional<Pressure> target, Optional<Pressure> maximum) implements StepInput {

        /** So far from its target a filled tire may be. */
        public static final double WITHIN_PSI = 3;

        @Override
        public List<InputField> fields() {
            return List.of(new InputField("pressure", WORDS.say("coldPressure"), InputField.Type.PRESSURE));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            Optional<Pressure> read = inputReader.read("pressure", text -> Pressure.parse(text, units));
            read.ifPresent(pressure -> inputReader.keep("pressure", pressure.asEntered()));
            Message says = read.map(pressure -> WORDS.message("cold", "pressure", pressure))
                    .orElse(Message.of(""));
            Optional<Message> outside = read.flatMap(pressure -> {
                if (maximum.filter(most -> pressure.psi() > most.psi() + 1e-9).isPresent()) {
                    return Optional.of(
                            WORDS.message("isOverTheMaximum", "pressure", pressure, "maximum", maximum.get()));
                }
                return target.filter(goal -> Math.abs(pressure.psi() - goal.psi()) > WITHIN_PSI + 1e-9)
                        .map(goal -> WORDS.message(
                                "targetWithin",
                                "pressure",
                                pressure,
                                "goal",
                                goal,
                                "withinPsi",
                                Pressure.psi(WITHIN_PSI)));
            });
            return inputReader.outcome(says, outside);
        }
    }

    /**
     * The pressure at which both beads seated: never over 40 psi outside a cage. Source: 29 CFR 1910.177 for large vehicles; our
     * rule for all.
     */
    record BeadSeatingInput() implements StepInput {

        static final double OPEN_MOST_PSI = 40;

        @Override
        public List<InputField> fields() {
            return List.of(
                    new InputField("seating", WORDS.say("beadsSeated"), InputField.Type.PRESSURE),
                    InputField.choice(
                            "where",
                            WORDS.say("where"),
                            new InputField.Option("OPEN", WORDS.say("inTheOpen")),
                            new InputField.Option("CAGE", WORDS.say("inACage"))));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            Optional<Pressure> read = inputReader.read("seating", text -> Pressure.parse(text, units));
            read.ifPresent(pressure -> inputReader.keep("seating", pressure.asEntered()));
            String where = inputReader.choice(
                    "where", WORDS.say("sayWhereItWasSeated"), WORDS.say("inTheOpen2"), "OPEN", "CAGE");
            boolean caged = where.equals("CAGE");
            Optional<Message> outside = read.filter(pressure -> !caged && pressure.psi() > OPEN_MOST_PSI + 1e-9)
                    .map(pressure -> WORDS.message(
                            "inTheOpenOverOnly", "pressure", pressure, "openMostPsi", Pressure.psi(OPEN_MOST_PSI)));
            return inputReader.outcome(
                    WORDS.message(
                            "seatedAtInACage",
                            "read",
                            read.<Object>map(pressure -> pressure).orElse(""),
                            "caged",
                            caged),
                    outside);
        }
    }

    /**
     * Gap between flange and molded ring at four or more even places of both sides; on each the spread within 2/32 in, else break
     * down, lubricate and remount. A back that can't be reached is said to be, with its reason. Source: tire makers' mounting
     * instructions.
     */
    record BeadGapInput() implements StepInput {

        static final int FEWEST = 4;
        private static final int MOST = 8;
        private static final double SPREAD_32NDS = 2;
        private static final String FRONT = "gap";
        private static final String BACK = "back";
        private static final String UNREACHED = "backUnreached";

        @Override
        public List<InputField> fields() {
            List<InputField> inputFields = new ArrayList<>();
            for (String side : List.of(FRONT, BACK)) {
                for (int place = 1; place <= FEWEST; place++) {
                    inputFields.add(new InputField(
                            side + place,
                            WORDS.say("frontGapPlace", "isFront", side.equals(FRONT), "place", place),
                            InputField.Type.DEPTH));
                }
            }
            inputFields.add(new InputField(UNREACHED, WORDS.say("backCantBeReachedBecause"), InputField.Type.TEXT));
            return inputFields;
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            String unreached = inputReader.text(UNREACHED, null);
            Optional<double[]> front = side(FRONT, inputReader, typed, units);
            Optional<double[]> back = unreached.isEmpty() ? side(BACK, inputReader, typed, units) : Optional.empty();
            if (front.isEmpty() || unreached.isEmpty() && back.isEmpty()) {
                return inputReader.outcome(Message.of(""), Optional.empty());
            }
            return inputReader.outcome(
                    WORDS.message(
                            "front",
                            "front",
                            words(front.get()),
                            "back",
                            back.map(gaps -> WORDS.message("back", "gaps", words(gaps)))
                                    .orElse(WORDS.message("backNotReached", "unreached", unreached))),
                    tooFar(WORDS.say("frontLabel"), front).or(() -> tooFar(WORDS.say("backLabel"), back)));
        }

        /** Least and most gap of one side, in 32nds of an inch; empty where a place is missing or can't be read. */
        private static Optional<double[]> side(
                String side, InputReader inputReader, Map<String, String> typed, Units units) {
            TreadDepth.Unit bare = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
            List<TreadDepth> gaps = new ArrayList<>();
            boolean complete = true;
            for (int place = 1; place <= MOST; place++) {
                String field = side + place;
                if (place <= FEWEST || !typed.getOrDefault(field, "").isBlank()) {
                    Optional<TreadDepth> gap = inputReader.read(field, text -> TreadDepth.parse(text, bare));
                    gap.ifPresent(read -> {
                        gaps.add(read);
                        inputReader.keep(field, read.asEntered());
                    });
                    complete &= gap.isPresent();
                }
            }
            return complete
                    ? Optional.of(new double[] {
                        gaps.stream()
                                .mapToDouble(TreadDepth::thirtySeconds)
                                .min()
                                .orElseThrow(),
                        gaps.stream()
                                .mapToDouble(TreadDepth::thirtySeconds)
                                .max()
                                .orElseThrow()
                    })
                    : Optional.empty();
        }

        private static TreadDepth spread(double[] leastAndMost) {
            return TreadDepth.of32nds(Math.round((leastAndMost[1] - leastAndMost[0]) * 10) / 10.0);
        }

        private static Message words(double[] leastAndMost) {
            return WORDS.message(
                    "gapToSpread",
                    "least",
                    TreadDepth.of32nds(leastAndMost[0]),
                    "most",
                    TreadDepth.of32nds(leastAndMost[1]),
                    "spread",
                    spread(leastAndMost));
        }

        private static Optional<Message> tooFar(String side, Optional<double[]> leastAndMost) {
            return leastAndMost
                    .filter(gaps -> gaps[1] - gaps[0] > SPREAD_32NDS + 1e-9)
                    .map(gaps -> WORDS.message(
                            "spreadAtMostCoreOut",
                            "side",
                            side,
                            "spread",
                            spread(gaps),
                            "spread32nds",
                            TreadDepth.of32nds(SPREAD_32NDS)));
        }
    }

    /**
     * One stage of tightening, nut by nut in a star.
     *
     * @param full the wheel's torque; empty where nobody has read it: then it is asked for and not judged
     * @param nuts on the wheel; empty where not on file
     * @param wrenches the shop's, to say which was in hand; none on file: not asked
     */
    record TorqueInput(Optional<Torque> full, Optional<Integer> nuts, List<TorqueWrench> wrenches)
            implements StepInput {

        /**
         * A torque wrench by the name painted on it.
         *
         * @param doubt why its figures are less than certain today; empty while its calibration stands
         */
        public record TorqueWrench(String name, Optional<Message> doubt) {

            /** Its name, with what speaks against it. */
            String label() {
                return WORDS.say("calibrationOverdueTorque", "name", name, "hasDoubt", doubt.isPresent());
            }
        }

        private static final double WITHIN = 0.05;
        private static final double NM = 1.3558179483314004;
        private static final int FEWEST_NUTS = 3;
        private static final int MOST_NUTS = 12;

        @Override
        public List<InputField> fields() {
            List<InputField> inputFields = new ArrayList<>();
            inputFields.add(new InputField("torque", WORDS.say("torqueSet"), InputField.Type.TORQUE));
            inputFields.add(new InputField("nuts", WORDS.say("nutsTightened"), InputField.Type.COUNT));
            if (!wrenches.isEmpty()) {
                inputFields.add(new InputField(
                        "wrench",
                        WORDS.say("torqueWrenchInUse"),
                        InputField.Type.CHOICE,
                        wrenches.stream()
                                .map(torqueWrench -> new InputField.Option(torqueWrench.name(), torqueWrench.label()))
                                .toList()));
            }
            return inputFields;
        }

        /**
         * What the wrench is set to, in ft·lb.
         *
         * @return empty where the wheel’s torque is unknown
         */
        public Optional<Double> wantedFtLb() {
            return full.map(Torque::ftLb);
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            Torque.Unit bare = units == Units.US ? Torque.Unit.FT_LB : Torque.Unit.NM;
            Optional<Torque> set = inputReader.read("torque", text -> Torque.parse(text, bare));
            set.ifPresent(torque -> inputReader.keep("torque", torque.asEntered()));
            Optional<Integer> count = inputReader.read("nuts", text -> {
                if (!text.strip().matches("[0-9]{1,2}")
                        || Integer.parseInt(text.strip()) < FEWEST_NUTS
                        || Integer.parseInt(text.strip()) > MOST_NUTS) {
                    throw new InvalidInputException(WORDS.say("wheelHas3To12"));
                }
                return Integer.parseInt(text.strip());
            });
            count.ifPresent(number -> inputReader.keep("nuts", String.valueOf(number)));
            set.filter(torque -> off(torque.ftLb()))
                    .ifPresent(torque -> inputReader.fault("torque", otherUnit(torque)));
            Optional<TorqueWrench> inHand = wrench(inputReader);
            Optional<Message> outside = count.filter(
                            number -> nuts.filter(all -> !all.equals(number)).isPresent())
                    .map(number -> WORDS.message("ofNutsEveryNut", "number", number, "nuts", nuts.get()));
            return inputReader.outcome(
                    WORDS.message(
                            "nutsAt",
                            "count",
                            count.<Object>map(number -> number).orElse(""),
                            "set",
                            set.<Object>map(torque -> torque).orElse(""),
                            "inHand",
                            inHand.map(torqueWrench -> WORDS.message(
                                            "with2",
                                            "torqueWrench",
                                            torqueWrench.name(),
                                            "doubt",
                                            torqueWrench
                                                    .doubt()
                                                    .map(doubt -> Message.of(" ({})", doubt))
                                                    .orElse(Message.of(""))))
                                    .orElse(Message.of(""))),
                    outside);
        }

        private Optional<TorqueWrench> wrench(InputReader inputReader) {
            if (wrenches.isEmpty()) {
                return Optional.empty();
            }
            String name = inputReader.text("wrench", WORDS.say("chooseTheTorqueWrench"));
            Optional<TorqueWrench> known = wrenches.stream()
                    .filter(torqueWrench -> torqueWrench.name().equals(name))
                    .findFirst();
            if (!name.isEmpty() && known.isEmpty()) {
                inputReader.fault("wrench", WORDS.say("thereIsNoWrench"));
            }
            return known;
        }

        private boolean off(double ftLb) {
            return wantedFtLb()
                    .filter(wanted -> Math.abs(ftLb / wanted - 1) > WITHIN + 1e-9)
                    .isPresent();
        }

        /** A figure that would be right in the other unit is asked about by name. */
        private String otherUnit(Torque set) {
            double wanted = wantedFtLb().orElseThrow();
            String wants = WORDS.say(
                    "thisWheelAsksForFt", "ftLb", Math.round(wanted), "newtonMeters", Math.round(wanted * NM));
            if (set.unit() == Torque.Unit.FT_LB && !off(set.ftLb() / NM)) {
                return WORDS.say(
                        "wasNMMeantThen",
                        "wants",
                        wants,
                        "toPlainString",
                        set.value().toPlainString());
            }
            if (set.unit() == Torque.Unit.NM && !off(set.ftLb() * NM)) {
                return WORDS.say(
                        "wasFtLbMeantThen",
                        "wants",
                        wants,
                        "toPlainString",
                        set.value().toPlainString());
            }
            return WORDS.say("setTheWrenchAgain", "wants", wants);
        }
    }

    /** The DOT code of the tire that went here, and which way it faces. */
    record DotOfInstalledTireInput() implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of(
                    new InputField("dotCode", WORDS.say("dotCodeOfTheInstalled"), InputField.Type.CODE),
                    InputField.choice(
                            "facing",
                            WORDS.say("datedCodeFaces"),
                            new InputField.Option("OUTWARD", "outward"),
                            new InputField.Option("INWARD", "inward")));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            String code = inputReader.text("dotCode", WORDS.say("readTheDotCodeOff"));
            String facing = inputReader.choice(
                    "facing", WORDS.say("sayWhichWayTheDated"), WORDS.say("outwardOrInward"), "OUTWARD", "INWARD");
            return inputReader.outcome(
                    WORDS.message("dotFacing", "code", code, "facing", facing.toLowerCase(java.util.Locale.ROOT)),
                    Optional.empty());
        }
    }

    /**
     * Tread of the installed tire in three grooves, none deeper than its model has when new.
     *
     * @param whenNew the model's original depth; empty where it isn't on file
     */
    record TreadOfInstalledTireInput(Optional<TreadDepth> whenNew) implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of(
                    new InputField("outer", WORDS.say("treadOuter"), InputField.Type.DEPTH),
                    new InputField("center", WORDS.say("treadCenter"), InputField.Type.DEPTH),
                    new InputField("inner", WORDS.say("treadInner"), InputField.Type.DEPTH));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            TreadDepth.Unit bare = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
            List<Object> read = new ArrayList<>();
            for (InputField inputField : fields()) {
                inputReader
                        .read(
                                inputField.name(),
                                text -> TreadInput.plausible(TreadDepth.parse(text, bare), whenNew, units))
                        .ifPresent(depth -> {
                            read.add(depth);
                            inputReader.keep(inputField.name(), depth.asEntered());
                        });
            }
            return inputReader.outcome(
                    read.size() == 3
                            ? WORDS.message("tread", "outer", read.get(0), "center", read.get(1), "inner", read.get(2))
                            : Message.of(""),
                    Optional.empty());
        }
    }

    /** The analyser's figure after purging. */
    record NitrogenInput(double least) implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of(new InputField("nitrogen", WORDS.say("analyserShowsNitrogen"), InputField.Type.PERCENT));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            Optional<Double> read = inputReader.read("nitrogen", text -> {
                String figure = text.replace("%", "").replace(',', '.').strip();
                if (!figure.matches("[0-9]{1,3}(\\.[0-9]{1,2})?") || Double.parseDouble(figure) > 100) {
                    throw new InvalidInputException(WORDS.say("typeTheShareOfNitrogen"));
                }
                return Double.parseDouble(figure);
            });
            read.ifPresent(percent -> inputReader.keep("nitrogen", plain(percent) + "%"));
            return inputReader.outcome(
                    WORDS.message(
                            "nitrogen", "read", read.map(NitrogenInput::plain).orElse("")),
                    read.filter(percent -> percent < least - 1e-9)
                            .map(percent -> WORDS.message(
                                    "atLeastPurgeAgain", "percent", plain(percent), "least", plain(least))));
        }

        private static String plain(double figure) {
            return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
        }
    }

    /** What was done about a leak, by name: a leak is cleared by nothing else. */
    record LeakRepairInput() implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of(
                    new InputField(
                            "repair",
                            WORDS.say("leak"),
                            InputField.Type.CHOICE,
                            Arrays.stream(Repair.values())
                                    .map(repair -> new InputField.Option(repair.name(), repair.label()))
                                    .toList()),
                    new InputField("note", WORDS.say("whereItLeaked"), InputField.Type.TEXT));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            Optional<Repair> repair = inputReader.read(
                    "repair",
                    code -> Arrays.stream(Repair.values())
                            .filter(one -> one.name().equals(code.strip()))
                            .findFirst()
                            .orElseThrow(() -> new InvalidInputException(WORDS.say("chooseWhatWasDoneAbout"))));
            repair.ifPresent(one -> inputReader.keep("repair", one.name()));
            String note = inputReader.text("note", null);
            return inputReader.outcome(
                    Message.of("{}{}", repair.map(Repair::label).orElse(""), note.isEmpty() ? "" : ": " + note),
                    Optional.empty());
        }
    }

    /** The ID of the sensor fitted. */
    record SensorIdInput() implements StepInput {
        @Override
        public List<InputField> fields() {
            return List.of(new InputField("sensor", WORDS.say("idOfTheInstalledSensor"), InputField.Type.CODE));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            InputReader inputReader = new InputReader(typed);
            Optional<String> code = inputReader.read("sensor", rotagens.core.vehicle.Sensor::readCode);
            code.ifPresent(id -> inputReader.keep("sensor", id));
            return inputReader.outcome(WORDS.message("sensor", "code", code.orElse("")), Optional.empty());
        }
    }

    /** Gathers what was read and what wasn't. */
    final class InputReader {

        private static final int LONGEST = 300;

        private final Map<String, String> typed;
        private final Map<String, String> recordedValues = new LinkedHashMap<>();
        private final Map<String, String> errors = new LinkedHashMap<>();

        InputReader(Map<String, String> typed) {
            this.typed = typed;
        }

        <T> Optional<T> read(String field, Function<String, T> reader) {
            try {
                return Optional.of(reader.apply(typed.getOrDefault(field, "")));
            } catch (InvalidInputException wrong) {
                errors.put(field, wrong.getMessage());
                return Optional.empty();
            }
        }

        /** Words as typed; where they are needed and missing, that is a fault. */
        String text(String field, String missing) {
            String text = typed.getOrDefault(field, "").strip();
            if (text.length() > LONGEST) {
                errors.put(field, WORDS.say("atMostCharacters", "longest", LONGEST));
            } else if (text.isEmpty() && missing != null) {
                errors.put(field, missing);
            }
            recordedValues.put(field, text);
            return text;
        }

        /** One of two codes; anything else is a fault. */
        String choice(String field, String missing, String wrong, String one, String other) {
            String code = text(field, missing);
            if (!code.isEmpty() && !code.equals(one) && !code.equals(other)) {
                fault(field, wrong);
            }
            return code;
        }

        void keep(String field, String value) {
            recordedValues.put(field, value);
        }

        void fault(String field, String message) {
            errors.put(field, message);
        }

        InputResult outcome(Message says, Optional<Message> outside) {
            return new InputResult(
                    Map.copyOf(recordedValues),
                    says,
                    Map.copyOf(errors),
                    errors.isEmpty() ? outside : Optional.empty());
        }
    }
}
