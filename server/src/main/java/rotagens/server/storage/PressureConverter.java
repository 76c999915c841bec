package rotagens.server.storage;

import org.jooq.impl.AbstractConverter;
import rotagens.core.measure.Pressure;

/** Pressures are stored as entered, figure and unit: {@code 80 psi}. */
public final class PressureConverter extends AbstractConverter<String, Pressure> {

    public PressureConverter() {
        super(String.class, Pressure.class);
    }

    @Override
    public Pressure from(String stored) {
        return stored == null ? null : Pressure.parse(stored, Pressure.Unit.PSI);
    }

    @Override
    public String to(Pressure value) {
        return value == null ? null : value.asEntered();
    }
}
