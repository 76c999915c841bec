package rotagens.core.vehicle;

import java.time.Instant;
import java.util.List;
import rotagens.core.measure.Distance;

/**
 * The odometers a vehicle has had, one after the other, so that miles are counted on through a replacement.
 *
 * @param replaced in the order of time
 */
public record OdometerHistory(List<Replacement> replaced) {

    /**
     * Another odometer, or another start of the same one.
     *
     * @param at when it was replaced
     * @param last what the old one showed last
     * @param first what the new one began with
     */
    public record Replacement(Instant at, Distance last, Distance first) {}

    /**
     * What the odometer of a time showed.
     *
     * @param at when it was read
     * @param reading as shown, not counted on
     */
    public record Shown(Instant at, Distance reading) {}

    /** Never replaced. */
    public static final OdometerHistory ONE = new OdometerHistory(List.of());

    /**
     * Keeps its own copy.
     *
     * @param replaced in the order of time
     */
    public OdometerHistory {
        replaced = List.copyOf(replaced);
    }

    /**
     * Miles driven on the first odometer's count, from what the odometer of that time showed.
     *
     * @param at when it was read
     * @param shown what it showed
     * @return miles, counted on through every replacement up to then
     */
    public double driven(Instant at, Distance shown) {
        return shown.miles() + ahead(at);
    }

    /**
     * What the odometer of that time shows after so many miles driven.
     *
     * @param at when it is read
     * @param driven miles counted on through every replacement
     * @return miles
     */
    public double shown(Instant at, double driven) {
        return driven - ahead(at);
    }

    private double ahead(Instant at) {
        return replaced.stream()
                .filter(one -> !one.at().isAfter(at))
                .mapToDouble(one -> one.last().miles() - one.first().miles())
                .sum();
    }

    /**
     * Whether two readings can't both be right: the later one shows less on the same odometer. Readings of different odometers are
     * not compared.
     *
     * @param before the earlier reading
     * @param after the later one
     * @return true where one of them is wrong, or a replacement isn't on record
     */
    public boolean runsBackwards(Shown before, Shown after) {
        return !replacedBetween(before.at(), after.at())
                && after.reading().miles() < before.reading().miles();
    }

    /**
     * Whether the odometer was replaced between two instants, the later one included.
     *
     * @param from the earlier instant, not included
     * @param to the later one
     * @return whether readings of the two are of different odometers
     */
    public boolean replacedBetween(Instant from, Instant to) {
        return replaced.stream()
                .anyMatch(one -> one.at().isAfter(from) && !one.at().isAfter(to));
    }
}
