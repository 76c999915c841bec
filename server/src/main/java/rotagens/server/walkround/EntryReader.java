package rotagens.server.walkround;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Finding.ClearedBy;
import rotagens.core.inspection.Gauge;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadEntry;
import rotagens.core.inspection.Unusual;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadGrid;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.gauges.Gauges;
import rotagens.server.inspection.Readings.Found;
import rotagens.server.inspection.Readings.Look;
import rotagens.server.walkround.WalkRoundStore.Figures;
import rotagens.server.walkround.WalkRoundViews.Facing;
import rotagens.server.walkround.WalkRoundViews.Input;
import rotagens.server.web.Entries;

/** Reads what was typed at one position; everything wrong is named at its field at once. */
@Component
class EntryReader {

    private final Gauges gauges;

    EntryReader(Gauges gauges) {
        this.gauges = gauges;
    }

    Figures read(Standing standing, Position position, Input input, Units units) {
        Entries typed = new Entries();
        String skipped = typed.text("skipped", input.skipped(), 200);
        Pressure.Unit gauge = units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA;
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        Optional<TreadDepth> original = standing.state()
                .at(position)
                .tire()
                .flatMap(tire -> tire.model().originalDepth());
        java.util.function.Function<String, TreadDepth> depth =
                text -> TreadEntry.plausible(TreadDepth.parse(text, scale), original, units);
        Optional<TreadGrid> grid = grid(input, depth, typed);
        Tread tread = grid.map(TreadGrid::zones)
                .orElseGet(() -> new Tread(
                        typed.optional("outer", input.outer(), depth),
                        typed.optional("center", input.center(), depth),
                        typed.optional("inner", input.inner(), depth)));
        Figures figures = new Figures(
                typed.optional("pressure", input.pressure(), text -> Pressure.parse(text, gauge)),
                input.warmthOrUnknown(),
                tread,
                grid,
                new Look(
                        Optional.ofNullable(input.bound()),
                        Optional.ofNullable(input.dotFaces()).map(Facing.OUT::equals),
                        gauges.known(input.pressureGauge(), Gauge.Kind.PRESSURE),
                        gauges.known(input.treadGauge(), Gauge.Kind.TREAD)),
                withLocalSigns(standing, position, grid, Input.orNone(input.findings())),
                Input.orNone(input.innerFindings()),
                Input.orNone(input.putRight()),
                skipped,
                typed.optional("dotCode", input.dotCode(), text -> DotCode.parse(text, standing.today()))
                        .map(DotCode::molded)
                        .orElse(""),
                input.confirmed() == null
                        ? List.of()
                        : input.confirmed().stream().filter(ASKED::contains).toList());
        typed.unless(
                figures.look().bound().isEmpty() || tread.isEmpty(),
                "bound",
                "Depths are entered: a gauge’s figure counts, wear bar or coin is for where there is none.");
        typed.unless(
                figures.innerFindings().stream().allMatch(finding -> finding.where() == Finding.Where.SIDEWALL),
                "innerFindings",
                "Only what is seen on a sidewall can be on the inner one.");
        boolean anything = figures.pressure().isPresent()
                || !tread.isEmpty()
                || figures.look().bound().isPresent()
                || !figures.found().isEmpty();
        typed.unless(
                skipped.isEmpty() || !anything,
                "skipped",
                "Something is entered here. Clear it to leave this position out, or keep it and drop the reason.");
        boolean recorded = figures.found().stream()
                .map(Found::finding)
                .anyMatch(finding -> finding.where() == Finding.Where.RECORDED);
        if (recorded) {
            typed.wrong("findings", "This comes from readings and verdicts, it can’t be entered as seen.");
        }
        if (figures.putRight().stream().anyMatch(finding -> finding.clearedBy() != ClearedBy.PUT_RIGHT)) {
            typed.wrong("putRight", "A look never clears damage: a tire professional’s verdict does.");
        }
        askAboutUnusual(standing, position, input, figures, units, typed);
        typed.refuseIfWrong();
        return figures;
    }

    private static final Set<String> ASKED = Set.of("pressure", "outer", "center", "inner");

    /** A figure far from the last one is asked about once: kept when somebody says that it is right. */
    private static void askAboutUnusual(
            Standing standing, Position position, Input input, Figures figures, Units units, Entries typed) {
        TireState before = standing.state().at(position);
        if (before.tire().isEmpty()) {
            return;
        }
        Unusual.in(before, WalkRoundPages.reading(standing.today(), "", figures))
                .forEach((figure, why) -> {
                    String field = figure.name().toLowerCase(java.util.Locale.ROOT);
                    boolean shown = figures.grid().isEmpty() || figure == Unusual.Figure.PRESSURE;
                    if (shown && !input.confirms(field)) {
                        typed.ask(field, why.in(units));
                    }
                });
    }

    /** The depths at several places, each wrong one named by place and groove. */
    private static Optional<TreadGrid> grid(
            Input input, java.util.function.Function<String, TreadDepth> depth, Entries typed) {
        List<List<String>> rows = input.placesOrNone();
        if (rows.isEmpty()) {
            return Optional.empty();
        }
        List<List<TreadDepth>> read = new ArrayList<>();
        boolean whole = true;
        for (int place = 0; place < rows.size(); place++) {
            List<TreadDepth> grooves = new ArrayList<>();
            for (int groove = 0; groove < rows.get(place).size(); groove++) {
                Optional<TreadDepth> one = typed.required(
                        "places." + place + "." + groove, rows.get(place).get(groove), depth);
                whole &= one.isPresent();
                one.ifPresent(grooves::add);
            }
            read.add(grooves);
        }
        return whole ? typed.attempt("places", () -> new TreadGrid(read)) : Optional.empty();
    }

    /** What the depths round the tire show is found as if it had been seen. */
    private static List<Finding> withLocalSigns(
            Standing standing, Position position, Optional<TreadGrid> grid, List<Finding> seen) {
        List<Finding> all = new ArrayList<>(seen);
        grid.map(read -> read.localSigns(standing.policyAt(position).number(PolicyNumber.WEAR_DIFFERENCE)))
                .orElse(Set.of())
                .forEach(shape -> Arrays.stream(Finding.values())
                        .filter(finding ->
                                finding.wearShape().filter(shape::equals).isPresent())
                        .filter(finding -> !all.contains(finding))
                        .forEach(all::add));
        return all;
    }
}
