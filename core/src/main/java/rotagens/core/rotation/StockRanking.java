package rotagens.core.rotation;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.Tire;

/** Which tires from stock are worth looking at for a vehicle, the likeliest first. */
public final class StockRanking {

    /** So many tires from stock can be weighed against each other at a time. */
    public static final int MOST_CONSIDERED = 8;

    private StockRanking() {}

    /**
     * Tires of a model the vehicle already runs, then those in its own yard, then the oldest DOT week, so that none is left to
     * age in stock. A tire whose week is not on file comes last. Source: shop practice; stock is used oldest first.
     *
     * @param stock tires in stock in the vehicle's sizes
     * @param installed what the vehicle runs today
     * @param inItsYard whether a tire is stored in the vehicle's own yard
     * @return all of them, in that order
     */
    public static List<CandidateTire> of(
            List<CandidateTire> stock, List<Tire> installed, Predicate<CandidateTire> inItsYard) {
        Set<String> titles =
                installed.stream().map(tire -> tire.model().title()).collect(Collectors.toSet());
        return stock.stream()
                .sorted(Comparator.comparing((CandidateTire one) ->
                                !titles.contains(one.tire().model().title()))
                        .thenComparing(one -> !inItsYard.test(one))
                        .thenComparing(one ->
                                one.tire().dotWeek().map(DotWeek::weekStart).orElse(LocalDate.MAX)))
                .toList();
    }
}
