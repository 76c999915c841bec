package rotagens.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Judged;
import rotagens.core.inspection.Judgement;
import rotagens.core.inspection.OrderSpec;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Rule;
import rotagens.core.pressure.AxleAnswer;
import rotagens.core.pressure.AxleLoad;
import rotagens.core.pressure.CarryNow;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Place;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.weighing.Slip;

/** Answers a standing question for one vehicle from its facts; no line where it doesn't concern it. */
public final class Answers {

    /** One line: the position it concerns, if any, and what there is to say. */
    public record Line(Optional<Position> position, Phrase says) {}

    /**
     * What a question may need of a vehicle.
     *
     * @param due what falls due
     * @param carry what each axle may carry at today's pressures
     * @param partner finds the stock tire that pairs best with the one left on a dual
     * @param relearn the procedure on file, in words
     * @param placardSpot where the placard was found; empty where nobody noted it
     * @param followUps open jobs that other work asked for, in words
     */
    public record Known(
            VehicleState state,
            Map<Position, Judgement> judgements,
            List<DueItem> due,
            VehiclePressures pressures,
            List<CarryNow> carry,
            Function<Position, Optional<String>> partner,
            Optional<String> relearn,
            String placardSpot,
            LoadState usual,
            List<String> followUps,
            LocalDate today) {}

    /** An age in years and the day it is asked for; only {@link Question#PASSES_AGE} looks at them. */
    public record Asked(double years, LocalDate by) {}

    private final Known known;
    private final Asked asked;
    private final List<Line> lines = new ArrayList<>();

    private Answers(Known known, Asked asked) {
        this.known = known;
        this.asked = asked;
    }

    /** All lines of a question for a vehicle, in the order of its positions. */
    public static List<Line> to(Question question, Known known, Asked asked) {
        Answers answers = new Answers(known, asked);
        answers.answer(question);
        return List.copyOf(answers.lines);
    }

    private void answer(Question question) {
        switch (question) {
            case MUST_NOT_LEAVE -> mustNotLeave();
            case PASSES_AGE -> passesAge();
            case NEVER_WEIGHED -> neverWeighed();
            case PLACARD_NO_LONGER_FITS -> placardNoLongerFits();
            case UNKNOWN_DOT ->
                tires((position, tire) -> tire.made().isEmpty()
                        ? Optional.of(
                                Phrase.of("{}: DOT date not read", tire.model().title()))
                        : Optional.empty());
            case UNKNOWN_WHEEL -> unknownWheel();
            case UNKNOWN_SENSOR -> unknownSensor();
            case COMMERCIAL_USE -> commercialUse();
            case MEASURE_NEXT -> measureNext();
            case WHAT_TO_ORDER -> whatToOrder();
            case DUAL_PARTNER -> dualPartner();
            case WHICH_RELEARN ->
                add(known.relearn().map(name -> Phrase.of("{}", name)).orElse(Phrase.of("No procedure on file")));
            case WHERE_IS_THE_PLACARD ->
                add(
                        known.placardSpot().isBlank()
                                ? Phrase.of(
                                        "Not noted. Usually: {}",
                                        known.state().vehicle().kind().placardSpot())
                                : Phrase.of("{}", known.placardSpot()));
            case WHAT_MAY_IT_CARRY -> mayCarry();
            case CHANGED_SINCE_WEIGHING -> changedSinceWeighing();
            case OPEN_FOLLOW_UPS -> known.followUps().forEach(words -> add(Phrase.of("{}", words)));
        }
    }

    private void add(Phrase says) {
        lines.add(new Line(Optional.empty(), says));
    }

    private void add(Position position, Phrase says) {
        lines.add(new Line(Optional.of(position), says));
    }

    private interface OfTire {
        Optional<Phrase> says(Position position, Tire tire);
    }

    private void tires(OfTire look) {
        known.state()
                .tires()
                .forEach((position, state) ->
                        state.tire().flatMap(tire -> look.says(position, tire)).ifPresent(says -> add(position, says)));
    }

    private void mustNotLeave() {
        known.judgements()
                .forEach((position, judgement) -> judgement.reasons().stream()
                        .filter(judged -> judged.verdict() == Verdict.DO_NOT_OPERATE)
                        .forEach(judged -> add(position, judged.reason().says())));
    }

    private void passesAge() {
        tires((position, tire) -> tire.made()
                .filter(made -> !made.reaches(asked.years()).isAfter(asked.by()))
                .map(made -> Phrase.of(
                        made.reaches(asked.years()).isAfter(known.today())
                                ? "DOT {}: {} years on {}"
                                : "DOT {}: {} years since {}",
                        made.stamped(),
                        plain(asked.years()),
                        made.reaches(asked.years()))));
    }

    private static String plain(double years) {
        return years == Math.rint(years) ? String.valueOf((long) years) : String.valueOf(years);
    }

    private void neverWeighed() {
        if (known.state().facts().slips().isEmpty()) {
            add(Phrase.of("No slip on file"));
        }
    }

    private void placardNoLongerFits() {
        Vehicle vehicle = known.state().vehicle();
        tires((position, tire) -> vehicle.placardAt(position)
                .filter(placard -> position instanceof OnAxle
                        && !placard.size().molded().equals(tire.model().size().molded()))
                .map(placard -> Phrase.of(
                        "{} fitted, placard {} at {}",
                        tire.model().size().molded(),
                        placard.size().molded(),
                        placard.pressure())));
    }

    private void unknownWheel() {
        Vehicle vehicle = known.state().vehicle();
        vehicle.layout().positions().stream()
                .filter(position -> position instanceof OnAxle
                        && vehicle.wheelAt(position)
                                .flatMap(Vehicle.Wheel::pilot)
                                .isEmpty())
                .forEach(position -> add(position, Phrase.of("Not on file how the wheel is piloted")));
    }

    private void commercialUse() {
        Vehicle vehicle = known.state().vehicle();
        if (!vehicle.commercialUseUnknown()) {
            return;
        }
        List<Phrase> missing = new ArrayList<>();
        if (vehicle.use().seats().isEmpty() && vehicle.kind().carriesPeople()) {
            missing.add(Phrase.of("seats with the driver’s"));
        }
        if (vehicle.use().combination().isEmpty()) {
            missing.add(Phrase.of("the rating with what it tows"));
        }
        add(Phrase.of("Not on file: {}", Phrase.join(missing, ", ")));
    }

    private void unknownSensor() {
        Vehicle vehicle = known.state().vehicle();
        if (!vehicle.sensorsWork()) {
            return;
        }
        vehicle.layout().positions().stream()
                .filter(position -> position instanceof OnAxle)
                .forEach(position -> vehicle.sensorAt(position)
                        .ifPresentOrElse(
                                sensor -> {
                                    if (sensor.fittedOn().isEmpty()) {
                                        add(position, Phrase.of("Sensor {}: not known since when", sensor.code()));
                                    }
                                },
                                () -> add(position, Phrase.of("No sensor on file"))));
    }

    /** Of what isn't known, the one thing to measure that answers for most positions. */
    private void measureNext() {
        Map<Rule, Long> waiting = known.judgements().values().stream()
                .flatMap(judgement -> judgement.reasons().stream()
                        .filter(judged -> judged.verdict() == Verdict.NOT_KNOWN)
                        .map(Judged::reason)
                        .map(reason -> reason.rule())
                        .distinct())
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()));
        waiting.entrySet().stream()
                .max(Comparator.comparing((Map.Entry<Rule, Long> one) -> one.getValue())
                        .thenComparing(one -> -one.getKey().ordinal()))
                .ifPresent(most -> add(Phrase.of(
                        "{}: not known at {} {}",
                        most.getKey().title(),
                        most.getValue(),
                        most.getValue() == 1 ? "position" : "positions")));
    }

    private List<Position> going(DueKind... kinds) {
        return known.due().stream()
                .filter(item -> List.of(kinds).contains(item.kind()))
                .flatMap(item -> item.positions().stream())
                .distinct()
                .toList();
    }

    private void whatToOrder() {
        Vehicle vehicle = known.state().vehicle();
        for (Position position : going(DueKind.REPLACE, DueKind.FIX_MATCH, DueKind.FIT_PLANNED)) {
            OrderSpec spec = OrderSpec.of(
                    known.state(),
                    position,
                    position instanceof OnAxle on
                            ? Optional.ofNullable(vehicle.gawrs().get(on.axle()))
                            : Optional.empty());
            add(
                    position,
                    Phrase.join(
                            spec.lines().stream()
                                    .map(line -> line.value()
                                            .map(value -> Phrase.of("{}: {}", line.what(), value))
                                            .orElse(Phrase.of("{}: {}", line.what(), line.from())))
                                    .toList(),
                            "; "));
        }
    }

    private void dualPartner() {
        for (Position position : going(DueKind.REPLACE, DueKind.FIX_MATCH, DueKind.FIT_PLANNED)) {
            if (position instanceof OnAxle on && on.place() != Place.SINGLE) {
                add(
                        position,
                        Phrase.of("{}", known.partner().apply(position).orElse("nothing in stock pairs with it")));
            }
        }
    }

    private void mayCarry() {
        add(Phrase.of("Pressures for: {}", known.usual().words()));
        known.carry()
                .forEach(axle -> add(Phrase.of(
                        "Axle {}: {}",
                        axle.axle(),
                        axle.most()
                                .<Object>map(most -> Phrase.of("{} now, {}", most, axle.says()))
                                .orElse(axle.says()))));
    }

    private void changedSinceWeighing() {
        Optional<Slip> newest = known.state().facts().slips().stream().findFirst();
        if (newest.isEmpty()) {
            return;
        }
        known.pressures().axles().values().stream()
                .map(AxleAnswer::load)
                .flatMap(Optional::stream)
                .map(AxleLoad::old)
                .flatMap(Optional::stream)
                .distinct()
                .forEach(why -> add(Phrase.of("Weighed {}: {}", newest.get().on(), why)));
        for (TireState state : known.state().tires().values()) {
            state.tire()
                    .flatMap(Tire::fittedOn)
                    .filter(fitted -> fitted.isAfter(newest.get().on()))
                    .ifPresent(fitted -> add(
                            state.position(),
                            Phrase.of(
                                    "Tire fitted {}, weighed {}",
                                    fitted,
                                    newest.get().on())));
        }
    }
}
