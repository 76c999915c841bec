package rotagens.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Length;
import rotagens.core.measure.Phrase;

/**
 * A tire changer of the shop, with the limits of its plate and its own sheet of valve positions.
 *
 * @param mostTire largest outer diameter of a tire it takes
 * @param leastRim smallest rim diameter in inches
 * @param mostRim largest rim diameter in inches
 * @param mostWidth widest wheel it takes
 * @param valves for each step its sheet tells, the angle of the valve from the tool, clockwise in degrees
 */
public record Machine(
        String name,
        Kind kind,
        Optional<Length> mostTire,
        OptionalDouble leastRim,
        OptionalDouble mostRim,
        Optional<Length> mostWidth,
        Map<BeadStep, Integer> valves) {

    /** How it holds the wheel and breaks the bead. */
    public enum Kind {
        SIDE_SHOVEL("side shovel and jaw table"),
        LEVERLESS("leverless jaw table"),
        CENTER_CLAMP("center clamp with rollers");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** With rollers the sensor matters at lifting and at mounting, not at breaking. */
        public boolean sensorMattersAt(BeadStep step) {
            return this != CENTER_CLAMP || step != BeadStep.BREAK_FRONT;
        }
    }

    private static final int HOURS = 12;
    private static final int DEGREES_AN_HOUR = 30;
    private static final int TOOL_AT = 3;

    public Machine {
        valves = Map.copyOf(valves);
        if (leastRim.isPresent() && mostRim.isPresent() && leastRim.getAsDouble() > mostRim.getAsDouble()) {
            throw new InvalidEntry("The smallest rim is larger than the largest. Read the machine’s plate again.");
        }
    }

    /** Reads a position on the clock face with the tool at 3 o'clock, {@code 12} or {@code 9 o'clock}, as an angle from the tool. */
    public static int angle(String clock) {
        String figure = (clock == null ? "" : clock)
                .replaceAll("(?i)\\s*(o[’']?\\s?clock|h)?\\s*$", "")
                .strip();
        if (!figure.matches("[0-9]{1,2}") || Integer.parseInt(figure) < 1 || Integer.parseInt(figure) > HOURS) {
            throw new InvalidEntry("“" + figure + "” is no place on a clock face: 1 to 12, with the tool at 3.");
        }
        return Math.floorMod((Integer.parseInt(figure) - TOOL_AT) * DEGREES_AN_HOUR, 360);
    }

    /** The hour of an angle from the tool, with the tool at 3 o'clock. */
    public static int clock(int angle) {
        int hour = Math.floorMod(Math.round(angle / (float) DEGREES_AN_HOUR) + TOOL_AT, HOURS);
        return hour == 0 ? HOURS : hour;
    }

    /** What keeps an assembly off this machine, limit by limit; empty where it fits as far as the figures on file tell. */
    public List<Phrase> against(Assembly assembly) {
        List<Phrase> against = new ArrayList<>();
        if (mostTire.isPresent()
                && assembly.diameter().isPresent()
                && assembly.diameter().get().mm() > mostTire.get().mm()) {
            against.add(Phrase.of(
                    "{} across, {} takes {} at most", assembly.diameter().get(), name, mostTire.get()));
        }
        if (mostWidth.isPresent()
                && assembly.width().isPresent()
                && assembly.width().get().mm() > mostWidth.get().mm()) {
            against.add(
                    Phrase.of("{} wide, {} takes {} at most", assembly.width().get(), name, mostWidth.get()));
        }
        boolean small = leastRim.isPresent() && assembly.rimInches() < leastRim.getAsDouble();
        boolean large = mostRim.isPresent() && assembly.rimInches() > mostRim.getAsDouble();
        if (small || large) {
            against.add(Phrase.of(
                    "{} in rim, {} takes {} to {} in",
                    plain(assembly.rimInches()),
                    name,
                    leastRim.isPresent() ? plain(leastRim.getAsDouble()) : "any",
                    mostRim.isPresent() ? plain(mostRim.getAsDouble()) : "any"));
        }
        return against;
    }

    /** What has to be known before anybody can say whether an assembly fits. */
    public List<Phrase> unknown(Assembly assembly) {
        List<Phrase> unknown = new ArrayList<>();
        if (mostTire.isPresent() && assembly.diameter().isEmpty()) {
            unknown.add(Phrase.of("the tire’s diameter isn’t on file"));
        }
        if (mostTire.isEmpty() || mostRim.isEmpty() || mostWidth.isEmpty()) {
            unknown.add(Phrase.of("not all limits of {} are on file", name));
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
