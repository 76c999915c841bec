package rotagens.core.fact;

import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.vehicle.LoadState;

/**
 * What a reading has to be held against: what was in force for that tire at that position on that day. Later changes of target,
 * load state or policy don't reach back.
 *
 * @param target the cold target; empty where none could be given
 * @param minimum the pressure at which capacity equals the recorded load; empty without a load
 * @param maximum the lowest of the tire's and the wheel's
 * @param legal the legal tread limit there
 * @param pull the fleet's pull point there
 * @param leakHoldDays how long after a repair a cold reading has to hold
 */
public record InForce(
        Optional<Pressure> target,
        LoadState loadState,
        Optional<Pressure> minimum,
        Optional<Pressure> maximum,
        Optional<TreadDepth> legal,
        Optional<TreadDepth> pull,
        int leakHoldDays) {

    /** Nobody kept what was in force; such a reading is held against what is in force today. */
    public static final InForce UNKNOWN = new InForce(
            Optional.empty(),
            LoadState.UNKNOWN,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            7);
}
