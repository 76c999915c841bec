package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.RemovedTire.Destination;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;

class RemovedTireTest {

    private static List<Destination> mayGo(Rule rule, Verdict verdict) {
        return RemovedTire.mayGo(Assessment.of(List.of(new VerdictReason(
                verdict, Reason.of(rule, Message.of("found"), Message.of("1"), Message.of("0"), "because")))));
    }

    @ParameterizedTest
    @CsvSource({
        "DAMAGE, DO_NOT_OPERATE, SCRAP",
        "SIDEWALL_CRACK, DO_NOT_OPERATE, SCRAP",
        "AGE_OVERALL, DO_NOT_OPERATE, SCRAP",
        "TREAD_LIMIT, DO_NOT_OPERATE, RETREAD SCRAP",
        "PULL_POINT, SERVICE_DUE, RETREAD SCRAP",
        "WEAR_BAR, DO_NOT_OPERATE, RETREAD SCRAP",
        "RUN_FLAT, DO_NOT_OPERATE, RETREAD SCRAP",
        "AXLE_MATCH, DO_NOT_OPERATE, STOCK RETREAD SCRAP",
        "AGE_OVERALL, WATCH, STOCK RETREAD SCRAP"
    })
    @DisplayName(
            "a damaged or over-age tire is scrap, a worn one at most a casing, one that only doesn't match may be stored")
    void mayGo(Rule rule, Verdict verdict, String allowed) {
        assertThat(mayGo(rule, verdict)).extracting(Destination::name).containsExactly(allowed.split(" "));
    }

    @Test
    @DisplayName("a good tire may go anywhere")
    void good() {
        assertThat(RemovedTire.mayGo(Assessment.of(List.of()))).containsExactly(Destination.values());
    }
}
