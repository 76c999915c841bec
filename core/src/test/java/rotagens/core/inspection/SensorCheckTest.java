package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.LimitDates.LimitDate;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Rule;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueWorkFinder;
import rotagens.core.planning.WorkType;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;

/** The battery of a sensor: it may end from 7 years and is overdue at 10. */
class SensorCheckTest {

    private static final LocalDate OVERDUE = LocalDate.of(2016, 11, 1);

    private static Verdict battery(LocalDate fitted) {
        return coach().sensor("2LO", fitted).judge("2LO").reasons().stream()
                .filter(verdictReason -> verdictReason.reason().rule() == Rule.SENSOR_BATTERY)
                .map(VerdictReason::verdict)
                .findFirst()
                .orElse(Verdict.GOOD);
    }

    @Test
    @DisplayName(
            "says nothing for 7 years, is watched from the seventh anniversary on, and planned a season before the tenth")
    void byAge() {
        assertThat(battery(LocalDate.of(2019, 11, 24))).isEqualTo(Verdict.GOOD);
        assertThat(battery(LocalDate.of(2019, 11, 23))).isEqualTo(Verdict.WATCH);
        assertThat(battery(LocalDate.of(2017, 2, 22))).isEqualTo(Verdict.WATCH);
        assertThat(battery(LocalDate.of(2017, 2, 21))).isEqualTo(Verdict.SERVICE_DUE);
        assertThat(battery(OVERDUE)).isEqualTo(Verdict.SERVICE_DUE);
    }

    @Test
    @DisplayName("an overdue sensor is a job of its own, due since its tenth anniversary, and replaces no tire")
    void isWorkOfItsOwn() {
        Optional<DueItem> due =
                DueWorkFinder.on(coach().sensor("2LO", OVERDUE).state(), Policy.DEFAULTS, TODAY).stream()
                        .filter(item -> item.workType() == WorkType.REPLACE_SENSOR)
                        .findFirst();
        assertThat(due.map(DueItem::due)).contains(LocalDate.of(2026, 11, 1));
        assertThat(DueWorkFinder.on(coach().sensor("2LO", OVERDUE).state(), Policy.DEFAULTS, TODAY))
                .noneMatch(item -> item.workType() == WorkType.REPLACE);
    }

    @Test
    @DisplayName("it limits its place when it runs out before the tire does")
    void limits() {
        VehicleState state = coach().sensor("2LO", OVERDUE).state();
        TireState tire = state.at(Position.parse("2LO"));
        assertThat(LimitDates.nextLimit(state, tire, state.policyAt(Policy.DEFAULTS, tire), TODAY)
                        .map(LimitDate::rule))
                .contains(Rule.SENSOR_BATTERY);
    }

    @Test
    @DisplayName("an ID is read with or without spaces and hyphens, and refused when it can't be one")
    void readsIds() {
        assertThat(Sensor.readCode(" 8a41-07 fe ")).isEqualTo("8A4107FE");
        assertThatThrownBy(() -> Sensor.readCode("8A!")).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> Sensor.readCode(null)).isInstanceOf(InvalidInputException.class);
    }
}
