package rotagens.server.storage;

import org.jooq.impl.AbstractConverter;
import rotagens.core.measure.TreadDepth;

/** Tread depths are stored as entered, figure and unit: {@code 9/32 in}. */
public final class TreadDepthConverter extends AbstractConverter<String, TreadDepth> {

    private static final ParseCache<TreadDepth> KNOWN =
            new ParseCache<>(stored -> TreadDepth.parse(stored, TreadDepth.Unit.THIRTY_SECONDS));

    public TreadDepthConverter() {
        super(String.class, TreadDepth.class);
    }

    @Override
    public TreadDepth from(String stored) {
        return KNOWN.of(stored);
    }

    @Override
    public String to(TreadDepth value) {
        return value == null ? null : value.asEntered();
    }
}
