package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Diagnosed.diagnose;
import static rotagens.core.inspection.Diagnosed.happened;
import static rotagens.core.inspection.Diagnosed.reported;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.fact.Finding;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.inspection.VehicleEvents.Type;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/** What each report, work and reading says for and against a cause of wear, and for how long. */
class DiagnosisEvidenceTest {

    private static String said(List<Message> evidence) {
        return String.join("; ", evidence.stream().map(one -> one.in(Units.US)).toList());
    }

    private static String supports(Diagnosis diagnosis, WearCause cause) {
        return diagnosis.causes().stream()
                .filter(one -> one.cause() == cause)
                .map(one -> said(one.evidenceFor()))
                .findFirst()
                .orElse("not possible");
    }

    private static String against(Diagnosis diagnosis, WearCause cause) {
        return diagnosis.causes().stream()
                .filter(one -> one.cause() == cause)
                .map(one -> said(one.evidenceAgainst()))
                .findFirst()
                .orElse("not possible");
    }

    /** One steer tire worn inside, the other even, three readings four weeks apart. */
    private static Sample inside(double psi) {
        return worn("1R", psi, psi, psi, 12, 11, 9);
    }

    private static Sample worn(
            String position, double newest, double middle, double oldest, double outer, double center, double inner) {
        return coach().read(
                        position,
                        reading(3, newest, outer, center, inner),
                        reading(31, middle, outer, center, inner),
                        reading(59, oldest, outer, center, inner));
    }

    @ParameterizedTest
    @CsvSource({
        "VIBRATION, SHOCKS, vibrates",
        "VIBRATION, OUT_OF_BALANCE, vibrates",
        "VIBRATION, BEARING, vibrates",
        "NOISE, BEARING, noise",
        "HARSH_RIDE, SHOCKS, rides harshly"
    })
    @DisplayName("on a cupped tire a driver's report speaks for what makes it, for 180 days and not a day longer")
    void cupped(Symptom symptom, WearCause cause, String words) {
        Sample cupped = coach().found("1L", 2, Finding.CUPPING);
        assertThat(supports(diagnose(cupped, "1L", reported(symptom, 5)), cause))
                .isEqualTo("A driver reported on Nov 18, 2026: " + words);
        assertThat(supports(diagnose(cupped, "1L", reported(symptom, 181)), cause))
                .isEmpty();
        assertThat(supports(diagnose(cupped, "1L", VehicleEvents.NONE), cause)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"SOFT_TIRE, UNDER_INFLATION", "WARNING_LAMP, UNDER_INFLATION", "WARNING_LAMP, LEAK"})
    @DisplayName("on a tire worn at both shoulders a lamp or a soft tire speaks for too little air")
    void soft(Symptom symptom, WearCause cause) {
        Sample both = worn("3L", 90, 90, 90, 9, 12, 9);
        assertThat(supports(diagnose(both, "3L", reported(symptom, 5)), cause)).contains("A driver reported on");
        assertThat(supports(diagnose(both, "3L", VehicleEvents.NONE), cause)).isEmpty();
    }

    @Test
    @DisplayName("a harsh ride speaks for too much air on a tire worn in the center")
    void harsh() {
        Sample center = worn("2LO", 95, 95, 95, 12, 9, 12);
        assertThat(supports(diagnose(center, "2LO", reported(Symptom.HARSH_RIDE, 5)), WearCause.OVER_INFLATION))
                .contains("rides harshly");
    }

    @Test
    @DisplayName(
            "a pull with even pressures speaks for toe and camber; 9.5 psi apart it does, 10 psi apart it is pressure first")
    void pull() {
        Diagnosis even = diagnose(inside(110), "1R", reported(Symptom.PULL_LEFT, 5));
        assertThat(supports(even, WearCause.TOE)).contains("pulls to the left");
        assertThat(supports(even, WearCause.CAMBER)).contains("pulls to the left");
        Sample nearly = inside(100.5).read("1L", reading(3, 110, 12, 12, 12));
        assertThat(supports(diagnose(nearly, "1R", reported(Symptom.PULL_LEFT, 5)), WearCause.TOE))
                .contains("pulls to the left");
        Sample ten = inside(100).read("1L", reading(3, 110, 12, 12, 12));
        Diagnosis low = diagnose(ten, "1R", reported(Symptom.PULL_LEFT, 5));
        assertThat(supports(low, WearCause.TOE)).doesNotContain("pulls");
        assertThat(against(low, WearCause.CAMBER)).contains("pressure until proven otherwise");
    }

    @Test
    @DisplayName(
            "a curb strike speaks for a year, hard braking for half a year, joints replaced against what they cure")
    void work() {
        assertThat(supports(diagnose(inside(110), "1R", happened(Type.CURB_STRIKE, 300)), WearCause.CAMBER))
                .contains("A curb strike on Jan 27, 2026");
        assertThat(supports(diagnose(inside(110), "1R", happened(Type.CURB_STRIKE, 366)), WearCause.CAMBER))
                .doesNotContain("curb");
        Sample flat = coach().found("1L", 2, Finding.FLAT_SPOT);
        assertThat(supports(diagnose(flat, "1L", happened(Type.HARD_BRAKING, 10)), WearCause.BRAKE))
                .isEqualTo("Hard braking on Nov 13, 2026");
        assertThat(supports(diagnose(flat, "1L", happened(Type.HARD_BRAKING, 181)), WearCause.BRAKE))
                .isEmpty();
        assertThat(against(diagnose(inside(110), "1R", happened(Type.JOINTS, 120)), WearCause.TOE))
                .contains("Steering or suspension joints replaced on");
        assertThat(against(diagnose(inside(110), "1R", happened(Type.JOINTS, 400)), WearCause.TOE))
                .doesNotContain("joints");
        assertThat(supports(diagnose(flat, "1L", VehicleEvents.NONE), WearCause.LONG_PARKING))
                .isEmpty();
        Sample cupped = coach().found("1L", 2, Finding.CUPPING);
        assertThat(diagnose(cupped, "1L", VehicleEvents.NONE).unknown())
                .contains("When its shocks were last replaced.");
        assertThat(diagnose(cupped, "1L", happened(Type.SHOCKS, 20)).unknown())
                .doesNotContain("When its shocks were last replaced.");
        assertThat(diagnose(inside(110), "1R", happened(Type.ALIGNMENT, 120)).unknown())
                .doesNotContain("When it was last aligned.");
    }

    @Test
    @DisplayName(
            "half of the readings off the target speak, a third of them say nothing, all on it speak against pressure")
    void pressureHistory() {
        Diagnosis two = diagnose(worn("2LO", 103, 103, 95, 12, 9, 12), "2LO", VehicleEvents.NONE);
        assertThat(supports(two, WearCause.OVER_INFLATION)).isEqualTo("2 of 3 cold readings over the target 95 psi");
        Diagnosis one = diagnose(worn("2LO", 103, 95, 95, 12, 9, 12), "2LO", VehicleEvents.NONE);
        assertThat(supports(one, WearCause.OVER_INFLATION)).isEmpty();
        assertThat(against(one, WearCause.OVER_INFLATION)).isEmpty();
        Diagnosis none = diagnose(worn("2LO", 95, 95, 95, 12, 9, 12), "2LO", VehicleEvents.NONE);
        assertThat(against(none, WearCause.OVER_INFLATION)).isEqualTo("All 3 cold readings on the target 95 psi");
        Diagnosis low = diagnose(worn("3L", 80, 80, 80, 9, 12, 9), "3L", VehicleEvents.NONE);
        assertThat(supports(low, WearCause.UNDER_INFLATION)).startsWith("3 of 3 cold readings under the target");
        assertThat(against(low, WearCause.HARD_CORNERING)).isEqualTo("3 of 3 cold readings were low");
        Sample twice = coach().read("3L", reading(3, 90, 9, 12, 9), reading(31, 90, 9, 12, 9));
        assertThat(diagnose(twice, "3L", VehicleEvents.NONE).unknown())
                .contains("Its pressure history: fewer than 3 cold readings.");
        assertThat(diagnose(twice, "3L", VehicleEvents.NONE).unknown()).contains("Its load: weigh the vehicle.");
    }

    @Test
    @DisplayName("a tire that loses much in a short time speaks for a leak, one that holds its air against it")
    void leak() {
        Diagnosis losing = diagnose(worn("3L", 60, 75, 90, 9, 12, 9), "3L", VehicleEvents.NONE);
        assertThat(supports(losing, WearCause.LEAK))
                .startsWith("It loses at least ")
                .endsWith("% a month");
        assertThat(supports(losing, WearCause.UNDER_INFLATION)).contains("It loses at least ");
    }

    @Test
    @DisplayName("without a reading across the axle the tread there is to be measured")
    void across() {
        Diagnosis both = diagnose(inside(110).read("1L", reading(3, 110, 12, 11, 9)), "1R", VehicleEvents.NONE);
        assertThat(supports(both, WearCause.TOE)).isEqualTo("1L is worn on the same edge");
        assertThat(against(both, WearCause.CAMBER)).contains("1L is worn on the same edge");
    }
}
