package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.vehicle.Position.DualSlot;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Spare;

/**
 * The axles of a vehicle from the front, and how many spares it carries.
 *
 * @param axles from the front, 1 to 9
 * @param spares 0 to 9
 */
public record AxleLayout(List<Axle> axles, int spares) {

    /**
     * Checks that it can be one.
     *
     * @param axles from the front
     * @param spares how many it carries
     * @throws InvalidInputException for more or fewer axles or spares than a vehicle has
     */
    public AxleLayout {
        axles = List.copyOf(axles);
        if (axles.isEmpty() || axles.size() > 9) {
            throw new InvalidInputException(WORDS.say("vehicleHas1To9"));
        }
        if (spares < 0 || spares > 9) {
            throw new InvalidInputException(WORDS.say("vehicleCarries0To9"));
        }
    }

    /**
     * Every position, axle by axle from the front, left to right, spares last.
     *
     * @return as people read a vehicle drawn from above
     */
    public List<Position> positions() {
        List<Position> all = new ArrayList<>();
        for (int axle = 1; axle <= axles.size(); axle++) {
            List<Position> right = new ArrayList<>(wheelEnd(axle, Side.RIGHT));
            Collections.reverse(right);
            all.addAll(wheelEnd(axle, Side.LEFT));
            all.addAll(right);
        }
        addSpares(all);
        return all;
    }

    /**
     * One walk round the vehicle: front left, down the left side, across the back, up the right side, spares last; outer before inner.
     *
     * @return the same positions, as a walk comes to them
     */
    public List<Position> walkAroundOrder() {
        List<Position> walk = new ArrayList<>();
        for (int axle = 1; axle <= axles.size(); axle++) {
            walk.addAll(wheelEnd(axle, Side.LEFT));
        }
        for (int axle = axles.size(); axle >= 1; axle--) {
            walk.addAll(wheelEnd(axle, Side.RIGHT));
        }
        addSpares(walk);
        return walk;
    }

    /**
     * The positions of one axle end, outer first.
     *
     * @param axle counted from the front, from 1
     * @param side the driver’s left or right
     * @return one position, or two of a dual
     */
    public List<Position> wheelEnd(int axle, Side side) {
        return axles.get(axle - 1).isDual()
                ? List.of(new OnAxle(axle, side, DualSlot.OUTER), new OnAxle(axle, side, DualSlot.INNER))
                : List.of(new OnAxle(axle, side, DualSlot.SINGLE));
    }

    /**
     * Whether the layout has a position.
     *
     * @param position one that may be asked about
     * @return whether there is such a place here
     */
    public boolean has(Position position) {
        return positions().contains(position);
    }

    /**
     * In words, for example <i>drive right inner</i>; axles that share a role are numbered.
     *
     * @param position one of this layout
     * @return in lower case, for the middle of a sentence
     */
    public String nameOf(Position position) {
        if (position instanceof Spare spare) {
            return WORDS.say("spare", "spare", spare.number());
        }
        OnAxle on = (OnAxle) position;
        AxleRole role = axles.get(on.axle() - 1).role();
        long sameRole = axles.stream().filter(axle -> axle.role() == role).count();
        long number = axles.subList(0, on.axle()).stream()
                .filter(axle -> axle.role() == role)
                .count();
        String place = on.dualSlot() == DualSlot.SINGLE
                ? ""
                : " " + on.dualSlot().name().toLowerCase(Locale.ROOT);
        return role.label() + (sameRole > 1 ? " " + number : "") + " "
                + on.side().label() + place;
    }

    /**
     * Whether a position is on a steer axle.
     *
     * @param position one of this layout
     * @return never for a spare
     */
    public boolean isSteer(Position position) {
        return position instanceof OnAxle on && axles.get(on.axle() - 1).role() == AxleRole.STEER;
    }

    private void addSpares(List<Position> to) {
        for (int spare = 1; spare <= spares; spare++) {
            to.add(new Spare(spare));
        }
    }
}
