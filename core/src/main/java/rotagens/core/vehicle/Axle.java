package rotagens.core.vehicle;

/** One axle, counted from the front; each end carries one tire, or two as a dual. */
public record Axle(AxleRole role, boolean dual) {

    public int tires() {
        return dual ? 4 : 2;
    }
}
