package rotagens.server.walkaround;

import static rotagens.server.walkaround.WalkaroundWords.WORDS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Finding.ClearedBy;
import rotagens.core.inspection.Gauge;
import rotagens.core.inspection.PlausibilityCheck;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadInput;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.gauges.Gauges;
import rotagens.server.inspection.Readings.Found;
import rotagens.server.inspection.Readings.Look;
import rotagens.server.walkaround.WalkAroundStore.EntryValues;
import rotagens.server.walkaround.WalkAroundViews.Facing;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundEntryRequest;
import rotagens.server.web.InputValidator;

/** Reads what was typed at one position; everything wrong is named at its field at once. */
@Component
class WalkAroundEntryParser {

    private final Gauges gauges;

    WalkAroundEntryParser(Gauges gauges) {
        this.gauges = gauges;
    }

    EntryValues read(
            VehicleAssessment vehicleAssessment,
            Position position,
            WalkAroundEntryRequest walkAroundEntryRequest,
            Units units) {
        InputValidator typed = new InputValidator();
        String skipped = typed.text("skipReason", walkAroundEntryRequest.skipReason(), 200);
        Pressure.Unit gauge = units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA;
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        Optional<TreadDepth> original = vehicleAssessment
                .state()
                .at(position)
                .tire()
                .flatMap(tire -> tire.model().originalDepth());
        java.util.function.Function<String, TreadDepth> depth =
                text -> TreadInput.plausible(TreadDepth.parse(text, scale), original, units);
        Optional<TreadGrid> grid = grid(walkAroundEntryRequest, depth, typed);
        GrooveDepths grooveDepths = grid.map(TreadGrid::zones)
                .orElseGet(() -> new GrooveDepths(
                        typed.optional("outer", walkAroundEntryRequest.outer(), depth),
                        typed.optional("center", walkAroundEntryRequest.center(), depth),
                        typed.optional("inner", walkAroundEntryRequest.inner(), depth)));
        EntryValues entryValues = new EntryValues(
                typed.optional("pressure", walkAroundEntryRequest.pressure(), text -> Pressure.parse(text, gauge)),
                walkAroundEntryRequest.warmthOrUnknown(),
                grooveDepths,
                grid,
                new Look(
                        Optional.ofNullable(walkAroundEntryRequest.treadInterval()),
                        Optional.ofNullable(walkAroundEntryRequest.dotSide()).map(Facing.OUT::equals),
                        gauges.known(walkAroundEntryRequest.pressureGauge(), Gauge.Type.PRESSURE),
                        gauges.known(walkAroundEntryRequest.treadGauge(), Gauge.Type.TREAD)),
                withLocalSigns(
                        vehicleAssessment,
                        position,
                        grid,
                        WalkAroundEntryRequest.orNone(walkAroundEntryRequest.findings())),
                WalkAroundEntryRequest.orNone(walkAroundEntryRequest.innerSidewallFindings()),
                WalkAroundEntryRequest.orNone(walkAroundEntryRequest.fixed()),
                skipped,
                typed.optional(
                                "dotCode",
                                walkAroundEntryRequest.dotCode(),
                                text -> DotCode.parse(text, vehicleAssessment.today()))
                        .map(DotCode::molded)
                        .orElse(""),
                walkAroundEntryRequest.confirmed() == null
                        ? List.of()
                        : walkAroundEntryRequest.confirmed().stream()
                                .filter(ASKED::contains)
                                .toList());
        typed.unless(
                entryValues.look().treadInterval().isEmpty() || grooveDepths.isEmpty(),
                "treadInterval",
                WORDS.say("depthsAreEnteredTheGauge"));
        typed.unless(
                entryValues.innerSidewallFindings().stream()
                        .allMatch(finding -> finding.area() == Finding.Area.SIDEWALL),
                "innerSidewallFindings",
                WORDS.say("onlyWhatIsSeen"));
        boolean anything = entryValues.pressure().isPresent()
                || !grooveDepths.isEmpty()
                || entryValues.look().treadInterval().isPresent()
                || !entryValues.found().isEmpty();
        typed.unless(skipped.isEmpty() || !anything, "skipReason", WORDS.say("somethingIsEnteredHereClear"));
        boolean recorded = entryValues.found().stream()
                .map(Found::finding)
                .anyMatch(finding -> finding.area() == Finding.Area.RECORDED);
        if (recorded) {
            typed.wrong("findings", WORDS.say("thisComesFromReadings"));
        }
        if (entryValues.fixed().stream().anyMatch(finding -> finding.clearedBy() != ClearedBy.FIXED)) {
            typed.wrong("fixed", WORDS.say("lookNeverClearsDamage"));
        }
        askAboutUnusual(vehicleAssessment, position, walkAroundEntryRequest, entryValues, units, typed);
        typed.refuseIfWrong();
        return entryValues;
    }

    private static final Set<String> ASKED = Set.of("pressure", "outer", "center", "inner");

    /** A figure far from the last one is asked about once: kept when somebody says that it is right. */
    private static void askAboutUnusual(
            VehicleAssessment vehicleAssessment,
            Position position,
            WalkAroundEntryRequest walkAroundEntryRequest,
            EntryValues entryValues,
            Units units,
            InputValidator typed) {
        TireState before = vehicleAssessment.state().at(position);
        if (before.tire().isEmpty()) {
            return;
        }
        PlausibilityCheck.in(before, WalkAroundPages.reading(vehicleAssessment.today(), "", entryValues))
                .forEach((checkedValue, why) -> {
                    String field = checkedValue.name().toLowerCase(java.util.Locale.ROOT);
                    boolean shown =
                            entryValues.grid().isEmpty() || checkedValue == PlausibilityCheck.CheckedValue.PRESSURE;
                    if (shown && !walkAroundEntryRequest.confirms(field)) {
                        typed.ask(field, why.in(units));
                    }
                });
    }

    /** The depths at several places, each wrong one named by place and groove. */
    private static Optional<TreadGrid> grid(
            WalkAroundEntryRequest walkAroundEntryRequest,
            java.util.function.Function<String, TreadDepth> depth,
            InputValidator typed) {
        List<List<String>> rows = walkAroundEntryRequest.placesOrNone();
        if (rows.isEmpty()) {
            return Optional.empty();
        }
        List<List<TreadDepth>> read = new ArrayList<>();
        boolean whole = true;
        for (int place = 0; place < rows.size(); place++) {
            List<TreadDepth> grooves = new ArrayList<>();
            for (int groove = 0; groove < rows.get(place).size(); groove++) {
                Optional<TreadDepth> one = typed.required(
                        "locations." + place + "." + groove, rows.get(place).get(groove), depth);
                whole &= one.isPresent();
                one.ifPresent(grooves::add);
            }
            read.add(grooves);
        }
        return whole ? typed.attempt("locations", () -> new TreadGrid(read)) : Optional.empty();
    }

    /** What the depths round the tire show is found as if it had been seen. */
    private static List<Finding> withLocalSigns(
            VehicleAssessment vehicleAssessment, Position position, Optional<TreadGrid> grid, List<Finding> seen) {
        List<Finding> all = new ArrayList<>(seen);
        grid.map(read -> read.localSigns(vehicleAssessment.policyAt(position).number(PolicyNumber.WEAR_DIFFERENCE)))
                .orElse(Set.of())
                .forEach(shape -> Arrays.stream(Finding.values())
                        .filter(finding ->
                                finding.wearShape().filter(shape::equals).isPresent())
                        .filter(finding -> !all.contains(finding))
                        .forEach(all::add));
        return all;
    }
}
