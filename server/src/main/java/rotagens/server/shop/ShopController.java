package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.time.LocalDate;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.shop.ShopViews.AcceptedScheduleView;
import rotagens.server.shop.ShopViews.JobSlotView;
import rotagens.server.shop.ShopViews.OpenDayView;
import rotagens.server.shop.ShopViews.OpenDaysRequest;
import rotagens.server.shop.ShopViews.ProposeScheduleRequest;
import rotagens.server.shop.ShopViews.ScheduleProposalView;
import rotagens.server.shop.ShopViews.ScheduleView;
import rotagens.server.shop.ShopViews.SetJobSlotRequest;
import rotagens.server.shop.ShopViews.ShopSetupRequest;
import rotagens.server.shop.ShopViews.ShopSetupView;
import rotagens.server.shop.ShopViews.SlotExplanationView;
import rotagens.server.shop.ShopViews.VehicleBookingRequest;
import rotagens.server.web.EntityVersion;
import rotagens.server.web.IdempotentRequests;

@RestController
class ShopController {

    private final Schedule schedule;
    private final ShopSetupStore setups;
    private final ScheduleProposals scheduleProposals;
    private final VehicleBookings vehicleBookings;
    private final IdempotentRequests idempotentRequests;
    private final OpenDays openDays;

    ShopController(
            Schedule schedule,
            ShopSetupStore setups,
            ScheduleProposals scheduleProposals,
            VehicleBookings vehicleBookings,
            IdempotentRequests idempotentRequests,
            OpenDays openDays) {
        this.openDays = openDays;
        this.schedule = schedule;
        this.setups = setups;
        this.scheduleProposals = scheduleProposals;
        this.vehicleBookings = vehicleBookings;
        this.idempotentRequests = idempotentRequests;
    }

    /** The shop’s weeks with jobs, people and bookings. */
    @GetMapping("/api/shop/schedule")
    ScheduleView getSchedule(
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(defaultValue = "1") int weeks,
            @RequestParam(defaultValue = "US") Units units) {
        return schedule.view(from, weeks, units);
    }

    /** Asks for a proposal and keeps nothing. */
    @PostMapping("/api/shop/open-days")
    List<OpenDayView> proposeOpenDays(
            @RequestParam(defaultValue = "US") Units units, @RequestBody OpenDaysRequest request) {
        return openDays.of(request, units);
    }

    /** Moves a job to a bay, person and hour. */
    @PutMapping("/api/shop/jobs/{id}/slot")
    JobSlotView setJobSlot(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody SetJobSlotRequest wanted) {
        return schedule.place(id, EntityVersion.seen(seen), wanted, units);
    }

    /** Why a job stands on its day, and what stops an earlier one. */
    @GetMapping("/api/shop/jobs/{id}/explanation")
    SlotExplanationView explainJobSlot(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return schedule.why(id, units);
    }

    /** Bays, hours, people and travel times of the shop. */
    @GetMapping("/api/shop/setup")
    ShopSetupView getShopSetup(@RequestParam(defaultValue = "US") Units units) {
        return setups.view(units);
    }

    /** Changes bays, hours, people and travel times. */
    @PutMapping("/api/shop/setup")
    ShopSetupView saveShopSetup(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody ShopSetupRequest form) {
        return setups.save(EntityVersion.seen(seen), form, units);
    }

    /** Begins a proposal for the next weeks. */
    @PostMapping("/api/shop/proposal")
    ScheduleProposalView proposeSchedule(
            @RequestParam(defaultValue = "US") Units units, @RequestBody ProposeScheduleRequest wish) {
        return scheduleProposals.start(wish, units);
    }

    /** How far a proposal is, and what it says. */
    @GetMapping("/api/shop/proposal")
    ScheduleProposalView getScheduleProposal(@RequestParam(defaultValue = "US") Units units) {
        return scheduleProposals.view(units);
    }

    /** Stops a proposal. */
    @PostMapping("/api/shop/proposal/cancel")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancelScheduleProposal() {
        scheduleProposals.stop();
    }

    /** Makes a proposal the plan. */
    @PostMapping("/api/shop/proposal/accept")
    AcceptedScheduleView acceptScheduleProposal(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return idempotentRequests.write(
                key,
                List.of(WORDS.say("acceptPlan")),
                AcceptedScheduleView.class,
                () -> scheduleProposals.accept(units));
    }

    /** Books a vehicle out of the shop for a time. */
    @PostMapping("/api/shop/bookings")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addVehicleBooking(@RequestBody VehicleBookingRequest form) {
        vehicleBookings.add(form);
    }

    /** Takes a booking back. */
    @DeleteMapping("/api/shop/bookings/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeVehicleBooking(@PathVariable long id) {
        vehicleBookings.remove(id);
    }
}
