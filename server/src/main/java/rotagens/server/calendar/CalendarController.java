package rotagens.server.calendar;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.util.DigestUtils;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import rotagens.server.calendar.CalendarLinks.CalendarLinkRequest;
import rotagens.server.calendar.CalendarLinks.CalendarLinkView;
import rotagens.server.calendar.CalendarLinks.NewCalendarLinkView;
import rotagens.server.calendar.CalendarLinks.Scope;
import rotagens.server.shop.BookingImport;
import rotagens.server.shop.BookingImport.ImportedBookingsView;
import rotagens.server.shop.VehicleBookings;

@RestController
class CalendarController {

    private static final MediaType ICS = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final CalendarLinks calendarLinks;
    private final ShopCalendar calendar;
    private final BookingImport bookingImport;
    private final VehicleBookings vehicleBookings;

    CalendarController(
            CalendarLinks calendarLinks,
            ShopCalendar calendar,
            BookingImport bookingImport,
            VehicleBookings vehicleBookings) {
        this.calendarLinks = calendarLinks;
        this.calendar = calendar;
        this.bookingImport = bookingImport;
        this.vehicleBookings = vehicleBookings;
    }

    /** Addresses by which calendar programs read the shop’s days. */
    @GetMapping("/api/calendar/feeds")
    List<CalendarLinkView> listCalendarLinks() {
        return calendarLinks.all();
    }

    /** Makes such an address, shown this once. */
    @PostMapping("/api/calendar/feeds")
    NewCalendarLinkView addCalendarLink(@RequestBody CalendarLinkRequest wish) {
        return calendarLinks.add(wish);
    }

    /** Takes such an address back. */
    @DeleteMapping("/api/calendar/feeds/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revokeCalendarLink(@PathVariable long id) {
        calendarLinks.revoke(id);
    }

    /** What a calendar program reads: whoever has the address, until it is taken back. */
    @GetMapping("/api/calendar/feed/{code}/shop.ics")
    ResponseEntity<String> readCalendarLink(@PathVariable String code) {
        String feed = calendar.ics(calendarLinks.scope(code), address());
        // A calendar program asks every few minutes: what hasn't changed isn't sent again.
        return ResponseEntity.ok()
                .contentType(ICS)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .eTag("\"" + DigestUtils.md5DigestAsHex(feed.getBytes(StandardCharsets.UTF_8)) + "\"")
                .body(feed);
    }

    /** The shop’s days as a calendar file. */
    @GetMapping("/api/calendar/shop.ics")
    ResponseEntity<String> downloadCalendar(
            @RequestParam(required = false) @Nullable String yard,
            @RequestParam(required = false) @Nullable String person) {
        return ResponseEntity.ok()
                .contentType(ICS)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("shop.ics")
                                .build()
                                .toString())
                .body(calendar.ics(new Scope(yard, person), address()));
    }

    private static String address() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }

    /** Bookings of vehicles, as availability; first looked at, then brought in. */
    @PostMapping(value = "/api/calendar/bookings", consumes = "text/calendar")
    ImportedBookingsView importBookings(
            @RequestParam(defaultValue = "false") boolean dryRun, @RequestBody byte[] file) {
        return bookingImport.read(new String(file, StandardCharsets.UTF_8), dryRun);
    }

    /** Takes the last file's bookings back; those of the file before stand again. */
    @PostMapping("/api/calendar/bookings/{importId}/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undoBookings(@PathVariable long importId) {
        vehicleBookings.undo(importId);
    }
}
