package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.List;
import rotagens.core.alert.SuspensionAlert;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;

/** What open figures of steering and suspension mean for the vehicle as a whole: no tire is good on a joint that is worn out. */
public final class SuspensionCheck {

    private SuspensionCheck() {}

    /**
     * The reasons they bring, worst first.
     *
     * @param vehicle the vehicle as it is on that day
     * @return empty where nothing is over its limit
     */
    public static List<VerdictReason> check(VehicleState vehicle) {
        return Assessment.of(vehicle.suspension().stream()
                        .map(alert -> new VerdictReason(alert.fact().verdict(), reason(alert)))
                        .toList())
                .reasons();
    }

    /**
     * Why the vehicle isn't right.
     *
     * @param alert the figure that is over its limit
     * @return the reason, with what clears it
     */
    public static Reason reason(SuspensionAlert alert) {
        return Reason.of(
                Rule.SUSPENSION_LIMIT,
                alert.statement(),
                alert.fact().measured(),
                alert.fact().limit(),
                WORDS.say(
                        "clearedOnly",
                        "consequence",
                        consequence(alert.fact()),
                        "clearedBy",
                        SuspensionAlert.CLEARED_BY));
    }

    private static String consequence(SuspensionFact fact) {
        if (fact.verdict() == Verdict.DO_NOT_OPERATE) {
            return WORDS.say("steeringOrSuspensionJointOver");
        }
        return switch (fact.kind()) {
            case JOINT, SHOCK -> WORDS.say("wornShockLetsTheTire");
            case RIDE_HEIGHT -> WORDS.say("outsideTheManufacturersRangeNo");
            case ALIGNMENT -> WORDS.say("outsideTheManufacturersLimits");
        };
    }
}
