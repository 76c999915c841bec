package rotagens.core.jobsheet;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Message;

/** The steps that concern the vehicle, before and after its wheels. */
final class VehicleSteps {

    private static final String CLEAN_UP =
            "Everything touched cleaned, tools counted, fluids and auxiliaries looked at.";

    private VehicleSteps() {}

    static void before(JobSheetInputs facts, List<Step> steps) {
        facts.retorque()
                .ifPresent(check -> steps.add(new Step(
                        StepCode.MILES_SINCE,
                        Optional.empty(),
                        check.odometerThen()
                                .map(then -> Message.of(
                                        "The odometer was at {} when the wheels went on, {}.", then, check.wheelsOn()))
                                .orElse(Message.of("The wheels went on {}.", check.wheelsOn())),
                        Optional.of(Message.of(
                                "Nuts that have not run do not settle: a re-torque before {} does not count.",
                                Distance.miles(RetorqueCheck.LEAST_MILES))),
                        new OdometerInputs.MilesSinceInput(check),
                        List.of())));
        boolean lifts = facts.wheels().stream().anyMatch(wheel -> wheel.task().lifts());
        boolean bead = facts.wheels().stream().anyMatch(wheel -> wheel.task().breaksBead());
        boolean torque = facts.wheels().stream().anyMatch(wheel -> wheel.task() == WheelTask.RETORQUE);
        if (lifts || torque) {
            add(
                    steps,
                    StepCode.SECURE_VEHICLE,
                    "Level, firm ground; parking brake on; wheels that stay down chocked."
                            + (lifts
                                    ? " Gloves with wet grip, eye protection"
                                            + (facts.light()
                                                    ? "."
                                                    : "; hoist or wheel lift ready, a second person for the big nuts.")
                                    : ""),
                    "Danger: A vehicle that rolls off its jack kills. Never work under a load held by a jack.");
        }
        if (bead) {
            steps.add(new Step(
                    StepCode.MACHINE_FITS,
                    Optional.empty(),
                    Message.of(
                            "{} tire and rim diameter and width within its limits. The air source reaches the target. Lay out a new stem or grommet and core for each wheel whose bead is broken, caps, lubricant with rust inhibitor, weights.",
                            facts.tireChanger()
                                    .map(tireChanger -> Message.of(
                                            "Read the plate of {}, {}:",
                                            tireChanger.name(),
                                            tireChanger.type().label()))
                                    .orElse(Message.of("Choose the tire changer and read its plate:"))),
                    Optional.of(Message.of("The machine’s own manual wins over every technique here.")),
                    new StepInput.Confirmation(),
                    List.of()));
            add(
                    steps,
                    StepCode.ONE_PIECE_RIM,
                    "Look at each wheel ("
                            + positions(
                                    facts,
                                    wheel ->
                                            wheel.task().lifts() && wheel.task().breaksBead())
                            + "): a one-piece rim. A rim of several pieces is not served here: stop, and send it out.",
                    "A side ring that lets go kills.");
        }
        if (!facts.outsideTags().isEmpty()) {
            steps.add(new Step(
                    StepCode.TAG_SENSORS,
                    Optional.empty(),
                    Message.of(
                            "Take the outside sensors off and tag each with its position: {}.",
                            String.join(", ", facts.outsideTags())),
                    Optional.of(Message.of("Back on another position the dash names the wrong corner.")),
                    new StepInput.Confirmation(),
                    List.of()));
        }
    }

    /** Where each step that lifts stands, once for all wheels that come off: after their air is out, before a nut is loosened. */
    static Optional<Step> stands(JobSheetInputs facts) {
        String where = positions(facts, VehicleSteps::standsWithOthers);
        return where.isEmpty()
                ? Optional.empty()
                : Optional.of(new Step(
                        StepCode.STANDS,
                        Optional.empty(),
                        Message.of("Jack at the axle’s point, stands under it before a wheel comes off: {}.", where),
                        Optional.of(Message.of("Never under a load held by a jack.")),
                        new StepInput.Confirmation(),
                        List.of()));
    }

    /** A wheel found loose comes off by itself, while the others stay on the ground to be torqued. */
    private static boolean standsWithOthers(WheelJob wheel) {
        return wheel.task().lifts() && wheel.task() != WheelTask.LOOSE_WHEEL;
    }

    private static String positions(JobSheetInputs facts, Predicate<WheelJob> which) {
        return facts.wheels().stream()
                .filter(which)
                .map(wheel -> wheel.position().code())
                .distinct()
                .sorted()
                .collect(Collectors.joining(", "));
    }

    static void after(JobSheetInputs facts, List<Step> steps) {
        List<WheelJob> wheels = facts.wheels();
        boolean lifts = wheels.stream().anyMatch(wheel -> wheel.task().lifts());
        boolean relearn = facts.recordedWork().contains(RecordedWork.RELEARN)
                || wheels.stream()
                        .anyMatch(wheel ->
                                wheel.task().newSensor() || wheel.found().newSensor());
        // Which corner a moved sensor is at stands on record once the job is closed: its relearn is a job of its own.
        boolean moved = wheels.stream().anyMatch(wheel -> wheel.task().movesWheel() && wheel.insideSensor());
        boolean sensors = wheels.stream().anyMatch(wheel -> wheel.sensor().isPresent());
        boolean cause = wheels.stream().anyMatch(wheel -> wheel.task() == WheelTask.CORRECT_CAUSE);
        String back = facts.outsideTags().isEmpty()
                ? ""
                : "Each outside sensor back to the position on its tag: " + String.join(", ", facts.outsideTags())
                        + ". ";
        boolean compares = !relearn && sensors && lifts && !moved;
        if (!back.isEmpty() && !compares) {
            add(steps, StepCode.SENSORS_BACK, back.strip(), null);
        }
        if (relearn) {
            recorded(
                    steps,
                    RecordedWork.RELEARN,
                    "Relearn with the coach on the vehicle’s Sensors page, until every corner is confirmed on dash and gauge.",
                    "Until it is done the dash names the wrong corner, and the air goes into the wrong tire.");
        } else if (compares) {
            recorded(
                    steps,
                    RecordedWork.DASH_AND_GAUGE,
                    back + "Read all pressures on the dash and by gauge: the same at every corner.",
                    back.isEmpty() ? null : "Back on another position the dash names the wrong corner.");
        }
        facts.vehicleWork()
                .ifPresent(work -> steps.add(new Step(
                        StepCode.RECORD_WORK,
                        Optional.empty(),
                        Message.of("{}.", work),
                        Optional.empty(),
                        new StepInput.TextInput("note", "What was done", true),
                        List.of())));
        if (facts.recordedWork().contains(RecordedWork.SCALE_TICKET)) {
            recorded(
                    steps,
                    RecordedWork.SCALE_TICKET,
                    "Weigh it as it travels, each end of each axle where the scale allows, and enter the scale ticket.",
                    null);
        }
        boolean aligns = facts.recordedWork().contains(RecordedWork.ALIGNMENT);
        if (cause || aligns) {
            recorded(
                    steps,
                    RecordedWork.ALIGNMENT,
                    "Ride height, then alignment of each axle, before and after, against the manufacturer’s limits.",
                    null);
            add(
                    steps,
                    StepCode.ROAD_TEST,
                    "Straight road: runs straight with the wheel centered, no vibration.",
                    "Hands off only on a closed, straight, empty stretch at low speed.");
        }
        if (lifts && facts.hasOdometer()) {
            steps.add(new Step(
                    StepCode.ODOMETER,
                    Optional.empty(),
                    Message.of(
                            "{} Read the odometer{}: the re-torque at {} to {} is counted from here.",
                            CLEAN_UP,
                            facts.lastOdometer()
                                    .map(last -> Message.of(", last {}", last))
                                    .orElse(Message.of("")),
                            Distance.miles(RetorqueCheck.LEAST_MILES),
                            Distance.miles(RetorqueCheck.MOST_MILES)),
                    Optional.empty(),
                    new OdometerInputs.OdometerInput(),
                    List.of()));
        }
        if (lifts && !facts.hasOdometer()) {
            add(steps, StepCode.CLEAN_UP, CLEAN_UP, null);
        }
    }

    private static void recorded(List<Step> steps, RecordedWork work, String does, String caution) {
        steps.add(new Step(
                work.step(),
                Optional.empty(),
                Message.of(does),
                Optional.ofNullable(caution).map(text -> Message.of(text)),
                new RecordedWork.RecordInput(work),
                List.of()));
    }

    private static void add(List<Step> steps, StepCode code, String does, String caution) {
        steps.add(new Step(
                code,
                Optional.empty(),
                Message.of(does),
                Optional.ofNullable(caution).map(text -> Message.of(text)),
                new StepInput.Confirmation(),
                List.of()));
    }
}
