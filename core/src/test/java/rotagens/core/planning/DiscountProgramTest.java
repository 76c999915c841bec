package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Money;

class DiscountProgramTest {

    private static final DiscountProgram PROGRAM = new DiscountProgram(Money.parse("250"), Money.parse("35"));

    @Test
    @DisplayName("a fee of $250 with $35 off each tire pays from the eighth tire")
    void breakEven() {
        assertThat(PROGRAM.breakEven()).isEqualTo(8);
        assertThat(PROGRAM.gains(7)).isEqualTo(-500);
        assertThat(PROGRAM.gains(8)).isEqualTo(3_000);
        assertThat(new DiscountProgram(Money.parse("70"), Money.parse("35")).breakEven())
                .isEqualTo(2);
    }

    @Test
    @DisplayName("of several programs the one that gains most counts, and none where no fee is earned")
    void best() {
        DiscountProgram large = new DiscountProgram(Money.parse("1000"), Money.parse("60"));
        assertThat(DiscountProgram.best(List.of(PROGRAM, large), 20)).hasValue(45_000);
        assertThat(DiscountProgram.best(List.of(PROGRAM, large), 40)).hasValue(140_000);
        assertThat(DiscountProgram.best(List.of(PROGRAM, large), 3)).isEmpty();
        assertThatThrownBy(() -> new DiscountProgram(Money.parse("70"), Money.parse("0")))
                .isInstanceOf(InvalidInputException.class);
    }
}
