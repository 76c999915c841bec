package rotagens.server.calendar;

import static rotagens.server.calendar.CalendarWords.WORDS;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.Url;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.calendar.CalendarLinks.Scope;
import rotagens.server.shop.CalendarEvents;
import rotagens.server.shop.CalendarEvents.Entry;

/** The shop's days as iCalendar: one event a job, known again by its UID however often it moves. */
@Service
class ShopCalendar {

    private final CalendarEvents days;
    private final Clock clock;

    ShopCalendar(CalendarEvents days, Clock clock) {
        this.days = days;
        this.clock = clock;
    }

    /** Whose calendar a file is; our own is never read back as bookings. */
    static final String PRODUCT = "-//Rotagens//Shop//EN";

    /**
     * The calendar of a yard, a person or the whole shop. It is valid without a single job, too: its time zone is always in it.
     *
     * @param address at which this server was asked, to which the way to a job leads back
     */
    @Transactional(readOnly = true)
    public String ics(Scope scope, String address) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId(PRODUCT));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        String name = Stream.of("Rotagens", scope.yard(), scope.person())
                .filter(Objects::nonNull)
                .collect(Collectors.joining(", "));
        calendar.add(new XProperty("X-WR-CALNAME", name));
        calendar.add(TimeZoneRegistryFactory.getInstance()
                .createRegistry()
                .getTimeZone(clock.getZone().getId())
                .getVTimeZone());
        for (Entry entry : days.all()) {
            boolean mine = (scope.yard() == null || scope.yard().equals(entry.yard()))
                    && (scope.person() == null || entry.people().contains(scope.person()));
            if (mine) {
                calendar.add(event(entry, address));
            }
        }
        return text(calendar);
    }

    private static String text(Calendar calendar) {
        java.io.StringWriter text = new java.io.StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, text);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return text.toString();
    }

    private VEvent event(Entry entry, String address) {
        VEvent event = new VEvent(false);
        event.add(new Uid(uid(entry)));
        event.add(new DtStamp(entry.plannedAt()));
        event.add(new Url(URI.create(address + "/jobs/" + entry.jobId() + "/sheet")));
        event.add(new Sequence(entry.version()));
        if (entry.start() == null) {
            event.add(new DtStart<LocalDate>(entry.day()));
            event.add(new DtEnd<LocalDate>(entry.day().plusDays(1)));
        } else {
            // In UTC, so that no reader needs our zone's rules.
            ZoneId zone = clock.getZone();
            event.add(new DtStart<>(entry.day()
                    .atTime(LocalTime.ofSecondOfDay(entry.start() * 60L))
                    .atZone(zone)
                    .toInstant()));
            event.add(new DtEnd<>(entry.day()
                    .atStartOfDay()
                    .plusMinutes(entry.end())
                    .atZone(zone)
                    .toInstant()));
        }
        event.add(new Summary(entry.unit() + ": " + String.join(", ", entry.work())));
        event.add(new Location(entry.yard() + (entry.bay() == null ? "" : WORDS.say("bay", "bay", entry.bay()))));
        event.add(new Description(description(entry)));
        return event;
    }

    /** The same for one job for good, and no other's in any other shop: by its number and the moment it was planned. */
    private static String uid(Entry entry) {
        return UUID.nameUUIDFromBytes((WORDS.say("rotagensJob", "jobId", entry.jobId(), "plannedAt", entry.plannedAt()))
                        .getBytes(StandardCharsets.UTF_8))
                + "@rotagens";
    }

    private static String description(Entry entry) {
        List<String> people = entry.people();
        return WORDS.say(
                "mark",
                "people",
                people.isEmpty() ? WORDS.say("notAssignedYet") : String.join(", ", people),
                "start",
                entry.start() == null ? WORDS.say("dayAndNoHourYet") : ".");
    }
}
