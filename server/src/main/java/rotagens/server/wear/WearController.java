package rotagens.server.wear;

import static rotagens.server.wear.WearWords.WORDS;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.inspection.VehicleEvents;
import rotagens.core.inspection.WearCause;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.SampleTread;
import rotagens.core.wear.WearPattern.Shape;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.people.People;
import rotagens.server.policy.PolicyStore;
import rotagens.server.vehicleevent.VehicleEventStore;
import rotagens.server.wear.WearPages.WearPage;
import rotagens.server.web.InputValidator;

/** The wear of a vehicle's tires, what happened to it, and learning to read a tread. */
@RestController
class WearController {

    record VehicleEventRequest(
            VehicleEvents.@Nullable Type type,
            @Nullable LocalDate day,
            @Nullable String position,
            @Nullable String note) {}

    /** One pattern as a card: how the fleet's own rule tells it, its causes, most likely first, and what to do. */
    record WearPatternCard(
            Shape shape, String label, String evidence, List<String> causes, String action, String firstCheck) {}

    /** A made-up tread to practice on; what it is comes with it, for the page to show afterwards. */
    record PracticeCase(
            List<List<String>> places,
            double outer,
            double center,
            double inner,
            @Nullable String hand,
            Shape answer,
            String answerWords,
            String firstCheck,
            String reason) {}

    private static final List<Shape> CARDS = List.of(
            Shape.EVEN,
            Shape.CENTER,
            Shape.BOTH_SHOULDERS,
            Shape.OUTER_SHOULDER,
            Shape.INNER_SHOULDER,
            Shape.FEATHERING,
            Shape.CUPPING,
            Shape.FLAT_SPOT);
    /** Practice is on the usual rule: the made-up treads, and how often they are told right, were measured with it. */
    private static final double DIFFERENCE = PolicyNumber.WEAR_DIFFERENCE.defaultValue();

    private final WearPages pages;
    private final VehicleEventStore history;
    private final FleetCache fleet;
    private final Strikes strikes;
    private final People people;
    private final PolicyStore policyStore;
    private final java.time.Clock clock;
    private final Random random = new Random();

    WearController(
            WearPages pages,
            VehicleEventStore history,
            FleetCache fleet,
            Strikes strikes,
            People people,
            PolicyStore policyStore,
            java.time.Clock clock) {
        this.pages = pages;
        this.history = history;
        this.fleet = fleet;
        this.strikes = strikes;
        this.people = people;
        this.policyStore = policyStore;
        this.clock = clock;
    }

    /** The wear pattern of every tire, its causes in order, and what to check first. */
    @GetMapping("/api/vehicles/{id}/wear")
    WearPage getWear(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return pages.page(id, units);
    }

    /** Records what happened to a vehicle: alignment, shocks, a curb strike. */
    @PostMapping("/api/vehicles/{id}/events")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void addVehicleEvent(@PathVariable long id, @RequestBody VehicleEventRequest typed) {
        LocalDate today = LocalDate.now(clock);
        VehicleAssessment vehicleAssessment = fleet.get(id);
        InputValidator wrong = new InputValidator();
        wrong.unless(typed.type() != null, "type", WORDS.say("chooseWhatHappened"));
        LocalDate day = typed.day() == null ? today : typed.day();
        wrong.unless(!day.isAfter(today), "day", WORDS.say("thisDayLiesAheadCheck"));
        wrong.unless(day.isAfter(today.minusYears(20)), "day", WORDS.say("thisDateIsOver20"));
        String note = wrong.text("note", typed.note(), 300);
        String corner = typed.position() == null ? "" : typed.position().strip();
        Optional<Position> position =
                corner.isEmpty() ? Optional.empty() : wrong.attempt("position", () -> Position.parse(corner));
        wrong.unless(
                position.isEmpty() || vehicleAssessment.onFile().places().containsKey(position.get()),
                "position",
                WORDS.say("thisVehicleHasNoPosition", "corner", corner));
        wrong.refuseIfWrong();
        history.record(
                id, typed.type(), day, position.map(vehicleAssessment::placeId).orElse(null), note, people.me());
        if (typed.type() == VehicleEvents.Type.CURB_STRIKE) {
            strikes.record(
                    vehicleAssessment,
                    position.map(Position::code).orElse(""),
                    day.equals(today)
                            ? clock.instant()
                            : day.atTime(12, 0).atZone(clock.getZone()).toInstant(),
                    people.me());
        }
    }

    /** Every wear pattern with how it looks and feels. */
    @GetMapping("/api/wear/patterns")
    List<WearPatternCard> listWearPatterns(@RequestParam(defaultValue = "US") Units units) {
        double difference = policyStore.inForce().of(null).number(PolicyNumber.WEAR_DIFFERENCE);
        return CARDS.stream()
                .map(shape -> {
                    List<WearCause> causes = WearCause.of(shape);
                    return new WearPatternCard(
                            shape,
                            shape.label(),
                            shape.evidence(difference).in(units),
                            causes.stream().map(WearCause::label).toList(),
                            shape.action().isEmpty() ? WORDS.say("keepMeasuring") : shape.action(),
                            causes.isEmpty()
                                    ? WORDS.say("nothingToCorrect")
                                    : causes.get(0).firstCheck());
                })
                .toList();
    }

    /** A different case every time, from the generator that measures the classifier. */
    @GetMapping("/api/wear/practice")
    PracticeCase getWearPractice(@RequestParam(defaultValue = "US") Units units) {
        Shape shape = CARDS.get(random.nextInt(CARDS.size()));
        SampleTread one;
        Shape answer;
        do {
            one = SampleTread.of(shape, shape == Shape.EVEN ? 0 : 3 + random.nextInt(3), 4, random);
            Set<Shape> felt = shape == Shape.FEATHERING ? Set.of(Shape.FEATHERING) : Set.of();
            answer = one.read().pattern(DIFFERENCE, felt).orElseThrow().shape();
        } while (answer != shape); // a case the gauge's own error has turned is no case to learn from
        GrooveDepths zones = one.read().zones();
        List<WearCause> causes = WearCause.of(shape);
        return new PracticeCase(
                one.read().locations().stream()
                        .map(place ->
                                place.stream().map(depth -> depth.format(units)).toList())
                        .toList(),
                thirtySeconds(zones.outer()),
                thirtySeconds(zones.center()),
                thirtySeconds(zones.inner()),
                shape == Shape.FEATHERING ? WORDS.say("byHandSmoothOneWay") : null,
                shape,
                shape.label(),
                causes.isEmpty() ? WORDS.say("nothingToCorrect") : causes.get(0).firstCheck(),
                shape.evidence(DIFFERENCE).in(units));
    }

    private static double thirtySeconds(java.util.Optional<TreadDepth> depth) {
        return depth.orElseThrow().thirtySeconds();
    }

    /** The words of what can happen and be reported, for the forms. */
    @GetMapping("/api/wear/words")
    PatternTerms listPatternTerms() {
        return new PatternTerms(
                Arrays.stream(VehicleEvents.Type.values())
                        .map(type -> new PatternTerm(type.name(), type.label()))
                        .toList(),
                Arrays.stream(VehicleEvents.Symptom.values())
                        .map(symptom -> new PatternTerm(symptom.name(), symptom.label()))
                        .toList());
    }

    record PatternTerm(String name, String label) {}

    record PatternTerms(List<PatternTerm> events, List<PatternTerm> symptoms) {}
}
