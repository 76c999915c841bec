package rotagens.server.pressure;

import static rotagens.server.pressure.PressureWords.WORDS;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.web.IdempotentRequests;
import rotagens.server.web.InputValidator;

/** A scale that sends its tickets on its own. */
@RestController
class ScaleIngestController {

    /**
     * @param unit the vehicle’s unit number
     * @param ticket its weights, each with its unit: 11460 lb, 5200 kg
     */
    record ScaleIngestRequest(
            @Nullable String unit, @Nullable ScaleTicketRequest ticket) {}

    /** The ticket is on record. */
    record ScaleIngestView(long vehicleId) {}

    private final WeighingService weighings;
    private final VehicleRegister register;
    private final IdempotentRequests idempotentRequests;

    ScaleIngestController(WeighingService weighings, VehicleRegister register, IdempotentRequests idempotentRequests) {
        this.weighings = weighings;
        this.register = register;
        this.idempotentRequests = idempotentRequests;
    }

    /** A ticket, once by its key: a scale that hears no answer sends it again. */
    @PostMapping("/api/ingest/scale-tickets")
    @ResponseStatus(HttpStatus.OK)
    ScaleIngestView ingestScaleTicket(
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody ScaleIngestRequest sent) {
        InputValidator typed = new InputValidator();
        typed.unless(key != null && !key.isBlank(), "Idempotency-Key", WORDS.say("sendTheTicketsOwnNumber"));
        var vehicle = register.named(sent.unit() == null ? "" : sent.unit());
        typed.unless(vehicle.isPresent(), "unit", WORDS.say("noVehicleOnFile", "sent", sent.unit()));
        typed.unless(sent.ticket() != null, "ticket", WORDS.say("sendTheWeights"));
        if (sent.ticket() != null) {
            typed.unless(
                    figures(sent.ticket()).noneMatch(text -> text.strip().matches("[-+0-9.,\\s]+")),
                    "ticket",
                    WORDS.say("sendEachWeight"));
        }
        typed.refuseIfWrong();
        long id = vehicle.orElseThrow();
        return idempotentRequests.write(key, List.of("scale", id, sent.ticket()), ScaleIngestView.class, () -> {
            weighings.add(id, sent.ticket(), Units.US);
            return new ScaleIngestView(id);
        });
    }

    private static Stream<String> figures(ScaleTicketRequest ticket) {
        return Stream.concat(
                        Stream.ofNullable(ticket.gross()),
                        ticket.axles() == null
                                ? Stream.empty()
                                : ticket.axles().stream()
                                        .flatMap(axle -> Stream.of(axle.left(), axle.right(), axle.total())))
                .filter(text -> text != null && !text.isBlank());
    }
}
