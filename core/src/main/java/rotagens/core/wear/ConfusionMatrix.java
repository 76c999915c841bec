package rotagens.core.wear;

import static rotagens.core.wear.WearWords.WORDS;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import rotagens.core.wear.WearPattern.Shape;

/** How often the classifier is right on made-up treads, and what it takes for what. Always the same for one seed. */
public record ConfusionMatrix(int places, double severity32nds, Map<Shape, Map<Shape, Integer>> counts, int each) {

    private static final long SEED = 20_260_101;
    private static final int CASES_EACH = 4_000;
    private static final double DIFFERENCE = 2;

    /**
     * Measures it over the across-tread shapes.
     *
     * @param places how many places round the tire are measured, 1 to 4
     * @param severity32nds how far worn, in 32nds
     * @return the counts for 4,000 cases of each shape
     */
    public static ConfusionMatrix measured(int places, double severity32nds) {
        Random random = new Random(SEED + places);
        Map<Shape, Map<Shape, Integer>> counts = new EnumMap<>(Shape.class);
        for (Shape truth : SampleTread.ACROSS) {
            Map<Shape, Integer> row = new EnumMap<>(Shape.class);
            for (int at = 0; at < CASES_EACH; at++) {
                SampleTread one = SampleTread.of(truth, truth == Shape.EVEN ? 0 : severity32nds, places, random);
                Shape answer = WearPattern.classify(one.read().zones(), DIFFERENCE, Set.of())
                        .orElseThrow()
                        .shape();
                row.merge(answer, 1, Integer::sum);
            }
            counts.put(truth, row);
        }
        return new ConfusionMatrix(places, severity32nds, counts, CASES_EACH);
    }

    /**
     * The share right for one shape; leaning to the right side counts.
     *
     * @param truth how the treads were worn
     * @return from 0 to 1
     */
    public double right(Shape truth) {
        SampleTread sample = new SampleTread(truth, severity32nds, TreadGrid.of32nds(8, 8, 8));
        return counts.get(truth).entrySet().stream()
                        .filter(one -> sample.isRight(one.getKey()))
                        .mapToInt(Map.Entry::getValue)
                        .sum()
                / (double) each;
    }

    /**
     * The share right over all shapes.
     *
     * @return from 0 to 1
     */
    public double right() {
        return SampleTread.ACROSS.stream().mapToDouble(this::right).average().orElseThrow();
    }

    /**
     * As a table for the rules page.
     *
     * @return in Markdown, percent of each shape
     */
    public String table() {
        List<Shape> answers = List.of(
                Shape.EVEN,
                Shape.CENTER,
                Shape.EARLY_CENTER,
                Shape.BOTH_SHOULDERS,
                Shape.EARLY_SHOULDERS,
                Shape.OUTER_SHOULDER,
                Shape.INNER_SHOULDER);
        List<String> lines = new ArrayList<>();
        StringBuilder head = new StringBuilder(WORDS.say("trulyPlace", "places", places));
        answers.forEach(answer -> head.append(' ').append(answer.label()).append(" |"));
        lines.add(head + WORDS.say("right"));
        lines.add("|---|" + "---|".repeat(answers.size() + 1));
        for (Shape truth : SampleTread.ACROSS) {
            StringBuilder row = new StringBuilder("| " + truth.label() + " |");
            answers.forEach(answer -> row.append(String.format(
                    Locale.ROOT, " %.1f |", 100.0 * counts.get(truth).getOrDefault(answer, 0) / each)));
            lines.add(row + String.format(Locale.ROOT, " **%.1f%%** |", 100 * right(truth)));
        }
        return String.join("\n", lines);
    }

    /**
     * Prints both tables, for docs/rules.md.
     *
     * @param arguments none
     */
    public static void main(String[] arguments) {
        for (int places : new int[] {2, 1}) {
            ConfusionMatrix one = measured(places, 3);
            System.out.printf(Locale.ROOT, "%s%n%noverall %.1f%%%n%n", one.table(), 100 * one.right());
        }
    }
}
