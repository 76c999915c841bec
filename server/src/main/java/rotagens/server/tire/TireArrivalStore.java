package rotagens.server.tire;

import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.STOCK;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_DOT;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Money;
import rotagens.server.storage.BatchInsert;
import rotagens.server.storage.generated.tables.records.InstallationRecord;
import rotagens.server.storage.generated.tables.records.StockRecord;
import rotagens.server.storage.generated.tables.records.TireDotRecord;
import rotagens.server.storage.generated.tables.records.TireMovementRecord;
import rotagens.server.storage.generated.tables.records.TireRecord;

/** Many tires that come on record at once, as a file brings them. */
@Repository
public class TireArrivalStore {

    private final DSLContext db;
    private final TireStore tires;

    TireArrivalStore(DSLContext db, TireStore tires) {
        this.db = db;
        this.tires = tires;
    }

    /**
     * A tire that comes on record together with where it is.
     *
     * @param placeId the position it is on; empty where it lies in stock
     * @param lies where it lies, if on no position
     */
    public record Arrival(
            TireStore.New tire,
            Optional<String> dot,
            Optional<Long> placeId,
            TireStore.StockLocation lies,
            TireStore.Line line) {}

    /**
     * Puts many tires on record at once, each with its code, its place and its line of the ledger. The tables' keys refuse a
     * number that is used and a position that isn't empty; then none of them is stored.
     */
    @Transactional
    public void addAll(List<Arrival> arrivals) {
        if (arrivals.isEmpty()) {
            return;
        }
        long id = db.select(DSL.coalesce(DSL.max(TIRE.ID), 0L))
                .from(TIRE)
                .fetchSingle()
                .value1();
        List<TireRecord> rows = new ArrayList<>();
        List<TireDotRecord> dots = new ArrayList<>();
        List<InstallationRecord> installations = new ArrayList<>();
        List<StockRecord> stock = new ArrayList<>();
        List<TireMovementRecord> movements = new ArrayList<>();
        for (Arrival one : arrivals) {
            id++;
            TireRecord tire = db.newRecord(TIRE);
            tire.setId(id);
            tire.setTireModelId(one.tire().modelId());
            tire.setIsRetread(one.tire().retread());
            tire.setTireNumber(one.tire().number().orElse(null));
            tire.setPriceCents(one.tire().price().map(Money::cents).orElse(null));
            rows.add(tire);
            TireStore.Line line = one.line();
            if (one.dot().isPresent()) {
                TireDotRecord dot = db.newRecord(TIRE_DOT);
                dot.setTireId(id);
                dot.setCode(one.dot().get());
                dot.setType(TireStore.DotKind.TIRE.name());
                dot.setRecordedAt(line.at());
                dot.setPersonId(line.personId());
                dots.add(dot);
            }
            TireMovementRecord movement = tires.newLine(id, one.placeId().isPresent() ? "INSTALLED" : "RECEIVED", line);
            if (one.placeId().isPresent()) {
                InstallationRecord there = db.newRecord(INSTALLATION);
                there.setTireId(id);
                there.setPositionId(one.placeId().get());
                there.setInstalledAt(line.at());
                installations.add(there);
                movement.setToPositionId(one.placeId().get());
            } else {
                StockRecord lies = db.newRecord(STOCK);
                lies.setTireId(id);
                lies.setState(one.lies().state().name());
                lies.setYardId(one.lies().yardId());
                lies.setShelf(one.lies().shelf());
                lies.setStoredAt(line.at());
                stock.add(lies);
                movement.setYardId(one.lies().yardId());
                movement.setShelf(one.lies().shelf());
            }
            movements.add(movement);
        }
        BatchInsert.into(db, rows);
        BatchInsert.into(db, dots);
        BatchInsert.into(db, installations);
        BatchInsert.into(db, stock);
        BatchInsert.into(db, movements);
    }
}
