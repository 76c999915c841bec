package rotagens.server.storage;

import java.util.List;
import org.jooq.Table;
import rotagens.server.storage.generated.DefaultSchema;

/** The tables this program knows, with the kind of value each column holds: for whoever checks a whole data file. */
public final class TableShapes {

    private TableShapes() {}

    public static List<Table<?>> all() {
        return DefaultSchema.DEFAULT_SCHEMA.getTables();
    }
}
