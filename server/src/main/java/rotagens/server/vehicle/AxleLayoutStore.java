package rotagens.server.vehicle;

import static rotagens.server.storage.generated.Tables.AXLE;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.WHEEL;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.storage.BatchInsert;
import rotagens.server.storage.generated.tables.records.AxleRecord;
import rotagens.server.storage.generated.tables.records.PositionRecord;
import rotagens.server.storage.generated.tables.records.WheelRecord;

/** A vehicle's axles, positions and wheels as its form says them. */
@Component
class AxleLayoutStore {

    private final DSLContext db;
    private final Clock clock;

    AxleLayoutStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** Everything of vehicles that were only just put on file. */
    void writeNew(Map<Long, VehicleRegister.Entry> vehicles) {
        List<AxleRecord> axles = new ArrayList<>();
        List<PositionRecord> places = new ArrayList<>();
        vehicles.forEach((id, entry) -> {
            axles.addAll(axles(id, entry));
            int order = 1;
            for (Position position : entry.layout().walkAroundOrder()) {
                PositionRecord place = db.newRecord(POSITION);
                place.setVehicleId(id);
                place.setCode(position.code());
                place.setWalkAroundOrder(order++);
                places.add(place);
            }
        });
        BatchInsert.into(db, axles);
        BatchInsert.into(db, places);
        vehicles.forEach((id, entry) -> {
            if (!entry.wheels().isEmpty()) {
                writeWheels(id, entry.wheels());
            }
        });
    }

    /** Axles with their ratings and placards, the first one in front. */
    void writeAxles(long id, VehicleRegister.Entry entry) {
        db.batchInsert(axles(id, entry)).execute();
    }

    private List<AxleRecord> axles(long id, VehicleRegister.Entry entry) {
        List<AxleRecord> rows = new ArrayList<>();
        for (VehicleRegister.AxleOnFile one : entry.axles()) {
            AxleRecord row = db.newRecord(AXLE);
            row.setVehicleId(id);
            row.setNumber(rows.size() + 1);
            row.setRole(one.axle().role().name());
            row.setIsDual(one.axle().isDual());
            row.setGawr(one.gawr().orElse(null));
            row.setPlacardSize(one.placardSize().map(TireSize::molded).orElse(null));
            row.setPlacardPressure(one.placardPressure().orElse(null));
            rows.add(row);
        }
        return rows;
    }

    /** New places are added, places gone are marked with their history kept, places that come back are the same ones. */
    void writePlaces(long id, AxleLayout axleLayout) {
        Map<String, Long> known =
                db.selectFrom(POSITION).where(POSITION.VEHICLE_ID.eq(id)).fetchMap(POSITION.CODE, POSITION.ID);
        List<Long> present = new ArrayList<>();
        int order = 1;
        for (Position position : axleLayout.walkAroundOrder()) {
            Long place = known.get(position.code());
            if (place == null) {
                place = db.insertInto(POSITION)
                        .set(POSITION.VEHICLE_ID, id)
                        .set(POSITION.CODE, position.code())
                        .set(POSITION.WALK_AROUND_ORDER, order)
                        .returning(POSITION.ID)
                        .fetchOne(POSITION.ID);
            } else {
                db.update(POSITION)
                        .set(POSITION.WALK_AROUND_ORDER, order)
                        .setNull(POSITION.REMOVED_AT)
                        .where(POSITION.ID.eq(place))
                        .execute();
            }
            present.add(place);
            order++;
        }
        db.update(POSITION)
                .set(POSITION.REMOVED_AT, clock.instant())
                .where(POSITION.VEHICLE_ID.eq(id), POSITION.ID.notIn(present), POSITION.REMOVED_AT.isNull())
                .execute();
    }

    /** What is known of the wheel at each position. */
    void writeWheels(long id, Map<Position, WheelSpec> wheels) {
        Map<String, Long> places = db.selectFrom(POSITION)
                .where(POSITION.VEHICLE_ID.eq(id), POSITION.REMOVED_AT.isNull())
                .fetchMap(POSITION.CODE, POSITION.ID);
        wheels.forEach((position, spec) -> {
            Long place = places.get(position.code());
            if (place != null) {
                writeWheel(place, spec);
            }
        });
    }

    private void writeWheel(long placeId, WheelSpec spec) {
        WheelRecord row = db.selectFrom(WHEEL)
                .where(WHEEL.POSITION_ID.eq(placeId))
                .fetchOptional()
                .orElseGet(() -> db.newRecord(WHEEL));
        row.setPositionId(placeId);
        row.setPilotType(spec.pilotType().map(PilotType::name).orElse(null));
        row.setRimDiameterIn(
                spec.rimDiameterInches().isPresent() ? spec.rimDiameterInches().getAsDouble() : null);
        row.setRimWidthIn(
                spec.rimWidthInches().isPresent() ? spec.rimWidthInches().getAsDouble() : null);
        row.setLugCount(spec.lugCount().isPresent() ? spec.lugCount().getAsInt() : null);
        row.setNutSeat(spec.nutSeat());
        row.setIsLeftThreaded(spec.isLeftThreaded());
        row.setTorque(spec.torque().orElse(null));
        row.setMaterial(spec.material());
        row.setMaximumLoad(spec.maximumLoad().orElse(null));
        row.setMaximumPressure(spec.maximumPressure().orElse(null));
        row.setIsReversed(spec.isReversed());
        row.setValveType(spec.valveType());
        if (row.getId() == null) {
            row.insert();
        } else {
            row.update();
        }
    }

    /** A wheel as it is on file. */
    static WheelSpec wheel(WheelRecord row) {
        return new WheelSpec(
                Optional.ofNullable(row.getPilotType()).map(PilotType::valueOf),
                row.getRimDiameterIn() == null ? OptionalDouble.empty() : OptionalDouble.of(row.getRimDiameterIn()),
                row.getRimWidthIn() == null ? OptionalDouble.empty() : OptionalDouble.of(row.getRimWidthIn()),
                row.getLugCount() == null ? OptionalInt.empty() : OptionalInt.of(row.getLugCount()),
                row.getNutSeat(),
                row.getIsLeftThreaded(),
                Optional.ofNullable(row.getTorque()),
                row.getMaterial(),
                Optional.ofNullable(row.getMaximumLoad()),
                Optional.ofNullable(row.getMaximumPressure()),
                row.getIsReversed(),
                row.getValveType());
    }
}
