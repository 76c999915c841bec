package rotagens.core.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import rotagens.core.fact.Repair;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;

/** What a step of a job sheet wants on record before it counts as done, and within which limits. */
public sealed interface Want {

    /** The entries a person types, in order. */
    List<Field> fields();

    /** Reads what was typed; a bare figure is in the reader's units. */
    Outcome read(Map<String, String> typed, Units units);

    /**
     * One entry.
     *
     * @param options what a choice is made from; none for what is typed
     */
    record Field(String name, String label, Kind kind, List<Option> options) {

        public Field {
            options = List.copyOf(options);
        }

        Field(String name, String label, Kind kind) {
            this(name, label, kind, List.of());
        }

        static Field choice(String name, String label, Option... options) {
            return new Field(name, label, Kind.CHOICE, List.of(options));
        }

        /** One of the things that may be chosen. */
        public record Option(String code, String words) {}

        /** What is typed there. */
        public enum Kind {
            PRESSURE,
            DEPTH,
            TORQUE,
            COUNT,
            PERCENT,
            CODE,
            TEXT,
            CHOICE,
            LENGTH,
            /** In degrees. */
            ANGLE
        }
    }

    /** Figures that belong to a shop visit, not to one wheel. */
    non-sealed interface OfVisit extends Want {}

    /** Reads one figure and gives it back as entered, with its unit. */
    interface Figure {
        String asEntered(String text);
    }

    /**
     * What came of reading it.
     *
     * @param kept as entered, each with its unit
     * @param says in a few words, for the record
     * @param faults entries that can't be read, by field: nothing is recorded
     * @param outside why readable figures aren't within limits: recorded as tried, the step isn't done
     */
    record Outcome(Map<String, String> kept, Phrase says, Map<String, String> faults, Optional<Phrase> outside) {

        /** Everything read, and within limits. */
        public boolean passes() {
            return faults.isEmpty() && outside.isEmpty();
        }
    }

    /** Nothing but a named person's tick. */
    record Tick() implements Want {
        @Override
        public List<Field> fields() {
            return List.of();
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            return new Outcome(Map.of(), Phrase.of("done"), Map.of(), Optional.empty());
        }
    }

    /** Words, for example which weights went where. */
    record Words(String name, String label, boolean needed) implements Want {
        @Override
        public List<Field> fields() {
            return List.of(new Field(name, label, Field.Kind.TEXT));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            String text = reader.text(name, needed ? "Say it in a few words." : null);
            return reader.outcome(Phrase.of(text.isEmpty() ? "done" : text), Optional.empty());
        }
    }

    /** How the wheel that goes on is piloted. */
    record Pilot() implements Want {
        @Override
        public List<Field> fields() {
            return List.of(Field.choice(
                    "pilot",
                    "Wheel fitted is",
                    new Field.Option("HUB", "hub-piloted"),
                    new Field.Option("STUD", "stud-piloted")));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            String pilot = reader.choice(
                    "pilot", "Choose how the wheel fitted is piloted.", "Hub- or stud-piloted.", "HUB", "STUD");
            return reader.outcome(
                    Phrase.of("{}", pilot.equals("HUB") ? "hub-piloted" : "stud-piloted"), Optional.empty());
        }
    }

    /** A verdict of a qualified person and that person's name. */
    record Professional() implements Want {
        @Override
        public List<Field> fields() {
            return List.of(
                    Field.choice(
                            "verdict",
                            "The tire professional found it",
                            new Field.Option("SOUND", "sound"),
                            new Field.Option("CONDEMNED", "condemned")),
                    new Field("professional", "Name of the professional", Field.Kind.TEXT));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            String verdict = reader.choice(
                    "verdict", "Choose what the tire professional found.", "Sound or condemned.", "SOUND", "CONDEMNED");
            String name = reader.text("professional", "Name the tire professional who looked at it.");
            return reader.outcome(
                    Phrase.of("{}, {}", verdict.equals("SOUND") ? "sound" : "condemned", name), Optional.empty());
        }
    }

    /**
     * The cold pressure after filling: what the gauge shows lies within 3 psi of the target and under every maximum.
     *
     * @param target empty where it isn't known: then the reading is only recorded
     */
    record ColdPressure(Optional<Pressure> target, Optional<Pressure> maximum) implements Want {

        private static final double WITHIN_PSI = 3;

        @Override
        public List<Field> fields() {
            return List.of(new Field("pressure", "Cold pressure", Field.Kind.PRESSURE));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            Optional<Pressure> read = reader.read("pressure", text -> Pressure.parse(text, units));
            read.ifPresent(pressure -> reader.keep("pressure", pressure.asEntered()));
            Phrase says = read.map(pressure -> Phrase.of("{} cold", pressure)).orElse(Phrase.of(""));
            Optional<Phrase> outside = read.flatMap(pressure -> {
                if (maximum.filter(most -> pressure.psi() > most.psi() + 1e-9).isPresent()) {
                    return Optional.of(Phrase.of("{} is over the maximum of {}.", pressure, maximum.get()));
                }
                return target.filter(goal -> Math.abs(pressure.psi() - goal.psi()) > WITHIN_PSI + 1e-9)
                        .map(goal ->
                                Phrase.of("{}, target {}: within {} of it.", pressure, goal, Pressure.psi(WITHIN_PSI)));
            });
            return reader.outcome(says, outside);
        }
    }

    /**
     * The pressure at which both beads seated: never over 40 psi outside a cage. Source: 29 CFR 1910.177 for large vehicles; our
     * rule for all.
     */
    record Seating() implements Want {

        static final double OPEN_MOST_PSI = 40;

        @Override
        public List<Field> fields() {
            return List.of(
                    new Field("seating", "Beads seated at", Field.Kind.PRESSURE),
                    Field.choice(
                            "where",
                            "Where",
                            new Field.Option("OPEN", "in the open"),
                            new Field.Option("CAGE", "in a cage")));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            Optional<Pressure> read = reader.read("seating", text -> Pressure.parse(text, units));
            read.ifPresent(pressure -> reader.keep("seating", pressure.asEntered()));
            String where = reader.choice(
                    "where",
                    "Say where it was seated: in the open, or in a cage.",
                    "In the open, or in a cage.",
                    "OPEN",
                    "CAGE");
            boolean caged = where.equals("CAGE");
            Optional<Phrase> outside = read.filter(pressure -> !caged && pressure.psi() > OPEN_MOST_PSI + 1e-9)
                    .map(pressure -> Phrase.of(
                            "{} in the open: over {} only in a cage. Let the air out, step away from the trajectory, and seat it in the cage.",
                            pressure,
                            Pressure.psi(OPEN_MOST_PSI)));
            return reader.outcome(
                    Phrase.of(
                            "seated at {} {}",
                            read.<Object>map(pressure -> pressure).orElse(""),
                            caged ? "in a cage" : "in the open"),
                    outside);
        }
    }

    /**
     * Gap between flange and molded ring at four or more even places; spread within 2/32 in, else break down, lubricate and
     * remount. Source: tire makers' mounting instructions.
     */
    record BeadGap() implements Want {

        static final int FEWEST = 4;
        private static final int MOST = 8;
        private static final double SPREAD_32NDS = 2;

        @Override
        public List<Field> fields() {
            List<Field> fields = new ArrayList<>();
            for (int place = 1; place <= FEWEST; place++) {
                fields.add(new Field("gap" + place, "Gap at place " + place, Field.Kind.DEPTH));
            }
            return fields;
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            TreadDepth.Unit bare = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
            List<TreadDepth> gaps = new ArrayList<>();
            for (int place = 1; place <= MOST; place++) {
                String field = "gap" + place;
                if (place <= FEWEST || !typed.getOrDefault(field, "").isBlank()) {
                    reader.read(field, text -> TreadDepth.parse(text, bare)).ifPresent(gap -> {
                        gaps.add(gap);
                        reader.keep(field, gap.asEntered());
                    });
                }
            }
            if (gaps.size() < FEWEST) {
                return reader.outcome(Phrase.of(""), Optional.empty());
            }
            double least =
                    gaps.stream().mapToDouble(TreadDepth::thirtySeconds).min().orElseThrow();
            double most =
                    gaps.stream().mapToDouble(TreadDepth::thirtySeconds).max().orElseThrow();
            TreadDepth spread = TreadDepth.of32nds(Math.round((most - least) * 10) / 10.0);
            return reader.outcome(
                    Phrase.of("gap {} to {}, spread {}", TreadDepth.of32nds(least), TreadDepth.of32nds(most), spread),
                    most - least > SPREAD_32NDS + 1e-9
                            ? Optional.of(Phrase.of(
                                    "Spread {}, at most {}: break it down, lubricate and remount.",
                                    spread,
                                    TreadDepth.of32nds(SPREAD_32NDS)))
                            : Optional.empty());
        }
    }

    /**
     * One stage of tightening, nut by nut in a star.
     *
     * @param full the wheel's torque; empty where nobody has read it: then it is asked for and not judged
     * @param share of it at this stage
     * @param nuts on the wheel; empty where not on file
     * @param wrenches the shop's, to say which was in hand; none on file: not asked
     */
    record Tightening(Optional<Torque> full, double share, Optional<Integer> nuts, List<Wrench> wrenches)
            implements Want {

        /**
         * A torque wrench by the name painted on it.
         *
         * @param doubt why its figures are less than certain today; empty while its calibration stands
         */
        public record Wrench(String name, Optional<Phrase> doubt) {}

        private static final double WITHIN = 0.05;
        private static final double NM = 1.3558179483314004;
        private static final int FEWEST_NUTS = 3;
        private static final int MOST_NUTS = 12;

        @Override
        public List<Field> fields() {
            List<Field> fields = new ArrayList<>();
            fields.add(new Field("torque", "Wrench set to", Field.Kind.TORQUE));
            fields.add(new Field("nuts", "Nuts tightened", Field.Kind.COUNT));
            if (!wrenches.isEmpty()) {
                fields.add(new Field(
                        "wrench",
                        "Wrench in hand",
                        Field.Kind.CHOICE,
                        wrenches.stream()
                                .map(wrench -> new Field.Option(wrench.name(), wrench.name()))
                                .toList()));
            }
            return fields;
        }

        /** What the wrench is set to at this stage, in ft·lb. */
        public Optional<Double> wantedFtLb() {
            return full.map(torque -> torque.ftLb() * share);
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            Torque.Unit bare = units == Units.US ? Torque.Unit.FT_LB : Torque.Unit.NM;
            Optional<Torque> set = reader.read("torque", text -> Torque.parse(text, bare));
            set.ifPresent(torque -> reader.keep("torque", torque.asEntered()));
            Optional<Integer> count = reader.read("nuts", text -> {
                if (!text.strip().matches("[0-9]{1,2}")
                        || Integer.parseInt(text.strip()) < FEWEST_NUTS
                        || Integer.parseInt(text.strip()) > MOST_NUTS) {
                    throw new InvalidEntry("A wheel has 3 to 12 nuts.");
                }
                return Integer.parseInt(text.strip());
            });
            count.ifPresent(number -> reader.keep("nuts", String.valueOf(number)));
            set.filter(torque -> off(torque.ftLb())).ifPresent(torque -> reader.fault("torque", otherUnit(torque)));
            Optional<Wrench> inHand = wrench(reader);
            Optional<Phrase> outside = count.filter(
                            number -> nuts.filter(all -> !all.equals(number)).isPresent())
                    .map(number -> Phrase.of("{} of {} nuts: every nut, in the star’s order.", number, nuts.get()));
            return reader.outcome(
                    Phrase.of(
                            "{} nuts at {}{}",
                            count.<Object>map(number -> number).orElse(""),
                            set.<Object>map(torque -> torque).orElse(""),
                            inHand.map(wrench -> Phrase.of(
                                            " with {}{}",
                                            wrench.name(),
                                            wrench.doubt()
                                                    .map(doubt -> Phrase.of(" ({})", doubt))
                                                    .orElse(Phrase.of(""))))
                                    .orElse(Phrase.of(""))),
                    outside);
        }

        private Optional<Wrench> wrench(Reader reader) {
            if (wrenches.isEmpty()) {
                return Optional.empty();
            }
            String name = reader.text("wrench", "Say which torque wrench is in hand.");
            Optional<Wrench> known = wrenches.stream()
                    .filter(wrench -> wrench.name().equals(name))
                    .findFirst();
            if (!name.isEmpty() && known.isEmpty()) {
                reader.fault("wrench", "There is no wrench of this name. Choose it again.");
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
            String wants =
                    "This stage asks for " + Math.round(wanted) + " ft·lb (" + Math.round(wanted * NM) + " N·m). ";
            if (set.unit() == Torque.Unit.FT_LB && !off(set.ftLb() / NM)) {
                return wants + "Was " + set.figure().toPlainString() + " N·m meant? Then type it with its unit.";
            }
            if (set.unit() == Torque.Unit.NM && !off(set.ftLb() * NM)) {
                return wants + "Was " + set.figure().toPlainString() + " ft·lb meant? Then type it with its unit.";
            }
            return wants + "Set the wrench again, or put the wheel’s data right first.";
        }
    }

    /** The DOT code of the tire that went here, and which way it faces. */
    record DotFitted() implements Want {
        @Override
        public List<Field> fields() {
            return List.of(
                    new Field("dotCode", "DOT code of the tire fitted", Field.Kind.CODE),
                    Field.choice(
                            "facing",
                            "The dated code faces",
                            new Field.Option("OUTWARD", "outward"),
                            new Field.Option("INWARD", "inward")));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            String code = reader.text("dotCode", "Read the DOT code off the tire that went here.");
            String facing = reader.choice(
                    "facing", "Say which way the dated code faces.", "Outward or inward.", "OUTWARD", "INWARD");
            return reader.outcome(
                    Phrase.of("DOT {}, facing {}", code, facing.toLowerCase(java.util.Locale.ROOT)), Optional.empty());
        }
    }

    /** Tread of the tire fitted in three grooves. */
    record TreadFitted() implements Want {
        @Override
        public List<Field> fields() {
            return List.of(
                    new Field("outer", "Tread outer", Field.Kind.DEPTH),
                    new Field("center", "Tread center", Field.Kind.DEPTH),
                    new Field("inner", "Tread inner", Field.Kind.DEPTH));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            TreadDepth.Unit bare = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
            List<Object> read = new ArrayList<>();
            for (Field field : fields()) {
                reader.read(field.name(), text -> TreadDepth.parse(text, bare)).ifPresent(depth -> {
                    read.add(depth);
                    reader.keep(field.name(), depth.asEntered());
                });
            }
            return reader.outcome(
                    read.size() == 3 ? Phrase.of("tread {} · {} · {}", read.toArray()) : Phrase.of(""),
                    Optional.empty());
        }
    }

    /** The analyser's figure after purging. */
    record Nitrogen(double least) implements Want {
        @Override
        public List<Field> fields() {
            return List.of(new Field("nitrogen", "Analyser shows nitrogen", Field.Kind.PERCENT));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            Optional<Double> read = reader.read("nitrogen", text -> {
                String figure = text.replace("%", "").replace(',', '.').strip();
                if (!figure.matches("[0-9]{1,3}(\\.[0-9]{1,2})?") || Double.parseDouble(figure) > 100) {
                    throw new InvalidEntry("Type the share of nitrogen in percent, for example 96.5.");
                }
                return Double.parseDouble(figure);
            });
            read.ifPresent(percent -> reader.keep("nitrogen", plain(percent) + " %"));
            return reader.outcome(
                    Phrase.of("{} % nitrogen", read.map(Nitrogen::plain).orElse("")),
                    read.filter(percent -> percent < least - 1e-9)
                            .map(percent ->
                                    Phrase.of("{} %, at least {} %: purge again.", plain(percent), plain(least))));
        }

        private static String plain(double figure) {
            return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
        }
    }

    /** What was done about a leak, by name: a leak is cleared by nothing else. */
    record LeakRepair() implements Want {
        @Override
        public List<Field> fields() {
            return List.of(
                    new Field(
                            "repair",
                            "Leak",
                            Field.Kind.CHOICE,
                            Arrays.stream(Repair.values())
                                    .map(repair -> new Field.Option(repair.name(), repair.words()))
                                    .toList()),
                    new Field("note", "Where it leaked", Field.Kind.TEXT));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            Optional<Repair> repair = reader.read(
                    "repair",
                    code -> Arrays.stream(Repair.values())
                            .filter(one -> one.name().equals(code.strip()))
                            .findFirst()
                            .orElseThrow(() ->
                                    new InvalidEntry("Choose what was done about the leak, or that none was found.")));
            repair.ifPresent(one -> reader.keep("repair", one.name()));
            String note = reader.text("note", null);
            return reader.outcome(
                    Phrase.of("{}{}", repair.map(Repair::words).orElse(""), note.isEmpty() ? "" : ": " + note),
                    Optional.empty());
        }
    }

    /** The ID of the sensor fitted. */
    record SensorId() implements Want {
        @Override
        public List<Field> fields() {
            return List.of(new Field("sensor", "ID of the sensor fitted", Field.Kind.CODE));
        }

        @Override
        public Outcome read(Map<String, String> typed, Units units) {
            Reader reader = new Reader(typed);
            Optional<String> code = reader.read("sensor", rotagens.core.vehicle.Sensor::readCode);
            code.ifPresent(id -> reader.keep("sensor", id));
            return reader.outcome(Phrase.of("sensor {}", code.orElse("")), Optional.empty());
        }
    }

    /** Gathers what was read and what wasn't. */
    final class Reader {

        private static final int LONGEST = 300;

        private final Map<String, String> typed;
        private final Map<String, String> kept = new LinkedHashMap<>();
        private final Map<String, String> faults = new LinkedHashMap<>();

        Reader(Map<String, String> typed) {
            this.typed = typed;
        }

        <T> Optional<T> read(String field, Function<String, T> reader) {
            try {
                return Optional.of(reader.apply(typed.getOrDefault(field, "")));
            } catch (InvalidEntry wrong) {
                faults.put(field, wrong.getMessage());
                return Optional.empty();
            }
        }

        /** Words as typed; where they are needed and missing, that is a fault. */
        String text(String field, String missing) {
            String text = typed.getOrDefault(field, "").strip();
            if (text.length() > LONGEST) {
                faults.put(field, "At most " + LONGEST + " characters.");
            } else if (text.isEmpty() && missing != null) {
                faults.put(field, missing);
            }
            kept.put(field, text);
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
            kept.put(field, value);
        }

        void fault(String field, String message) {
            faults.put(field, message);
        }

        Outcome outcome(Phrase says, Optional<Phrase> outside) {
            return new Outcome(
                    Map.copyOf(kept), says, Map.copyOf(faults), faults.isEmpty() ? outside : Optional.empty());
        }
    }
}
