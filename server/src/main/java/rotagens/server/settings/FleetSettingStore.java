package rotagens.server.settings;

import static rotagens.server.storage.generated.Tables.FLEET_SETTING;

import java.time.Instant;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The fleet's settings as they were set, one after the other; the last of a name is in force. */
@Repository
class FleetSettingStore {

    /** @param personId who set it */
    record Setting(String value, long personId) {}

    private final DSLContext db;

    FleetSettingStore(DSLContext db) {
        this.db = db;
    }

    Optional<Setting> last(String name) {
        return db.selectFrom(FLEET_SETTING)
                .where(FLEET_SETTING.NAME.eq(name))
                .orderBy(FLEET_SETTING.ID.desc())
                .limit(1)
                .fetchOptional(row -> new Setting(row.getValue(), row.getPersonId()));
    }

    void add(String name, Setting set, Instant at) {
        db.insertInto(FLEET_SETTING)
                .set(FLEET_SETTING.NAME, name)
                .set(FLEET_SETTING.VALUE, set.value())
                .set(FLEET_SETTING.RECORDED_AT, at)
                .set(FLEET_SETTING.PERSON_ID, set.personId())
                .execute();
    }
}
