package rotagens.server.calendar;

import static rotagens.server.storage.generated.Tables.CALENDAR_LINK;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.server.calendar.CalendarLinks.CalendarLinkView;
import rotagens.server.calendar.CalendarLinks.Scope;

/** The digests of calendars' private addresses, and what each shows. */
@Repository
class CalendarLinkStore {

    private final DSLContext db;

    CalendarLinkStore(DSLContext db) {
        this.db = db;
    }

    /** Those nobody has taken back. */
    List<CalendarLinkView> all() {
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

    int count() {
        return db.fetchCount(CALENDAR_LINK, CALENDAR_LINK.REVOKED_AT.isNull());
    }

    /**
     * @param yardId whose days it shows; null for all yards
     * @param forPersonId whose work it shows; null for everybody's
     */
    long add(String hash, @Nullable Long yardId, @Nullable Long forPersonId, Instant at, long by) {
        return db.insertInto(CALENDAR_LINK)
                .set(CALENDAR_LINK.TOKEN_HASH, hash)
                .set(CALENDAR_LINK.YARD_ID, yardId)
                .set(CALENDAR_LINK.FOR_PERSON_ID, forPersonId)
                .set(CALENDAR_LINK.CREATED_AT, at)
                .set(CALENDAR_LINK.PERSON_ID, by)
                .returning(CALENDAR_LINK.ID)
                .fetchSingle(CALENDAR_LINK.ID);
    }

    /** Says whether there was one to take back. */
    boolean revoke(long id, Instant at) {
        return db.update(CALENDAR_LINK)
                        .set(CALENDAR_LINK.REVOKED_AT, at)
                        .where(CALENDAR_LINK.ID.eq(id), CALENDAR_LINK.REVOKED_AT.isNull())
                        .execute()
                > 0;
    }

    /** What the address with this digest shows; empty where it is nobody’s any more. */
    Optional<Scope> scope(String hash) {
        var crew = PERSON.as("crew");
        return db.select(YARD.NAME, crew.NAME)
                .from(CALENDAR_LINK)
                .leftJoin(YARD)
                .on(YARD.ID.eq(CALENDAR_LINK.YARD_ID))
                .leftJoin(crew)
                .on(crew.ID.eq(CALENDAR_LINK.FOR_PERSON_ID))
                .where(CALENDAR_LINK.TOKEN_HASH.eq(hash), CALENDAR_LINK.REVOKED_AT.isNull())
                .fetchOptional(row -> new Scope(row.value1(), row.value2()));
    }
}
