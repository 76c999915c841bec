package rotagens.server.shop;

import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
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
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.web.ProblemException;

/**
 * Bookings of vehicles read from a calendar: an event belongs to the vehicle whose unit stands in its title or place. Recurring
 * events count for a year ahead; times of other zones are turned into the fleet's own.
 */
@Service
public class BookingImport {

    /** @param unread events without a vehicle of ours, or that can't be read, each with why */
    public record ImportedBookingsView(int vehicles, int bookings, List<String> unread) {}

    private static final int MOST_BOOKINGS = 2_000;
    private static final int MOST_UNREAD = 20;
    private static final int DAYS_AHEAD = 366;
    private static final int LONGEST = 120;
    private static final String SOURCE = "calendar";

    private final VehicleBookings vehicleBookings;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    BookingImport(VehicleBookings vehicleBookings, ChangeTracker changeTracker, Clock clock) {
        this.vehicleBookings = vehicleBookings;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /** Reads a file; what an earlier file brought is replaced. */
    @Transactional
    public ImportedBookingsView read(String text) {
        changeTracker.only();
        Calendar calendar = parse(text);
        LocalDateTime from =
                LocalDateTime.ofInstant(clock.instant(), clock.getZone()).truncatedTo(ChronoUnit.DAYS);
        List<String> unread = new ArrayList<>();
        java.util.Set<Long> vehicles = new java.util.HashSet<>();
        int bookings = 0;
        vehicleBookings.forget(SOURCE);
        for (Object component : calendar.getComponents(Component.VEVENT)) {
            VEvent event = (VEvent) component;
            String title = words(event, Property.SUMMARY);
            Optional<Long> vehicle = vehicle(title + " " + words(event, Property.LOCATION));
            if (vehicle.isEmpty()) {
                note(unread, "“" + shortened(title) + "”: no unit of ours in its title or place.");
                continue;
            }
            try {
                for (Out span : spans(event, from)) {
                    if (bookings >= MOST_BOOKINGS) {
                        throw ProblemException.field(
                                "file", "More than " + MOST_BOOKINGS + " bookings in a year. Nothing was stored.");
                    }
                    vehicleBookings.put(vehicle.get(), span.from(), span.to(), shortened(title), SOURCE);
                    vehicles.add(vehicle.get());
                    bookings++;
                }
            } catch (RuntimeException e) {
                if (e instanceof ProblemException problem) {
                    throw problem;
                }
                note(unread, "“" + shortened(title) + "”: its times can’t be read.");
            }
        }
        return new ImportedBookingsView(vehicles.size(), bookings, unread);
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
            throw ProblemException.field("file", "This file can’t be read as a calendar (.ics). Nothing was stored.");
        }
    }

    private static String words(VEvent event, String property) {
        return event.getProperty(property)
                .map(found -> ((Property) found).getValue())
                .orElse("");
    }

    /** The first word that is one of our units. */
    private Optional<Long> vehicle(String text) {
        for (String word : text.split("[^A-Za-z0-9-]+")) {
            if (word.length() >= 2) {
                Long id = vehicleBookings.vehicle(word);
                if (id != null) {
                    return Optional.of(id);
                }
            }
        }
        return Optional.empty();
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
                ends = duration == null || period.getStart() instanceof LocalDate
                        ? begins.plusDays(1)
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
