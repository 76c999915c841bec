package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The kinds of work that fall due, each with what must be read or recorded when it is done. */
public enum WorkType {
    /** Put on file what sits at a position. */
    RECORD_TIRE(WORDS.say("recordTheInstalledTire"), WORDS.say("tireThereIsUnknownNo"), RequiredResult.NEW_TIRE),
    /** A professional looks at damage, inside and out. */
    INSPECT_DAMAGE(
            WORDS.say("professionalInspection"),
            WORDS.say("tireDamagedInsideCanCome"),
            RequiredResult.VERDICT,
            RequiredResult.COLD_PRESSURE),
    /** Another tire, one that matches its axle or its dual. */
    CORRECT_MISMATCH(
            WORDS.say("installAMatchingTire"), WORDS.say("tiresThatDontBelongTogether"), RequiredResult.NEW_TIRE),
    /** Another wheel, one that matches its nuts and hub. */
    REPLACE_WHEEL(WORDS.say("installAMatchingWheel"), WORDS.say("wheelsClampedByTheWrong"), RequiredResult.WHEEL),
    /** Another tire in place of a worn, old or damaged one. */
    REPLACE(WORDS.say("replaceTire"), WORDS.say("pastItsLimitATire"), RequiredResult.NEW_TIRE),
    /** Put right what eye or hand found. */
    FIX_DEFECT(WORDS.say("fixADefect"), WORDS.say("smallFaultsOfValve"), RequiredResult.NOTE),
    /** Bring a tire to its cold target. */
    SET_PRESSURE(WORDS.say("setPressure"), WORDS.say("tooLittleAirHeats"), RequiredResult.COLD_PRESSURE),
    /** Find and correct what wears a tire. */
    CORRECT_WEAR_CAUSE(WORDS.say("correctTheCauseOfWear"), WORDS.say("nextTireWillWear"), RequiredResult.NOTE),
    /** The yearly look inside and out, from the fifth year on. */
    AGE_INSPECTION(
            WORDS.say("yearlyProfessionalInspection"), WORDS.say("cracksInsideAnOldCasing"), RequiredResult.VERDICT),
    /** Read when the tire was made. */
    READ_DOT(WORDS.say("readTheDotWeek"), WORDS.say("itsAgeLimitsCant"), RequiredResult.DOT_CODE),
    /** Gauge a tire again. */
    PRESSURE_CHECK(WORDS.say("pressureCheck"), WORDS.say("howMuchHasLeakedSince"), RequiredResult.COLD_PRESSURE),
    /** Gauge its grooves again. */
    TREAD_INSPECTION(WORDS.say("treadInspection"), WORDS.say("wearPatternIsNotSeen"), RequiredResult.TREAD),
    /** Find the pressure its load asks for. */
    DERIVE_TARGET(WORDS.say("deriveTheTargetPressure"), WORDS.say("pressureForTheLoad"), RequiredResult.NOTE),
    /** Another sensor. */
    REPLACE_SENSOR(
            WORDS.say("replaceSensor"),
            WORDS.say("withoutAWorkingSensor"),
            RequiredResult.SENSOR,
            RequiredResult.COLD_PRESSURE),
    /** Find where a tire loses air, and repair it. */
    FIND_LEAK(
            WORDS.say("findTheLeak"),
            WORDS.say("itReachesWhatItsLoad"),
            RequiredResult.COLD_PRESSURE,
            RequiredResult.REPAIR),
    /** Take load off an axle that carries too much. */
    REDUCE_LOAD(WORDS.say("reduceTheLoadOrInstall"), WORDS.say("overloadedTireFailsHot"), RequiredResult.SCALE_TICKET),
    /** Bring it onto a scale. */
    WEIGH(WORDS.say("weigh"), WORDS.say("targetPressuresAreBased"), RequiredResult.SCALE_TICKET),
    /** Decide which tire goes where. */
    ROTATE(WORDS.say("rotate"), WORDS.say("tiresThatStayInOne"), RequiredResult.TORQUE),
    /** A tire of this vehicle comes to this position, by a rotation’s plan. */
    INSTALL_MOVED_TIRE(
            WORDS.say("putTheTireHere"),
            WORDS.say("rotationStaysIncompleteWithPositions"),
            RequiredResult.COLD_PRESSURE),
    /** A new tire comes to this position, by a rotation’s plan. */
    INSTALL_NEW_TIRE(
            WORDS.say("installTheNewTireHere"),
            WORDS.say("rotationStaysIncompleteWithPositions"),
            RequiredResult.NEW_TIRE),
    /** Torque the nuts again after the first miles. */
    RETORQUE(WORDS.say("reTorque"), WORDS.say("nutsSettleInTheFirst"), RequiredResult.TORQUE),
    /** Tell the system again which sensor sits where. */
    RELEARN(WORDS.say("relearnSensors"), WORDS.say("dashNamesTheWrongCorner"), RequiredResult.NOTE),
    /** Toe, camber and thrust angle. */
    ALIGN(WORDS.say("alignTheWheels"), WORDS.say("tiresOutOfLineScrub"), RequiredResult.NOTE),
    /** Joints, shocks, springs. */
    REPAIR_SUSPENSION(WORDS.say("repairSteeringOrSuspension"), WORDS.say("jointThatLetsGoTakes"), RequiredResult.NOTE),
    /** Roll it on, so that no flat spot stays. */
    MOVE_VEHICLE(WORDS.say("moveTheParkedVehicle"), WORDS.say("tiresOfAParkedVehicle"), RequiredResult.NOTE);

    /**
     * Whether a day and a person are enough to get it done; finding a pressure also needs weights and a maker's chart, a
     * rotation needs somebody to decide which tire goes where.
     *
     * @return false where something has to be decided first
     */
    public boolean canBeScheduled() {
        return this != DERIVE_TARGET && this != ROTATE;
    }

    /**
     * Whether completing it ends what wore the tire: wear from before then no longer counts against it.
     *
     * @return only for work on the cause
     */
    public boolean correctsWear() {
        return this == CORRECT_WEAR_CAUSE;
    }

    /**
     * Whether it may be asked for without falling due: not what only a rotation's plan brings, or a decision.
     *
     * @return whether it may be chosen for a job
     */
    public boolean canBeWished() {
        return canBeScheduled() && this != INSTALL_MOVED_TIRE && this != INSTALL_NEW_TIRE && this != RECORD_TIRE;
    }

    /**
     * Whether it is done at tires; else at the vehicle.
     *
     * @return false for work on the vehicle as a whole
     */
    public boolean isAtPositions() {
        return switch (this) {
            case REDUCE_LOAD, WEIGH, ROTATE, RETORQUE, RELEARN, ALIGN, REPAIR_SUSPENSION, MOVE_VEHICLE -> false;
            default -> true;
        };
    }

    /**
     * Whether it is work on steering or suspension, done and measured on the rack and driven straight afterwards.
     *
     * @return whether bay and road test are those of the alignment rack
     */
    public boolean needsRack() {
        return this == CORRECT_WEAR_CAUSE || this == ALIGN || this == REPAIR_SUSPENSION;
    }

    /**
     * The kinds that correct what wore a tire.
     *
     * @return every such kind
     */
    public static Set<WorkType> correctingWear() {
        return Arrays.stream(values()).filter(WorkType::correctsWear).collect(Collectors.toUnmodifiableSet());
    }

    /** What has to be on record before the work counts as done. */
    public enum RequiredResult {
        /** A cold pressure at each position. */
        COLD_PRESSURE,
        /** The depths of all grooves. */
        TREAD,
        /** The code with its week, read off the sidewall. */
        DOT_CODE,
        /** DOT code, tread and cold pressure of the tire fitted instead. */
        NEW_TIRE,
        /** How the wheel fitted instead is piloted. */
        WHEEL,
        /** ID of the sensor fitted instead. */
        SENSOR,
        /** What the wrench was set to. */
        TORQUE,
        /** A qualified person's verdict, with the person's name. */
        VERDICT,
        /** A slip weighed since the work was put on a day. */
        SCALE_TICKET,
        /** What was done about a leak, by name. */
        REPAIR,
        /** What was done, in words. */
        NOTE
    }

    private final String label;
    private final String consequence;
    private final Set<RequiredResult> requiredResult;

    WorkType(String words, String waiting, RequiredResult... requiredResult) {
        this.label = words;
        this.consequence = waiting;
        this.requiredResult = EnumSet.copyOf(Set.of(requiredResult));
    }

    /**
     * What waiting brings.
     *
     * @return a sentence
     */
    public String consequence() {
        return consequence;
    }

    /**
     * The caution that belongs to this work, before it is done; empty where there is none of its own.
     *
     * @return a sentence or a few
     */
    public Optional<String> caution() {
        return Optional.ofNullable(
                switch (this) {
                    case INSPECT_DAMAGE -> WORDS.say("noAirBeforeItWas");
                    case REPLACE -> WORDS.say("levelGroundChocksStandsBefore");
                    case CORRECT_MISMATCH -> WORDS.say("bothCoresOfADual");
                    case REPLACE_WHEEL -> WORDS.say("hubAndStudPilotedNuts");
                    case ROTATE -> WORDS.say("levelGroundChocksStandsBefore2");
                    case RETORQUE -> WORDS.say("toTheWheelManufacturersTorque");
                    case REPLACE_SENSOR -> WORDS.say("allAirOutBefore");
                    case SET_PRESSURE -> WORDS.say("coldOnlyParkedAtLeast");
                    case REPAIR_SUSPENSION -> WORDS.say("standsUnderTheFrameBefore");
                    case ALIGN,
                            RECORD_TIRE,
                            FIX_DEFECT,
                            CORRECT_WEAR_CAUSE,
                            AGE_INSPECTION,
                            READ_DOT,
                            PRESSURE_CHECK,
                            TREAD_INSPECTION,
                            DERIVE_TARGET,
                            FIND_LEAK,
                            REDUCE_LOAD,
                            WEIGH,
                            INSTALL_MOVED_TIRE,
                            INSTALL_NEW_TIRE,
                            RELEARN,
                            MOVE_VEHICLE -> null;
                });
    }

    /**
     * What the work is called.
     *
     * @return for lists, jobs and choices
     */
    public String label() {
        return label;
    }

    /**
     * What has to be on record before it counts as done.
     *
     * @return never empty
     */
    public Set<RequiredResult> requiredResult() {
        return requiredResult;
    }
}
