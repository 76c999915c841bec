package rotagens.core.sensor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rotagens.core.sensor.RelearnEvent.Type.AIR_RELEASED;
import static rotagens.core.sensor.RelearnEvent.Type.CONFIRMED;
import static rotagens.core.sensor.RelearnEvent.Type.DASH;
import static rotagens.core.sensor.RelearnEvent.Type.ENDED;
import static rotagens.core.sensor.RelearnEvent.Type.ENTERED;
import static rotagens.core.sensor.RelearnEvent.Type.ENTRY_FAILED;
import static rotagens.core.sensor.RelearnEvent.Type.GAUGE;
import static rotagens.core.sensor.RelearnEvent.Type.LAMPS_OFF;
import static rotagens.core.sensor.RelearnEvent.Type.LAMP_LIT;
import static rotagens.core.sensor.RelearnEvent.Type.NO_RESPONSE;
import static rotagens.core.sensor.RelearnEvent.Type.TIMED_OUT;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.sensor.RelearnGuide.Stage;
import rotagens.core.sensor.RelearnProcedure.CornerPrompt;
import rotagens.core.sensor.RelearnProcedure.EndSignal;
import rotagens.core.sensor.RelearnProcedure.EntryMethod;
import rotagens.core.sensor.RelearnProcedure.Trigger;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Side;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;

class RelearnGuideTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final AxleLayout VAN =
            new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, false)), 1);
    private static final List<String> CORNERS = List.of("1L", "1R", "2R", "2L");

    private static Position at(String code) {
        return Position.parse(code);
    }

    private static RelearnProcedure procedure(List<EntryMethod> entryMethods, EndSignal end) {
        return new RelearnProcedure(
                "fob",
                entryMethods,
                CornerPrompt.MARKER_LAMP,
                Trigger.TOOL,
                end,
                CORNERS.stream().map(Position::parse).toList(),
                "");
    }

    private static RelearnInputs facts(RelearnProcedure procedure, Trigger trigger) {
        Vehicle vehicle = new Vehicle(
                "VN-01",
                "Service van",
                VehicleType.VAN,
                Load.lb(9_000),
                VAN,
                Map.of(),
                Map.of(),
                Map.of(),
                true,
                OptionalDouble.empty(),
                Optional.empty(),
                false,
                Map.of());
        return new RelearnInputs(
                vehicle,
                procedure,
                trigger,
                CORNERS.stream().collect(Collectors.toMap(Position::parse, code -> Pressure.psi(60))),
                Map.of(at("2R"), TODAY.minusMonths(2)),
                TODAY);
    }

    private static RelearnGuide coach(Trigger trigger, RelearnEvent... log) {
        return RelearnGuide.of(
                facts(procedure(List.of(EntryMethod.KEY_FOB, EntryMethod.MENU), EndSignal.HORN_TWICE), trigger),
                List.of(log));
    }

    private static Stream<RelearnEvent> corner(String code) {
        return Stream.of(RelearnEvent.at(LAMP_LIT, at(code)), RelearnEvent.at(CONFIRMED, at(code)));
    }

    private static List<RelearnEvent> allHeard() {
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED)));
        CORNERS.forEach(code -> corner(code).forEach(log::add));
        log.add(RelearnEvent.of(ENDED));
        return log;
    }

    private static List<RelearnEvent> readings(RelearnEvent.Type type, double... psi) {
        List<RelearnEvent> log = new ArrayList<>();
        for (int i = 0; i < psi.length; i++) {
            log.add(RelearnEvent.reads(type, at(CORNERS.get(i)), Pressure.psi(psi[i])));
        }
        return log;
    }

    @SafeVarargs
    private static RelearnGuide afterAll(Trigger trigger, List<RelearnEvent>... more) {
        List<RelearnEvent> log = allHeard();
        for (List<RelearnEvent> part : more) {
            log.addAll(part);
        }
        return coach(trigger, log.toArray(RelearnEvent[]::new));
    }

    @Test
    @DisplayName(
            "lamps off, learn mode, corner by corner in the vehicle's order, and only dash and gauge together end it")
    void goesWell() {
        assertThat(coach(Trigger.TOOL).stage()).isEqualTo(Stage.PREPARE);
        assertThat(coach(Trigger.TOOL, RelearnEvent.of(LAMPS_OFF)).statement().in(Units.US))
                .contains("lock and unlock");
        RelearnGuide first = coach(Trigger.TOOL, RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED));
        assertThat(first.expected()).contains(at("1L"));
        RelearnGuide heardAll = afterAll(Trigger.TOOL);
        assertThat(heardAll.stage()).isEqualTo(Stage.COMPARE);
        assertThat(heardAll.canFinish()).as("a horn is no proof").isFalse();
        RelearnGuide done = afterAll(Trigger.TOOL, readings(GAUGE, 60, 60, 61, 60), readings(DASH, 60, 61, 60, 60));
        assertThat(done.stage()).isEqualTo(Stage.DONE);
        assertThat(done.canFinish()).isTrue();
    }

    @Test
    @DisplayName("the lamp is right where it differs from the order on file, and the difference is said")
    void otherOrder() {
        RelearnGuide coach = coach(
                Trigger.TOOL,
                RelearnEvent.of(LAMPS_OFF),
                RelearnEvent.of(ENTERED),
                RelearnEvent.at(LAMP_LIT, at("2L")));
        assertThat(coach.lit()).contains(at("2L"));
        assertThat(coach.remarks().get(0).in(Units.US)).contains("The lamp at 2L is lit, but the procedure names 1L");
    }

    @Test
    @DisplayName("another corner's sensor made to answer is named: the vehicle would take it for the lit one")
    void wrongCornerAnswers() {
        RelearnGuide coach = coach(
                Trigger.TOOL,
                RelearnEvent.of(LAMPS_OFF),
                RelearnEvent.of(ENTERED),
                RelearnEvent.at(LAMP_LIT, at("1L")),
                RelearnEvent.at(CONFIRMED, at("1R")));
        assertThat(coach.remarks().get(0).in(Units.US))
                .contains("the sensor at 1R was made to answer", "takes it for 1L");
    }

    @Test
    @DisplayName("a silent corner: first again, then out of range, then battery by its age, or sensor")
    void silent() {
        List<SilentSensor.NextStep> young = new ArrayList<>();
        List<SilentSensor.NextStep> old = new ArrayList<>();
        for (int tries = 1; tries <= 3; tries++) {
            young.add(silentAt("1L", tries));
            old.add(silentAt("2R", tries));
        }
        assertThat(young)
                .containsExactly(
                        SilentSensor.NextStep.RETRY, SilentSensor.NextStep.NOT_IN_RANGE, SilentSensor.NextStep.SENSOR);
        assertThat(old)
                .containsExactly(
                        SilentSensor.NextStep.RETRY, SilentSensor.NextStep.NOT_IN_RANGE, SilentSensor.NextStep.BATTERY);
    }

    private static SilentSensor.NextStep silentAt(String code, int tries) {
        List<RelearnEvent> log = new ArrayList<>(
                List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED), RelearnEvent.at(LAMP_LIT, at(code))));
        for (int i = 0; i < tries; i++) {
            log.add(RelearnEvent.at(NO_RESPONSE, at(code)));
        }
        return coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new))
                .diagnosis()
                .orElseThrow()
                .kind();
    }

    @Test
    @DisplayName(
            "a time-out loses what was heard, and a way in that fails gives way to the next; after the last it says so")
    void timeOutAndWays() {
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED)));
        corner("1L").forEach(log::add);
        log.add(RelearnEvent.of(TIMED_OUT));
        RelearnGuide lost = coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new));
        assertThat(lost.confirmed()).isEmpty();
        assertThat(lost.stage()).isEqualTo(Stage.ENTER);
        assertThat(lost.remarks().get(0).in(Units.US)).contains("timed out");
        assertThat(coach(Trigger.TOOL, RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTRY_FAILED))
                        .entryMethod())
                .contains(EntryMethod.MENU);
        assertThat(coach(
                                Trigger.TOOL,
                                RelearnEvent.of(LAMPS_OFF),
                                RelearnEvent.of(ENTRY_FAILED),
                                RelearnEvent.of(ENTRY_FAILED))
                        .stage())
                .isEqualTo(Stage.FAILED);
    }

    @Test
    @DisplayName("after letting air out every tire is filled again and checked before anything else: a hard gate")
    void reinflate() {
        List<RelearnEvent> air = CORNERS.stream()
                .map(code -> RelearnEvent.at(AIR_RELEASED, at(code)))
                .toList();
        RelearnGuide empty = afterAll(Trigger.DEFLATION, air);
        assertThat(empty.stage()).isEqualTo(Stage.REINFLATE);
        assertThat(empty.cornersToInflate()).hasSize(4);
        RelearnGuide partly = afterAll(Trigger.DEFLATION, air, readings(GAUGE, 60, 60, 60, 55));
        assertThat(partly.cornersToInflate()).containsExactly(at("2L"));
        RelearnGuide filled =
                afterAll(Trigger.DEFLATION, air, readings(GAUGE, 60, 60, 60, 59), readings(DASH, 60, 60, 60, 59));
        assertThat(filled.canFinish()).isTrue();
    }

    @Test
    @DisplayName("an end signal after too few corners is no proof, and crossed corners keep it open")
    void notProven() {
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED)));
        corner("1L").forEach(log::add);
        log.add(RelearnEvent.of(ENDED));
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        RelearnGuide early = coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new));
        assertThat(early.remarks().get(0).in(Units.US)).contains("1 of 4 corners");
        assertThat(early.canFinish()).isFalse();
        RelearnGuide crossed = afterAll(Trigger.TOOL, readings(GAUGE, 60, 43, 33, 60), readings(DASH, 60, 33, 43, 60));
        assertThat(crossed.canFinish()).isFalse();
        assertThat(crossed.statement().in(Units.US)).contains("1R and 2R are swapped", "Relearn before adding air");
    }

    @Test
    @DisplayName("two sensors heard at each other's corners never end as learned, however well equal tires agree")
    void heardAtEachOthersCorners() {
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED)));
        log.addAll(List.of(
                RelearnEvent.at(LAMP_LIT, at("1L")),
                RelearnEvent.at(CONFIRMED, at("1R")),
                RelearnEvent.at(LAMP_LIT, at("1R")),
                RelearnEvent.at(CONFIRMED, at("1L"))));
        corner("2R").forEach(log::add);
        corner("2L").forEach(log::add);
        log.add(RelearnEvent.of(ENDED));
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        List<RelearnEvent> toldApart = new ArrayList<>(log);
        toldApart.addAll(readings(GAUGE, 60, 64, 68, 72));
        toldApart.addAll(readings(DASH, 60, 64, 68, 72));
        assertThat(coach(Trigger.TOOL, toldApart.toArray(RelearnEvent[]::new)).canFinish())
                .as("what the log contradicts no dash proves")
                .isFalse();
        RelearnGuide coach = coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new));
        assertThat(coach.canFinish()).isFalse();
        assertThat(coach.statement().in(Units.US)).contains("accepted at another corner’s lamp (1L, 1R)");
        log.addAll(allHeard());
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        assertThat(coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new)).canFinish())
                .as("started again from the first corner")
                .isTrue();
    }

    @Test
    @DisplayName("where no lamp says which corner is asked for, equal tires prove nothing; told apart they do")
    void equalTires() {
        RelearnProcedure drives = procedure(List.of(EntryMethod.DRIVE), EndSignal.NONE);
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(ENTERED), RelearnEvent.of(ENDED)));
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        RelearnGuide equal = RelearnGuide.of(facts(drives, Trigger.TOOL), log);
        assertThat(equal.canFinish()).isFalse();
        assertThat(equal.statement().in(Units.US)).startsWith("Tires of one pressure prove nothing by the dash.");
        log.addAll(readings(GAUGE, 60, 64, 68, 72));
        log.addAll(readings(DASH, 60, 64, 68, 72));
        assertThat(RelearnGuide.of(facts(drives, Trigger.TOOL), log).canFinish())
                .isTrue();
    }

    @ParameterizedTest
    @EnumSource(Trigger.class)
    @DisplayName("no way of triggering ends a relearn with a corner under its target, or without a target on file")
    void underTarget(Trigger trigger) {
        List<RelearnEvent> air = trigger == Trigger.DEFLATION
                ? CORNERS.stream()
                        .map(code -> RelearnEvent.at(AIR_RELEASED, at(code)))
                        .toList()
                : List.of();
        RelearnGuide low = afterAll(trigger, air, readings(GAUGE, 60, 60, 60, 58.5), readings(DASH, 60, 60, 60, 58.5));
        assertThat(low.canFinish()).isFalse();
        assertThat(low.cornersToInflate()).containsExactly(at("2L"));
        List<RelearnEvent> log = allHeard();
        log.addAll(air);
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        RelearnInputs known = facts(procedure(List.of(EntryMethod.KEY_FOB), EndSignal.HORN_TWICE), trigger);
        RelearnGuide untold = RelearnGuide.of(
                new RelearnInputs(
                        known.vehicle(),
                        known.procedure(),
                        trigger,
                        Map.of(at("1L"), Pressure.psi(60)),
                        Map.of(),
                        TODAY),
                log);
        assertThat(untold.canFinish()).isFalse();
        assertThat(untold.statement().in(Units.US)).startsWith("No target on file at 1R, 2R, 2L");
        assertThat(RelearnGuide.of(known, log).canFinish()).isTrue();
    }

    @Test
    @DisplayName("what a gauge read before learn mode began doesn't count as checked afterwards")
    void gaugedBefore() {
        List<RelearnEvent> log = new ArrayList<>(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(allHeard());
        log.addAll(readings(DASH, 60, 60, 60, 60));
        assertThat(coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new)).canFinish())
                .isFalse();
    }

    @Test
    @DisplayName("without an order on file the vehicle is walked round; an order of other corners isn't used")
    void orders() {
        RelearnProcedure none = new RelearnProcedure(
                "dash", List.of(EntryMethod.MENU), CornerPrompt.DASH, Trigger.TOOL, EndSignal.DASH, List.of(), "");
        assertThat(none.cornersOn(VAN)).extracting(Position::code).containsExactly("1L", "2L", "2R", "1R");
        assertThat(RelearnProcedure.round(VAN, Side.RIGHT))
                .extracting(Position::code)
                .containsExactly("1L", "1R", "2R", "2L");
        assertThat(RelearnProcedure.round(VAN, Side.LEFT))
                .extracting(Position::code)
                .containsExactly("1L", "2L", "2R", "1R");
        assertThatThrownBy(() -> new RelearnProcedure(
                        "x",
                        List.of(EntryMethod.MENU),
                        CornerPrompt.DASH,
                        Trigger.TOOL,
                        EndSignal.DASH,
                        List.of(at("1L"), at("1L")),
                        ""))
                .hasMessageContaining("twice");
    }
}
