package rotagens.core.jobsheet;

import java.util.List;
import java.util.Optional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.WheelSpec;

/**
 * One wheel a job works on, as its steps depend on it.
 *
 * @param name the position in words
 * @param model of the tire that is there afterwards
 * @param diameter of that tire, overall and new; empty where neither its size nor a measurement tells
 * @param wheel {@link WheelSpec#UNKNOWN} where nobody has read it
 * @param target the cold pressure to fill to; empty where it isn't known
 * @param maximum the lowest of the tire's and the wheel's
 * @param oldTireMay where the tire may go that comes off for another one; empty where none comes off
 * @param sensorWithTire why a new sensor is worth fitting with the new tire; empty where it isn't
 * @param found what the work itself has found so far
 * @param suspect it ran at 80 % of its target or less, or damage is open on it
 */
public record WheelJob(
        Position position,
        String name,
        WheelTask task,
        Optional<TireModel> model,
        Optional<Length> diameter,
        WheelSpec wheel,
        Optional<Sensor.Location> sensor,
        Optional<Pressure> target,
        Optional<Pressure> maximum,
        boolean suspect,
        List<RemovedTire.Destination> oldTireMay,
        Optional<Message> sensorWithTire,
        Found found) {

    /**
     * Keeps copies.
     *
     * @param position where it sits
     * @param task what is done at it
     * @param sensor the sensor there; empty where there is none
     * @param name the position in words
     * @param model of the tire that is there afterwards
     * @param diameter of that tire, overall and new; empty where neither its size nor a measurement tells
     * @param wheel {@link WheelSpec#UNKNOWN} where nobody has read it
     * @param target the cold pressure to fill to; empty where it isn't known
     * @param maximum the lowest of the tire's and the wheel's
     * @param oldTireMay where the tire may go that comes off for another one; empty where none comes off
     * @param sensorWithTire why a new sensor is worth fitting with the new tire; empty where it isn't
     * @param found what the work itself has found so far
     * @param suspect it ran at 80 % of its target or less, or damage is open on it
     */
    public WheelJob {
        oldTireMay = List.copyOf(oldTireMay);
    }

    /**
     * What the work on a wheel has found and the rest of its steps depends on.
     *
     * @param condemned its own tire doesn't go back, by a professional's verdict or a torn bead
     * @param torn it doesn't because of its bead
     * @param reseated its beads were seated once and have to be broken again
     * @param newSensor a new sensor went in with the new tire
     */
    public record Found(boolean condemned, boolean torn, boolean reseated, boolean newSensor) {
        /** Nothing has been found yet. */
        public static final Found NOTHING = new Found(false, false, false);

        /**
         * With the sensor that was there.
         *
         * @param condemned whether a professional condemned the tire
         * @param torn whether its bead is torn
         * @param reseated whether the beads had to be seated again
         */
        public Found(boolean condemned, boolean torn, boolean reseated) {
            this(condemned, torn, reseated, false);
        }
    }

    /**
     * The same wheel, with what the work has found by now.
     *
     * @param now what the work has found
     * @return a copy
     */
    public WheelJob with(Found now) {
        return new WheelJob(
                position,
                name,
                task,
                model,
                diameter,
                wheel,
                sensor,
                target,
                maximum,
                suspect,
                oldTireMay,
                sensorWithTire,
                now);
    }

    /**
     * Whether a professional condemned the tire during the work.
     *
     * @return its own tire doesn’t go back then
     */
    public boolean condemned() {
        return found.condemned();
    }

    /**
     * The other tire of the same dual; empty at a single wheel.
     *
     * @param position of the one
     * @return of the other
     */
    public static Optional<Position> mate(Position position) {
        return position instanceof Position.OnAxle on && on.dualSlot() != Position.DualSlot.SINGLE
                ? Optional.of(new Position.OnAxle(
                        on.axle(),
                        on.side(),
                        on.dualSlot() == Position.DualSlot.OUTER ? Position.DualSlot.INNER : Position.DualSlot.OUTER))
                : Optional.empty();
    }

    /**
     * Whether a tire has to be taken for one that ran low or is damaged inside, until a professional has looked: all air comes out
     * before its first nut is loosened.
     *
     * @param state the tire with what was found on it
     * @return true also where it may only have run low
     */
    public static boolean suspect(TireState state) {
        return state.open().stream()
                .map(OpenFinding::finding)
                .anyMatch(finding -> finding == Finding.RUN_FLAT
                        || finding.verdict() == Verdict.DO_NOT_OPERATE
                                && finding.clearedBy() == Finding.ClearedBy.PROFESSIONAL);
    }

    boolean dual() {
        return position instanceof Position.OnAxle on && on.dualSlot() != Position.DualSlot.SINGLE;
    }

    boolean insideSensor() {
        return sensor.filter(Sensor.Location.INSIDE::equals).isPresent() || task.newSensor();
    }

    /** How a tire changer sees it. */
    Optional<TireChanger.Assembly> assembly() {
        return model.map(known -> new TireChanger.Assembly(
                diameter,
                known.size().rimInches(),
                wheel.rimWidthInches().isPresent()
                        ? Optional.of(Length.ofInches(wheel.rimWidthInches().getAsDouble()))
                        : Optional.empty()));
    }
}
