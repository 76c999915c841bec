package rotagens.server.demo;

import static rotagens.server.storage.generated.Tables.DISCOUNT_PROGRAM;
import static rotagens.server.storage.generated.Tables.SUPPLIER;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.VEHICLE_BOOKING;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import org.jooq.DSLContext;
import rotagens.server.shop.ShopSetupStore;

/** Who delivers to the demo's fleet, a buying program, what stays in service, and a coach that is out next week. */
record DemoPlanning(DSLContext db, ShopSetupStore setups, long coordinator, LocalDate today, Instant now) {

    void fill() {
        supplier("Kettlewell Wheel & Rubber", "orders@kettlewell.example", 9, "Corvane, Ossiveld");
        supplier("Marrow Street Tire Service", "desk@marrowstreet.example", 4, "Brantholm, Quenmark");
        db.insertInto(DISCOUNT_PROGRAM)
                .set(DISCOUNT_PROGRAM.NAME, "Small fleets’ buying circle")
                .set(DISCOUNT_PROGRAM.FEE_PRICE_CENTS, 25_000L)
                .set(DISCOUNT_PROGRAM.SAVING_PRICE_CENTS, 3_500L)
                .execute();
        db.insertInto(VEHICLE_BOOKING)
                .set(
                        VEHICLE_BOOKING.VEHICLE_ID,
                        db.select(VEHICLE.ID)
                                .from(VEHICLE)
                                .where(VEHICLE.UNIT.eq("LC-02"))
                                .fetchSingle(VEHICLE.ID))
                .set(VEHICLE_BOOKING.STARTS_AT, today.plusDays(3).atTime(6, 0).toString())
                .set(VEHICLE_BOOKING.ENDS_AT, today.plusDays(5).atTime(18, 0).toString())
                .set(VEHICLE_BOOKING.REASON, "clinic days at Fernhollow")
                .set(VEHICLE_BOOKING.RECORDED_AT, now)
                .set(VEHICLE_BOOKING.PERSON_ID, coordinator)
                .execute();
        setups.begin(Map.of(DemoFleet.VAN.name(), 2), coordinator);
    }

    private void supplier(String name, String mail, int leadDays, String makers) {
        db.insertInto(SUPPLIER)
                .set(SUPPLIER.NAME, name)
                .set(SUPPLIER.EMAIL, mail)
                .set(SUPPLIER.LEAD_DAYS, leadDays)
                .set(SUPPLIER.MANUFACTURERS, makers)
                .execute();
    }
}
