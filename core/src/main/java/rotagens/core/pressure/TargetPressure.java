package rotagens.core.pressure;

import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;

/**
 * The cold pressure a tire should have, with where it comes from.
 *
 * @param pressure empty where no target can be given; the reason then says what is missing
 */
public record TargetPressure(Optional<Pressure> pressure, Reason reason) {}
