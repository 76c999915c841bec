package rotagens.server.pressure;

import static rotagens.server.pressure.PressureWords.WORDS;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.ScaleTicket;
import rotagens.core.weighing.ScaleTicketCheck;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.loads.ScaleTicketStore;
import rotagens.server.people.People;
import rotagens.server.web.InputValidator;

/** Takes slips in. One that can't be right is refused whole, each fault at its field. */
@Service
class WeighingService {

    private final FleetCache fleet;
    private final ScaleTicketStore scaleTicketStore;
    private final People people;
    private final ChangeTracker changeTracker;

    WeighingService(FleetCache fleet, ScaleTicketStore scaleTicketStore, People people, ChangeTracker changeTracker) {
        this.fleet = fleet;
        this.scaleTicketStore = scaleTicketStore;
        this.people = people;
        this.changeTracker = changeTracker;
    }

    @Transactional
    void add(long vehicleId, ScaleTicketRequest form, Units units) {
        changeTracker.only(vehicleId);
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        InputValidator typed = new InputValidator();
        ScaleTicket scaleTicket = form.read(
                vehicleAssessment.today(), vehicleAssessment.pressures().tires(), typed, units);
        String note = typed.text("note", form.note(), 300);
        typed.refuseIfWrong();
        double within = vehicleAssessment
                        .policy()
                        .of(vehicleAssessment.vehicleClass())
                        .number(PolicyNumber.SCALE_TICKET_TOLERANCE)
                / 100;
        Optional<ScaleTicket> empty = scaleTicket.state() == LoadState.EMPTY
                ? Optional.empty()
                : vehicleAssessment.state().facts().scaleTicket(LoadState.EMPTY);
        List<ScaleTicketCheck.InputError> inputErrors = ScaleTicketCheck.faults(
                scaleTicket, vehicleAssessment.vehicle(), within, empty, Boolean.TRUE.equals(form.sure()));
        if (inputErrors.stream().anyMatch(ScaleTicketCheck.InputError::canBeConfirmed)) {
            typed.wrong("sure", WORDS.say("readTheScaleTicketAgain"));
        }
        inputErrors.forEach(inputError -> typed.wrong(
                inputError.axle() == 0 ? "gross" : "axles." + inputError.axle(),
                inputError.statement().in(units)));
        if (inputErrors.stream().anyMatch(ScaleTicketCheck.InputError::mayBeOtherUnit)) {
            typed.wrong("unit", units == Units.US ? "kg" : "lb");
        }
        typed.refuseIfWrong();
        scaleTicketStore.add(vehicleId, scaleTicket, note, people.me());
    }
}
