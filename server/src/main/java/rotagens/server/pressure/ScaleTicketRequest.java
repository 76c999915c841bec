package rotagens.server.pressure;

import static rotagens.server.pressure.PressureWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;
import rotagens.server.web.InputValidator;

/**
 * A slip as it is typed, pasted or taken from a scale: figures are text, a bare one in the person's own units.
 *
 * @param sure the person was asked and says that the figures are right however light they seem
 */
public record ScaleTicketRequest(
        @Nullable LocalDate day,
        @Nullable LoadState state,
        @Nullable String scale,
        @Nullable String gross,
        @Nullable String note,
        @Nullable Boolean sure,
        List<AxleEntry> axles) {

    /** One axle: both ends, the whole, or all three. */
    public record AxleEntry(
            int axle,
            @Nullable String left,
            @Nullable String right,
            @Nullable String total) {}

    /** Reads every field, gathering all that is wrong by field; an axle left blank is left out. */
    ScaleTicket read(LocalDate today, Map<Integer, String> tires, InputValidator typed, Units units) {
        LocalDate on = day == null ? today : day;
        typed.unless(!on.isAfter(today), "day", WORDS.say("thisDayLiesAheadCheck"));
        typed.unless(on.isAfter(today.minusYears(10)), "day", WORDS.say("overTenYearsAgoCheck"));
        typed.unless(state != null && state != LoadState.UNKNOWN, "state", WORDS.say("chooseHowItWasLoaded"));
        String where = typed.text("scale", scale, 80);
        typed.unless(!where.isEmpty(), "scale", WORDS.say("nameTheScaleSo"));
        Optional<Load> whole = typed.optional("gross", gross, text -> Load.parse(text, units));
        List<AxleWeight> weights = new ArrayList<>();
        for (AxleEntry entry : axles == null ? List.<AxleEntry>of() : axles) {
            String at = "axles." + entry.axle();
            Optional<Load> left = typed.optional(at + ".left", entry.left(), text -> Load.parse(text, units));
            Optional<Load> right = typed.optional(at + ".right", entry.right(), text -> Load.parse(text, units));
            Optional<Load> axle = typed.optional(at + ".total", entry.total(), text -> Load.parse(text, units));
            boolean blank = blank(entry.left()) && blank(entry.right()) && blank(entry.total());
            boolean misread = blank(entry.left()) == left.isPresent()
                    || blank(entry.right()) == right.isPresent()
                    || blank(entry.total()) == axle.isPresent();
            if (!blank && !misread) {
                typed.attempt(at, () -> new AxleWeight(entry.axle(), left, right, axle))
                        .ifPresent(weights::add);
            }
        }
        return new ScaleTicket(on, state == null ? LoadState.UNKNOWN : state, where, weights, whole, tires);
    }

    private static boolean blank(String text) {
        return text == null || text.isBlank();
    }

    /** Reads a printed slip: a line an axle with its figures, gross, date, state and scale where they stand. */
    static ScaleTicketRequest parse(String text) {
        LocalDate day = null;
        LoadState state = null;
        String scale = null;
        String gross = null;
        List<AxleEntry> axles = new ArrayList<>();
        for (String line : (text == null ? "" : text).lines().map(String::strip).toList()) {
            String low = line.toLowerCase(java.util.Locale.ROOT);
            java.util.regex.Matcher axle = AXLE.matcher(low);
            if (axle.find()) {
                axles.add(new AxleEntry(
                        Integer.parseInt(axle.group(1)),
                        figure(low, "left"),
                        figure(low, "right"),
                        Optional.ofNullable(figure(low, "(?:whole|total|axle)\\b(?! *\\d\\b)"))
                                .orElse(low.contains("left") ? null : figure(low, "^axle *\\d+ *:?"))));
            } else if (low.startsWith("gross")) {
                gross = figure(low, "gross *:?");
            } else if (low.startsWith("scale")) {
                scale = line.replaceFirst("(?i)scale *:? *", "");
            } else if (low.startsWith("date")) {
                java.util.regex.Matcher iso = ISO.matcher(low);
                day = iso.find() ? LocalDate.parse(iso.group()) : null;
            } else if (low.startsWith("state") || low.startsWith("load")) {
                state = java.util.Arrays.stream(LoadState.values())
                        // Tickets printed before said “usual”.
                        .filter(one -> low.contains(one.label()) || one == LoadState.NORMAL && low.contains("usual"))
                        .findFirst()
                        .orElse(null);
            }
        }
        if (axles.isEmpty()) {
            throw new InvalidInputException(WORDS.say("noAxleFoundAScale"));
        }
        return new ScaleTicketRequest(day, state, scale, gross, null, null, axles);
    }

    private static final java.util.regex.Pattern AXLE = java.util.regex.Pattern.compile("^axle *(\\d)");
    private static final java.util.regex.Pattern ISO = java.util.regex.Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

    private static String figure(String line, String after) {
        java.util.regex.Matcher found = java.util.regex.Pattern.compile(after + " *:? *([\\d,.]+ *(?:lbs?|kg)?)")
                .matcher(line);
        return found.find() ? found.group(1).strip() : null;
    }
}
