package rotagens.core.wear;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import rotagens.core.measure.TreadDepth;
import rotagens.core.wear.WearPattern.Shape;

/**
 * A made-up worn tread whose cause is known: what a tire with this pattern would read on a gauge. The practice round and the
 * measure of the classifier draw their cases from here.
 *
 * @param shape what it truly is
 * @param severity32nds how far its low zone lies under the rest
 * @param read what the gauge shows, in whole 32nds
 */
public record SampleTread(Shape shape, double severity32nds, TreadGrid read) {

    /** Shapes that depths across the tread tell. */
    public static final List<Shape> ACROSS =
            List.of(Shape.EVEN, Shape.CENTER, Shape.BOTH_SHOULDERS, Shape.OUTER_SHOULDER, Shape.INNER_SHOULDER);

    private static final double GAUGE_ERROR_32NDS = 1;
    private static final double LOWEST_32NDS = 1;

    /**
     * A case.
     *
     * @param places how many places round the tire are measured, 1 to 4
     * @param shape how it is worn
     * @param severity32nds how far, in 32nds
     * @param random the source of its depth and of the gauge’s error
     * @return what a gauge with an error of up to 1/32 in reads
     */
    public static SampleTread of(Shape shape, double severity32nds, int places, Random random) {
        double full = 8 + random.nextInt(6);
        List<List<TreadDepth>> grid = new ArrayList<>();
        int flat = random.nextInt(places);
        for (int place = 0; place < places; place++) {
            double drop = drop(shape, severity32nds, place, flat);
            double[] truth = across(shape, full, severity32nds);
            List<TreadDepth> row = new ArrayList<>();
            for (double depth : truth) {
                double error = (random.nextDouble() * 2 - 1) * GAUGE_ERROR_32NDS;
                row.add(TreadDepth.of32nds(Math.max(LOWEST_32NDS, Math.rint(depth - drop + error))));
            }
            grid.add(row);
        }
        return new SampleTread(shape, severity32nds, new TreadGrid(grid));
    }

    /** Outer, center and inner of a tread worn this way, before anybody measures it. */
    private static double[] across(Shape shape, double full, double severity) {
        double low = full - severity;
        double between = full - severity / 2;
        return switch (shape) {
            case CENTER, EARLY_CENTER -> new double[] {full, low, full};
            case BOTH_SHOULDERS, EARLY_SHOULDERS -> new double[] {low, full, low};
            case OUTER_SHOULDER -> new double[] {low, between, full};
            case INNER_SHOULDER -> new double[] {full, between, low};
            case EVEN, FEATHERING, CUPPING, FLAT_SPOT -> new double[] {full, full, full};
        };
    }

    /** How far a whole place lies lower: one place flat, every other place scooped out. */
    private static double drop(Shape shape, double severity, int place, int flat) {
        return switch (shape) {
            case FLAT_SPOT -> place == flat ? severity + 1 : 0;
            case CUPPING -> place % 2 == 1 ? severity + 1 : 0;
            default -> 0;
        };
    }

    /**
     * Whether an answer counts as right: the shape itself, or leaning to its side.
     *
     * @param answer what the classifier says
     * @return whether it may be acted on
     */
    public boolean isRight(Shape answer) {
        return answer == shape
                || shape == Shape.CENTER && answer == Shape.EARLY_CENTER
                || shape == Shape.BOTH_SHOULDERS && answer == Shape.EARLY_SHOULDERS;
    }
}
