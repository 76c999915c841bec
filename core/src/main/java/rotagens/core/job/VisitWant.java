package rotagens.core.job;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Length;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Units;

/** The figures a shop visit keeps beside the work, so that before and after stand next to each other. */
final class VisitWant {

    private VisitWant() {}

    /**
     * A figure for each place; what wasn't measured stays blank, but one figure at least is typed.
     *
     * @param places name and label of each entry, in order
     */
    private record Places(List<Place> places, Want.Field.Kind kind, String missing) {

        record Place(String name, String label) {}

        List<Want.Field> fields() {
            return places.stream()
                    .map(place -> new Want.Field(place.name(), place.label(), kind))
                    .toList();
        }

        /** The places that have a figure, with the figure as entered. */
        Map<Place, String> read(Want.Reader reader, Map<String, String> typed, Want.Figure figure) {
            Map<Place, String> read = new java.util.LinkedHashMap<>();
            for (Place place : places) {
                if (!typed.getOrDefault(place.name(), "").isBlank()) {
                    reader.read(place.name(), figure::asEntered).ifPresent(text -> {
                        read.put(place, text);
                        reader.keep(place.name(), text);
                    });
                }
            }
            if (places.stream()
                    .allMatch(place -> typed.getOrDefault(place.name(), "").isBlank())) {
                reader.fault(places.get(0).name(), missing);
            }
            return read;
        }

        static Phrase says(Map<Place, String> read) {
            return Phrase.of(
                    "{}",
                    read.entrySet().stream()
                            .map(one -> one.getKey().label().toLowerCase(Locale.ROOT) + " " + one.getValue())
                            .collect(Collectors.joining(", ")));
        }

        static List<Place> corners() {
            return List.of(
                    new Place("frontLeft", "Front left"),
                    new Place("frontRight", "Front right"),
                    new Place("rearLeft", "Rear left"),
                    new Place("rearRight", "Rear right"));
        }
    }

    /** Ride height at the places the vehicle's maker names, measured the same way before and after. */
    record RideHeight() implements Want.OfVisit {

        private static final Places WHERE =
                new Places(Places.corners(), Want.Field.Kind.LENGTH, "Enter the height at one corner at least.");

        @Override
        public List<Want.Field> fields() {
            return WHERE.fields();
        }

        @Override
        public Want.Outcome read(Map<String, String> typed, Units units) {
            Want.Reader reader = new Want.Reader(typed);
            Phrase says = Places.says(WHERE.read(reader, typed, text -> length(text, units)));
            return reader.outcome(says, Optional.empty());
        }
    }

    /** Wheel alignment in degrees; what is right stands in the vehicle maker's data. */
    record Alignment() implements Want.OfVisit {

        private static final Places WHERE = new Places(
                List.of(
                        new Places.Place("toe", "Total toe"),
                        new Places.Place("camberLeft", "Camber left"),
                        new Places.Place("camberRight", "Camber right"),
                        new Places.Place("casterLeft", "Caster left"),
                        new Places.Place("casterRight", "Caster right"),
                        new Places.Place("thrust", "Thrust angle")),
                Want.Field.Kind.ANGLE,
                "Enter the total toe at least.");

        @Override
        public List<Want.Field> fields() {
            return WHERE.fields();
        }

        @Override
        public Want.Outcome read(Map<String, String> typed, Units units) {
            Want.Reader reader = new Want.Reader(typed);
            Phrase says = Places.says(WHERE.read(reader, typed, VisitWant::degrees));
            return reader.outcome(says, Optional.empty());
        }
    }

    /** Play found at one joint against the vehicle maker's limit. */
    record JointPlay() implements Want.OfVisit {
        @Override
        public List<Want.Field> fields() {
            return List.of(
                    new Want.Field("joint", "Which joint", Want.Field.Kind.TEXT),
                    new Want.Field("play", "Play found", Want.Field.Kind.LENGTH),
                    new Want.Field("limit", "Maker’s limit", Want.Field.Kind.LENGTH));
        }

        @Override
        public Want.Outcome read(Map<String, String> typed, Units units) {
            Want.Reader reader = new Want.Reader(typed);
            String joint = reader.text("joint", "Say which joint and side.");
            Optional<String> play = reader.read("play", text -> length(text, units));
            Optional<String> limit = reader.read("limit", text -> length(text, units));
            play.ifPresent(text -> reader.keep("play", text));
            limit.ifPresent(text -> reader.keep("limit", text));
            if (play.isEmpty() || limit.isEmpty()) {
                return reader.outcome(Phrase.of(""), Optional.empty());
            }
            boolean over = Length.parse(play.get(), units).mm()
                    > Length.parse(limit.get(), units).mm() + 1e-9;
            return reader.outcome(
                    Phrase.of("{}: play {}, limit {}", joint, play.get(), limit.get()),
                    over
                            ? Optional.of(
                                    Phrase.of(
                                            "Over the maker’s limit. A steering or suspension joint that is worn out doesn’t go back on the road."))
                            : Optional.empty());
        }
    }

    /**
     * How often each corner swings on after it is pushed down and let go. More than two swings speaks for a worn shock, which is a
     * safety part. Source: workshop practice for light vehicles; on heavy ones a look for oil and a hand for warmth after a drive
     * say more, and the maker's test decides.
     */
    record ShockTest() implements Want.OfVisit {

        private static final int MOST_SWINGS = 2;

        private static final Places WHERE =
                new Places(Places.corners(), Want.Field.Kind.COUNT, "Count the swings at one corner at least.");

        @Override
        public List<Want.Field> fields() {
            return WHERE.fields();
        }

        @Override
        public Want.Outcome read(Map<String, String> typed, Units units) {
            Want.Reader reader = new Want.Reader(typed);
            Map<Places.Place, String> read = WHERE.read(reader, typed, text -> {
                if (!text.strip().matches("[0-9]")) {
                    throw new InvalidEntry("Count the swings until it stands still, 0 to 9.");
                }
                return text.strip();
            });
            List<String> worn = read.entrySet().stream()
                    .filter(one -> Integer.parseInt(one.getValue()) > MOST_SWINGS)
                    .map(one -> one.getKey().label().toLowerCase(Locale.ROOT))
                    .toList();
            return reader.outcome(
                    Phrase.of("swings: {}", Places.says(read)),
                    worn.isEmpty()
                            ? Optional.empty()
                            : Optional.of(Phrase.of(
                                    "Swings on {}: the shock there is worn. It is a safety part; replace it at once.",
                                    String.join(", ", worn))));
        }
    }

    /** What another shop was asked for and what came of it. */
    record OutsideShop() implements Want.OfVisit {
        @Override
        public List<Want.Field> fields() {
            return List.of(
                    new Want.Field("vendor", "Shop", Want.Field.Kind.TEXT),
                    new Want.Field("invoice", "Invoice number", Want.Field.Kind.TEXT),
                    new Want.Field("promised", "What was promised", Want.Field.Kind.TEXT),
                    new Want.Field("got", "What came", Want.Field.Kind.TEXT));
        }

        @Override
        public Want.Outcome read(Map<String, String> typed, Units units) {
            Want.Reader reader = new Want.Reader(typed);
            String vendor = reader.text("vendor", "Say which shop did it.");
            String invoice = reader.text("invoice", null);
            String promised = reader.text("promised", "Say what was promised.");
            String got = reader.text("got", "Say what came.");
            return reader.outcome(
                    Phrase.of(
                            "{}, {}; promised: {}; got: {}",
                            vendor,
                            invoice.isEmpty() ? "no invoice yet" : "invoice " + invoice,
                            promised,
                            got),
                    Optional.empty());
        }
    }

    /** Figures measured twice, side by side; a place measured only once is left out. */
    static List<VisitEntry.Change> changes(Want want, Map<String, String> before, Map<String, String> after) {
        List<VisitEntry.Change> changes = new ArrayList<>();
        for (Want.Field field : want.fields()) {
            String first = before.getOrDefault(field.name(), "");
            String last = after.getOrDefault(field.name(), "");
            if (!first.isEmpty() && !last.isEmpty()) {
                changes.add(new VisitEntry.Change(field.label(), first, last, difference(field.kind(), first, last)));
            }
        }
        return changes;
    }

    private static String difference(Want.Field.Kind kind, String before, String after) {
        if (kind == Want.Field.Kind.ANGLE) {
            return signed(angle(after).subtract(angle(before))) + "°";
        }
        boolean metric = after.endsWith("mm");
        double mm = Length.parse(after, Units.US).mm()
                - Length.parse(before, Units.US).mm();
        BigDecimal shown = BigDecimal.valueOf(metric ? mm : mm / 25.4)
                .setScale(metric ? 0 : 2, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return signed(shown) + (metric ? " mm" : " in");
    }

    private static String signed(BigDecimal figure) {
        return switch (figure.signum()) {
            case 1 -> "+" + figure.stripTrailingZeros().toPlainString();
            case -1 -> "−" + figure.negate().stripTrailingZeros().toPlainString();
            default -> "0";
        };
    }

    private static String length(String text, Units units) {
        Length.parse(text, units);
        String typed = text.strip();
        return typed.matches("[0-9.,]+") ? typed + (units == Units.US ? " in" : " mm") : typed;
    }

    private static final BigDecimal MOST_DEGREES = BigDecimal.valueOf(20);

    private static String degrees(String text) {
        if (angle(text).abs().compareTo(MOST_DEGREES) > 0) {
            throw new InvalidEntry("Wheels aren’t set at more than 20°. Enter degrees, such as 0.15 or −0.5.");
        }
        return angle(text).toPlainString() + "°";
    }

    private static BigDecimal angle(String text) {
        String figure =
                text.strip().replace("°", "").replace('−', '-').replace("+", "").strip();
        if (!figure.matches("-?[0-9]{1,3}([.][0-9]{1,3})?")) {
            throw new InvalidEntry("Enter degrees, such as 0.15 or −0.5.");
        }
        return new BigDecimal(figure);
    }
}
