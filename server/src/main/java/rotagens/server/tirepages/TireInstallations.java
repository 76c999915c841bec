package rotagens.server.tirepages;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.tire.TireUsage;
import rotagens.core.vehicle.OdometerHistory;
import rotagens.server.tire.TireStore.Movement;
import rotagens.server.tirepages.TireViews.InstallationView;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicle.VehicleStore.PlaceName;

/** The stays of a tire on vehicles, with the odometer at both ends: as noted, as corrected, or from the vehicle's own readings. */
record TireInstallations(List<Stretch> stays) {

    /**
     * @param on as the odometer of the day showed it
     * @param run the odometers the vehicle has had
     */
    record Stretch(
            PlaceName place,
            Instant from,
            Instant to,
            Optional<Distance> on,
            Optional<Distance> off,
            OdometerHistory run,
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

    static TireInstallations of(
            List<Movement> newestFirst,
            Map<Long, PlaceName> places,
            VehicleStore vehicleStore,
            OdometerStore odometerStore) {
        Map<Long, Movement> corrections = new HashMap<>();
        newestFirst.stream()
                .filter(move -> move.correctsId() != null)
                .sorted(Comparator.comparing(Movement::id))
                .forEach(move -> corrections.put(move.correctsId(), move));
        List<Stretch> stays = new ArrayList<>();
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
                stays.add(new Stretch(
                        place,
                        since,
                        said.at(),
                        on,
                        odometer(place, said, true, odometerStore),
                        odometerStore.history(place.vehicleId()),
                        said.at()));
                place = null;
            }
            if (move.toPlaceId() != null) {
                place = places.get(move.toPlaceId());
                since = said.at();
                on = odometer(place, said, false, odometerStore);
            }
        }
        if (place != null) {
            stays.add(new Stretch(
                    place,
                    since,
                    null,
                    on,
                    vehicleStore.get(place.vehicleId()).odometer().map(OdometerStore.Odometer::reading),
                    odometerStore.history(place.vehicleId()),
                    Instant.MAX));
        }
        return new TireInstallations(stays);
    }

    /** A figure noted with a move between two vehicles belongs to the one it went to. */
    private static Optional<Distance> odometer(
            PlaceName place, Movement said, boolean leaving, OdometerStore odometerStore) {
        boolean between = leaving && said.type().equals("MOVED") && said.toPlaceId() != null;
        return Optional.ofNullable(between ? null : said.odometer())
                .or(() -> odometerStore.at(place.vehicleId(), said.at()));
    }

    List<TireUsage.Installation> forLife() {
        return stays.stream()
                .map(stay -> new TireUsage.Installation(stay.onDriven(), stay.offDriven()))
                .toList();
    }

    List<InstallationView> views(Units units) {
        return stays.stream()
                .sorted(Comparator.comparing(Stretch::from).reversed())
                .map(stay -> new InstallationView(
                        stay.place().vehicleId(),
                        stay.place().label(),
                        stay.from(),
                        stay.to(),
                        stay.on().map(read -> read.format(units)).orElse(null),
                        stay.off().map(read -> read.format(units)).orElse(null),
                        stay.on().isPresent() && stay.off().isPresent()
                                ? Distance.miles(Math.max(
                                                0,
                                                stay.offDriven().get().miles()
                                                        - stay.onDriven().get().miles()))
                                        .format(units)
                                : null))
                .toList();
    }
}
