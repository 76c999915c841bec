package rotagens.core.sensor;

import static rotagens.core.sensor.SensorWords.WORDS;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Side;

/**
 * How a vehicle learns which sensor sits where. Data of the vehicle, not code: the maker's manual is its source.
 *
 * @param entryMethods into learn mode, the usual one first; where one doesn't work the next is offered
 * @param cornerOrder the order in which the vehicle asks for its corners; empty where nobody has noted it yet
 */
public record RelearnProcedure(
        String name,
        List<EntryMethod> entryMethods,
        CornerPrompt cornerPrompt,
        Trigger trigger,
        EndSignal end,
        List<Position> cornerOrder,
        String note) {

    /** A way into learn mode. */
    public enum EntryMethod {
        /** By the dash’s own menu. */
        MENU(WORDS.say("dashMenuSetTheVehicle")),
        /** By the buttons of the key fob. */
        KEY_FOB(WORDS.say("ignitionOnEngineOffHold")),
        /** By a tool that writes the IDs; nothing is asked corner by corner. */
        DIAGNOSTIC_TOOL(WORDS.say("writeTheSensorsIdsThrough")),
        /** By driving; the vehicle finds out by itself. */
        DRIVE(WORDS.say("driveItTheVehicleHears"));

        private final String label;

        EntryMethod(String words) {
            this.label = words;
        }

        /**
         * In words.
         *
         * @return what the person does, as a sentence
         */
        public String label() {
            return label;
        }

        /**
         * The vehicle asks for one corner after the other.
         *
         * @return whether it does
         */
        public boolean cornerByCorner() {
            return this == MENU || this == KEY_FOB;
        }
    }

    /** How the vehicle says which corner it wants. */
    public enum CornerPrompt {
        /** The lamp outside, at the corner. */
        MARKER_LAMP(WORDS.say("markerLampAtTheCorner")),
        /** The dash, by its name. */
        DASH(WORDS.say("dashNamesTheCorner")),
        /** It says nothing. */
        NONE(WORDS.say("itDoesntSayWhichCorner"));

        private final String label;

        CornerPrompt(String words) {
            this.label = words;
        }

        /**
         * In words.
         *
         * @return what the person sees, as a sentence
         */
        public String label() {
            return label;
        }
    }

    /** What makes a sensor answer. */
    public enum Trigger {
        /** A tool that wakes the sensor through the sidewall. */
        TOOL(WORDS.say("holdTheActivationTool")),
        /** A falling pressure, which has to be put back. */
        DEFLATION(WORDS.say("letAirOut"));

        private final String label;

        Trigger(String words) {
            this.label = words;
        }

        /**
         * In words.
         *
         * @return what the person does at the valve, as a sentence
         */
        public String label() {
            return label;
        }
    }

    /** How it says that it has heard them all. */
    public enum EndSignal {
        /** The horn. */
        HORN_TWICE(WORDS.say("hornSoundsTwice")),
        /** The dash. */
        DASH(WORDS.say("dashSaysSo")),
        /** Nothing. */
        NONE(WORDS.say("itGivesNoSignOnly"));

        private final String label;

        EndSignal(String words) {
            this.label = words;
        }

        /**
         * In words.
         *
         * @return what the person hears or sees, as a sentence
         */
        public String label() {
            return label;
        }
    }

    /**
     * Checks what was entered.
     *
     * @param name people find it by
     * @param entryMethods into learn mode, the usual one first
     * @param cornerPrompt how the vehicle says which corner it wants
     * @param trigger what makes a sensor answer
     * @param end how it says that it has heard them all
     * @param cornerOrder as the vehicle asks, each corner once; empty where nobody has noted it yet
     * @param note what else the manual says; may be empty
     * @throws InvalidInputException where it has no way into learn mode, or a corner is listed twice
     */
    public RelearnProcedure {
        entryMethods = List.copyOf(entryMethods);
        cornerOrder = List.copyOf(cornerOrder);
        if (entryMethods.isEmpty()) {
            throw new InvalidInputException(WORDS.say("nameAtLeastOneWay"));
        }
        if (Set.copyOf(cornerOrder).size() != cornerOrder.size()) {
            throw new InvalidInputException(WORDS.say("cornerIsListedTwiceEnter"));
        }
    }

    /**
     * The corners in the order asked for, as far as this vehicle has them; without an order on file, round it as one walks.
     *
     * @param axleLayout of the vehicle
     * @return every corner of it once, without spares
     */
    public List<Position> cornersOn(AxleLayout axleLayout) {
        List<Position> here = cornerOrder.stream().filter(axleLayout::has).toList();
        List<Position> all = onAxles(axleLayout);
        return here.size() == all.size() ? here : all;
    }

    /**
     * The vehicle's places on axles, round it from the front left, right side first or left side first.
     *
     * @param axleLayout of the vehicle
     * @param firstDown the side that is walked toward the rear first
     * @return every corner once, beginning at the front left
     */
    public static List<Position> round(AxleLayout axleLayout, Side firstDown) {
        List<Position> walk = new ArrayList<>();
        Position frontLeft = axleLayout.wheelEnd(1, Side.LEFT).get(0);
        List<Position> left = side(axleLayout, Side.LEFT);
        List<Position> right = side(axleLayout, Side.RIGHT);
        if (firstDown == Side.LEFT) {
            walk.addAll(left);
            Collections.reverse(right);
            walk.addAll(right);
        } else {
            left.remove(frontLeft);
            Collections.reverse(left);
            walk.add(frontLeft);
            walk.addAll(right);
            walk.addAll(left);
        }
        return walk;
    }

    private static List<Position> side(AxleLayout axleLayout, Side side) {
        List<Position> all = new ArrayList<>();
        for (int axle = 1; axle <= axleLayout.axles().size(); axle++) {
            all.addAll(axleLayout.wheelEnd(axle, side));
        }
        return all;
    }

    private static List<Position> onAxles(AxleLayout axleLayout) {
        return axleLayout.walkAroundOrder().stream()
                .filter(OnAxle.class::isInstance)
                .toList();
    }
}
