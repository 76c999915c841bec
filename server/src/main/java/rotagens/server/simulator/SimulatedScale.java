package rotagens.server.simulator;

import static rotagens.server.simulator.SimulatorWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Vehicle;

/**
 * Stands in for a scale: a platform that weighs axle by axle, or portable pads that weigh every wheel end. The same vehicle and
 * load weigh the same but for the scatter a real scale has: 20 lb steps on the platform, 10 lb on the pads, under half a percent.
 */
@Component
public class SimulatedScale {

    /** What the vehicle is driven onto. */
    public enum Kind {
        PLATFORM,
        PADS
    }

    /** One axle in lb; on a platform the ends are 0. */
    public record AxleWeighed(int axle, int left, int right, int total) {}

    /** @param text the slip as the scale prints it */
    public record SimulatedWeighingView(
            LocalDate day, LoadState state, String scale, List<AxleWeighed> axles, int gross, String text) {}

    private static final double SCATTER = 0.004;
    private static final double HEAVY_LB = 26_000;
    private static final double LEAN_STEP = 0.004;

    private final Clock clock;
    private final AtomicLong drives = new AtomicLong();

    SimulatedScale(Clock clock) {
        this.clock = clock;
    }

    /** Drives a vehicle over the scale. */
    public SimulatedWeighingView weigh(Vehicle vehicle, LoadState state, Kind kind) {
        Random scatter = new Random(vehicle.unit().hashCode() * 31L + drives.incrementAndGet());
        List<AxleWeighed> axles = new ArrayList<>();
        int step = kind == Kind.PLATFORM ? 20 : 10;
        for (int number = 1; number <= vehicle.layout().axles().size(); number++) {
            double lb = truth(vehicle, state, number);
            double lean = lean(vehicle, number);
            int left = near(lb / 2 * (1 + lean), step, scatter);
            int right = near(lb / 2 * (1 - lean), step, scatter);
            axles.add(
                    kind == Kind.PADS
                            ? new AxleWeighed(number, left, right, left + right)
                            : new AxleWeighed(number, 0, 0, near(lb, step, scatter)));
        }
        int gross = axles.stream().mapToInt(AxleWeighed::total).sum();
        String scale = kind == Kind.PLATFORM ? "Eastbank platform" : "portable pads, set 2";
        LocalDate today = LocalDate.now(clock);
        return new SimulatedWeighingView(
                today, state, scale, axles, gross, print(vehicle, today, state, scale, axles, gross));
    }

    /** What an axle truly weighs: a share of its rating. Heavy vehicles carry their equipment always, light ones come and go. */
    static double truth(Vehicle vehicle, LoadState state, int axle) {
        int axles = vehicle.layout().axles().size();
        double rating = vehicle.gawrs().containsKey(axle)
                ? vehicle.gawrs().get(axle).lb()
                : vehicle.gvwr().lb() / axles;
        AxleRole role = vehicle.layout().axles().get(axle - 1).role();
        boolean heavy = vehicle.gvwr().lb() > HEAVY_LB;
        double most = role == AxleRole.STEER ? (heavy ? 0.88 : 0.72) : role == AxleRole.DRIVE ? 0.985 : 0.93;
        double share = switch (state) {
            case EMPTY -> heavy ? 0.8 : 0.6;
            case UNKNOWN, NORMAL -> heavy ? 0.965 : 0.8;
            case FULL -> heavy ? 1 : 0.92;
            case TOWING -> role == AxleRole.STEER ? 0.9 : 0.98;
        };
        return rating * most * share;
    }

    /** How far the left end is heavier, the same on every visit: tanks and batteries don't move. */
    static double lean(Vehicle vehicle, int axle) {
        return (Math.floorMod(vehicle.unit().hashCode() * 7 + axle * 13, 9) - 4) * LEAN_STEP;
    }

    private static int near(double lb, int step, Random scatter) {
        return (int) Math.round(lb * (1 + scatter.nextGaussian() * SCATTER / 2) / step) * step;
    }

    private static String print(
            Vehicle vehicle, LocalDate day, LoadState state, String scale, List<AxleWeighed> axles, int gross) {
        StringBuilder text = new StringBuilder();
        text.append("Scale: ").append(scale).append(" (simulated)\n");
        text.append("Unit: ").append(vehicle.unit()).append('\n');
        text.append("Date: ").append(day).append('\n');
        text.append("Load: ").append(state.label()).append('\n');
        for (AxleWeighed axle : axles) {
            text.append(WORDS.say("axle")).append(axle.axle());
            text.append(
                    axle.left() > 0
                            ? String.format("  left %,d lb  right %,d lb%n", axle.left(), axle.right())
                            : String.format(": %,d lb%n", axle.total()));
        }
        return text.append(String.format("Gross: %,d lb%n", gross)).toString();
    }
}
