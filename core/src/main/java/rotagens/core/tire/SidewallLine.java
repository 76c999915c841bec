package rotagens.core.tire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Phrase;

/**
 * The line of size, service description and load range as people copy it from a sidewall: {@code LT245/75R17 121/118S E}.
 * Lower case, missing spaces and × for x are read alike.
 *
 * @param leftOver what stood on the line and wasn't understood
 */
public record SidewallLine(
        TireSize size,
        Optional<ServiceDescription> service,
        Optional<LoadRange> range,
        boolean mudAndSnow,
        boolean severeSnow,
        String leftOver) {

    /** The parts of the line, by the field each fills. */
    public enum Field {
        SIZE,
        SERVICE,
        RANGE
    }

    /** One part: what was read and what it means. */
    public record Part(Field field, String read, Phrase meaning) {}

    private static final Pattern MUD_SNOW = Pattern.compile("M\\s*[+&/.]\\s*S\\b");
    private static final Pattern SEVERE = Pattern.compile("\\b3PMSF\\b");
    private static final Pattern TUBELESS = Pattern.compile("\\b(TUBELESS|TL)\\b");
    private static final Pattern RANGE_WORDS = Pattern.compile("\\b(LOAD\\s*RANGE|LR)\\s*");
    /** A letter right behind an LT or ST size is its load range: LT225/75R16E. */
    private static final Pattern LINE = Pattern.compile("((?:P|LT|ST|T)?[0-9]{2,3}/[0-9]{2,3}Z?[RDB-]?[0-9]{2}(?:\\.5)?"
            + "|[0-9]{2}(?:\\.[0-9]{1,2})?X[0-9]{1,2}(?:\\.[0-9]{1,2})?[RDB-][0-9]{2}(?:\\.5)?"
            + "|[0-9]{1,2}(?:\\.[0-9]{1,2})?[RDB-][0-9]{2}(?:\\.5)?)(LT|C)?(.*)");

    /** A letter standing alone behind a figure is the load range: as speed symbols, A to F are slower than any road tire. */
    private static final Pattern LONE_RANGE = Pattern.compile("(?<=[0-9])\\s+([A-F])(?=\\s|$)");

    private static final Pattern RATINGS = Pattern.compile("(?:#?(" + LoadRange.PATTERN + "))?(?:"
            + ServiceDescription.PATTERN.replace("{1,3}", "{2,3}") + ")?(?:#?(" + LoadRange.PATTERN
            + "|[0-9]{1,2}PR))?(.*)");

    /** Takes the line apart. Refuses a line whose size can't be read; everything else may be missing. */
    public static SidewallLine parse(String text) {
        String upper = (text == null ? "" : text).toUpperCase(Locale.ROOT).replace('×', 'X');
        if (upper.isBlank()) {
            throw new InvalidEntry(
                    "Copy the line from the sidewall: size, load index and speed letter, load range, for example LT245/75R17 121/118S E.");
        }
        if (upper.length() > 80) {
            throw new InvalidEntry(
                    "That is more than a sidewall line. Copy size, service description and load range only.");
        }
        boolean mudSnow = MUD_SNOW.matcher(upper).find();
        boolean severe = SEVERE.matcher(upper).find();
        String rest = MUD_SNOW.matcher(upper).replaceAll(" ");
        rest = SEVERE.matcher(rest).replaceAll(" ");
        rest = TUBELESS.matcher(rest).replaceAll(" ");
        rest = RANGE_WORDS.matcher(rest).replaceAll(" ");
        rest = LONE_RANGE.matcher(rest).replaceAll("#$1");
        Matcher line = LINE.matcher(rest.replaceAll("\\s+", ""));
        if (!line.matches()) {
            return new SidewallLine(TireSize.parse(text), Optional.empty(), Optional.empty(), mudSnow, severe, "");
        }
        String suffix = line.group(2) == null ? "" : line.group(2);
        boolean rangeC = suffix.equals("C") && line.group(1).matches("(LT|ST).*|[^/]*");
        TireSize size = TireSize.parse(line.group(1) + (rangeC ? "" : suffix));
        Matcher ratings = RATINGS.matcher((rangeC ? "C" : "") + line.group(3));
        if (!ratings.matches()) {
            throw new IllegalStateException("the last part takes whatever is left");
        }
        Optional<ServiceDescription> service = Optional.ofNullable(ratings.group(2))
                .map(single -> ServiceDescription.of(single, ratings.group(3), ratings.group(4)));
        Optional<LoadRange> range = Optional.ofNullable(ratings.group(5))
                .or(() -> Optional.ofNullable(ratings.group(1)))
                .map(LoadRange::parse);
        return new SidewallLine(size, service, range, mudSnow, severe, ratings.group(6));
    }

    /** The line in one fixed form; reading it gives the same parts again. */
    public String molded() {
        return size.molded()
                + service.map(read -> " " + read.molded()).orElse("")
                + range.map(read -> " " + read.name()).orElse("")
                + (mudAndSnow ? " M+S" : "")
                + (severeSnow ? " 3PMSF" : "");
    }

    /** What each part means, for the person who typed it. */
    public List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(Field.SIZE, size.molded(), Phrase.of("{}", size.inWords())));
        service.ifPresent(read -> {
            Phrase single = Phrase.of(
                    "load index {} is {} single",
                    read.single().number(),
                    read.single().load());
            Phrase dual = read.dual()
                    .map(index -> Phrase.of(", {} is {} as one of a dual", index.number(), index.load()))
                    .orElse(Phrase.of(""));
            Phrase speed = read.speed()
                    .map(symbol -> Phrase.of("; {} up to {} an hour", symbol.name(), symbol.anHour()))
                    .orElse(Phrase.of(""));
            parts.add(new Part(Field.SERVICE, read.molded(), Phrase.of("{}{}{}", single, dual, speed)));
        });
        range.ifPresent(read -> parts.add(new Part(
                Field.RANGE,
                read.name(),
                read.usualOnLtMetric()
                        .filter(usual -> RatingsCheck.isLtMetric(size))
                        .map(usual -> Phrase.of(
                                "{}; LT-metric tires of this range usually carry their load at {}: a hint, the molded figure decides",
                                read.meaning(),
                                usual))
                        .orElse(Phrase.of("{}", read.meaning())))));
        return parts;
    }

    /** What a full record still needs from the sidewall, in the order it is looked for. */
    public List<String> missing() {
        List<String> missing = new ArrayList<>();
        if (service.isEmpty()) {
            missing.add("load index and speed letter, for example 121/118S");
        } else if (service.get().speed().isEmpty()) {
            missing.add("speed letter behind the load index");
        }
        if (range.isEmpty()) {
            missing.add(RatingsCheck.isPassengerSize(size) ? "SL or XL (load range)" : "load range letter");
        }
        return missing;
    }
}
