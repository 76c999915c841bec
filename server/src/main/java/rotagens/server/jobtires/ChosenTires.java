package rotagens.server.jobtires;

import static rotagens.server.jobtires.JobtiresWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.planning.JobRequirements;
import rotagens.core.planning.TireAtWheel;
import rotagens.core.planning.TireAtWheel.Source;
import rotagens.core.planning.TireAtWheel.StockTire;
import rotagens.core.planning.TireClaims;
import rotagens.core.planning.WorkType;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FittingCheck;
import rotagens.server.fleet.FittingCheck.Candidate;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobtires.ChosenTireStore.Chosen;
import rotagens.server.jobtires.ChosenTireViews.ChooseTireRequest;
import rotagens.server.jobtires.ChosenTireViews.JobTireView;
import rotagens.server.jobtires.OrderedTires.OrderedLine;
import rotagens.server.people.People;
import rotagens.server.tire.StockStore;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.web.ProblemException;

/** Chooses which tire goes on, checked then; and knows it again at the wheel. */
@Service
public class ChosenTires {

    private final ChosenTireStore store;
    private final StockStore stock;
    private final TireStore tireStore;
    private final TireCatalog tireCatalog;
    private final OrderedTires ordered;
    private final TireReservations reservations;
    private final TireChoices choices;
    private final FittingCheck check;
    private final People people;
    private final Clock clock;

    ChosenTires(
            ChosenTireStore store,
            StockStore stock,
            TireStore tireStore,
            TireCatalog tireCatalog,
            OrderedTires ordered,
            TireReservations reservations,
            TireChoices choices,
            FittingCheck check,
            People people,
            Clock clock) {
        this.store = store;
        this.stock = stock;
        this.tireStore = tireStore;
        this.tireCatalog = tireCatalog;
        this.ordered = ordered;
        this.reservations = reservations;
        this.choices = choices;
        this.check = check;
        this.people = people;
        this.clock = clock;
    }

    /** Whether a tire is chosen for such work; a rotation has chosen its own. */
    public static boolean chooses(WorkType workType) {
        return JobRequirements.takesTire(workType) && workType != WorkType.INSTALL_NEW_TIRE;
    }

    /** What goes on where nobody may have chosen yet, and what might. */
    @Transactional(readOnly = true)
    public JobTireView view(long itemId, VehicleAssessment vehicle, Position position, LocalDate goesOn, Units units) {
        return new JobTireView(
                itemId,
                position.code(),
                store.of(itemId)
                        .map(chosen -> words(chosen, tireCatalog.byId()))
                        .orElse(null),
                choices.at(itemId, vehicle, position, goesOn, units));
    }

    /**
     * Chooses; what must not go there is refused now, not when the nuts are tight.
     *
     * @param goesOn the day of the job
     * @param field where what is wrong is said
     */
    @Transactional
    public void choose(
            long itemId,
            VehicleAssessment vehicle,
            Position position,
            LocalDate goesOn,
            ChooseTireRequest typed,
            Units units,
            String field) {
        Chosen chosen = chosen(itemId, typed, field);
        TireClaims claims = reservations.claims();
        Optional.ofNullable(chosen.tireId())
                .flatMap(tire -> claims.tireTaken(tire, itemId))
                .or(() -> Optional.ofNullable(chosen.orderLineId()).flatMap(line -> claims.orderTaken(line, itemId)))
                .ifPresent(why -> {
                    throw ProblemException.field(field, WORDS.say("chooseAnother", "why", why.in(units)));
                });
        refused(chosen, vehicle, position, later(goesOn, vehicle.today()), units)
                .ifPresent(why -> {
                    throw ProblemException.field(field, why);
                });
        store.put(chosen, clock.instant(), people.me());
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    private Chosen chosen(long itemId, ChooseTireRequest typed, String field) {
        if (typed.tireId() != null) {
            StockStore.Row row = stock.byId(typed.tireId())
                    .filter(one ->
                            one.state().filter(StockState.IN_STOCK::equals).isPresent())
                    .orElseThrow(() -> ProblemException.field(field, WORDS.say("thisTireIsntInStock")));
            return new Chosen(itemId, row.id(), null, row.modelId());
        }
        if (typed.orderLineId() != null) {
            OrderedLine line = line(typed.orderLineId())
                    .orElseThrow(() -> ProblemException.field(field, WORDS.say("nothingOfThisOrder")));
            return new Chosen(itemId, null, line.id(), line.modelId());
        }
        if (typed.tireModelId() == null || !tireCatalog.has(typed.tireModelId())) {
            throw ProblemException.field(field, WORDS.say("chooseTheTireThatGoes"));
        }
        return new Chosen(itemId, null, null, typed.tireModelId());
    }

    private Optional<OrderedLine> line(long id) {
        return ordered.lines().stream().filter(line -> line.id() == id).findFirst();
    }

    private Optional<String> refused(
            Chosen chosen, VehicleAssessment vehicle, Position position, LocalDate goesOn, Units units) {
        Optional<StockStore.Row> row = Optional.ofNullable(chosen.tireId()).flatMap(stock::byId);
        Candidate candidate = row.map(
                        one -> new Candidate(Optional.of(one.id()), one.modelId(), one.dot(), one.retread()))
                .orElse(new Candidate(Optional.empty(), chosen.modelId(), Optional.empty(), false));
        return check.of(candidate, vehicle, position, goesOn).refusals().stream()
                .findFirst()
                .map(why -> WORDS.say(
                        "doesntGoThere",
                        "why",
                        why.reason().statement().in(units),
                        "explanation",
                        why.reason().explanation().in(units)));
    }

    /** The work goes off its job: what was reserved for it is free again. */
    @Transactional
    public void release(long itemId) {
        store.remove(itemId);
    }

    /** The model that was chosen, where one was. */
    @Transactional(readOnly = true)
    public Optional<Long> modelOf(long itemId) {
        return store.of(itemId).map(Chosen::modelId);
    }

    /**
     * Why the tire whose code was read at the wheel isn't the one this work puts on: another than chosen, one that lies in stock and
     * was never checked for this place, or one of an order nobody received.
     *
     * @param code as read
     */
    @Transactional(readOnly = true)
    public Optional<String> wrongTire(
            long itemId, DotCode code, VehicleAssessment vehicle, Position position, Units units) {
        Optional<Chosen> chosen = store.of(itemId);
        TireAtWheel here = atWheel(itemId, chosen, code, position, vehicle.today());
        return here.wrong()
                .map(why -> why.in(units))
                .or(() -> here.tire().isEmpty()
                        ? Optional.empty()
                        : refused(chosen.orElseThrow(), vehicle, position, vehicle.today(), units));
    }

    /** The tire on file that goes on with this code; empty where it was bought for this work and isn't on file yet. */
    @Transactional(readOnly = true)
    public Optional<Long> onFile(long itemId, DotCode code, Position position, LocalDate today) {
        return atWheel(itemId, store.of(itemId), code, position, today).tire();
    }

    private TireAtWheel atWheel(
            long itemId, Optional<Chosen> chosen, DotCode code, Position position, LocalDate today) {
        Source source = chosen.map(ChosenTires::source).orElse(Source.TO_BUY);
        List<Long> ids = switch (source) {
            case STOCK -> List.of(chosen.orElseThrow().tireId());
            case ORDERED -> arrived(itemId, chosen.orElseThrow().orderLineId());
            case TO_BUY -> List.of();
        };
        return TireAtWheel.of(
                code,
                position,
                source,
                lying(ids, today),
                chosen.map(one -> words(one, tireCatalog.byId())).orElse(""),
                source == Source.TO_BUY ? lying(tireStore.sameDot(code.molded(), null), today) : List.of());
    }

    /** What came of an order, without those that other work has taken out of the stock. */
    private List<Long> arrived(long itemId, long lineId) {
        Set<Long> taken = store.open().values().stream()
                .filter(other -> other.itemId() != itemId)
                .map(Chosen::tireId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return line(lineId).map(OrderedLine::arrived).orElse(List.of()).stream()
                .filter(tire -> !taken.contains(tire))
                .toList();
    }

    private List<StockTire> lying(List<Long> ids, LocalDate today) {
        return ids.stream()
                .flatMap(id -> stock.byId(id).stream())
                .filter(row -> row.state().filter(StockState.IN_STOCK::equals).isPresent())
                .map(row -> new StockTire(
                        row.id(),
                        row.number().orElse(WORDS.say("tire")),
                        row.dot().map(dot -> DotCode.parse(dot, today))))
                .toList();
    }

    private static Source source(Chosen chosen) {
        return chosen.tireId() != null ? Source.STOCK : chosen.orderLineId() != null ? Source.ORDERED : Source.TO_BUY;
    }

    /** Whether a code as read now says more of a tire than the one on file. */
    @Transactional(readOnly = true)
    public boolean saysMore(long tireId, DotCode code) {
        return stock.byId(tireId)
                .flatMap(StockStore.Row::dot)
                .filter(onFile -> onFile.length() >= code.molded().length())
                .isEmpty();
    }

    /**
     * What was chosen for a piece of work.
     *
     * @param words as a person would name it
     */
    public record ChosenForWork(long modelId, Source source, String words) {}

    /** What was chosen for pieces of work; work nobody chose for is not in it. */
    @Transactional(readOnly = true)
    public Map<Long, ChosenForWork> of(List<Long> itemIds) {
        Map<Long, Chosen> chosen = store.of(itemIds);
        if (chosen.isEmpty()) {
            return Map.of();
        }
        Map<Long, TireModel> models = tireCatalog.byId();
        List<OrderedLine> lines = ordered.lines();
        return chosen.values().stream()
                .collect(Collectors.toMap(
                        Chosen::itemId,
                        one -> new ChosenForWork(one.modelId(), source(one), words(one, models, lines))));
    }

    private String words(Chosen chosen, Map<Long, TireModel> models) {
        return words(chosen, models, chosen.orderLineId() == null ? List.of() : ordered.lines());
    }

    private String words(Chosen chosen, Map<Long, TireModel> models, List<OrderedLine> lines) {
        String model = models.get(chosen.modelId()).title();
        if (chosen.tireId() != null) {
            return stock.byId(chosen.tireId())
                    .map(row -> row.number().orElse(WORDS.say("tire2", "id", row.id())) + ", " + model
                            + row.dot().map(dot -> WORDS.say("dot", "dot", dot)).orElse(""))
                    .orElse(model);
        }
        if (chosen.orderLineId() == null) {
            return WORDS.say("toBuy", "model", model);
        }
        return model
                + lines.stream()
                        .filter(line -> line.id() == chosen.orderLineId())
                        .findFirst()
                        .map(ChosenTires::state)
                        .orElse(WORDS.say("itsOrderIsGoneChoose"));
    }

    private static String state(OrderedLine line) {
        if (!line.arrived().isEmpty()) {
            return WORDS.say("receivedFromItsOrder");
        }
        return line.left() > 0 ? WORDS.say("onOrder") : WORDS.say("itsOrderWasClosedChoose");
    }
}
