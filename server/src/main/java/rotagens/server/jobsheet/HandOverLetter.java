package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rotagens.server.jobsheet.ShopVisitViews.ShopVisitView;
import rotagens.server.jobsheet.ShopVisitViews.VisitEntryView;

/** What the person in charge reads of a visit: what was done with which figures, what is left, when the vehicle is next wanted. */
final class HandOverLetter {

    private HandOverLetter() {}

    static String of(ShopVisitView visit) {
        StringBuilder letter = new StringBuilder();
        part(
                letter,
                WORDS.say("done"),
                visit.work().stream()
                        .map(work -> Stream.of(work.position(), work.label())
                                        .filter(Objects::nonNull)
                                        .collect(Collectors.joining(" "))
                                + (work.done() == null || work.done().isBlank() ? "" : ": " + work.done()))
                        .toList());
        part(
                letter,
                WORDS.say("beforeAndAfter"),
                visit.compared().stream()
                        .map(one -> WORDS.say(
                                "after",
                                "description",
                                one.description(),
                                "before",
                                one.before(),
                                "after",
                                one.after()))
                        .toList());
        part(
                letter,
                WORDS.say("noted"),
                visit.lines().stream()
                        .filter(line ->
                                !line.label().isEmpty() || !line.warning().isEmpty())
                        .filter(line -> line.entry() != rotagens.core.jobsheet.VisitEntryType.HANDED_OVER)
                        .map(HandOverLetter::noted)
                        .toList());
        part(
                letter,
                WORDS.say("onTheVehicle"),
                visit.positions().stream()
                        .filter(row -> row.tire() != null)
                        .map(row -> WORDS.say(
                                "dot",
                                "position",
                                row.position(),
                                "tire",
                                row.tire(),
                                "dot",
                                Objects.requireNonNullElse(row.dot(), WORDS.say("notRead")),
                                "pressure",
                                Objects.requireNonNullElse(row.pressure(), WORDS.say("pressureNotChecked")),
                                "target",
                                row.target() == null ? "" : WORDS.say("target", "target", row.target())))
                        .toList());
        part(
                letter,
                WORDS.say("leftToDo"),
                visit.planned().stream()
                        .map(job ->
                                rotagens.core.measure.HouseStyle.inUse().dates().format(job.day()) + ": "
                                        + job.items().stream()
                                                .map(item -> Stream.of(item.position(), item.label())
                                                        .filter(Objects::nonNull)
                                                        .collect(Collectors.joining(" ")))
                                                .collect(Collectors.joining("; ")))
                        .toList());
        part(
                letter,
                WORDS.say("nextWanted"),
                Stream.of(
                                visit.nextWanted(),
                                visit.nextTires() == null ? WORDS.say("noTireFallsDueWithin") : visit.nextTires())
                        .filter(Objects::nonNull)
                        .toList());
        return letter.toString();
    }

    private static String noted(VisitEntryView line) {
        return line.title()
                + Stream.of(line.label(), line.warning())
                        .filter(words -> !words.isEmpty())
                        .map(words -> ": " + words)
                        .collect(Collectors.joining());
    }

    private static void part(StringBuilder letter, String title, List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        letter.append(title).append('\n');
        lines.forEach(line -> letter.append("- ").append(line).append('\n'));
        letter.append('\n');
    }
}
