package rotagens.core.pressure;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.pressure.PressureFacts.Preset;
import rotagens.core.vehicle.LoadState;

/** Which load state a vehicle's pressures are for today: a trip's while it lasts, else what was set, else the usual one. */
public final class Presets {

    /** A load state put in force by a person; an empty one has to end. */
    public record Setting(LoadState state, LocalDate from, Optional<LocalDate> until, String by) {

        public Setting {
            if (state == LoadState.EMPTY && until.isEmpty()) {
                throw new InvalidEntry(
                        "An empty setting has to end: enter its last day, so that nobody loads it unawares.");
            }
            if (until.isPresent() && until.get().isBefore(from)) {
                throw new InvalidEntry("The last day is before the first.");
            }
        }
    }

    /** A trip with a load, booked ahead: pressures are raised before it and restored after. */
    public record Trip(LoadState state, LocalDate from, LocalDate until, String by) {}

    private Presets() {}

    /** Refuses an empty setting that would still stand when a loaded trip begins. */
    public static void refuseBeforeTrip(Setting setting, List<Trip> trips) {
        boolean loaded = setting.state() == LoadState.EMPTY
                && trips.stream()
                        .anyMatch(trip -> setting.until()
                                .filter(last -> !trip.from().isAfter(last))
                                .isPresent());
        if (loaded) {
            throw new InvalidEntry("A loaded trip is booked before that day. End the empty setting earlier.");
        }
    }

    /** In force on a day. */
    public static Preset on(LocalDate today, LoadState usual, List<Setting> settings, List<Trip> trips) {
        Optional<Trip> trip = trips.stream()
                .filter(one -> !today.isBefore(one.from()) && !today.isAfter(one.until()))
                .max(Comparator.comparing(Trip::state));
        if (trip.isPresent()) {
            return new Preset(
                    trip.get().state(),
                    "booked trip, by " + trip.get().by(),
                    Optional.of(trip.get().until()));
        }
        LoadState home = usual == LoadState.UNKNOWN ? LoadState.USUAL : usual;
        return settings.stream()
                .filter(one -> !today.isBefore(one.from()))
                .reduce((first, later) -> later)
                .filter(one -> one.until().filter(today::isAfter).isEmpty())
                .map(one -> new Preset(one.state(), "set by " + one.by(), one.until()))
                .orElse(new Preset(home, "as it usually travels", Optional.empty()));
    }

    /** The next trip that asks for more than is in force today: its raise has to be done before it starts. */
    public static Optional<Trip> next(LocalDate today, List<Trip> trips) {
        return trips.stream().filter(one -> one.from().isAfter(today)).min(Comparator.comparing(Trip::from));
    }
}
