package rotagens.server.vehicleevent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.core.inspection.Triage;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import rotagens.server.vehicleevent.VehicleEventStore.State;
import rotagens.server.web.ProblemException;

@ServerTest
class VehicleEventStoreTest {

    @Autowired
    VehicleEventStore events;

    @Autowired
    MockMvc http;

    private long vehicle;

    @BeforeEach
    void vehicle() {
        vehicle = new Api(http).vehicle("SP-05");
    }

    @Test
    @DisplayName("a driver's report counts only once somebody has let it, and what was decided stays decided")
    void review() {
        int before = events.of(vehicle).reports().size();
        long report = events.report(vehicle, Symptom.values()[0], "1L", "since the bridge", "Wes");
        assertThat(events.of(vehicle).reports()).hasSize(before);
        assertThat(events.review(report, State.ACCEPTED, "felt it, too", 1).reviewedBy())
                .isPresent();
        assertThat(events.of(vehicle).reports()).hasSize(before + 1);
        assertThatThrownBy(() -> events.review(report, State.DISMISSED, "", 1)).isInstanceOf(ProblemException.class);
        long dismissed = events.report(vehicle, Symptom.values()[0], "1L", "", "Wes");
        events.review(dismissed, State.DISMISSED, "a stone", 1);
        assertThat(events.of(vehicle).reports()).hasSize(before + 1);
    }

    @Test
    @DisplayName("of a check made twice the last outcome counts")
    void checks() {
        long report = events.report(vehicle, Symptom.values()[0], "1L", "", "Wes");
        Triage.Check check = Triage.Check.values()[0];
        events.checked(report, check, false, "", 1);
        events.checked(report, check, true, "on the second look", 1);
        assertThat(events.checks(report)).hasSize(1);
        assertThat(events.checks(report).get(check).found()).isTrue();
        events.review(report, State.DISMISSED, "", 1);
    }

    @Test
    @DisplayName(
            "a card's code stays until a new one is made, which closes the old; no code has letters that look alike")
    void codes() {
        String first = events.code(vehicle);
        assertThat(events.code(vehicle)).isEqualTo(first);
        assertThat(events.vehicleOf(first)).contains(vehicle);
        Set<String> made = new HashSet<>();
        for (int at = 0; at < 50; at++) {
            made.add(events.newCode(vehicle));
        }
        assertThat(made).hasSize(50).allMatch(code -> code.matches("[A-HJKMNP-Z2-46-9]{12}"));
        assertThat(events.vehicleOf(first)).isEmpty();
    }
}
