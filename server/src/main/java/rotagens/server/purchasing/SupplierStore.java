package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.DISCOUNT_PROGRAM;
import static rotagens.server.storage.generated.Tables.SUPPLIER;

import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.measure.Money;
import rotagens.core.planning.DiscountProgram;

/** Suppliers and discount programs. */
@Repository
class SupplierStore {

    /** @param manufacturers whose tires they deliver, with commas between them */
    record StoredSupplier(long id, int version, String name, String email, int leadDays, String manufacturers) {}

    /** A program that is open. */
    record StoredProgram(long id, String name, DiscountProgram program) {}

    private final DSLContext db;

    SupplierStore(DSLContext db) {
        this.db = db;
    }

    /** By name. */
    List<StoredSupplier> all() {
        return db.selectFrom(SUPPLIER)
                .orderBy(SUPPLIER.NAME)
                .fetch(row -> new StoredSupplier(
                        row.getId(),
                        row.getVersion(),
                        row.getName(),
                        row.getEmail(),
                        row.getLeadDays(),
                        row.getManufacturers()));
    }

    /** Whether another than this one has a name, however it is capitalized. */
    boolean isNamedOtherThan(long id, String name) {
        return db.fetchExists(SUPPLIER, SUPPLIER.NAME.equalIgnoreCase(name).and(SUPPLIER.ID.ne(id)));
    }

    void add(String name, String email, int leadDays, String manufacturers) {
        db.insertInto(SUPPLIER)
                .set(SUPPLIER.NAME, name)
                .set(SUPPLIER.EMAIL, email)
                .set(SUPPLIER.LEAD_DAYS, leadDays)
                .set(SUPPLIER.MANUFACTURERS, manufacturers)
                .execute();
    }

    /** Changes the version of a supplier that was seen; says whether it still was that one. */
    boolean change(StoredSupplier changed) {
        return db.update(SUPPLIER)
                        .set(SUPPLIER.NAME, changed.name())
                        .set(SUPPLIER.EMAIL, changed.email())
                        .set(SUPPLIER.LEAD_DAYS, changed.leadDays())
                        .set(SUPPLIER.MANUFACTURERS, changed.manufacturers())
                        .set(SUPPLIER.VERSION, SUPPLIER.VERSION.plus(1))
                        .where(SUPPLIER.ID.eq(changed.id()), SUPPLIER.VERSION.eq(changed.version()))
                        .execute()
                > 0;
    }

    /** By name. */
    List<StoredProgram> programs() {
        return db.selectFrom(DISCOUNT_PROGRAM)
                .where(DISCOUNT_PROGRAM.ENDED_AT.isNull())
                .orderBy(DISCOUNT_PROGRAM.NAME)
                .fetch(row -> new StoredProgram(
                        row.getId(),
                        row.getName(),
                        new DiscountProgram(new Money(row.getFeePriceCents()), new Money(row.getSavingPriceCents()))));
    }

    boolean isProgram(String name) {
        return db.fetchExists(DISCOUNT_PROGRAM, DISCOUNT_PROGRAM.NAME.equalIgnoreCase(name));
    }

    void add(String name, DiscountProgram program) {
        db.insertInto(DISCOUNT_PROGRAM)
                .set(DISCOUNT_PROGRAM.NAME, name)
                .set(DISCOUNT_PROGRAM.FEE_PRICE_CENTS, program.fee().cents())
                .set(DISCOUNT_PROGRAM.SAVING_PRICE_CENTS, program.saving().cents())
                .execute();
    }
}
