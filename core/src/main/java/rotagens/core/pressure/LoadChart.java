package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;

/**
 * A maker's load–inflation chart: what one tire carries at each cold pressure.
 *
 * @param manufacturer who made the tires it is for
 * @param model empty where the maker gives one chart for all its models of the size
 * @param size as molded
 * @param range empty where it is for all of them
 * @param rows from the lowest pressure up
 * @param source where it was taken from, for example <i>maker’s data book, page 41</i>
 */
public record LoadChart(
        String manufacturer, String model, TireSize size, Optional<LoadRange> range, List<Row> rows, String source) {

    /** One row; without a dual load the chart says nothing for duals. */
    public record Row(Pressure pressure, Load single, Optional<Load> dual) {

        Optional<Load> load(boolean asDual) {
            return asDual ? dual : Optional.of(single);
        }
    }

    /** A cell that can't be right, counted from 1 as on the page. */
    public record InputError(int row, String column, Message statement) {}

    private static final double RATED_WITHIN = 0.01;
    private static final int FEWEST_ROWS = 2;

    /**
     * Keeps its own copy.
     *
     * @param manufacturer who made the tires it is for
     * @param model empty where it is for all
     * @param size as molded
     * @param range empty where it is for all of them
     * @param rows from the lowest pressure up
     * @param source where it was taken from
     */
    public LoadChart {
        rows = List.copyOf(rows);
    }

    /**
     * What people call it.
     *
     * @return maker, model where it is of one, size
     */
    public String title() {
        return manufacturer + (model.isEmpty() ? "" : " " + model) + " " + size.molded()
                + range.map(letter -> " " + letter).orElse("");
    }

    /**
     * Made for this very model.
     *
     * @param tire a model on file
     * @return whether the target may rest on it
     */
    public boolean isFor(TireModel tire) {
        return manufacturer.equalsIgnoreCase(tire.manufacturer())
                && (model.isEmpty() || model.equalsIgnoreCase(tire.name()))
                && fits(tire);
    }

    /**
     * Another maker's or another model's chart for the same size and load range: shown, never final.
     *
     * @param tire a model on file
     * @return whether it may stand beside
     */
    public boolean isSurrogateFor(TireModel tire) {
        return !isFor(tire) && fits(tire);
    }

    private boolean fits(TireModel tire) {
        return size.molded().equals(tire.size().molded())
                && range.equals(tire.ratings().range());
    }

    boolean saysFor(boolean asDual) {
        return !rows.isEmpty() && rows.stream().allMatch(row -> row.load(asDual).isPresent());
    }

    /**
     * Every cell that can't be right: pressures and loads have to rise, a dual carries less than a single, and the chart has to
     * reach the rated load at the molded pressure within 1 %.
     *
     * @param tires the models on file that the chart is for
     * @return each at its cell; empty where it holds together
     */
    public List<InputError> faults(List<TireModel> tires) {
        List<InputError> inputErrors = new ArrayList<>();
        if (rows.size() < FEWEST_ROWS) {
            inputErrors.add(new InputError(1, "pressure", WORDS.message("chartHasAtLeastTwo")));
        }
        for (int at = 0; at < rows.size(); at++) {
            Row row = rows.get(at);
            row.dual()
                    .filter(dual -> dual.lb() >= row.single().lb())
                    .ifPresent(dual -> inputErrors.add(new InputError(
                            atRow(row), "dual", WORDS.message("asOneOfADual", "dual", dual, "single", row.single()))));
            if (at > 0) {
                rises(row, rows.get(at - 1), inputErrors);
            }
        }
        if (inputErrors.isEmpty()) {
            tires.stream().filter(this::isFor).forEach(tire -> {
                reachesRated(tire, false, inputErrors);
                reachesRated(tire, true, inputErrors);
            });
        }
        return inputErrors;
    }

    private int atRow(Row row) {
        return rows.indexOf(row) + 1;
    }

    private void rises(Row row, Row below, List<InputError> inputErrors) {
        if (row.pressure().psi() <= below.pressure().psi()) {
            inputErrors.add(new InputError(
                    atRow(row),
                    "pressure",
                    WORDS.message("isntAboveInTheRow", "pressure", row.pressure(), "before", below.pressure())));
        }
        for (boolean dual : new boolean[] {false, true}) {
            Optional<Load> here = row.load(dual);
            Optional<Load> before = below.load(dual);
            if (here.isPresent()
                    && before.isPresent()
                    && here.get().lb() <= before.get().lb()) {
                inputErrors.add(new InputError(
                        atRow(row),
                        dual ? WORDS.say("dual") : WORDS.say("single"),
                        WORDS.message(
                                "atIsntAbove",
                                "here",
                                here.get(),
                                "pressure",
                                row.pressure(),
                                "before",
                                before.get())));
            } else if (dual && here.isPresent() != before.isPresent()) {
                inputErrors.add(new InputError(atRow(row), "dual", WORDS.message("giveTheDualLoad")));
            }
        }
    }

    private void reachesRated(TireModel tire, boolean dual, List<InputError> inputErrors) {
        Optional<Load> rated = tire.ratings().maxLoad(dual);
        if (rated.isEmpty() || tire.moldedPressure().isEmpty() || tire.isPassenger() || !saysFor(dual)) {
            return;
        }
        double psi = tire.moldedPressure().get().psi();
        Row last = rows.get(rows.size() - 1);
        double reached = new LoadCurve.FromChart(this, dual, 1).capacityLb(psi);
        boolean covered = last.pressure().psi() >= psi - 1e-6;
        if (!covered
                || Math.abs(reached - rated.get().lb())
                        > RATED_WITHIN * rated.get().lb()) {
            inputErrors.add(new InputError(
                    rows.size(),
                    dual ? WORDS.say("dual") : WORDS.say("single"),
                    covered
                            ? WORDS.message(
                                    "chartReachesAtTheSidewall",
                                    "reached",
                                    Load.lb(Math.rint(reached)),
                                    "moldedPressure",
                                    tire.moldedPressure().get(),
                                    "tire",
                                    tire.title(),
                                    "rated",
                                    rated.get())
                            : WORDS.message(
                                    "chartEndsAtBut",
                                    "pressure",
                                    last.pressure(),
                                    "tire",
                                    tire.title(),
                                    "moldedPressure",
                                    tire.moldedPressure().get())));
        }
    }
}
