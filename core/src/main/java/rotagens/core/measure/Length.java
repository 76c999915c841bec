package rotagens.core.measure;

/** A length on a tire or wheel, such as an overall diameter. */
public record Length(double mm) implements Quantity {

    private static final double MM_PER_INCH = 25.4;

    public Length {
        if (!(mm >= 0) || mm > 10_000) {
            throw new InvalidEntry("A length of " + mm + " mm fits no tire or wheel.");
        }
    }

    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    public static Length ofInches(double inches) {
        return new Length(inches * MM_PER_INCH);
    }

    public double inches() {
        return mm / MM_PER_INCH;
    }

    @Override
    public String in(Units units) {
        return units == Units.US ? Figures.rounded(inches(), 2) + " in" : Figures.rounded(mm, 1) + " mm";
    }
}
