package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.time.temporal.TemporalAmount;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.RecurrenceId;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import rotagens.server.shop.VehicleBookings.OfFile;
import rotagens.server.web.ProblemException;

/**
 * Bookings of vehicles read from a calendar: an event belongs to the vehicle whose unit stands in its title or place. Recurring
 * events count for a year ahead; times of other zones are turned into the fleet's own.
 */
@Service
public class BookingImport {

    /** What a file does to a booking. */
    public enum BookingOutcome {
        NEW,
        REMOVED
    }

    /** A booking the file brings, or no longer has. */
    public record ImportedBookingView(BookingOutcome outcome, String unit, String from, String to, String reason) {}

    /**
     * What a calendar file comes to.
     *
     * @param importId by which it can be undone; absent where it was only looked at
     * @param lines what changes, the first of them
     * @param same how many stand as they are
     * @param unread events without a vehicle of ours, or that can't be read, each with why
     */
    public record ImportedBookingsView(
            @Nullable Long importId,
            int vehicles,
            int bookings,
            int same,
            List<ImportedBookingView> lines,
            List<String> unread) {}

    private static final int MOST_BOOKINGS = 2_000;
    private static final int MOST_UNREAD = 20;
    private static final int DAYS_AHEAD = 366;
    private static final int LONGEST = 120;
    private static final int MOST_WORDS = 60;
    private static final int MOST_STEPS_OF_A_RULE = 40;
    private static final int MOST_YEARS_BACK = 15;
    private static final int MOST_LINES = 200;

    private final VehicleBookings vehicleBookings;
    private final Clock clock;

    BookingImport(VehicleBookings vehicleBookings, Clock clock) {
        this.vehicleBookings = vehicleBookings;
        this.clock = clock;
    }

    /**
     * Reads a file; what an earlier file brought is replaced. All of it is read and expanded before anything is stored.
     *
     * @param isLook whether only to say what it comes to
     */
    public ImportedBookingsView read(String text, boolean isLook) {
        Calendar calendar = parse(text);
        refuseOwn(calendar);
        LocalDateTime from =
                LocalDateTime.ofInstant(clock.instant(), clock.getZone()).truncatedTo(ChronoUnit.DAYS);
        List<String> unread = new ArrayList<>();
        List<OfFile> bookings = new ArrayList<>();
        List<VEvent> events = calendar.getComponents(Component.VEVENT).stream()
                .map(VEvent.class::cast)
                .toList();
        Map<String, Set<LocalDateTime>> moved = moved(events);
        for (VEvent event : events) {
            if (isFree(event)) {
                continue;
            }
            String title = words(event, Property.SUMMARY);
            Map<Long, String> vehicles = vehicles(title + " " + words(event, Property.LOCATION));
            if (vehicles.isEmpty()) {
                note(unread, WORDS.say("noUnitOfOurs", "shortened", shortened(title)));
                continue;
            }
            try {
                Optional<String> endless = endless(event, from);
                if (endless.isPresent()) {
                    note(unread, "“" + shortened(title) + "”: " + endless.get());
                    continue;
                }
                boolean isOneTime = event.getProperty(Property.RECURRENCE_ID).isPresent();
                Set<LocalDateTime> elsewhere =
                        isOneTime ? Set.of() : moved.getOrDefault(words(event, Property.UID), Set.of());
                for (Out span : spans(event, from)) {
                    if (!elsewhere.contains(span.from())) {
                        vehicles.forEach((vehicle, unit) ->
                                bookings.add(new OfFile(vehicle, unit, span.from(), span.to(), shortened(title))));
                    }
                }
            } catch (RuntimeException e) {
                note(unread, WORDS.say("itsTimesCantBeRead", "shortened", shortened(title)));
            }
            if (bookings.size() > MOST_BOOKINGS) {
                throw ProblemException.field("file", WORDS.say("moreThanBookings", "mostBookings", MOST_BOOKINGS));
            }
        }
        List<OfFile> before = vehicleBookings.ofFile();
        Long importId = isLook ? null : vehicleBookings.bring(bookings);
        return view(importId, before, bookings, unread);
    }

    private static ImportedBookingsView view(
            Long importId, List<OfFile> before, List<OfFile> bookings, List<String> unread) {
        Set<OfFile> had = new HashSet<>(before);
        Set<OfFile> has = new HashSet<>(bookings);
        List<ImportedBookingView> lines = Stream.concat(
                        bookings.stream().filter(one -> !had.contains(one)).map(one -> line(BookingOutcome.NEW, one)),
                        before.stream().filter(one -> !has.contains(one)).map(one -> line(BookingOutcome.REMOVED, one)))
                .sorted(Comparator.comparing(ImportedBookingView::from))
                .limit(MOST_LINES)
                .toList();
        return new ImportedBookingsView(
                importId,
                (int) bookings.stream().map(OfFile::vehicleId).distinct().count(),
                bookings.size(),
                (int) bookings.stream().filter(had::contains).count(),
                lines,
                unread);
    }

    private static ImportedBookingView line(BookingOutcome outcome, OfFile one) {
        return new ImportedBookingView(
                outcome, one.unit(), one.from().toString(), one.to().toString(), one.reason());
    }

    /** Our own feed read back would book every vehicle for its own work. */
    private static void refuseOwn(Calendar calendar) {
        boolean isOwn = calendar.getProperty(Property.PRODID)
                        .map(product -> ((Property) product).getValue().startsWith("-//Rotagens//"))
                        .orElse(false)
                || calendar.getComponents(Component.VEVENT).stream()
                        .anyMatch(event -> words((VEvent) event, Property.UID).endsWith("@rotagens"));
        if (isOwn) {
            throw ProblemException.field("file", WORDS.say("thisIsAShopCalendar"));
        }
    }

    /** Called off, or said not to take the vehicle away. */
    private static boolean isFree(VEvent event) {
        return words(event, Property.STATUS).equalsIgnoreCase("CANCELLED")
                || words(event, Property.TRANSP).equalsIgnoreCase("TRANSPARENT");
    }

    /** The times of recurring events that an event of its own replaces or calls off, by UID. */
    private Map<String, Set<LocalDateTime>> moved(List<VEvent> events) {
        Map<String, Set<LocalDateTime>> moved = new HashMap<>();
        for (VEvent event : events) {
            try {
                event.<RecurrenceId<?>>getProperty(Property.RECURRENCE_ID)
                        .ifPresent(id -> moved.computeIfAbsent(words(event, Property.UID), none -> new HashSet<>())
                                .add(local(id.getDate(), clock.getZone())));
            } catch (RuntimeException unreadable) {
                // Its own times will be found unreadable, too, and said.
                continue;
            }
        }
        return moved;
    }

    /** Why a recurrence isn't expanded: nobody books a vehicle by the hour for years, and such a rule would never come to an end. */
    private Optional<String> endless(VEvent event, LocalDateTime from) {
        String rule = words(event, Property.RRULE).toUpperCase(Locale.ROOT);
        if (rule.isEmpty()) {
            return Optional.empty();
        }
        if (rule.matches(".*FREQ=(SECONDLY|MINUTELY|HOURLY).*|.*BY(HOUR|MINUTE|SECOND)=.*")) {
            return Optional.of(WORDS.say("itRepeatsByTheHour"));
        }
        if (rule.chars().filter(letter -> letter == ',').count() > MOST_STEPS_OF_A_RULE) {
            return Optional.of(WORDS.say("itsRuleHasTooMany"));
        }
        boolean isOld = event.<DtStart<?>>getProperty(Property.DTSTART)
                .map(start -> local(start.getDate(), clock.getZone()).isBefore(from.minusYears(MOST_YEARS_BACK)))
                .orElse(false);
        return isOld
                ? Optional.of(WORDS.say("itBeganMoreThanYears", "mostYearsBack", MOST_YEARS_BACK))
                : Optional.empty();
    }

    private record Out(LocalDateTime from, LocalDateTime to) {}

    private static void note(List<String> unread, String says) {
        if (unread.size() < MOST_UNREAD) {
            unread.add(says);
        }
    }

    private static String shortened(String text) {
        String line = text.replaceAll("\\s+", " ").strip();
        return line.length() > LONGEST ? line.substring(0, LONGEST) : line;
    }

    private static Calendar parse(String text) {
        try {
            return new CalendarBuilder().build(new StringReader(text));
        } catch (IOException | ParserException | RuntimeException e) {
            throw ProblemException.field("file", WORDS.say("thisFileCantBeRead"));
        }
    }

    private static String words(VEvent event, String property) {
        return event.getProperty(property)
                .map(found -> ((Property) found).getValue())
                .orElse("");
    }

    /** Every word that is one of our units. */
    private Map<Long, String> vehicles(String text) {
        Map<Long, String> vehicles = new LinkedHashMap<>();
        Stream.of(text.split("[^A-Za-z0-9-]+"))
                .filter(word -> word.length() >= 2)
                .limit(MOST_WORDS)
                .forEach(word -> Optional.ofNullable(vehicleBookings.vehicle(word))
                        .ifPresent(id -> vehicles.putIfAbsent(id, word.toUpperCase(Locale.ROOT))));
        return vehicles;
    }

    /** When it is out within the year ahead, each time of a recurring event. */
    private List<Out> spans(VEvent event, LocalDateTime from) {
        ZoneId zone = clock.getZone();
        LocalDateTime until = from.plusDays(DAYS_AHEAD);
        DtStart<?> start = event.<DtStart<?>>getProperty(Property.DTSTART).orElseThrow();
        Temporal first = start.getDate();
        Period<Temporal> window;
        if (first instanceof LocalDate) {
            window = new Period<>((Temporal) from.toLocalDate(), (Temporal) until.toLocalDate());
        } else if (first instanceof LocalDateTime) {
            window = new Period<>((Temporal) from, (Temporal) until);
        } else if (first instanceof ZonedDateTime zoned) {
            window = new Period<>((Temporal) from.atZone(zone).withZoneSameInstant(zoned.getZone()), (Temporal)
                    until.atZone(zone).withZoneSameInstant(zoned.getZone()));
        } else if (first instanceof OffsetDateTime offset) {
            window = new Period<>(
                    (Temporal) from.atZone(zone).toOffsetDateTime().withOffsetSameInstant(offset.getOffset()),
                    (Temporal) until.atZone(zone).toOffsetDateTime().withOffsetSameInstant(offset.getOffset()));
        } else {
            window = new Period<>((Temporal) from.atZone(zone).toInstant(), (Temporal)
                    until.atZone(zone).toInstant());
        }
        List<Out> spans = new ArrayList<>();
        for (Object found : event.calculateRecurrenceSet(window)) {
            Period<?> period = (Period<?>) found;
            LocalDateTime begins = local(period.getStart(), zone);
            LocalDateTime ends = period.getEnd() == null ? null : local(period.getEnd(), zone);
            if (ends == null || !ends.isAfter(begins)) {
                TemporalAmount duration = period.getDuration();
                // Without an end it is out until the day is over.
                ends = duration == null || duration.equals(Duration.ZERO) || period.getStart() instanceof LocalDate
                        ? begins.toLocalDate().plusDays(1).atStartOfDay()
                        : begins.plus(duration);
            }
            if (ends.isAfter(begins) && ends.isAfter(from)) {
                spans.add(new Out(begins, ends));
            }
        }
        return spans;
    }

    private static LocalDateTime local(Temporal time, ZoneId zone) {
        if (time instanceof LocalDate day) {
            return day.atStartOfDay();
        }
        if (time instanceof LocalDateTime floating) {
            return floating;
        }
        if (time instanceof ZonedDateTime zoned) {
            return zoned.withZoneSameInstant(zone).toLocalDateTime();
        }
        if (time instanceof OffsetDateTime offset) {
            return offset.atZoneSameInstant(zone).toLocalDateTime();
        }
        return LocalDateTime.ofInstant((Instant) time, zone);
    }
}
