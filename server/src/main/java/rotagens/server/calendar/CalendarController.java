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
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.server.calendar.Feeds.FeedView;
import rotagens.server.calendar.Feeds.FeedWish;
import rotagens.server.calendar.Feeds.NewFeed;
import rotagens.server.calendar.Feeds.Scope;
import rotagens.server.shop.Bookings;
import rotagens.server.shop.Bookings.BookingsRead;

@RestController
class CalendarController {

    private static final MediaType ICS = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final Feeds feeds;
    private final ShopCalendar calendar;
    private final Bookings bookings;

    CalendarController(Feeds feeds, ShopCalendar calendar, Bookings bookings) {
        this.feeds = feeds;
        this.calendar = calendar;
        this.bookings = bookings;
    }

    @GetMapping("/api/calendar/feeds")
    List<FeedView> feeds() {
        return feeds.all();
    }

    @PostMapping("/api/calendar/feeds")
    NewFeed add(@RequestBody FeedWish wish) {
        return feeds.add(wish);
    }

    @DeleteMapping("/api/calendar/feeds/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@PathVariable long id) {
        feeds.revoke(id);
    }

    /** What a calendar program reads: whoever has the address, until it is taken back. */
    @GetMapping("/api/calendar/feed/{code}/shop.ics")
    ResponseEntity<String> feed(@PathVariable String code) {
        return ResponseEntity.ok()
                .contentType(ICS)
                .cacheControl(CacheControl.noStore())
                .body(calendar.ics(feeds.scope(code)));
    }

    @GetMapping("/api/calendar/shop.ics")
    ResponseEntity<String> download(
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
                .body(calendar.ics(new Scope(yard, person)));
    }

    /** Bookings of vehicles, as availability. */
    @PostMapping(value = "/api/calendar/bookings", consumes = "text/calendar")
    BookingsRead bookings(@RequestBody byte[] file) {
        return bookings.read(new String(file, StandardCharsets.UTF_8));
    }
}
