package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.InvalidInputException;

/** When small parts are ordered, and how many. */
class PartLevelTest {

    @ParameterizedTest(name = "{0} there, {1} planned: order {2}")
    @CsvSource({"11,0,0", "10,0,20", "14,4,20", "15,4,0", "2,6,34", "-3,0,33"})
    @DisplayName("with a reorder point of 10 and 30 to fill up to, what open jobs take counts as gone")
    void order(int count, int planned, int expected) {
        assertThat(new PartLevel(count, planned, 10, 30).toOrder()).isEqualTo(expected);
    }

    @Test
    @DisplayName("a yard that keeps none orders only what its jobs need")
    void none() {
        assertThat(new PartLevel(0, 0, 0, 0).toOrder()).isZero();
        assertThat(new PartLevel(0, 2, 0, 0).toOrder()).isEqualTo(2);
    }

    @Test
    @DisplayName("filling up to less than the reorder point is refused")
    void upside() {
        assertThatThrownBy(() -> new PartLevel(5, 0, 10, 9)).isInstanceOf(InvalidInputException.class);
    }
}
