package rotagens.server.purchasing;

import static rotagens.server.purchasing.PurchasingWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rotagens.core.policy.Policy;
import rotagens.core.tire.DeliveryCheck;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.TireModel;
import rotagens.server.policy.PolicyStore;
import rotagens.server.purchasing.OrderViews.DeliveredTireRequest;
import rotagens.server.purchasing.OrderViews.DeliveryRequest;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.web.InputValidator;

/** Compares the tires of a delivery with what was ordered. */
@Component
class DeliveryComparison {

    private static final int MOST_TIRES = 200;

    private final TireCatalog tireCatalog;
    private final TireStore tireStore;
    private final PolicyStore policyStore;
    private final Clock clock;

    DeliveryComparison(TireCatalog tireCatalog, TireStore tireStore, PolicyStore policyStore, Clock clock) {
        this.tireCatalog = tireCatalog;
        this.tireStore = tireStore;
        this.policyStore = policyStore;
        this.clock = clock;
    }

    /** A delivered tire beside what was ordered. */
    record Compared(DeliveredTireRequest typed, long modelId, DotCode code, DeliveryCheck.Result result) {}

    /** Every tire of a delivery, as far as it can be read; what can't be is said at its field. */
    List<Compared> compare(long orderedModelId, DeliveryRequest typed, InputValidator wrong) {
        LocalDate today = LocalDate.now(clock);
        // Deliveries belong to no class of vehicles yet: the fleet's own numbers decide.
        Policy.ClassPolicy policy = policyStore.inForce().of("");
        Map<Long, TireModel> models = tireCatalog.byId();
        List<DeliveredTireRequest> given = typed.tires() == null ? List.of() : typed.tires();
        wrong.unless(
                !given.isEmpty() && given.size() <= MOST_TIRES,
                "tires",
                WORDS.say("enter1ToDeliveredTires", "mostTires", MOST_TIRES));
        List<Compared> compared = new ArrayList<>();
        for (int at = 0; at < given.size(); at++) {
            DeliveredTireRequest one = given.get(at);
            long modelId = one.tireModelId() == null ? orderedModelId : one.tireModelId();
            Optional<DotCode> code =
                    wrong.required("tires[" + at + "].dotCode", one.dotCode(), text -> DotCode.parse(text, today));
            wrong.unless(models.containsKey(modelId), "tires[" + at + "].tireModelId", WORDS.say("chooseTheModel"));
            if (code.isPresent() && models.containsKey(modelId)) {
                compared.add(new Compared(
                        one,
                        modelId,
                        code.get(),
                        DeliveryCheck.of(
                                models.get(orderedModelId),
                                models.get(modelId),
                                code.get().date(),
                                policy,
                                today)));
            }
        }
        return compared;
    }

    /** Said where another tire bears the same code. */
    List<String> sameCode(DotCode code) {
        return tireStore.sameDot(code.molded(), null).isEmpty() ? List.of() : List.of(WORDS.say("tireWithThisDotCode"));
    }
}
