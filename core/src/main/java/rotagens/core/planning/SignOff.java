package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.FactIntake;
import rotagens.core.inspection.PlausibilityCheck;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.planning.WorkType.RequiredResult;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.Guard;
import rotagens.core.vehicle.Position;
import rotagens.core.weighing.ScaleTicket;

/**
 * How a piece of work is signed off: what must be read, what is refused, what is asked about and what the sign-off puts right. The
 * desk and the job sheet both end here.
 */
public final class SignOff {

    /** Work after which the tire goes on as it is: air goes into it without anybody looking inside. */
    private static final Set<WorkType> FILLS_AS_IT_IS = EnumSet.of(WorkType.SET_PRESSURE, WorkType.FIND_LEAK);

    private SignOff() {}

    /**
     * What is still read at a tire that was condemned during the work: who said so, and why.
     *
     * @param kind of work
     * @return what has to be on record
     */
    public static Set<RequiredResult> ofCondemned(WorkType kind) {
        Set<RequiredResult> left = EnumSet.of(RequiredResult.VERDICT, RequiredResult.NOTE);
        left.retainAll(kind.requiredResult());
        return left;
    }

    /**
     * Whether a cold pressure has to be read at the end; a tire that was condemned takes none.
     *
     * @param kind of work
     * @param condemned whether the tire was condemned during the work
     * @return true also for a tire that was put on
     */
    public static boolean wantsPressure(WorkType kind, boolean condemned) {
        return kind.requiredResult().contains(RequiredResult.NEW_TIRE)
                || kind.requiredResult().contains(RequiredResult.COLD_PRESSURE) && !condemned;
    }

    /**
     * Whether the pressure read at the end is one that was set; a check only reads.
     *
     * @param kind of work
     * @return false for a check
     */
    public static boolean fills(WorkType kind) {
        return kind != WorkType.PRESSURE_CHECK;
    }

    /**
     * Whether another tire rolls there afterwards: what is read is then held against that tire, once it is in place.
     *
     * @param kind of work
     * @return whether what is read belongs to another tire than the one there before
     */
    public static boolean changesTire(WorkType kind) {
        return kind == WorkType.INSTALL_MOVED_TIRE || kind.requiredResult().contains(RequiredResult.NEW_TIRE);
    }

    /**
     * Why a tire may not be left at the pressure read after the work, the same as at the valve: no air before somebody looked
     * inside, where that waits, and never over a maximum. A check fills nothing, so it refuses nothing.
     *
     * @param vehicle as it was before the work, or with the other tire in place
     * @param position of the tire
     * @param kind of work
     * @param read the cold pressure at the end
     * @param policy the fleet's policy
     * @param day the day the work was done
     * @return the refusal in words, or empty where it may be left so
     */
    public static Optional<Message> refusesFill(
            VehicleState vehicle, Position position, WorkType kind, Pressure read, Policy policy, LocalDate day) {
        if (!fills(kind)) {
            return Optional.empty();
        }
        InForce then = FactIntake.inForce(vehicle, position, policy, day);
        return FILLS_AS_IT_IS.contains(kind)
                ? FactIntake.refusesFill(vehicle.at(position), Optional.empty(), read, then)
                : Guard.refusesFill(read, then.maximum());
    }

    /**
     * Why a tire of a dual that was let down for the work may not be left at this pressure: under its target it leaves its share to
     * its mate.
     *
     * @param vehicle with the tire in place that rolls there afterwards
     * @param position of the tire
     * @param read the cold pressure at the end
     * @param policy the fleet's policy
     * @param day the day the work was done
     * @return the refusal in words, or empty where it may be left so
     */
    public static Optional<Message> refusesUnder(
            VehicleState vehicle, Position position, Pressure read, Policy policy, LocalDate day) {
        return FactIntake.inForce(vehicle, position, policy, day)
                .target()
                .filter(target -> read.psi() < target.psi() - StepInput.ColdPressureInput.WITHIN_PSI - 1e-9)
                .map(target -> WORDS.message("targetThisDualWasLet", "read", read, "target", target));
    }

    /**
     * What to ask about the figures read at the end, before they are kept: what was set is held against its target, what was only
     * read against the last reading.
     *
     * @param vehicle as it was before the work, or with the other tire in place
     * @param position of the tire
     * @param read the figures as they would be kept, the pressure marked as a fill where the work fills
     * @param policy the fleet's policy
     * @param day the day the work was done
     * @return what to ask, by figure
     */
    public static Map<PlausibilityCheck.CheckedValue, Message> asks(
            VehicleState vehicle, Position position, Reading read, Policy policy, LocalDate day) {
        TireState here = vehicle.at(position);
        if (here.tire().isEmpty()) {
            return Map.of();
        }
        Reading then = read.with(FactIntake.inForce(vehicle, position, policy, day));
        return PlausibilityCheck.in(here, then);
    }

    /**
     * Why work may not be signed off yet, whatever was typed: what a proof or a figure ends is not done by saying so.
     *
     * @param vehicle as it is now
     * @param kind of work
     * @return the refusal in words, or empty where it may be signed off
     */
    public static Optional<Message> refuses(VehicleState vehicle, WorkType kind) {
        if (kind == WorkType.RELEARN) {
            return vehicle.corners().map(alert -> WORDS.message("finishTheRelearn", "alert", alert.statement()));
        }
        return vehicle.suspension().stream()
                .filter(alert -> ends(kind, alert.fact().kind()))
                .findFirst()
                .map(alert -> WORDS.message(
                        "limitMeasureItAgain",
                        "alert",
                        alert.statement(),
                        "fact",
                        alert.fact().limit()));
    }

    /** Whether the work is there to bring such a figure within its limit; what wore a tire is corrected with all of them. */
    static boolean ends(WorkType kind, SuspensionFact.Type figure) {
        return switch (kind) {
            case CORRECT_WEAR_CAUSE -> true;
            case ALIGN -> figure == SuspensionFact.Type.ALIGNMENT;
            case REPAIR_SUSPENSION -> figure != SuspensionFact.Type.ALIGNMENT;
            default -> false;
        };
    }

    /**
     * Why an alignment isn't done yet: in its visit nobody has measured one within its limits. What an earlier visit measured, be it
     * the same day, says nothing about this one.
     *
     * @param kind of work
     * @param measured every figure of steering and suspension of the visit
     * @return why not, in words
     */
    public static Optional<Message> refusesUnaligned(WorkType kind, List<SuspensionFact> measured) {
        boolean aligned = measured.stream()
                .anyMatch(fact -> fact.kind() == SuspensionFact.Type.ALIGNMENT && fact.verdict() == Verdict.GOOD);
        return kind == WorkType.ALIGN && !aligned
                ? Optional.of(WORDS.message("noAlignmentMeasuredWithin"))
                : Optional.empty();
    }

    /**
     * The newest scale ticket since a day; work that ends on the scale isn't done without one.
     *
     * @param vehicle with its scale tickets
     * @param planned the day the work was put on a day
     * @return empty where it wasn’t weighed since
     */
    public static Optional<ScaleTicket> weighedSince(VehicleState vehicle, LocalDate planned) {
        return vehicle.facts().scaleTickets().stream()
                .filter(ticket -> !ticket.on().isBefore(planned))
                .max(Comparator.comparing(ScaleTicket::on));
    }

    /**
     * What was found on the tire that the work, signed off, has put right.
     *
     * @param kind of work
     * @return findings it clears; empty for most kinds
     */
    public static Set<Finding> putsRight(WorkType kind) {
        return Arrays.stream(Finding.values())
                .filter(finding -> kind == WorkType.FIX_DEFECT && finding.clearedBy() == Finding.ClearedBy.FIXED
                        || kind == WorkType.CORRECT_WEAR_CAUSE
                                && finding.wearShape().isPresent())
                .collect(Collectors.toUnmodifiableSet());
    }
}
