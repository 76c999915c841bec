package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

/**
 * One axle, counted from the front; each end carries one tire, or two as a dual.
 *
 * @param role what it does
 * @param isDual whether each end carries two tires
 */
public record Axle(AxleRole role, boolean isDual) {

    /**
     * An axle by how many tires it carries: 2, or 4 as duals; an end never carries one tire and the other two.
     *
     * @param role what it does
     * @param tires 2 or 4
     * @return the axle
     * @throws rotagens.core.measure.InvalidInputException for any other number
     */
    public static Axle ofTires(AxleRole role, int tires) {
        if (tires != 2 && tires != 4) {
            throw new rotagens.core.measure.InvalidInputException(WORDS.say("axleCarries2Tires", "tires", tires));
        }
        return new Axle(role, tires == 4);
    }

    /**
     * How many tires it carries.
     *
     * @return 2, or 4 as duals
     */
    public int tires() {
        return isDual ? 4 : 2;
    }
}
