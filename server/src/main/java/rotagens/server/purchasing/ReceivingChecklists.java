package rotagens.server.purchasing;

import static rotagens.server.purchasing.PurchasingWords.WORDS;

import java.time.Clock;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rotagens.core.tire.ReceivingStep;
import rotagens.server.people.People;
import rotagens.server.purchasing.OrderViews.DeliveryRequest;
import rotagens.server.purchasing.OrderViews.ReceivingRecord;
import rotagens.server.purchasing.OrderViews.ReceivingStepRequest;
import rotagens.server.purchasing.OrderViews.ReceivingStepView;
import rotagens.server.purchasing.ReceivingChecklistStore.StoredStep;
import rotagens.server.web.InputValidator;

/** The sheet a delivery is taken in by: what was looked at, by whom, and what was left out and why. */
@Component
class ReceivingChecklists {

    private static final int LONGEST = 200;

    private final ReceivingChecklistStore store;
    private final People people;
    private final Clock clock;

    ReceivingChecklists(ReceivingChecklistStore store, People people, Clock clock) {
        this.store = store;
        this.people = people;
        this.clock = clock;
    }

    static List<ReceivingStepView> steps() {
        return Arrays.stream(ReceivingStep.values())
                .map(step -> new ReceivingStepView(
                        step,
                        step.title(),
                        step.does(),
                        step.caution().orElse(null),
                        step.doneByFigures(),
                        step.mayBeLeftOut()))
                .toList();
    }

    /** What is missing for the delivery to be taken in. */
    void check(DeliveryRequest deliveryRequest, InputValidator wrong) {
        int entered =
                deliveryRequest.tires() == null ? 0 : deliveryRequest.tires().size();
        String counted = deliveryRequest.counted() == null
                ? ""
                : deliveryRequest.counted().strip();
        if (!counted.matches("[0-9]{1,4}")) {
            wrong.wrong("counted", WORDS.say("countTheTiresThatCame"));
        } else {
            ReceivingStep.againstCount(Integer.parseInt(counted), entered)
                    .ifPresent(says -> wrong.wrong("counted", says));
        }
        Map<ReceivingStep, ReceivingStepRequest> ticks = ticks(deliveryRequest);
        for (ReceivingStep step : ReceivingStep.values()) {
            ReceivingStepRequest tick = ticks.get(step);
            String field = "steps." + step;
            if (step.doneByFigures() || tick != null && tick.done()) {
                continue;
            }
            String reason = wrong.text(field, tick == null ? null : tick.reason(), LONGEST);
            wrong.unless(step.mayBeLeftOut() && !reason.isEmpty(), field, WORDS.say("doItAndCheck"));
        }
    }

    private static Map<ReceivingStep, ReceivingStepRequest> ticks(DeliveryRequest deliveryRequest) {
        Map<ReceivingStep, ReceivingStepRequest> ticks = new EnumMap<>(ReceivingStep.class);
        if (deliveryRequest.steps() != null) {
            deliveryRequest.steps().stream()
                    .filter(tick -> tick.step() != null)
                    .forEach(tick -> ticks.put(tick.step(), tick));
        }
        return ticks;
    }

    /** Keeps the sheet; a fact from then on. */
    void keep(long lineId, DeliveryRequest deliveryRequest) {
        Map<ReceivingStep, ReceivingStepRequest> ticks = ticks(deliveryRequest);
        List<StoredStep> steps = Arrays.stream(ReceivingStep.values())
                .map(step -> step(step, Optional.ofNullable(ticks.get(step)), deliveryRequest))
                .toList();
        store.add(lineId, clock.instant(), people.me(), steps);
    }

    private static StoredStep step(ReceivingStep step, Optional<ReceivingStepRequest> tick, DeliveryRequest came) {
        boolean done =
                step.doneByFigures() || tick.filter(ReceivingStepRequest::done).isPresent();
        if (step == ReceivingStep.COUNT) {
            return new StoredStep(step, done, came.counted().strip() + WORDS.say("counted"));
        }
        String reason =
                tick.map(ReceivingStepRequest::reason).map(String::strip).orElse("");
        return new StoredStep(step, done, done ? "" : reason);
    }

    /** The sheets by order line, the oldest first. */
    Map<Long, List<ReceivingRecord>> byLine() {
        Map<Long, List<ReceivingRecord>> sheets = new HashMap<>();
        store.byLine()
                .forEach((line, kept) -> sheets.put(
                        line,
                        kept.stream()
                                .map(one -> new ReceivingRecord(
                                        one.at(),
                                        one.by(),
                                        one.steps().stream()
                                                .map(ReceivingChecklists::words)
                                                .toList()))
                                .toList()));
        return sheets;
    }

    private static String words(StoredStep one) {
        return WORDS.say(
                "other",
                "step",
                one.step().title(),
                "done",
                one.done(),
                "summary",
                one.summary(),
                "hasSummary",
                !one.summary().isEmpty());
    }
}
