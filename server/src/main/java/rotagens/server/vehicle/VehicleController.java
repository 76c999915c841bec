package rotagens.server.vehicle;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
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
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Layout;
import rotagens.core.vehicle.LayoutChange;
import rotagens.core.vehicle.PlacardLoad;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.VehicleKind;
import rotagens.server.people.People;
import rotagens.server.vehicle.VehicleRegister.Stored;
import rotagens.server.web.Entries;
import rotagens.server.web.OnceOnly;
import rotagens.server.web.Version;

/** Putting vehicles on file, changing and retiring them, and their odometers. */
@RestController
class VehicleController {

    record Sheet(long id, int version, boolean retired, VehicleForm form) {}

    record NewVehicle(long id) {}

    /** A kind of vehicle and where its placard is found. */
    record KindChoice(VehicleKind kind, String placardSpot) {}

    record PlacardChoice(PlacardLoad assumes, String words) {}

    record RetiredUnit(long id, String unit, String description, Instant at) {}

    record Register(
            List<String> yards,
            List<String> classes,
            List<KindChoice> kinds,
            List<PlacardChoice> placardLoads,
            List<RetiredUnit> retired) {}

    /** A layout as it is being drawn. */
    record Drawn(
            List<VehicleForm.AxleForm> axles,
            int spares,
            @Nullable Long vehicleId) {}

    /** A position of the layout: its code and its name. */
    record Place(String position, String name, int axle) {}

    /** The positions a drawn layout has, and what it would mean for tires on the vehicle. */
    record Preview(List<Place> places, List<String> blocked, List<String> effects) {}

    record OdometerRead(
            @Nullable String odometer,
            @Nullable LocalDate day,
            @Nullable Boolean confirmed) {}

    /** Another odometer: what the old one showed last, and what the new one begins with. */
    record OdometerReplaced(
            @Nullable String last,
            @Nullable String first,
            @Nullable String note,
            @Nullable Boolean confirmed) {}

    private final VehicleRegister register;
    private final Vehicles vehicles;
    private final People people;
    private final OnceOnly onceOnly;
    private final Clock clock;

    VehicleController(VehicleRegister register, Vehicles vehicles, People people, OnceOnly onceOnly, Clock clock) {
        this.register = register;
        this.vehicles = vehicles;
        this.people = people;
        this.onceOnly = onceOnly;
        this.clock = clock;
    }

    @GetMapping("/api/register")
    Register register() {
        VehicleRegister.Choices choices = register.choices();
        return new Register(
                choices.yards(),
                choices.classes(),
                Arrays.stream(VehicleKind.values())
                        .map(kind -> new KindChoice(kind, kind.placardSpot()))
                        .toList(),
                Arrays.stream(PlacardLoad.values())
                        .map(assumes -> new PlacardChoice(assumes, assumes.words()))
                        .toList(),
                choices.retired().stream()
                        .map(one -> new RetiredUnit(one.id(), one.unit(), one.description(), one.at()))
                        .toList());
    }

    @GetMapping("/api/vehicles/{id}/sheet")
    Sheet sheet(@PathVariable long id) {
        return sheet(register.stored(id));
    }

    @PostMapping("/api/vehicles/layout-change")
    Preview preview(@RequestBody Drawn drawn) {
        Entries typed = new Entries();
        typed.unless(
                drawn.axles() != null && drawn.axles().stream().allMatch(one -> one != null && one.role() != null),
                "axles",
                "Draw the axles, each with its role.");
        typed.refuseIfWrong();
        Layout layout = typed.attempt(
                        "axles",
                        () -> new Layout(
                                drawn.axles().stream()
                                        .map(one -> rotagens.core.vehicle.Axle.ofTires(one.role(), one.tires()))
                                        .toList(),
                                drawn.spares()))
                .orElse(null);
        typed.refuseIfWrong();
        LayoutChange change = drawn.vehicleId() == null
                ? new LayoutChange(List.of(), List.of())
                : register.layoutChange(drawn.vehicleId(), layout);
        return new Preview(
                layout.positions().stream()
                        .map(position -> new Place(
                                position.code(),
                                layout.nameOf(position),
                                position instanceof Position.OnAxle on ? on.axle() : 0))
                        .toList(),
                change.blocked().stream().map(Position::code).toList(),
                change.effects());
    }

    @PostMapping("/api/vehicles")
    NewVehicle add(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody VehicleForm form) {
        return onceOnly.write(
                key,
                List.of("vehicle", units, form),
                NewVehicle.class,
                () -> new NewVehicle(register.add(form.read(units, LocalDate.now(clock)))));
    }

    @PutMapping("/api/vehicles/{id}")
    Sheet change(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(defaultValue = "false") boolean confirmed,
            @RequestHeader("If-Match") String seen,
            @RequestBody VehicleForm form) {
        register.change(id, Version.seen(seen), form.read(units, LocalDate.now(clock)), confirmed);
        return sheet(register.stored(id));
    }

    @PostMapping("/api/vehicles/{id}/retire")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void retire(@PathVariable long id) {
        register.retire(id, true);
    }

    @PostMapping("/api/vehicles/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable long id) {
        register.retire(id, false);
    }

    @PostMapping("/api/vehicles/{id}/odometer")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void odometer(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody OdometerRead read) {
        Entries typed = new Entries();
        var reading = typed.required(
                "odometer",
                read.odometer(),
                text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
        LocalDate today = LocalDate.now(clock);
        LocalDate day = read.day() == null ? today : read.day();
        typed.unless(!day.isAfter(today), "day", "This day lies ahead. Check the date.");
        typed.refuseIfWrong();
        Instant at = day.equals(today)
                ? clock.instant()
                : day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant();
        vehicles.readOdometer(
                vehicles.get(id),
                reading.orElseThrow(),
                at,
                people.me(),
                "odometer",
                Vehicles.askIn(read.confirmed(), units));
    }

    @PostMapping("/api/vehicles/{id}/odometer-replacement")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void replaceOdometer(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody OdometerReplaced said) {
        Entries typed = new Entries();
        Distance.Unit bare = units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM;
        var last = typed.required("last", said.last(), text -> Distance.parse(text, bare));
        var first = typed.required("first", said.first(), text -> Distance.parse(text, bare));
        String note = typed.text("note", said.note(), 200);
        typed.refuseIfWrong();
        vehicles.replaceOdometer(
                vehicles.get(id),
                last.orElseThrow(),
                first.orElseThrow(),
                clock.instant(),
                note,
                people.me(),
                Vehicles.askIn(said.confirmed(), units));
    }

    private static Sheet sheet(Stored stored) {
        return new Sheet(stored.id(), stored.version(), stored.retired(), VehicleForm.of(stored.entry()));
    }
}
