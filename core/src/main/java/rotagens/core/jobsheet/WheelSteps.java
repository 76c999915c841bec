package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.WheelSpec;

/** The steps at one wheel, in the order of the work. */
final class WheelSteps {

    private static final String NO_PETROLEUM = WORDS.say("neverPetroleumOrSolvent");
    private static final String SOAP = WORDS.say("soapAtValveBothBeads");
    private static final double SUPPLY_IMPURITY = 2;
    private static final Pressure CAGE_OVER = Pressure.psi(StepInput.BeadSeatingInput.OPEN_MOST_PSI);

    private final JobSheetInputs facts;
    private final WheelJob wheel;
    private final WheelTask task;
    private final List<Step> steps = new ArrayList<>();

    WheelSteps(JobSheetInputs facts, WheelJob wheel) {
        this.facts = facts;
        this.wheel = wheel;
        this.task = wheel.task();
    }

    List<Step> all() {
        if (task == WheelTask.PRESSURE) {
            pressureService();
        }
        if (task == WheelTask.MATE) {
            mate();
        }
        if (task.lifts()) {
            off();
        }
        if (task.breaksBead()) {
            beadOff();
            prepare();
            if (endsHere()) {
                return steps;
            }
            mount();
        }
        if (task.lifts() || task == WheelTask.RETORQUE) {
            fit();
        }
        rest();
        return steps;
    }

    private void pressureService() {
        if (wheel.suspect()) {
            lookInside();
            if (wheel.condemned()) {
                return;
            }
        }
        step(
                StepCode.FILL,
                WORDS.message(
                        "coldParked3HoursGauge",
                        "target",
                        wheel.target()
                                .<Object>map(target -> WORDS.message("setTo", "target", target))
                                .orElse(WORDS.say("findItsTargetFirst"))),
                WORDS.say("neverBleedAHotTire"),
                new StepInput.ColdPressureInput(wheel.target(), wheel.maximum()));
    }

    /** A dual's mate goes down with it, and comes back to its target: let down or empty it carries nothing. */
    private void mate() {
        step(
                StepCode.DEFLATE_FIRST,
                WORDS.message("coreOfOutAndAll", "position", wheel.position().code()),
                WORDS.say("coreCanShootOutHold"),
                new StepInput.Confirmation());
        if (wheel.suspect()) {
            lookInside();
            if (wheel.condemned()) {
                return;
            }
        }
        step(
                StepCode.FILL,
                WORDS.message(
                        "withTheNuts",
                        "target",
                        wheel.target()
                                .<Object>map(target -> WORDS.message("fillToCold", "target", target))
                                .orElse(WORDS.say("findItsTargetFirstThen"))),
                WORDS.say("clipOnChuckAndRemote"),
                new StepInput.ColdPressureInput(wheel.target(), wheel.maximum()));
    }

    /** A condemned tire isn't mounted again; where another one goes on anyway, the work goes on. */
    private boolean endsHere() {
        return wheel.condemned() && task != WheelTask.NEW_TIRE;
    }

    private void lookInside() {
        step(
                StepCode.LOOK_INSIDE,
                WORDS.message("itRanAt80"),
                WORDS.say("tireRunFlatCanBurst"),
                new StepInput.ProfessionalVerdictInput());
    }

    private void off() {
        boolean emptyFirst = wheel.suspect() || wheel.dual();
        if (emptyFirst) {
            step(
                    StepCode.DEFLATE_FIRST,
                    (wheel.dual() ? WORDS.message("coreOutAndAllAir") : WORDS.message("dangerThisTireRanLow")),
                    WORDS.say("coreCanShootOutHold"),
                    new StepInput.Confirmation());
        }
        if (task == WheelTask.LOOSE_WHEEL) {
            step(
                    StepCode.STANDS,
                    WORDS.message("jackAtTheAxlesPoint"),
                    WORDS.say("neverUnderALoadHeld"),
                    new StepInput.Confirmation());
        }
        step(
                StepCode.WHEEL_OFF,
                WORDS.message(
                        "nutsOffLeftHandThread",
                        "isLeftThreaded",
                        wheel.wheel().isLeftThreaded(),
                        "pilotType",
                        wheel.wheel()
                                .pilotType()
                                .map(pilot -> pilot == PilotType.HUB
                                        ? WORDS.say("twoPieceFlangedNutsKept")
                                        : WORDS.say("bevelledNutsKeptApartFrom"))
                                .orElse(WORDS.say("lookWhichWayTheWheel")),
                        "light",
                        facts.light()),
                facts.light() ? null : WORDS.say("twoPeopleForTheBig"),
                twoPeople());
        if (task.breaksBead() && (!emptyFirst || wheel.found().reseated())) {
            step(
                    StepCode.CORE_OUT,
                    (wheel.found().reseated()
                            ? WORDS.message("coreOutAndAllAir2")
                            : WORDS.message("coreOutAndAllAir3")),
                    WORDS.say("coreCanShootOutHold"),
                    new StepInput.Confirmation());
        }
    }

    private void beadOff() {
        if (task == WheelTask.SENSOR_IN_PLACE) {
            step(
                    StepCode.PUSH_BEAD_DOWN,
                    WORDS.message("breakBeadPushItDown", "sensorSide", sensorSide()),
                    WORDS.say("warningABeadCanSpring"),
                    new StepInput.Confirmation(),
                    BeadStep.BREAK_FRONT);
            return;
        }
        step(
                StepCode.BREAK_BEAD,
                WORDS.message("breakBothBeadsFirst", "sensorSide", sensorSide(), "isCenterClamp", isCenterClamp()),
                wheel.insideSensor()
                        ? WORDS.message("breaksASensorItMeets", "breaker", breaker())
                                .in(Units.US)
                        : null,
                new StepInput.Confirmation(),
                BeadStep.BREAK_FRONT);
        step(
                StepCode.DEMOUNT,
                WORDS.message(
                        "narrowSideUpAReversed",
                        "clamping",
                        clamping(),
                        "isReversed",
                        wheel.wheel().isReversed(),
                        "head",
                        head(),
                        "goesAway",
                        goesAway()),
                isCenterClamp() ? WORDS.say("dontTurnTheWheelWhile") : null,
                clamped(new FindingInputs.BeadInput(task.keepsTire(), false)),
                BeadStep.DEMOUNT_TOP,
                BeadStep.DEMOUNT_BOTTOM);
    }

    private StepInput clamped(StepInput beads) {
        return machine().filter(TireChanger.TireChangerType::hasJaws).isPresent()
                ? new StepInput.Both(beads, FindingInputs.clamped())
                : beads;
    }

    private Optional<TireChanger.TireChangerType> machine() {
        return facts.tireChanger().map(TireChanger::type);
    }

    private boolean isCenterClamp() {
        return machine()
                .filter(TireChanger.TireChangerType.CENTER_CLAMP::equals)
                .isPresent();
    }

    private String breaker() {
        return machine().map(TireChanger.TireChangerType::breaker).orElse(WORDS.say("beadBreaker"));
    }

    private String head() {
        return machine().map(TireChanger.TireChangerType::head).orElse("head");
    }

    /** How this machine holds a wheel without marking it, or letting it jump off. */
    private String clamping() {
        return machine().filter(TireChanger.TireChangerType::hasJaws).isPresent()
                ? WORDS.say("clampFromOutsideJawCovers")
                : "";
    }

    /** On a reversed wheel the sensor's side is the other one; until the wheel is read, keep clear on both. */
    private String sensorSide() {
        if (!wheel.insideSensor()) {
            return WORDS.say("narrowSide");
        }
        return wheel.wheel().equals(WheelSpec.UNKNOWN)
                ? WORDS.say("clearOfTheSensor")
                : wheel.wheel().isReversed() ? WORDS.say("backWhereAReversedWheel") : WORDS.say("frontTheSensorsSide");
    }

    private void prepare() {
        if (wheel.suspect() && task != WheelTask.NEW_TIRE && !wheel.found().torn()) {
            step(
                    StepCode.LOOK_INSIDE,
                    WORDS.message("tireProfessionalLooksInsideCreases"),
                    null,
                    new StepInput.ProfessionalVerdictInput());
        }
        if (endsHere()) {
            step(
                    StepCode.RECORD_WORK,
                    (wheel.found().torn() ? WORDS.message("itsBeadIsTornMark") : WORDS.message("condemnedMarkItSet")),
                    null,
                    new StepInput.TextInput("note", WORDS.say("whereItLies"), true));
            return;
        }
        cleanWheel(WORDS.say("steelBrushLookForCracks"));
        if (task == WheelTask.REPLACE_WHEEL) {
            step(
                    StepCode.PILOT_TYPE,
                    WORDS.message("lookAtStudHoles"),
                    WORDS.say("hubAndStudPilotedParts"),
                    new StepInput.PilotTypeInput());
        }
        if (task.newSensor()) {
            step(StepCode.INSTALL_SENSOR, WORDS.message("newSensorInItsId"), null, new StepInput.SensorIdInput());
        }
        if (task == WheelTask.NEW_TIRE && !task.newSensor()) {
            wheel.sensorWithTire()
                    .ifPresent(
                            why -> step(StepCode.SENSOR_WITH_TIRE, why, null, new FindingInputs.SensorWithTireInput()));
        }
        if (!task.tireOff()) {
            step(StepCode.LUBRICATE, lubricant(), NO_PETROLEUM, new StepInput.Confirmation());
            return;
        }
        step(
                StepCode.MOUNT,
                WORDS.message(
                        "bottomBeadThenTopBead",
                        "lubricant",
                        lubricant(),
                        "index",
                        index(),
                        "isCenterClamp",
                        isCenterClamp()),
                WORDS.message("handsClear", "noPetroleum", NO_PETROLEUM, "head", head(), "start", build().start())
                        .in(Units.US),
                new StepInput.Both(new FindingInputs.BeadInput(task.keepsTire(), true), FindingInputs.indexed()),
                BeadStep.MOUNT_BOTTOM,
                BeadStep.MOUNT_TOP);
    }

    private BeadBuild build() {
        return BeadBuild.of(wheel.model());
    }

    private Message lubricant() {
        return WORDS.message("lubricantWithRustInhibitorThin", "lubricant", build().lubricant());
    }

    private void cleanWheel(String does) {
        step(
                StepCode.CLEAN_WHEEL,
                Message.of(does),
                WORDS.say("wheelThatIsCrackedBent"),
                new FindingInputs.WheelInput());
    }

    /** A gap too wide to take air is closed by the blast, as this machine has it. */
    private String blast() {
        if (machine().filter(TireChanger.TireChangerType::hasJaws).isEmpty()) {
            return "";
        }
        return wheel.wheel().isReversed() ? WORDS.say("forTheBlastATurned") : WORDS.say("jawsBlastStarts");
    }

    /** The big nuts of a heavy vehicle take two, each by name. */
    private StepInput twoPeople() {
        return facts.light() ? new StepInput.Confirmation() : new FindingInputs.SecondPersonInput(facts.people());
    }

    /** The arrow comes first; then a mark at the valve; the DOT date outward. */
    private Message index() {
        boolean directional =
                wheel.model().filter(model -> model.isDirectional()).isPresent();
        return WORDS.message("directionalTheArrowFirst", "directional", directional);
    }

    private void mount() {
        step(
                StepCode.SEAT,
                WORDS.message("unclampedRestingFreeAirUntil", "cageOver", CAGE_OVER, "blast", blast()),
                WORDS.say("outOfTheTrajectoryHands"),
                new StepInput.BeadSeatingInput());
        step(StepCode.BEAD_GAP, WORDS.message("gapBetweenFlangeAndMolded"), null, new StepInput.BeadGapInput());
        boolean caged =
                wheel.target().filter(target -> target.psi() > CAGE_OVER.psi()).isPresent()
                        || wheel.target().isEmpty();
        if (caged) {
            step(
                    StepCode.CAGE,
                    WORDS.message("placeTheAssembly"),
                    WORDS.say("dangerAnExplodingTireKills"),
                    new StepInput.Confirmation());
        }
        StepInput cold = new StepInput.ColdPressureInput(wheel.target(), wheel.maximum());
        step(
                StepCode.FILL,
                wheel.target()
                        .map(target -> WORDS.message(
                                "coreInInflateToCold", "target", target, "nitrogen", facts.nitrogen() ? "" : SOAP))
                        .orElse(WORDS.message("coreInNoTarget", "nitrogen", facts.nitrogen() ? "" : SOAP)),
                null,
                facts.nitrogen() ? cold : new StepInput.Both(cold, new FindingInputs.LeakInput()));
        if (facts.nitrogen()) {
            step(
                    StepCode.NITROGEN,
                    Message.of("{}{}", nitrogen(), SOAP),
                    null,
                    new StepInput.Both(
                            new StepInput.NitrogenInput(facts.policy().number(PolicyNumber.NITROGEN_PURITY)),
                            new FindingInputs.LeakInput()));
        }
    }

    private Message nitrogen() {
        double purity = facts.policy().number(PolicyNumber.NITROGEN_PURITY);
        OptionalInt fills = wheel.target().isEmpty()
                ? OptionalInt.empty()
                : NitrogenPurge.fillsTo(
                        purity, SUPPLY_IMPURITY, wheel.target().get().psi());
        return WORDS.message(
                "purgeToOrBetterMark",
                "purity",
                Math.round(purity),
                "fills",
                fills.isPresent()
                        ? WORDS.say(
                                "fromASupplyOf98",
                                "fills",
                                fills.getAsInt(),
                                "times",
                                fills.getAsInt() == 1 ? WORDS.say("fill") : WORDS.say("fills"))
                        : WORDS.say("analyserDecides"));
    }

    private void fit() {
        if (task == WheelTask.LOOSE_WHEEL) {
            if (wheel.suspect()) {
                lookInside();
            }
            cleanWheel(WORDS.say("lookAtStudHolesFaces"));
        }
        if (task.lifts()) {
            if (task.breaksBead()) {
                step(StepCode.BALANCE, WORDS.message("balanceTurned180"), null, new BalanceInput());
            }
            step(
                    StepCode.HAND_START_NUTS,
                    WORDS.message("hubAndFacesClean", "dual", wheel.dual(), "nutWords", nutWords()),
                    facts.light() ? null : WORDS.say("twoPeopleOneHolds"),
                    twoPeople());
        }
        tighten();
        if (task.readsDot()) {
            dot();
        }
        if (task == WheelTask.MOVE_ASSEMBLY || task == WheelTask.LOOSE_WHEEL && (wheel.dual() || wheel.suspect())) {
            step(
                    StepCode.FILL,
                    wheel.target()
                            .map(target -> WORDS.message("coldToThisPositionsTarget", "target", target))
                            .orElse(WORDS.message("noTargetOnFile")),
                    null,
                    new StepInput.ColdPressureInput(wheel.target(), wheel.maximum()));
        }
    }

    /** What went where, the tire that came off too: asked once, however often the bead was broken on the way. */
    private void dot() {
        StepInput code = new StepInput.DotOfInstalledTireInput();
        StepInput newTire = task == WheelTask.NEW_TIRE ? new StepInput.Both(code, tread()) : code;
        step(
                StepCode.DOT_OF_INSTALLED,
                WORDS.message(
                        "readTheDotCode",
                        "position",
                        wheel.position().code(),
                        "isNewTire",
                        task == WheelTask.NEW_TIRE,
                        "onRecordAs",
                        onRecordAs(),
                        "whereTo",
                        whereTo()),
                null,
                goesAway() ? new StepInput.Both(newTire, new FindingInputs.OldTireInput(wheel.oldTireMay())) : newTire);
    }

    private StepInput tread() {
        return new StepInput.TreadOfInstalledTireInput(wheel.model().flatMap(TireModel::originalDepth));
    }

    private boolean goesAway() {
        return task == WheelTask.NEW_TIRE && !wheel.oldTireMay().isEmpty();
    }

    private Message onRecordAs() {
        return task == WheelTask.NEW_TIRE && wheel.model().isPresent()
                ? WORDS.message("itGoesOnRecord", "model", wheel.model().get().title())
                : Message.of("");
    }

    private String whereTo() {
        if (!goesAway()) {
            return "";
        }
        return wheel.oldTireMay().contains(RemovedTire.Destination.STOCK)
                ? WORDS.say("sayWhereTheOldTire")
                : WORDS.say("byItsAgeTread");
    }

    private String nutWords() {
        return wheel.wheel()
                .pilotType()
                .map(pilot -> pilot == PilotType.HUB
                        ? WORDS.say("hubPilotedTwoPieceFlanged")
                        : WORDS.say("studPilotedBevelledNutsNever"))
                .orElse(WORDS.say("onlyTheNutsThatBelong"));
    }

    /** Half, full and one pass round are one step: what is recorded is the full torque, on every nut. */
    private void tighten() {
        Optional<Integer> nuts = wheel.wheel().lugCount().isPresent()
                ? Optional.of(wheel.wheel().lugCount().getAsInt())
                : Optional.empty();
        StepInput.TorqueInput torque = new StepInput.TorqueInput(wheel.wheel().torque(), nuts, facts.wrenches());
        step(
                StepCode.TORQUE_PASS,
                wheel.wheel()
                        .torque()
                        .map(full -> task.lifts()
                                ? WORDS.message("inTheStarsOrderFirst", "full", full)
                                : WORDS.message("eachNutInTheStars", "full", full))
                        .orElse(WORDS.message("inTheStarsOrderFirst2", "lifts", task.lifts())),
                null,
                task == WheelTask.RETORQUE
                        ? new FindingInputs.NutsInput(torque, facts.policy().number(PolicyNumber.RETORQUE_TURN))
                        : torque);
    }

    private void rest() {
        switch (task) {
            case CORRECT_CAUSE ->
                step(
                        StepCode.CORRECT_CAUSE,
                        WORDS.message("pressuresFirstThenTreadJoints"),
                        null,
                        new StepInput.TextInput("note", WORDS.say("whatWasFoundAndFixed"), true));
            case BEAD_LEAK ->
                step(
                        StepCode.CORRECT_CAUSE,
                        WORDS.message("whereDidItLeakBead"),
                        null,
                        new StepInput.LeakRepairInput());
            case VERDICT ->
                step(
                        StepCode.PROFESSIONAL_VERDICT,
                        WORDS.message("qualifiedTireProfessionalLooks"),
                        null,
                        new StepInput.ProfessionalVerdictInput());
            case OTHER ->
                step(
                        StepCode.RECORD_WORK,
                        WORDS.message("doItAndSayWhat"),
                        null,
                        new StepInput.TextInput("note", WORDS.say("whatWasDone"), true));
            case TREAD -> step(StepCode.TREAD_OF_INSTALLED, WORDS.message("gaugeTheTreadInThree"), null, tread());
            case DOT -> dot();
            case RECORD -> {
                step(StepCode.TREAD_OF_INSTALLED, WORDS.message("measureTheTread"), null, tread());
                dot();
                step(
                        StepCode.COLD_CHECK,
                        WORDS.message("checkColdPressure"),
                        null,
                        new StepInput.ColdPressureInput(Optional.empty(), wheel.maximum()));
            }
            case WHEEL_OFF ->
                step(
                        StepCode.RECORD_WORK,
                        WORDS.message("whatWasRepairedHow"),
                        null,
                        new StepInput.TextInput("note", WORDS.say("whatWasRepaired"), true));
            case PRESSURE,
                    NEW_TIRE,
                    MOVE_ASSEMBLY,
                    REMOUNT,
                    SENSOR_IN_PLACE,
                    SENSOR_DISMOUNT,
                    REPLACE_WHEEL,
                    RETORQUE,
                    LOOSE_WHEEL,
                    MATE -> {
                // Everything these want has been read above.
            }
        }
    }

    private void step(StepCode code, Message does, String caution, StepInput stepInput) {
        step(code, does, caution, stepInput, new BeadStep[0]);
    }

    private void step(StepCode code, Message does, String caution, StepInput stepInput, BeadStep... beads) {
        steps.add(new Step(
                code,
                Optional.of(wheel.position()),
                does,
                Optional.ofNullable(caution).map(text -> Message.of(text)),
                stepInput,
                List.of(beads)));
    }
}
