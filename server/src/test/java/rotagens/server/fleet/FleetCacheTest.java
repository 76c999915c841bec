package rotagens.server.fleet;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.server.storage.generated.Tables.VEHICLE;

import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.ServerTest;
import rotagens.server.cache.ChangeTracker;

/** The fleet as it stands, kept: every page asks this, inside a write and outside. */
@ServerTest
class FleetCacheTest {

    @Autowired
    FleetCache fleet;

    @Autowired
    ChangeTracker changeTracker;

    @Autowired
    DSLContext db;

    @Autowired
    PlatformTransactionManager transactions;

    @Test
    @DisplayName("a vehicle is judged once and kept, for its own pages and for the whole fleet alike")
    void kept() {
        VehicleAssessment first = fleet.all().get(0);
        assertThat(fleet.get(first.id())).isSameAs(first);
        assertThat(fleet.all().get(0)).isSameAs(first);
    }

    @Test
    @DisplayName("inside a write the vehicle is as that write has left it so far; taken back, it is as it was")
    void insideWrite() {
        VehicleAssessment before = fleet.all().get(0);
        new TransactionTemplate(transactions).executeWithoutResult(status -> {
            db.update(VEHICLE)
                    .set(VEHICLE.UNIT, "ZZ-99")
                    .where(VEHICLE.ID.eq(before.id()))
                    .execute();
            assertThat(fleet.get(before.id()).unit()).isEqualTo("ZZ-99");
            status.setRollbackOnly();
        });
        assertThat(fleet.get(before.id()).unit()).isEqualTo(before.unit());
    }

    @Test
    @DisplayName(
            "a draft takes the kept vehicle, so that saving one doesn't hold the writer while the vehicle is judged")
    void keptForDrafts() {
        VehicleAssessment kept = fleet.all().get(0);
        new TransactionTemplate(transactions).executeWithoutResult(status -> {
            changeTracker.draftsOnly();
            assertThat(fleet.asCommitted(kept.id())).isSameAs(kept);
            status.setRollbackOnly();
        });
        assertThat(fleet.asCommitted(kept.id())).isSameAs(kept);
    }

    @Test
    @DisplayName(
            "a draft never takes a vehicle that somebody changed since it was judged, by name or without saying what")
    void changedSince() {
        VehicleAssessment before = fleet.all().get(0);
        VehicleAssessment other = fleet.all().get(1);
        TransactionTemplate write = new TransactionTemplate(transactions);
        write.executeWithoutResult(status -> {
            changeTracker.only(before.id());
            rename(before.id(), "ZZ-98");
        });
        assertThat(fleet.asCommitted(before.id()).unit()).isEqualTo("ZZ-98");
        assertThat(fleet.asCommitted(other.id())).as("nobody changed this one").isSameAs(other);
        assertThat(fleet.all())
                .as("a renamed vehicle is there once, under its new name")
                .filteredOn(one -> one.id() == before.id())
                .extracting(VehicleAssessment::unit)
                .containsExactly("ZZ-98");
        write.executeWithoutResult(status -> rename(before.id(), before.unit()));
        assertThat(fleet.asCommitted(before.id()).unit()).isEqualTo(before.unit());
    }

    private void rename(long vehicleId, String unit) {
        db.update(VEHICLE)
                .set(VEHICLE.UNIT, unit)
                .where(VEHICLE.ID.eq(vehicleId))
                .execute();
    }
}
