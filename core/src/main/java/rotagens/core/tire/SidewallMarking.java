package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;

/**
 * The line of size, service description and load range as people copy it from a sidewall: {@code LT245/75R17 121/118S E}.
 * Lower case, missing spaces and × for x are read alike.
 *
 * @param size as molded
 * @param service empty where it isn’t on the line
 * @param range empty where it isn’t on the line
 * @param mudAndSnow whether M+S is on it
 * @param severeSnow whether 3PMSF is on it
 * @param leftOver what stood on the line and wasn't understood
 * @param inFront a maker's or a model's name before the size
 */
public record SidewallMarking(
        TireSize size,
        Optional<ServiceDescription> service,
        Optional<LoadRange> range,
        boolean mudAndSnow,
        boolean severeSnow,
        String leftOver,
        String inFront) {

    /**
     * Nothing before the size.
     *
     * @param size as molded
     * @param service empty where it isn’t on the line
     * @param range empty where it isn’t on the line
     * @param mudAndSnow whether M+S is on it
     * @param severeSnow whether 3PMSF is on it
     * @param leftOver what wasn’t understood
     */
    public SidewallMarking(
            TireSize size,
            Optional<ServiceDescription> service,
            Optional<LoadRange> range,
            boolean mudAndSnow,
            boolean severeSnow,
            String leftOver) {
        this(size, service, range, mudAndSnow, severeSnow, leftOver, "");
    }

    /** The parts of the line, by the field each fills. */
    public enum Field {
        /** The size. */
        SIZE,
        /** Load index and speed symbol. */
        SERVICE,
        /** The load range. */
        RANGE
    }

    /**
     * One part: what was read and what it means.
     *
     * @param field which field it fills
     * @param read as molded
     * @param meaning in words
     */
    public record Part(Field field, String read, Message meaning) {}

    private static final Pattern MUD_SNOW = Pattern.compile("M\\s*[+&/.]\\s*S\\b");
    private static final Pattern SEVERE = Pattern.compile("\\b3PMSF\\b");
    private static final Pattern TUBELESS = Pattern.compile("\\b(TUBELESS|TL)\\b");
    private static final Pattern DECIMAL_COMMA = Pattern.compile("(?<=[0-9]),(?=[0-9])");
    private static final String RANGE = "SL|XL|[A-HJ-N]";
    /** {@code LOAD RANGE E}, {@code LOAD E}, {@code LR E}, {@code LRG}. */
    private static final Pattern RANGE_WORDS =
            Pattern.compile("\\b(?:LOAD\\s*RANGE|LOAD|LR)\\s*[:-]?\\s*(" + RANGE + ")\\b");
    /** {@code 16PR}, {@code 10 ply}, {@code 10-ply rating}. */
    private static final Pattern PLIES = Pattern.compile("\\b([0-9]{1,2})\\s*-?\\s*(?:PLY(?:\\s*RATING)?|PR)\\b");
    /** A letter behind a slash that stands alone: {@code LT245/75R17/E}. */
    private static final Pattern SLASH_RANGE = Pattern.compile("\\s*/\\s*([A-HJ-N])(?=\\s|$)");
    /** A letter standing alone behind a figure is the load range: as speed symbols, A to F are slower than any road tire. */
    private static final Pattern LONE_RANGE = Pattern.compile("(?<=[0-9])\\s+([A-F])(?=\\s|$)");

    private static final String RIM = "[0-9]{2}(?:\\.5)?";
    private static final String INCHES = "[0-9]{1,2}(?:\\.[0-9]{1,2})?";
    /** Spaces or hyphens where slashes belong: {@code LT 265 70 R17}, {@code 225-70-19.5}. */
    private static final Pattern LOOSE = Pattern.compile("(?<![A-Z0-9./])(P|LT|ST|T)?\\s*([0-9]{3})(?:\\s+|\\s*-\\s*)"
            + "([0-9]{2})(?:\\s*-\\s*|\\s*(Z?[RDB])\\s*|\\s+)(" + RIM + ")(?![0-9])");
    /** Any size, with spaces inside, wherever it stands on the line; what stands in front is a name. */
    private static final Pattern SIZE =
            Pattern.compile("(?<![A-Z0-9./])((?:P|LT|ST|T)?\\s*[0-9]{2,3}\\s*/\\s*[0-9]{2,3}"
                    + "\\s*Z?\\s*[RDB-]?\\s*" + RIM
                    + "|(?:LT)?\\s*[0-9]{2}(?:\\.[0-9]{1,2})?\\s*X\\s*" + INCHES + "\\s*[RDB-]\\s*" + RIM
                    + "|[1-3][0-9]{2}[RDB]" + RIM
                    + "|" + INCHES + "\\s*[RDB-]\\s*" + RIM + ")\\s*(LT|C(?![0-9]))?");

    /** Parts may stand apart (~) or run together; a bare number is no load index without its speed letter or its dual. */
    private static final Pattern RATINGS = Pattern.compile("~*(?:#?(" + RANGE + "|[0-9]{1,2}PR)(?=~|$|[0-9(]))?"
            + "~*(?:\\(?(?:([0-9]{2,3})/([0-9]{2,3})~?(A8|[B-HJ-NP-WY])?|([0-9]{2,3})~?(A8|[B-HJ-NP-WY]))\\)?)?"
            + "~*(?:#?(" + RANGE + "|[0-9]{1,2}PR))?(?=~|$)(.*)");

    /**
     * Takes the line apart. Refuses a line whose size can't be read; everything else may be missing.
     *
     * @param text the line as people copy it
     * @return its parts
     * @throws InvalidInputException where no size can be read
     */
    public static SidewallMarking parse(String text) {
        String upper = (text == null ? "" : text).toUpperCase(Locale.ROOT).replace('×', 'X');
        if (upper.isBlank()) {
            throw new InvalidInputException(WORDS.say("copyTheLineFrom"));
        }
        if (upper.length() > 80) {
            throw new InvalidInputException(WORDS.say("thatIsMoreThan"));
        }
        boolean mudSnow = MUD_SNOW.matcher(upper).find();
        boolean severe = SEVERE.matcher(upper).find();
        Matcher line = SIZE.matcher(written(upper));
        if (!line.find()) {
            return new SidewallMarking(
                    TireSize.parse(text), Optional.empty(), Optional.empty(), mudSnow, severe, "", "");
        }
        String molded = line.group(1).replaceAll("\\s+", "");
        String suffix = line.group(2) == null ? "" : line.group(2);
        boolean rangeC = suffix.equals("C") && molded.matches("(LT|ST).*|[0-9.]{1,5}[RDBX-].*") && !isVan(molded);
        TireSize size = TireSize.parse(molded + (rangeC ? "" : suffix));
        String behind = written(upper).substring(line.end());
        Matcher ratings = RATINGS.matcher((rangeC ? "#C~" : "") + behind.strip().replaceAll("\\s+", "~"));
        String front = inFront(text, written(upper).substring(0, line.start()));
        if (!ratings.matches()) {
            return new SidewallMarking(
                    size,
                    Optional.empty(),
                    rangeC ? Optional.of(LoadRange.C) : Optional.empty(),
                    mudSnow,
                    severe,
                    behind.strip().replace("#", ""),
                    front);
        }
        Optional<ServiceDescription> service = Optional.ofNullable(ratings.group(2))
                .map(single -> ServiceDescription.of(single, ratings.group(3), ratings.group(4)))
                .or(() -> Optional.ofNullable(ratings.group(5))
                        .map(single -> ServiceDescription.of(single, null, ratings.group(6))));
        Optional<LoadRange> range = Optional.ofNullable(ratings.group(7))
                .or(() -> Optional.ofNullable(ratings.group(1)))
                .map(LoadRange::parse);
        return new SidewallMarking(
                size,
                service,
                range,
                mudSnow,
                severe,
                ratings.group(8).replace('~', ' ').replace("#", "").strip(),
                front);
    }

    /** 185R14C: the C says van tire, not load range. */
    private static boolean isVan(String molded) {
        return molded.matches("[1-3][0-9]{2}[RDB][0-9]{2}");
    }

    /** One way of writing for what people write in several. */
    private static String written(String upper) {
        String rest = MUD_SNOW.matcher(upper).replaceAll(" ");
        rest = SEVERE.matcher(rest).replaceAll(" ");
        rest = TUBELESS.matcher(rest).replaceAll(" ");
        rest = DECIMAL_COMMA.matcher(rest).replaceAll(".");
        rest = RANGE_WORDS.matcher(rest).replaceAll(" #$1");
        rest = PLIES.matcher(rest).replaceAll(" #$1PR");
        rest = SLASH_RANGE.matcher(rest).replaceAll(" #$1");
        Matcher loose = LOOSE.matcher(rest);
        rest = loose.replaceAll(found -> " " + (found.group(1) == null ? "" : found.group(1)) + found.group(2) + "/"
                + found.group(3) + (found.group(4) == null ? "R" : found.group(4)) + found.group(5));
        return LONE_RANGE.matcher(rest).replaceAll(" #$1");
    }

    /** The name in front, as it was typed. */
    private static String inFront(String text, String upper) {
        String name = upper.strip();
        if (name.isEmpty()) {
            return "";
        }
        int at = text.toUpperCase(Locale.ROOT).indexOf(name);
        return at < 0 ? name : text.substring(at, at + name.length());
    }

    /**
     * The line in one fixed form; reading it gives the same parts again.
     *
     * @return size, service description, load range, snow marks
     */
    public String molded() {
        return size.molded()
                + service.map(read -> " " + read.molded()).orElse("")
                + range.map(read -> " " + read.name()).orElse("")
                + (mudAndSnow ? " M+S" : "")
                + (severeSnow ? " 3PMSF" : "");
    }

    /**
     * What each part means, for the person who typed it.
     *
     * @return those that were read
     */
    public List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(Field.SIZE, size.molded(), Message.of("{}", size.inWords())));
        service.ifPresent(read -> {
            Message single = WORDS.message(
                    "loadIndexIsSingle",
                    "single",
                    read.single().number(),
                    "load",
                    read.single().load());
            Message dual = read.dual()
                    .map(index -> WORDS.message("isAsOne", "index", index.number(), "load", index.load()))
                    .orElse(Message.of(""));
            Message speed = read.speed()
                    .map(symbol -> WORDS.message("upToAnHour", "symbol", symbol.name(), "anHour", symbol.anHour()))
                    .orElse(Message.of(""));
            parts.add(new Part(Field.SERVICE, read.molded(), Message.of("{}{}{}", single, dual, speed)));
        });
        range.ifPresent(read -> parts.add(new Part(
                Field.RANGE,
                read.name(),
                read.usualOnLtMetric()
                        .filter(usual -> LoadRatingsCheck.isLtMetric(size))
                        .map(usual -> WORDS.message("ltMetricTires", "meaning", read.meaning(), "usual", usual))
                        .orElse(Message.of("{}", read.meaning())))));
        return parts;
    }

    /**
     * What a full record still needs from the sidewall, in the order it is looked for.
     *
     * @return in words; empty where nothing is missing
     */
    public List<String> missing() {
        List<String> missing = new ArrayList<>();
        if (service.isEmpty()) {
            missing.add(WORDS.say("loadIndexAndSpeedLetter"));
        } else if (service.get().speed().isEmpty()) {
            missing.add(WORDS.say("speedLetterBehindTheLoad"));
        }
        if (range.isEmpty()) {
            missing.add(
                    LoadRatingsCheck.isPassengerSize(size)
                            ? WORDS.say("slOrXlLoadRange")
                            : WORDS.say("loadRangeLetter"));
        }
        return missing;
    }
}
