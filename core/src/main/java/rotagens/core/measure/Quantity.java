package rotagens.core.measure;

/** A measured figure that can be shown in either family of units. Shown in its own family, it reads exactly as entered. */
public interface Quantity {

    /** The figure with its unit, for example {@code 80 psi}, {@code 552 kPa}, {@code 5/32 in}. */
    String format(Units units);
}
