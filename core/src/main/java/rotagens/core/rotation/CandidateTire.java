package rotagens.core.rotation;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.Reading;
import rotagens.core.inspection.MatchingRules;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Length;
import rotagens.core.measure.Money;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.Position;

/**
 * A tire that may be given a place.
 *
 * @param id of the tire on file; of a tire to buy one that no other has
 * @param name what people call it: its number, or where it is
 * @param tire model, DOT code, retread
 * @param source where it comes from
 * @param at where it sits on this vehicle today; empty for one from stock or one to buy
 * @param readings its own, newest first; for a tire to buy its depth when new
 * @param alerts everything wrong with it from its whole ledger, wherever it was and however long ago; they go where it goes
 * @param diameterNew by its maker's data or measured, where on file
 * @param price what it costs to buy, or what a tire taken from stock is worth
 */
public record CandidateTire(
        long id,
        String name,
        Tire tire,
        TireSource source,
        Optional<Position> at,
        List<Reading> readings,
        TireAlerts alerts,
        Optional<Length> diameterNew,
        Optional<Money> price) {

    /** Where it comes from. */
    public enum TireSource {
        /** It runs on this vehicle, or is its spare. */
        ON_VEHICLE,
        /** It lies in stock. */
        STOCK,
        /** It would have to be bought. */
        TO_BUY
    }

    /**
     * Copies what it is given.
     *
     * @param id of the tire on file
     * @param name what people call it
     * @param tire model, DOT code, retread
     * @param source where it comes from
     * @param at where it sits today
     * @param readings its own, newest first
     * @param alerts from its whole ledger
     * @param diameterNew where on file
     * @param price where known
     */
    public CandidateTire {
        readings = List.copyOf(readings);
    }

    /**
     * As it would sit at a position.
     *
     * @param position of the vehicle
     * @return with its own ledger and without one of that position
     */
    public TireState sittingAt(Position position) {
        return new TireState(
                position, Optional.of(tire), readings, alerts, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * Its lowest depth in 32nds.
     *
     * @return empty where its tread was never measured
     */
    public OptionalDouble lowest() {
        return sittingAt(ANYWHERE)
                .tread()
                .flatMap(known -> known.value().lowest())
                .map(depth -> OptionalDouble.of(depth.thirtySeconds()))
                .orElse(OptionalDouble.empty());
    }

    /**
     * As worn, to compare it with a neighbour.
     *
     * @return model, mean tread in 32nds and diameter when new
     */
    public MatchingRules.WornTire worn() {
        MatchingRules.WornTire measured =
                MatchingRules.WornTire.of(sittingAt(ANYWHERE)).orElseThrow();
        return new MatchingRules.WornTire(measured.model(), measured.mean32nds(), diameterNew);
    }

    /**
     * Whether it would have to be bought.
     *
     * @return whether nobody has it yet
     */
    public boolean toBuy() {
        return source == TireSource.TO_BUY;
    }

    private static final Position ANYWHERE = new Position.Spare(1);
}
