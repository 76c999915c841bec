package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.inspection.Sample;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.shop.Equipment;
import rotagens.core.shop.ShopJob;
import rotagens.core.vehicle.Position;

class ShopVisitTest {

    private static ShopJob job(ShopVisit visit, Sample sample, double target) {
        return visit.job(
                "1",
                sample.state(),
                "Millrace",
                true,
                position -> Optional.of(Pressure.psi(target)),
                Policy.DEFAULTS,
                Optional.empty(),
                TODAY);
    }

    private static ShopVisit replace(String position) {
        return new ShopVisit(Map.of(WorkType.REPLACE, List.of(Position.parse(position))), TODAY.plusDays(9), false);
    }

    @Test
    @DisplayName(
            "a coach's tire takes two technicians, a cage over 40 psi and a changer; its 37.7 in fits the ordinary one")
    void needs() {
        ShopJob job = job(replace("1L"), coach(), 110);
        assertThat(job.techniciansNeeded()).isEqualTo(2);
        assertThat(job.requirements()).containsExactlyInAnyOrder(Equipment.CAGE, Equipment.CHANGER);
        // In and out 20, off and on 15, mounting 25, the rest 5.
        assertThat(job.minutes()).isEqualTo(65);
        assertThat(job(replace("1L"), coach(), 40).requirements()).containsExactly(Equipment.CHANGER);
        ShopJob light = job(replace("1L"), coach().light(), 40);
        assertThat(light.techniciansNeeded()).isEqualTo(1);
        assertThat(light.minutes()).isEqualTo(45);
    }

    @Test
    @DisplayName(
            "a vehicle that must not be driven elsewhere is offered mobile service or a tow, each with the fleet's own price")
    void instead() {
        assertThat(job(replace("1L"), coach(), 110)
                        .insteadOfDriving()
                        .orElseThrow()
                        .in(Units.US))
                .isEqualTo("mobile service at Millrace, about $250, or a tow, about $350");
    }

    @Test
    @DisplayName("the refill of a dual's mate takes its time whether or not it stands on the job already")
    void mate() {
        ShopVisit planned = new ShopVisit(
                Map.of(
                        WorkType.REPLACE, List.of(Position.parse("2LO")),
                        WorkType.SET_PRESSURE, List.of(Position.parse("2LI"))),
                TODAY.plusDays(9),
                false);
        int alone = job(replace("2LO"), coach(), 110).minutes();
        assertThat(alone).isEqualTo(job(planned, coach(), 110).minutes());
        // One more than the 65 of a single wheel, rounded up to five: 3 minutes.
        assertThat(alone).isEqualTo(70);
    }

    @Test
    @DisplayName(
            "a target nobody knows is taken for a high one: the cage stands ready; a cause of wear wants the rack, a weighing the scale")
    void unknownTarget() {
        ShopJob job = replace("1L")
                .job(
                        "1",
                        coach().state(),
                        "Millrace",
                        true,
                        position -> Optional.empty(),
                        Policy.DEFAULTS,
                        Optional.of(new TireSupply.SupplyDelay(TODAY.plusDays(4), Message.of("2 on order"))),
                        TODAY);
        assertThat(job.requirements()).contains(Equipment.CAGE);
        assertThat(job.earliest()).isEqualTo(TODAY.plusDays(4));
        ShopVisit rack = new ShopVisit(
                Map.of(WorkType.CORRECT_WEAR_CAUSE, List.of(Position.parse("1L")), WorkType.WEIGH, List.of()),
                TODAY,
                false);
        assertThat(job(rack, coach(), 110).requirements()).containsExactlyInAnyOrder(Equipment.RACK, Equipment.SCALE);
    }

    @Test
    @DisplayName(
            "a job is due with the due work it does, weighs five times where the vehicle must not roll, and else by its day")
    void dueWithItsWork() {
        VehicleState state = coach().read("2RO", reading(3, 76, 14, 14, 14)).state();
        List<DueItem> all = DueWorkFinder.on(state, Policy.DEFAULTS, TODAY);
        ShopVisit look =
                ShopVisit.of(Map.of(WorkType.INSPECT_DAMAGE, List.of(Position.parse("2RO"))), TODAY.plusDays(20), all);
        assertThat(look.due()).isEqualTo(TODAY);
        assertThat(look.stopped()).isTrue();
        assertThat(job(look, coach(), 95).weight()).isEqualTo(5);
        ShopVisit elsewhere =
                ShopVisit.of(Map.of(WorkType.INSPECT_DAMAGE, List.of(Position.parse("1L"))), TODAY.plusDays(20), all);
        assertThat(elsewhere.due()).isEqualTo(TODAY.plusDays(20));
        assertThat(job(elsewhere, coach(), 95).weight()).isEqualTo(1);
    }

    @Test
    @DisplayName("the visit proposed takes what is due until the last day planned, and only tires that go need tires")
    void proposed() {
        VehicleState state = coach().read("3L", reading(3, 90, 3, 3, 3)).state();
        List<DueItem> all = DueWorkFinder.on(state, Policy.DEFAULTS, TODAY);
        List<DueItem> soon = ShopVisit.proposed(state, all, Policy.DEFAULTS, TODAY, TODAY.plusDays(5));
        assertThat(soon)
                .extracting(DueItem::workType)
                .contains(WorkType.REPLACE)
                .doesNotContain(WorkType.TREAD_INSPECTION);
        assertThat(ShopVisit.of(soon).takesTires()).containsExactly(Position.parse("3L"));
    }
}
