package rotagens.server.machines;

import static rotagens.server.storage.generated.Tables.MACHINE_TOKEN;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.server.machines.MachineTokens.Machine;
import rotagens.server.machines.MachineTokens.MachineTokenView;

/** The digests of machines' tokens, and when each was used. */
@Repository
class MachineTokenStore {

    private final DSLContext db;

    MachineTokenStore(DSLContext db) {
        this.db = db;
    }

    /** Those nobody has taken back. */
    List<MachineTokenView> all() {
        return db.select(MACHINE_TOKEN.asterisk(), PERSON.NAME)
                .from(MACHINE_TOKEN)
                .join(PERSON)
                .on(PERSON.ID.eq(MACHINE_TOKEN.PERSON_ID))
                .where(MACHINE_TOKEN.REVOKED_AT.isNull())
                .orderBy(MACHINE_TOKEN.ID)
                .fetch(row -> new MachineTokenView(
                        row.get(MACHINE_TOKEN.ID),
                        row.get(MACHINE_TOKEN.NAME),
                        scopes(row.get(MACHINE_TOKEN.SCOPES)).stream().sorted().toList(),
                        row.get(MACHINE_TOKEN.CREATED_AT),
                        row.get(PERSON.NAME),
                        row.get(MACHINE_TOKEN.LAST_USED_AT)));
    }

    int count() {
        return db.fetchCount(MACHINE_TOKEN, MACHINE_TOKEN.REVOKED_AT.isNull());
    }

    /**
     * @param hash the token's digest
     * @param machinePersonId whose name its entries carry
     */
    long add(String name, String hash, Collection<TokenScope> scopes, long machinePersonId, Instant at, long by) {
        return db.insertInto(MACHINE_TOKEN)
                .set(MACHINE_TOKEN.NAME, name)
                .set(MACHINE_TOKEN.TOKEN_HASH, hash)
                .set(
                        MACHINE_TOKEN.SCOPES,
                        scopes.stream().distinct().map(Enum::name).collect(Collectors.joining(",")))
                .set(MACHINE_TOKEN.MACHINE_PERSON_ID, machinePersonId)
                .set(MACHINE_TOKEN.CREATED_AT, at)
                .set(MACHINE_TOKEN.PERSON_ID, by)
                .returning(MACHINE_TOKEN.ID)
                .fetchSingle(MACHINE_TOKEN.ID);
    }

    /** Says whether there was one to take back. */
    boolean revoke(long id, Instant at) {
        return db.update(MACHINE_TOKEN)
                        .set(MACHINE_TOKEN.REVOKED_AT, at)
                        .where(MACHINE_TOKEN.ID.eq(id), MACHINE_TOKEN.REVOKED_AT.isNull())
                        .execute()
                > 0;
    }

    Optional<Machine> of(String hash) {
        return db.selectFrom(MACHINE_TOKEN)
                .where(MACHINE_TOKEN.TOKEN_HASH.eq(hash), MACHINE_TOKEN.REVOKED_AT.isNull())
                .fetchOptional(row -> new Machine(
                        row.getId(), row.getMachinePersonId(), scopes(row.getScopes()), row.getLastUsedAt()));
    }

    void used(long id, Instant at) {
        db.update(MACHINE_TOKEN)
                .set(MACHINE_TOKEN.LAST_USED_AT, at)
                .where(MACHINE_TOKEN.ID.eq(id))
                .execute();
    }

    private static Set<TokenScope> scopes(String stored) {
        return Arrays.stream(stored.split(",")).map(TokenScope::valueOf).collect(Collectors.toSet());
    }
}
