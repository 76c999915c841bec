package rotagens.core.measure;

import java.math.BigDecimal;

/** A weight carried or a rating such as GVWR, in lb or kg, kept as entered. */
public record Load(BigDecimal figure, Unit unit) implements Quantity {

    /** What scales and plates are marked in. */
    public enum Unit {
        LB,
        KG
    }

    private static final double LB_PER_KG = 1 / 0.45359237;

    public Load {
        double lb = unit == Unit.KG ? figure.doubleValue() * LB_PER_KG : figure.doubleValue();
        if (lb < 0 || lb > 200_000) {
            throw new InvalidEntry(Figures.plain(figure) + (unit == Unit.KG ? " kg" : " lb")
                    + " is outside what a road vehicle weighs. Read the plate or slip again.");
        }
    }

    public static Load lb(double lb) {
        return new Load(BigDecimal.valueOf(lb), Unit.LB);
    }

    public double lb() {
        return unit == Unit.KG ? figure.doubleValue() * LB_PER_KG : figure.doubleValue();
    }

    @Override
    public String in(Units units) {
        return units == Units.US ? Figures.grouped(lb()) + " lb" : Figures.grouped(lb() / LB_PER_KG) + " kg";
    }
}
