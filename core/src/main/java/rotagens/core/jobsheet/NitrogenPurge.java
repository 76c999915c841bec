package rotagens.core.jobsheet;

/** Filling with nitrogen: what a purge leaves of air. A forecast; the analyser decides. */
public final class NitrogenPurge {

    /** Air is 78 % nitrogen. */
    public static final double AIR_IMPURITY = 22;

    private static final double ATMOSPHERE_PSI = 14.7;
    private static final int MOST = 6;

    private NitrogenPurge() {}

    /**
     * Impurity in % after emptying to no gauge pressure and filling to {@code psi} from a supply of some impurity.
     *
     * @param before impurity in the tire in %
     * @param supply impurity of the supply in %
     * @param psi gauge pressure of each fill
     * @return impurity in %
     */
    public static double impurityAfter(double before, double supply, double psi) {
        return (before * ATMOSPHERE_PSI + supply * psi) / (psi + ATMOSPHERE_PSI);
    }

    /**
     * Fills it takes to reach a purity in %, from air; empty where the supply never gets there.
     *
     * @param purity wanted, in %
     * @param supply impurity of the supply in %
     * @param psi gauge pressure of each fill
     * @return how many fills, at most those anybody does
     */
    public static java.util.OptionalInt fillsTo(double purity, double supply, double psi) {
        double impurity = AIR_IMPURITY;
        for (int fills = 1; fills <= MOST; fills++) {
            impurity = impurityAfter(impurity, supply, psi);
            if (100 - impurity >= purity) {
                return java.util.OptionalInt.of(fills);
            }
        }
        return java.util.OptionalInt.empty();
    }
}
