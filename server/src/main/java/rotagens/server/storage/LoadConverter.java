package rotagens.server.storage;

import org.jooq.impl.AbstractConverter;
import rotagens.core.measure.Load;

/** Weights are stored as entered, figure and unit: {@code 3195 lb}. */
public final class LoadConverter extends AbstractConverter<String, Load> {

    private static final ParseCache<Load> KNOWN = new ParseCache<>(stored -> Load.parse(stored, Load.Unit.LB));

    public LoadConverter() {
        super(String.class, Load.class);
    }

    @Override
    public Load from(String stored) {
        return KNOWN.of(stored);
    }

    @Override
    public String to(Load value) {
        return value == null ? null : value.asEntered();
    }
}
