package rotagens.core.jobsheet;

import java.util.Optional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Length;
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
 * @param condemned a tire professional has looked inside during this job and it doesn't go back
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
        boolean condemned) {

    /**
     * Whether a tire has to be taken for one that ran low or is damaged inside, until a professional has looked: all air comes out
     * before its first nut is loosened.
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
