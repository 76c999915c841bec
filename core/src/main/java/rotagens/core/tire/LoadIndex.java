package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.Optional;
import java.util.stream.IntStream;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;

/**
 * The number on the sidewall that stands for the load one tire carries at the pressure for its maximum load (ISO 4000-1 and
 * 4209-1): 0 is 45 kg, 279 is 136,000 kg. Every 80 steps are a factor of ten.
 *
 * @param number 0 to 279
 */
public record LoadIndex(int number) {

    private static final int HIGHEST = 279;
    private static final int STEPS = 80;

    /** Indices 80 to 159 in kg before the table rounds them. */
    private static final double[] KG = {
        450, 462.5, 475, 487.5, 500, 515, 530, 545, 560, 580, 600, 615, 630, 650, 670, 690, 710, 730, 750, 775, 800,
        825, 850, 875, 900, 925, 950, 975, 1000, 1030, 1060, 1090, 1120, 1150, 1180, 1215, 1250, 1285, 1320, 1360, 1400,
        1450, 1500, 1550, 1600, 1650, 1700, 1750, 1800, 1850, 1900, 1950, 2000, 2060, 2120, 2180, 2240, 2300, 2360,
        2430, 2500, 2575, 2650, 2725, 2800, 2900, 3000, 3075, 3150, 3250, 3350, 3450, 3550, 3650, 3750, 3875, 4000,
        4125, 4250, 4375
    };

    /**
     * Checks that there is one.
     *
     * @param number the figure on the sidewall
     * @throws InvalidInputException where the table has no such index
     */
    public LoadIndex {
        if (number < 0 || number > HIGHEST) {
            throw new InvalidInputException(
                    WORDS.say("loadIndexDoesntExistThey", "number", number, "highest", HIGHEST));
        }
    }

    /**
     * The lowest index that stands for at least this load; empty over the highest.
     *
     * @param load what it has to carry
     * @return the index
     */
    public static Optional<LoadIndex> carrying(Load load) {
        return IntStream.rangeClosed(0, HIGHEST)
                .mapToObj(LoadIndex::new)
                .filter(index -> index.load().kg() >= load.kg() - 1e-6)
                .findFirst();
    }

    /**
     * The load at this index, in kg as the table has it.
     *
     * @return in kg
     */
    public Load load() {
        return Load.kg(kg());
    }

    private double kg() {
        double kg = KG[number % STEPS] * Math.pow(10, number / STEPS - 1.0);
        // Under 1,000 kg the table keeps three figures, cut off, not rounded: 462.5 reads 462.
        if (kg >= 1000) {
            return Math.rint(kg);
        }
        double unit = kg >= 100 ? 1 : 10;
        return Math.floor(kg * unit + 1e-9) / unit;
    }
}
