package rotagens.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Phrase;
import rotagens.core.vehicle.Position;

/** What the years bring for one vehicle under one strategy. */
public record Outcome(
        OutlookVehicle vehicle, List<Ribbon> ribbons, List<Visit> visits, List<Break> breaks, double oldestSteerYears) {

    /** Why a tire goes. */
    public enum End {
        OVERALL_AGE("overall age"),
        STEER_AGE("steer age"),
        TREAD("tread"),
        /** Before its own limit: its axle, the vehicle or the visit asked for it. */
        SHARED("shares the visit"),
        /** Still on the vehicle when the years end. */
        RUNNING("still running");

        private final String words;

        End(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** A stay at one position, from one day to the next. */
    public record Stay(Position position, LocalDate from, LocalDate to) {}

    /**
     * One tire's life as a ribbon over the positions it runs on.
     *
     * @param made the Sunday of its DOT week; empty where not read
     * @param bought whether it is bought within the years
     * @param spanEarliest the day it would be worn at the earliest, where it ends by tread
     * @param wastedYears of age left when it goes
     * @param wasted32nds of tread above the pull point left when it goes
     */
    public record Ribbon(
            Optional<LocalDate> made,
            boolean bought,
            List<Stay> stays,
            End end,
            Optional<LocalDate> spanEarliest,
            Optional<LocalDate> spanLatest,
            double wastedYears,
            double wasted32nds,
            long cents) {

        public LocalDate from() {
            return stays.get(0).from();
        }

        public LocalDate to() {
            return stays.get(stays.size() - 1).to();
        }

        /** The share of the life it could have had, counted from the first day shown, that it is thrown away with; by age. */
        public double thrownShare() {
            double used = ChronoUnit.DAYS.between(from(), to()) / Years.DAYS;
            return wastedYears <= 0 ? 0 : wastedYears / (wastedYears + used);
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

        public long cents() {
            return tireCents + sensorCents + laborCents;
        }
    }

    /** A limit the plan can't keep: which, when, and the cheapest cure. */
    public record Break(Position position, End limit, LocalDate on, LocalDate nextVisit, Phrase says, Phrase cure) {}

    public long cents() {
        return visits.stream().mapToLong(Visit::cents).sum();
    }

    public int tires() {
        return visits.stream().mapToInt(visit -> visit.bought().size()).sum();
    }
}
