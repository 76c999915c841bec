package rotagens.core.wear;

import static rotagens.core.wear.WearWords.WORDS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.TreadDepth;
import rotagens.core.wear.WearPattern.Shape;

/**
 * Tread depths measured across the tread at up to four places round the tire. At each place two to five grooves, from the outer
 * to the inner edge; every place has the same grooves.
 */
public record TreadGrid(List<List<TreadDepth>> locations) {

    private static final int MOST_PLACES = 4;
    private static final int LEAST_GROOVES = 2;
    private static final int MOST_GROOVES = 5;
    private static final double SLACK = 1e-9;

    /**
     * Checks what was measured.
     *
     * @param locations 1 to 4 places, each with the same 2 to 5 grooves, outer edge first
     * @throws InvalidInputException where there are more or fewer places or grooves, or not the same grooves everywhere
     */
    public TreadGrid {
        locations = locations.stream().map(List::copyOf).toList();
        if (locations.isEmpty() || locations.size() > MOST_PLACES) {
            throw new InvalidInputException(WORDS.say("measureAt1To4"));
        }
        int grooves = locations.get(0).size();
        if (grooves < LEAST_GROOVES || grooves > MOST_GROOVES) {
            throw new InvalidInputException(WORDS.say("measure2To5Grooves"));
        }
        if (locations.stream().anyMatch(place -> place.size() != grooves)) {
            throw new InvalidInputException(WORDS.say("measureTheSameGrooves", "grooves", grooves));
        }
    }

    /**
     * One place, outer, center and inner, in 32nds.
     *
     * @param grooves depths in 32nds of an inch, outer edge first, 2 to 5 of them
     * @return one place
     */
    public static TreadGrid of32nds(double... grooves) {
        return new TreadGrid(List.of(
                java.util.Arrays.stream(grooves).mapToObj(TreadDepth::of32nds).toList()));
    }

    /**
     * How many grooves were measured across the tread.
     *
     * @return 2 to 5
     */
    public int grooves() {
        return locations.get(0).size();
    }

    /**
     * The lowest single depth: it decides limits, never the pattern.
     *
     * @return over all places and grooves
     */
    public TreadDepth lowest() {
        return locations.stream()
                .flatMap(List::stream)
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    /**
     * The three zones: the outermost grooves are the shoulders, what lies between is the center; two grooves have none.
     *
     * @return the median of each zone over the places, and the lowest single depth
     */
    public GrooveDepths zones() {
        int last = grooves() - 1;
        return new GrooveDepths(
                Optional.of(zone(0, 0)),
                last < 2 ? Optional.empty() : Optional.of(zone(1, last - 1)),
                Optional.of(zone(last, last)),
                locations.size() == 1 && grooves() == 3 ? Optional.empty() : Optional.of(lowest()));
    }

    /** Each zone's depth is the median over the places measured; a groove measured once stands as it was entered. */
    private TreadDepth zone(int from, int to) {
        List<TreadDepth> depths = new ArrayList<>();
        locations.forEach(place -> depths.addAll(place.subList(from, to + 1)));
        depths.sort(Comparator.naturalOrder());
        int middle = depths.size() / 2;
        if (depths.size() % 2 == 1) {
            return depths.get(middle);
        }
        TreadDepth below = depths.get(middle - 1);
        TreadDepth above = depths.get(middle);
        return below.equals(above) ? below : TreadDepth.of32nds((below.thirtySeconds() + above.thirtySeconds()) / 2);
    }

    /** How many 32nds under the rib's highest place one place must lie to count as low. */
    static double lowLocation(double difference) {
        return difference + 1;
    }

    /**
     * What the depths of one rib round the tire say: low at one place a flat spot, at two or more cupping. Nothing where only one
     * place was measured.
     *
     * @param difference how many 32nds apart make a difference; one more makes a place low
     * @return cupping, flat spot, both, or none
     */
    public Set<Shape> localSigns(double difference) {
        Set<Shape> signs = EnumSet.noneOf(Shape.class);
        double low = lowLocation(difference) - SLACK;
        for (int groove = 0; groove < grooves(); groove++) {
            int at = groove;
            double highest = locations.stream()
                    .mapToDouble(place -> place.get(at).thirtySeconds())
                    .max()
                    .orElseThrow();
            long lows = locations.stream()
                    .filter(place -> highest - place.get(at).thirtySeconds() >= low)
                    .count();
            if (lows >= 2) {
                signs.add(Shape.CUPPING);
            } else if (lows == 1) {
                signs.add(Shape.FLAT_SPOT);
            }
        }
        return signs;
    }

    /**
     * The pattern: a sign seen, felt or measured round the tire wins over the depths across.
     *
     * @param difference how many 32nds apart make a difference
     * @param seenOrFelt what eye and hand found
     * @return empty (can’t tell) where too little was measured and nothing was seen or felt
     */
    public Optional<WearPattern> pattern(double difference, Set<Shape> seenOrFelt) {
        Set<Shape> signs = EnumSet.noneOf(Shape.class);
        signs.addAll(seenOrFelt);
        signs.addAll(localSigns(difference));
        return WearPattern.classify(zones(), difference, signs);
    }
}
