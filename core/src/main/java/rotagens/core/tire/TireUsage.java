package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Money;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;

/**
 * What a tire has given: miles over all its places, cost per mile and per 32nd, shares of its life by tread and age.
 *
 * @param miles over the stays that are known; empty where none is
 * @param isComplete whether every stay is known
 */
public record TireUsage(OptionalDouble miles, boolean isComplete) {

    /**
     * One stay on a vehicle.
     *
     * @param on odometer when it was fitted; empty where unknown
     * @param off odometer when it came off, or now
     */
    public record Installation(Optional<Distance> on, Optional<Distance> off) {}

    private static final double LEAST_MILES_FOR_COST = 100;
    private static final double KM_PER_MILE = 1.609344;
    private static final double MM_PER_32ND = 25.4 / 32;

    /**
     * Adds up the stays; where an odometer is missing, the sum is what is known, and says so.
     *
     * @param installations in any order
     * @return the miles
     */
    public static TireUsage of(List<Installation> installations) {
        double sum = 0;
        boolean whole = true;
        boolean any = false;
        for (Installation installation : installations) {
            boolean known = installation.on().isPresent() && installation.off().isPresent();
            whole &= known;
            if (known) {
                any = true;
                sum += Math.max(
                        0,
                        installation.off().get().miles()
                                - installation.on().get().miles());
            }
        }
        return new TireUsage(any ? OptionalDouble.of(sum) : OptionalDouble.empty(), whole && any);
    }

    /**
     * What each mile or kilometer cost; empty without a price, or under 100 miles, where the figure would mean nothing.
     *
     * @param price what the tire cost
     * @param units the family of units to say it in
     * @return for the middle of a sentence
     */
    public Optional<String> costOfDistance(Optional<Money> price, Units units) {
        if (miles.isEmpty() || !isComplete || miles.getAsDouble() < LEAST_MILES_FOR_COST) {
            return Optional.empty();
        }
        return price.map(paid -> units == Units.US
                ? WORDS.say("mile", "per", paid.per(miles.getAsDouble(), 3))
                : WORDS.say("km", "per", paid.per(miles.getAsDouble() * KM_PER_MILE, 3)));
    }

    /**
     * What each 32nd or millimeter of tread used cost.
     *
     * @param price what the tire cost
     * @param original tread depth when new
     * @param present tread depth now
     * @param units the family of units to say it in
     * @return empty where a depth isn’t known or nothing is worn
     */
    public static Optional<String> costOfTread(
            Optional<Money> price, Optional<TreadDepth> original, Optional<TreadDepth> present, Units units) {
        double used = original.isPresent() && present.isPresent()
                ? original.get().thirtySeconds() - present.get().thirtySeconds()
                : 0;
        if (used <= 0) {
            return Optional.empty();
        }
        return price.map(paid -> units == Units.US
                ? WORDS.say("at32NdOfTread", "per", paid.per(used, 2))
                : WORDS.say("mmOfTread", "per", paid.per(used * MM_PER_32ND, 2)));
    }

    /** Where a tire in stock ends: the limit on all but heavy steer axles, since nobody knows yet where it will roll. */
    public static final TreadDepth END_WITHOUT_PLACE = TreadDepth.of32nds(2);

    /**
     * Share of the usable tread that is used up, in percent: from the original depth down to the pull point.
     *
     * @param original tread depth when new
     * @param present tread depth now
     * @param pull the depth it comes off at
     * @return empty where there is no usable tread
     */
    public static OptionalDouble treadUsed(TreadDepth original, TreadDepth present, TreadDepth pull) {
        double usable = original.thirtySeconds() - pull.thirtySeconds();
        return usable <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(0, 100 * (original.thirtySeconds() - present.thirtySeconds()) / usable));
    }
}
