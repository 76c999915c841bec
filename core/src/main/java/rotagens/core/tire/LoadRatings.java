package rotagens.core.tire;

import java.util.Optional;
import rotagens.core.measure.Load;

/**
 * What a sidewall says of a tire's capacity.
 *
 * @param moldedSingle the maximum load as molded, one tire on an axle end
 * @param moldedDual the maximum load as molded, one of a dual
 */
public record LoadRatings(
        Optional<ServiceDescription> service,
        Optional<LoadRange> range,
        Optional<Load> moldedSingle,
        Optional<Load> moldedDual) {

    public static final LoadRatings UNKNOWN =
            new LoadRatings(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** The most one tire carries: as molded, else by its load index; empty where neither is on file. */
    public Optional<Load> maxLoad(boolean dual) {
        return dual
                ? moldedDual.or(() -> service.flatMap(ServiceDescription::dual).map(LoadIndex::load))
                : moldedSingle.or(() -> service.map(read -> read.single().load()));
    }
}
