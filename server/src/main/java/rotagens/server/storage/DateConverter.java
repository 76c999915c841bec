package rotagens.server.storage;

import java.time.LocalDate;
import org.jooq.impl.AbstractConverter;

/** Days are stored as ISO text. */
public final class DateConverter extends AbstractConverter<String, LocalDate> {

    public DateConverter() {
        super(String.class, LocalDate.class);
    }

    @Override
    public LocalDate from(String stored) {
        return stored == null ? null : LocalDate.parse(stored);
    }

    @Override
    public String to(LocalDate value) {
        return value == null ? null : value.toString();
    }
}
