package rotagens.server.importexport;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.InputValidator;

/** Odometer readings, one a row. */
@Component
class OdometerCsv implements CsvFormat {

    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final VehicleRegister register;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    OdometerCsv(
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            VehicleRegister register,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.register = register;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Override
    public Type kind() {
        return Type.ODOMETERS;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.must(
                        "unit",
                        "the vehicle’s unit number, for example LC-01",
                        "vehicle",
                        "unitnumber",
                        "unitno",
                        "unitid",
                        "fleetnumber",
                        "truck",
                        "bus"),
                Column.must(
                        "day", "when it was read: 2026-07-28 or Jul 28, 2026", "date", "readon", "readingdate", "asof"),
                Column.must(
                        "odometer",
                        "the reading, with mi or km where it isn’t your own unit",
                        "miles",
                        "mileage",
                        "km",
                        "odometerreading",
                        "odo",
                        "currentodometer",
                        "hubometer"),
                CsvFormat.confirmed());
    }

    @Override
    public Set<String> days() {
        return Set.of("day");
    }

    @Override
    public Session open(Units units) {
        VehiclesOfFile vehicles = new VehiclesOfFile(register, vehicleStore);
        return new RowByRow(row -> take(row, units, vehicles));
    }

    private Taken take(Cells row, Units units, VehiclesOfFile vehicles) {
        InputValidator wrong = new InputValidator();
        LocalDate today = LocalDate.now(clock);
        Optional<Long> vehicle = vehicles.named(row.or("unit", ""));
        wrong.unless(vehicle.isPresent(), "unit", "No vehicle on file is called “" + row.or("unit", "") + "”.");
        Optional<LocalDate> day = wrong.required("day", row.or("day", ""), text -> CsvCells.day(text, today));
        Optional<Distance> reading = wrong.required(
                "odometer",
                row.or("odometer", ""),
                text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
        Optional<Boolean> confirmed = wrong.attempt(CONFIRMED, () -> CsvCells.yes(row.or(CONFIRMED, "")));
        wrong.refuseIfWrong();
        changeTracker.only(vehicle.orElseThrow());
        String what = vehicles.get(vehicle.orElseThrow()).facts().unit() + ", "
                + reading.orElseThrow().asEntered();
        boolean known = odometerStore.everRead(vehicle.orElseThrow()).stream()
                .anyMatch(one ->
                        one.on().equals(day.orElseThrow()) && CellFormat.reads(one.reading(), reading.orElseThrow()));
        if (known) {
            return new Taken(Outcome.SAME, what);
        }
        odometerStore.read(
                vehicle.get(),
                reading.get(),
                CsvCells.at(day.orElseThrow(), clock),
                people.me(),
                "odometer",
                OdometerStore.askIn(confirmed.orElseThrow(), units));
        return new Taken(Outcome.ADDED, what);
    }

    @Override
    public List<List<String>> rows(BiFunction<Object, Units, String> shown, Units units) {
        List<List<String>> rows = new ArrayList<>();
        for (VehicleStore.OnFile vehicle : vehicleStore.all()) {
            odometerStore
                    .all(vehicle.id())
                    .forEach(one -> rows.add(List.of(
                            vehicle.facts().unit(), one.on().toString(), shown.apply(one.reading(), units), "")));
        }
        return rows;
    }
}
