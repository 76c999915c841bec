package rotagens.core.tire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Distance;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Torque;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.tire.TireUsage.Installation;

/** Sidewall cross-checks, deliveries, the cost of a tire's life, and the quantities they are told in. */
class RegisterRulesTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final Policy.ClassPolicy POLICY = Policy.DEFAULTS.of("Shuttle");

    private static LoadRatings ratings(String line, String single, String dual) {
        SidewallMarking read = SidewallMarking.parse(line);
        return new LoadRatings(
                read.service(),
                read.range(),
                Optional.ofNullable(single).map(text -> Load.parse(text, Load.Unit.LB)),
                Optional.ofNullable(dual).map(text -> Load.parse(text, Load.Unit.LB)));
    }

    private static List<String> disagreements(String line, String single, String dual) {
        return LoadRatingsCheck.disagreements(SidewallMarking.parse(line).size(), ratings(line, single, dual)).stream()
                .map(reason -> reason.statement().in(Units.US))
                .toList();
    }

    @Test
    @DisplayName("a load index and a molded load within 1% agree; a swapped digit is pointed at")
    void indexAgainstMoldedLoad() {
        assertThat(disagreements("LT245/75R17 121/118S E", "3195", "2910")).isEmpty();
        assertThat(disagreements("LT245/75R17 121/118S E", "3915", "2910"))
                .containsExactly("Load index 121 means 3,197 lb, the molded single load is 3,915 lb");
        assertThat(disagreements("LT245/75R17 121/118S E", "3195", "2190")).hasSize(1);
    }

    @Test
    @DisplayName("letters and prefixes that don't go together are pointed at")
    void lettersAgainstSize() {
        assertThat(disagreements("P215/70R16 99H E", null, null))
                .containsExactly("Load range E on the passenger size P215/70R16");
        assertThat(disagreements("LT215/70R16 99H XL", null, null)).containsExactly("XL on LT215/70R16");
        assertThat(disagreements("245/75R17 121/118S SL", null, null))
                .containsExactly("A dual load index on a passenger size");
        assertThat(disagreements("P215/70R16 99H XL", null, null)).isEmpty();
    }

    @Test
    @DisplayName("a tire for one rim never goes on a wheel of another")
    void rimAgainstWheel() {
        TireSize size = TireSize.parse("275/70R22.5");
        assertThat(LoadRatingsCheck.rimAgainstWheel(size, 22.5)).isEmpty();
        assertThat(LoadRatingsCheck.rimAgainstWheel(size, 24.5)
                        .orElseThrow()
                        .explanation()
                        .in(Units.US))
                .contains("burst");
    }

    @Test
    @DisplayName("the molded pressure is a limit on passenger tires, the pressure for the maximum load on others")
    void moldedMeaning() {
        assertThat(model("P215/70R16 99H SL", 44).moldedPressureMeaning().in(Units.US))
                .contains("44 psi", "limit");
        assertThat(model("LT245/75R17 121/118S E", 80).moldedPressureMeaning().in(Units.US))
                .contains("80 psi", "maximum load");
    }

    private static TireModel model(String line, double psi) {
        return new TireModel(
                "Ossiveld",
                "Fellgrip",
                SidewallMarking.parse(line).size(),
                ratings(line, null, null),
                Optional.of(Pressure.psi(psi)),
                Optional.of(TreadDepth.of32nds(15)),
                false,
                true);
    }

    private static List<String> statement(List<Reason> reasons) {
        return reasons.stream().map(reason -> reason.statement().in(Units.US)).toList();
    }

    @Test
    @DisplayName("a delivery as ordered and fresh has nothing to accept")
    void deliveryAsOrdered() {
        TireModel ordered = model("LT245/75R17 121/118S E", 80);
        DeliveryCheck.Result result = DeliveryCheck.of(ordered, ordered, DotWeek.parse("3426", TODAY), POLICY, TODAY);
        assertThat(result.differences()).isEmpty();
        assertThat(result.notes()).isEmpty();
    }

    @Test
    @DisplayName("another load range, service description and size are each a difference to accept by name")
    void deliveryOfAnotherTire() {
        assertThat(statement(DeliveryCheck.of(
                                model("LT245/75R17 121/118S E", 80),
                                model("LT245/70R17 119/116S D", 65),
                                DotWeek.parse("3426", TODAY),
                                POLICY,
                                TODAY)
                        .differences()))
                .containsExactly(
                        "Size: LT245/70R17 delivered, LT245/75R17 ordered",
                        "Load range: D delivered, E ordered",
                        "Service description: 119/116S delivered, 121/118S ordered");
    }

    @Test
    @DisplayName("age on delivery: noted from the day it is 6 months old, asked from 12")
    void deliveryAge() {
        TireModel model = model("LT245/75R17 121/118S E", 80);
        DotWeek made = DotWeek.parse("2025", TODAY);
        LocalDate sixMonths = made.weekStart().plusMonths(6);
        assertThat(DeliveryCheck.of(model, model, made, POLICY, sixMonths.minusDays(1))
                        .notes())
                .isEmpty();
        assertThat(DeliveryCheck.of(model, model, made, POLICY, sixMonths).notes())
                .hasSize(1);
        LocalDate year = made.weekStart().plusYears(1);
        assertThat(DeliveryCheck.of(model, model, made, POLICY, year.minusDays(1))
                        .differences())
                .isEmpty();
        assertThat(statement(DeliveryCheck.of(model, model, made, POLICY, year).differences()))
                .containsExactly("Made in week 20 of 2025, 12 months ago");
    }

    private static Installation stay(Integer on, Integer off) {
        return new Installation(
                Optional.ofNullable(on).map(Distance::miles),
                Optional.ofNullable(off).map(Distance::miles));
    }

    @Test
    @DisplayName("miles add up over the stays: 30,000 and 12,000 at $420 is one cent a mile")
    void costPerMile() {
        TireUsage life = TireUsage.of(List.of(stay(10_000, 40_000), stay(5_000, 17_000)));
        assertThat(life.miles()).hasValue(42_000);
        assertThat(life.costOfDistance(Optional.of(Money.parse("$420")), Units.US))
                .contains("$0.010 a mile");
        assertThat(life.costOfDistance(Optional.of(Money.parse("$4200")), Units.METRIC))
                .contains("$0.062 a km");
        assertThat(TireUsage.costOfTread(
                        Optional.of(Money.parse("420")),
                        Optional.of(TreadDepth.of32nds(15)),
                        Optional.of(TreadDepth.of32nds(3)),
                        Units.US))
                .contains("$35.00 a 32nd of tread");
        assertThat(TireUsage.treadUsed(TreadDepth.of32nds(15), TreadDepth.of32nds(9), TreadDepth.of32nds(3)))
                .hasValue(50);
    }

    @Test
    @DisplayName("a stay without an odometer leaves the miles incomplete, and no cost is made up from them")
    void unknownOdometer() {
        TireUsage life = TireUsage.of(List.of(stay(10_000, 40_000), stay(null, 17_000)));
        assertThat(life.miles()).hasValue(30_000);
        assertThat(life.isComplete()).isFalse();
        assertThat(life.costOfDistance(Optional.of(new Money(42_000)), Units.US))
                .isEmpty();
        assertThat(TireUsage.of(List.of(stay(null, null))).miles()).isEmpty();
    }

    @Test
    @DisplayName("a DOT code taken apart, in the older and the newer form, and a retreader's mark")
    void dotParts() {
        assertThat(DotCode.parse("DOT AB 4M XYR 0821", TODAY).parts())
                .extracting(DotCode.Part::letters)
                .containsExactly("AB", "4M", "XYR", "0821");
        assertThat(DotCode.parse("1AB 234567 0821", TODAY).parts())
                .extracting(DotCode.Part::letters)
                .containsExactly("1AB", "234567", "0821");
        assertThat(DotCode.parseRetread("DOT-R ABC 1224", TODAY).date().marked())
                .isEqualTo("1224");
        assertThatThrownBy(() -> DotCode.parseRetread("ABC", TODAY)).isInstanceOf(InvalidInputException.class);
    }

    @Test
    @DisplayName("weights, torques and prices come back as entered, and read in the other family of units")
    void quantities() {
        assertThat(Load.parse("3,195 lb", Load.Unit.KG).asEntered()).isEqualTo("3195 lb");
        assertThat(Load.parse("1450", Load.Unit.KG).format(Units.US)).isEqualTo("3,197 lb");
        assertThat(Torque.parse("475", Torque.Unit.FT_LB).format(Units.US)).isEqualTo("475 ft·lb");
        assertThat(Torque.parse("640 Nm", Torque.Unit.FT_LB).format(Units.US)).isEqualTo("472 ft·lb");
        assertThat(Torque.parse("475 ft-lb", Torque.Unit.NM).asEntered()).isEqualTo("475 ft·lb");
        assertThat(Money.parse("$1,412.50").label()).isEqualTo("$1,412.50");
        assertThat(Money.parse("412").value()).isEqualTo("412.00");
    }

    @Test
    @DisplayName("weights, torques and prices that can't be are refused in plain words")
    void implausibleQuantities() {
        assertThatThrownBy(() -> Load.parse("3195 psi", Load.Unit.LB)).hasMessageContaining("not a unit of weight");
        assertThatThrownBy(() -> Torque.parse("4750", Torque.Unit.FT_LB))
                .hasMessageContaining("no torque for a wheel nut");
        assertThatThrownBy(() -> Money.parse("-5")).hasMessageContaining("between 0");
        assertThatThrownBy(() -> Money.parse("4.125")).hasMessageContaining("two decimals");
    }
}
