package rotagens.server.pressure;

import static rotagens.server.pressure.PressureWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AxleLoad;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.CurrentCapacity;
import rotagens.core.pressure.LoadCurve;
import rotagens.core.pressure.MaximumPressure;
import rotagens.core.pressure.MethodResult;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.pressure.RatingMargin;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;
import rotagens.core.weighing.ScaleTicketCheck;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.ReasonView;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.loads.ScaleTicketStore;
import rotagens.server.loads.TripStore;
import rotagens.server.people.People;
import rotagens.server.pressure.LoadPressureViews.AxlePressureView;
import rotagens.server.pressure.LoadPressureViews.CurrentCapacityView;
import rotagens.server.pressure.LoadPressureViews.LadderLoad;
import rotagens.server.pressure.LoadPressureViews.LadderMark;
import rotagens.server.pressure.LoadPressureViews.LadderMethod;
import rotagens.server.pressure.LoadPressureViews.LadderRung;
import rotagens.server.pressure.LoadPressureViews.LoadPressureView;
import rotagens.server.pressure.LoadPressureViews.LoadStateCell;
import rotagens.server.pressure.LoadPressureViews.LoadStateRow;
import rotagens.server.pressure.LoadPressureViews.MethodChoiceView;
import rotagens.server.pressure.LoadPressureViews.MethodResultView;
import rotagens.server.pressure.LoadPressureViews.NoticeView;
import rotagens.server.pressure.LoadPressureViews.PressureLadderView;
import rotagens.server.pressure.LoadPressureViews.RatingMarginView;
import rotagens.server.pressure.LoadPressureViews.ScaleTicketAxleView;
import rotagens.server.pressure.LoadPressureViews.ScaleTicketView;
import rotagens.server.pressure.LoadPressureViews.TripView;

/** Puts the Load & pressure page of a vehicle together. */
@Service
class LoadPressurePages {

    private static final List<LoadState> STATES =
            List.of(LoadState.EMPTY, LoadState.NORMAL, LoadState.FULL, LoadState.TOWING);

    private final FleetCache fleet;
    private final ScaleTicketStore scaleTicketStore;
    private final People people;
    private final TripStore trips;

    LoadPressurePages(FleetCache fleet, ScaleTicketStore scaleTicketStore, People people, TripStore trips) {
        this.trips = trips;
        this.fleet = fleet;
        this.scaleTicketStore = scaleTicketStore;
        this.people = people;
    }

    @Transactional(readOnly = true)
    LoadPressureView page(long vehicleId, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        PressureInputs facts = vehicleAssessment.state().facts();
        List<ScaleTicketStore.Stored> weighed = scaleTicketStore.of(vehicleId).getOrDefault(vehicleId, List.of());
        List<String> notes = new ArrayList<>();
        vehicleAssessment.pressures().frontRearReversal().ifPresent(says -> notes.add(says.in(units)));
        Optional<ScaleTicket> newest = facts.scaleTicket(
                        facts.currentLoadState().state())
                .or(() -> facts.scaleTickets().stream().findFirst());
        return new LoadPressureView(
                vehicleAssessment.today(),
                facts.currentLoadState().state(),
                facts.currentLoadState().state().label(),
                facts.currentLoadState().reason(),
                facts.currentLoadState().until().orElse(null),
                trips.trips(vehicleId).stream().map(LoadPressurePages::view).toList(),
                facts.choice().map(LoadPressurePages::view).orElse(null),
                vehicleAssessment.vehicle().isLight(),
                vehicleAssessment.pressures().axles().values().stream()
                        .map(answer -> axle(vehicleAssessment, answer, units))
                        .toList(),
                STATES.stream()
                        .map(state -> state(vehicleAssessment, state, units))
                        .toList(),
                weighed.stream()
                        .map(one -> slip(one, weighed, vehicleAssessment, units))
                        .toList(),
                notes,
                newest.map(scaleTicket ->
                                view(RatingMargin.ofVehicle(vehicleAssessment.vehicle(), scaleTicket.lb()), units))
                        .orElse(null),
                facts.bodyChanged().orElse(null));
    }

    private static TripView view(TripStore.StoredTrip one) {
        return new TripView(
                one.id(),
                one.trip().state(),
                one.trip().state().label(),
                one.trip().from(),
                one.trip().until(),
                one.note(),
                one.trip().by());
    }

    private static MethodChoiceView view(PressureInputs.MethodChoice methodChoice) {
        return new MethodChoiceView(
                methodChoice.method(),
                methodChoice.method().label(),
                methodChoice.reason(),
                methodChoice.by(),
                methodChoice.on(),
                methodChoice.allowsBelowPlacard());
    }

    private static RatingMarginView view(RatingMargin ratingMargin, Units units) {
        return new RatingMarginView(
                ratingMargin.rated(),
                ratingMargin.limit().format(units),
                ratingMargin.load().format(units),
                ratingMargin.remaining().format(units),
                ratingMargin.isExceeded());
    }

    static AxlePressureView axle(VehicleAssessment vehicleAssessment, AxlePressure answer, Units units) {
        CurrentCapacity carry = vehicleAssessment.carryNow(answer.axle());
        List<LadderMark> read = new ArrayList<>();
        vehicleAssessment.state().tires().forEach((position, state) -> {
            if (position instanceof OnAxle on && on.axle() == answer.axle()) {
                state.lastCold()
                        .flatMap(Reading::pressure)
                        .ifPresent(psi -> read.add(mark("reading", position.code(), psi, units)));
            }
        });
        return sheet(
                vehicleAssessment.layout().axles().get(answer.axle() - 1).role(),
                answer,
                RatingMargin.of(vehicleAssessment.vehicle(), answer),
                new CurrentCapacityView(
                        carry.capacity().map(load -> load.format(units)).orElse(null),
                        carry.limitingRating().map(Position::code).orElse(null),
                        carry.statement().in(units)),
                read,
                units);
    }

    /** One axle's sheet, of a vehicle on file or of one only typed in. */
    static AxlePressureView sheet(
            rotagens.core.vehicle.AxleRole role,
            AxlePressure answer,
            List<RatingMargin> ratingMargins,
            CurrentCapacityView carry,
            List<LadderMark> read,
            Units units) {
        Optional<AxleLoad> load = answer.load();
        return new AxlePressureView(
                answer.axle(),
                role,
                answer.isDual(),
                answer.tires().stream()
                        .map(tire -> tire.title() + " " + tire.sidewall())
                        .toList(),
                in(answer.target().pressure(), units),
                answer.chosenMethod().orElse(null),
                answer.reason().in(units),
                ReasonView.of(
                        answer.target().pressure().isPresent() ? Verdict.GOOD : Verdict.UNKNOWN,
                        answer.target().reason(),
                        units),
                load.map(known -> lb(known.perTireLb()).format(units)).orElse(null),
                load.map(LoadPressurePages::from).orElse(null),
                answer.capacityAtTargetLb()
                        .map(lb -> Load.lb(Math.floor(lb)).format(units))
                        .orElse(null),
                answer.reserve()
                        .map(share -> String.format(Locale.ROOT, "%.0f%%", Math.floor(share * 100 + 1e-9)))
                        .orElse(null),
                answer.minimumForLoadPsi().map(psi -> tenth(psi).format(units)).orElse(null),
                answer.maximum().map(most -> most.pressure().format(units)).orElse(null),
                answer.maximum().map(most -> most.limitedBy().in(units)).orElse(null),
                in(answer.warning(), units),
                answer.curve()
                        .filter(LoadCurve.FromChart.class::isInstance)
                        .map(curve -> ((LoadCurve.FromChart) curve).chart().title() + ", "
                                + ((LoadCurve.FromChart) curve).chart().source())
                        .orElse(null),
                answer.missingData().orElse(null),
                answer.methodResults().stream()
                        .map(one -> school(answer, one, units))
                        .toList(),
                answer.notices().stream()
                        .map(one -> new NoticeView(
                                one.severity(),
                                one.reason().rule().title(),
                                one.reason().statement().in(units),
                                one.reason().explanation().in(units)))
                        .toList(),
                ratingMargins.stream().map(one -> view(one, units)).toList(),
                carry,
                answer.curve().map(curve -> ladder(answer, curve, read, units)).orElse(null));
    }

    private static String from(AxleLoad load) {
        String end = load.weight().hasEnds()
                ? load.weight().heavierSide().label() + WORDS.say("end")
                : WORDS.say("halfOfTheAxleLess");
        return load.scaleTicket().scale().isEmpty()
                ? end
                : WORDS.say(
                        "weighedAt",
                        "end",
                        end,
                        "state",
                        load.scaleTicket().state().label(),
                        "scale",
                        load.scaleTicket().scale());
    }

    private static MethodResultView school(AxlePressure answer, MethodResult one, Units units) {
        return new MethodResultView(
                one.method(),
                one.method().label(),
                one.method().useWhen(),
                in(one.pressure(), units),
                one.isOffered(),
                one.isEstimate(),
                answer.chosenMethod().filter(one.method()::equals).isPresent(),
                one.reason().statement().in(units),
                one.reason().explanation().in(units));
    }

    private static PressureLadderView ladder(AxlePressure answer, LoadCurve curve, List<LadderMark> read, Units units) {
        List<LoadCurve.Rung> rungs = curve.rungs();
        Optional<Double> needed = answer.load().map(AxleLoad::perTireLb);
        Optional<Double> reached = needed.flatMap(lb -> rungs.stream()
                .filter(rung -> rung.lb() >= lb)
                .map(rung -> rung.pressure().psi())
                .findFirst());
        List<LadderMethod> ladderMethods = answer.methodResults().stream()
                .filter(one -> one.pressure().isPresent())
                .map(one -> new LadderMethod(
                        one.method(),
                        one.method().label(),
                        one.pressure().get().psi(),
                        one.pressure().get().format(units),
                        one.isOffered(),
                        answer.chosenMethod().filter(one.method()::equals).isPresent()))
                .toList();
        List<LadderMark> ladderMarks = new ArrayList<>();
        answer.maximum()
                .map(MaximumPressure::pressure)
                .ifPresent(most -> ladderMarks.add(mark("maximum", "maximum", most, units)));
        answer.minimumForLoadPsi().ifPresent(psi -> ladderMarks.add(mark("need", "need", tenth(psi), units)));
        answer.warning().ifPresent(warns -> ladderMarks.add(mark("warning", "warns", warns, units)));
        answer.target()
                .pressure()
                .ifPresent(goal -> ladderMarks.add(
                        mark("runflat", WORDS.say("at80OfTarget"), tenth(RunFlat.SHARE * goal.psi()), units)));
        List<Double> heights = new ArrayList<>();
        rungs.forEach(rung -> heights.add(rung.pressure().psi()));
        ladderMethods.forEach(ladderMethod -> heights.add(ladderMethod.psi()));
        ladderMarks.forEach(ladderMark -> heights.add(ladderMark.psi()));
        read.forEach(ladderMark -> heights.add(ladderMark.psi()));
        return new PressureLadderView(
                heights.stream().min(Double::compare).orElseThrow(),
                heights.stream().max(Double::compare).orElseThrow(),
                curve.isEstimate(),
                rungs.stream()
                        .map(rung -> new LadderRung(
                                rung.pressure().psi(),
                                rung.pressure().format(units),
                                Load.lb(Math.floor(rung.lb())).format(units),
                                reached.filter(psi -> psi == rung.pressure().psi())
                                        .isPresent()))
                        .toList(),
                ladderMethods,
                ladderMarks,
                read,
                needed.flatMap(lb -> curve.minimumForLoadPsi(lb).map(psi -> new LadderLoad(psi, lb(lb).format(units))))
                        .orElse(null));
    }

    static LadderMark mark(String kind, String words, Pressure at, Units units) {
        return new LadderMark(kind, words, at.psi(), at.format(units));
    }

    private LoadStateRow state(VehicleAssessment vehicleAssessment, LoadState state, Units units) {
        PressureInputs facts = vehicleAssessment.state().facts();
        VehiclePressures loaded = vehicleAssessment
                .state()
                .with(facts.loaded(state))
                .pressures(vehicleAssessment.policy(), vehicleAssessment.today());
        return new LoadStateRow(
                state,
                state.label(),
                facts.scaleTicket(state).map(ScaleTicket::on).orElse(null),
                facts.currentLoadState().state() == state,
                loaded.axles().values().stream()
                        .map(answer -> new LoadStateCell(
                                answer.axle(),
                                answer.load()
                                        .map(load -> lb(load.perTireLb()).format(units))
                                        .orElse(null),
                                answer.minimumForLoadPsi()
                                        .map(psi -> tenth(psi).format(units))
                                        .orElse(null),
                                in(answer.target().pressure(), units),
                                answer.load()
                                        .filter(AxleLoad::isFromOtherLoadState)
                                        .isPresent()))
                        .toList());
    }

    private ScaleTicketView slip(
            ScaleTicketStore.Stored one,
            List<ScaleTicketStore.Stored> all,
            VehicleAssessment vehicleAssessment,
            Units units) {
        ScaleTicket scaleTicket = one.slip();
        double within = vehicleAssessment
                        .policy()
                        .of(vehicleAssessment.vehicleClass())
                        .number(PolicyNumber.SCALE_TICKET_TOLERANCE)
                / 100;
        List<String> disagrees = all.stream()
                .filter(other -> other.id() != one.id()
                        && other.slip().on().equals(scaleTicket.on())
                        && other.slip().state() == scaleTicket.state())
                .flatMap(other -> ScaleTicketCheck.disagreements(scaleTicket, other.slip(), within, units).stream())
                .toList();
        return new ScaleTicketView(
                one.id(),
                scaleTicket.on(),
                scaleTicket.state(),
                scaleTicket.state().label(),
                scaleTicket.scale(),
                people.get(one.personId()).name(),
                scaleTicket.gross().map(gross -> gross.format(units)).orElse(null),
                scaleTicket.axles().stream().map(axle -> view(axle, units)).toList(),
                disagrees,
                one.note());
    }

    private static ScaleTicketAxleView view(AxleWeight axle, Units units) {
        return new ScaleTicketAxleView(
                axle.axle(),
                axle.left().map(load -> load.format(units)).orElse(null),
                axle.right().map(load -> load.format(units)).orElse(null),
                axle.total()
                        .map(load -> load.format(units))
                        .orElse(lb(axle.lb()).format(units)),
                axle.hasEnds() ? String.format(Locale.ROOT, "%.1f%%", axle.sideDifference() * 100) : null);
    }

    static Load lb(double lb) {
        return Load.lb(Math.rint(lb));
    }

    static Pressure tenth(double psi) {
        return Pressure.psi(Math.round(psi * 10) / 10.0);
    }

    static String in(Optional<Pressure> pressure, Units units) {
        return pressure.map(known -> known.format(units)).orElse(null);
    }
}
