package rotagens.core.tire;

import java.util.Optional;
import rotagens.core.measure.Load;

/**
 * What a sidewall says of a tire's capacity.
 *
 * @param service load index and speed symbol; empty where nobody has read them
 * @param range empty where nobody has read it
 * @param moldedSingle the maximum load as molded, one tire on an axle end
 * @param moldedDual the maximum load as molded, one of a dual
 */
public record LoadRatings(
        Optional<ServiceDescription> service,
        Optional<LoadRange> range,
        Optional<Load> moldedSingle,
        Optional<Load> moldedDual) {

    /** Nobody has read anything. */
    public static final LoadRatings UNKNOWN =
            new LoadRatings(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * The most one tire carries: as molded, else by its load index; empty where neither is on file.
     *
     * @param dual whether it is one of a dual
     * @return at the pressure for its maximum load
     */
    public Optional<Load> maxLoad(boolean dual) {
        return dual
                ? moldedDual.or(() -> service.flatMap(ServiceDescription::dual).map(LoadIndex::load))
                : moldedSingle.or(() -> service.map(read -> read.single().load()));
    }
}
