package rotagens.core.pressure;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.Slip;

/**
 * The load one axle is known to carry.
 *
 * @param perTireLb of the heavier end
 * @param old what makes the slip old, in words; empty while it is current
 * @param borrowed the state was never weighed, so a heavier one's slip serves as an upper bound
 */
public record AxleLoad(AxleWeight weight, double perTireLb, Slip slip, Optional<String> old, boolean borrowed) {

    /**
     * The load of an axle in a state: its newest slip. A slip says nothing about a heavier state; where the state was never
     * weighed, the heaviest of the heavier states serves as an upper bound. Empty where neither was weighed.
     */
    static Optional<AxleLoad> of(
            PressureFacts facts,
            LoadState state,
            int axle,
            boolean dual,
            String tireNow,
            Policy.ForClass policy,
            LocalDate today) {
        Optional<Slip> own = facts.slip(state).filter(slip -> slip.axle(axle).isPresent());
        Optional<Slip> slip = own.or(() -> Arrays.stream(LoadState.values())
                .filter(other -> other.isHeavierThan(state))
                .flatMap(other -> facts.slip(other).stream())
                .filter(other -> other.axle(axle).isPresent())
                .max(Comparator.comparingDouble(
                        other -> other.axle(axle).orElseThrow().heavierEndLb())));
        return slip.map(found -> {
            AxleWeight weight = found.axle(axle).orElseThrow();
            return new AxleLoad(
                    weight,
                    weight.perTireLb(dual),
                    found,
                    old(found, axle, facts, tireNow, policy, today),
                    own.isEmpty());
        });
    }

    private static Optional<String> old(
            Slip slip, int axle, PressureFacts facts, String tireNow, Policy.ForClass policy, LocalDate today) {
        if (facts.bodyChanged().filter(changed -> changed.isAfter(slip.on())).isPresent()) {
            return Optional.of("body or equipment has changed since");
        }
        if (!slip.tires().getOrDefault(axle, tireNow).equals(tireNow)) {
            return Optional.of("other tires have been fitted since");
        }
        int months = policy.days(PolicyNumber.SLIP_MONTHS);
        return slip.on().plusMonths(months).isAfter(today)
                ? Optional.empty()
                : Optional.of("it is over " + months + " months old");
    }
}
