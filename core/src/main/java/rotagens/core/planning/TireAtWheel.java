package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;

/**
 * Whether the tire whose code was read at the wheel is the one the work puts on. Source: our own rule; what goes on was checked for
 * its place when it was chosen, and another tire was not.
 *
 * @param tire the one on file that goes on; empty where it isn't on file yet, or where it is the wrong one
 * @param wrong why it isn't the one, to be said at the code
 */
public record TireAtWheel(Optional<Long> tire, Optional<Message> wrong) {

    /** Where the tire of a piece of work comes from. */
    public enum Source {
        /** One chosen from the stock. */
        STOCK,
        /** One that was ordered for it. */
        ORDERED,
        /** One still to be bought, or nobody chose. */
        TO_BUY
    }

    /**
     * A tire that lies in stock.
     *
     * @param name its number or another word for it
     * @param dot as last read
     */
    public record StockTire(long id, String name, Optional<DotCode> dot) {}

    /**
     * Judges a code.
     *
     * @param read the code as read off the sidewall
     * @param position where it goes
     * @param source of what was chosen; where nobody chose it is as bought
     * @param chosen the tires that may be it: the one of the stock, or those of the order that came
     * @param words the chosen one, in words
     * @param sameCode those in stock that carry the same whole code
     * @return the tire, or why it isn’t the one
     */
    public static TireAtWheel of(
            DotCode read,
            Position position,
            Source source,
            List<StockTire> chosen,
            String words,
            List<StockTire> sameCode) {
        if (source == Source.TO_BUY) {
            return new TireAtWheel(
                    Optional.empty(),
                    sameCode.stream()
                            .findFirst()
                            .map(tire -> WORDS.message(
                                    "inStockCarriesThisCode", "tire", tire.name(), "position", position.code())));
        }
        Optional<Long> it = chosen.stream()
                .filter(tire -> tire.dot().filter(dot -> !dot.isPossible(read)).isEmpty())
                .map(StockTire::id)
                .findFirst();
        if (it.isPresent()) {
            return new TireAtWheel(it, Optional.empty());
        }
        return new TireAtWheel(
                Optional.empty(),
                Optional.of(
                        source == Source.ORDERED
                                ? WORDS.message("noTireWithThisCode")
                                : WORDS.message(
                                        "chosenForThisIsAnother", "position", position.code(), "words", words)));
    }
}
