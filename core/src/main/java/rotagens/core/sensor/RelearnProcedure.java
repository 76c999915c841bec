package rotagens.core.sensor;

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
        MENU("Dash menu: set the vehicle to learn its tire sensors."),
        KEY_FOB("Ignition on, engine off. Hold lock and unlock on the key fob together until the horn sounds."),
        DIAGNOSTIC_TOOL("Write the sensors’ IDs through the diagnostic socket with the diagnostic tool."),
        DRIVE("Drive it: the vehicle hears its sensors on the road. Park, then look at the dash.");

        private final String label;

        EntryMethod(String words) {
            this.label = words;
        }

        public String label() {
            return label;
        }

        /** The vehicle asks for one corner after the other. */
        public boolean cornerByCorner() {
            return this == MENU || this == KEY_FOB;
        }
    }

    /** How the vehicle says which corner it wants. */
    public enum CornerPrompt {
        MARKER_LAMP("The marker lamp at the corner it wants lights."),
        DASH("The dash names the corner it wants."),
        NONE("It doesn’t say which corner it wants.");

        private final String label;

        CornerPrompt(String words) {
            this.label = words;
        }

        public String label() {
            return label;
        }
    }

    /** What makes a sensor answer. */
    public enum Trigger {
        TOOL("Hold the activation tool at the valve until the horn sounds once."),
        DEFLATION("Let air out at the valve until the horn sounds once. Every tire is filled again afterwards.");

        private final String label;

        Trigger(String words) {
            this.label = words;
        }

        public String label() {
            return label;
        }
    }

    /** How it says that it has heard them all. */
    public enum EndSignal {
        HORN_TWICE("The horn sounds twice."),
        DASH("The dash says so."),
        NONE("It gives no sign: only dash and gauge tell.");

        private final String label;

        EndSignal(String words) {
            this.label = words;
        }

        public String label() {
            return label;
        }
    }

    public RelearnProcedure {
        entryMethods = List.copyOf(entryMethods);
        cornerOrder = List.copyOf(cornerOrder);
        if (entryMethods.isEmpty()) {
            throw new InvalidInputException("Name at least one way into learn mode.");
        }
        if (Set.copyOf(cornerOrder).size() != cornerOrder.size()) {
            throw new InvalidInputException("A corner is listed twice. Enter each corner once.");
        }
    }

    /** The corners in the order asked for, as far as this vehicle has them; without an order on file, round it as one walks. */
    public List<Position> cornersOn(AxleLayout axleLayout) {
        List<Position> here = cornerOrder.stream().filter(axleLayout::has).toList();
        List<Position> all = onAxles(axleLayout);
        return here.size() == all.size() ? here : all;
    }

    /** The vehicle's places on axles, round it from the front left, right side first or left side first. */
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
