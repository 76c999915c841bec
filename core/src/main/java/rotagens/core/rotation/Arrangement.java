package rotagens.core.rotation;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import rotagens.core.vehicle.Position;

/** Which tire is to sit where, in the order of the layout. Positions without an entry stay empty. */
public record Arrangement(Map<Position, CandidateTire> tires) {

    /**
     * Copies what it is given.
     *
     * @param tires by position
     */
    public Arrangement {
        tires = Collections.unmodifiableMap(new LinkedHashMap<>(tires));
    }

    /**
     * The tire at a position.
     *
     * @param position of the vehicle
     * @return empty where none is
     */
    public Optional<CandidateTire> at(Position position) {
        return Optional.ofNullable(tires.get(position));
    }

    /**
     * The same with a tire at another place; the tire that was there takes the place left, where there is one.
     *
     * @param tire one of it, or one from elsewhere
     * @param to its new position
     * @return another arrangement; this one stays as it is
     */
    public Arrangement moved(CandidateTire tire, Position to) {
        Map<Position, CandidateTire> next = new LinkedHashMap<>(tires);
        Optional<Position> from = tires.entrySet().stream()
                .filter(entry -> entry.getValue().id() == tire.id())
                .map(Map.Entry::getKey)
                .findFirst();
        CandidateTire displaced = next.put(to, tire);
        from.filter(place -> !place.equals(to)).ifPresent(place -> {
            if (displaced == null) {
                next.remove(place);
            } else {
                next.put(place, displaced);
            }
        });
        return new Arrangement(next);
    }
}
