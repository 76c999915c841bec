package rotagens.core.tire;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class ReceivingStepTest {

    @Test
    @DisplayName("counted and entered tires must be as many, and the message says which way they differ")
    void count() {
        assertThat(ReceivingStep.againstCount(4, 4)).isEmpty();
        assertThat(ReceivingStep.againstCount(4, 3))
                .hasValueSatisfying(says -> assertThat(says).contains("4 counted, but only 3 entered"));
        assertThat(ReceivingStep.againstCount(2, 3))
                .hasValueSatisfying(says -> assertThat(says).contains("only 2 counted"));
    }

    @Test
    @DisplayName("counting, sidewall and DOT code can't be left out of a receiving inspection")
    void never() {
        for (ReceivingStep step : ReceivingStep.values()) {
            assertThat(step.mayBeLeftOut()).as(step.title()).isEqualTo(!step.doneByFigures());
        }
        assertThat(ReceivingStep.UNLOAD.caution()).isPresent();
    }
}
