package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.statement;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Load;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueWorkFinder;
import rotagens.core.planning.WorkType;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.LoadCharts;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Use;
import rotagens.core.vehicle.Vehicle.WheelLimits;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;

/** Ratings against the vehicle, said without any weight; and what makes a vehicle a commercial one. */
class RatingsTest {

    private static Tire rated(String line) {
        SidewallMarking read = SidewallMarking.parse(line);
        return new Tire(
                1,
                new TireModel(
                        "Corvane",
                        "Tessaly C2",
                        read.size(),
                        new LoadRatings(read.service(), read.range(), Optional.empty(), Optional.empty()),
                        Optional.of(rotagens.core.measure.Pressure.psi(120)),
                        Optional.of(TreadDepth.of32nds(18)),
                        false,
                        true),
                Sample.tire("275/70R22.5", "2325").dotWeek(),
                false,
                Optional.empty());
    }

    private static Sample allRated(String line) {
        Sample sample = coach();
        sample.state().tires().keySet().forEach(at -> sample.fitted(at.code(), rated(line)));
        return sample;
    }

    @Test
    @DisplayName(
            "an axle's tires together under its rating are said with figures and no scale ticket on file, and ask to weigh")
    void axle() {
        Sample sample = allRated("275/70R22.5 148/145M").gawr(1, 15_000);
        assertThat(statement(sample.judge("1L")))
                .contains("The tires of axle 1 carry 13,889 lb together, the axle is rated 15,000 lb");
        assertThat(sample.judge("1L").verdict()).isEqualTo(Verdict.SERVICE_DUE);
        assertThat(DueWorkFinder.on(sample.state(), Policy.DEFAULTS, TODAY))
                .anyMatch(
                        item -> item.workType() == WorkType.WEIGH && item.due().equals(TODAY));
        assertThat(statement(allRated("275/70R22.5 148/145M").gawr(1, 13_800).judge("1L")))
                .isEmpty();
    }

    @Test
    @DisplayName("all tires together under the vehicle's rating are said with both figures")
    void vehicle() {
        // Single 6,173 lb at index 144, dual 5,675 at 141: 4 × 6,173 + 4 × 5,675.
        assertThat(statement(allRated("275/70R22.5 144/141M")
                        .as(VehicleType.BUS, 50_000, Use.UNKNOWN)
                        .judge("1L")))
                .anyMatch(words -> words.startsWith("All tires carry ")
                        && words.endsWith(" together, the vehicle is rated 50,000 lb"));
    }

    @Test
    @DisplayName("a gross weight over the vehicle's rating must not roll, though every axle may carry its own")
    void gross() {
        ScaleTicket scaleTicket = new ScaleTicket(
                TODAY.minusDays(3),
                LoadState.NORMAL,
                "pads",
                List.of(
                        AxleWeight.ends(1, Load.lb(5000), Load.lb(5000)),
                        AxleWeight.ends(2, Load.lb(9000), Load.lb(9000)),
                        AxleWeight.ends(3, Load.lb(4000), Load.lb(4000))),
                Optional.empty(),
                java.util.Map.of());
        Sample sample = coach().rated()
                .as(VehicleType.BUS, 35_900, Use.UNKNOWN)
                .facts(new PressureInputs(
                        LoadCharts.EMPTY,
                        List.of(scaleTicket),
                        PressureInputs.CurrentLoadState.USUAL,
                        Optional.empty(),
                        java.util.Map.of(),
                        java.util.Map.of(),
                        Optional.empty()));
        assertThat(statement(sample.judge("1L"))).first().isEqualTo("It weighs 36,000 lb, rated 35,900 lb (GVWR)");
        assertThat(sample.judge("1L").verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
    }

    @Test
    @DisplayName("a speed symbol slower than the vehicle asks for must not roll; slower than its axle's others is said")
    void speed() {
        Use fast = new Use(OptionalInt.empty(), Optional.empty(), Optional.empty(), Optional.of(SpeedSymbol.M));
        Sample slow = coach().as(VehicleType.BUS, 46_000, fast).fitted("1L", rated("275/70R22.5 148/145L"));
        assertThat(statement(slow.judge("1L")))
                .contains("Speed symbol L (75 mi an hour), the vehicle asks for M (81 mi an hour)");
        assertThat(slow.judge("1L").verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        Sample uneven = allRated("275/70R22.5 148/145M").fitted("3L", rated("275/70R22.5 148/145L"));
        assertThat(statement(uneven.judge("3L"))).contains("Speed symbol L here, M at 3R");
        assertThat(statement(uneven.judge("3R"))).isEmpty();
    }

    @Test
    @DisplayName("a rim diameter other than the wheel's must not roll and is refused at installing")
    void rim() {
        WheelLimits wheelLimits =
                new WheelLimits(Optional.empty(), Optional.empty(), Optional.empty(), OptionalDouble.of(22.5));
        Sample sample = coach().wheel("3L", wheelLimits);
        assertThat(statement(sample.judge("3L"))).isEmpty();
        Tire other = Sample.tire("275/70R24.5", "2325");
        assertThat(statement(sample.fitted("3L", other).judge("3L")))
                .contains("Tire for a 24.5 in rim, wheel of 22.5 in");
        TireState there = new TireState(
                Position.parse("3L"), Optional.of(other), List.of(), List.of(), Optional.empty(), Optional.empty());
        assertThat(InstallCheck.of(
                                sample.state(),
                                List.copyOf(sample.state().tires().values()),
                                there,
                                Policy.DEFAULTS,
                                TODAY)
                        .refusals())
                .anyMatch(refusal -> refusal.reason().statement().in(Units.US).startsWith("Tire for a 24.5 in rim"));
    }

    @Test
    @DisplayName("an order card never asks for a rating below what it says must be carried")
    void order() {
        Sample sample = coach().fitted("1R", rated("275/70R22.5 140/137M"));
        List<OrderSpecification.Item> items = OrderSpecification.of(
                        sample.state(), Position.parse("1L"), Optional.of(Load.lb(14_000)))
                .items();
        assertThat(items)
                .anyMatch(item -> item.property().equals("Service description")
                        && item.value().orElseThrow().in(Units.US).equals("load index 149 or higher"))
                .anyMatch(item -> item.property().equals("Carries at least")
                        && item.value().orElseThrow().in(Units.US).equals("7,000 lb"));
    }

    @ParameterizedTest(name = "{0} of {1} lb, {2} seats, pay {3}, {4} lb with a trailer: front wheels need {5}/32")
    @CsvSource({
        "TRUCK,  10001, ,   ,      , 4",
        "PICKUP, 10000, ,   ,      , 2",
        "PICKUP,  9900, ,   , 16000, 4",
        "PICKUP,  9900, ,   , 10000, 2",
        "VAN,     9000, 8,  true,  , 2",
        "VAN,     9000, 9,  true,  , 4",
        "VAN,     9000, 12, false, , 2",
        "VAN,     9000, 15, false, , 2",
        "VAN,     9000, 16, false, , 4",
        "SUV,     7000, 9,  true,  , 4",
        "BUS,     9500, ,   ,      , 4",
        "BUS,     9500, 12, false, , 2",
        "CAR,     5000, 9,  true,  , 2",
        "TRAILER, 30000, ,  ,      , 2"
    })
    @DisplayName("the front-wheel rule follows the commercial motor vehicle")
    void frontWheels(
            VehicleType kind, double gvwr, Integer seats, Boolean pay, Double combination, double thirtySeconds) {
        Use use = new Use(
                seats == null ? OptionalInt.empty() : OptionalInt.of(seats),
                Optional.ofNullable(pay),
                Optional.ofNullable(combination).map(Load::lb),
                Optional.empty());
        TreadLimits limits = TreadLimits.at(
                coach().as(kind, gvwr, use).state().vehicle(),
                Position.parse("1L"),
                Policy.DEFAULTS.of("Clinic coach"));
        assertThat(limits.legal()).isEqualTo(TreadDepth.of32nds(thirtySeconds));
    }

    @ParameterizedTest
    @EnumSource(
            value = VehicleType.class,
            names = {"VAN", "PICKUP", "SUV"})
    @DisplayName("what would make a light vehicle a commercial one is asked for until it is on record")
    void asked(VehicleType kind) {
        assertThat(coach().as(kind, 9_000, Use.UNKNOWN).state().vehicle().commercialUseUnknown())
                .isTrue();
        Use told = new Use(OptionalInt.of(5), Optional.of(false), Optional.of(Load.lb(9_500)), Optional.empty());
        assertThat(coach().as(kind, 9_000, told).state().vehicle().commercialUseUnknown())
                .isFalse();
    }
}
