package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Length;
import rotagens.core.measure.TreadDepth;

/**
 * A tire's size as molded on its sidewall, in one of three notations. In {@code 215/70R16} the first figure is the section
 * width, in {@code 31x10.50R15LT} the overall diameter: {@link #inWords()} says back which was understood.
 */
public sealed interface TireSize {

    /** How the cords run; bias and radial never share an axle. */
    enum Construction {
        /** Cords run from bead to bead. */
        RADIAL("R", WORDS.say("radial")),
        /** Cords cross. */
        BIAS("D", WORDS.say("bias")),
        /** Crossing cords under a belt. */
        BELTED("B", WORDS.say("beltedBias"));

        private final String letter;
        private final String label;

        Construction(String letter, String words) {
            this.letter = letter;
            this.label = words;
        }

        /**
         * What it is called.
         *
         * @return for the middle of a sentence
         */
        public String label() {
            return label;
        }

        static Construction ofLetter(String letter) {
            return switch (letter) {
                case "D", "-" -> BIAS;
                case "B" -> BELTED;
                default -> RADIAL;
            };
        }
    }

    /**
     * How its cords run.
     *
     * @return as its letter says
     */
    Construction construction();

    /**
     * Nominal rim diameter in inches, for example 22.5.
     *
     * @return whole or half inches
     */
    double rimInches();

    /**
     * As molded, upper case, without spaces.
     *
     * @return one way of writing for each size
     */
    String molded();

    /**
     * What was understood, for the person who typed it.
     *
     * @return a sentence without its full stop
     */
    String inWords();

    /**
     * Overall diameter when new; empty for inch truck sizes, whose notation doesn't give it.
     *
     * @return from the notation alone
     */
    Optional<Length> overallDiameter();

    /**
     * An overall diameter with so much tread gone: twice the lost depth less than new.
     *
     * @param fresh the diameter when new
     * @param original the tread depth when new
     * @param present the tread depth now
     * @return the diameter now
     */
    static Length worn(Length fresh, TreadDepth original, TreadDepth present) {
        double lostInches = 2 * (original.thirtySeconds() - present.thirtySeconds()) / 32;
        return Length.ofInches(fresh.inches() - lostInches);
    }

    /**
     * {@code [P|LT|ST|T]width/aspect[Z][R|D|B]rim[C]}, for example {@code LT245/75R17}.
     *
     * @param prefix P, LT, ST, T or empty text
     * @param widthMm section width in mm
     * @param aspect sidewall height in percent of the width
     * @param speedZ whether a Z stands before the construction
     * @param construction how the cords run
     * @param rimInches nominal rim diameter
     * @param commercialC whether a C for van tires stands behind
     */
    record Metric(
            String prefix,
            int widthMm,
            int aspect,
            boolean speedZ,
            Construction construction,
            double rimInches,
            boolean commercialC)
            implements TireSize {

        /**
         * Whether it is made for trailer service only: <i>ST</i>, special trailer, in front of its width.
         *
         * @return by its prefix
         */
        public boolean isForTrailers() {
            return prefix.equals("ST");
        }

        /**
         * Checks that there can be one.
         *
         * @param prefix P, LT, ST, T or empty text
         * @param widthMm section width in mm
         * @param aspect sidewall height in percent of the width
         * @param speedZ whether a Z stands before the construction
         * @param construction how the cords run
         * @param rimInches nominal rim diameter
         * @param commercialC whether a C stands behind
         * @throws InvalidInputException for a size nobody makes
         */
        public Metric {
            refuseUnless(
                    widthMm >= 95 && widthMm <= 455,
                    WORDS.say("sectionWidthMm", "widthMm", widthMm),
                    WORDS.say("at95455Mm"));
            refuseUnless(aspect >= 20 && aspect <= 100, WORDS.say("sidewallHeight", "aspect", aspect), "20–100%");
            refuseRim(rimInches);
        }

        @Override
        public String molded() {
            return prefix + widthMm + "/" + aspect + (speedZ ? "Z" : "") + construction.letter + rim(rimInches)
                    + (commercialC ? "C" : "");
        }

        @Override
        public String inWords() {
            return WORDS.say(
                    "sectionWidthMmSidewall",
                    "widthMm",
                    widthMm,
                    "aspect",
                    aspect,
                    "label",
                    construction.label,
                    "rim",
                    rim(rimInches));
        }

        @Override
        public Optional<Length> overallDiameter() {
            return Optional.of(Length.ofMm(rimInches * 25.4 + 2.0 * widthMm * aspect / 100));
        }
    }

    /**
     * {@code overall diameter x section width R rim LT}, inches, for example {@code 31x10.50R15LT}.
     *
     * @param diameterInches overall diameter
     * @param widthInches section width
     * @param construction how the cords run
     * @param rimInches nominal rim diameter
     * @param lightTruck whether LT stands with it
     */
    record Flotation(
            double diameterInches, double widthInches, Construction construction, double rimInches, boolean lightTruck)
            implements TireSize {

        /**
         * Checks that there can be one.
         *
         * @param diameterInches overall diameter
         * @param widthInches section width
         * @param construction how the cords run
         * @param rimInches nominal rim diameter
         * @param lightTruck whether LT stands with it
         * @throws InvalidInputException for a size nobody makes
         */
        public Flotation {
            refuseUnless(
                    diameterInches >= 20 && diameterInches <= 60,
                    WORDS.say("overallDiameter", "diameterInches", diameterInches),
                    WORDS.say("at2060"));
            refuseUnless(
                    widthInches >= 4 && widthInches <= 24,
                    WORDS.say("sectionWidth", "widthInches", widthInches),
                    WORDS.say("at424"));
            refuseRim(rimInches);
            refuseUnless(
                    diameterInches > rimInches + 2,
                    WORDS.say("overallDiameter", "diameterInches", diameterInches),
                    WORDS.say("moreThanTheRims"));
        }

        @Override
        public String molded() {
            return rim(diameterInches) + "x" + String.format(Locale.ROOT, "%.2f", widthInches) + construction.letter
                    + rim(rimInches) + (lightTruck ? "LT" : "");
        }

        @Override
        public String inWords() {
            return WORDS.say(
                    "overallDiameterInSectionWidth",
                    "diameter",
                    rim(diameterInches),
                    "widthInches",
                    String.format(Locale.ROOT, "%.2f", widthInches),
                    "label",
                    construction.label,
                    "rim",
                    rim(rimInches));
        }

        @Override
        public Optional<Length> overallDiameter() {
            return Optional.of(Length.ofInches(diameterInches));
        }
    }

    /**
     * {@code width R rim C}, millimeters without an aspect, on vans: {@code 185R14C}.
     *
     * @param widthMm section width in mm
     * @param construction how the cords run
     * @param rimInches nominal rim diameter
     * @param commercialC whether a C stands behind
     */
    record MetricVan(int widthMm, Construction construction, double rimInches, boolean commercialC)
            implements TireSize {

        /**
         * Checks that there can be one.
         *
         * @param widthMm section width in mm
         * @param construction how the cords run
         * @param rimInches nominal rim diameter
         * @param commercialC whether a C stands behind
         * @throws InvalidInputException for a size nobody makes
         */
        public MetricVan {
            refuseUnless(
                    widthMm >= 125 && widthMm <= 335,
                    WORDS.say("sectionWidthMm", "widthMm", widthMm),
                    WORDS.say("at125335Mm"));
            refuseRim(rimInches);
        }

        @Override
        public String molded() {
            return widthMm + construction.letter + rim(rimInches) + (commercialC ? "C" : "");
        }

        @Override
        public String inWords() {
            return WORDS.say(
                    "sectionWidthMmRim", "widthMm", widthMm, "label", construction.label, "rim", rim(rimInches));
        }

        @Override
        public Optional<Length> overallDiameter() {
            return Optional.empty();
        }
    }

    /**
     * {@code width R rim LT}, inches, no aspect, for example {@code 11R22.5} or {@code 7.50R16LT}. Kept as molded: 10.00R20 isn't
     * 10R20.
     *
     * @param widthInches section width
     * @param construction how the cords run
     * @param rimInches nominal rim diameter
     * @param lightTruck whether LT stands behind
     * @param decimals whether the width is molded with two decimals
     * @param hyphen whether a hyphen stands for bias ply, as in {@code 9.00-20}
     */
    record InchTruck(
            double widthInches,
            Construction construction,
            double rimInches,
            boolean lightTruck,
            boolean decimals,
            boolean hyphen)
            implements TireSize {

        /**
         * As it is mostly molded: decimals on light truck tires, no hyphen.
         *
         * @param widthInches section width
         * @param construction how the cords run
         * @param rimInches nominal rim diameter
         * @param lightTruck whether LT stands behind
         */
        public InchTruck(double widthInches, Construction construction, double rimInches, boolean lightTruck) {
            this(widthInches, construction, rimInches, lightTruck, lightTruck, false);
        }

        /**
         * Checks that there can be one.
         *
         * @param widthInches section width
         * @param construction how the cords run
         * @param rimInches nominal rim diameter
         * @param lightTruck whether LT stands behind
         * @param decimals whether the width is molded with two decimals
         * @param hyphen whether a hyphen stands for bias ply
         * @throws InvalidInputException for a size nobody makes
         */
        public InchTruck {
            refuseUnless(
                    widthInches >= 4 && widthInches <= 18,
                    WORDS.say("sectionWidth", "widthInches", widthInches),
                    WORDS.say("at418"));
            refuseRim(rimInches);
        }

        @Override
        public String molded() {
            String width = decimals ? String.format(Locale.ROOT, "%.2f", widthInches) : rim(widthInches);
            return width + (hyphen ? "-" : construction.letter) + rim(rimInches) + (lightTruck ? "LT" : "");
        }

        @Override
        public String inWords() {
            return WORDS.say(
                    "sectionWidthInRim", "width", rim(widthInches), "label", construction.label, "rim", rim(rimInches));
        }

        @Override
        public Optional<Length> overallDiameter() {
            return Optional.empty();
        }
    }

    /**
     * Reads a size as people type it: lower case, missing spaces, × for x.
     *
     * @param text as typed
     * @return the size
     * @throws InvalidInputException where it is in none of the notations, or out of what is made
     */
    static TireSize parse(String text) {
        String size = text == null
                ? ""
                : text.toUpperCase(Locale.ROOT)
                        .replace('×', 'X')
                        .replaceAll("\\s+", "")
                        .replaceAll("(?<=[0-9]),(?=[0-9])", ".");
        if (size.isEmpty()) {
            throw new InvalidInputException(WORDS.say("enterTheSizeFrom"));
        }
        Matcher metric = Notation.METRIC.matcher(size);
        if (metric.matches()) {
            return new Metric(
                    metric.group(1) == null ? "" : metric.group(1),
                    Integer.parseInt(metric.group(2)),
                    Integer.parseInt(metric.group(3)),
                    metric.group(4) != null,
                    Construction.ofLetter(metric.group(5) == null ? "R" : metric.group(5)),
                    Double.parseDouble(metric.group(6)),
                    metric.group(7) != null);
        }
        Matcher flotation = Notation.FLOTATION.matcher(size);
        if (flotation.matches()) {
            return new Flotation(
                    Double.parseDouble(flotation.group(2)),
                    Double.parseDouble(flotation.group(3)),
                    Construction.ofLetter(flotation.group(4)),
                    Double.parseDouble(flotation.group(5)),
                    flotation.group(1) != null || flotation.group(6) != null);
        }
        Matcher inch = Notation.INCH.matcher(size);
        if (inch.matches()) {
            return new InchTruck(
                    Double.parseDouble(inch.group(1)),
                    Construction.ofLetter(inch.group(2)),
                    Double.parseDouble(inch.group(3)),
                    inch.group(4) != null,
                    inch.group(4) != null || inch.group(1).matches(".*\\.[0-9]{2}"),
                    inch.group(2).equals("-"));
        }
        Matcher van = Notation.VAN.matcher(size);
        if (van.matches()) {
            return new MetricVan(
                    Integer.parseInt(van.group(1)),
                    Construction.ofLetter(van.group(2)),
                    Double.parseDouble(van.group(3)),
                    van.group(4) != null);
        }
        throw new InvalidInputException(WORDS.say(
                "isNoTireSizeKnown", "typed", text.length() > 24 ? text.substring(0, 24) + "…" : text.strip()));
    }

    private static String rim(double inches) {
        return inches == Math.rint(inches) ? String.valueOf((long) inches) : String.valueOf(inches);
    }

    private static void refuseRim(double inches) {
        boolean halfInches = Math.rint(inches * 2) == inches * 2;
        refuseUnless(
                inches >= 8 && inches <= 26 && halfInches,
                WORDS.say("rimIn", "rim", rim(inches)),
                WORDS.say("at826InWhole"));
    }

    private static void refuseUnless(boolean plausible, String what, String range) {
        if (!plausible) {
            throw new InvalidInputException(WORDS.say("checkTheSizeIsOutside", "what", what, "range", range));
        }
    }

    /** The three notations, upper case without spaces. */
    final class Notation {
        private static final Pattern METRIC =
                Pattern.compile("(P|LT|ST|T)?([0-9]{2,3})/([0-9]{2,3})(Z)?([RDB-])?([0-9]{1,2}(?:\\.5)?)(C)?");
        private static final Pattern FLOTATION = Pattern.compile(
                "(LT)?([0-9]{2}(?:\\.[0-9]{1,2})?)X([0-9]{1,2}(?:\\.[0-9]{1,2})?)([RDB-])([0-9]{1,2}(?:\\.5)?)(LT)?");
        private static final Pattern VAN = Pattern.compile("([1-3][0-9]{2})([RDB])([0-9]{2})(C)?");
        private static final Pattern INCH =
                Pattern.compile("([0-9]{1,2}(?:\\.[0-9]{1,2})?)([RDB-])([0-9]{1,2}(?:\\.5)?)(LT)?");

        private Notation() {}
    }
}
