package rotagens.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Load;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Side;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;

class ScaleTicketCheckTest {

    private static final Vehicle SHUTTLE = new Vehicle(
            "SH-01",
            "Cutaway shuttle",
            VehicleType.BUS,
            Load.lb(14_500),
            new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, true)), 0),
            Map.of(),
            Map.of(1, Load.lb(5_000), 2, Load.lb(9_500)),
            Map.of(),
            false,
            OptionalDouble.empty(),
            Optional.empty(),
            false,
            Map.of());

    private static ScaleTicket slip(Load gross, AxleWeight... axles) {
        return new ScaleTicket(
                LocalDate.of(2026, 11, 20),
                LoadState.NORMAL,
                "Eastbank",
                List.of(axles),
                Optional.ofNullable(gross),
                Map.of());
    }

    private static AxleWeight whole(int axle, double lb) {
        return AxleWeight.total(axle, Load.lb(lb));
    }

    private static List<String> statement(ScaleTicket scaleTicket) {
        return ScaleTicketCheck.faults(scaleTicket, SHUTTLE, 0.02, Optional.empty(), false).stream()
                .map(inputError ->
                        inputError.axle() + ": " + inputError.statement().in(Units.US))
                .toList();
    }

    @Test
    @DisplayName("ends, axles and gross within 2% of each other pass")
    void passes() {
        AxleWeight drive =
                new AxleWeight(2, Optional.of(Load.lb(4000)), Optional.of(Load.lb(4100)), Optional.of(Load.lb(8200)));
        assertThat(statement(slip(Load.lb(12_600), whole(1, 4500), drive))).isEmpty();
    }

    @Test
    @DisplayName("a missing axle is named, an axle the vehicle lacks too")
    void axles() {
        assertThat(statement(slip(null, whole(1, 4500))))
                .containsExactly("2: Axle 2, drive, is missing. Enter the weight of every axle. Nothing was saved.");
        assertThat(statement(slip(null, whole(1, 4500), whole(2, 8000), whole(3, 2000))))
                .containsExactly("3: This vehicle has no axle 3: it has 2.");
        assertThatThrownBy(() -> new AxleWeight(1, Optional.of(Load.lb(2000)), Optional.empty(), Optional.empty()))
                .hasMessageContaining("only its left end");
    }

    @Test
    @DisplayName("what doesn't add up is told with both figures")
    void sums() {
        assertThat(statement(slip(Load.lb(13_200), whole(1, 4500), whole(2, 8000))))
                .containsExactly(
                        "0: The axles add up to 12,500 lb, the gross weight says 13,200 lb: more than 2% apart. Read the scale ticket again.");
        AxleWeight drive =
                new AxleWeight(2, Optional.of(Load.lb(4000)), Optional.of(Load.lb(4100)), Optional.of(Load.lb(8400)));
        assertThat(statement(slip(null, whole(1, 4500), drive)))
                .containsExactly(
                        "2: The ends of axle 2 add up to 8,100 lb, the platform says 8,400 lb: more than 2% apart.");
    }

    @Test
    @DisplayName("kilograms typed as pounds are asked about, and so are pounds typed as kilograms")
    void wrongUnit() {
        assertThat(statement(slip(null, whole(1, 2000), whole(2, 3700))))
                .containsExactly(
                        "0: 5,700 lb is less than this vehicle can weigh: its GVWR is 14,500 lb. Did you mean kg?");
        assertThat(statement(slip(null, AxleWeight.total(1, Load.kg(4800)), AxleWeight.total(2, Load.kg(9100)))))
                .contains("1: 10,582 lb on axle 1 is over twice its rating of 5,000 lb. Did you mean lb?");
        assertThat(statement(slip(null, whole(1, 40_000), whole(2, 8000))))
                .first()
                .asString()
                .endsWith("Read the scale ticket again.");
    }

    @Test
    @DisplayName("who is sure that the vehicle is that light may say so")
    void sure() {
        assertThat(ScaleTicketCheck.faults(
                        slip(null, whole(1, 2000), whole(2, 3700)), SHUTTLE, 0.02, Optional.empty(), true))
                .isEmpty();
    }

    @Test
    @DisplayName("under its own empty weight a scale ticket can't be right")
    void underEmpty() {
        ScaleTicket empty = slip(null, whole(1, 4000), whole(2, 6000));
        assertThat(ScaleTicketCheck.faults(
                        slip(null, whole(1, 3600), whole(2, 5500)), SHUTTLE, 0.02, Optional.of(empty), false))
                .first()
                .satisfies(inputError -> assertThat(inputError.statement().in(Units.US))
                        .contains("it weighed 10,000 lb empty on Nov 20, 2026"));
    }

    @Test
    @DisplayName("platform and pads of one day are held against each other")
    void twoScales() {
        ScaleTicket pads = slip(null, AxleWeight.ends(1, Load.lb(2400), Load.lb(2400)), whole(2, 8000));
        assertThat(ScaleTicketCheck.disagreements(slip(null, whole(1, 4500), whole(2, 8050)), pads, 0.02, Units.US))
                .containsExactly("Axle 1: 4,500 lb on Eastbank, 4,800 lb on Eastbank.");
    }

    @Test
    @DisplayName("the heavier end decides; half the axle stands in where ends weren't weighed")
    void ends() {
        AxleWeight axle = AxleWeight.ends(2, Load.lb(4300), Load.lb(3700));
        assertThat(axle.perTireLb(true)).isEqualTo(2150);
        assertThat(axle.heavierSide()).isEqualTo(Side.LEFT);
        assertThat(axle.sideDifference()).isEqualTo(0.075);
        assertThat(axle.loadToShiftLb()).isEqualTo(300);
        assertThat(whole(1, 4500).perTireLb(false)).isEqualTo(2250);
    }
}
