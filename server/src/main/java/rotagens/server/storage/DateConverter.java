package rotagens.server.storage;

import java.time.LocalDate;
import org.jooq.impl.AbstractConverter;

/** Days are stored as ISO text. */
public final class DateConverter extends AbstractConverter<String, LocalDate> {

    private static final ParseCache<LocalDate> KNOWN = new ParseCache<>(LocalDate::parse);

    public DateConverter() {
        super(String.class, LocalDate.class);
    }

    @Override
    public LocalDate from(String stored) {
        return KNOWN.of(stored);
    }

    @Override
    public String to(LocalDate value) {
        return value == null ? null : value.toString();
    }
}
