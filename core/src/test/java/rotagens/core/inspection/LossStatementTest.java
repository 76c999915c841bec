package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.alert.AlertKind;
import rotagens.core.fact.Reading;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;

class LossStatementTest {

    private static Reading at60(int daysAgo, double psi) {
        return with(daysAgo, psi, false);
    }

    private static Reading filled(int daysAgo, double psi) {
        return with(daysAgo, psi, true);
    }

    private static Reading with(int daysAgo, double psi, boolean isInflation) {
        Reading read = reading(daysAgo, psi, 14, 14, 14);
        return new Reading(
                read.on(),
                read.by(),
                read.odometer(),
                read.pressure(),
                read.thermalState(),
                read.tread(),
                Optional.of(Temperature.f(60)),
                isInflation,
                Optional.empty(),
                Optional.empty());
    }

    private static LossStatement at1L(Reading... newestFirst) {
        return LossStatement.of(coach().read("1L", newestFirst).state().at(Position.parse("1L")));
    }

    @Test
    @DisplayName("a leak that nobody repaired isn't called normal because the newest rate since a fill is")
    void leakStaysAfterFill() {
        LossStatement said = at1L(at60(1, 109.5), filled(20, 110), at60(21, 100), at60(60, 112));
        assertThat(said.kind()).isEqualTo(LossStatement.Kind.LEAK);
        assertThat(said.statement().in(Units.US)).startsWith("A leak on file isn’t cleared by air");
    }

    @Test
    @DisplayName("a quick drop is suspected and never called normal, however good the weeks before it were")
    void suspected() {
        LossStatement said = at1L(at60(0, 106), at60(3, 110), at60(60, 110.5));
        assertThat(said.kind()).isEqualTo(LossStatement.Kind.SUSPECTED_LEAK);
        assertThat(said.statement().in(Units.US)).doesNotContain("normal rate");
    }

    @Test
    @DisplayName("otherwise it says what the faster of the two rates says: leak, normal, weather, or not known yet")
    void rest() {
        assertThat(at1L(at60(0, 105), at60(21, 110)).kind()).isEqualTo(LossStatement.Kind.LEAK);
        assertThat(at1L(at60(0, 108.5), at60(21, 110)).kind()).isEqualTo(LossStatement.Kind.NORMAL);
        assertThat(at1L(reading(0, 108, 14, 14, 14), reading(21, 110, 14, 14, 14))
                        .kind())
                .isEqualTo(LossStatement.Kind.UNCERTAIN);
        assertThat(at1L(at60(3, 110)).kind()).isEqualTo(LossStatement.Kind.UNKNOWN);
        assertThat(at1L(at60(3, 110)).statement().in(Units.US))
                .isEqualTo(
                        "Fewer than two cold readings since the last fill: the rate isn’t known yet. 5% a month is assumed.");
        assertThat(at1L(reading(0, 31.5, 14, 14, 14), reading(10, 35, 14, 14, 14))
                        .kind())
                .as("too fast even if the day had been 20 °F colder: no weather")
                .isEqualTo(LossStatement.Kind.FAST);
    }

    @Test
    @DisplayName("what is entered and not yet saved is judged as if it were on record, and leaves the record alone")
    void entered() {
        VehicleState before = coach().state();
        Position steer = Position.parse("1L");
        VehicleState after = FactIntake.withEntered(
                before, steer, List.of(new TireFact.Read(at60(0, 70))), Policy.DEFAULTS, Sample.TODAY);
        assertThat(after.at(steer).alerts().open(AlertKind.RUN_FLAT)).isPresent();
        assertThat(before.at(steer).alerts().open(AlertKind.RUN_FLAT)).isEmpty();
    }
}
