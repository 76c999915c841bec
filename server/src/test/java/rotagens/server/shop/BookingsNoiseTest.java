package rotagens.server.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.mockito.Mockito.withSettings;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import rotagens.server.Noise;
import rotagens.server.web.ProblemException;

/** Damaged calendar files. {@code -Drotagens.fuzz=N} makes N of them. */
public class BookingsNoiseTest {

    private static final int EACH = Integer.getInteger("rotagens.fuzz", 2_000);
    private static final Duration LONGEST = Duration.ofSeconds(20);

    /** One weekly booking in a zone of its own making, with a day left out. */
    public static final String CALENDAR = """
                BEGIN:VCALENDAR
                VERSION:2.0
                PRODID:-//Made up//EN
                BEGIN:VTIMEZONE
                TZID:Nowhere/Odd
                BEGIN:STANDARD
                DTSTART:19700101T000000
                TZOFFSETFROM:-0500
                TZOFFSETTO:-0600
                END:STANDARD
                END:VTIMEZONE
                BEGIN:VEVENT
                UID:1@made.up
                DTSTAMP:20261120T000000Z
                DTSTART;TZID=Nowhere/Odd:20261201T080000
                DTEND;TZID=Nowhere/Odd:20261201T170000
                RRULE:FREQ=WEEKLY;COUNT=6;BYDAY=TU,WE
                EXDATE;TZID=Nowhere/Odd:20261208T080000
                SUMMARY:LC-01 clinic
                END:VEVENT
                END:VCALENDAR
                """.replace("\n", "\r\n");

    @Test
    @DisplayName("a damaged calendar is read or refused with words, and soon")
    void damaged() {
        // The reader itself complains of every damaged zone.
        ((Logger) LoggerFactory.getLogger("net.fortuna.ical4j")).setLevel(Level.ERROR);
        VehicleBookings vehicleBookings =
                mock(VehicleBookings.class, withSettings().stubOnly());
        when(vehicleBookings.vehicle(anyString())).thenReturn(1L);
        BookingImport bookingImport = new BookingImport(
                vehicleBookings, Clock.fixed(Instant.parse("2026-11-23T15:00:00Z"), ZoneId.of("America/Chicago")));
        Noise noise = new Noise(11);
        int read = 0;
        for (int time = 0; time < EACH; time++) {
            String file = noise.damaged(CALENDAR);
            Instant from = Instant.now();
            try {
                read += bookingImport.read(file, true).bookings() > 0 ? 1 : 0;
            } catch (ProblemException refused) {
                assertThat(refused.problem().getFields()).as(file).isNotEmpty();
            }
            assertThat(Duration.between(from, Instant.now())).as(file).isLessThan(LONGEST);
        }
        assertThat(read).as("some are still calendars").isGreaterThan(EACH / 40);
    }
}
