package rotagens.server.loads;

import static rotagens.server.storage.generated.Tables.SCALE_TICKET;
import static rotagens.server.storage.generated.Tables.SCALE_TICKET_AXLE;

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
import rotagens.server.storage.generated.tables.records.ScaleTicketAxleRecord;

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
        Condition which = vehicleId == null ? DSL.noCondition() : SCALE_TICKET.VEHICLE_ID.eq(vehicleId);
        Map<Long, List<ScaleTicketAxleRecord>> axles = db.selectFrom(SCALE_TICKET_AXLE)
                .where(SCALE_TICKET_AXLE.SCALE_TICKET_ID.in(
                        DSL.select(SCALE_TICKET.ID).from(SCALE_TICKET).where(which)))
                .orderBy(SCALE_TICKET_AXLE.SCALE_TICKET_ID, SCALE_TICKET_AXLE.AXLE)
                .fetchGroups(ScaleTicketAxleRecord::getScaleTicketId, row -> row);
        Map<Long, List<Stored>> slips = new HashMap<>();
        db.selectFrom(SCALE_TICKET)
                .where(which)
                .orderBy(SCALE_TICKET.WEIGHED_DATE.desc(), SCALE_TICKET.ID.desc())
                .forEach(row -> {
                    List<AxleWeight> weights = new ArrayList<>();
                    Map<Integer, String> tires = new HashMap<>();
                    for (ScaleTicketAxleRecord axle : axles.getOrDefault(row.getId(), List.of())) {
                        weights.add(new AxleWeight(
                                axle.getAxle(),
                                Optional.ofNullable(axle.getWeightLeft()),
                                Optional.ofNullable(axle.getWeightRight()),
                                Optional.ofNullable(axle.getWeightTotal())));
                        if (!axle.getTiresWhenWeighed().isEmpty()) {
                            tires.put(axle.getAxle(), axle.getTiresWhenWeighed());
                        }
                    }
                    ScaleTicket scaleTicket = new ScaleTicket(
                            row.getWeighedDate(),
                            LoadState.valueOf(row.getLoadState()),
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
        long id = db.insertInto(SCALE_TICKET)
                .set(SCALE_TICKET.VEHICLE_ID, vehicleId)
                .set(SCALE_TICKET.WEIGHED_DATE, scaleTicket.on())
                .set(SCALE_TICKET.LOAD_STATE, scaleTicket.state().name())
                .set(SCALE_TICKET.SCALE, scaleTicket.scale())
                .set(SCALE_TICKET.GROSS, scaleTicket.gross().orElse(null))
                .set(SCALE_TICKET.NOTE, note)
                .set(SCALE_TICKET.RECORDED_AT, clock.instant())
                .set(SCALE_TICKET.PERSON_ID, personId)
                .returning(SCALE_TICKET.ID)
                .fetchOne(SCALE_TICKET.ID);
        for (AxleWeight axle : scaleTicket.axles()) {
            db.insertInto(SCALE_TICKET_AXLE)
                    .set(SCALE_TICKET_AXLE.SCALE_TICKET_ID, id)
                    .set(SCALE_TICKET_AXLE.AXLE, axle.axle())
                    .set(SCALE_TICKET_AXLE.WEIGHT_LEFT, axle.left().orElse(null))
                    .set(SCALE_TICKET_AXLE.WEIGHT_RIGHT, axle.right().orElse(null))
                    .set(SCALE_TICKET_AXLE.WEIGHT_TOTAL, axle.total().orElse(null))
                    .set(
                            SCALE_TICKET_AXLE.TIRES_WHEN_WEIGHED,
                            scaleTicket.tires().getOrDefault(axle.axle(), ""))
                    .execute();
        }
        return id;
    }
}
