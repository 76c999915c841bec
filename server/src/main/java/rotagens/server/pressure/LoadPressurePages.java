package rotagens.server.pressure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.AlertKind;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AirTemperature;
import rotagens.core.pressure.AxleAnswer;
import rotagens.core.pressure.AxleLoad;
import rotagens.core.pressure.Candidate;
import rotagens.core.pressure.CarryNow;
import rotagens.core.pressure.LoadCurve;
import rotagens.core.pressure.LossRate;
import rotagens.core.pressure.Margin;
import rotagens.core.pressure.Maximum;
import rotagens.core.pressure.NextCheck;
import rotagens.core.pressure.PressureFacts;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.Slip;
import rotagens.core.weighing.SlipCheck;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.ReasonView;
import rotagens.server.inspection.Readings;
import rotagens.server.loads.PressureRecords;
import rotagens.server.loads.Slips;
import rotagens.server.people.People;
import rotagens.server.pressure.LoadPressureViews.AxleSheet;
import rotagens.server.pressure.LoadPressureViews.CarryView;
import rotagens.server.pressure.LoadPressureViews.ChoiceView;
import rotagens.server.pressure.LoadPressureViews.ConcernView;
import rotagens.server.pressure.LoadPressureViews.Flag;
import rotagens.server.pressure.LoadPressureViews.Ladder;
import rotagens.server.pressure.LoadPressureViews.LoadEntry;
import rotagens.server.pressure.LoadPressureViews.LoadPressure;
import rotagens.server.pressure.LoadPressureViews.LossPoint;
import rotagens.server.pressure.LoadPressureViews.MarginView;
import rotagens.server.pressure.LoadPressureViews.Mark;
import rotagens.server.pressure.LoadPressureViews.Rung;
import rotagens.server.pressure.LoadPressureViews.SchoolView;
import rotagens.server.pressure.LoadPressureViews.SlipAxleView;
import rotagens.server.pressure.LoadPressureViews.SlipView;
import rotagens.server.pressure.LoadPressureViews.StateCell;
import rotagens.server.pressure.LoadPressureViews.StateRow;
import rotagens.server.pressure.LoadPressureViews.TireLoss;
import rotagens.server.pressure.LoadPressureViews.TripView;

/** Puts the Load & pressure page of a vehicle together. */
@Service
class LoadPressurePages {

    private static final List<LoadState> STATES =
            List.of(LoadState.EMPTY, LoadState.USUAL, LoadState.FULL, LoadState.TOWING);

    private final Fleet fleet;
    private final Slips slips;
    private final PressureRecords records;
    private final Readings readings;
    private final People people;

    LoadPressurePages(Fleet fleet, Slips slips, PressureRecords records, Readings readings, People people) {
        this.fleet = fleet;
        this.slips = slips;
        this.records = records;
        this.readings = readings;
        this.people = people;
    }

    @Transactional(readOnly = true)
    LoadPressure page(long vehicleId, Units units) {
        Standing standing = fleet.get(vehicleId);
        PressureFacts facts = standing.state().facts();
        List<Slips.OnFile> weighed = slips.of(vehicleId).getOrDefault(vehicleId, List.of());
        List<String> notes = new ArrayList<>();
        standing.pressures().reversed().ifPresent(says -> notes.add(says.in(units)));
        Optional<Slip> newest = facts.slip(facts.preset().state())
                .or(() -> facts.slips().stream().findFirst());
        return new LoadPressure(
                standing.today(),
                facts.preset().state(),
                facts.preset().state().words(),
                facts.preset().why(),
                facts.preset().until().orElse(null),
                records.trips(vehicleId).stream().map(LoadPressurePages::view).toList(),
                facts.choice().map(LoadPressurePages::view).orElse(null),
                standing.onFile().facts().isLight(),
                standing.pressures().axles().values().stream()
                        .map(answer -> axle(standing, answer, units))
                        .toList(),
                STATES.stream().map(state -> state(standing, state, units)).toList(),
                weighed.stream().map(one -> slip(one, weighed, standing, units)).toList(),
                notes,
                newest.map(slip -> view(Margin.ofVehicle(standing.onFile().facts(), slip.lb()), units))
                        .orElse(null),
                facts.bodyChanged().orElse(null));
    }

    private static TripView view(PressureRecords.TripOnFile one) {
        return new TripView(
                one.id(),
                one.trip().state(),
                one.trip().state().words(),
                one.trip().from(),
                one.trip().until(),
                one.note(),
                one.trip().by());
    }

    private static ChoiceView view(PressureFacts.Choice choice) {
        return new ChoiceView(
                choice.school(),
                choice.school().words(),
                choice.reason(),
                choice.by(),
                choice.on(),
                choice.belowPlacard());
    }

    private static MarginView view(Margin margin, Units units) {
        return new MarginView(
                margin.what(),
                margin.limit().in(units),
                margin.carried().in(units),
                margin.left().in(units),
                margin.over());
    }

    static AxleSheet axle(Standing standing, AxleAnswer answer, Units units) {
        CarryNow carry = standing.carryNow(answer.axle());
        List<Mark> read = new ArrayList<>();
        standing.state().tires().forEach((position, state) -> {
            if (position instanceof OnAxle on && on.axle() == answer.axle()) {
                state.lastCold()
                        .flatMap(Reading::pressure)
                        .ifPresent(psi -> read.add(mark("reading", position.code(), psi, units)));
            }
        });
        return sheet(
                standing.onFile()
                        .facts()
                        .layout()
                        .axles()
                        .get(answer.axle() - 1)
                        .role(),
                answer,
                Margin.of(standing.onFile().facts(), answer),
                new CarryView(
                        carry.most().map(load -> load.in(units)).orElse(null),
                        carry.tightest().map(Position::code).orElse(null),
                        carry.says().in(units)),
                read,
                units);
    }

    /** One axle's sheet, of a vehicle on file or of one only typed in. */
    static AxleSheet sheet(
            rotagens.core.vehicle.AxleRole role,
            AxleAnswer answer,
            List<Margin> margins,
            CarryView carry,
            List<Mark> read,
            Units units) {
        Optional<AxleLoad> load = answer.load();
        return new AxleSheet(
                answer.axle(),
                role,
                answer.dual(),
                answer.tires().stream()
                        .map(tire -> tire.title() + " " + tire.sidewall())
                        .toList(),
                in(answer.target().pressure(), units),
                answer.chosen().orElse(null),
                answer.why().in(units),
                ReasonView.of(
                        answer.target().pressure().isPresent() ? Verdict.FIT : Verdict.NOT_KNOWN,
                        answer.target().reason(),
                        units),
                load.map(known -> lb(known.perTireLb()).in(units)).orElse(null),
                load.map(LoadPressurePages::from).orElse(null),
                answer.capacityAtTargetLb()
                        .map(lb -> Load.lb(Math.floor(lb)).in(units))
                        .orElse(null),
                answer.reserve()
                        .map(share -> String.format(Locale.ROOT, "%.0f %%", Math.floor(share * 100 + 1e-9)))
                        .orElse(null),
                answer.needPsi().map(psi -> tenth(psi).in(units)).orElse(null),
                answer.maximum().map(most -> most.pressure().in(units)).orElse(null),
                answer.maximum().map(most -> most.setBy().in(units)).orElse(null),
                in(answer.warning(), units),
                answer.curve()
                        .filter(LoadCurve.OfChart.class::isInstance)
                        .map(curve -> ((LoadCurve.OfChart) curve).chart().title() + ", "
                                + ((LoadCurve.OfChart) curve).chart().source())
                        .orElse(null),
                answer.missing().orElse(null),
                answer.candidates().stream()
                        .map(one -> school(answer, one, units))
                        .toList(),
                answer.concerns().stream()
                        .map(one -> new ConcernView(
                                one.weight(),
                                one.reason().rule().title(),
                                one.reason().says().in(units),
                                one.reason().because().in(units)))
                        .toList(),
                margins.stream().map(one -> view(one, units)).toList(),
                carry,
                answer.curve().map(curve -> ladder(answer, curve, read, units)).orElse(null));
    }

    private static String from(AxleLoad load) {
        String end = load.weight().hasEnds()
                ? load.weight().heavierSide().words() + " end"
                : "half of the axle, less certain";
        return load.slip().scale().isEmpty()
                ? end
                : end + ", weighed " + load.slip().state().words() + " at "
                        + load.slip().scale();
    }

    private static SchoolView school(AxleAnswer answer, Candidate one, Units units) {
        return new SchoolView(
                one.school(),
                one.school().words(),
                one.school().rightWhen(),
                in(one.pressure(), units),
                one.offered(),
                one.estimate(),
                answer.chosen().filter(one.school()::equals).isPresent(),
                one.reason().says().in(units),
                one.reason().because().in(units));
    }

    private static Ladder ladder(AxleAnswer answer, LoadCurve curve, List<Mark> read, Units units) {
        List<LoadCurve.Rung> rungs = curve.rungs();
        Optional<Double> needed = answer.load().map(AxleLoad::perTireLb);
        Optional<Double> reached = needed.flatMap(lb -> rungs.stream()
                .filter(rung -> rung.lb() >= lb)
                .map(rung -> rung.pressure().psi())
                .findFirst());
        List<Flag> flags = answer.candidates().stream()
                .filter(one -> one.pressure().isPresent())
                .map(one -> new Flag(
                        one.school(),
                        one.school().words(),
                        one.pressure().get().psi(),
                        one.pressure().get().in(units),
                        one.offered(),
                        answer.chosen().filter(one.school()::equals).isPresent()))
                .toList();
        List<Mark> marks = new ArrayList<>();
        answer.maximum().map(Maximum::pressure).ifPresent(most -> marks.add(mark("maximum", "maximum", most, units)));
        answer.needPsi().ifPresent(psi -> marks.add(mark("need", "need", tenth(psi), units)));
        answer.warning().ifPresent(warns -> marks.add(mark("warning", "warns", warns, units)));
        answer.target()
                .pressure()
                .ifPresent(
                        goal -> marks.add(mark("runflat", "80 % of target", tenth(RunFlat.SHARE * goal.psi()), units)));
        List<Double> heights = new ArrayList<>();
        rungs.forEach(rung -> heights.add(rung.pressure().psi()));
        flags.forEach(flag -> heights.add(flag.psi()));
        marks.forEach(mark -> heights.add(mark.psi()));
        read.forEach(mark -> heights.add(mark.psi()));
        return new Ladder(
                heights.stream().min(Double::compare).orElseThrow(),
                heights.stream().max(Double::compare).orElseThrow(),
                curve.isEstimate(),
                rungs.stream()
                        .map(rung -> new Rung(
                                rung.pressure().psi(),
                                rung.pressure().in(units),
                                Load.lb(Math.floor(rung.lb())).in(units),
                                reached.filter(psi -> psi == rung.pressure().psi())
                                        .isPresent()))
                        .toList(),
                flags,
                marks,
                read,
                needed.flatMap(lb -> curve.needPsi(lb).map(psi -> new LoadEntry(psi, lb(lb).in(units))))
                        .orElse(null));
    }

    static Mark mark(String kind, String words, Pressure at, Units units) {
        return new Mark(kind, words, at.psi(), at.in(units));
    }

    private StateRow state(Standing standing, LoadState state, Units units) {
        PressureFacts facts = standing.state().facts();
        VehiclePressures loaded =
                standing.state().with(facts.loaded(state)).pressures(standing.policy(), standing.today());
        return new StateRow(
                state,
                state.words(),
                facts.slip(state).map(Slip::on).orElse(null),
                facts.preset().state() == state,
                loaded.axles().values().stream()
                        .map(answer -> new StateCell(
                                answer.axle(),
                                answer.load()
                                        .map(load -> lb(load.perTireLb()).in(units))
                                        .orElse(null),
                                answer.needPsi()
                                        .map(psi -> tenth(psi).in(units))
                                        .orElse(null),
                                in(answer.target().pressure(), units),
                                answer.load().filter(AxleLoad::borrowed).isPresent()))
                        .toList());
    }

    private SlipView slip(Slips.OnFile one, List<Slips.OnFile> all, Standing standing, Units units) {
        Slip slip = one.slip();
        double within =
                standing.policy().of(standing.onFile().facts().vehicleClass()).number(PolicyNumber.SLIP_WITHIN) / 100;
        List<String> disagrees = all.stream()
                .filter(other -> other.id() != one.id()
                        && other.slip().on().equals(slip.on())
                        && other.slip().state() == slip.state())
                .flatMap(other -> SlipCheck.disagreements(slip, other.slip(), within, units).stream())
                .toList();
        return new SlipView(
                one.id(),
                slip.on(),
                slip.state(),
                slip.state().words(),
                slip.scale(),
                people.get(one.personId()).name(),
                slip.gross().map(gross -> gross.in(units)).orElse(null),
                slip.axles().stream().map(axle -> view(axle, units)).toList(),
                disagrees,
                one.note());
    }

    private static SlipAxleView view(AxleWeight axle, Units units) {
        return new SlipAxleView(
                axle.axle(),
                axle.left().map(load -> load.in(units)).orElse(null),
                axle.right().map(load -> load.in(units)).orElse(null),
                axle.whole().map(load -> load.in(units)).orElse(lb(axle.lb()).in(units)),
                axle.hasEnds() ? String.format(Locale.ROOT, "%.1f %%", axle.imbalance() * 100) : null);
    }

    // ---- loss

    @Transactional(readOnly = true)
    List<TireLoss> loss(long vehicleId, Units units) {
        Standing standing = fleet.get(vehicleId);
        Map<Long, String> gas = readings.gas(vehicleId);
        return standing.fitted().keySet().stream()
                .sorted(java.util.Comparator.comparingInt(
                        standing.onFile().facts().layout().walkRound()::indexOf))
                .map(position -> loss(standing, position, gas, units))
                .toList();
    }

    private static TireLoss loss(Standing standing, Position position, Map<Long, String> gas, Units units) {
        TireState state = standing.state().at(position);
        Optional<LossRate> rate = state.lossRate();
        Optional<Pressure> target =
                standing.target(position, state.tire().orElseThrow().model()).pressure();
        Optional<Double> need = standing.pressures().at(position).flatMap(AxleAnswer::needPsi);
        int interval = standing.policyAt(position).days(standing.pressures().checkEvery());
        Optional<NextCheck> next = state.lastCold()
                .map(read -> NextCheck.of(
                        read.pressure().orElseThrow().psi(),
                        read.on(),
                        need,
                        state.loss().expected(),
                        interval));
        List<LossRate.Point> since = LossRate.sinceFill(state.coldPoints());
        return new TireLoss(
                position.code(),
                standing.onFile().facts().layout().nameOf(position),
                rate.map(LoadPressurePages::words).orElse(null),
                state.alerts().open(AlertKind.LEAK).isPresent(),
                says(rate),
                next.flatMap(NextCheck::reachesNeed)
                        .filter(day -> day.isBefore(standing.today().plusYears(5)))
                        .orElse(null),
                next.map(NextCheck::due).orElse(null),
                target.map(Pressure::psi).orElse(null),
                need.orElse(null),
                in(target, units),
                need.map(psi -> tenth(psi).in(units)).orElse(null),
                gas.get(state.tire().orElseThrow().id()),
                state.readings().stream()
                        .filter(reading -> reading.pressure().isPresent())
                        .map(reading -> point(reading, since, units))
                        .toList());
    }

    private static LossPoint point(Reading reading, List<LossRate.Point> since, Units units) {
        LocalDate from = since.isEmpty() ? LocalDate.MAX : since.get(0).on();
        Optional<rotagens.core.measure.Temperature> first =
                since.isEmpty() ? Optional.empty() : since.get(0).at();
        Double corrected = reading.hasColdPressure()
                        && !reading.on().isBefore(from)
                        && first.isPresent()
                        && reading.temperature().isPresent()
                ? AirTemperature.psiAt(
                        reading.pressure().orElseThrow().psi(),
                        reading.temperature().get(),
                        first.get())
                : null;
        return new LossPoint(
                reading.on(),
                reading.pressure().orElseThrow().psi(),
                reading.pressure().get().in(units),
                corrected,
                reading.temperature().map(air -> air.in(units)).orElse(null),
                reading.filled(),
                reading.hasColdPressure());
    }

    private static String words(LossRate rate) {
        String low = percent(rate.low());
        String high = percent(rate.high());
        return low.equals(high) ? low + " % a month" : low + " to " + high + " % a month";
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f", Math.max(0, share) * 100);
    }

    private static String says(Optional<LossRate> rate) {
        if (rate.isEmpty()) {
            return "One cold reading since the last fill: the rate isn’t known yet; 5 % a month is reckoned with.";
        }
        if (rate.get().isLeak()) {
            return "A leak: look at valve core, stem, bead, and for a puncture.";
        }
        return rate.get().low() < rate.get().high() - 1e-9 && rate.get().high() > LossRate.NORMAL_MONTHLY
                ? "Without the temperature of each reading this may be weather. Note it at the next gauge."
                : "A normal rate; that is no reason to leave it uncorrected.";
    }

    static Load lb(double lb) {
        return Load.lb(Math.rint(lb));
    }

    static Pressure tenth(double psi) {
        return Pressure.psi(Math.round(psi * 10) / 10.0);
    }

    static String in(Optional<Pressure> pressure, Units units) {
        return pressure.map(known -> known.in(units)).orElse(null);
    }
}
