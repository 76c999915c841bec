package rotagens.core.vehicle;

/** One axle, counted from the front; each end carries one tire, or two as a dual. */
public record Axle(AxleRole role, boolean isDual) {

    /** An axle by how many tires it carries: 2, or 4 as duals; an end never carries one tire and the other two. */
    public static Axle ofTires(AxleRole role, int tires) {
        if (tires != 2 && tires != 4) {
            throw new rotagens.core.measure.InvalidInputException("An axle carries 2 tires, or 4 as duals: " + tires
                    + " would leave one end different from the other.");
        }
        return new Axle(role, tires == 4);
    }

    public int tires() {
        return isDual ? 4 : 2;
    }
}
