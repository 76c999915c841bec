package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.RECEIVING_CHECKLIST;
import static rotagens.server.storage.generated.Tables.RECEIVING_STEP;

import java.time.Clock;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import rotagens.core.tire.ReceivingStep;
import rotagens.server.people.People;
import rotagens.server.purchasing.OrderViews.DeliveryRequest;
import rotagens.server.purchasing.OrderViews.ReceivingRecord;
import rotagens.server.purchasing.OrderViews.ReceivingStepRequest;
import rotagens.server.purchasing.OrderViews.ReceivingStepView;
import rotagens.server.web.InputValidator;

/** The sheet a delivery is taken in by: what was looked at, by whom, and what was left out and why. */
@Component
class ReceivingChecklists {

    private static final int LONGEST = 200;

    private final DSLContext db;
    private final People people;
    private final Clock clock;

    ReceivingChecklists(DSLContext db, People people, Clock clock) {
        this.db = db;
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
            wrong.wrong("counted", "Count the tires that came and enter how many.");
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
            wrong.unless(
                    step.mayBeLeftOut() && !reason.isEmpty(),
                    field,
                    "Do it and check it off, or enter a reason for skipping.");
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
        long id = db.insertInto(RECEIVING_CHECKLIST)
                .set(RECEIVING_CHECKLIST.ORDER_LINE_ID, lineId)
                .set(RECEIVING_CHECKLIST.RECORDED_AT, clock.instant())
                .set(RECEIVING_CHECKLIST.PERSON_ID, people.me())
                .returning(RECEIVING_CHECKLIST.ID)
                .fetchSingle(RECEIVING_CHECKLIST.ID);
        Map<ReceivingStep, ReceivingStepRequest> ticks = ticks(deliveryRequest);
        for (ReceivingStep step : ReceivingStep.values()) {
            Optional<ReceivingStepRequest> tick = Optional.ofNullable(ticks.get(step));
            boolean done = step.doneByFigures()
                    || tick.filter(ReceivingStepRequest::done).isPresent();
            String says = step == ReceivingStep.COUNT
                    ? deliveryRequest.counted().strip() + " counted"
                    : done
                            ? ""
                            : tick.map(ReceivingStepRequest::reason)
                                    .map(String::strip)
                                    .orElse("");
            db.insertInto(RECEIVING_STEP)
                    .set(RECEIVING_STEP.RECEIVING_CHECKLIST_ID, id)
                    .set(RECEIVING_STEP.STEP, step.name())
                    .set(RECEIVING_STEP.IS_DONE, done)
                    .set(RECEIVING_STEP.SUMMARY, says)
                    .execute();
        }
    }

    /** The sheets by order line, the oldest first. */
    Map<Long, List<ReceivingRecord>> byLine() {
        Map<Long, List<String>> steps = db.selectFrom(RECEIVING_STEP)
                .orderBy(RECEIVING_STEP.ID)
                .fetchGroups(
                        row -> row.getReceivingChecklistId(),
                        row -> ReceivingStep.valueOf(row.getStep()).title()
                                + (row.getIsDone() ? "" : ", skipped")
                                + (row.getSummary().isEmpty() ? "" : ": " + row.getSummary()));
        return db
                .select(RECEIVING_CHECKLIST.asterisk(), PERSON.NAME)
                .from(RECEIVING_CHECKLIST)
                .join(PERSON)
                .on(PERSON.ID.eq(RECEIVING_CHECKLIST.PERSON_ID))
                .orderBy(RECEIVING_CHECKLIST.ID)
                .stream()
                .collect(Collectors.groupingBy(
                        row -> row.get(RECEIVING_CHECKLIST.ORDER_LINE_ID),
                        Collectors.mapping(
                                row -> new ReceivingRecord(
                                        row.get(RECEIVING_CHECKLIST.RECORDED_AT),
                                        row.get(PERSON.NAME),
                                        steps.getOrDefault(row.get(RECEIVING_CHECKLIST.ID), List.of())),
                                Collectors.toList())));
    }
}
