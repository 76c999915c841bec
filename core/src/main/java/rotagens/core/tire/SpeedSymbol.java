package rotagens.core.tire;

import java.util.Arrays;
import rotagens.core.measure.Distance;
import rotagens.core.measure.InvalidInputException;

/** The letter after the load index: the highest speed at which the tire carries that load (ISO 4223-1). */
public enum SpeedSymbol {
    A8(40),
    B(50),
    C(60),
    D(65),
    E(70),
    F(80),
    G(90),
    J(100),
    K(110),
    L(120),
    M(130),
    N(140),
    P(150),
    Q(160),
    R(170),
    S(180),
    T(190),
    U(200),
    H(210),
    V(240),
    W(270),
    Y(300);

    private final int kmPerHour;

    SpeedSymbol(int kmPerHour) {
        this.kmPerHour = kmPerHour;
    }

    public int kmPerHour() {
        return kmPerHour;
    }

    /** The distance of one hour at that speed, for showing it in either family of units. */
    public Distance anHour() {
        return new Distance(java.math.BigDecimal.valueOf(kmPerHour), Distance.Unit.KM);
    }

    static SpeedSymbol of(String letter) {
        return Arrays.stream(values())
                .filter(symbol -> symbol.name().equals(letter))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        "“" + letter + "” is no speed symbol. Read the letter after the load index again."));
    }
}
