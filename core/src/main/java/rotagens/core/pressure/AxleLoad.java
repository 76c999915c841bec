package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;

/**
 * The load one axle is known to carry.
 *
 * @param perTireLb of the heavier end
 * @param outdatedReason what makes the slip old, in words; empty while it is current
 * @param isFromOtherLoadState the state was never weighed, so a heavier one's slip serves as an upper bound
 */
public record AxleLoad(
        AxleWeight weight,
        double perTireLb,
        ScaleTicket scaleTicket,
        Optional<String> outdatedReason,
        boolean isFromOtherLoadState) {

    /**
     * The load of an axle in a state: its newest slip. A slip says nothing about a heavier state; where the state was never
     * weighed, the heaviest of the heavier states serves as an upper bound. Empty where neither was weighed.
     */
    static Optional<AxleLoad> of(
            PressureInputs facts,
            LoadState state,
            int axle,
            boolean dual,
            String tireNow,
            Policy.ClassPolicy policy,
            LocalDate today) {
        Optional<ScaleTicket> own = facts.scaleTicket(state)
                .filter(scaleTicket -> scaleTicket.axle(axle).isPresent());
        Optional<ScaleTicket> scaleTicket = own.or(() -> Arrays.stream(LoadState.values())
                .filter(other -> other.isHeavierThan(state))
                .flatMap(other -> facts.scaleTicket(other).stream())
                .filter(other -> other.axle(axle).isPresent())
                .max(Comparator.comparingDouble(
                        other -> other.axle(axle).orElseThrow().heavierEndLb())));
        return scaleTicket.map(found -> {
            AxleWeight weight = found.axle(axle).orElseThrow();
            return new AxleLoad(
                    weight,
                    weight.perTireLb(dual),
                    found,
                    outdatedReason(found, axle, facts, tireNow, policy, today),
                    own.isEmpty());
        });
    }

    private static Optional<String> outdatedReason(
            ScaleTicket scaleTicket,
            int axle,
            PressureInputs facts,
            String tireNow,
            Policy.ClassPolicy policy,
            LocalDate today) {
        if (facts.bodyChanged()
                .filter(changed -> changed.isAfter(scaleTicket.on()))
                .isPresent()) {
            return Optional.of(WORDS.say("bodyOrEquipmentHasChanged"));
        }
        if (!scaleTicket.tires().getOrDefault(axle, tireNow).equals(tireNow)) {
            return Optional.of(WORDS.say("otherTiresHaveBeenInstalled"));
        }
        int months = policy.days(PolicyNumber.SCALE_TICKET_MONTHS);
        return scaleTicket.on().plusMonths(months).isAfter(today)
                ? Optional.empty()
                : Optional.of(WORDS.say("itIsOverMonthsOld", "months", months));
    }
}
