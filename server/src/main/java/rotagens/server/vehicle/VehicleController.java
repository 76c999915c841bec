package rotagens.server.vehicle;

import static rotagens.server.vehicle.VehicleWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleLayoutChange;
import rotagens.core.vehicle.PlacardLoadBasis;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.VehicleType;
import rotagens.server.people.People;
import rotagens.server.vehicle.VehicleRegister.Stored;
import rotagens.server.web.EntityVersion;
import rotagens.server.web.IdempotentRequests;
import rotagens.server.web.InputValidator;

/** Putting vehicles on file, changing and retiring them. */
@RestController
class VehicleController {

    record VehicleRecordView(long id, int version, boolean retired, VehicleRequest form) {}

    record NewVehicleView(long id) {}

    /** A kind of vehicle and where its placard is found. */
    record VehicleTypeOption(VehicleType type, String placardLocation) {}

    record PlacardLoadBasisOption(PlacardLoadBasis code, String label) {}

    record RetiredVehicleView(long id, String unit, String description, Instant at) {}

    record VehicleRegisterView(
            List<String> yards,
            List<String> classes,
            List<VehicleTypeOption> vehicleTypes,
            List<PlacardLoadBasisOption> placardLoadBases,
            List<RetiredVehicleView> retired) {}

    /** A layout as it is being drawn. */
    record LayoutPreviewRequest(
            List<VehicleRequest.AxleRequest> axles,
            int spares,
            @Nullable Long vehicleId) {}

    /** A position of the layout: its code and its name. */
    record LayoutPositionView(String position, String name, int axle) {}

    /** The positions a drawn layout has, and what it would mean for tires on the vehicle. */
    record LayoutPreviewView(List<LayoutPositionView> positions, List<String> blocked, List<String> effects) {}

    private final VehicleRegister getVehicleRegister;
    private final VehicleStore vehicleStore;
    private final People people;
    private final IdempotentRequests idempotentRequests;
    private final Clock clock;

    VehicleController(
            VehicleRegister register,
            VehicleStore vehicleStore,
            People people,
            IdempotentRequests idempotentRequests,
            Clock clock) {
        this.getVehicleRegister = register;
        this.vehicleStore = vehicleStore;
        this.people = people;
        this.idempotentRequests = idempotentRequests;
        this.clock = clock;
    }

    /** Yards, classes and types to choose from, and retired vehicles. */
    @GetMapping("/api/vehicle-register")
    VehicleRegisterView getVehicleRegister() {
        VehicleRegister.Choices choices = getVehicleRegister.choices();
        return new VehicleRegisterView(
                choices.yards(),
                choices.classes(),
                Arrays.stream(VehicleType.values())
                        .map(kind -> new VehicleTypeOption(kind, kind.placardLocation()))
                        .toList(),
                Arrays.stream(PlacardLoadBasis.values())
                        .map(assumes -> new PlacardLoadBasisOption(assumes, assumes.label()))
                        .toList(),
                choices.retired().stream()
                        .map(one -> new RetiredVehicleView(one.id(), one.unit(), one.description(), one.at()))
                        .toList());
    }

    /** A vehicle’s record as it is edited. */
    @GetMapping("/api/vehicles/{id}/sheet")
    VehicleRecordView getVehicleRecord(@PathVariable long id) {
        return getVehicleRecord(getVehicleRegister.stored(id));
    }

    /** What a drawn axle layout has for positions, and what it would mean for tires on the vehicle. */
    @PostMapping("/api/vehicles/layout-change")
    LayoutPreviewView previewLayoutChange(@RequestBody LayoutPreviewRequest layoutPreviewRequest) {
        InputValidator typed = new InputValidator();
        typed.unless(
                layoutPreviewRequest.axles() != null
                        && layoutPreviewRequest.axles().stream().allMatch(one -> one != null && one.role() != null),
                "axles",
                WORDS.say("drawTheAxlesEach"));
        typed.refuseIfWrong();
        AxleLayout axleLayout = typed.attempt(
                        "axles",
                        () -> new AxleLayout(
                                layoutPreviewRequest.axles().stream()
                                        .map(one -> rotagens.core.vehicle.Axle.ofTires(one.role(), one.tires()))
                                        .toList(),
                                layoutPreviewRequest.spares()))
                .orElse(null);
        typed.refuseIfWrong();
        AxleLayoutChange change = layoutPreviewRequest.vehicleId() == null
                ? new AxleLayoutChange(List.of(), List.of())
                : getVehicleRegister.layoutChange(layoutPreviewRequest.vehicleId(), axleLayout);
        return new LayoutPreviewView(
                axleLayout.positions().stream()
                        .map(position -> new LayoutPositionView(
                                position.code(),
                                axleLayout.nameOf(position),
                                position instanceof Position.OnAxle on ? on.axle() : 0))
                        .toList(),
                change.blocked().stream().map(Position::code).toList(),
                change.effects());
    }

    /** Puts a vehicle on file. */
    @PostMapping("/api/vehicles")
    NewVehicleView addVehicle(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody VehicleRequest form) {
        return idempotentRequests.write(
                key,
                List.of("vehicle", units, form),
                NewVehicleView.class,
                () -> new NewVehicleView(getVehicleRegister.add(form.read(units, LocalDate.now(clock)))));
    }

    /** Changes a vehicle’s record; the version it was read in goes with it. */
    @PutMapping("/api/vehicles/{id}")
    VehicleRecordView changeVehicle(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(defaultValue = "false") boolean confirmed,
            @RequestHeader("If-Match") String seen,
            @RequestBody VehicleRequest form) {
        getVehicleRegister.change(id, EntityVersion.seen(seen), form.read(units, LocalDate.now(clock)), confirmed);
        return getVehicleRecord(getVehicleRegister.stored(id));
    }

    /** Takes a vehicle out of service; its history stays. */
    @PostMapping("/api/vehicles/{id}/retire")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void retireVehicle(@PathVariable long id) {
        getVehicleRegister.retire(id, true);
    }

    /** Puts a retired vehicle back into service. */
    @PostMapping("/api/vehicles/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restoreVehicle(@PathVariable long id) {
        getVehicleRegister.retire(id, false);
    }

    private static VehicleRecordView getVehicleRecord(Stored stored) {
        return new VehicleRecordView(
                stored.id(), stored.version(), stored.retired(), VehicleRequest.of(stored.entry()));
    }
}
