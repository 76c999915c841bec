package rotagens.server.pdf;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Side;

/** The drawings that papers carry, in black on white. */
public final class SvgDrawings {

    private static final int TIRE_W = 34;
    private static final int TIRE_H = 62;
    private static final int AXLE_STEP = 108;
    private static final int WIDTH = 430;

    private SvgDrawings() {}

    /** The axles from above, front up, with up to two lines under each tire. */
    public static String axles(AxleLayout axleLayout, Map<Position, List<String>> under) {
        int height = 30 + axleLayout.axles().size() * AXLE_STEP;
        StringBuilder svg = new StringBuilder(svg(WIDTH, height));
        svg.append("<path d=\"M215 4 l9 14 h-18 z\"/>");
        for (int axle = 1; axle <= axleLayout.axles().size(); axle++) {
            int y = 26 + (axle - 1) * AXLE_STEP;
            svg.append(String.format(
                    Locale.ROOT,
                    "<rect x=\"36\" y=\"%d\" width=\"358\" height=\"5\" fill=\"#999\"/>",
                    y + TIRE_H / 2 - 2));
            svg.append(String.format(
                    Locale.ROOT,
                    "<text x=\"215\" y=\"%d\" text-anchor=\"middle\" font-size=\"10\">%s</text>",
                    y + TIRE_H / 2 - 8,
                    PdfRenderer.text(axleLayout.axles().get(axle - 1).role().label())));
            end(svg, axleLayout.wheelEnd(axle, Side.LEFT), y, true, under);
            end(svg, axleLayout.wheelEnd(axle, Side.RIGHT), y, false, under);
        }
        return svg.append("</svg>").toString();
    }

    private static void end(
            StringBuilder svg, List<Position> places, int y, boolean left, Map<Position, List<String>> under) {
        for (int i = 0; i < places.size(); i++) {
            int step = i * (TIRE_W + 36);
            int x = left ? 18 + step : WIDTH - 18 - TIRE_W - step;
            svg.append(String.format(
                    Locale.ROOT,
                    "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" rx=\"6\" fill=\"#fff\" stroke=\"#000\" stroke-width=\"2\"/>",
                    x,
                    y,
                    TIRE_W,
                    TIRE_H));
            svg.append(String.format(
                    Locale.ROOT,
                    "<text x=\"%d\" y=\"%d\" text-anchor=\"middle\" font-size=\"12\" font-weight=\"bold\">%s</text>",
                    x + TIRE_W / 2,
                    y + TIRE_H / 2 + 4,
                    PdfRenderer.text(places.get(i).code())));
            List<String> lines = under.getOrDefault(places.get(i), List.of());
            for (int line = 0; line < lines.size(); line++) {
                svg.append(String.format(
                        Locale.ROOT,
                        "<text x=\"%d\" y=\"%d\" text-anchor=\"middle\" font-size=\"%s\" %s>%s</text>",
                        x + TIRE_W / 2,
                        y + TIRE_H + 13 + line * 12,
                        line == 0 ? "12" : "9",
                        line == 0 ? "font-weight=\"bold\"" : "",
                        PdfRenderer.text(lines.get(line))));
            }
        }
    }

    /** The stud circle, each nut with its turn in the order of tightening. */
    public static String star(List<Integer> order) {
        StringBuilder svg = new StringBuilder(svg(130, 130));
        svg.append("<circle cx=\"65\" cy=\"65\" r=\"44\" fill=\"none\" stroke=\"#999\" stroke-width=\"6\"/>");
        for (int nut = 0; nut < order.size(); nut++) {
            double turn = 2 * Math.PI * nut / order.size() - Math.PI / 2;
            double x = 65 + 44 * Math.cos(turn);
            double y = 65 + 44 * Math.sin(turn);
            svg.append(String.format(
                    Locale.ROOT,
                    "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"10\" fill=\"#fff\" stroke=\"#000\" stroke-width=\"1.4\"/>"
                            + "<text x=\"%.1f\" y=\"%.1f\" text-anchor=\"middle\" font-size=\"10\" font-weight=\"bold\">%d</text>",
                    x,
                    y,
                    x,
                    y + 3.6,
                    order.indexOf(nut + 1) + 1));
        }
        return svg.append("</svg>").toString();
    }

    /** A wheel face with the tool at 3 o'clock and the valve's places. */
    public static String clock(List<Integer> angles) {
        StringBuilder svg = new StringBuilder(svg(140, 120));
        svg.append("<circle cx=\"58\" cy=\"60\" r=\"50\" fill=\"none\" stroke=\"#000\" stroke-width=\"9\"/>");
        svg.append("<rect x=\"104\" y=\"48\" width=\"30\" height=\"24\" fill=\"#fff\" stroke=\"#000\"/>");
        svg.append("<text x=\"119\" y=\"64\" text-anchor=\"middle\" font-size=\"9\">tool</text>");
        for (int i = 0; i < angles.size(); i++) {
            double turn = Math.toRadians(angles.get(i));
            double x = 58 + 34 * Math.cos(turn);
            double y = 60 + 34 * Math.sin(turn);
            svg.append(String.format(
                    Locale.ROOT,
                    "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"8\" fill=\"%s\" stroke=\"#000\"/><text x=\"%.1f\" y=\"%.1f\" text-anchor=\"middle\" font-size=\"9\" font-weight=\"bold\" fill=\"%s\">V</text>",
                    x,
                    y,
                    i == 0 ? "#000" : "#fff",
                    x,
                    y + 3.3,
                    i == 0 ? "#fff" : "#000"));
        }
        return svg.append("</svg>").toString();
    }

    private static String svg(int width, int height) {
        return String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" viewBox=\"0 0 %d %d\" font-family=\"Paper\">",
                width,
                height,
                width,
                height);
    }
}
