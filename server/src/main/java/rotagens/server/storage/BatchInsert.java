package rotagens.server.storage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jooq.BatchBindStep;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.TableRecord;

/**
 * Many rows of one table at once, by one statement that is written out once. The library’s own batch of records writes it out for each
 * row, which is most of the time that thousands of rows take.
 */
public final class BatchInsert {

    private BatchInsert() {}

    /**
     * Adds rows of one table. What a row leaves out gets the table’s default.
     *
     * @param rows of one table; nothing happens where there are none
     */
    public static <R extends TableRecord<R>> void into(DSLContext db, List<R> rows) {
        Map<List<Field<?>>, List<R>> alike = new LinkedHashMap<>();
        rows.forEach(row ->
                alike.computeIfAbsent(set(row), fields -> new ArrayList<>()).add(row));
        alike.forEach((fields, some) -> insert(db, fields, some));
    }

    private static List<Field<?>> set(TableRecord<?> row) {
        return Arrays.<Field<?>>stream(row.fields()).filter(row::changed).toList();
    }

    private static <R extends TableRecord<R>> void insert(DSLContext db, List<Field<?>> fields, List<R> rows) {
        Object[] places = new Object[fields.size()];
        BatchBindStep batch =
                db.batch(db.insertInto(rows.get(0).getTable()).columns(fields).values(places));
        for (R row : rows) {
            batch.bind(fields.stream().map(row::get).toArray());
        }
        batch.execute();
    }
}
