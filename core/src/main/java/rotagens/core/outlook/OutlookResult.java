package rotagens.core.outlook;

import static rotagens.core.outlook.OutlookWords.WORDS;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.vehicle.Position;

/** What the years bring for one vehicle under one strategy. */
public record OutlookResult(
        OutlookVehicle vehicle,
        List<TireTimeline> timelines,
        List<Visit> visits,
        List<LimitExceeded> limitsExceeded,
        double oldestSteerYears) {

    /** Why a tire goes. */
    public enum EndReason {
        /** Its years are over, wherever it runs. */
        OVERALL_AGE(WORDS.say("overallAge")),
        /** Too old for the steer axle. */
        STEER_AGE(WORDS.say("steerAge")),
        /** Worn to the pull point. */
        TREAD(WORDS.say("tread")),
        /** Before its own limit: its axle, the vehicle or the visit asked for it. */
        SHARED_VISIT(WORDS.say("sharesTheVisit")),
        /** Still on the vehicle when the years end. */
        STILL_INSTALLED(WORDS.say("stillRunning"));

        private final String label;

        EndReason(String words) {
            this.label = words;
        }

        /**
         * For people.
         *
         * @return a few words
         */
        public String label() {
            return label;
        }
    }

    /** A stay at one position, from one day to the next. */
    public record Installation(Position position, LocalDate from, LocalDate to) {}

    /**
     * One tire's life as a ribbon over the positions it runs on.
     *
     * @param dotWeek the Sunday of its DOT week; empty where not read
     * @param purchasedOn whether it is bought within the years
     * @param spanEarliest the day it would be worn at the earliest, where it ends by tread
     * @param unusedYears of age left when it goes
     * @param unused32nds of tread above the pull point left when it goes
     */
    public record TireTimeline(
            Optional<LocalDate> dotWeek,
            boolean purchasedOn,
            List<Installation> installations,
            EndReason end,
            Optional<LocalDate> spanEarliest,
            Optional<LocalDate> spanLatest,
            double unusedYears,
            double unused32nds,
            long cents) {

        /**
         * When it is first on the vehicle.
         *
         * @return the first day shown
         */
        public LocalDate from() {
            return installations.get(0).from();
        }

        /**
         * When it is last on the vehicle.
         *
         * @return the day it goes, or the day the years end
         */
        public LocalDate to() {
            return installations.get(installations.size() - 1).to();
        }

        /**
         * How much of its life is thrown away with it, by age, counted from the first day shown.
         *
         * @return a share of the life it could have had, 0 to 1
         */
        public double unusedShare() {
            double used = ChronoUnit.DAYS.between(from(), to()) / OutlookSimulation.DAYS;
            return unusedYears <= 0 ? 0 : unusedYears / (unusedYears + used);
        }
    }

    /**
     * One day in the shop.
     *
     * @param bought positions that get a new tire
     * @param moved positions that get a tire from another one
     * @param sensors new sensors fitted
     * @param tireCents at that year's prices
     */
    public record Visit(
            LocalDate day,
            List<Position> bought,
            List<Position> moved,
            int sensors,
            int minutes,
            long tireCents,
            long sensorCents,
            long laborCents) {

        /**
         * Tires, sensors and labor together.
         *
         * @return in cents
         */
        public long cents() {
            return tireCents + sensorCents + laborCents;
        }
    }

    /** A limit the plan can't keep: which, when, and the cheapest cure. */
    public record LimitExceeded(
            Position position, EndReason limit, LocalDate on, LocalDate nextVisit, Message statement, Message remedy) {}

    /**
     * What all visits cost.
     *
     * @return in cents
     */
    public long cents() {
        return visits.stream().mapToLong(Visit::cents).sum();
    }

    /**
     * How many tires are bought.
     *
     * @return over all visits
     */
    public int tires() {
        return visits.stream().mapToInt(visit -> visit.bought().size()).sum();
    }
}
