package rotagens.core.tire;

import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;

/**
 * What all tires of one maker's model and size share.
 *
 * @param molded the pressure molded on the sidewall: on passenger tires the maximum (a limit, not a target), on others the
 *     pressure for the maximum load; empty where nobody has read it
 * @param originalDepth tread depth when new; empty where unknown
 */
public record TireModel(
        String maker,
        String name,
        TireSize size,
        Optional<Pressure> molded,
        Optional<TreadDepth> originalDepth,
        boolean directional) {

    public String title() {
        return maker + " " + name;
    }
}
