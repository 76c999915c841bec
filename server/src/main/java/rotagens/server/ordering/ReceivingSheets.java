package rotagens.server.ordering;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.RECEIVING_SHEET;
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
import rotagens.server.ordering.OrderViews.Delivery;
import rotagens.server.ordering.OrderViews.ReceivingRecord;
import rotagens.server.ordering.OrderViews.ReceivingStepView;
import rotagens.server.ordering.OrderViews.StepTick;
import rotagens.server.people.People;
import rotagens.server.web.Entries;

/** The sheet a delivery is taken in by: what was looked at, by whom, and what was left out and why. */
@Component
class ReceivingSheets {

    private static final int LONGEST = 200;

    private final DSLContext db;
    private final People people;
    private final Clock clock;

    ReceivingSheets(DSLContext db, People people, Clock clock) {
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
    void check(Delivery delivery, Entries wrong) {
        int entered = delivery.tires() == null ? 0 : delivery.tires().size();
        String counted = delivery.counted() == null ? "" : delivery.counted().strip();
        if (!counted.matches("[0-9]{1,4}")) {
            wrong.wrong("counted", "Count the tires that came and enter how many.");
        } else {
            ReceivingStep.againstCount(Integer.parseInt(counted), entered)
                    .ifPresent(says -> wrong.wrong("counted", says));
        }
        Map<ReceivingStep, StepTick> ticks = ticks(delivery);
        for (ReceivingStep step : ReceivingStep.values()) {
            StepTick tick = ticks.get(step);
            String field = "steps." + step;
            if (step.doneByFigures() || tick != null && tick.done()) {
                continue;
            }
            String reason = wrong.text(field, tick == null ? null : tick.reason(), LONGEST);
            wrong.unless(
                    step.mayBeLeftOut() && !reason.isEmpty(), field, "Do it and tick it, or say why it is left out.");
        }
    }

    private static Map<ReceivingStep, StepTick> ticks(Delivery delivery) {
        Map<ReceivingStep, StepTick> ticks = new EnumMap<>(ReceivingStep.class);
        if (delivery.steps() != null) {
            delivery.steps().stream().filter(tick -> tick.step() != null).forEach(tick -> ticks.put(tick.step(), tick));
        }
        return ticks;
    }

    /** Keeps the sheet; a fact from then on. */
    void keep(long lineId, Delivery delivery) {
        long id = db.insertInto(RECEIVING_SHEET)
                .set(RECEIVING_SHEET.ORDER_LINE_ID, lineId)
                .set(RECEIVING_SHEET.AT, clock.instant())
                .set(RECEIVING_SHEET.PERSON_ID, people.me())
                .returning(RECEIVING_SHEET.ID)
                .fetchSingle(RECEIVING_SHEET.ID);
        Map<ReceivingStep, StepTick> ticks = ticks(delivery);
        for (ReceivingStep step : ReceivingStep.values()) {
            Optional<StepTick> tick = Optional.ofNullable(ticks.get(step));
            boolean done = step.doneByFigures() || tick.filter(StepTick::done).isPresent();
            String says = step == ReceivingStep.COUNT
                    ? delivery.counted().strip() + " counted"
                    : done ? "" : tick.map(StepTick::reason).map(String::strip).orElse("");
            db.insertInto(RECEIVING_STEP)
                    .set(RECEIVING_STEP.RECEIVING_SHEET_ID, id)
                    .set(RECEIVING_STEP.STEP, step.name())
                    .set(RECEIVING_STEP.IS_DONE, done)
                    .set(RECEIVING_STEP.SAYS, says)
                    .execute();
        }
    }

    /** The sheets by order line, the oldest first. */
    Map<Long, List<ReceivingRecord>> byLine() {
        Map<Long, List<String>> steps = db.selectFrom(RECEIVING_STEP)
                .orderBy(RECEIVING_STEP.ID)
                .fetchGroups(
                        row -> row.getReceivingSheetId(),
                        row -> ReceivingStep.valueOf(row.getStep()).title()
                                + (row.getIsDone() ? "" : ", left out")
                                + (row.getSays().isEmpty() ? "" : ": " + row.getSays()));
        return db
                .select(RECEIVING_SHEET.asterisk(), PERSON.NAME)
                .from(RECEIVING_SHEET)
                .join(PERSON)
                .on(PERSON.ID.eq(RECEIVING_SHEET.PERSON_ID))
                .orderBy(RECEIVING_SHEET.ID)
                .stream()
                .collect(Collectors.groupingBy(
                        row -> row.get(RECEIVING_SHEET.ORDER_LINE_ID),
                        Collectors.mapping(
                                row -> new ReceivingRecord(
                                        row.get(RECEIVING_SHEET.AT),
                                        row.get(PERSON.NAME),
                                        steps.getOrDefault(row.get(RECEIVING_SHEET.ID), List.of())),
                                Collectors.toList())));
    }
}
