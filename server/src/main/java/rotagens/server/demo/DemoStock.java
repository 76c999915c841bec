package rotagens.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.TreadDepth;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.TireModel;
import rotagens.server.purchasing.OrderViews.OrderLineRequest;
import rotagens.server.purchasing.OrderViews.OrderRequest;
import rotagens.server.purchasing.Orders;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.DotKind;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.tire.TireStore.StockLocation;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.vehicle.VehicleRegister;

/** The demo's tires on no vehicle, and two open orders: new rubber, old rubber, a retread, one at the retreader, scrap. */
record DemoStock(
        TireStore tires,
        TireCatalog catalogue,
        VehicleRegister register,
        Orders orders,
        Map<TireModel, Long> models,
        long coordinator,
        long technician,
        Clock clock) {

    private record One(
            TireModel model,
            String dot,
            double years,
            double depth,
            StockState state,
            String yard,
            String shelf,
            String reason,
            boolean retread) {}

    private static One shelf(TireModel model, String dot, double years, double depth, String yard, String shelf) {
        return new One(model, dot, years, depth, StockState.IN_STOCK, yard, shelf, "", false);
    }

    private static final List<One> STOCK = List.of(
            shelf(DemoFleet.SHUTTLE_TIRE, "7KB4", 0.3, 14, "Millrace", "rack A1"),
            shelf(DemoFleet.SHUTTLE_TIRE, "7KB4", 0.3, 14, "Millrace", "rack A1"),
            shelf(DemoFleet.COACH_TIRE, "3CT2", 0.9, 18, "Eastbank", "rack 2"),
            shelf(DemoFleet.COACH_TIRE, "3CT2", 1.2, 18, "Eastbank", "rack 2"),
            shelf(DemoFleet.VAN_TIRE, "2PV1", 5.4, 6, "Northgate", "by the door"),
            shelf(DemoFleet.PICKUP_TIRE, "5FA7", 2.1, 12, "Eastbank", "rack 1"),
            new One(DemoFleet.COACH_TIRE, "3CT2", 4.2, 16, StockState.IN_STOCK, "Eastbank", "rack 3", "", true),
            new One(
                    DemoFleet.COACH_TIRE,
                    "3CT2",
                    3.3,
                    5,
                    StockState.RETREAD_CANDIDATE,
                    "Eastbank",
                    "rack 3",
                    "",
                    false),
            new One(DemoFleet.COACH_TIRE, "3CT2", 3.6, 4, StockState.AT_RETREADER, null, "", "", false),
            new One(DemoFleet.TRAILER_TIRE, "9HB3", 7.3, 5, StockState.SCRAPPED, null, "", "age", false),
            new One(DemoFleet.SHUTTLE_TIRE, "7KB4", 2.8, 9, StockState.SCRAPPED, null, "", "bead torn", false),
            shelf(DemoFleet.SHUTTLE_TIRE, "7KB4", 1.3, 11, "Millrace", "rack A2"));

    void fill() {
        LocalDate today = LocalDate.now(clock);
        int number = 2001;
        for (One one : STOCK) {
            Instant at = today.minusDays(12)
                    .atTime(10, 0)
                    .atZone(clock.getZone())
                    .toInstant()
                    .plusSeconds(number);
            long id = tires.add(new TireStore.New(
                    models.get(one.model()),
                    one.retread(),
                    Optional.of("LM" + number),
                    catalogue.get(models.get(one.model())).details().price()));
            String stamp = DotWeek.stampFor(today.minusDays(Math.round(one.years() * 365.25)));
            tires.readDot(id, one.dot() + "XR" + number % 10 + "M" + stamp, DotKind.TIRE, at, technician);
            if (one.retread()) {
                tires.readDot(id, "RMB" + DotWeek.stampFor(today.minusDays(100)), DotKind.RETREAD, at, technician);
            }
            StockLocation to =
                    new StockLocation(one.state(), one.yard() == null ? null : register.yard(one.yard()), one.shelf());
            String kind = switch (one.state()) {
                case IN_STOCK -> "RECEIVED";
                case RETREAD_CANDIDATE -> "SET_ASIDE";
                case AT_RETREADER -> "SENT_TO_RETREAD";
                case SCRAPPED -> "SCRAPPED";
            };
            tires.store(
                    id,
                    kind,
                    to,
                    new Line(at, technician, "", one.reason(), null, TreadDepth.of32nds(one.depth()), null));
            number++;
        }
        orders.order(
                order("Marrow Street Tire Service", 6, "Millrace", DemoFleet.SHUTTLE_TIRE, 4, "198.00"), coordinator);
        orders.order(
                order("Kettlewell Wheel & Rubber", 15, "Eastbank", DemoFleet.COACH_TIRE, 2, "455.00"), coordinator);
    }

    private OrderRequest order(String supplier, int daysAgo, String yard, TireModel model, int count, String price) {
        return new OrderRequest(
                supplier,
                LocalDate.now(clock).minusDays(daysAgo),
                yard,
                null,
                List.of(new OrderLineRequest(models.get(model), count, price)));
    }
}
