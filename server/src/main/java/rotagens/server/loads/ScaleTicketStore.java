package rotagens.server.loads;

import static rotagens.server.storage.generated.Tables.SLIP;
import static rotagens.server.storage.generated.Tables.SLIP_AXLE;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;
import rotagens.server.storage.generated.tables.records.SlipAxleRecord;

/** The weights on record. Only ever added to. */
@Service
public class ScaleTicketStore {

    /** A slip with who entered it. */
    public record Stored(long id, ScaleTicket slip, String note, long personId) {}

    private final DSLContext db;
    private final Clock clock;

    ScaleTicketStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** By vehicle, newest first; of one vehicle or, with null, of all. */
    @Transactional(readOnly = true)
    public Map<Long, List<Stored>> of(Long vehicleId) {
        Condition which = vehicleId == null ? DSL.noCondition() : SLIP.VEHICLE_ID.eq(vehicleId);
        Map<Long, List<SlipAxleRecord>> axles = db.selectFrom(SLIP_AXLE)
                .where(SLIP_AXLE.SLIP_ID.in(DSL.select(SLIP.ID).from(SLIP).where(which)))
                .orderBy(SLIP_AXLE.SLIP_ID, SLIP_AXLE.AXLE)
                .fetchGroups(SlipAxleRecord::getSlipId, row -> row);
        Map<Long, List<Stored>> slips = new HashMap<>();
        db.selectFrom(SLIP)
                .where(which)
                .orderBy(SLIP.DAY.desc(), SLIP.ID.desc())
                .forEach(row -> {
                    List<AxleWeight> weights = new ArrayList<>();
                    Map<Integer, String> tires = new HashMap<>();
                    for (SlipAxleRecord axle : axles.getOrDefault(row.getId(), List.of())) {
                        weights.add(new AxleWeight(
                                axle.getAxle(),
                                Optional.ofNullable(axle.getWeightLeft()),
                                Optional.ofNullable(axle.getWeightRight()),
                                Optional.ofNullable(axle.getWeightWhole())));
                        if (!axle.getTires().isEmpty()) {
                            tires.put(axle.getAxle(), axle.getTires());
                        }
                    }
                    ScaleTicket scaleTicket = new ScaleTicket(
                            row.getDay(),
                            LoadState.valueOf(row.getState()),
                            row.getScale(),
                            weights,
                            Optional.ofNullable(row.getGross()),
                            tires);
                    slips.computeIfAbsent(row.getVehicleId(), id -> new ArrayList<>())
                            .add(new Stored(row.getId(), scaleTicket, row.getNote(), row.getPersonId()));
                });
        return slips;
    }

    @Transactional
    public long add(long vehicleId, ScaleTicket scaleTicket, String note, long personId) {
        long id = db.insertInto(SLIP)
                .set(SLIP.VEHICLE_ID, vehicleId)
                .set(SLIP.DAY, scaleTicket.on())
                .set(SLIP.STATE, scaleTicket.state().name())
                .set(SLIP.SCALE, scaleTicket.scale())
                .set(SLIP.GROSS, scaleTicket.gross().orElse(null))
                .set(SLIP.NOTE, note)
                .set(SLIP.AT, clock.instant())
                .set(SLIP.PERSON_ID, personId)
                .returning(SLIP.ID)
                .fetchOne(SLIP.ID);
        for (AxleWeight axle : scaleTicket.axles()) {
            db.insertInto(SLIP_AXLE)
                    .set(SLIP_AXLE.SLIP_ID, id)
                    .set(SLIP_AXLE.AXLE, axle.axle())
                    .set(SLIP_AXLE.WEIGHT_LEFT, axle.left().orElse(null))
                    .set(SLIP_AXLE.WEIGHT_RIGHT, axle.right().orElse(null))
                    .set(SLIP_AXLE.WEIGHT_WHOLE, axle.total().orElse(null))
                    .set(SLIP_AXLE.TIRES, scaleTicket.tires().getOrDefault(axle.axle(), ""))
                    .execute();
        }
        return id;
    }
}
