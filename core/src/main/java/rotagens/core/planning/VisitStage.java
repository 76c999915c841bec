package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.Stop;
import rotagens.core.inspection.VehicleState;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.jobsheet.VisitFigures;
import rotagens.core.measure.Message;
import rotagens.core.vehicle.Position;

/**
 * A stage of a shop visit, from booking to hand-over, and how it stands. Source: workshop practice; what may not leave the shop
 * unfinished is our rule for all.
 *
 * @param statement what it is done by, or what is missing, each a line
 */
public record VisitStage(Stage stage, State state, List<Message> statement) {

    /** The stages in the order a visit runs. */
    public enum Stage {
        /** The work is on a day, in a bay or at an outside shop. */
        BOOKING(WORDS.say("booking")),
        /** What was asked for, and damage that was there before. */
        CHECK_IN(WORDS.say("checkIn")),
        /** A drive before the work on steering or suspension. */
        ROAD_TEST_BEFORE(WORDS.say("roadTestBefore")),
        /** The sheet, step by step. */
        WORK(WORDS.say("work")),
        /** On the scale, where the work asks for it. */
        WEIGHING(WORDS.say("weighing")),
        /** Figures before and after, axle by axle. */
        ALIGNMENT(WORDS.say("alignment")),
        /** A drive after it: straight, with the wheel centered. */
        ROAD_TEST_AFTER(WORDS.say("roadTestAfter")),
        /** Everything touched is clean and back in its place. */
        CLEAN_UP(WORDS.say("cleanAndPutBack")),
        /** Nothing keeps the vehicle from rolling. */
        FIT_TO_LEAVE(WORDS.say("fitToLeave")),
        /** Somebody takes the vehicle over. */
        HAND_OVER(WORDS.say("handOver"));

        private final String label;

        Stage(String label) {
            this.label = label;
        }

        /**
         * What the stage is called.
         *
         * @return for a heading
         */
        public String label() {
            return label;
        }
    }

    /** How a stage stands. */
    public enum State {
        /** On record. */
        DONE,
        /** Missing: the vehicle isn't handed over. */
        OPEN,
        /** This visit's work doesn't ask for it. */
        NOT_NEEDED
    }

    /**
     * What is on record of a visit.
     *
     * @param work the kinds of work of its job
     * @param closed whether the work is signed off
     * @param openSteps steps of its sheet that are open
     * @param noted what was noted, the words of each; empty words for a tick or a photo
     * @param figures what was measured at steering and suspension
     * @param weighed the scale ticket since the visit was planned, in words
     * @param handedOver to whom the vehicle was handed over
     * @param vehicle as it is now
     * @param assessments of its tires as they are now
     */
    public record Facts(
            Collection<WorkType> work,
            boolean closed,
            int openSteps,
            Map<VisitEntryType, String> noted,
            VisitFigures figures,
            Optional<Message> weighed,
            Optional<String> handedOver,
            VehicleState vehicle,
            Map<Position, Assessment> assessments) {}

    /**
     * Every stage as it stands.
     *
     * @param facts what is on record of the visit
     * @return in their order, each with what is missing
     */
    public static List<VisitStage> of(Facts facts) {
        boolean lifts = facts.work().stream().anyMatch(kind -> WheelTasks.lifts(kind) || kind == WorkType.ROTATE);
        boolean steers = facts.work().stream().anyMatch(WorkType::needsRack);
        List<VisitStage> stages = new ArrayList<>();
        stages.add(new VisitStage(
                Stage.BOOKING,
                State.DONE,
                List.of(Optional.ofNullable(facts.noted().get(VisitEntryType.REQUESTED_WORK))
                        .map(asked -> WORDS.message("askedFor", "asked", asked))
                        .orElse(WORDS.message("noOtherWorkAsked")))));
        stages.add(noted(
                facts, Stage.CHECK_IN, VisitEntryType.DAMAGE, lifts || steers, WORDS.say("wheelDamageAlreadyThere")));
        stages.add(noted(
                facts, Stage.ROAD_TEST_BEFORE, VisitEntryType.ROAD_TEST_BEFORE, steers, WORDS.say("notNotedDrive")));
        stages.add(
                facts.closed()
                        ? new VisitStage(Stage.WORK, State.DONE, List.of(WORDS.message("complete")))
                        : open(
                                Stage.WORK,
                                facts.openSteps() == 0
                                        ? WORDS.message("jobIsNotComplete")
                                        : WORDS.message("stepOfTheJobSheet", "openSteps", facts.openSteps())));
        stages.add(weighing(facts));
        stages.add(alignment(facts));
        stages.add(noted(
                facts,
                Stage.ROAD_TEST_AFTER,
                VisitEntryType.ROAD_TEST_AFTER,
                lifts || steers,
                WORDS.say("notNotedStraight")));
        stages.add(noted(
                facts,
                Stage.CLEAN_UP,
                VisitEntryType.CLEAN_UP,
                lifts || steers,
                WORDS.say("notNotedEverythingTouchedCleaned")));
        List<Message> stops = Stop.of(facts.vehicle(), facts.assessments()).stream()
                .map(Stop::statement)
                .toList();
        stages.add(new VisitStage(
                Stage.FIT_TO_LEAVE,
                stops.isEmpty() ? State.DONE : State.OPEN,
                stops.isEmpty() ? List.of(WORDS.message("nothingOnRecordKeeps")) : stops));
        stages.add(facts.handedOver()
                .map(to -> new VisitStage(Stage.HAND_OVER, State.DONE, List.of(WORDS.message("to", "to", to))))
                .orElse(open(Stage.HAND_OVER, WORDS.message("notSignedYet"))));
        return List.copyOf(stages);
    }

    /**
     * What has to be done before the vehicle may be handed over.
     *
     * @param stages every stage
     * @return those that are open; none may be passed over
     */
    public static List<VisitStage> gates(List<VisitStage> stages) {
        return stages.stream()
                .filter(one -> one.state() == State.OPEN && one.stage() != Stage.HAND_OVER)
                .toList();
    }

    private static VisitStage open(Stage stage, Message missing) {
        return new VisitStage(stage, State.OPEN, List.of(missing));
    }

    private static VisitStage noted(Facts facts, Stage stage, VisitEntryType line, boolean needed, String missing) {
        String words = facts.noted().get(line);
        if (words != null) {
            return new VisitStage(
                    stage, State.DONE, List.of(words.isEmpty() ? WORDS.message("noted") : Message.of("{}", words)));
        }
        return needed ? open(stage, Message.of(missing)) : new VisitStage(stage, State.NOT_NEEDED, List.of());
    }

    private static VisitStage weighing(Facts facts) {
        if (facts.weighed().isPresent()) {
            return new VisitStage(
                    Stage.WEIGHING, State.DONE, List.of(facts.weighed().get()));
        }
        boolean needed = facts.work().stream()
                .anyMatch(kind -> kind.requiredResult().contains(WorkType.RequiredResult.SCALE_TICKET));
        return needed
                ? open(Stage.WEIGHING, WORDS.message("noScaleTicketSince"))
                : new VisitStage(Stage.WEIGHING, State.NOT_NEEDED, List.of());
    }

    /** What was measured before the work is measured after it, and within its limits. */
    private static VisitStage alignment(Facts facts) {
        List<Message> missing = new ArrayList<>();
        for (VisitEntryType after : List.of(VisitEntryType.RIDE_HEIGHT_AFTER, VisitEntryType.ALIGNMENT_AFTER)) {
            facts.figures()
                    .missing(after)
                    .forEach(subject -> missing.add(WORDS.message(
                            "otherIsNotMeasured",
                            "after",
                            after.label(),
                            "subject",
                            subject,
                            "hasSubject",
                            !subject.isEmpty())));
        }
        if (facts.work().contains(WorkType.ALIGN)
                && missing.isEmpty()
                && !facts.figures().has(VisitEntryType.ALIGNMENT_AFTER)) {
            missing.add(WORDS.message("isNotMeasured", "alignmentAfter", VisitEntryType.ALIGNMENT_AFTER.label()));
        }
        facts.vehicle().suspension().stream()
                .filter(alert -> Set.of(SuspensionFact.Type.RIDE_HEIGHT, SuspensionFact.Type.ALIGNMENT)
                        .contains(alert.fact().kind()))
                .filter(alert -> facts.work().stream()
                        .anyMatch(kind -> SignOff.ends(kind, alert.fact().kind())))
                .forEach(alert -> missing.add(WORDS.message(
                        "limit",
                        "alert",
                        alert.statement(),
                        "fact",
                        alert.fact().limit())));
        if (!missing.isEmpty()) {
            return new VisitStage(Stage.ALIGNMENT, State.OPEN, List.copyOf(missing));
        }
        if (!facts.figures().has(VisitEntryType.ALIGNMENT_AFTER)
                && !facts.figures().has(VisitEntryType.RIDE_HEIGHT_AFTER)) {
            return new VisitStage(Stage.ALIGNMENT, State.NOT_NEEDED, List.of());
        }
        return new VisitStage(
                Stage.ALIGNMENT,
                State.DONE,
                facts.figures().changes().stream()
                        .map(change -> WORDS.message(
                                "otherAfter",
                                "subject",
                                change.subject(),
                                "hasSubject",
                                !change.subject().isEmpty(),
                                "figure",
                                change.figure().label(),
                                "before",
                                change.figure().before(),
                                "after",
                                change.figure().after()))
                        .toList());
    }
}
