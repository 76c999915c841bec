package rotagens.core.rotation;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.rotation.Rack.ARROW;
import static rotagens.core.rotation.Rack.LUG;
import static rotagens.core.rotation.Rack.RIB;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.TireAssessor;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;

/** The best arrangement, proven against trying everything, and never against a rule. */
class RotationOptimumTest {

    // Against trying everything

    private static final List<String> STAMPS = List.of("0117", "2020", "1022", "0124", "0125", "2225");

    private static Rack random(Random random, AxleLayout axleLayout, int stock) {
        Rack rack = Rack.of(axleLayout);
        for (Position position : axleLayout.positions()) {
            String stamp = random.nextInt(12) == 0 ? null : STAMPS.get(random.nextInt(STAMPS.size()));
            double depth = 3 + random.nextInt(13);
            TireModel model = random.nextInt(4) == 0 ? LUG : random.nextInt(6) == 0 ? ARROW : RIB;
            int kind = random.nextInt(12);
            if (position instanceof OnAxle || random.nextBoolean()) {
                if (kind == 0) {
                    rack.retread(position.code(), model, stamp, depth);
                } else if (kind == 1) {
                    rack.damaged(position.code(), model, stamp, depth);
                } else {
                    rack.fit(position.code(), model, stamp, depth);
                }
                if (random.nextInt(3) > 0) {
                    rack.wears(position.code(), 1 + random.nextInt(3));
                }
            }
            if (random.nextInt(8) == 0) {
                rack.wheel(position.code(), null);
            }
        }
        for (int i = 0; i < stock; i++) {
            rack.stock(
                    random.nextInt(3) == 0 ? LUG : RIB,
                    STAMPS.get(random.nextInt(STAMPS.size())),
                    6 + random.nextInt(11));
        }
        return random.nextInt(4) == 0 ? rack : rack.canBuy(RIB);
    }

    private static final AxleLayout VAN =
            new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, false)), 0);

    private static final AxleLayout VAN_WITH_SPARE = new AxleLayout(VAN.axles(), 1);

    private static final AxleLayout SHUTTLE =
            new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, true)), 0);

    /** Every arrangement there is, by trying each tire in each place. */
    private static OptionalDouble fewestPoints(
            RotationProblem rotationProblem, RotationGoal rotationGoal, OptionalDouble months) {
        long[] best = {Long.MAX_VALUE};
        tryAll(rotationProblem, rotationGoal, months, 0, new LinkedHashMap<>(), best);
        return best[0] == Long.MAX_VALUE ? OptionalDouble.empty() : OptionalDouble.of(best[0]);
    }

    private static void tryAll(
            RotationProblem rotationProblem,
            RotationGoal rotationGoal,
            OptionalDouble months,
            int at,
            Map<Position, CandidateTire> places,
            long[] best) {
        if (at == rotationProblem.positions().size()) {
            Arrangement arrangement = new Arrangement(places);
            if (rotationProblem.violations(arrangement).isEmpty()) {
                best[0] = Math.min(best[0], rotationProblem.score(arrangement, rotationProblem.weights(rotationGoal)));
            }
            return;
        }
        Position position = rotationProblem.positions().get(at);
        List<CandidateTire> choices = new ArrayList<>(rotationProblem.inputs().candidates());
        if (position instanceof OnAxle on) {
            choices.addAll(rotationProblem.inputs().toBuy().getOrDefault(on.axle(), List.of()));
        } else {
            tryAll(rotationProblem, rotationGoal, months, at + 1, places, best);
        }
        for (CandidateTire tire : choices) {
            boolean used = !tire.toBuy() && places.values().stream().anyMatch(other -> other.id() == tire.id());
            boolean tooShort = position instanceof OnAxle
                    && months.isPresent()
                    && !(rotationProblem.monthsThere(tire, position).orElse(-1e9) >= months.getAsDouble() - 1e-9);
            if (used || tooShort || !rotationProblem.violations(tire, position).isEmpty()) {
                continue;
            }
            places.put(position, tire);
            tryAll(rotationProblem, rotationGoal, months, at + 1, places, best);
            places.remove(position);
        }
    }

    @Tag("slow")
    @ParameterizedTest(name = "{0}")
    @EnumSource(RotationGoal.class)
    @DisplayName(
            "no arrangement has fewer points than the proposal: held against trying every one on 150 small vehicles")
    void optimal(RotationGoal rotationGoal) {
        Random random = new Random(7);
        int solved = 0;
        for (int i = 0; i < 150; i++) {
            RotationProblem rotationProblem =
                    random(random, i % 2 == 0 ? VAN : VAN_WITH_SPARE, 1 + i % 2).bench();
            OptionalDouble months = rotationGoal.latestPurchaseFirst()
                    ? RotationProposal.latestPurchase(rotationProblem, SwapScope.ANYWHERE)
                    : OptionalDouble.empty();
            Optional<RotationProposal> rotationProposal = RotationProposal.of(rotationProblem, rotationGoal);
            OptionalDouble oracle = fewestPoints(rotationProblem, rotationGoal, months);
            assertThat(rotationProposal.isPresent()).as("vehicle %d", i).isEqualTo(oracle.isPresent());
            if (rotationProposal.isPresent()) {
                solved++;
                assertThat((double) rotationProposal.get().points())
                        .as("vehicle %d", i)
                        .isEqualTo(oracle.getAsDouble());
                assertThat(rotationProblem.score(
                                rotationProposal.get().arrangement(), rotationProblem.weights(rotationGoal)))
                        .isEqualTo(rotationProposal.get().points());
                assertThat(rotationProposal.get().optimalityGap()).isZero();
            }
        }
        assertThat(solved).isGreaterThan(60);
    }

    @Tag("slow")
    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4})
    @DisplayName(
            "no proposal breaks a rule, by the bench and by the judge of the vehicle as it would stand: 10,000 random vehicles")
    void neverAgainstARule(long seed) {
        Random random = new Random(seed);
        int proposed = 0;
        for (int i = 0; i < 2_500; i++) {
            AxleLayout axleLayout = i % 10 == 0 ? SHUTTLE : i % 2 == 0 ? VAN : VAN_WITH_SPARE;
            RotationProblem rotationProblem = random(random, axleLayout, i % 3).bench();
            RotationGoal rotationGoal = RotationGoal.values()[i % RotationGoal.values().length];
            Optional<RotationProposal> rotationProposal = RotationProposal.of(rotationProblem, rotationGoal);
            if (rotationProposal.isPresent()) {
                proposed++;
                Arrangement arrangement = rotationProposal.get().arrangement();
                assertThat(rotationProblem.violations(arrangement))
                        .as("vehicle %d", i)
                        .isEmpty();
                assertThat(mustNotOperate(rotationProblem, arrangement))
                        .as("vehicle %d", i)
                        .isEmpty();
            }
        }
        assertThat(proposed).isGreaterThan(1_000);
    }

    /** The judge's own stops on the vehicle with the tires so arranged; pressure and load aside, they were not set yet. */
    private static Map<Position, Assessment> mustNotOperate(RotationProblem rotationProblem, Arrangement arrangement) {
        List<TireState> states = arrangement.tires().entrySet().stream()
                .map(place -> place.getValue().sittingAt(place.getKey()))
                .toList();
        VehicleState then = VehicleState.of(rotationProblem.inputs().vehicle().vehicle(), states);
        Map<Position, Assessment> stopped = new HashMap<>();
        TireAssessor.judge(then, rotationProblem.inputs().policy(), Rack.TODAY).forEach((position, assessment) -> {
            if (position instanceof OnAxle && assessment.verdict() == Verdict.DO_NOT_OPERATE) {
                stopped.put(position, assessment);
            }
        });
        return stopped;
    }
}
