package rotagens.core.rotation;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import rotagens.core.vehicle.Position;

/** Which tire is to sit where, in the order of the layout. Positions without an entry stay empty. */
public record Arrangement(Map<Position, BenchTire> places) {

    public Arrangement {
        places = Collections.unmodifiableMap(new LinkedHashMap<>(places));
    }

    public Optional<BenchTire> at(Position position) {
        return Optional.ofNullable(places.get(position));
    }

    /** The same with a tire at another place; the tire that was there takes the place left, where there is one. */
    public Arrangement moved(BenchTire tire, Position to) {
        Map<Position, BenchTire> next = new LinkedHashMap<>(places);
        Optional<Position> from = places.entrySet().stream()
                .filter(entry -> entry.getValue().id() == tire.id())
                .map(Map.Entry::getKey)
                .findFirst();
        BenchTire displaced = next.put(to, tire);
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
