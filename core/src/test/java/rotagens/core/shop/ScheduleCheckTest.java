package rotagens.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.shop.Shops.MONDAY;
import static rotagens.core.shop.Shops.at;
import static rotagens.core.shop.Shops.job;
import static rotagens.core.shop.Shops.needing;
import static rotagens.core.shop.Shops.statement;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.InvalidInputException;

class ScheduleCheckTest {

    private final Shops shop = new Shops();

    private List<String> against(JobSlot placed, JobSlot... others) {
        return statement(ScheduleCheck.violations(placed, List.of(others), shop.rules()));
    }

    @Test
    @DisplayName("a job in a free bay within hours, by somebody at work, stands without a word")
    void fine() {
        assertThat(against(at(job("SH-01", 90), MONDAY, "07:00", 1, "Rafe"))).isEmpty();
    }

    @Test
    @DisplayName("two jobs may follow each other in one bay to the minute, and not overlap by one")
    void bays() {
        JobSlot first = at(job("SH-01", 90), MONDAY, "07:00", 1, "Rafe");
        assertThat(against(at(job("SH-02", 60), MONDAY, "08:30", 1, "Rafe"), first))
                .isEmpty();
        assertThat(against(at(job("SH-02", 60), MONDAY, "08:29", 1, "Tomas"), first))
                .containsExactly("BAY_OCCUPIED: Bay 1 has SH-01 until 08:30.");
        assertThat(against(at(job("SH-02", 60), MONDAY, "08:00", 2, "Rafe"), first))
                .containsExactly("TECHNICIAN_BUSY: Rafe works on SH-01 until 08:30.");
    }

    @Test
    @DisplayName("outside hours, on a Sunday, on a holiday and on a day past it can't stand, and the ground is said")
    void times() {
        assertThat(against(at(job("SH-01", 90), MONDAY, "15:00", 1, "Rafe")))
                .contains("OUTSIDE_HOURS: 15:00 to 16:30 isn’t within Millrace’s hours, 07:00–16:00.");
        assertThat(against(at(job("SH-01", 90), MONDAY.plusDays(6), "08:00", 1, "Rafe")))
                .contains("CLOSED: Millrace is closed on Sundays.");
        shop.closures = List.of(
                new ShopConstraints.Closure(Optional.empty(), MONDAY.plusDays(1), MONDAY.plusDays(2), "stocktaking"));
        assertThat(against(at(job("SH-01", 90), MONDAY.plusDays(2), "08:00", 1, "Rafe")))
                .contains("CLOSED: Millrace is closed on Dec 2, 2026: stocktaking.");
        assertThat(against(at(job("SH-01", 90), MONDAY.minusDays(3), "08:00", 1, "Rafe"))
                        .get(0))
                .startsWith("DATE_PASSED");
    }

    @Test
    @DisplayName("somebody who isn't at work that day can't do it; a job for two needs two")
    void people() {
        assertThat(against(at(job("SH-01", 60), MONDAY.plusDays(1), "08:00", 1, "Tomas")))
                .containsExactly(
                        "TECHNICIAN_HOURS: Tomas isn’t at work at Millrace on Dec 1, 2026 from 08:00 to 09:00.");
        ShopJob heavy = new ShopJob(
                "LC-01", "LC-01", "Coach", "Millrace", 60, 2, Set.of(), MONDAY, Optional.empty(), MONDAY, 1, true, 0);
        assertThat(against(at(heavy, MONDAY, "08:00", 1, "Rafe")))
                .containsExactly("TOO_FEW_TECHNICIANS: LC-01 needs 2 technicians, 1 scheduled.");
    }

    @Test
    @DisplayName("one cage serves one job at a time; equipment the yard doesn't have is named")
    void equipment() {
        JobSlot first = at(needing("SH-01", Equipment.CAGE), MONDAY, "07:00", 1, "Rafe");
        assertThat(against(at(needing("SH-02", Equipment.CAGE), MONDAY, "07:30", 2, "Tomas"), first))
                .containsExactly("EQUIPMENT_BUSY: Millrace has 1 inflation cage, in use for SH-01.");
        assertThat(against(at(needing("SH-02", Equipment.RACK), MONDAY, "07:30", 2, "Tomas"), first))
                .containsExactly("EQUIPMENT: Millrace has no alignment rack.");
        JobSlot changing = at(needing("SH-01", Equipment.CHANGER), MONDAY, "07:00", 1, "Rafe");
        assertThat(against(at(needing("SH-02", Equipment.CHANGER), MONDAY, "07:30", 2, "Tomas"), changing))
                .isEmpty();
    }

    @Test
    @DisplayName("a vehicle that is away or in another bay can't be in this one; tires on order make it wait")
    void vehicle() {
        shop.away = List.of(
                new ShopConstraints.VehicleBooking("SH-01", MONDAY.atTime(9, 0), MONDAY.atTime(14, 30), "clinic day"));
        assertThat(against(at(job("SH-01", 60), MONDAY, "08:30", 1, "Rafe")))
                .containsExactly("VEHICLE_BOOKED: SH-01 is away: clinic day, back Nov 30, 2026 14:30.");
        assertThat(against(at(job("SH-01", 60), MONDAY, "08:00", 1, "Rafe"))).isEmpty();
        ShopJob other = new ShopJob(
                "x", "SH-02", "Shuttle", "Millrace", 60, 1, Set.of(), MONDAY, Optional.empty(), MONDAY, 1, true, 0);
        assertThat(against(at(other, MONDAY, "07:00", 2, "Tomas"), at(job("SH-02", 60), MONDAY, "07:00", 1, "Rafe")))
                .containsExactly("VEHICLE_BUSY: SH-02 is in bay 1 until 08:00.");
        ShopJob waits = new ShopJob(
                "y",
                "SH-03",
                "Shuttle",
                "Millrace",
                60,
                1,
                Set.of(),
                MONDAY.plusDays(2),
                Optional.of(rotagens.core.measure.Message.of("2 tires on order")),
                MONDAY,
                1,
                true,
                0);
        assertThat(against(at(waits, MONDAY, "07:00", 2, "Tomas")))
                .containsExactly("PARTS: SH-03 can’t begin before Dec 2, 2026: 2 tires on order.");
    }

    @Test
    @DisplayName("a follow-up outside its days is named, too early and too late; within them nothing is against it")
    void window() {
        ShopJob retorque = job("SH-03", 60)
                .within(Optional.of(new DayWindow(
                        MONDAY.plusDays(1),
                        MONDAY.plusDays(2),
                        rotagens.core.measure.Message.of("re-torque 50 mi to 100 mi after the wheels went on"))));
        assertThat(against(at(retorque, MONDAY, "07:00", 1, "Rafe")))
                .containsExactly(
                        "WINDOW: SH-03 is meant for Dec 1, 2026 to Dec 2, 2026: re-torque 50 mi to 100 mi after the wheels went on.");
        assertThat(against(at(retorque, MONDAY.plusDays(1), "07:00", 1, "Rafe")))
                .isEmpty();
        assertThat(against(at(retorque, MONDAY.plusDays(2), "07:00", 1, "Rafe")))
                .isEmpty();
        assertThat(against(at(retorque, MONDAY.plusDays(3), "07:00", 1, "Rafe")))
                .allMatch(clash -> clash.startsWith("WINDOW"))
                .hasSize(1);
    }

    @Test
    @DisplayName(
            "where its own yard can't do the work, a stopped vehicle is told what is open to it and what that costs; one that may roll is not")
    void insteadOfDriving() {
        rotagens.core.measure.Message priced = rotagens.core.measure.Message.of("mobile service or a tow, about $350");
        ShopJob stopped = new ShopJob(
                        "z",
                        "SH-03",
                        "Shuttle",
                        "Millrace",
                        60,
                        1,
                        Set.of(Equipment.RACK),
                        MONDAY,
                        Optional.empty(),
                        MONDAY,
                        5,
                        false,
                        0)
                .insteadOfDriving(priced);
        ShopConstraints rules = shop.rules();
        assertThat(ShopSetup.never(stopped, rules).stream().map(one -> one.in(rotagens.core.measure.Units.US)))
                .containsExactly(
                        "SH-03 needs: alignment rack; Millrace has none.",
                        "SH-03 must not be driven to another yard: mobile service or a tow, about $350.");
        assertThat(ShopSetup.never(needing("SH-03", Equipment.RACK).insteadOfDriving(priced), rules))
                .hasSize(1);
        assertThat(ScheduleCheck.when(stopped.at("Eastbank", 45), MONDAY, 420, rules).stream()
                        .filter(clash -> clash.rule() == ScheduleRule.STOPPED_VEHICLE)
                        .map(clash -> clash.statement().in(rotagens.core.measure.Units.US)))
                .containsExactly(
                        "SH-03 must not be operated, so it can’t be driven to Eastbank: mobile service or a tow, about $350.");
    }

    @Test
    @DisplayName("keep two of three shuttles in service: the second in the shop on one day is one too many")
    void readiness() {
        shop.readiness = List.of(new ShopConstraints.MinimumInService("Shuttle", 2));
        JobSlot first = at(job("SH-01", 60), MONDAY, "07:00", 1, "Rafe");
        assertThat(against(at(job("SH-02", 60), MONDAY, "12:00", 1, "Rafe"), first))
                .containsExactly(
                        "MINIMUM_IN_SERVICE: Only 1 of 3 available vehicles would be in service (minimum 2) with SH-01, SH-02 in the shop on Nov 30, 2026.");
        assertThat(against(at(job("SH-02", 60), MONDAY.plusDays(1), "12:00", 1, "Rafe"), first))
                .isEmpty();
        ShopJob unfit = new ShopJob(
                "z", "SH-03", "Shuttle", "Millrace", 60, 1, Set.of(), MONDAY, Optional.empty(), MONDAY, 5, false, 0);
        assertThat(against(at(unfit, MONDAY, "12:00", 1, "Rafe"), first)).isEmpty();
    }

    @Test
    @DisplayName("rules that can't be met are refused with the smallest cause")
    void setup() {
        shop.readiness = List.of(new ShopConstraints.MinimumInService("Shuttle", 4));
        shop.closures = List.of(
                new ShopConstraints.Closure(Optional.empty(), MONDAY, MONDAY.plusDays(2), "stocktaking"),
                new ShopConstraints.Closure(Optional.of("Millrace"), MONDAY.plusDays(2), MONDAY.plusDays(4), "paving"));
        assertThat(ShopSetup.faults(shop.rules()))
                .extracting(message -> message.in(rotagens.core.measure.Units.US))
                .containsExactly(
                        "“Keep 4 of Shuttle in service” cannot be met: only 3 are able to operate today, whatever is scheduled.",
                        "Two closures overlap: stocktaking (Nov 30, 2026 to Dec 2, 2026) and paving (Dec 2, 2026 to Dec 4, 2026). Both count; take one off if it is a mistake.");
        shop.readiness = List.of();
        assertThat(ShopSetup.never(job("SH-01", 700), shop.rules()).get(0).in(rotagens.core.measure.Units.US))
                .isEqualTo("SH-01 takes 11 h 40 min and Millrace is open 9 h at most: split it into two jobs.");
        assertThat(ShopSetup.never(job("SH-01", 540), shop.rules())).isEmpty();
    }

    @Test
    @DisplayName("hours are read as typed, and an end before the beginning is refused in words")
    void hours() {
        assertThat(TimeRange.parse("7:00–16:30").label()).isEqualTo("07:00–16:30");
        for (String wrong : new String[] {"16:30-7:00", "7-16", "25:00-26:00", "", "07:00"}) {
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> TimeRange.parse(wrong))
                    .as(wrong)
                    .isInstanceOf(InvalidInputException.class);
        }
    }

    @Test
    @DisplayName("first fit takes what is due first, into the first place free, and says what found none")
    void firstFit() {
        ShopJob late = new ShopJob(
                "b",
                "SH-02",
                "Shuttle",
                "Millrace",
                300,
                1,
                Set.of(),
                MONDAY,
                Optional.empty(),
                MONDAY.plusDays(4),
                1,
                true,
                0);
        ShopJob soon = new ShopJob(
                "c", "SH-03", "Shuttle", "Millrace", 300, 1, Set.of(), MONDAY, Optional.empty(), MONDAY, 1, true, 0);
        ShopJob third = new ShopJob(
                "a",
                "SH-01",
                "Shuttle",
                "Millrace",
                300,
                1,
                Set.of(),
                MONDAY,
                Optional.empty(),
                MONDAY.plusDays(5),
                1,
                true,
                0);
        FirstFit.Plan plan =
                FirstFit.of(List.of(late, soon, third, job("SH-04", 700)), List.of(), shop.rules(), MONDAY.plusDays(1));
        assertThat(plan.placed())
                .extracting(placed ->
                        placed.job().unit() + " " + placed.day() + " bay " + placed.bay() + " " + placed.assignees())
                .containsExactly(
                        "SH-03 2026-11-30 bay 1 [Rafe]",
                        "SH-02 2026-11-30 bay 2 [Tomas]",
                        "SH-01 2026-12-01 bay 1 [Rafe]");
        assertThat(plan.unplaced()).extracting(ShopJob::unit).containsExactly("SH-04");
        for (JobSlot placed : plan.placed()) {
            assertThat(ScheduleCheck.violations(placed, plan.placed(), shop.rules()))
                    .isEmpty();
        }
    }

    @Test
    @DisplayName("why there: each earlier day is named with the rule that stops it, or as free")
    void why() {
        LocalDate wednesday = MONDAY.plusDays(2);
        shop.closures = List.of(
                new ShopConstraints.Closure(Optional.empty(), MONDAY.plusDays(1), MONDAY.plusDays(1), "stocktaking"));
        JobSlot blocker = at(job("SH-05", 540), MONDAY, "07:00", 1, "Rafe");
        JobSlot other = at(job("SH-06", 540), MONDAY, "07:00", 2, "Tomas");
        JobSlot placed = at(job("SH-01", 60), wednesday, "07:00", 1, "Rafe");
        SlotExplanation.Answer answer = SlotExplanation.of(placed, List.of(blocker, other, placed), shop.rules());
        assertThat(answer.statement().in(rotagens.core.measure.Units.US))
                .isEqualTo("Due Nov 30, 2026, scheduled Dec 2, 2026. No earlier time is available.");
        assertThat(answer.earlier())
                .extracting(day -> day.day() + " " + day.rule().orElseThrow())
                .containsExactly("2026-12-01 CLOSED", "2026-11-30 BAY_OCCUPIED");
        SlotExplanation.Answer free = SlotExplanation.of(placed, List.of(placed, blocker), shop.rules());
        assertThat(free.statement().in(rotagens.core.measure.Units.US))
                .endsWith("it could also be done on Nov 30, 2026.");
    }

    @Test
    @DisplayName("a day late costs by its weight, a job without a place as if ten weeks late")
    void cost() {
        ShopJob heavy = new ShopJob(
                "h", "LC-01", "Coach", "Millrace", 60, 1, Set.of(), MONDAY, Optional.empty(), MONDAY, 5, false, 30);
        assertThat(ShopCost.of(at(heavy, MONDAY.plusDays(2), "07:00", 1, "Rafe")))
                .isEqualTo(2 * 100 * 5 + 30);
        assertThat(ShopCost.of(at(job("SH-01", 60), MONDAY, "07:00", 1, "Rafe")))
                .isZero();
        assertThat(ShopCost.of(List.of(), List.of(job("SH-01", 60)))).isEqualTo(7_000);
    }

    @Test
    @DisplayName(
            "a job its own yard can't do goes to the nearest yard that can, with the minutes on the road, 45 where nobody said; else it stays and says why")
    void travel() {
        ShopConstraints one = shop.rules();
        ShopConstraints.Yard there =
                new ShopConstraints.Yard("Eastbank", one.yards().get(0).open(), 1, java.util.Map.of(Equipment.RACK, 1));
        ShopConstraints.Yard nearer = new ShopConstraints.Yard("Quarry Lane", there.open(), 1, there.equipment());
        ShopConstraints two = yards(List.of(one.yards().get(0), there, nearer), List.of());
        ShopJob moved = ShopSetup.somewhere(needing("SH-01", Equipment.RACK), two);
        assertThat(moved.yard()).isEqualTo("Eastbank");
        assertThat(moved.travel()).isEqualTo(45);
        ShopConstraints measured =
                yards(two.yards(), List.of(new ShopConstraints.TravelTime("Quarry Lane", "Millrace", 20)));
        ShopJob near = ShopSetup.somewhere(needing("SH-01", Equipment.RACK), measured);
        assertThat(near.yard()).isEqualTo("Quarry Lane");
        assertThat(near.travel()).isEqualTo(20);
        assertThat(ShopSetup.somewhere(needing("SH-01", Equipment.CAGE), two).travel())
                .isZero();
        ShopJob nowhere = ShopSetup.somewhere(needing("SH-01", Equipment.SCALE), two);
        assertThat(nowhere.yard()).isEqualTo("Millrace");
        assertThat(ShopSetup.never(nowhere, two).get(0).in(rotagens.core.measure.Units.US))
                .isEqualTo("SH-01 needs: scale; Millrace has none.");
    }

    @Test
    @DisplayName(
            "a vehicle that must not be operated is never sent to another yard, and put there by hand it clashes in words")
    void stopped() {
        ShopConstraints one = shop.rules();
        ShopConstraints.Yard there =
                new ShopConstraints.Yard("Eastbank", one.yards().get(0).open(), 1, java.util.Map.of(Equipment.RACK, 1));
        ShopConstraints two = yards(List.of(one.yards().get(0), there), List.of());
        ShopJob job = needing("SH-01", Equipment.RACK);
        ShopJob stopped = new ShopJob(
                "SH-01",
                "SH-01",
                "Shuttle",
                "Millrace",
                60,
                1,
                job.requirements(),
                MONDAY,
                Optional.empty(),
                MONDAY,
                9,
                false,
                0);
        assertThat(ShopSetup.somewhere(job, two).yard()).isEqualTo("Eastbank");
        ShopJob stays = ShopSetup.somewhere(stopped, two);
        assertThat(stays.yard()).isEqualTo("Millrace");
        assertThat(ShopSetup.never(stays, two).get(0).in(rotagens.core.measure.Units.US))
                .contains("Millrace has none");
        ShopJob byHand = ShopSetup.in(stopped, "Eastbank", two);
        assertThat(statement(ScheduleCheck.violations(at(byHand, MONDAY, "08:00", 1, "Rafe"), List.of(), two)))
                .contains(
                        "STOPPED_VEHICLE: SH-01 must not be operated, so it can’t be driven to Eastbank: have the work done where it stands, or have it towed.");
    }

    private ShopConstraints yards(List<ShopConstraints.Yard> yards, List<ShopConstraints.TravelTime> travelTimes) {
        ShopConstraints.Technician here = shop.rules().technicians().get(0);
        return new ShopConstraints(
                MONDAY,
                yards,
                yards.stream()
                        .map(yard -> new ShopConstraints.Technician(here.name(), yard.name(), Shops.WEEK, Shops.DAY))
                        .toList(),
                List.of(),
                List.of(),
                List.of(),
                java.util.Map.of(),
                travelTimes);
    }
}
