package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Message;

/** The steps that concern the vehicle, before and after its wheels. */
final class VehicleSteps {

    private static final String CLEAN_UP = WORDS.say("everythingTouchedCleanedToolsCounted");

    private VehicleSteps() {}

    static void before(JobSheetInputs facts, List<Step> steps) {
        facts.retorque()
                .ifPresent(check -> steps.add(new Step(
                        StepCode.MILES_SINCE,
                        Optional.empty(),
                        check.odometerThen()
                                .map(then ->
                                        WORDS.message("odometerWasAtWhen", "then", then, "wheelsOn", check.wheelsOn()))
                                .orElse(WORDS.message("wheelsWent", "wheelsOn", check.wheelsOn())),
                        Optional.of(WORDS.message(
                                "nutsThatHaveNotRun", "leastMiles", Distance.miles(RetorqueCheck.LEAST_MILES))),
                        new OdometerInputs.MilesSinceInput(check),
                        List.of())));
        boolean lifts = facts.wheels().stream().anyMatch(wheel -> wheel.task().lifts());
        boolean bead = facts.wheels().stream().anyMatch(wheel -> wheel.task().breaksBead());
        boolean torque = facts.wheels().stream().anyMatch(wheel -> wheel.task() == WheelTask.RETORQUE);
        if (lifts || torque) {
            add(
                    steps,
                    StepCode.SECURE_VEHICLE,
                    WORDS.say("levelFirmGroundParkingBrake", "light", facts.light(), "lifts", lifts),
                    WORDS.say("dangerAVehicleThatRolls"));
        }
        if (bead) {
            steps.add(new Step(
                    StepCode.MACHINE_FITS,
                    Optional.empty(),
                    WORDS.message(
                            "tireAndRimDiameter",
                            "tireChanger",
                            facts.tireChanger()
                                    .map(tireChanger -> WORDS.message(
                                            "readThePlate",
                                            "tireChanger",
                                            tireChanger.name(),
                                            "type",
                                            tireChanger.type().label()))
                                    .orElse(WORDS.message("chooseTheTireChanger"))),
                    Optional.of(WORDS.message("machinesOwnManualWinsOver")),
                    new StepInput.Confirmation(),
                    List.of()));
            add(
                    steps,
                    StepCode.ONE_PIECE_RIM,
                    WORDS.say(
                            "lookAtEachWheel",
                            "positions",
                            positions(
                                    facts,
                                    wheel ->
                                            wheel.task().lifts() && wheel.task().breaksBead())),
                    WORDS.say("sideRingThatLetsGo"));
        }
        if (!facts.outsideTags().isEmpty()) {
            steps.add(new Step(
                    StepCode.TAG_SENSORS,
                    Optional.empty(),
                    WORDS.message("takeTheOutsideSensorsOff", "outsideTags", String.join(", ", facts.outsideTags())),
                    Optional.of(WORDS.message("backOnAnotherPosition")),
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
                        WORDS.message("jackAtTheAxlesPoint2", "where", where),
                        Optional.of(WORDS.message("neverUnderALoadHeld")),
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
                : WORDS.say("eachOutsideSensorBack", "outsideTags", String.join(", ", facts.outsideTags()));
        boolean compares = !relearn && sensors && lifts && !moved;
        if (!back.isEmpty() && !compares) {
            add(steps, StepCode.SENSORS_BACK, back.strip(), null);
        }
        if (relearn) {
            recorded(steps, RecordedWork.RELEARN, WORDS.say("relearnWithTheCoach"), WORDS.say("untilItIsDone"));
        } else if (compares) {
            recorded(
                    steps,
                    RecordedWork.DASH_AND_GAUGE,
                    WORDS.say("readAllPressures", "back", back),
                    back.isEmpty() ? null : WORDS.say("backOnAnotherPosition"));
        }
        facts.vehicleWork()
                .ifPresent(work -> steps.add(new Step(
                        StepCode.RECORD_WORK,
                        Optional.empty(),
                        Message.of("{}.", work),
                        Optional.empty(),
                        new StepInput.TextInput("note", WORDS.say("whatWasDone"), true),
                        List.of())));
        if (facts.recordedWork().contains(RecordedWork.SCALE_TICKET)) {
            recorded(steps, RecordedWork.SCALE_TICKET, WORDS.say("weighItAsItTravels"), null);
        }
        boolean aligns = facts.recordedWork().contains(RecordedWork.ALIGNMENT);
        if (cause || aligns) {
            recorded(steps, RecordedWork.ALIGNMENT, WORDS.say("rideHeightThenAlignment"), null);
            add(steps, StepCode.ROAD_TEST, WORDS.say("straightRoadRunsStraight"), WORDS.say("handsOffOnly"));
        }
        if (lifts && facts.hasOdometer()) {
            steps.add(new Step(
                    StepCode.ODOMETER,
                    Optional.empty(),
                    WORDS.message(
                            "readTheOdometerTheRe",
                            "cleanUp",
                            CLEAN_UP,
                            "lastOdometer",
                            facts.lastOdometer()
                                    .map(last -> WORDS.message("last", "last", last))
                                    .orElse(Message.of("")),
                            "leastMiles",
                            Distance.miles(RetorqueCheck.LEAST_MILES),
                            "mostMiles",
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
