package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import rotagens.core.measure.InvalidInputException;

/**
 * A pressure sensor.
 *
 * @param sensorId the ID printed on it or read with the activation tool, in capitals
 * @param installedOn the day it came into service, from which its battery ages; empty where nobody knows
 * @param silentSince the day since when its gateway no longer hears it; empty where it is heard, or nobody listens
 */
public record Sensor(
        String sensorId, Location location, Optional<LocalDate> installedOn, Optional<LocalDate> silentSince) {

    /**
     * One of which nobody says that it is silent.
     *
     * @param sensorId the ID in capitals
     * @param location where it sits
     * @param installedOn the day it came into service; empty where nobody knows
     */
    public Sensor(String sensorId, Location location, Optional<LocalDate> installedOn) {
        this(sensorId, location, installedOn, Optional.empty());
    }

    /** Where it sits, and so what it travels with. */
    public enum Location {
        /** On the valve or a band inside the wheel. */
        INSIDE(WORDS.say("insideOnTheValve")),
        /** On the valve cap. */
        OUTSIDE(WORDS.say("outsideOnTheValveCap"));

        private final String label;

        Location(String words) {
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

        /**
         * An inside sensor goes where its wheel goes; an outside one goes back to the position it is tagged with.
         *
         * @return whether moving the wheel moves the sensor
         */
        public boolean travelsWithWheel() {
            return this == INSIDE;
        }
    }

    private static final int SHORTEST = 4;
    private static final int LONGEST = 16;

    /**
     * Reads an ID as printed: letters and digits, spaces and hyphens aside.
     *
     * @param text as printed, or as the tool shows it
     * @return letters and digits in capitals
     * @throws InvalidInputException where it is shorter or longer than an ID, or holds anything else
     */
    public static String readCode(String text) {
        String code = (text == null ? "" : text).replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
        if (!code.matches("[0-9A-Z]*") || code.length() < SHORTEST || code.length() > LONGEST) {
            throw new InvalidInputException(
                    WORDS.say("sensorsIdHasToLetters", "shortest", SHORTEST, "longest", LONGEST));
        }
        return code;
    }
}
