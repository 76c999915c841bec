package rotagens.server.storage;

import org.jooq.impl.AbstractConverter;
import rotagens.core.measure.Temperature;

/** Temperatures are stored as entered, figure and scale: {@code 65 F}. */
public final class TemperatureConverter extends AbstractConverter<String, Temperature> {

    private static final ParseCache<Temperature> KNOWN =
            new ParseCache<>(stored -> Temperature.parse(stored, Temperature.Unit.F));

    public TemperatureConverter() {
        super(String.class, Temperature.class);
    }

    @Override
    public Temperature from(String stored) {
        return KNOWN.of(stored);
    }

    @Override
    public String to(Temperature value) {
        return value == null ? null : value.asEntered();
    }
}
