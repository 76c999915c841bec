package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

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
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.OrderSpecification;
import rotagens.core.inspection.Stop;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Message;
import rotagens.core.measure.Rule;
import rotagens.core.pressure.AxleLoad;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.CurrentCapacity;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.DualSlot;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.weighing.ScaleTicket;

/** Answers a standing question for one vehicle from its facts; no line where it doesn't concern it. */
public final class QuestionAnswers {

    /** One line: the position it concerns, if any, and what there is to say. */
    public record Line(Optional<Position> position, Message statement) {}

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
    public record Inputs(
            VehicleState state,
            Map<Position, Assessment> judgements,
            List<DueItem> due,
            VehiclePressures pressures,
            List<CurrentCapacity> carry,
            Function<Position, Optional<String>> partner,
            Optional<String> relearn,
            String placardSpot,
            LoadState usual,
            List<String> followUps,
            LocalDate today) {}

    /** An age in years and the day it is asked for; only {@link Question#PASSES_AGE} looks at them. */
    public record Parameters(double years, LocalDate by) {}

    private final Inputs inputs;
    private final Parameters parameters;
    private final List<Line> lines = new ArrayList<>();

    private QuestionAnswers(Inputs inputs, Parameters parameters) {
        this.inputs = inputs;
        this.parameters = parameters;
    }

    /**
     * All lines of a question for a vehicle, in the order of its positions.
     *
     * @param question what is asked
     * @param inputs the vehicle with all that is known of it
     * @param parameters the age and the day, for the question that asks for them
     * @return lines with their reasons; empty where nothing answers
     */
    public static List<Line> to(Question question, Inputs inputs, Parameters parameters) {
        QuestionAnswers questionAnswers = new QuestionAnswers(inputs, parameters);
        questionAnswers.answer(question);
        return List.copyOf(questionAnswers.lines);
    }

    private void answer(Question question) {
        switch (question) {
            case DO_NOT_OPERATE -> mustNotLeave();
            case PASSES_AGE -> passesAge();
            case NEVER_WEIGHED -> neverWeighed();
            case PLACARD_NO_LONGER_FITS -> placardNoLongerFits();
            case UNKNOWN_DOT ->
                tires((position, tire) -> tire.dotWeek().isEmpty()
                        ? Optional.of(WORDS.message(
                                "dotDateNotRead", "model", tire.model().title()))
                        : Optional.empty());
            case UNKNOWN_WHEEL -> unknownWheel();
            case UNKNOWN_SENSOR -> unknownSensor();
            case COMMERCIAL_USE -> commercialUse();
            case MEASURE_NEXT -> measureNext();
            case WHAT_TO_ORDER -> whatToOrder();
            case DUAL_MATCH -> dualPartner();
            case RELEARN_PROCEDURE ->
                add(inputs.relearn().map(name -> Message.of("{}", name)).orElse(WORDS.message("noProcedureOnFile")));
            case PLACARD_LOCATION ->
                add(
                        inputs.placardSpot().isBlank()
                                ? WORDS.message(
                                        "notNotedUsually",
                                        "placardLocation",
                                        inputs.state().vehicle().type().placardLocation())
                                : Message.of("{}", inputs.placardSpot()));
            case CAPACITY_NOW -> mayCarry();
            case CHANGED_SINCE_WEIGHING -> changedSinceWeighing();
            case OPEN_FOLLOW_UPS -> inputs.followUps().forEach(words -> add(Message.of("{}", words)));
        }
    }

    private void add(Message says) {
        lines.add(new Line(Optional.empty(), says));
    }

    private void add(Position position, Message says) {
        lines.add(new Line(Optional.of(position), says));
    }

    private interface TireAnswer {
        Optional<Message> statement(Position position, Tire tire);
    }

    private void tires(TireAnswer look) {
        inputs.state()
                .tires()
                .forEach((position, state) -> state.tire()
                        .flatMap(tire -> look.statement(position, tire))
                        .ifPresent(says -> add(position, says)));
    }

    private void mustNotLeave() {
        Stop.of(inputs.state(), inputs.judgements())
                .forEach(stop ->
                        lines.add(new Line(stop.position(), stop.reason().statement())));
    }

    private void passesAge() {
        tires((position, tire) -> tire.dotWeek()
                .filter(made -> !made.reaches(parameters.years()).isAfter(parameters.by()))
                .map(made -> (made.reaches(parameters.years()).isAfter(inputs.today())
                        ? WORDS.message(
                                "dotYears",
                                "marked",
                                made.marked(),
                                "parameters",
                                plain(parameters.years()),
                                "reaches",
                                made.reaches(parameters.years()))
                        : WORDS.message(
                                "dotYearsSince",
                                "marked",
                                made.marked(),
                                "parameters",
                                plain(parameters.years()),
                                "reaches",
                                made.reaches(parameters.years())))));
    }

    private static String plain(double years) {
        return years == Math.rint(years) ? String.valueOf((long) years) : String.valueOf(years);
    }

    private void neverWeighed() {
        if (inputs.state().facts().scaleTickets().isEmpty()) {
            add(WORDS.message("noScaleTicketOnFile"));
        }
    }

    private void placardNoLongerFits() {
        Vehicle vehicle = inputs.state().vehicle();
        tires((position, tire) -> vehicle.placardAt(position)
                .filter(placard -> position instanceof OnAxle
                        && !placard.size().molded().equals(tire.model().size().molded()))
                .map(placard -> WORDS.message(
                        "installedPlacard",
                        "installed",
                        tire.model().size().molded(),
                        "original",
                        placard.size().molded(),
                        "pressure",
                        placard.pressure())));
    }

    private void unknownWheel() {
        Vehicle vehicle = inputs.state().vehicle();
        vehicle.layout().positions().stream()
                .filter(position -> position instanceof OnAxle
                        && vehicle.wheelAt(position)
                                .flatMap(Vehicle.WheelLimits::pilotType)
                                .isEmpty())
                .forEach(position -> add(position, WORDS.message("notOnFileHow")));
    }

    private void commercialUse() {
        Vehicle vehicle = inputs.state().vehicle();
        if (!vehicle.commercialUseUnknown()) {
            return;
        }
        List<Message> missing = new ArrayList<>();
        if (vehicle.use().seats().isEmpty() && vehicle.type().carriesPeople()) {
            missing.add(WORDS.message("seatsWithTheDrivers"));
        }
        if (vehicle.use().combination().isEmpty()) {
            missing.add(WORDS.message("ratingWithWhatItTows"));
        }
        add(WORDS.message("notOnFile", "missing", Message.join(missing, ", ")));
    }

    private void unknownSensor() {
        Vehicle vehicle = inputs.state().vehicle();
        if (!vehicle.hasWorkingSensors()) {
            return;
        }
        vehicle.layout().positions().stream()
                .filter(position -> position instanceof OnAxle)
                .forEach(position -> vehicle.sensorAt(position)
                        .ifPresentOrElse(
                                sensor -> {
                                    if (sensor.installedOn().isEmpty()) {
                                        add(
                                                position,
                                                WORDS.message(
                                                        "sensorNotKnownSinceWhen", "sensorId", sensor.sensorId()));
                                    }
                                },
                                () -> add(position, WORDS.message("noSensorOnFile"))));
    }

    /** Of what isn't known, the one thing to measure that answers for most positions. */
    private void measureNext() {
        Map<Rule, Long> waiting = inputs.judgements().values().stream()
                .flatMap(assessment -> assessment.reasons().stream()
                        .filter(verdictReason -> verdictReason.verdict() == Verdict.UNKNOWN)
                        .map(VerdictReason::reason)
                        .map(reason -> reason.rule())
                        .distinct())
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()));
        waiting.entrySet().stream()
                .max(Comparator.comparing((Map.Entry<Rule, Long> one) -> one.getValue())
                        .thenComparing(one -> -one.getKey().ordinal()))
                .ifPresent(most -> add(WORDS.message(
                        "notKnownAtPosition", "data", most.getKey().title(), "positions", most.getValue())));
    }

    private List<Position> going(WorkType... kinds) {
        return inputs.due().stream()
                .filter(item -> List.of(kinds).contains(item.workType()))
                .flatMap(item -> item.positions().stream())
                .distinct()
                .toList();
    }

    private void whatToOrder() {
        Vehicle vehicle = inputs.state().vehicle();
        for (Position position : going(WorkType.REPLACE, WorkType.CORRECT_MISMATCH, WorkType.INSTALL_NEW_TIRE)) {
            OrderSpecification spec = OrderSpecification.of(
                    inputs.state(),
                    position,
                    position instanceof OnAxle on
                            ? Optional.ofNullable(vehicle.gawrs().get(on.axle()))
                            : Optional.empty());
            add(
                    position,
                    Message.join(
                            spec.items().stream()
                                    .map(item -> item.value()
                                            .map(value -> Message.of("{}: {}", item.property(), value))
                                            .orElse(Message.of("{}: {}", item.property(), item.source())))
                                    .toList(),
                            "; "));
        }
    }

    private void dualPartner() {
        for (Position position : going(WorkType.REPLACE, WorkType.CORRECT_MISMATCH, WorkType.INSTALL_NEW_TIRE)) {
            if (position instanceof OnAxle on && on.dualSlot() != DualSlot.SINGLE) {
                add(
                        position,
                        Message.of("{}", inputs.partner().apply(position).orElse(WORDS.say("nothingInStockPairs"))));
            }
        }
    }

    private void mayCarry() {
        add(WORDS.message("pressuresFor", "usual", inputs.usual().label()));
        inputs.carry()
                .forEach(axle -> add(WORDS.message(
                        "axle",
                        "axle",
                        axle.axle(),
                        "capacity",
                        axle.capacity()
                                .<Object>map(most -> WORDS.message("now", "most", most, "axle", axle.statement()))
                                .orElse(axle.statement()))));
    }

    private void changedSinceWeighing() {
        Optional<ScaleTicket> newest =
                inputs.state().facts().scaleTickets().stream().findFirst();
        if (newest.isEmpty()) {
            return;
        }
        inputs.pressures().axles().values().stream()
                .map(AxlePressure::load)
                .flatMap(Optional::stream)
                .map(AxleLoad::outdatedReason)
                .flatMap(Optional::stream)
                .distinct()
                .forEach(why -> add(WORDS.message("weighed", "on", newest.get().on(), "why", why)));
        for (TireState state : inputs.state().tires().values()) {
            state.tire()
                    .flatMap(Tire::installedOn)
                    .filter(fitted -> fitted.isAfter(newest.get().on()))
                    .ifPresent(fitted -> add(
                            state.position(),
                            WORDS.message(
                                    "tireInstalledWeighed",
                                    "fitted",
                                    fitted,
                                    "on",
                                    newest.get().on())));
        }
    }
}
