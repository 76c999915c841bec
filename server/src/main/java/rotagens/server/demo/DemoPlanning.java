package rotagens.server.demo;

import java.time.LocalDate;
import java.util.Map;
import rotagens.server.purchasing.Suppliers;
import rotagens.server.purchasing.Suppliers.DiscountProgramRequest;
import rotagens.server.purchasing.Suppliers.SupplierRequest;
import rotagens.server.shop.ShopSetupStore;
import rotagens.server.shop.VehicleBookings;

/** Who delivers to the demo's fleet, a buying program, what stays in service, and a coach that is out next week. */
record DemoPlanning(
        Suppliers suppliers, VehicleBookings bookings, ShopSetupStore setups, long coordinator, LocalDate today) {

    void fill() {
        supplier("Kettlewell Wheel & Rubber", "orders@kettlewell.example", 9, "Corvane, Ossiveld");
        supplier("Marrow Street Tire Service", "desk@marrowstreet.example", 4, "Brantholm, Quenmark");
        suppliers.addProgram(new DiscountProgramRequest("Small fleets’ buying circle", "$250", "$35"));
        bookings.put(
                bookings.vehicle("LC-02"),
                today.plusDays(3).atTime(6, 0),
                today.plusDays(5).atTime(18, 0),
                "clinic days at Fernhollow",
                "",
                coordinator);
        setups.begin(Map.of(DemoFleet.VAN.name(), 2), DemoWeek.TECHNICIANS, coordinator);
    }

    private void supplier(String name, String mail, int leadDays, String makers) {
        suppliers.save(new SupplierRequest(null, null, name, mail, leadDays, makers));
    }
}
