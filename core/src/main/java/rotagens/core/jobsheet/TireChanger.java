package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;

/**
 * A tire changer of the shop, with the limits of its plate and its own sheet of valve positions.
 *
 * @param maxTireDiameter largest outer diameter of a tire it takes
 * @param minRimDiameter smallest rim diameter in inches
 * @param maxRimDiameter largest rim diameter in inches
 * @param maxWidth widest wheel it takes
 * @param valvePositions for each step its sheet tells, the angle of the valve from the tool, clockwise in degrees
 */
public record TireChanger(
        String name,
        TireChangerType type,
        Optional<Length> maxTireDiameter,
        OptionalDouble minRimDiameter,
        OptionalDouble maxRimDiameter,
        Optional<Length> maxWidth,
        Map<BeadStep, Integer> valvePositions) {

    /** How it holds the wheel and breaks the bead. */
    public enum TireChangerType {
        /** A shovel at the side breaks the bead, jaws hold the wheel. */
        SIDE_SHOVEL(WORDS.say("sideShovelAndJawTable"), WORDS.say("shovel"), WORDS.say("mountHead")),
        /** Jaws hold the wheel, no lever is used. */
        LEVERLESS(WORDS.say("leverlessJawTable"), WORDS.say("beadBreaker"), WORDS.say("hook")),
        /** A cone and a shaft hold the wheel, rollers break the bead. */
        CENTER_CLAMP(WORDS.say("centerClampWithRollers"), WORDS.say("rollers"), WORDS.say("rollers"));

        private final String label;
        private final String breaker;
        private final String head;

        TireChangerType(String words, String breaker, String head) {
            this.label = words;
            this.breaker = breaker;
            this.head = head;
        }

        /**
         * What breaks the bead here, by its own name.
         *
         * @return inside a sentence
         */
        public String breaker() {
            return breaker;
        }

        /**
         * What the bead passes going off and on.
         *
         * @return inside a sentence
         */
        public String head() {
            return head;
        }

        /**
         * Whether it holds the wheel with jaws.
         *
         * @return false for a shaft through the center
         */
        public boolean hasJaws() {
            return this != CENTER_CLAMP;
        }

        /**
         * What kind of machine it is.
         *
         * @return for a choice
         */
        public String label() {
            return label;
        }

        /**
         * With rollers the sensor matters at lifting and at mounting, not at breaking.
         *
         * @param step of taking off or putting on
         * @return whether the valve’s place matters there
         */
        public boolean sensorMattersAt(BeadStep step) {
            return this != CENTER_CLAMP || step != BeadStep.BREAK_FRONT;
        }
    }

    private static final int HOURS = 12;
    private static final int DEGREES_AN_HOUR = 30;
    private static final int TOOL_AT = 3;

    /**
     * Keeps copies.
     *
     * @param name its name in the shop
     * @param type what kind of machine it is
     * @param maxTireDiameter largest outer diameter of a tire it takes
     * @param minRimDiameter smallest rim diameter in inches
     * @param maxRimDiameter largest rim diameter in inches
     * @param maxWidth widest wheel it takes
     * @param valvePositions for each step its sheet tells, the angle of the valve from the tool, clockwise in degrees
     */
    public TireChanger {
        valvePositions = Map.copyOf(valvePositions);
        if (minRimDiameter.isPresent()
                && maxRimDiameter.isPresent()
                && minRimDiameter.getAsDouble() > maxRimDiameter.getAsDouble()) {
            throw new InvalidInputException(WORDS.say("smallestRimIsLargerThan"));
        }
    }

    /**
     * Reads a position on the clock face with the tool at 3 o'clock, {@code 12} or {@code 9 o'clock}, as an angle from the tool.
     *
     * @param clock as typed
     * @return degrees from the tool, 0 to 359
     * @throws InvalidInputException where it is no place on a clock face
     */
    public static int angle(String clock) {
        String figure = (clock == null ? "" : clock)
                .replaceAll("(?i)\\s*(o[’']?\\s?clock|h)?\\s*$", "")
                .strip();
        if (!figure.matches("[0-9]{1,2}") || Integer.parseInt(figure) < 1 || Integer.parseInt(figure) > HOURS) {
            throw new InvalidInputException(WORDS.say("isNoPlace", "figure", figure));
        }
        return Math.floorMod((Integer.parseInt(figure) - TOOL_AT) * DEGREES_AN_HOUR, 360);
    }

    /**
     * The hour of an angle from the tool, with the tool at 3 o'clock.
     *
     * @param angle degrees from the tool
     * @return 1 to 12
     */
    public static int clock(int angle) {
        int hour = Math.floorMod(Math.round(angle / (float) DEGREES_AN_HOUR) + TOOL_AT, HOURS);
        return hour == 0 ? HOURS : hour;
    }

    /**
     * What keeps an assembly off this machine, limit by limit; empty where it fits as far as the figures on file tell.
     *
     * @param assembly tire and wheel
     * @return in words
     */
    public List<Message> violations(Assembly assembly) {
        List<Message> against = new ArrayList<>();
        if (maxTireDiameter.isPresent()
                && assembly.diameter().isPresent()
                && assembly.diameter().get().mm() > maxTireDiameter.get().mm()) {
            against.add(WORDS.message(
                    "acrossTakesAtMost",
                    "diameter",
                    assembly.diameter().get(),
                    "name",
                    name,
                    "maxTireDiameter",
                    maxTireDiameter.get()));
        }
        if (maxWidth.isPresent()
                && assembly.width().isPresent()
                && assembly.width().get().mm() > maxWidth.get().mm()) {
            against.add(WORDS.message(
                    "wideTakesAtMost", "width", assembly.width().get(), "name", name, "maxWidth", maxWidth.get()));
        }
        boolean small = minRimDiameter.isPresent() && assembly.rimInches() < minRimDiameter.getAsDouble();
        boolean large = maxRimDiameter.isPresent() && assembly.rimInches() > maxRimDiameter.getAsDouble();
        if (small || large) {
            against.add(WORDS.message(
                    "inRimTakes",
                    "rimInches",
                    plain(assembly.rimInches()),
                    "name",
                    name,
                    "minRimDiameter",
                    minRimDiameter.isPresent() ? plain(minRimDiameter.getAsDouble()) : WORDS.say("any"),
                    "maxRimDiameter",
                    maxRimDiameter.isPresent() ? plain(maxRimDiameter.getAsDouble()) : WORDS.say("any")));
        }
        return against;
    }

    /**
     * What has to be known before anybody can say whether an assembly fits.
     *
     * @param assembly tire and wheel
     * @return in words
     */
    public List<Message> unknown(Assembly assembly) {
        List<Message> unknown = new ArrayList<>();
        if (maxTireDiameter.isPresent() && assembly.diameter().isEmpty()) {
            unknown.add(WORDS.message("tiresDiameterIsntOnFile"));
        }
        if (maxTireDiameter.isEmpty() || maxRimDiameter.isEmpty() || maxWidth.isEmpty()) {
            unknown.add(WORDS.message("notAllLimits", "name", name));
        }
        return unknown;
    }

    private static String plain(double inches) {
        return inches == Math.rint(inches) ? String.valueOf((long) inches) : String.valueOf(inches);
    }

    /**
     * A tire on its wheel, as a machine sees it.
     *
     * @param diameter overall; empty where the size doesn't give it and nobody measured
     */
    public record Assembly(Optional<Length> diameter, double rimInches, Optional<Length> width) {}
}
