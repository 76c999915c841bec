package rotagens.server.purchasing;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.core.tire.ReceivingStep;
import rotagens.server.fleet.ReasonView;

/** What the orders show and take. */
public final class OrderViews {

    private OrderViews() {}

    public record OrderLineRequest(
            @Nullable Long tireModelId,
            int quantity,
            @Nullable String price) {}

    public record OrderRequest(
            @Nullable String supplier,
            @Nullable LocalDate day,
            @Nullable String yard,
            @Nullable String note,
            List<OrderLineRequest> lines) {}

    /** What came against a line: accepted into stock or refused, with what differed. */
    record DeliveryView(
            long id,
            Instant at,
            String by,
            boolean accepted,
            @Nullable Long tireId,
            String code,
            List<String> differences,
            String note) {}

    record OrderLineView(
            long id,
            long tireModelId,
            String model,
            String sidewall,
            int quantity,
            int accepted,
            @Nullable String price,
            List<DeliveryView> deliveries,
            List<ReceivingRecord> checklists) {}

    record OrderView(
            long id,
            String supplier,
            LocalDate day,
            String yard,
            String note,
            String by,
            @Nullable Instant closedAt,
            List<OrderLineView> lines) {}

    /**
     * One delivered tire; the model is the ordered one unless the sidewall says otherwise.
     *
     * @param accepted null only where nothing differs from the order
     */
    record DeliveredTireRequest(
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
    record DeliveryRequest(
            @Nullable String shelf,
            @Nullable String depth,
            List<DeliveredTireRequest> tires,
            @Nullable String counted,
            @Nullable List<ReceivingStepRequest> steps) {}

    /** A step of the receiving sheet: ticked, or left out with a reason. */
    record ReceivingStepRequest(
            @Nullable ReceivingStep step,
            boolean done,
            @Nullable String reason) {}

    /** A step of the receiving sheet as it is shown. */
    record ReceivingStepView(
            ReceivingStep step,
            String title,
            String does,
            @Nullable String caution,
            boolean byFigures,
            boolean canBeSkipped) {}

    /** What stands on the sheet a delivery was taken in by. */
    record ReceivingRecord(Instant at, String by, List<String> steps) {}

    /** One delivered tire compared: each difference must be accepted by name or the tire refused. */
    record DeliveryComparisonView(List<ReasonView> differences, List<ReasonView> notes, List<String> label) {}

    record DeliveryCheckView(List<DeliveryComparisonView> tires) {}

    record ReceivedDeliveryView(List<Long> tireIds, int refused, List<String> notes) {}
}
