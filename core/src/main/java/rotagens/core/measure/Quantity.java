package rotagens.core.measure;

import java.util.Arrays;

/** A measured figure that can be shown in either family of units. Shown in its own family, it reads exactly as entered. */
public interface Quantity {

    /**
     * The figure with its unit, for example {@code 80 psi}, {@code 552 kPa}, {@code 5/32 in}.
     *
     * @param units the family of units to show it in
     * @return for the screen
     */
    String format(Units units);

    /**
     * Whether both read the same in one of the families of units: a figure that was only converted on its way is no other one.
     *
     * @param other the figure it is compared with
     * @return whether a person would read them as one
     */
    default boolean readsAs(Quantity other) {
        return Arrays.stream(Units.values()).anyMatch(units -> format(units).equals(other.format(units)));
    }
}
