package rotagens.core.sensor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rotagens.core.sensor.RelearnEvent.Kind.AIR_OUT;
import static rotagens.core.sensor.RelearnEvent.Kind.DASH;
import static rotagens.core.sensor.RelearnEvent.Kind.ENDED;
import static rotagens.core.sensor.RelearnEvent.Kind.ENTERED;
import static rotagens.core.sensor.RelearnEvent.Kind.GAUGE;
import static rotagens.core.sensor.RelearnEvent.Kind.HEARD;
import static rotagens.core.sensor.RelearnEvent.Kind.LAMP;
import static rotagens.core.sensor.RelearnEvent.Kind.LAMPS_OFF;
import static rotagens.core.sensor.RelearnEvent.Kind.SILENT;
import static rotagens.core.sensor.RelearnEvent.Kind.TIMED_OUT;
import static rotagens.core.sensor.RelearnEvent.Kind.WAY_FAILED;

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
import rotagens.core.sensor.RelearnCoach.Diagnosis;
import rotagens.core.sensor.RelearnCoach.Stage;
import rotagens.core.sensor.RelearnProcedure.EndSignal;
import rotagens.core.sensor.RelearnProcedure.Prompt;
import rotagens.core.sensor.RelearnProcedure.Trigger;
import rotagens.core.sensor.RelearnProcedure.Way;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Layout;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Side;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleKind;

class RelearnCoachTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final Layout VAN =
            new Layout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, false)), 1);
    private static final List<String> CORNERS = List.of("1L", "1R", "2R", "2L");

    private static Position at(String code) {
        return Position.parse(code);
    }

    private static RelearnProcedure procedure(List<Way> ways, EndSignal end) {
        return new RelearnProcedure(
                "fob",
                ways,
                Prompt.MARKER_LAMP,
                Trigger.TOOL,
                end,
                CORNERS.stream().map(Position::parse).toList(),
                "");
    }

    private static RelearnFacts facts(RelearnProcedure procedure, Trigger trigger) {
        Vehicle vehicle = new Vehicle(
                "VN-01",
                "Service van",
                VehicleKind.VAN,
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
        return new RelearnFacts(
                vehicle,
                procedure,
                trigger,
                CORNERS.stream().collect(Collectors.toMap(Position::parse, code -> Pressure.psi(60))),
                Map.of(at("2R"), TODAY.minusMonths(2)),
                TODAY);
    }

    private static RelearnCoach coach(Trigger trigger, RelearnEvent... log) {
        return RelearnCoach.of(
                facts(procedure(List.of(Way.KEY_FOB, Way.MENU), EndSignal.HORN_TWICE), trigger), List.of(log));
    }

    private static Stream<RelearnEvent> corner(String code) {
        return Stream.of(RelearnEvent.at(LAMP, at(code)), RelearnEvent.at(HEARD, at(code)));
    }

    private static List<RelearnEvent> allHeard() {
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED)));
        CORNERS.forEach(code -> corner(code).forEach(log::add));
        log.add(RelearnEvent.of(ENDED));
        return log;
    }

    private static List<RelearnEvent> readings(RelearnEvent.Kind kind, double... psi) {
        List<RelearnEvent> log = new ArrayList<>();
        for (int i = 0; i < psi.length; i++) {
            log.add(RelearnEvent.reads(kind, at(CORNERS.get(i)), Pressure.psi(psi[i])));
        }
        return log;
    }

    @SafeVarargs
    private static RelearnCoach afterAll(Trigger trigger, List<RelearnEvent>... more) {
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
        assertThat(coach(Trigger.TOOL, RelearnEvent.of(LAMPS_OFF)).says().in(Units.US))
                .contains("lock and unlock");
        RelearnCoach first = coach(Trigger.TOOL, RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED));
        assertThat(first.expected()).contains(at("1L"));
        RelearnCoach heardAll = afterAll(Trigger.TOOL);
        assertThat(heardAll.stage()).isEqualTo(Stage.COMPARE);
        assertThat(heardAll.mayClose()).as("a horn is no proof").isFalse();
        RelearnCoach done = afterAll(Trigger.TOOL, readings(GAUGE, 60, 60, 61, 60), readings(DASH, 60, 61, 60, 60));
        assertThat(done.stage()).isEqualTo(Stage.DONE);
        assertThat(done.mayClose()).isTrue();
    }

    @Test
    @DisplayName("the lamp is right where it differs from the order on file, and the difference is said")
    void otherOrder() {
        RelearnCoach coach = coach(
                Trigger.TOOL, RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED), RelearnEvent.at(LAMP, at("2L")));
        assertThat(coach.lit()).contains(at("2L"));
        assertThat(coach.remarks().get(0).in(Units.US))
                .contains("The lamp at 2L is lit, the procedure on file names 1L");
    }

    @Test
    @DisplayName("another corner's sensor made to answer is named: the vehicle would take it for the lit one")
    void wrongCornerAnswers() {
        RelearnCoach coach = coach(
                Trigger.TOOL,
                RelearnEvent.of(LAMPS_OFF),
                RelearnEvent.of(ENTERED),
                RelearnEvent.at(LAMP, at("1L")),
                RelearnEvent.at(HEARD, at("1R")));
        assertThat(coach.remarks().get(0).in(Units.US))
                .contains("the sensor at 1R was made to answer", "takes it for 1L");
    }

    @Test
    @DisplayName("a silent corner: first again, then out of range, then battery by its age, or sensor")
    void silent() {
        List<Diagnosis.Kind> young = new ArrayList<>();
        List<Diagnosis.Kind> old = new ArrayList<>();
        for (int tries = 1; tries <= 3; tries++) {
            young.add(silentAt("1L", tries));
            old.add(silentAt("2R", tries));
        }
        assertThat(young).containsExactly(Diagnosis.Kind.RETRY, Diagnosis.Kind.NOT_IN_RANGE, Diagnosis.Kind.SENSOR);
        assertThat(old).containsExactly(Diagnosis.Kind.RETRY, Diagnosis.Kind.NOT_IN_RANGE, Diagnosis.Kind.BATTERY);
    }

    private static Diagnosis.Kind silentAt(String code, int tries) {
        List<RelearnEvent> log = new ArrayList<>(
                List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED), RelearnEvent.at(LAMP, at(code))));
        for (int i = 0; i < tries; i++) {
            log.add(RelearnEvent.at(SILENT, at(code)));
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
        RelearnCoach lost = coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new));
        assertThat(lost.heard()).isEmpty();
        assertThat(lost.stage()).isEqualTo(Stage.ENTER);
        assertThat(lost.remarks().get(0).in(Units.US)).contains("timed out");
        assertThat(coach(Trigger.TOOL, RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(WAY_FAILED))
                        .way())
                .contains(Way.MENU);
        assertThat(coach(
                                Trigger.TOOL,
                                RelearnEvent.of(LAMPS_OFF),
                                RelearnEvent.of(WAY_FAILED),
                                RelearnEvent.of(WAY_FAILED))
                        .stage())
                .isEqualTo(Stage.FAILED);
    }

    @Test
    @DisplayName("after letting air out every tire is filled again and gauged before anything else: a hard gate")
    void reinflate() {
        List<RelearnEvent> air =
                CORNERS.stream().map(code -> RelearnEvent.at(AIR_OUT, at(code))).toList();
        RelearnCoach empty = afterAll(Trigger.DEFLATION, air);
        assertThat(empty.stage()).isEqualTo(Stage.REINFLATE);
        assertThat(empty.toReinflate()).hasSize(4);
        RelearnCoach partly = afterAll(Trigger.DEFLATION, air, readings(GAUGE, 60, 60, 60, 55));
        assertThat(partly.toReinflate()).containsExactly(at("2L"));
        RelearnCoach filled =
                afterAll(Trigger.DEFLATION, air, readings(GAUGE, 60, 60, 60, 59), readings(DASH, 60, 60, 60, 59));
        assertThat(filled.mayClose()).isTrue();
    }

    @Test
    @DisplayName("an end signal after too few corners is no proof, and crossed corners keep it open")
    void notProven() {
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED)));
        corner("1L").forEach(log::add);
        log.add(RelearnEvent.of(ENDED));
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        RelearnCoach early = coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new));
        assertThat(early.remarks().get(0).in(Units.US)).contains("1 of 4 corners");
        assertThat(early.mayClose()).isFalse();
        RelearnCoach crossed = afterAll(Trigger.TOOL, readings(GAUGE, 60, 43, 33, 60), readings(DASH, 60, 33, 43, 60));
        assertThat(crossed.mayClose()).isFalse();
        assertThat(crossed.says().in(Units.US)).contains("1R and 2R are crossed", "Relearn before adding air");
    }

    @Test
    @DisplayName("two sensors heard at each other's corners never end as learned, however well equal tires agree")
    void heardAtEachOthersCorners() {
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(LAMPS_OFF), RelearnEvent.of(ENTERED)));
        log.addAll(List.of(
                RelearnEvent.at(LAMP, at("1L")),
                RelearnEvent.at(HEARD, at("1R")),
                RelearnEvent.at(LAMP, at("1R")),
                RelearnEvent.at(HEARD, at("1L"))));
        corner("2R").forEach(log::add);
        corner("2L").forEach(log::add);
        log.add(RelearnEvent.of(ENDED));
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        List<RelearnEvent> toldApart = new ArrayList<>(log);
        toldApart.addAll(readings(GAUGE, 60, 64, 68, 72));
        toldApart.addAll(readings(DASH, 60, 64, 68, 72));
        assertThat(coach(Trigger.TOOL, toldApart.toArray(RelearnEvent[]::new)).mayClose())
                .as("what the log contradicts no dash proves")
                .isFalse();
        RelearnCoach coach = coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new));
        assertThat(coach.mayClose()).isFalse();
        assertThat(coach.says().in(Units.US)).contains("accepted at another corner’s lamp (1L, 1R)");
        log.addAll(allHeard());
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        assertThat(coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new)).mayClose())
                .as("started again from the first corner")
                .isTrue();
    }

    @Test
    @DisplayName("where no lamp says which corner is asked for, equal tires prove nothing; told apart they do")
    void equalTires() {
        RelearnProcedure drives = procedure(List.of(Way.DRIVE), EndSignal.NONE);
        List<RelearnEvent> log = new ArrayList<>(List.of(RelearnEvent.of(ENTERED), RelearnEvent.of(ENDED)));
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        RelearnCoach equal = RelearnCoach.of(facts(drives, Trigger.TOOL), log);
        assertThat(equal.mayClose()).isFalse();
        assertThat(equal.says().in(Units.US)).startsWith("Tires of one pressure prove nothing by the dash.");
        log.addAll(readings(GAUGE, 60, 64, 68, 72));
        log.addAll(readings(DASH, 60, 64, 68, 72));
        assertThat(RelearnCoach.of(facts(drives, Trigger.TOOL), log).mayClose()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(Trigger.class)
    @DisplayName("no way of triggering ends a relearn with a corner under its target, or without a target on file")
    void underTarget(Trigger trigger) {
        List<RelearnEvent> air = trigger == Trigger.DEFLATION
                ? CORNERS.stream()
                        .map(code -> RelearnEvent.at(AIR_OUT, at(code)))
                        .toList()
                : List.of();
        RelearnCoach low = afterAll(trigger, air, readings(GAUGE, 60, 60, 60, 58.5), readings(DASH, 60, 60, 60, 58.5));
        assertThat(low.mayClose()).isFalse();
        assertThat(low.toReinflate()).containsExactly(at("2L"));
        List<RelearnEvent> log = allHeard();
        log.addAll(air);
        log.addAll(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(readings(DASH, 60, 60, 60, 60));
        RelearnFacts known = facts(procedure(List.of(Way.KEY_FOB), EndSignal.HORN_TWICE), trigger);
        RelearnCoach untold = RelearnCoach.of(
                new RelearnFacts(
                        known.vehicle(),
                        known.procedure(),
                        trigger,
                        Map.of(at("1L"), Pressure.psi(60)),
                        Map.of(),
                        TODAY),
                log);
        assertThat(untold.mayClose()).isFalse();
        assertThat(untold.says().in(Units.US)).startsWith("No target on file at 1R, 2R, 2L");
        assertThat(RelearnCoach.of(known, log).mayClose()).isTrue();
    }

    @Test
    @DisplayName("what a gauge read before learn mode began doesn't count as gauged afterwards")
    void gaugedBefore() {
        List<RelearnEvent> log = new ArrayList<>(readings(GAUGE, 60, 60, 60, 60));
        log.addAll(allHeard());
        log.addAll(readings(DASH, 60, 60, 60, 60));
        assertThat(coach(Trigger.TOOL, log.toArray(RelearnEvent[]::new)).mayClose())
                .isFalse();
    }

    @Test
    @DisplayName("without an order on file the vehicle is walked round; an order of other corners isn't used")
    void orders() {
        RelearnProcedure none = new RelearnProcedure(
                "dash", List.of(Way.MENU), Prompt.DASH, Trigger.TOOL, EndSignal.DASH, List.of(), "");
        assertThat(none.cornersOn(VAN)).extracting(Position::code).containsExactly("1L", "2L", "2R", "1R");
        assertThat(RelearnProcedure.round(VAN, Side.RIGHT))
                .extracting(Position::code)
                .containsExactly("1L", "1R", "2R", "2L");
        assertThat(RelearnProcedure.round(VAN, Side.LEFT))
                .extracting(Position::code)
                .containsExactly("1L", "2L", "2R", "1R");
        assertThatThrownBy(() -> new RelearnProcedure(
                        "x",
                        List.of(Way.MENU),
                        Prompt.DASH,
                        Trigger.TOOL,
                        EndSignal.DASH,
                        List.of(at("1L"), at("1L")),
                        ""))
                .hasMessageContaining("twice");
    }
}
