package rotagens.server.ordering;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.server.fleet.ReasonView;

/** What the orders show and take. */
public final class OrderViews {

    private OrderViews() {}

    public record NewLine(
            @Nullable Long tireModelId,
            int quantity,
            @Nullable String price) {}

    public record NewOrder(
            @Nullable String supplier,
            @Nullable LocalDate day,
            @Nullable String yard,
            @Nullable String note,
            List<NewLine> lines) {}

    /** What came against a line: accepted into stock or refused, with what differed. */
    record Delivered(
            long id,
            Instant at,
            String by,
            boolean accepted,
            @Nullable Long tireId,
            String code,
            List<String> differences,
            String note) {}

    record OrderedLine(
            long id,
            long tireModelId,
            String model,
            String sidewall,
            int quantity,
            int accepted,
            @Nullable String price,
            List<Delivered> deliveries) {}

    record Order(
            long id,
            String supplier,
            LocalDate day,
            String yard,
            String note,
            String by,
            @Nullable Instant closedAt,
            List<OrderedLine> lines) {}

    /**
     * One delivered tire; the model is the ordered one unless the sidewall says otherwise.
     *
     * @param accepted may be left out only where nothing differs from the order
     */
    record DeliveredTire(
            @Nullable Long tireModelId,
            @Nullable String dotCode,
            @Nullable String number,
            @Nullable Boolean accepted,
            @Nullable String note) {

        boolean isAccepted() {
            return accepted == null || accepted;
        }
    }

    /** The tires of one delivery, decided together: all are written, or none. */
    record Delivery(@Nullable String shelf, @Nullable String depth, List<DeliveredTire> tires) {}

    /** One delivered tire compared: each difference must be accepted by name or the tire refused. */
    record Compared(List<ReasonView> differences, List<ReasonView> notes, List<String> words) {}

    record Checked(List<Compared> tires) {}

    record Received(List<Long> tireIds, int refused, List<String> notes) {}
}
