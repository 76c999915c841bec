package rotagens.server.storage;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import org.jooq.impl.AbstractConverter;

/** Instants are stored as ISO text of fixed width, so that text order is time order. */
public final class InstantConverter extends AbstractConverter<String, Instant> {

    private static final ParseCache<Instant> KNOWN = new ParseCache<>(Instant::parse);

    private static final DateTimeFormatter FIXED_WIDTH = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'");

    public InstantConverter() {
        super(String.class, Instant.class);
    }

    @Override
    public Instant from(String stored) {
        return KNOWN.of(stored);
    }

    @Override
    public String to(Instant value) {
        return value == null ? null : FIXED_WIDTH.format(value.atOffset(ZoneOffset.UTC));
    }
}
