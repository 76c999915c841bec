package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.util.OptionalLong;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Money;

/**
 * A buying program with a fee a year and a saving on each tire.
 *
 * @param fee a year
 * @param saving on each tire
 */
public record DiscountProgram(Money fee, Money saving) {

    /**
     * Refuses a program without a saving.
     *
     * @param fee a year
     * @param saving on each tire
     * @throws InvalidInputException where nothing is saved on a tire
     */
    public DiscountProgram {
        if (saving.cents() == 0) {
            throw new InvalidInputException(WORDS.say("withoutASavingOnEach"));
        }
    }

    /**
     * From so many tires a year it pays.
     *
     * @return tires a year, rounded up
     */
    public long breakEven() {
        return (fee.cents() + saving.cents() - 1) / saving.cents();
    }

    /**
     * What a year with so many tires gains, in cents; below nothing where the fee isn't earned.
     *
     * @param tires bought in a year
     * @return cents
     */
    public long gains(long tires) {
        return tires * saving.cents() - fee.cents();
    }

    /**
     * The program that gains most in a year; empty where none pays.
     *
     * @param programs all that are offered
     * @param tires bought in a year
     * @return its gain in cents
     */
    public static OptionalLong best(java.util.Collection<DiscountProgram> programs, long tires) {
        return programs.stream()
                .mapToLong(one -> one.gains(tires))
                .filter(gain -> gain > 0)
                .max();
    }
}
