package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.Arrays;
import rotagens.core.measure.Distance;
import rotagens.core.measure.InvalidInputException;

/** The letter after the load index: the highest speed at which the tire carries that load (ISO 4223-1). */
public enum SpeedSymbol {
    /** Up to 40 km an hour. */
    A8(40),
    /** Up to 50 km an hour. */
    B(50),
    /** Up to 60 km an hour. */
    C(60),
    /** Up to 65 km an hour. */
    D(65),
    /** Up to 70 km an hour. */
    E(70),
    /** Up to 80 km an hour. */
    F(80),
    /** Up to 90 km an hour. */
    G(90),
    /** Up to 100 km an hour. */
    J(100),
    /** Up to 110 km an hour. */
    K(110),
    /** Up to 120 km an hour. */
    L(120),
    /** Up to 130 km an hour. */
    M(130),
    /** Up to 140 km an hour. */
    N(140),
    /** Up to 150 km an hour. */
    P(150),
    /** Up to 160 km an hour. */
    Q(160),
    /** Up to 170 km an hour. */
    R(170),
    /** Up to 180 km an hour. */
    S(180),
    /** Up to 190 km an hour. */
    T(190),
    /** Up to 200 km an hour. */
    U(200),
    /** Up to 210 km an hour. */
    H(210),
    /** Up to 240 km an hour. */
    V(240),
    /** Up to 270 km an hour. */
    W(270),
    /** Up to 300 km an hour. */
    Y(300);

    private final int kmPerHour;

    SpeedSymbol(int kmPerHour) {
        this.kmPerHour = kmPerHour;
    }

    /**
     * The highest speed.
     *
     * @return in km an hour
     */
    public int kmPerHour() {
        return kmPerHour;
    }

    /**
     * The distance of one hour at that speed, for showing it in either family of units.
     *
     * @return in km as entered
     */
    public Distance anHour() {
        return new Distance(java.math.BigDecimal.valueOf(kmPerHour), Distance.Unit.KM);
    }

    static SpeedSymbol of(String letter) {
        return Arrays.stream(values())
                .filter(symbol -> symbol.name().equals(letter))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(WORDS.say("isNoSpeedSymbolRead", "letter", letter)));
    }
}
