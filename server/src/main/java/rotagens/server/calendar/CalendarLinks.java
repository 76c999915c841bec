package rotagens.server.calendar;

import static rotagens.server.calendar.CalendarWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.web.ProblemException;
import rotagens.server.web.Secrets;

/** Private addresses under which a calendar program reads the shop's days; each can be taken back. */
@Service
class CalendarLinks {

    record CalendarLinkView(long id, String description, Instant at, String by) {}

    /** @param address shown once: only its digest is kept */
    record NewCalendarLinkView(long id, String description, String address) {}

    record CalendarLinkRequest(
            @Nullable String yard, @Nullable String person) {}

    /** What a feed shows. */
    record Scope(@Nullable String yard, @Nullable String person) {

        Scope {
            yard = yard == null || yard.isBlank() ? null : yard;
            person = person == null || person.isBlank() ? null : person;
        }

        String label() {
            return person != null ? person : yard != null ? yard : WORDS.say("allYards");
        }
    }

    private static final int MOST_FEEDS = 100;

    private final CalendarLinkStore store;
    private final VehicleRegister register;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    CalendarLinks(
            CalendarLinkStore store,
            VehicleRegister register,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.store = store;
        this.register = register;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<CalendarLinkView> all() {
        return store.all();
    }

    @Transactional
    public NewCalendarLinkView add(CalendarLinkRequest wish) {
        changeTracker.draftsOnly();
        if (store.count() >= MOST_FEEDS) {
            throw ProblemException.conflict(WORDS.say("thereAreAddressesAlreadyTake", "mostFeeds", MOST_FEEDS));
        }
        Long yard = wish.yard() == null || wish.yard().isBlank()
                ? null
                : register.knownYard(wish.yard())
                        .orElseThrow(() -> ProblemException.field("yard", WORDS.say("thereIsNoSuchYard")));
        Long crew = wish.person() == null || wish.person().isBlank()
                ? null
                : people.names().entrySet().stream()
                        .filter(one -> one.getValue().equals(wish.person()))
                        .findFirst()
                        .map(Map.Entry::getKey)
                        .orElseThrow(() -> ProblemException.field("person", WORDS.say("thereIsNoPerson")));
        String code = Secrets.random();
        long id = store.add(Secrets.digest(code), yard, crew, clock.instant(), people.me());
        return new NewCalendarLinkView(
                id, new Scope(wish.yard(), wish.person()).label(), "/api/calendar/feed/" + code + "/shop.ics");
    }

    /** The address answers no more. */
    @Transactional
    public void revoke(long id) {
        changeTracker.draftsOnly();
        if (!store.revoke(id, clock.instant())) {
            throw ProblemException.notFound(WORDS.say("thereIsNoSuchAddress"));
        }
    }

    /** What the address with this secret shows. */
    Scope scope(String code) {
        return store.scope(Secrets.digest(code))
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thisCalendarIsntSharedAny")));
    }
}
