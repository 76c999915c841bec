package rotagens.core.rotation;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Position;

/** How long a proposal takes when every tire may go nearly everywhere, which is the most there is to try. Prints one line a size. */
public final class RotationBenchmark {

    private static final int ROUNDS = 7;
    private static final double NANOS_A_MS = 1e6;

    private RotationBenchmark() {}

    public static void main(String[] args) {
        measure(
                "10 positions, 4 tires in stock",
                new AxleLayout(
                        List.of(
                                new Axle(AxleRole.STEER, false),
                                new Axle(AxleRole.DRIVE, true),
                                new Axle(AxleRole.DRIVE, true)),
                        0));
        measure(
                "18 positions, 4 tires in stock",
                new AxleLayout(
                        List.of(
                                new Axle(AxleRole.STEER, false),
                                new Axle(AxleRole.DRIVE, true),
                                new Axle(AxleRole.DRIVE, true),
                                new Axle(AxleRole.TRAILER, true),
                                new Axle(AxleRole.TRAILER, true)),
                        0));
    }

    private static void measure(String what, AxleLayout axleLayout) {
        for (RotationGoal rotationGoal : RotationGoal.values()) {
            List<Double> times = new ArrayList<>();
            long gap = 0;
            long points = 0;
            for (int round = 0; round < ROUNDS; round++) {
                RotationProblem rotationProblem = rack(axleLayout, round).bench();
                long from = System.nanoTime();
                RotationProposal rotationProposal =
                        RotationProposal.of(rotationProblem, rotationGoal).orElseThrow();
                times.add((System.nanoTime() - from) / NANOS_A_MS);
                gap = Math.max(gap, rotationProposal.optimalityGap());
                points = rotationProposal.points();
            }
            double first = times.get(0);
            times.sort(null);
            System.out.printf(
                    "rotation, %s, %s: first %.0f ms, p50%.0f ms, most %.0f ms; gap at most %d of about %d points%n",
                    what, rotationGoal.label(), first, times.get(ROUNDS / 2), times.get(ROUNDS - 1), gap, points);
        }
    }

    /** Depths near each other, so that hardly a rule cuts the tree. */
    private static Rack rack(AxleLayout axleLayout, long seed) {
        Random random = new Random(seed);
        Rack rack = Rack.of(axleLayout);
        for (Position position : axleLayout.positions()) {
            rack.fit(position.code(), Rack.RIB, "%02d25".formatted(1 + random.nextInt(50)), 10 + random.nextInt(3))
                    .wears(position.code(), 1 + random.nextInt(3));
        }
        for (int i = 0; i < 4; i++) {
            rack.stock(Rack.RIB, "%02d25".formatted(1 + random.nextInt(50)), 10 + random.nextInt(3));
        }
        return rack.canBuy(Rack.RIB);
    }
}
