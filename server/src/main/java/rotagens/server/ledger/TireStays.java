package rotagens.server.ledger;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.tire.TireLife;
import rotagens.core.vehicle.OdometerRun;
import rotagens.server.ledger.LedgerViews.Stay;
import rotagens.server.ledger.TireRecords.PlaceName;
import rotagens.server.tire.Tires.Movement;
import rotagens.server.vehicle.Vehicles;

/** The stays of a tire on vehicles, with the odometer at both ends: as noted, as corrected, or from the vehicle's own readings. */
record TireStays(List<OneStay> stays) {

    /**
     * @param on as the odometer of the day showed it
     * @param run the odometers the vehicle has had
     */
    record OneStay(
            PlaceName place,
            Instant from,
            Instant to,
            Optional<Distance> on,
            Optional<Distance> off,
            OdometerRun run,
            Instant until) {

        Optional<Distance> onDriven() {
            return on.map(shown -> driven(from, shown));
        }

        Optional<Distance> offDriven() {
            return off.map(shown -> driven(until, shown));
        }

        private Distance driven(Instant at, Distance shown) {
            double miles = run.driven(at, shown);
            return miles == shown.miles() ? shown : Distance.miles(Math.max(0, miles));
        }
    }

    static TireStays of(List<Movement> newestFirst, Map<Long, PlaceName> places, Vehicles vehicles) {
        Map<Long, Movement> corrections = new HashMap<>();
        newestFirst.stream()
                .filter(move -> move.correctsId() != null)
                .sorted(Comparator.comparing(Movement::id))
                .forEach(move -> corrections.put(move.correctsId(), move));
        List<OneStay> stays = new ArrayList<>();
        PlaceName place = null;
        Instant since = null;
        Optional<Distance> on = Optional.empty();
        List<Movement> oldestFirst = newestFirst.stream()
                .filter(move -> move.correctsId() == null)
                .sorted(Comparator.comparing(Movement::id))
                .toList();
        for (Movement move : oldestFirst) {
            Movement said = corrections.getOrDefault(move.id(), move);
            if (move.fromPlaceId() != null && place != null) {
                stays.add(new OneStay(
                        place,
                        since,
                        said.at(),
                        on,
                        odometer(place, said, true, vehicles),
                        vehicles.run(place.vehicleId()),
                        said.at()));
                place = null;
            }
            if (move.toPlaceId() != null) {
                place = places.get(move.toPlaceId());
                since = said.at();
                on = odometer(place, said, false, vehicles);
            }
        }
        if (place != null) {
            stays.add(new OneStay(
                    place,
                    since,
                    null,
                    on,
                    vehicles.get(place.vehicleId()).odometer().map(Vehicles.Odometer::reading),
                    vehicles.run(place.vehicleId()),
                    Instant.MAX));
        }
        return new TireStays(stays);
    }

    /** A figure noted with a move between two vehicles belongs to the one it went to. */
    private static Optional<Distance> odometer(PlaceName place, Movement said, boolean leaving, Vehicles vehicles) {
        boolean between = leaving && said.kind().equals("MOVED") && said.toPlaceId() != null;
        return Optional.ofNullable(between ? null : said.odometer())
                .or(() -> vehicles.odometerAt(place.vehicleId(), said.at()));
    }

    List<TireLife.Stay> forLife() {
        return stays.stream()
                .map(stay -> new TireLife.Stay(stay.onDriven(), stay.offDriven()))
                .toList();
    }

    List<Stay> views(Units units) {
        return stays.stream()
                .sorted(Comparator.comparing(OneStay::from).reversed())
                .map(stay -> new Stay(
                        stay.place().vehicleId(),
                        stay.place().words(),
                        stay.from(),
                        stay.to(),
                        stay.on().map(read -> read.in(units)).orElse(null),
                        stay.off().map(read -> read.in(units)).orElse(null),
                        stay.on().isPresent() && stay.off().isPresent()
                                ? Distance.miles(Math.max(
                                                0,
                                                stay.offDriven().get().miles()
                                                        - stay.onDriven().get().miles()))
                                        .in(units)
                                : null))
                .toList();
    }
}
