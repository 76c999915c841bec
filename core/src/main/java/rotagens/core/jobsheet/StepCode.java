package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

/**
 * The steps a job sheet is put together from, in the order they are done. Which of them may be skipped with a reason, and which
 * guard somebody's body, is decided here once. Some stand only on sheets of before, whose marks stay readable: what they asked for
 * is part of another step now.
 */
public enum StepCode {
    /** Level ground, brake, chocks. */
    SECURE_VEHICLE(WORDS.say("before"), WORDS.say("secureTheVehicle"), SkipRule.NEVER, true),
    /** What the person wears. */
    PROTECTION(WORDS.say("before"), WORDS.say("glovesAndEyes"), SkipRule.WITH_REASON, true),
    /** Whether machine, tool and parts suit the wheel. */
    MACHINE_FITS(WORDS.say("before"), WORDS.say("machineAndParts"), SkipRule.WITH_REASON, false),
    /** Everything at hand before the first nut. */
    PARTS(WORDS.say("before"), WORDS.say("layOutTheParts"), SkipRule.WITH_REASON, false),
    /** So that each goes back onto its own valve. */
    TAG_SENSORS(WORDS.say("before"), WORDS.say("tagOutsideSensors"), SkipRule.WITH_REASON, false),

    /** How far it ran since the wheels went on. */
    MILES_SINCE(WORDS.say("before"), WORDS.say("milesSinceTheWheelsWent"), SkipRule.NEVER, true),

    /** A rim of several parts stops the work. */
    ONE_PIECE_RIM(WORDS.say("remove"), WORDS.say("onePieceRim"), SkipRule.NEVER, true),
    /** A tire that ran low is empty before a nut is loosened. */
    DEFLATE_FIRST(WORDS.say("remove"), WORDS.say("allAirOutBefore"), SkipRule.NEVER, true),
    /** The vehicle rests on stands, not on a jack. */
    STANDS(WORDS.say("remove"), WORDS.say("standsBeforeTheWheelComes"), SkipRule.NEVER, true),
    /** The wheel leaves its hub. */
    WHEEL_OFF(WORDS.say("remove"), WORDS.say("wheelOff"), SkipRule.WITH_REASON, false),
    /** No pressure is left when a bead is broken. */
    CORE_OUT(WORDS.say("remove"), WORDS.say("coreOut"), SkipRule.NEVER, true),
    /** Both beads leave their seats. */
    BREAK_BEAD(WORDS.say("remove"), WORDS.say("breakTheBeads"), SkipRule.WITH_REASON, false),
    /** One bead is pushed down, for a sensor. */
    PUSH_BEAD_DOWN(WORDS.say("remove"), WORDS.say("pushOneBeadDown"), SkipRule.WITH_REASON, false),
    /** The tire leaves its wheel. */
    DEMOUNT(WORDS.say("remove"), WORDS.say("tireOffTheWheel"), SkipRule.NEVER, false),
    /** Stock, retread or scrap. */
    OLD_TIRE(WORDS.say("remove"), WORDS.say("whereTheOldTireGoes"), SkipRule.NEVER, false),

    /** By a qualified person, before air goes in. */
    LOOK_INSIDE(WORDS.say("prepare"), WORDS.say("professionalsLookInside"), SkipRule.NEVER, true),
    /** No crack, no rust on the seats. */
    CLEAN_WHEEL(WORDS.say("prepare"), WORDS.say("wheelCleanAndSound"), SkipRule.NEVER, true),
    /** By hub or by studs. */
    PILOT_TYPE(WORDS.say("prepare"), WORDS.say("howTheWheelIsPiloted"), SkipRule.NEVER, false),
    /** New ones each time a bead was broken. */
    STEM(WORDS.say("prepare"), WORDS.say("stemGrommetAndCore"), SkipRule.WITH_REASON, false),
    /** In the wheel, with its torque. */
    INSTALL_SENSOR(WORDS.say("prepare"), WORDS.say("sensorIn"), SkipRule.NEVER, false),
    /** Whether a new sensor goes in with the new tire. */
    SENSOR_WITH_TIRE(WORDS.say("prepare"), WORDS.say("sensorWithTheNewTire"), SkipRule.WITH_REASON, false),
    /** Both beads and the seats. */
    LUBRICATE(WORDS.say("prepare"), WORDS.say("lubricate"), SkipRule.WITH_REASON, false),
    /** The light spot at the valve. */
    ALIGN_MARKS(WORDS.say("prepare"), WORDS.say("index"), SkipRule.WITH_REASON, false),
    /** Over the drop center, the sensor last. */
    MOUNT(WORDS.say("mount"), WORDS.say("tireOnTheWheel"), SkipRule.NEVER, false),
    /** No higher than the maker allows, nobody in the trajectory. */
    SEAT(WORDS.say("mount"), WORDS.say("seatTheBeads"), SkipRule.NEVER, true),
    /** The bead line all round, on both sides. */
    BEAD_GAP(WORDS.say("mount"), WORDS.say("measureTheBeadGap"), SkipRule.NEVER, false),
    /** Before air goes in, where the rule asks for it. */
    CAGE(WORDS.say("mount"), WORDS.say("intoTheCage"), SkipRule.NEVER, true),
    /** By a gauge, cold. */
    FILL(WORDS.say("mount"), WORDS.say("fillToTheColdTarget"), SkipRule.NEVER, false),
    /** Filled and let out until it is pure enough. */
    NITROGEN(WORDS.say("mount"), WORDS.say("purgeWithNitrogen"), SkipRule.WITH_REASON, false),
    /** At core, stem and beads, then the cap. */
    LEAK_CHECK(WORDS.say("mount"), WORDS.say("leakCheckAndCap"), SkipRule.WITH_REASON, false),

    /** Weights in oz or g. */
    BALANCE(WORDS.say("install"), WORDS.say("balance"), SkipRule.WITH_REASON, false),
    /** Bare metal where the wheel sits. */
    HUB(WORDS.say("install"), WORDS.say("hubAndWheelFacesClean"), SkipRule.WITH_REASON, false),
    /** Each nut by hand, so that no thread is crossed. */
    HAND_START_NUTS(WORDS.say("install"), WORDS.say("hubCleanNutsByHand"), SkipRule.NEVER, false),
    /** All nuts in the star at half. */
    TORQUE_HALF(WORDS.say("install"), WORDS.say("halfTheTorque"), SkipRule.NEVER, false),
    /** All nuts in the star at full. */
    TORQUE_FULL(WORDS.say("install"), WORDS.say("fullTorque"), SkipRule.NEVER, false),
    /** One pass of a re-torque. */
    TORQUE_PASS(WORDS.say("install"), WORDS.say("torqueInTheStar"), SkipRule.NEVER, false),
    /** The grooves of the tire that is on now. */
    TREAD_OF_INSTALLED(WORDS.say("install"), WORDS.say("treadOfTheInstalledTire"), SkipRule.NEVER, false),
    /** Which tire sits where now. */
    DOT_OF_INSTALLED(WORDS.say("install"), WORDS.say("dotCodeWhatWentWhere"), SkipRule.NEVER, false),

    /** What wore the tire. */
    CORRECT_CAUSE(WORDS.say("after"), WORDS.say("findAndCorrectTheCause"), SkipRule.NEVER, false),
    /** By scale ticket. */
    WEIGH(WORDS.say("after"), WORDS.say("weigh"), SkipRule.NEVER, false),
    /** Figures on the rack. */
    ALIGNMENT(WORDS.say("after"), WORDS.say("rideHeightAndAlignment"), SkipRule.WITH_REASON, false),
    /** By name. */
    PROFESSIONAL_VERDICT(WORDS.say("after"), WORDS.say("professionalsVerdict"), SkipRule.NEVER, false),
    /** What the gauge says at the end. */
    COLD_CHECK(WORDS.say("after"), WORDS.say("coldPressure"), SkipRule.NEVER, false),
    /** Each on its own valve. */
    SENSORS_BACK(WORDS.say("after"), WORDS.say("outsideSensorsBackByTheir"), SkipRule.WITH_REASON, false),
    /** So that the dash names the right corner. */
    RELEARN(WORDS.say("after"), WORDS.say("relearn"), SkipRule.WITH_REASON, false),
    /** Corner by corner. */
    DASH_AND_GAUGE(WORDS.say("after"), WORDS.say("dashAndGaugeCompared"), SkipRule.WITH_REASON, false),
    /** Straight, and nothing new. */
    ROAD_TEST(WORDS.say("after"), WORDS.say("roadTest"), SkipRule.WITH_REASON, false),
    /** The odometer of the day of the work. */
    ODOMETER(WORDS.say("after"), WORDS.say("cleanUpOdometer"), SkipRule.WITH_REASON, false),
    /** Nothing left on or in the vehicle. */
    CLEAN_UP(WORDS.say("after"), WORDS.say("cleanUp"), SkipRule.WITH_REASON, false),
    /** Somebody in charge knows. */
    NOTIFY(WORDS.say("after"), WORDS.say("personInChargeNotified"), SkipRule.WITH_REASON, false),
    /** In words. */
    RECORD_WORK(WORDS.say("after"), WORDS.say("whatWasDone"), SkipRule.NEVER, false);

    /** Whether a step may be left out. */
    public enum SkipRule {
        /** It is done, or the job stays open. */
        NEVER,
        /** With a name and a reason. */
        WITH_REASON
    }

    private final String phase;
    private final String title;
    private final SkipRule skipRule;
    private final boolean safety;

    StepCode(String phase, String title, SkipRule skipRule, boolean safety) {
        this.phase = phase;
        this.title = title;
        this.skipRule = skipRule;
        this.safety = safety;
    }

    /**
     * The part of the sheet it belongs to.
     *
     * @return for a heading
     */
    public String phase() {
        return phase;
    }

    /**
     * What is done.
     *
     * @return for a heading
     */
    public String title() {
        return title;
    }

    /**
     * Whether it may be left out.
     *
     * @return never, or with a reason
     */
    public SkipRule skip() {
        return skipRule;
    }

    /**
     * Ticked one at a time, by name, never ahead of the step before.
     *
     * @return whether it is ticked by itself
     */
    public boolean safety() {
        return safety;
    }
}
