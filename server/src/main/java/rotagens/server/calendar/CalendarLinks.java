package rotagens.server.calendar;

import static rotagens.server.storage.generated.Tables.CALENDAR_LINK;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
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
            return person != null ? person : yard != null ? yard : "all yards";
        }
    }

    private static final int MOST_FEEDS = 100;

    private final DSLContext db;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    CalendarLinks(DSLContext db, People people, ChangeTracker changeTracker, Clock clock) {
        this.db = db;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<CalendarLinkView> all() {
        var crew = PERSON.as("crew");
        return db.select(CALENDAR_LINK.asterisk(), PERSON.NAME, YARD.NAME, crew.NAME)
                .from(CALENDAR_LINK)
                .join(PERSON)
                .on(PERSON.ID.eq(CALENDAR_LINK.PERSON_ID))
                .leftJoin(YARD)
                .on(YARD.ID.eq(CALENDAR_LINK.YARD_ID))
                .leftJoin(crew)
                .on(crew.ID.eq(CALENDAR_LINK.FOR_PERSON_ID))
                .where(CALENDAR_LINK.REVOKED_AT.isNull())
                .orderBy(CALENDAR_LINK.ID)
                .fetch(row -> new CalendarLinkView(
                        row.get(CALENDAR_LINK.ID),
                        new Scope(row.get(YARD.NAME), row.get(crew.NAME)).label(),
                        row.get(CALENDAR_LINK.CREATED_AT),
                        row.get(PERSON.NAME)));
    }

    @Transactional
    public NewCalendarLinkView add(CalendarLinkRequest wish) {
        changeTracker.draftsOnly();
        if (db.fetchCount(CALENDAR_LINK, CALENDAR_LINK.REVOKED_AT.isNull()) >= MOST_FEEDS) {
            throw ProblemException.conflict("There are " + MOST_FEEDS + " addresses already. Take one back first.");
        }
        Long yard = wish.yard() == null || wish.yard().isBlank()
                ? null
                : db.select(YARD.ID)
                        .from(YARD)
                        .where(YARD.NAME.eq(wish.yard()))
                        .fetchOptional(YARD.ID)
                        .orElseThrow(() -> ProblemException.field("yard", "There is no such yard."));
        Long crew = wish.person() == null || wish.person().isBlank()
                ? null
                : db.select(PERSON.ID)
                        .from(PERSON)
                        .where(PERSON.NAME.eq(wish.person()))
                        .fetchOptional(PERSON.ID)
                        .orElseThrow(() -> ProblemException.field("person", "There is no person of this name."));
        String code = Secrets.random();
        long id = db.insertInto(CALENDAR_LINK)
                .set(CALENDAR_LINK.TOKEN_HASH, Secrets.digest(code))
                .set(CALENDAR_LINK.YARD_ID, yard)
                .set(CALENDAR_LINK.FOR_PERSON_ID, crew)
                .set(CALENDAR_LINK.CREATED_AT, clock.instant())
                .set(CALENDAR_LINK.PERSON_ID, people.me())
                .returning(CALENDAR_LINK.ID)
                .fetchSingle(CALENDAR_LINK.ID);
        return new NewCalendarLinkView(
                id, new Scope(wish.yard(), wish.person()).label(), "/api/calendar/feed/" + code + "/shop.ics");
    }

    /** The address answers no more. */
    @Transactional
    public void revoke(long id) {
        changeTracker.draftsOnly();
        int changed = db.update(CALENDAR_LINK)
                .set(CALENDAR_LINK.REVOKED_AT, clock.instant())
                .where(CALENDAR_LINK.ID.eq(id), CALENDAR_LINK.REVOKED_AT.isNull())
                .execute();
        if (changed == 0) {
            throw ProblemException.notFound("There is no such address.");
        }
    }

    /** What the address with this secret shows. */
    Scope scope(String code) {
        var crew = PERSON.as("crew");
        return db.select(YARD.NAME, crew.NAME)
                .from(CALENDAR_LINK)
                .leftJoin(YARD)
                .on(YARD.ID.eq(CALENDAR_LINK.YARD_ID))
                .leftJoin(crew)
                .on(crew.ID.eq(CALENDAR_LINK.FOR_PERSON_ID))
                .where(CALENDAR_LINK.TOKEN_HASH.eq(Secrets.digest(code)), CALENDAR_LINK.REVOKED_AT.isNull())
                .fetchOptional(row -> new Scope(row.value1(), row.value2()))
                .orElseThrow(() -> ProblemException.notFound("This calendar isn’t shared any more."));
    }
}
