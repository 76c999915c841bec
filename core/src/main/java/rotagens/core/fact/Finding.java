package rotagens.core.fact;

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
            "Wear bar flush",
            DO_NOT_OPERATE,
            Rule.WEAR_BAR,
            TIRE_REMOVED,
            "Worn out anywhere round the tire is worn out: it must not be driven."),
    /** Cord or belt can be seen. */
    CORD_SHOWING(Area.TREAD, "Cord or belt showing", DO_NOT_OPERATE, Rule.DAMAGE, PROFESSIONAL, "Out of service."),
    /** The tread comes loose from the casing. */
    TREAD_SEPARATION(
            Area.TREAD,
            "Tread separation",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            "Out of service: the tread can leave the casing."),
    /** Bald spots round the tire. */
    CUPPING(
            Area.TREAD,
            "Cupping (bald spots round the tire)",
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            "Test the shocks today. Shocks are safety parts."),
    /** One worn place. */
    FLAT_SPOT(
            Area.TREAD,
            "Flat spot",
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            "Judge depth and vibration; check the brake."),
    /** Ribs smooth one way and sharp the other. */
    FEATHERING(
            Area.TREAD,
            "Feathering (sawtooth: smooth one way, rough the other)",
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            "Suspension and geometry check, shock test."),
    /** It is a retread, seen at the shoulder. */
    RETREAD_IDENTIFIED(
            Area.TREAD,
            "Retread (rounded edge or seam at the shoulder)",
            GOOD,
            Rule.RETREAD_STEER,
            TIRE_REMOVED,
            "Recorded. Never on a steer axle."),
    /** Broken cords under the sidewall. */
    BULGE(
            Area.SIDEWALL,
            "Bulge",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            "A bulge means broken cords. Do not operate until a tire professional has inspected the tire."),
    /** A cut that reaches the cord. */
    CUT_TO_CORD(Area.SIDEWALL, "Cut to the cord", DO_NOT_OPERATE, Rule.DAMAGE, PROFESSIONAL, "Out of service."),
    /** A crack deeper than 2/32 in. */
    CRACK_DEEP(
            Area.SIDEWALL,
            "Crack deeper than 2/32 in",
            DO_NOT_OPERATE,
            Rule.SIDEWALL_CRACK,
            TIRE_REMOVED,
            "Replace at once."),
    /** A crack up to 2/32 in deep. */
    CRACK_SHALLOW(
            Area.SIDEWALL,
            "Crack up to 2/32 in deep",
            WATCH,
            Rule.SIDEWALL_CRACK,
            PROFESSIONAL,
            "A tire professional inspects it; watch it until then."),
    /** A shallow hollow, usual in radials. */
    INDENTATION(
            Area.SIDEWALL,
            "Shallow indentation",
            GOOD,
            Rule.DAMAGE,
            TIRE_REMOVED,
            "Normal in radials: recorded, no action."),
    /** It hit a curb or a driveway. */
    CURB_STRIKE(
            Area.SIDEWALL,
            "Curb or driveway strike",
            WATCH,
            Rule.CURB_STRIKE,
            FIXED,
            "Look at this sidewall, the wheel and the joints."),
    /** A directional tire that runs the wrong way. */
    INSTALLED_BACKWARD(
            Area.SIDEWALL,
            "Directional arrow points backwards",
            DO_NOT_OPERATE,
            Rule.DIRECTIONAL,
            FIXED,
            "Change sides or remount it on the wheel."),
    /** Flat, or a leak that can be heard. */
    FLAT_OR_LEAKING(
            Area.VALVE,
            "Flat, or a leak you can hear",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            "Out of service. Don’t add air: demount and look inside."),
    /** The valve has no cap. */
    CAP_MISSING(Area.VALVE, "Valve cap missing", WATCH, Rule.SMALL_PARTS, FIXED, "Put a metal cap on, on the spot."),
    /** The rubber round the stem has aged. */
    GROMMET_AGED(
            Area.VALVE,
            "Grommet aged",
            WATCH,
            Rule.SMALL_PARTS,
            FIXED,
            "New stem or grommet when the tire is next off; sooner if it leaks."),
    /** Soap bubbles at the core. */
    CORE_LEAKING(
            Area.VALVE,
            "Valve core leaking",
            WATCH,
            Rule.SMALL_PARTS,
            FIXED,
            "Change the core on the spot, gauge again."),
    /** A torn or broken bead. */
    BEAD_TORN(
            Area.WHEEL,
            "Bead torn or broken",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            TIRE_REMOVED,
            "Never repaired: scrap the tire. It fails, or leaks unnoticed."),
    /** A crack in the wheel. */
    WHEEL_CRACKED(
            Area.WHEEL,
            "Wheel cracked",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until the wheel is changed."),
    /** A bent wheel. */
    WHEEL_BENT(
            Area.WHEEL,
            "Wheel bent",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until the wheel is changed."),
    /** Rust that eats into the wheel. */
    WHEEL_RUSTED(
            Area.WHEEL,
            "Heavy rust on the wheel",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until fixed."),
    /** A stud hole that is no longer round. */
    STUD_HOLE_ELONGATED(
            Area.WHEEL,
            "Stud hole elongated",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until the wheel is changed."),
    /** A stud without its nut. */
    NUT_MISSING(
            Area.WHEEL,
            "Nut missing",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until fixed. Torque all nuts of this wheel."),
    /** A nut that turns by hand or tool. */
    NUT_LOOSE(
            Area.WHEEL,
            "Nut loose",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until fixed. Torque all nuts of this wheel."),
    /** A streak of rust from a nut. */
    NUT_RUST_STREAK(
            Area.WHEEL,
            "Rust streak at a nut",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "A rust streak tells of a loose nut: out of service until checked."),
    /** Hub- and stud-piloted parts on one hub. */
    PILOT_MIXED(
            Area.WHEEL,
            "Hub- and stud-piloted parts mixed",
            DO_NOT_OPERATE,
            Rule.PILOT_MATCH,
            FIXED,
            "They look alike and never interchange: out of service."),
    /** It was gauged at 80% of its target or less. */
    RUN_FLAT(
            Area.RECORDED,
            "Ran at 80% of target or less",
            DO_NOT_OPERATE,
            Rule.RUN_FLAT,
            PROFESSIONAL,
            "Treat it as run flat: don’t add air on the vehicle; deflate, demount and look inside."),
    /** Its sensor tells of air going fast. */
    FAST_LOSS(
            Area.RECORDED,
            "Losing air fast by its sensor",
            SERVICE_DUE,
            Rule.PRESSURE_LOSS,
            FIXED,
            "Too quick a drop to be called normal. Gauge it cold, and look at core, stem and bead, and for a puncture."),
    /** A qualified person said that it is not serviceable. */
    CONDEMNED(
            Area.RECORDED,
            "Condemned by a tire professional",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            TIRE_REMOVED,
            "Take it off and scrap it.");

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
