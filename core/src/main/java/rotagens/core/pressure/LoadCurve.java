package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.TireModel;

/** What one tire carries at each cold pressure, and what pressure a load asks for: from its maker's chart, or estimated. */
public sealed interface LoadCurve {

    /** Passenger tires on trucks, vans, buses and trailers carry their rated load divided by this (49 CFR 571.110). */
    double PASSENGER_DERATING = 1.10;

    /** The answer for a load. */
    sealed interface PressureForLoad {}

    /**
     * A pressure that carries the load.
     *
     * @param isLimitedByMaximum the row that carries it lies over a maximum, what the load needs does not: the maximum is taken
     */
    record Found(Pressure pressure, boolean isLimitedByMaximum) implements PressureForLoad {

        Found(Pressure pressure) {
            this(pressure, false);
        }
    }

    /** The tire can't carry it at any pressure. */
    record Overloaded(Load max) implements PressureForLoad {}

    /** The tire could, but the pressure it takes is above a maximum. */
    record LimitTooLow(Pressure needed, Pressure maximum) implements PressureForLoad {}

    /** One row of the ladder. */
    record Rung(Pressure pressure, double lb) {}

    /**
     * In lb at a cold pressure in psi; never more than the tire's most.
     *
     * @param psi a cold pressure
     * @return lb
     */
    double capacityLb(double psi);

    /** What may be taken off the first row's pressure for a load under it: never more than a fifth. */
    double LEAST_OF_FIRST_ROW = 0.8;

    /** Load rises with this power of the pressure where no chart says better; the most cautious in use. */
    double POWER = 0.8;

    /**
     * The minimum for a load in psi: where capacity equals it, on the straight line between rows. Under the first row it falls
     * with the 1.25th power of the load, to 80 % of that row at the least. Empty over the most the tire carries. For watching;
     * a target is always a row.
     *
     * @param lb the load on one tire
     * @return psi
     */
    Optional<Double> minimumForLoadPsi(double lb);

    /**
     * The pressure to set for a load: always a row, never under what the load asks for.
     *
     * @param lb the load on one tire
     * @param maximumPsi the highest of tire and wheel
     * @return the row, or why none may be taken
     */
    PressureForLoad size(double lb, double maximumPsi);

    /**
     * The most the tire carries.
     *
     * @return lb
     */
    double maxLb();

    /**
     * Whether it is worked out instead of read from a chart.
     *
     * @return false where a chart of this very model is on file
     */
    boolean isEstimate();

    /**
     * The rows, from the lowest up.
     *
     * @return at least two
     */
    List<Rung> rungs();

    /** The maker's chart, read between the rows on a straight line. */
    record FromChart(LoadChart chart, boolean dual, double derating) implements LoadCurve {

        private double load(LoadChart.Row row) {
            return row.load(dual).orElseThrow().lb() / derating;
        }

        @Override
        public double capacityLb(double psi) {
            List<LoadChart.Row> rows = chart.rows();
            LoadChart.Row first = rows.get(0);
            if (psi < first.pressure().psi()) {
                return load(first) * underFirstRow(psi / first.pressure().psi());
            }
            for (int at = 1; at < rows.size(); at++) {
                double below = rows.get(at - 1).pressure().psi();
                double above = rows.get(at).pressure().psi();
                if (psi <= above) {
                    double share = (psi - below) / (above - below);
                    return load(rows.get(at - 1)) + share * (load(rows.get(at)) - load(rows.get(at - 1)));
                }
            }
            return maxLb();
        }

        /** The minimum for a load, turned round; under 80 % of the first row in proportion, for nothing is promised there. */
        private static double underFirstRow(double share) {
            return share >= LEAST_OF_FIRST_ROW
                    ? Math.pow(share, POWER)
                    : Math.pow(LEAST_OF_FIRST_ROW, POWER) * share / LEAST_OF_FIRST_ROW;
        }

        @Override
        public Optional<Double> minimumForLoadPsi(double lb) {
            List<LoadChart.Row> rows = chart.rows();
            double first = load(rows.get(0));
            if (lb <= first) {
                double share = Math.max(LEAST_OF_FIRST_ROW, Math.pow(lb / first, 1 / POWER));
                return Optional.of(share * rows.get(0).pressure().psi());
            }
            for (int at = 1; at < rows.size(); at++) {
                double below = load(rows.get(at - 1));
                double above = load(rows.get(at));
                if (lb <= above) {
                    double from = rows.get(at - 1).pressure().psi();
                    return Optional.of(from
                            + (lb - below)
                                    / (above - below)
                                    * (rows.get(at).pressure().psi() - from));
                }
            }
            return Optional.empty();
        }

        @Override
        public PressureForLoad size(double lb, double maximumPsi) {
            for (LoadChart.Row row : chart.rows()) {
                if (load(row) >= lb) {
                    if (row.pressure().psi() <= maximumPsi + 1e-6) {
                        return new Found(row.pressure());
                    }
                    return minimumForLoadPsi(lb).orElseThrow() <= maximumPsi + 1e-6
                            ? new Found(Pressure.psi(maximumPsi), true)
                            : new LimitTooLow(row.pressure(), Pressure.psi(maximumPsi));
                }
            }
            return new Overloaded(Load.lb(Math.floor(maxLb())));
        }

        @Override
        public double maxLb() {
            return load(chart.rows().get(chart.rows().size() - 1));
        }

        @Override
        public boolean isEstimate() {
            return false;
        }

        @Override
        public List<Rung> rungs() {
            return chart.rows().stream()
                    .map(row -> new Rung(row.pressure(), load(row)))
                    .toList();
        }
    }

    /**
     * No chart: load = most × (P / reference)^0.8, the most cautious of the exponents in use.
     *
     * @param maxLb what the tire carries at the reference pressure
     * @param referencePsi the molded pressure; on passenger tires the standard's
     */
    record Estimated(double maxLb, double referencePsi) implements LoadCurve {

        private static final double EXPONENT = POWER;
        private static final double LOWEST_SHARE = 0.65;
        private static final double STEP_PSI = 5;

        @Override
        public double capacityLb(double psi) {
            return maxLb * Math.pow(Math.min(psi, referencePsi) / referencePsi, EXPONENT);
        }

        @Override
        public Optional<Double> minimumForLoadPsi(double lb) {
            return lb > maxLb ? Optional.empty() : Optional.of(raw(lb));
        }

        private double raw(double lb) {
            return referencePsi * Math.pow(lb / maxLb, 1 / EXPONENT);
        }

        @Override
        public PressureForLoad size(double lb, double maximumPsi) {
            if (lb > maxLb) {
                return new Overloaded(Load.lb(Math.floor(maxLb)));
            }
            if (raw(lb) > maximumPsi + 1e-6) {
                return new LimitTooLow(Pressure.psi(Math.ceil(raw(lb) * 10) / 10), Pressure.psi(maximumPsi));
            }
            double set = rounded(Math.max(raw(lb), lowest()));
            return set > maximumPsi + 1e-6 ? new Found(Pressure.psi(maximumPsi), true) : new Found(Pressure.psi(set));
        }

        private double lowest() {
            return LOWEST_SHARE * referencePsi;
        }

        private double rounded(double psi) {
            return Math.min(referencePsi, Math.ceil(psi / STEP_PSI - 1e-9) * STEP_PSI);
        }

        @Override
        public boolean isEstimate() {
            return true;
        }

        @Override
        public List<Rung> rungs() {
            double from = rounded(lowest());
            return DoubleStream.concat(
                            DoubleStream.iterate(from, psi -> psi < referencePsi - 1e-6, psi -> psi + STEP_PSI),
                            DoubleStream.of(referencePsi))
                    .mapToObj(psi -> new Rung(Pressure.psi(psi), capacityLb(psi)))
                    .toList();
        }
    }

    /** Different models on one axle: all carry the same pressure, so the weakest decides. */
    record LowestOf(List<LoadCurve> curves) implements LoadCurve {

        @Override
        public double capacityLb(double psi) {
            return curves.stream().mapToDouble(one -> one.capacityLb(psi)).min().orElseThrow();
        }

        @Override
        public Optional<Double> minimumForLoadPsi(double lb) {
            List<Double> needs = curves.stream()
                    .flatMap(one -> one.minimumForLoadPsi(lb).stream())
                    .toList();
            return needs.size() == curves.size() ? needs.stream().max(Double::compare) : Optional.empty();
        }

        @Override
        public PressureForLoad size(double lb, double maximumPsi) {
            return curves.stream()
                    .map(one -> one.size(lb, maximumPsi))
                    .max(java.util.Comparator.comparingDouble(LowestOf::severity))
                    .orElseThrow();
        }

        private static double severity(PressureForLoad pressureForLoad) {
            if (pressureForLoad instanceof Found found) {
                return found.pressure().psi();
            }
            return pressureForLoad instanceof LimitTooLow
                    ? 10_000
                    : 20_000 - ((Overloaded) pressureForLoad).max().lb() / 1_000;
        }

        @Override
        public double maxLb() {
            return curves.stream().mapToDouble(LoadCurve::maxLb).min().orElseThrow();
        }

        @Override
        public boolean isEstimate() {
            return curves.stream().anyMatch(LoadCurve::isEstimate);
        }

        @Override
        public List<Rung> rungs() {
            return curves.get(0).rungs().stream()
                    .map(rung ->
                            new Rung(rung.pressure(), capacityLb(rung.pressure().psi())))
                    .toList();
        }
    }

    /**
     * The estimate for a tire, from what its sidewall says; refused where that isn't on record.
     *
     * @param tire its model
     * @param dual whether it is one of a dual
     * @param derating what a passenger tire carries less on this vehicle: 1 where nothing
     * @return the curve
     */
    static Estimated estimateFor(TireModel tire, boolean dual, double derating) {
        Load most = tire.ratings()
                .maxLoad(dual)
                .orElseThrow(() -> new InvalidInputException(
                        dual
                                ? WORDS.say("noDualRatingOnRecord", "tire", tire.title())
                                : WORDS.say("noMaximumLoadOnRecord", "tire", tire.title())));
        return new Estimated(most.lb() / derating, reference(tire));
    }

    private static double reference(TireModel tire) {
        if (tire.isPassenger()) {
            boolean extra = tire.ratings().range().filter(LoadRange.XL::equals).isPresent();
            boolean pMetric = tire.size().molded().startsWith("P");
            return pMetric ? (extra ? 41 : 35) : (extra ? 42 : 36);
        }
        return tire.moldedPressure()
                .map(Pressure::psi)
                .orElseThrow(
                        () -> new InvalidInputException(WORDS.say("noPressureForTheMaximum", "tire", tire.title())));
    }
}
