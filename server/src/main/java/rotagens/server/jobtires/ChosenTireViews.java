package rotagens.server.jobtires;

import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.server.fleet.ReasonView;

/** The shapes of choosing a tire on the wire. */
public final class ChosenTireViews {

    private ChosenTireViews() {}

    /** Where a tire comes from. */
    public enum TireSource {
        STOCK,
        ORDERED,
        TO_BUY
    }

    /**
     * A tire that may be chosen.
     *
     * @param details its code, age, depth and place, or when it comes
     * @param refusals what keeps it from going there; nobody overrides these
     * @param notes what would have to be put right there next
     * @param reserved other work has it already
     */
    public record TireChoiceOption(
            TireSource source,
            @Nullable Long tireId,
            @Nullable Long orderLineId,
            long tireModelId,
            String label,
            String details,
            List<ReasonView> refusals,
            List<ReasonView> notes,
            boolean reserved) {}

    /** @param chosen the tire that goes on, in words; null where nobody chose yet */
    public record JobTireView(
            long itemId, String position, @Nullable String chosen, List<TireChoiceOption> options) {}

    /** Exactly one of the three, or a line of an order with its model. */
    public record ChooseTireRequest(
            @Nullable Long tireId,
            @Nullable Long orderLineId,
            @Nullable Long tireModelId) {}
}
