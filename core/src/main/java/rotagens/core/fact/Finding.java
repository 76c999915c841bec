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
    WEAR_BAR_FLUSH(
            Area.TREAD,
            "Wear bar flush",
            DO_NOT_OPERATE,
            Rule.WEAR_BAR,
            TIRE_REMOVED,
            "Worn out anywhere round the tire is worn out: it must not be driven."),
    CORD_SHOWING(Area.TREAD, "Cord or belt showing", DO_NOT_OPERATE, Rule.DAMAGE, PROFESSIONAL, "Out of service."),
    TREAD_SEPARATION(
            Area.TREAD,
            "Tread separation",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            "Out of service: the tread can leave the casing."),
    CUPPING(
            Area.TREAD,
            "Cupping (bald spots round the tire)",
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            "Test the shocks today. Shocks are safety parts."),
    FLAT_SPOT(
            Area.TREAD,
            "Flat spot",
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            "Judge depth and vibration; check the brake."),
    FEATHERING(
            Area.TREAD,
            "Feathering (sawtooth: smooth one way, rough the other)",
            SERVICE_DUE,
            Rule.WEAR_PATTERN,
            FIXED,
            "Suspension and geometry check, shock test."),
    RETREAD_IDENTIFIED(
            Area.TREAD,
            "Retread (rounded edge or seam at the shoulder)",
            GOOD,
            Rule.RETREAD_STEER,
            TIRE_REMOVED,
            "Recorded. Never on a steer axle."),
    BULGE(
            Area.SIDEWALL,
            "Bulge",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            "A bulge means broken cords. Do not operate until a tire professional has inspected the tire."),
    CUT_TO_CORD(Area.SIDEWALL, "Cut to the cord", DO_NOT_OPERATE, Rule.DAMAGE, PROFESSIONAL, "Out of service."),
    CRACK_DEEP(
            Area.SIDEWALL,
            "Crack deeper than 2/32 in",
            DO_NOT_OPERATE,
            Rule.SIDEWALL_CRACK,
            TIRE_REMOVED,
            "Replace at once."),
    CRACK_SHALLOW(
            Area.SIDEWALL,
            "Crack up to 2/32 in deep",
            WATCH,
            Rule.SIDEWALL_CRACK,
            PROFESSIONAL,
            "A tire professional inspects it; watch it until then."),
    INDENTATION(
            Area.SIDEWALL,
            "Shallow indentation",
            GOOD,
            Rule.DAMAGE,
            TIRE_REMOVED,
            "Normal in radials: recorded, no action."),
    CURB_STRIKE(
            Area.SIDEWALL,
            "Curb or driveway strike",
            WATCH,
            Rule.CURB_STRIKE,
            FIXED,
            "Look at this sidewall, the wheel and the joints."),
    INSTALLED_BACKWARD(
            Area.SIDEWALL,
            "Directional arrow points backwards",
            DO_NOT_OPERATE,
            Rule.DIRECTIONAL,
            FIXED,
            "Change sides or remount it on the wheel."),
    FLAT_OR_LEAKING(
            Area.VALVE,
            "Flat, or a leak you can hear",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            PROFESSIONAL,
            "Out of service. Don’t add air: demount and look inside."),
    CAP_MISSING(Area.VALVE, "Valve cap missing", WATCH, Rule.SMALL_PARTS, FIXED, "Put a metal cap on, on the spot."),
    GROMMET_AGED(
            Area.VALVE,
            "Grommet aged",
            WATCH,
            Rule.SMALL_PARTS,
            FIXED,
            "New stem or grommet when the tire is next off; sooner if it leaks."),
    CORE_LEAKING(
            Area.VALVE,
            "Valve core leaking",
            WATCH,
            Rule.SMALL_PARTS,
            FIXED,
            "Change the core on the spot, gauge again."),
    BEAD_TORN(
            Area.WHEEL,
            "Bead torn or broken",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            TIRE_REMOVED,
            "Never repaired: scrap the tire. It fails, or leaks unnoticed."),
    WHEEL_CRACKED(
            Area.WHEEL,
            "Wheel cracked",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until the wheel is changed."),
    WHEEL_BENT(
            Area.WHEEL,
            "Wheel bent",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until the wheel is changed."),
    WHEEL_RUSTED(
            Area.WHEEL,
            "Heavy rust on the wheel",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until fixed."),
    STUD_HOLE_ELONGATED(
            Area.WHEEL,
            "Stud hole elongated",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until the wheel is changed."),
    NUT_MISSING(
            Area.WHEEL,
            "Nut missing",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until fixed. Torque all nuts of this wheel."),
    NUT_LOOSE(
            Area.WHEEL,
            "Nut loose",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "Out of service until fixed. Torque all nuts of this wheel."),
    NUT_RUST_STREAK(
            Area.WHEEL,
            "Rust streak at a nut",
            DO_NOT_OPERATE,
            Rule.WHEEL_CONDITION,
            FIXED,
            "A rust streak tells of a loose nut: out of service until checked."),
    PILOT_MIXED(
            Area.WHEEL,
            "Hub- and stud-piloted parts mixed",
            DO_NOT_OPERATE,
            Rule.PILOT_MATCH,
            FIXED,
            "They look alike and never interchange: out of service."),
    RUN_FLAT(
            Area.RECORDED,
            "Ran at 80% of target or less",
            DO_NOT_OPERATE,
            Rule.RUN_FLAT,
            PROFESSIONAL,
            "Treat it as run flat: don’t add air on the vehicle; deflate, demount and look inside."),
    FAST_LOSS(
            Area.RECORDED,
            "Losing air fast by its sensor",
            SERVICE_DUE,
            Rule.PRESSURE_LOSS,
            FIXED,
            "Too quick a drop to be called normal. Gauge it cold, and look at core, stem and bead, and for a puncture."),
    CONDEMNED(
            Area.RECORDED,
            "Condemned by a tire professional",
            DO_NOT_OPERATE,
            Rule.DAMAGE,
            TIRE_REMOVED,
            "Take it off and scrap it.");

    /** Where on the tire one looks for it; {@code RECORDED} comes from readings and verdicts, not from a look. */
    public enum Area {
        TREAD,
        SIDEWALL,
        VALVE,
        WHEEL,
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

    public Area area() {
        return area;
    }

    public String label() {
        return label;
    }

    /** The verdict it brings anywhere on a vehicle; {@link Verdict#FIT} for what is only recorded. */
    public Verdict verdict() {
        return verdict;
    }

    public Rule rule() {
        return rule;
    }

    public ClearedBy clearedBy() {
        return clearedBy;
    }

    /** Every finding that is cleared in one way. */
    public static List<Finding> clearedBy(ClearedBy way) {
        return Arrays.stream(values())
                .filter(finding -> finding.clearedBy == way)
                .toList();
    }

    public String explanation() {
        return explanation;
    }

    /** The wear shape a hand or eye found, where the finding is one. */
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
