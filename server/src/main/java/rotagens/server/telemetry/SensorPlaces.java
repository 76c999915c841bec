package rotagens.server.telemetry;

import static rotagens.server.telemetry.TelemetryWords.WORDS;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.PositionNames;
import rotagens.core.vehicle.Sensor;
import rotagens.server.vehicle.SensorStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicle.VehicleStore.OnFile;
import rotagens.server.web.ProblemException;

/** Where a sensor that sends is, by what is on file: the record is believed, never what a dash names. */
@Component
class SensorPlaces {

    /** A position of a vehicle. */
    record Place(OnFile vehicle, Position position, long placeId) {}

    private final SensorStore sensors;
    private final VehicleStore vehicles;
    private final VehicleRegister register;

    SensorPlaces(SensorStore sensors, VehicleStore vehicles, VehicleRegister register) {
        this.sensors = sensors;
        this.vehicles = vehicles;
        this.register = register;
    }

    /** @throws ProblemException at the field that names none on file */
    Place find(@Nullable String sensorId, @Nullable String unit, @Nullable String position) {
        if (sensorId != null && !sensorId.isBlank()) {
            long placeId = sensors.placeOf(Sensor.readCode(sensorId))
                    .orElseThrow(() -> ProblemException.field("sensorId", WORDS.say("noSensorOnFileHas")));
            OnFile vehicle = vehicles.get(vehicles.ofPlace(placeId));
            return vehicle.places().entrySet().stream()
                    .filter(place -> place.getValue() == placeId)
                    .findFirst()
                    .map(place -> new Place(vehicle, place.getKey(), placeId))
                    .orElseThrow(() -> ProblemException.field("sensorId", WORDS.say("thisSensorIsAtNo")));
        }
        OnFile vehicle = Optional.ofNullable(unit)
                .filter(text -> !text.isBlank())
                .flatMap(register::named)
                .map(vehicles::get)
                .orElseThrow(() -> ProblemException.field("unit", WORDS.say("noVehicleOnFile2", "unit", unit)));
        Position here = PositionNames.read(
                position == null ? "" : position, vehicle.facts().layout());
        return Optional.ofNullable(vehicle.places().get(here))
                .map(placeId -> new Place(vehicle, here, placeId))
                .orElseThrow(() ->
                        ProblemException.field("position", WORDS.say("vehicleHasNoPosition", "position", position)));
    }
}
