package rotagens.server.storage;

import org.jooq.impl.AbstractConverter;
import rotagens.core.measure.Torque;

/** Torques are stored as entered, figure and unit: {@code 475 ft·lb}. */
public final class TorqueConverter extends AbstractConverter<String, Torque> {

    private static final ParseCache<Torque> KNOWN = new ParseCache<>(stored -> Torque.parse(stored, Torque.Unit.FT_LB));

    public TorqueConverter() {
        super(String.class, Torque.class);
    }

    @Override
    public Torque from(String stored) {
        return KNOWN.of(stored);
    }

    @Override
    public String to(Torque value) {
        return value == null ? null : value.asEntered();
    }
}
