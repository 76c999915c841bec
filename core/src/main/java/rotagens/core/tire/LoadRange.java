package rotagens.core.tire;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Pressure;

/**
 * The letter that stands for a ply rating, or SL and XL on passenger tires. The pressures usual for LT-metric are a hint only:
 * wide flotation sizes differ, so no rule ever takes one as a reference or a maximum.
 */
public enum LoadRange {
    SL(0, 0),
    XL(0, 0),
    A(2, 0),
    B(4, 35),
    C(6, 50),
    D(8, 65),
    E(10, 80),
    F(12, 95),
    G(14, 0),
    H(16, 0),
    J(18, 0),
    L(20, 0),
    M(22, 0),
    N(24, 0);

    static final String PATTERN = "SL|XL|[A-HJL-N]";
    private final int plyRating;
    private final int usualPsi;

    LoadRange(int plyRating, int usualPsi) {
        this.plyRating = plyRating;
        this.usualPsi = usualPsi;
    }

    public boolean isPassenger() {
        return this == SL || this == XL;
    }

    public OptionalInt plyRating() {
        return isPassenger() ? OptionalInt.empty() : OptionalInt.of(plyRating);
    }

    /** What is usual for an LT-metric tire of this range, as a hint for the reader. */
    public Optional<Pressure> usualOnLtMetric() {
        return usualPsi == 0 ? Optional.empty() : Optional.of(Pressure.psi(usualPsi));
    }

    public String meaning() {
        return switch (this) {
            case SL -> "standard load, passenger";
            case XL -> "extra load, passenger";
            default -> "ply rating " + plyRating;
        };
    }

    /** Reads {@code E}, {@code lr e}, {@code load range E}, {@code XL} or {@code 10PR}. */
    public static LoadRange parse(String text) {
        String given = (text == null ? "" : text.toUpperCase(Locale.ROOT))
                .replaceAll("\\s+", "")
                .replaceFirst("^(LOADRANGE|LR)(?=.)", "");
        return Arrays.stream(values())
                .filter(range ->
                        range.name().equals(given) || !range.isPassenger() && given.equals(range.plyRating + "PR"))
                .findFirst()
                .orElseThrow(
                        () -> new InvalidInputException(
                                "The load range is one letter such as E, or SL or XL on passenger tires. Read the sidewall again."));
    }
}
