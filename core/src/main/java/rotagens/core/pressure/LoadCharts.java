package rotagens.core.pressure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Vehicle;

/** The charts and tire models on file, and which of them speaks for a tire. */
public record LoadCharts(List<LoadChart> charts, List<TireModel> catalogue) {

    /** No chart and no model on file. */
    public static final LoadCharts EMPTY = new LoadCharts(List.of(), List.of());

    /**
     * Keeps its own copies.
     *
     * @param charts those on file
     * @param catalogue the tire models on file
     */
    public LoadCharts {
        charts = List.copyOf(charts);
        catalogue = List.copyOf(catalogue);
    }

    /**
     * A tire's curve on a vehicle: its own chart, else the estimate; an InvalidInputException says what is missing for either.
     *
     * @param tire its model
     * @param dual whether it is one of a dual
     * @param vehicle the vehicle it is on
     * @return the rows a target is chosen from
     * @throws rotagens.core.measure.InvalidInputException where neither chart nor ratings are on file
     */
    public LoadCurve curve(TireModel tire, boolean dual, Vehicle vehicle) {
        double derating = tire.isPassenger() && vehicle.deratesPassengerTires() ? LoadCurve.PASSENGER_DERATING : 1;
        return charts.stream()
                .filter(chart -> chart.isFor(tire) && chart.saysFor(dual))
                .max(Comparator.comparing(chart -> !chart.model().isEmpty()))
                .<LoadCurve>map(chart -> new LoadCurve.FromChart(chart, dual, derating))
                .orElseGet(() -> LoadCurve.estimateFor(tire, dual, derating));
    }

    /**
     * Another maker's chart for the same size and load range, to be shown beside.
     *
     * @param tire its model
     * @param dual whether it is one of a dual
     * @return empty where none is on file
     */
    public Optional<LoadChart> surrogate(TireModel tire, boolean dual) {
        return charts.stream()
                .filter(chart -> chart.isSurrogateFor(tire) && chart.saysFor(dual))
                .findFirst();
    }

    /**
     * What a tire of the placard's size carried at the placard's pressure, in lb: of all models on file in that size the one
     * that carried most, since the original's load range isn't on the placard. Empty where no model of the size is on file.
     *
     * @param size the placard’s
     * @param psi the placard’s pressure
     * @param dual whether it is one of a dual
     * @param vehicle the vehicle
     * @return the tire and what it carried
     */
    public Optional<OriginalTire> original(TireSize size, double psi, boolean dual, Vehicle vehicle) {
        return catalogue.stream()
                .filter(model -> model.size().molded().equals(size.molded()))
                .flatMap(model -> carried(model, psi, dual, vehicle).stream())
                .max(Comparator.comparingDouble(OriginalTire::lb));
    }

    private Optional<OriginalTire> carried(TireModel model, double psi, boolean dual, Vehicle vehicle) {
        try {
            LoadCurve curve = curve(model, dual, vehicle);
            return Optional.of(new OriginalTire(model, curve.capacityLb(psi), curve.isEstimate()));
        } catch (InvalidInputException missing) {
            return Optional.empty();
        }
    }

    /** What the vehicle came with, as far as the books know. */
    public record OriginalTire(TireModel model, double lb, boolean estimate) {}
}
