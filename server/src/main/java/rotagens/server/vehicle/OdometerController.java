package rotagens.server.vehicle;

import static rotagens.server.vehicle.VehicleWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.server.people.People;
import rotagens.server.web.InputValidator;

/** A vehicle's odometer: reading it, correcting a wrong reading, and another odometer. */
@RestController
class OdometerController {

    private static final int LINES = 60;

    /** A reading of the odometer. */
    record OdometerRequest(
            @Nullable String odometer,
            @Nullable LocalDate day,
            @Nullable Boolean confirmed) {}

    /** Another odometer: what the old one showed last, and what the new one begins with. */
    record OdometerReplacementRequest(
            @Nullable String last,
            @Nullable String first,
            @Nullable String note,
            @Nullable Boolean confirmed) {}

    /** What a wrong reading should have been, empty where there is no right figure, and what was wrong. */
    record OdometerCorrectionRequest(
            @Nullable String odometer,
            @Nullable String reason,
            @Nullable Boolean confirmed) {}

    /** A reading on record; a voided one with who voided it, on which day and why. */
    record OdometerReadingView(
            long id,
            LocalDate day,
            String odometer,
            String by,
            boolean isOfReplacement,
            @Nullable String voidedBy,
            @Nullable LocalDate voidedDay,
            @Nullable String reason) {}

    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final OdometerVoidStore odometerVoidStore;
    private final People people;
    private final Clock clock;

    OdometerController(
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            OdometerVoidStore odometerVoidStore,
            People people,
            Clock clock) {
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.odometerVoidStore = odometerVoidStore;
        this.people = people;
        this.clock = clock;
    }

    /** The newest readings of a vehicle’s odometer, voided ones with who voided them and why. */
    @GetMapping("/api/vehicles/{id}/odometer")
    List<OdometerReadingView> listOdometerReadings(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return odometerVoidStore.lines(vehicleStore.get(id).id(), LINES).stream()
                .map(line -> new OdometerReadingView(
                        line.id(),
                        LocalDate.ofInstant(line.at(), clock.getZone()),
                        line.reading().format(units),
                        people.named(line.personId()),
                        line.isOfReplacement(),
                        line.voided().map(one -> people.named(one.personId())).orElse(null),
                        line.voided()
                                .map(one -> LocalDate.ofInstant(one.at(), clock.getZone()))
                                .orElse(null),
                        line.voided().map(OdometerVoidStore.Void::reason).orElse(null)))
                .toList();
    }

    /** Records an odometer reading; one that can’t be is refused, an unusual one asked about. */
    @PostMapping("/api/vehicles/{id}/odometer")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addOdometer(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody OdometerRequest read) {
        InputValidator typed = new InputValidator();
        var reading = typed.required("odometer", read.odometer(), text -> Distance.parse(text, bare(units)));
        LocalDate today = LocalDate.now(clock);
        LocalDate day = read.day() == null ? today : read.day();
        typed.unless(!day.isAfter(today), "day", WORDS.say("thisDayLiesAheadCheck"));
        typed.refuseIfWrong();
        odometerStore.read(
                vehicleStore.get(id).id(),
                reading.orElseThrow(),
                day.equals(today)
                        ? clock.instant()
                        : day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant(),
                people.me(),
                "odometer",
                OdometerStore.askIn(read.confirmed(), units));
    }

    /** Voids a wrong odometer reading and puts the right one in its place; both stay on record. */
    @PostMapping("/api/vehicles/{id}/odometer/{readingId}/correction")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void correctOdometer(
            @PathVariable long id,
            @PathVariable long readingId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody OdometerCorrectionRequest said) {
        InputValidator typed = new InputValidator();
        var right = typed.optional("odometer", said.odometer(), text -> Distance.parse(text, bare(units)));
        String reason = typed.text("reason", said.reason(), 200);
        typed.unless(!reason.isEmpty(), "reason", WORDS.say("sayWhatWasWrong"));
        typed.refuseIfWrong();
        odometerVoidStore.correct(
                vehicleStore.get(id).id(),
                readingId,
                right,
                reason,
                people.me(),
                OdometerStore.askIn(said.confirmed(), units));
    }

    /** Records another odometer: what the old one showed last, and what the new one begins with. */
    @PostMapping("/api/vehicles/{id}/odometer-replacement")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void replaceOdometer(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody OdometerReplacementRequest said) {
        InputValidator typed = new InputValidator();
        var last = typed.required("last", said.last(), text -> Distance.parse(text, bare(units)));
        var first = typed.required("first", said.first(), text -> Distance.parse(text, bare(units)));
        String note = typed.text("note", said.note(), 200);
        typed.refuseIfWrong();
        odometerStore.replace(
                vehicleStore.get(id).id(),
                last.orElseThrow(),
                first.orElseThrow(),
                clock.instant(),
                note,
                people.me(),
                OdometerStore.askIn(said.confirmed(), units));
    }

    private static Distance.Unit bare(Units units) {
        return units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM;
    }
}
