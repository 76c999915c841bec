package rotagens.server.storage;

import org.jooq.impl.AbstractConverter;
import rotagens.core.measure.Distance;

/** Distances are stored as entered, figure and unit: {@code 41208 mi}. */
public final class DistanceConverter extends AbstractConverter<String, Distance> {

    private static final ParseCache<Distance> KNOWN =
            new ParseCache<>(stored -> Distance.parse(stored, Distance.Unit.MILES));

    public DistanceConverter() {
        super(String.class, Distance.class);
    }

    @Override
    public Distance from(String stored) {
        return KNOWN.of(stored);
    }

    @Override
    public String to(Distance value) {
        return value == null ? null : value.asEntered();
    }
}
