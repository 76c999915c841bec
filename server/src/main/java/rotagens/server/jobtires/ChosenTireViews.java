package rotagens.server.jobtires;

import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.core.planning.TireAtWheel.Source;
import rotagens.server.fleet.ReasonView;

/** The shapes of choosing a tire on the wire. */
public final class ChosenTireViews {

    private ChosenTireViews() {}

    /**
     * A tire that may be chosen.
     *
     * @param details its code, age, depth and place, or when it comes
     * @param refusals what keeps it from going there; nobody overrides these
     * @param notes what would have to be put right there next
     * @param taken why other work has it already; null where it is free
     */
    public record TireChoiceOption(
            Source source,
            @Nullable Long tireId,
            @Nullable Long orderLineId,
            long tireModelId,
            String label,
            String details,
            List<ReasonView> refusals,
            List<ReasonView> notes,
            @Nullable String taken) {}

    /** @param chosen the tire that goes on, in words; null where nobody chose yet */
    public record JobTireView(
            long itemId, String position, @Nullable String chosen, List<TireChoiceOption> options) {}

    /** Exactly one of the three, or a line of an order with its model. */
    public record ChooseTireRequest(
            @Nullable Long tireId,
            @Nullable Long orderLineId,
            @Nullable Long tireModelId) {}
}
