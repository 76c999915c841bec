package rotagens.core.fact;

import static rotagens.core.fact.FactWords.WORDS;
import static rotagens.core.fact.Finding.ClearedBy.FIXED;
import static rotagens.core.fact.Finding.ClearedBy.PROFESSIONAL;
import static rotagens.core.fact.Finding.ClearedBy.TIRE_REMOVED;
import static rotagens.core.fact.Verdict.DO_NOT_OPERATE;
import static rotagens.core.fact.Verdict.GOOD;
import static rotagens.core.fact.Verdict.SERVICE_DUE;
import static rotagens.core.fact.Verdict.WATCH;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Rule;
import rotagens.core.wear.WearPattern.Shape;

/** What a look or a hand can find on a tire and its wheel, and what it means. */
public enum Finding {
    /** A wear bar level with the tread anywhere round the tire. */
    WEAR_BAR_FLUSH(
            Area.TREAD,
            WORDS.say("wearBarFlush"),
            DO_NOT_OPERATE,
            Rule.WEAR_BAR,
            TIRE_REMOVED,
            WORDS.say("wornOutAnywhereRound")),
    /** Cord or belt can be seen. */
    CORD_SHOWING(
            Area.TREAD,
            WORDS.say("cordOrBeltShowing"),
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            WORDS.say("outOfService")),
    /** The tread comes loose from the casing. */
    TREAD_SEPARATION(
            Area.TREAD,
            WORDS.say("treadSeparation"),
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            WORDS.say("outOfServiceTheTread")),
    /** Bald spots round the tire. */
    CUPPING(
            Area.TREAD,
            WORDS.say("cuppingBaldSpotsRound"),
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            WORDS.say("testTheShocksTodayShocks")),
    /** One worn place. */
    FLAT_SPOT(
            Area.TREAD,
            WORDS.say("flatSpot"),
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            WORDS.say("judgeDepthAndVibrationCheck")),
    /** Ribs smooth one way and sharp the other. */
    FEATHERING(
            Area.TREAD,
            WORDS.say("featheringSawtoothSmoothOneWay"),
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            WORDS.say("suspensionAndGeometryCheckShock")),
    /** It is a retread, seen at the shoulder. */
    RETREAD_IDENTIFIED(
            Area.TREAD,
            WORDS.say("retreadRoundedEdgeOrSeam"),
            GOOD,
            Rule.RETREAD_STEER,
            TIRE_REMOVED,
            WORDS.say("recordedNeverOnASteer")),
    /** Broken cords under the sidewall. */
    BULGE(
            Area.SIDEWALL,
            WORDS.say("bulge"),
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            WORDS.say("bulgeMeansBrokenCordsDo")),
    /** A cut that reaches the cord. */
    CUT_TO_CORD(
            Area.SIDEWALL,
            WORDS.say("cutToTheCord"),
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            WORDS.say("outOfService")),
    /** A crack deeper than 2/32 in. */
    CRACK_DEEP(
            Area.SIDEWALL,
            WORDS.say("crackDeeperThan232"),
            DO_NOT_OPERATE,
            Rule.SIDEWALL_CRACK,
            TIRE_REMOVED,
            WORDS.say("replaceAtOnce")),
    /** A crack up to 2/32 in deep. */
    CRACK_SHALLOW(
            Area.SIDEWALL,
            WORDS.say("crackUpTo232"),
            WATCH,
            Rule.SIDEWALL_CRACK,
            PROFESSIONAL,
            WORDS.say("tireProfessionalInspectsItWatch")),
    /** A shallow hollow, usual in radials. */
    INDENTATION(
            Area.SIDEWALL,
            WORDS.say("shallowIndentation"),
            GOOD,
            Rule.DAMAGE,
            TIRE_REMOVED,
            WORDS.say("normalInRadialsRecordedNo")),
    /** It hit a curb or a driveway. */
    CURB_STRIKE(
            Area.SIDEWALL,
            WORDS.say("curbOrDrivewayStrike"),
            WATCH,
            Rule.CURB_STRIKE,
            FIXED,
            WORDS.say("lookAtThisSidewall")),
    /** A directional tire that runs the wrong way. */
    INSTALLED_BACKWARD(
            Area.SIDEWALL,
            WORDS.say("directionalArrowPointsBackwards"),
            DO_NOT_OPERATE,
            Rule.DIRECTIONAL,
            FIXED,
            WORDS.say("changeSidesOrRemount")),
    /** Flat, or a leak that can be heard. */
    FLAT_OR_LEAKING(
            Area.VALVE,
            WORDS.say("flatOrALeakYou"),
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            WORDS.say("outOfServiceDontAdd")),
    /** The valve has no cap. */
    CAP_MISSING(Area.VALVE, WORDS.say("valveCapMissing"), WATCH, Rule.SMALL_PARTS, FIXED, WORDS.say("putAMetalCap")),
    /** The rubber round the stem has aged. */
    GROMMET_AGED(
            Area.VALVE, WORDS.say("grommetAged"), WATCH, Rule.SMALL_PARTS, FIXED, WORDS.say("newStemOrGrommetWhen")),
    /** Soap bubbles at the core. */
    CORE_LEAKING(Area.VALVE, WORDS.say("valveCoreLeaking"), WATCH, Rule.SMALL_PARTS, FIXED, WORDS.say("changeTheCore")),
    /** A torn or broken bead. */
    BEAD_TORN(
            Area.WHEEL,
            WORDS.say("beadTornOrBroken"),
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            TIRE_REMOVED,
            WORDS.say("neverRepairedScrapTheTire")),
    /** A crack in the wheel. */
    WHEEL_CRACKED(
            Area.WHEEL,
            WORDS.say("wheelCracked"),
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            WORDS.say("outOfServiceUntil")),
    /** A bent wheel. */
    WHEEL_BENT(
            Area.WHEEL,
            WORDS.say("wheelBent"),
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            WORDS.say("outOfServiceUntil")),
    /** Rust that eats into the wheel. */
    WHEEL_RUSTED(
            Area.WHEEL,
            WORDS.say("heavyRustOnTheWheel"),
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            WORDS.say("outOfServiceUntilFixed")),
    /** A stud hole that is no longer round. */
    STUD_HOLE_ELONGATED(
            Area.WHEEL,
            WORDS.say("studHoleElongated"),
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            WORDS.say("outOfServiceUntil")),
    /** A stud without its nut. */
    NUT_MISSING(
            Area.WHEEL,
            WORDS.say("nutMissing"),
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            WORDS.say("outOfServiceUntilFixed2")),
    /** A nut that turns by hand or tool. */
    NUT_LOOSE(
            Area.WHEEL,
            WORDS.say("nutLoose"),
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            WORDS.say("outOfServiceUntilFixed2")),
    /** A streak of rust from a nut. */
    NUT_RUST_STREAK(
            Area.WHEEL,
            WORDS.say("rustStreakAtANut"),
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            WORDS.say("rustStreakTells")),
    /** Hub- and stud-piloted parts on one hub. */
    PILOT_MIXED(
            Area.WHEEL,
            WORDS.say("hubAndStudPilotedParts"),
            DO_NOT_OPERATE,
            Rule.PILOT_MATCH,
            FIXED,
            WORDS.say("theyLookAlikeAndNever")),
    /** It was gauged at 80% of its target or less. */
    RUN_FLAT(
            Area.RECORDED,
            WORDS.say("ranAt80OfTarget"),
            DO_NOT_OPERATE,
            Rule.RUN_FLAT,
            PROFESSIONAL,
            WORDS.say("treatItAsRunFlat")),
    /** Its sensor tells of air going fast. */
    FAST_LOSS(
            Area.RECORDED,
            WORDS.say("losingAirFast"),
            SERVICE_DUE,
            Rule.PRESSURE_LOSS,
            FIXED,
            WORDS.say("tooQuickADrop")),
    /** A qualified person said that it is not serviceable. */
    CONDEMNED(
            Area.RECORDED,
            WORDS.say("condemnedByATireProfessional"),
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            TIRE_REMOVED,
            WORDS.say("takeItOffAndScrap"));

    /** Where on the tire one looks for it; {@code RECORDED} comes from readings and verdicts, not from a look. */
    public enum Area {
        /** The tread, all the way round. */
        TREAD,
        /** Either sidewall. */
        SIDEWALL,
        /** Stem, core, cap and grommet. */
        VALVE,
        /** Wheel, bead, studs and nuts. */
        WHEEL,
        /** Not looked for: it follows from a reading or a verdict. */
        RECORDED
    }

    /** A look never clears an alarm; this does. */
    public enum ClearedBy {
        /** A qualified person's recorded verdict, or the tire leaving the vehicle. */
        PROFESSIONAL,
        /** Somebody put it right and said so. */
        FIXED,
        /** Only the tire leaving the position. */
        TIRE_REMOVED
    }

    private final Area area;
    private final String label;
    private final Verdict verdict;
    private final Rule rule;
    private final ClearedBy clearedBy;
    private final String explanation;

    Finding(Area area, String words, Verdict verdict, Rule rule, ClearedBy clearedBy, String because) {
        this.area = area;
        this.label = words;
        this.verdict = verdict;
        this.rule = rule;
        this.clearedBy = clearedBy;
        this.explanation = because;
    }

    /**
     * Where it is found.
     *
     * @return where one looks for it
     */
    public Area area() {
        return area;
    }

    /**
     * What it is called.
     *
     * @return begins a sentence
     */
    public String label() {
        return label;
    }

    /**
     * The verdict it brings anywhere on a vehicle; {@link Verdict#GOOD} for what is only recorded.
     *
     * @return of the tire, and so of its vehicle, until it is cleared
     */
    public Verdict verdict() {
        return verdict;
    }

    /**
     * The rule behind it.
     *
     * @return the rule its verdict stands on
     */
    public Rule rule() {
        return rule;
    }

    /**
     * What clears it.
     *
     * @return never a look
     */
    public ClearedBy clearedBy() {
        return clearedBy;
    }

    /**
     * Every finding that is cleared in one way.
     *
     * @param way what clears them
     * @return in the order they are looked for
     */
    public static List<Finding> clearedBy(ClearedBy way) {
        return Arrays.stream(values())
                .filter(finding -> finding.clearedBy == way)
                .toList();
    }

    /**
     * Why it matters.
     *
     * @return what it means and what to do, in a sentence or two
     */
    public String explanation() {
        return explanation;
    }

    /**
     * The wear shape a hand or eye found, where the finding is one.
     *
     * @return empty where it is no wear
     */
    public Optional<Shape> wearShape() {
        return switch (this) {
            case CUPPING -> Optional.of(Shape.CUPPING);
            case FLAT_SPOT -> Optional.of(Shape.FLAT_SPOT);
            case FEATHERING -> Optional.of(Shape.FEATHERING);
            case WEAR_BAR_FLUSH,
                    CORD_SHOWING,
                    TREAD_SEPARATION,
                    RETREAD_IDENTIFIED,
                    BULGE,
                    CUT_TO_CORD,
                    CRACK_DEEP,
                    CRACK_SHALLOW,
                    INDENTATION,
                    CURB_STRIKE,
                    INSTALLED_BACKWARD,
                    FLAT_OR_LEAKING,
                    CAP_MISSING,
                    GROMMET_AGED,
                    CORE_LEAKING,
                    BEAD_TORN,
                    WHEEL_CRACKED,
                    WHEEL_BENT,
                    WHEEL_RUSTED,
                    STUD_HOLE_ELONGATED,
                    NUT_MISSING,
                    NUT_LOOSE,
                    NUT_RUST_STREAK,
                    PILOT_MIXED,
                    RUN_FLAT,
                    FAST_LOSS,
                    CONDEMNED -> Optional.empty();
        };
    }
}
