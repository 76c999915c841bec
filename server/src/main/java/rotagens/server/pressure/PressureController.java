package rotagens.server.pressure;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.pressure.LoadPressureViews.LoadPressureView;
import rotagens.server.pressure.LoadPressureViews.PressureLossView;
import rotagens.server.pressure.PressureRound.CheckedPressureRequest;
import rotagens.server.pressure.PressureRound.PressureAdviceView;
import rotagens.server.pressure.PressureRound.PressureRoundView;
import rotagens.server.pressure.PressureService.BodyChangeRequest;
import rotagens.server.pressure.PressureService.BookTripRequest;
import rotagens.server.pressure.PressureService.ChalkPassRequest;
import rotagens.server.pressure.PressureService.ChalkTestView;
import rotagens.server.pressure.PressureService.ChooseMethodRequest;
import rotagens.server.pressure.PressureService.SetLoadStateRequest;
import rotagens.server.pressure.PressureService.SetThresholdRequest;
import rotagens.server.web.IdempotentRequests;
import rotagens.server.web.InputValidator;

/** Load and pressure of one vehicle. Every write answers with the page as it then stands, or what to do next. */
@RestController
@RequestMapping("/api/vehicles/{id}")
class PressureController {

    private static final String KEY = "Idempotency-Key";

    private final LoadPressurePages pages;
    private final WeighingService weighingService;
    private final PressureService changes;
    private final PressureRound getPressureRound;
    private final IdempotentRequests idempotentRequests;
    private final PressureLossPages losses;

    PressureController(
            LoadPressurePages pages,
            WeighingService weighingService,
            PressureService changes,
            PressureRound round,
            IdempotentRequests idempotentRequests,
            PressureLossPages losses) {
        this.losses = losses;
        this.pages = pages;
        this.weighingService = weighingService;
        this.changes = changes;
        this.getPressureRound = round;
        this.idempotentRequests = idempotentRequests;
    }

    /** A vehicle’s weights, methods and targets, axle by axle, with their reasons. */
    @GetMapping("/load-pressure")
    LoadPressureView getLoadPressure(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return pages.page(id, units);
    }

    /** How fast each tire loses air, cold readings brought to one temperature. */
    @GetMapping("/loss")
    List<PressureLossView> getPressureLoss(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return losses.loss(id, units);
    }

    /** Records a weighing; targets that rest on the weight follow. */
    @PostMapping("/scale-tickets")
    LoadPressureView addScaleTicket(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody ScaleTicketRequest slip) {
        return idempotentRequests.write(key, List.of("slip", id, units, slip), LoadPressureView.class, () -> {
            weighingService.add(id, slip, units);
            return pages.page(id, units);
        });
    }

    /** Chooses by which method an axle’s target is found. */
    @PutMapping("/method")
    LoadPressureView choosePressureMethod(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody ChooseMethodRequest chooseMethodRequest) {
        changes.choose(id, chooseMethodRequest);
        return pages.page(id, units);
    }

    /** Sets the pressure at which an axle’s sensors are to warn. */
    @PutMapping("/axles/{axle}/warning-threshold")
    LoadPressureView setWarningThreshold(
            @PathVariable long id,
            @PathVariable int axle,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody SetThresholdRequest set) {
        changes.threshold(id, axle, set, units);
        return pages.page(id, units);
    }

    /** Says how the vehicle is loaded now. */
    @PutMapping("/load-state")
    LoadPressureView setLoadState(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody SetLoadStateRequest set) {
        changes.state(id, set);
        return pages.page(id, units);
    }

    /** Books a loaded trip with the pressures it takes. */
    @PostMapping("/trips")
    LoadPressureView bookTrip(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody BookTripRequest trip) {
        return idempotentRequests.write(key, List.of("trip", id, units, trip), LoadPressureView.class, () -> {
            changes.book(id, trip, units);
            return pages.page(id, units);
        });
    }

    /** Takes a booked trip back. */
    @DeleteMapping("/trips/{trip}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancelTrip(@PathVariable long id, @PathVariable long trip) {
        changes.cancel(id, trip);
    }

    /** Records a change of body or equipment, after which a weighing no longer holds. */
    @PostMapping("/body-changes")
    LoadPressureView addBodyChange(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody BodyChangeRequest bodyChangeRequest) {
        changes.bodyChanged(id, bodyChangeRequest);
        return pages.page(id, units);
    }

    /** The chalk test of an axle: its passes and what they say. */
    @GetMapping("/axles/{axle}/chalk-test")
    ChalkTestView getChalkTest(
            @PathVariable long id, @PathVariable int axle, @RequestParam(defaultValue = "US") Units units) {
        return changes.trial(id, axle, units);
    }

    /** Records one pass of a chalk test. */
    @PostMapping("/axles/{axle}/chalk-test")
    ChalkTestView addChalkPass(
            @PathVariable long id,
            @PathVariable int axle,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody ChalkPassRequest pass) {
        return idempotentRequests.write(
                key,
                List.of("chalk", id, axle, units, pass),
                ChalkTestView.class,
                () -> changes.chalk(id, axle, pass, units));
    }

    /** The stops of a round, with what to fill to at the temperatures given. */
    @GetMapping("/pressure-round")
    PressureRoundView getPressureRound(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(required = false) @Nullable String air,
            @RequestParam(required = false) @Nullable String coldest) {
        return getPressureRound.round(id, air, coldest, units);
    }

    /** Says what to do with a gauge’s figure: add, let out, wait, or never on the vehicle. Nothing is stored. */
    @PostMapping("/pressure-round/{position}/advice")
    PressureAdviceView advisePressure(
            @PathVariable long id,
            @PathVariable String position,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody CheckedPressureRequest checkedPressureRequest) {
        return getPressureRound.advise(id, position, checkedPressureRequest, units);
    }

    /** Records the figures before and after setting a tire. */
    @PostMapping("/pressure-round/{position}")
    PressureAdviceView saveCheckedPressure(
            @PathVariable long id,
            @PathVariable String position,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody CheckedPressureRequest checkedPressureRequest) {
        return idempotentRequests.write(
                key,
                List.of("gauge", id, position, units, checkedPressureRequest),
                PressureAdviceView.class,
                () -> getPressureRound.save(id, position, checkedPressureRequest, units));
    }

    /** A printed slip read aloud; nothing is stored. */
    @RestController
    static class ScaleTicketParserController {

        record ScaleTicketText(@Nullable String text) {}

        /** Reads a pasted scale ticket into weights by axle. */
        @PostMapping("/api/parse/scale-ticket")
        ScaleTicketRequest parseScaleTicket(@RequestBody ScaleTicketText slip) {
            InputValidator typed = new InputValidator();
            var read = typed.attempt("text", () -> ScaleTicketRequest.parse(slip.text()));
            typed.refuseIfWrong();
            return read.orElseThrow();
        }
    }
}
