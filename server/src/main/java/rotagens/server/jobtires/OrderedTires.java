package rotagens.server.jobtires;

import java.time.LocalDate;
import java.util.List;

/** What purchasing says of tires that are on their way. */
public interface OrderedTires {

    /**
     * A line of an order, open or closed.
     *
     * @param left how many still come; none of a closed order
     * @param expected by the supplier's lead time
     * @param arrived tires of it that were received
     */
    record OrderedLine(long id, long modelId, String supplier, int left, LocalDate expected, List<Long> arrived) {}

    /** Every line of every order: what came of one that is closed now still goes on where it was chosen. */
    List<OrderedLine> lines();
}
