package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

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
    /** Standard load, on passenger tires. */
    SL(0, 0),
    /** Extra load, on passenger tires. */
    XL(0, 0),
    /** Ply rating 2. */
    A(2, 0),
    /** Ply rating 4. */
    B(4, 35),
    /** Ply rating 6. */
    C(6, 50),
    /** Ply rating 8. */
    D(8, 65),
    /** Ply rating 10. */
    E(10, 80),
    /** Ply rating 12. */
    F(12, 95),
    /** Ply rating 14. */
    G(14, 0),
    /** Ply rating 16. */
    H(16, 0),
    /** Ply rating 18. */
    J(18, 0),
    /** Ply rating 20. */
    L(20, 0),
    /** Ply rating 22. */
    M(22, 0),
    /** Ply rating 24. */
    N(24, 0);

    static final String PATTERN = "SL|XL|[A-HJL-N]";
    private final int plyRating;
    private final int usualPsi;

    LoadRange(int plyRating, int usualPsi) {
        this.plyRating = plyRating;
        this.usualPsi = usualPsi;
    }

    /**
     * Whether it stands on passenger tires.
     *
     * @return for SL and XL
     */
    public boolean isPassenger() {
        return this == SL || this == XL;
    }

    /**
     * The ply rating the letter stands for.
     *
     * @return empty on passenger tires
     */
    public OptionalInt plyRating() {
        return isPassenger() ? OptionalInt.empty() : OptionalInt.of(plyRating);
    }

    /**
     * What is usual for an LT-metric tire of this range, as a hint for the reader.
     *
     * @return empty where nothing is usual; never a reference or a maximum
     */
    public Optional<Pressure> usualOnLtMetric() {
        return usualPsi == 0 ? Optional.empty() : Optional.of(Pressure.psi(usualPsi));
    }

    /**
     * What the letter stands for.
     *
     * @return for the middle of a sentence
     */
    public String meaning() {
        return switch (this) {
            case SL -> WORDS.say("standardLoadPassenger");
            case XL -> WORDS.say("extraLoadPassenger");
            default -> WORDS.say("plyRating", "plyRating", plyRating);
        };
    }

    /**
     * Reads {@code E}, {@code lr e}, {@code load range E}, {@code XL} or {@code 10PR}.
     *
     * @param text as typed or read
     * @return the range
     * @throws InvalidInputException where it is none
     */
    public static LoadRange parse(String text) {
        String given = (text == null ? "" : text.toUpperCase(Locale.ROOT))
                .replaceAll("\\s+", "")
                .replaceFirst("^(LOADRANGE|LR)(?=.)", "");
        return Arrays.stream(values())
                .filter(range ->
                        range.name().equals(given) || !range.isPassenger() && given.equals(range.plyRating + "PR"))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(WORDS.say("loadRangeIsOneLetter")));
    }
}
