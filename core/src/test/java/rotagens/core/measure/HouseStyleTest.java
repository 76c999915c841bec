package rotagens.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.policy.PolicyNumber;

class HouseStyleTest {

    private static final Message SENTENCE = Message.of("limit reached on {}", LocalDate.of(2026, 7, 8));

    @AfterEach
    void usual() {
        HouseStyle.use(HouseStyle.USUAL);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"MONTH_FIRST, 'Jul 8, 2026'", "DAY_FIRST, 8 Jul 2026", "YEAR_FIRST, 2026-07-08"})
    @DisplayName("a sentence writes its dates as the fleet does, never as two numbers that could change places")
    void dates(DateStyle dates, String written) {
        HouseStyle.use(new HouseStyle(dates, "$"));
        assertThat(SENTENCE.in(Units.US)).isEqualTo("limit reached on " + written);
        assertThat(SENTENCE.in(Units.METRIC)).isEqualTo("limit reached on " + written);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"$, '$1,412.50', $0.031, $95", "€, '€1,412.50', €0.031, €95", "CHF, 'CHF 1,412.50', CHF 0.031, CHF 95"})
    @DisplayName("an amount, a cost per mile and a price in the policy bear the fleet’s sign; the figure stays")
    void money(String sign, String price, String perMile, String anHour) {
        HouseStyle.use(new HouseStyle(DateStyle.MONTH_FIRST, sign));
        assertThat(new Money(141_250).label().replace('\u00a0', ' ')).isEqualTo(price);
        assertThat(new Money(310).per(100, 3).replace('\u00a0', ' ')).isEqualTo(perMile);
        assertThat(PolicyNumber.LABOR_RATE.label(95).replace('\u00a0', ' ')).isEqualTo(anHour);
        assertThat(PolicyNumber.LABOR_RATE.unit()).isEqualTo(sign);
        assertThat(Money.parse(new Money(141_250).label())).isEqualTo(new Money(141_250));
        assertThat(Money.parse("1,412.50 " + sign)).isEqualTo(new Money(141_250));
    }

    @ParameterizedTest(name = "“{0}”")
    @ValueSource(strings = {"", " ", "EURO", "1", "-", "$ ", "<b>"})
    @DisplayName("what is no sign is refused in words")
    void refused(String sign) {
        assertThatThrownBy(() -> new HouseStyle(DateStyle.MONTH_FIRST, sign))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("one to three letters");
    }

    @Test
    @DisplayName("a price typed with a currency sign that isn’t the fleet’s is read as the figure it is")
    void anySign() {
        assertThat(Money.parse("€412.50")).isEqualTo(new Money(41_250));
    }
}
