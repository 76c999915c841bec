package rotagens.core.policy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.policy.Policy.Setting;

class PolicyTest {

    private static final Policy POLICY = new Policy(List.of(
            new Setting(PolicyNumber.OVERALL_AGE, null, 12, "fleet"),
            new Setting(PolicyNumber.OVERALL_AGE, "Clinic coach", 8, "coaches"),
            new Setting(PolicyNumber.PULL_OTHER, null, 4, "fleet"),
            new Setting(PolicyNumber.PULL_OTHER, "Clinic coach", 3, "coaches")));

    @Test
    @DisplayName("where fleet and class both set a number, the strictest wins and says whose it is")
    void strictestWins() {
        Policy.InForce age = POLICY.inForce(PolicyNumber.OVERALL_AGE, "Clinic coach");
        assertThat(age.value()).isEqualTo(8);
        assertThat(age.setBy()).isEqualTo("coaches");
        assertThat(POLICY.inForce(PolicyNumber.PULL_OTHER, "Clinic coach").value())
                .isEqualTo(4);
    }

    @Test
    @DisplayName("the fleet may be laxer than our default, since its word is above ours")
    void fleetAboveDefault() {
        assertThat(POLICY.inForce(PolicyNumber.OVERALL_AGE, "Service van").value())
                .isEqualTo(12);
    }

    @Test
    @DisplayName("what nobody set stands at our default, and says so")
    void defaults() {
        Policy.InForce steer = Policy.DEFAULTS.inForce(PolicyNumber.STEER_AGE, "Service van");
        assertThat(steer.value()).isEqualTo(5);
        assertThat(steer.setBy()).isEqualTo("our default");
    }

    @Test
    @DisplayName("a pull point under the legal limit, and ages no tire reaches, are refused")
    void implausible() {
        assertThatThrownBy(() -> PolicyNumber.PULL_STEER_HEAVY.refuseImplausible(3))
                .hasMessageContaining("between 4/32 in and 15/32 in");
        assertThatThrownBy(() -> PolicyNumber.PULL_OTHER.refuseImplausible(1)).hasMessageContaining("between 2");
        assertThatThrownBy(() -> PolicyNumber.OVERALL_AGE.refuseImplausible(40)).hasMessageContaining("years");
        for (PolicyNumber number : PolicyNumber.values()) {
            number.refuseImplausible(number.byDefault());
        }
    }
}
