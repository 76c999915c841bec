package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.jobsheet.RetorqueCheck.Verdict;
import rotagens.core.jobsheet.StepInput.InputResult;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;

/** Wheels went on with the odometer at 64,992 miles. */
class RetorqueCheckTest {

    private static final LocalDate ON = LocalDate.of(2026, 11, 23);
    private static final RetorqueCheck BY_ODOMETER = new RetorqueCheck(ON, Optional.of(Distance.miles(64_992)));
    private static final RetorqueCheck UNREAD = new RetorqueCheck(ON, Optional.empty());

    @ParameterizedTest(name = "{0} mi: {1}")
    @CsvSource({
        "64992, TOO_SOON",
        "65041.9, TOO_SOON",
        "65042, IN_TIME",
        "65092, IN_TIME",
        "65092.1, LATE",
        "65500, LATE"
    })
    @DisplayName("a re-torque counts from 50 miles on, and is late over 100; at 0 miles it does not count")
    void edges(double odometer, Verdict verdict) {
        assertThat(BY_ODOMETER.byOdometer(Distance.miles(odometer)).verdict()).isEqualTo(verdict);
    }

    private static InputResult typed(RetorqueCheck check, String field, String text, Units units) {
        return new OdometerInputs.MilesSinceInput(check).read(Map.of(field, text), units);
    }

    @Test
    @DisplayName("too soon stops the sheet and says how far it has run; from 50 miles on it goes on")
    void onTheSheet() {
        InputResult soon = typed(BY_ODOMETER, "odometer", "65,004", Units.US);
        assertThat(soon.passes()).isFalse();
        assertThat(soon.outside().orElseThrow().in(Units.US)).startsWith("12 mi since the wheels went on");
        InputResult ran = typed(BY_ODOMETER, "odometer", "65,060", Units.US);
        assertThat(ran.passes()).isTrue();
        assertThat(ran.recordedValues()).containsEntry("odometer", "65060 mi");
        assertThat(typed(BY_ODOMETER, "odometer", "64000", Units.US).errors().get("odometer"))
                .contains("Less than when the wheels went on, 64,992 mi");
        assertThat(typed(BY_ODOMETER, "odometer", "", Units.US).errors()).containsKey("odometer");
    }

    @Test
    @DisplayName(
            "a trailer, or an odometer nobody read, is judged by the distance since, in kilometers where those are read")
    void since() {
        assertThat(typed(UNREAD, "milesSince", "49", Units.US).passes()).isFalse();
        assertThat(typed(UNREAD, "milesSince", "80", Units.METRIC).passes())
                .as("80 km are 49.7 mi")
                .isFalse();
        assertThat(typed(UNREAD, "milesSince", "81", Units.METRIC).passes()).isTrue();
        assertThat(typed(UNREAD, "milesSince", "0", Units.US).passes()).isFalse();
    }

    @Test
    @DisplayName("the sheet of a re-torque begins with the miles, and no torque is taken before")
    void first() {
        JobSheet sheet =
                new Bay().does("1L", WheelTask.RETORQUE).retorque(BY_ODOMETER).sheet();
        Step miles = sheet.steps().get(0);
        assertThat(miles.code()).isEqualTo(StepCode.MILES_SINCE);
        assertThat(miles.caution().orElseThrow().in(Units.METRIC)).contains("before 80 km does not count");
        assertThat(sheet.steps().stream()
                        .filter(step -> step.code() == StepCode.TORQUE_PASS)
                        .map(step -> sheet.blockedBy(step, java.util.Set.of("SECURE_VEHICLE"))))
                .isNotEmpty()
                .allSatisfy(before -> assertThat(before).contains(miles));
    }
}
