package rotagens.core.policy;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PolicyTopicTest {

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "PULL_STEER_HEAVY, Tread and wear",
        "DAYS_ABOVE_MINIMUM, Pressure and load",
        "SIDE_DIFFERENCE, Pressure and load",
        "WEAR_DIFFERENCE, Tread and wear",
        "SENSOR_LIMIT, Age",
        "SENSOR_PRICE, Planning and prices",
        "CUSTOM_DUAL, Rotation"
    })
    @DisplayName("each number is read with those about the same thing, whatever words its name shares with others")
    void topics(PolicyNumber number, String title) {
        assertThat(number.topic().title()).isEqualTo(title);
    }
}
