package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;
import static rotagens.core.inspection.Sample.tire;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.inspection.Sample;
import rotagens.core.inspection.TireAssessor;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Load;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Use;
import rotagens.core.vehicle.VehicleType;

class QuestionAnswersTest {

    private static List<String> ask(Question question, Sample sample) {
        return ask(question, sample, 5, TODAY);
    }

    private static List<String> ask(Question question, Sample sample, double years, LocalDate by) {
        VehicleState state = sample.state();
        var judged = TireAssessor.judge(state, Policy.DEFAULTS, TODAY);
        QuestionAnswers.Inputs inputs = new QuestionAnswers.Inputs(
                state,
                judged,
                DueWorkFinder.on(state, Policy.DEFAULTS, TODAY),
                state.pressures(Policy.DEFAULTS, TODAY),
                List.of(),
                position -> position.code().equals("2LO") ? Optional.of("R-12: 1/32 apart") : Optional.empty(),
                Optional.of("Round the vehicle with the tool"),
                "",
                LoadState.NORMAL,
                List.of("Re-torque planned Nov 24, 2026"),
                TODAY);
        return QuestionAnswers.to(question, inputs, new QuestionAnswers.Parameters(years, by)).stream()
                .map(line -> (line.position().map(at -> at.code() + " ").orElse(""))
                        + line.statement().in(Units.US))
                .toList();
    }

    @Test
    @DisplayName("what must not leave is named tire by tire with its ground, and a fit vehicle doesn't come up")
    void mustNotLeave() {
        assertThat(ask(Question.DO_NOT_OPERATE, coach())).isEmpty();
        assertThat(ask(Question.DO_NOT_OPERATE, coach().read("2RO", reading(3, 76, 14, 14, 14))))
                .containsExactly("2RO 76 psi, target 95 psi: 80% of target");
    }

    @Test
    @DisplayName("a tire of week 23 of 2021 passes five years on 6 June 2026 and six only next year")
    void age() {
        Sample old = coach().fitted("3L", tire("275/70R22.5", "2321"));
        assertThat(ask(Question.PASSES_AGE, old)).containsExactly("3L DOT 2321: 5 years since Jun 6, 2026");
        assertThat(ask(Question.PASSES_AGE, old, 6, TODAY)).isEmpty();
        assertThat(ask(Question.PASSES_AGE, old, 6, TODAY.plusYears(1)))
                .contains("3L DOT 2321: 6 years on Jun 6, 2027");
    }

    @Test
    @DisplayName("what nobody read is asked for: dates, wheels, sensors, and never weighed")
    void unknown() {
        assertThat(ask(Question.UNKNOWN_DOT, coach().fitted("1L", tire("275/70R22.5", null))))
                .containsExactly("1L Corvane Tessaly C2: DOT date not read");
        assertThat(ask(Question.UNKNOWN_WHEEL, coach())).hasSize(8);
        assertThat(ask(Question.UNKNOWN_SENSOR, coach().sensor("1L", TODAY.minusYears(1))))
                .hasSize(7);
        assertThat(ask(Question.UNKNOWN_SENSOR, coach().withoutSensors())).isEmpty();
        assertThat(ask(Question.NEVER_WEIGHED, coach())).containsExactly("No scale ticket on file");
    }

    @Test
    @DisplayName(
            "what would make a light vehicle a commercial one is asked for part by part, and no more once it is on record")
    void commercialUse() {
        assertThat(ask(Question.COMMERCIAL_USE, coach())).isEmpty();
        assertThat(ask(Question.COMMERCIAL_USE, coach().as(VehicleType.VAN, 9_000, Use.UNKNOWN)))
                .containsExactly("Not on file: seats with the driver’s, the rating with what it tows");
        assertThat(ask(Question.COMMERCIAL_USE, coach().as(VehicleType.PICKUP, 9_000, Use.UNKNOWN)))
                .containsExactly("Not on file: the rating with what it tows");
        Use told = new Use(OptionalInt.of(8), Optional.empty(), Optional.of(Load.lb(9_500)), Optional.empty());
        assertThat(ask(Question.COMMERCIAL_USE, coach().as(VehicleType.VAN, 9_000, told)))
                .isEmpty();
    }

    @Test
    @DisplayName("another size than the placard's is named with the placard's pressure")
    void placard() {
        assertThat(ask(Question.PLACARD_NO_LONGER_FITS, coach())).isEmpty();
        assertThat(ask(Question.PLACARD_NO_LONGER_FITS, coach().fitted("3L", tire("295/75R22.5", "2325"))))
                .containsExactly("3L 295/75R22.5 installed, placard 275/70R22.5 at 90 psi");
        assertThat(ask(Question.PLACARD_LOCATION, coach()).get(0)).contains("near the entrance door");
    }

    @Test
    @DisplayName("what to order and which stock tire pairs with a dual are answered where a tire has to go")
    void order() {
        Sample worn = coach().read("2LO", reading(3, 95, 3, 3, 3));
        assertThat(ask(Question.WHAT_TO_ORDER, coach())).isEmpty();
        assertThat(ask(Question.WHAT_TO_ORDER, worn).get(0)).startsWith("2LO Size: 275/70R22.5; ");
        assertThat(ask(Question.DUAL_MATCH, worn)).contains("2LO R-12: 1/32 apart");
        assertThat(ask(Question.DUAL_MATCH, coach().read("2RI", reading(3, 95, 3, 3, 3))))
                .contains("2RI nothing in stock pairs with it");
    }

    @Test
    @DisplayName("the measurement most unknowns wait for comes first")
    void measureNext() {
        Sample stale = coach().readAcross("1L", reading(200, 110, 14, 14, 14));
        assertThat(ask(Question.MEASURE_NEXT, stale)).hasSize(1);
        assertThat(ask(Question.MEASURE_NEXT, stale).get(0)).endsWith("not known at 2 positions");
    }

    @Test
    @DisplayName("the relearn on file and the follow-ups that are open are said as they stand")
    void onFile() {
        assertThat(ask(Question.RELEARN_PROCEDURE, coach())).containsExactly("Round the vehicle with the tool");
        assertThat(ask(Question.OPEN_FOLLOW_UPS, coach())).containsExactly("Re-torque planned Nov 24, 2026");
        assertThat(ask(Question.CAPACITY_NOW, coach()).get(0)).startsWith("Pressures for: ");
    }
}
