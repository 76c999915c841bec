package rotagens.server.pdf;

import static rotagens.server.pdf.PdfWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Side;

/** Where everything stands on the drawings that papers carry; {@code papers/drawings.html} draws them. */
public final class SvgDrawings {

    private static final int TIRE_W = 34;
    private static final int TIRE_H = 62;
    private static final int AXLE_STEP = 108;
    private static final int WIDTH = 430;
    private static final double BASELINE = 3.6;

    private SvgDrawings() {}

    /** The axles from above, front up. */
    public record AxlesDrawing(int width, int height, List<AxleBar> axles, List<TireMark> tires) {

        /** The drawing for whoever has it read aloud: every position with what stands under it. */
        public String words() {
            return tires.stream()
                    .map(tire -> Stream.concat(
                                    Stream.of(tire.code()),
                                    tire.lines().stream().map(TextLine::text))
                            .filter(text -> !text.isBlank())
                            .collect(Collectors.joining(" ")))
                    .collect(Collectors.joining(", ", WORDS.say("axlesFromAboveFrontUp"), ""));
        }
    }

    /** One axle and what it is called. */
    public record AxleBar(int y, int labelY, String label) {}

    /** One tire with its position and what stands under it. */
    public record TireMark(int x, int y, int width, int height, String code, List<TextLine> lines) {

        public int middle() {
            return x + width / 2;
        }

        public int codeY() {
            return y + height / 2 + 4;
        }
    }

    /** A line under a tire, the first one larger. */
    public record TextLine(int y, String size, String weight, String text) {}

    /** A small circle with a text in it. */
    public record Dot(String x, String y, String textY, String text) {}

    /** The axles with up to two lines under each tire. */
    public static AxlesDrawing axles(AxleLayout axleLayout, Map<Position, List<String>> under) {
        List<AxleBar> axles = new ArrayList<>();
        List<TireMark> tires = new ArrayList<>();
        for (int axle = 1; axle <= axleLayout.axles().size(); axle++) {
            int y = 26 + (axle - 1) * AXLE_STEP;
            axles.add(new AxleBar(
                    y + TIRE_H / 2 - 2,
                    y + TIRE_H / 2 - 8,
                    axleLayout.axles().get(axle - 1).role().label()));
            end(tires, axleLayout.wheelEnd(axle, Side.LEFT), y, true, under);
            end(tires, axleLayout.wheelEnd(axle, Side.RIGHT), y, false, under);
        }
        return new AxlesDrawing(WIDTH, 30 + axleLayout.axles().size() * AXLE_STEP, axles, tires);
    }

    private static void end(
            List<TireMark> tires, List<Position> places, int y, boolean left, Map<Position, List<String>> under) {
        for (int i = 0; i < places.size(); i++) {
            int step = i * (TIRE_W + 36);
            int x = left ? 18 + step : WIDTH - 18 - TIRE_W - step;
            List<String> texts = under.getOrDefault(places.get(i), List.of());
            List<TextLine> lines = new ArrayList<>();
            for (int line = 0; line < texts.size(); line++) {
                lines.add(new TextLine(
                        y + TIRE_H + 13 + line * 12,
                        line == 0 ? "12" : "9",
                        line == 0 ? "bold" : "normal",
                        texts.get(line)));
            }
            tires.add(new TireMark(x, y, TIRE_W, TIRE_H, places.get(i).code(), lines));
        }
    }

    /** The stud circle, each nut with its turn in the order of tightening, and the same in words. */
    public record StarDrawing(List<Dot> nuts, String words) {}

    /** The stud circle for an order of tightening. */
    public static StarDrawing star(List<Integer> order) {
        List<Dot> nuts = new ArrayList<>();
        for (int nut = 0; nut < order.size(); nut++) {
            double turn = 2 * Math.PI * nut / order.size() - Math.PI / 2;
            nuts.add(dot(
                    65 + 44 * Math.cos(turn), 65 + 44 * Math.sin(turn), String.valueOf(order.indexOf(nut + 1) + 1)));
        }
        return new StarDrawing(
                nuts,
                nuts.stream()
                        .map(Dot::text)
                        .collect(Collectors.joining(", ", WORDS.say("turnOfEachNutClockwise"), "")));
    }

    /** The valve's places on a wheel face with the tool at 3 o'clock, the preferred one first. */
    public static List<Dot> clock(List<Integer> angles) {
        return angles.stream()
                .map(angle ->
                        dot(58 + 34 * Math.cos(Math.toRadians(angle)), 60 + 34 * Math.sin(Math.toRadians(angle)), "V"))
                .toList();
    }

    private static Dot dot(double x, double y, String text) {
        return new Dot(figure(x), figure(y), figure(y + BASELINE), text);
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
