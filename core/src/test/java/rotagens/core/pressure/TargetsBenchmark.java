package rotagens.core.pressure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import rotagens.core.vehicle.LoadState;

/** How long it takes to work out the targets of 2,000 vehicles anew. Run by {@code ./rotagens bench}; no test. */
public final class TargetsBenchmark {

    private static final int VEHICLES = 2_000;
    private static final int ROUNDS = 12;

    private TargetsBenchmark() {}

    public static void main(String[] arguments) {
        List<Rig> fleet = new ArrayList<>();
        for (int at = 0; at < VEHICLES; at++) {
            int more = at % 400;
            fleet.add((at % 3 == 0 ? Rig.coach().noChart() : Rig.coach())
                    .weighed(LoadState.EMPTY, 80, 4800, 4750, 8000, 7900)
                    .weighed(LoadState.NORMAL, 40, 5640 + more, 5580, 9800 + more, 9700)
                    .weighed(LoadState.FULL, 40, 5900 + more, 5880, 10_200, 10_100)
                    .wheels(120, 7400)
                    .gawr(1, 14_000)
                    .gawr(2, 22_000));
        }
        double[] seconds = new double[ROUNDS];
        long targets = 0;
        for (int round = 0; round < ROUNDS; round++) {
            long from = System.nanoTime();
            for (Rig rig : fleet) {
                targets += rig.solve().axles().values().stream()
                        .filter(axle -> axle.target().pressure().isPresent())
                        .count();
            }
            seconds[round] = (System.nanoTime() - from) / 1e9;
        }
        System.out.printf(
                Locale.ROOT,
                "targets of %,d vehicles worked out anew: first %.2f s, then %.2f s (median of %d), %,d targets%n",
                VEHICLES,
                seconds[0],
                Arrays.stream(seconds, 1, ROUNDS).sorted().toArray()[ROUNDS / 2 - 1],
                ROUNDS - 1,
                targets / ROUNDS);
    }
}
