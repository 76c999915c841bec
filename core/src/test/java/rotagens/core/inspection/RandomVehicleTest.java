package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueWorkFinder;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Position;

/** What must hold whatever was measured. The seed of a failing run stands in its name. */
class RandomVehicleTest {

    private static final String[] POSITIONS = {"1L", "1R", "2LO", "2LI", "2RI", "2RO", "3L", "3R"};
    private static final int VEHICLES = 200;

    private static Sample random(Random random) {
        Sample sample = Sample.coach();
        for (String position : POSITIONS) {
            if (random.nextInt(3) == 0) {
                sample.read(position, reading(random), reading(random));
            }
            if (random.nextInt(4) == 0) {
                String week = String.format("%02d%02d", 1 + random.nextInt(52), 14 + random.nextInt(12));
                sample.fitted(position, random.nextInt(6) == 0 ? null : Sample.tire("275/70R22.5", week));
            }
            if (random.nextInt(5) == 0) {
                sample.found(position, random.nextInt(400), Finding.values()[random.nextInt(Finding.values().length)]);
            }
        }
        return sample;
    }

    private static Reading reading(Random random) {
        return random.nextInt(5) == 0
                ? Sample.hot(random.nextInt(120), 60 + random.nextInt(70))
                : Sample.reading(
                        random.nextInt(120),
                        60 + random.nextInt(70),
                        1 + random.nextInt(18),
                        1 + random.nextInt(18),
                        1 + random.nextInt(18));
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5})
    @DisplayName("a verdict is the worst of its reasons, and every reason reads whole in both families of units")
    void verdictIsWorstReason(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < VEHICLES; i++) {
            Map<Position, Assessment> all = TireAssessor.judge(random(random).state(), Policy.DEFAULTS, TODAY);
            all.values().forEach(assessment -> {
                Verdict worst = assessment.reasons().stream()
                        .map(VerdictReason::verdict)
                        .max(java.util.Comparator.naturalOrder())
                        .orElse(Verdict.GOOD);
                assertThat(assessment.verdict()).isEqualTo(worst);
                for (VerdictReason verdictReason : assessment.reasons()) {
                    for (Units units : Units.values()) {
                        assertThat(verdictReason.reason().statement().in(units))
                                .isNotBlank()
                                .doesNotContain("{}");
                        assertThat(verdictReason.reason().value().in(units))
                                .isNotBlank()
                                .doesNotContain("{}");
                        assertThat(verdictReason.reason().explanation().in(units))
                                .endsWith(".")
                                .doesNotContain("{}");
                    }
                }
            });
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {11, 12, 13})
    @DisplayName("time alone never makes a tire better")
    void timeNeverHeals(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < VEHICLES; i++) {
            VehicleState state = random(random).state();
            LocalDate later = TODAY.plusDays(random.nextInt(900));
            Map<Position, Assessment> now = TireAssessor.judge(state, Policy.DEFAULTS, TODAY);
            Map<Position, Assessment> then = TireAssessor.judge(state, Policy.DEFAULTS, later);
            now.forEach((position, assessment) -> assertThat(then.get(position).verdict())
                    .as("%s, %s after %s", position.code(), later, assessment)
                    .isGreaterThanOrEqualTo(assessment.verdict()));
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {21, 22, 23})
    @DisplayName("a stricter age limit never makes a verdict milder")
    void stricterNeverMilder(long seed) {
        Random random = new Random(seed);
        Policy strict =
                new Policy(List.of(new Policy.Setting(PolicyNumber.OVERALL_AGE, Policy.Scope.FLEET, 6, "fleet")));
        for (int i = 0; i < VEHICLES; i++) {
            VehicleState state = random(random).state();
            Map<Position, Assessment> usual = TireAssessor.judge(state, Policy.DEFAULTS, TODAY);
            TireAssessor.judge(state, strict, TODAY)
                    .forEach((position, assessment) -> assertThat(assessment.verdict())
                            .isGreaterThanOrEqualTo(usual.get(position).verdict()));
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {31, 32, 33})
    @DisplayName("whatever must not roll is due, nothing is due twice, and a run-flat tire is never due for air")
    void dueWork(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < VEHICLES; i++) {
            VehicleState state = random(random).state();
            List<DueItem> due = DueWorkFinder.on(state, Policy.DEFAULTS, TODAY);
            assertThat(due).isSortedAccordingTo(DueItem.MOST_URGENT_FIRST);
            assertThat(due.stream().map(DueItem::key)).doesNotHaveDuplicates();
            TireAssessor.judge(state, Policy.DEFAULTS, TODAY).forEach((position, assessment) -> {
                if (assessment.verdict() == Verdict.DO_NOT_OPERATE) {
                    assertThat(due)
                            .as("%s: %s", position.code(), Sample.statement(assessment))
                            .anyMatch(item -> item.positions().contains(position)
                                    && !item.due().isAfter(TODAY));
                }
                boolean runFlat = assessment.reasons().stream()
                        .anyMatch(
                                verdictReason -> verdictReason.reason().rule() == rotagens.core.measure.Rule.RUN_FLAT);
                assertThat(runFlat
                                && due.stream()
                                        .anyMatch(
                                                item -> item.workType() == rotagens.core.planning.WorkType.SET_PRESSURE
                                                        && item.positions().contains(position)))
                        .isFalse();
            });
        }
    }
}
