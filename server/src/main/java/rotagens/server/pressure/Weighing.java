package rotagens.server.pressure;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.Slip;
import rotagens.core.weighing.SlipCheck;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.loads.Slips;
import rotagens.server.people.People;
import rotagens.server.web.Entries;

/** Takes slips in. One that can't be right is refused whole, each fault at its field. */
@Service
class Weighing {

    private final Fleet fleet;
    private final Slips slips;
    private final People people;
    private final Changes changes;

    Weighing(Fleet fleet, Slips slips, People people, Changes changes) {
        this.fleet = fleet;
        this.slips = slips;
        this.people = people;
        this.changes = changes;
    }

    @Transactional
    void add(long vehicleId, SlipForm form, Units units) {
        changes.only(vehicleId);
        Standing standing = fleet.get(vehicleId);
        Entries typed = new Entries();
        Slip slip = form.read(standing.today(), standing.pressures().tires(), typed, units);
        String note = typed.text("note", form.note(), 300);
        typed.refuseIfWrong();
        double within =
                standing.policy().of(standing.onFile().facts().vehicleClass()).number(PolicyNumber.SLIP_WITHIN) / 100;
        Optional<Slip> empty = slip.state() == LoadState.EMPTY
                ? Optional.empty()
                : standing.state().facts().slip(LoadState.EMPTY);
        List<SlipCheck.Fault> faults =
                SlipCheck.faults(slip, standing.onFile().facts(), within, empty, Boolean.TRUE.equals(form.sure()));
        if (faults.stream().anyMatch(SlipCheck.Fault::mayBeRight)) {
            typed.wrong("sure", "Read the slip again, or say that it is right.");
        }
        faults.forEach(fault -> typed.wrong(
                fault.axle() == 0 ? "gross" : "axles." + fault.axle(),
                fault.says().in(units)));
        if (faults.stream().anyMatch(SlipCheck.Fault::meantOtherUnit)) {
            typed.wrong("unit", units == Units.US ? "kg" : "lb");
        }
        typed.refuseIfWrong();
        slips.add(vehicleId, slip, note, people.me());
    }
}
