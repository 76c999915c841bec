package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.pressure.PressureInputs.CurrentLoadState;
import rotagens.core.vehicle.LoadState;

/** Which load state a vehicle's pressures are for today: a trip's while it lasts, else what was set, else the usual one. */
public final class LoadStates {

    /** A load state put in force by a person; an empty one has to end. */
    public record LoadStateSetting(LoadState state, LocalDate from, Optional<LocalDate> until, String by) {

        /**
         * Checks that a load is never forgotten.
         *
         * @param state how it travels
         * @param from the first day
         * @param until the last day; empty where it has no end
         * @param by who set it
         * @throws InvalidInputException for an empty state without an end, and for days in the wrong order
         */
        public LoadStateSetting {
            if (state == LoadState.EMPTY && until.isEmpty()) {
                throw new InvalidInputException(WORDS.say("enterAnEndDate"));
            }
            if (until.isPresent() && until.get().isBefore(from)) {
                throw new InvalidInputException(WORDS.say("lastDayIsBefore"));
            }
        }
    }

    /** A trip with a load, booked ahead: pressures are raised before it and restored after. */
    public record Trip(LoadState state, LocalDate from, LocalDate until, String by) {}

    private LoadStates() {}

    /**
     * Refuses an empty setting that would still stand when a loaded trip begins.
     *
     * @param loadStateSetting what is to be set
     * @param trips those on record
     */
    public static void refuseBeforeTrip(LoadStateSetting loadStateSetting, List<Trip> trips) {
        boolean loaded = loadStateSetting.state() == LoadState.EMPTY
                && trips.stream()
                        .anyMatch(trip -> loadStateSetting
                                .until()
                                .filter(last -> !trip.from().isAfter(last))
                                .isPresent());
        if (loaded) {
            throw new InvalidInputException(WORDS.say("loadedTripIsBookedBefore"));
        }
    }

    /**
     * In force on a day.
     *
     * @param today the day
     * @param usual how the vehicle mostly travels
     * @param loadStateSettings what people set, in any order
     * @param trips those on record
     * @return the state, and who says so
     */
    public static CurrentLoadState on(
            LocalDate today, LoadState usual, List<LoadStateSetting> loadStateSettings, List<Trip> trips) {
        Optional<Trip> trip = trips.stream()
                .filter(one -> !today.isBefore(one.from()) && !today.isAfter(one.until()))
                .max(Comparator.comparing(Trip::state));
        if (trip.isPresent()) {
            return new CurrentLoadState(
                    trip.get().state(),
                    WORDS.say("bookedTrip", "by", trip.get().by()),
                    Optional.of(trip.get().until()));
        }
        LoadState home = usual == LoadState.UNKNOWN ? LoadState.NORMAL : usual;
        return loadStateSettings.stream()
                .filter(one -> !today.isBefore(one.from()))
                .reduce((first, later) -> later)
                .filter(one -> one.until().filter(today::isAfter).isEmpty())
                .map(one -> new CurrentLoadState(one.state(), WORDS.say("setBy", "by", one.by()), one.until()))
                .orElse(new CurrentLoadState(home, WORDS.say("asItUsuallyTravels"), Optional.empty()));
    }

    /**
     * The next trip that asks for more than is in force today: its raise has to be done before it starts.
     *
     * @param today the day
     * @param trips those on record
     * @return empty where none does
     */
    public static Optional<Trip> next(LocalDate today, List<Trip> trips) {
        return trips.stream().filter(one -> one.from().isAfter(today)).min(Comparator.comparing(Trip::from));
    }
}
