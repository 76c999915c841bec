package rotagens.core.policy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.policy.Policy.Setting;

class PolicyTest {

    private static final Policy POLICY = new Policy(List.of(
            new Setting(PolicyNumber.OVERALL_AGE, Policy.Scope.FLEET, 12, "fleet"),
            new Setting(PolicyNumber.OVERALL_AGE, Policy.Scope.ofClass("Clinic coach"), 8, "coaches"),
            new Setting(PolicyNumber.PULL_OTHER, Policy.Scope.FLEET, 4, "fleet"),
            new Setting(PolicyNumber.PULL_OTHER, Policy.Scope.ofClass("Clinic coach"), 3, "coaches")));

    @Test
    @DisplayName("where fleet and class both set a number, the strictest wins and says whose it is")
    void strictestWins() {
        Policy.EffectiveSetting age = POLICY.of("Clinic coach").inForce(PolicyNumber.OVERALL_AGE);
        assertThat(age.value()).isEqualTo(8);
        assertThat(age.setBy()).isEqualTo("coaches");
        assertThat(POLICY.of("Clinic coach").inForce(PolicyNumber.PULL_OTHER).value())
                .isEqualTo(4);
    }

    @Test
    @DisplayName("the fleet may be laxer than default, since its word is above ours")
    void fleetAboveDefault() {
        assertThat(POLICY.of("Service van").inForce(PolicyNumber.OVERALL_AGE).value())
                .isEqualTo(12);
    }

    @Test
    @DisplayName("what nobody set stands at default, and says so")
    void defaults() {
        Policy.EffectiveSetting steer = Policy.DEFAULTS.of("Service van").inForce(PolicyNumber.STEER_AGE);
        assertThat(steer.value()).isEqualTo(5);
        assertThat(steer.setBy()).isEqualTo("default");
    }

    @Test
    @DisplayName("a pull point under the legal limit, and ages no tire reaches, are refused")
    void implausible() {
        assertThatThrownBy(() -> PolicyNumber.PULL_STEER_HEAVY.requirePlausible(3))
                .hasMessageContaining("between 4/32 in and 15/32 in");
        assertThatThrownBy(() -> PolicyNumber.PULL_OTHER.requirePlausible(1)).hasMessageContaining("between 2");
        assertThatThrownBy(() -> PolicyNumber.OVERALL_AGE.requirePlausible(40)).hasMessageContaining("years");
        for (PolicyNumber number : PolicyNumber.values()) {
            number.requirePlausible(number.defaultValue());
        }
    }

    @Test
    @DisplayName(
            "a choice has no stricter side: the class's own comes before the fleet's, and default counts where nobody chose")
    void choices() {
        Policy chosen = new Policy(
                List.of(),
                List.of(
                        new Policy.ChosenOption(PolicyChoice.EVEN_WEAR_SCOPE, "Service van", "WITHIN_AXLES"),
                        new Policy.ChosenOption(PolicyChoice.EVEN_WEAR_SCOPE, null, "BETWEEN_AXLES")));
        assertThat(chosen.of("service van").chosen(PolicyChoice.EVEN_WEAR_SCOPE).code())
                .isEqualTo("WITHIN_AXLES");
        assertThat(chosen.of("Clinic coach")
                        .chosen(PolicyChoice.EVEN_WEAR_SCOPE)
                        .code())
                .isEqualTo("BETWEEN_AXLES");
        assertThat(Policy.DEFAULTS
                        .of("Clinic coach")
                        .chosen(PolicyChoice.EVEN_WEAR_SCOPE)
                        .code())
                .isEqualTo("ANYWHERE");
        assertThatThrownBy(() -> PolicyChoice.EVEN_WEAR_SCOPE.option("SIDEWAYS"))
                .hasMessageContaining("left and right within their axle");
    }

    @Test
    @DisplayName("a steer age over the overall age in force is refused with the smallest change; at it, it stands")
    void steerOverOverall() {
        assertThat(POLICY.of("Clinic coach").against(PolicyNumber.STEER_AGE, 9))
                .hasValue(
                        "The steer age of 9 years lies over the overall age of 8 years, set by coaches, and would never count. Enter 8 years or less.");
        assertThat(POLICY.of("Clinic coach").against(PolicyNumber.STEER_AGE, 8)).isEmpty();
        assertThat(POLICY.of("Service van").against(PolicyNumber.STEER_AGE, 9)).isEmpty();
        assertThat(POLICY.of("Clinic coach").against(PolicyNumber.PULL_OTHER, 9))
                .isEmpty();
    }
}
