package rotagens.server.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Sensor.Location;
import rotagens.server.vehicle.SensorStore;
import rotagens.server.vehicle.VehicleStore;

/** The sensors of the demo fleet: inside on coaches and light vehicles, on the valve caps of the shuttles' duals. */
record DemoSensors(VehicleStore vehicles, SensorStore sensors, Clock clock, long technician) {

    private static final int MONTHS_IN_SERVICE_BY_DEFAULT = 40;
    /** Months in service where it isn't the usual: one battery overdue, one set that may end any day. */
    private static final Map<String, Integer> MONTHS =
            Map.of("LC-02 2LI", 121, "LC-05", 88, "LC-01", 26, "LC-03", 30, "LC-04", 50);

    /** The old battery has given out: nothing heard for three days. */
    private static final String SILENT = "LC-02 2LI";

    void fill() {
        LocalDate today = LocalDate.now(clock);
        for (VehicleStore.OnFile vehicle : vehicles.all()) {
            if (!vehicle.facts().hasWorkingSensors()) {
                continue;
            }
            Random codes = new Random(vehicle.facts().unit().hashCode());
            List<Position> axles = vehicle.facts().layout().positions().stream()
                    .filter(OnAxle.class::isInstance)
                    .toList();
            for (Position position : axles) {
                String unit = vehicle.facts().unit();
                int months = MONTHS.getOrDefault(
                        unit + " " + position.code(), MONTHS.getOrDefault(unit, MONTHS_IN_SERVICE_BY_DEFAULT));
                boolean shuttle = vehicle.facts().hasDuals()
                        && vehicle.facts().layout().axles().size() == 2;
                sensors.put(
                        vehicle.places().get(position),
                        new Sensor(
                                String.format("%08X", codes.nextInt()),
                                shuttle ? Location.OUTSIDE : Location.INSIDE,
                                Optional.of(today.minusMonths(months))),
                        today.minusMonths(Math.min(months, 12))
                                .atTime(9, 0)
                                .atZone(clock.getZone())
                                .toInstant(),
                        technician,
                        "",
                        null);
                if (SILENT.equals(unit + " " + position.code())) {
                    sensors.setSilent(
                            vehicle.places().get(position),
                            Optional.of(today.minusDays(3)
                                    .atTime(6, 20)
                                    .atZone(clock.getZone())
                                    .toInstant()));
                }
            }
        }
    }
}
