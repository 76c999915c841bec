package rotagens.server.storage;

import org.jooq.impl.AbstractConverter;
import rotagens.core.measure.Pressure;

/** Pressures are stored as entered, figure and unit: {@code 80 psi}. */
public final class PressureConverter extends AbstractConverter<String, Pressure> {

    private static final ParseCache<Pressure> KNOWN =
            new ParseCache<>(stored -> Pressure.parse(stored, Pressure.Unit.PSI));

    public PressureConverter() {
        super(String.class, Pressure.class);
    }

    @Override
    public Pressure from(String stored) {
        return KNOWN.of(stored);
    }

    @Override
    public String to(Pressure value) {
        return value == null ? null : value.asEntered();
    }
}
