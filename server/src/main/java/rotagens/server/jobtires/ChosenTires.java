package rotagens.server.jobtires;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.InstallCheck;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.planning.JobRequirements;
import rotagens.core.planning.WorkType;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FittingCheck;
import rotagens.server.fleet.FittingCheck.Candidate;
import rotagens.server.fleet.ReasonView;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobtires.ChosenTireStore.Chosen;
import rotagens.server.jobtires.ChosenTireViews.ChooseTireRequest;
import rotagens.server.jobtires.ChosenTireViews.JobTireView;
import rotagens.server.jobtires.ChosenTireViews.TireChoiceOption;
import rotagens.server.jobtires.ChosenTireViews.TireSource;
import rotagens.server.jobtires.OrderedTires.OrderedLine;
import rotagens.server.people.People;
import rotagens.server.tire.StockPages;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.web.ProblemException;

/** Chooses which tire goes on, checked then; and knows it again at the wheel. */
@Service
public class ChosenTires {

    /** So many are offered; a yard has more that would fit, but nobody reads on. */
    private static final int MOST_OFFERED = 24;

    private final ChosenTireStore store;
    private final StockPages stock;
    private final TireStore tireStore;
    private final TireCatalog tireCatalog;
    private final OrderedTires ordered;
    private final FittingCheck check;
    private final People people;
    private final Clock clock;

    ChosenTires(
            ChosenTireStore store,
            StockPages stock,
            TireStore tireStore,
            TireCatalog tireCatalog,
            OrderedTires ordered,
            FittingCheck check,
            People people,
            Clock clock) {
        this.store = store;
        this.stock = stock;
        this.tireStore = tireStore;
        this.tireCatalog = tireCatalog;
        this.ordered = ordered;
        this.check = check;
        this.people = people;
        this.clock = clock;
    }

    /** Whether a tire is chosen for such work; a rotation has chosen its own. */
    public static boolean chooses(WorkType workType) {
        return JobRequirements.takesTire(workType) && workType != WorkType.INSTALL_NEW_TIRE;
    }

    /** What goes on, and what might: from stock oldest first, then what is ordered, then what could be bought. */
    @Transactional(readOnly = true)
    public JobTireView view(long itemId, VehicleAssessment vehicle, Position position, Units units) {
        Map<Long, Long> reserved = store.reserved();
        Map<Long, TireModel> models = tireCatalog.byId();
        Optional<TireModel> now = Optional.ofNullable(vehicle.fitted().get(position))
                .map(one -> one.tire().model());
        double rim = now.map(model -> model.size().rimInches()).orElse(0.0);
        List<StockPages.Row> lying = stock.inStock().stream()
                .filter(row -> rim == 0 || models.get(row.modelId()).size().rimInches() == rim)
                .toList();
        List<TireChoiceOption> options = new ArrayList<>(Stream.concat(
                        lying.stream().map(row -> fromStock(row, models, reserved, itemId, vehicle, position, units)),
                        ordered.lines().stream()
                                .filter(line -> line.left() > 0)
                                .filter(line -> rim == 0
                                        || models.get(line.modelId()).size().rimInches() == rim)
                                .map(line -> fromOrder(line, models, vehicle, position, units)))
                .sorted(Comparator.comparing(
                                (TireChoiceOption one) -> !one.refusals().isEmpty())
                        .thenComparing(TireChoiceOption::source)
                        .thenComparing(one -> one.notes().size()))
                .limit(MOST_OFFERED)
                .toList());
        models.entrySet().stream()
                .filter(model -> now.filter(
                                one -> one.size().equals(model.getValue().size()))
                        .isPresent())
                .map(model -> option(
                        TireSource.TO_BUY,
                        new Candidate(Optional.empty(), model.getKey(), Optional.empty(), false),
                        null,
                        model.getValue().title(),
                        model.getValue().sidewall() + ", to buy",
                        false,
                        vehicle,
                        position,
                        units))
                .filter(option -> option.refusals().isEmpty())
                .forEach(options::add);
        return new JobTireView(
                itemId,
                position.code(),
                store.of(itemId).map(chosen -> words(chosen, models)).orElse(null),
                options);
    }

    private TireChoiceOption fromStock(
            StockPages.Row row,
            Map<Long, TireModel> models,
            Map<Long, Long> reserved,
            long itemId,
            VehicleAssessment vehicle,
            Position position,
            Units units) {
        Long holder = reserved.get(row.id());
        String details = Stream.of(
                        row.dot().map(dot -> "DOT " + dot),
                        row.depth().map(depth -> depth.format(units)),
                        row.yard(),
                        row.retread() ? Optional.of("retread") : Optional.<String>empty())
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
        return option(
                TireSource.STOCK,
                new Candidate(Optional.of(row.id()), row.modelId(), row.dot(), row.retread()),
                null,
                row.number().orElse("tire " + row.id()) + ", "
                        + models.get(row.modelId()).title(),
                details,
                holder != null && holder != itemId,
                vehicle,
                position,
                units);
    }

    private TireChoiceOption fromOrder(
            OrderedLine line, Map<Long, TireModel> models, VehicleAssessment vehicle, Position position, Units units) {
        return option(
                TireSource.ORDERED,
                new Candidate(Optional.empty(), line.modelId(), Optional.empty(), false),
                line.id(),
                models.get(line.modelId()).title(),
                line.left() + " on order from " + line.supplier() + ", expected "
                        + Message.of("{}", line.expected()).in(units),
                false,
                vehicle,
                position,
                units);
    }

    private TireChoiceOption option(
            TireSource source,
            Candidate candidate,
            @Nullable Long orderLineId,
            String label,
            String details,
            boolean isReserved,
            VehicleAssessment vehicle,
            Position position,
            Units units) {
        InstallCheck brings = check.of(candidate, vehicle, position);
        return new TireChoiceOption(
                source,
                candidate.id().orElse(null),
                orderLineId,
                candidate.modelId(),
                label,
                details,
                brings.refusals().stream().map(one -> ReasonView.of(one, units)).toList(),
                brings.notes().stream().map(one -> ReasonView.of(one, units)).toList(),
                isReserved);
    }

    /** Chooses; what must not go there is refused now, not when the nuts are tight. */
    @Transactional
    public void choose(
            long itemId, VehicleAssessment vehicle, Position position, ChooseTireRequest typed, Units units) {
        Chosen chosen = chosen(itemId, typed);
        Long holder = chosen.tireId() == null ? null : store.reserved().get(chosen.tireId());
        if (holder != null && holder != itemId) {
            throw ProblemException.field("tire", "This tire is reserved for other work. Choose another.");
        }
        refused(chosen, vehicle, position, units).ifPresent(why -> {
            throw ProblemException.field("tire", why);
        });
        store.put(chosen, clock.instant(), people.me());
    }

    private Chosen chosen(long itemId, ChooseTireRequest typed) {
        if (typed.tireId() != null) {
            StockPages.Row row = stock.byId(typed.tireId())
                    .filter(one ->
                            one.state().filter(StockState.IN_STOCK::equals).isPresent())
                    .orElseThrow(() -> ProblemException.field("tire", "This tire isn’t in stock any more."));
            return new Chosen(itemId, row.id(), null, row.modelId());
        }
        if (typed.orderLineId() != null) {
            OrderedLine line = line(typed.orderLineId())
                    .filter(one -> one.left() > 0)
                    .orElseThrow(() -> ProblemException.field("tire", "Nothing of this order is still to come."));
            return new Chosen(itemId, null, line.id(), line.modelId());
        }
        if (typed.tireModelId() == null || !tireCatalog.has(typed.tireModelId())) {
            throw ProblemException.field("tire", "Choose the tire that goes on.");
        }
        return new Chosen(itemId, null, null, typed.tireModelId());
    }

    private Optional<OrderedLine> line(long id) {
        return ordered.lines().stream().filter(line -> line.id() == id).findFirst();
    }

    private Optional<String> refused(Chosen chosen, VehicleAssessment vehicle, Position position, Units units) {
        Optional<StockPages.Row> row = Optional.ofNullable(chosen.tireId()).flatMap(stock::byId);
        Candidate candidate = row.map(
                        one -> new Candidate(Optional.of(one.id()), one.modelId(), one.dot(), one.retread()))
                .orElse(new Candidate(Optional.empty(), chosen.modelId(), Optional.empty(), false));
        return check.of(candidate, vehicle, position).refusals().stream()
                .findFirst()
                .map(why -> "Doesn’t go there: " + why.reason().statement().in(units) + ". "
                        + why.reason().explanation().in(units));
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

    /** The models that were chosen, by piece of work. */
    @Transactional(readOnly = true)
    public Map<Long, Long> models(List<Long> itemIds) {
        return store.of(itemIds).values().stream().collect(Collectors.toMap(Chosen::itemId, Chosen::modelId));
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
        if (chosen.isEmpty() || chosen.get().tireId() == null && chosen.get().orderLineId() == null) {
            return inStock(code)
                    .map(row -> row.number().orElse("A tire") + " in stock carries this code. Choose it for this work"
                            + " first, so that it is checked for " + position.code() + ".");
        }
        Optional<StockPages.Row> one = tireFor(chosen.get(), code, vehicle.today());
        if (one.isEmpty()) {
            return Optional.of(
                    chosen.get().tireId() == null
                            ? "No tire with this code was received from its order. Receive it under Stock first: what came is"
                                    + " looked at before it goes on."
                            : "Chosen for " + position.code() + ": "
                                    + words(chosen.get(), tireCatalog.byId())
                                    + ". This is another tire; choose it for this work first, so that it is checked.");
        }
        return refused(chosen.get(), vehicle, position, units);
    }

    private Optional<StockPages.Row> inStock(DotCode code) {
        return tireStore.sameDot(code.molded(), null).stream()
                .flatMap(id -> stock.byId(id).stream())
                .filter(row -> row.state().filter(StockState.IN_STOCK::equals).isPresent())
                .findFirst();
    }

    private Optional<StockPages.Row> tireFor(Chosen chosen, DotCode code, LocalDate today) {
        List<Long> ids = chosen.tireId() != null
                ? List.of(chosen.tireId())
                : line(chosen.orderLineId()).map(OrderedLine::arrived).orElse(List.of());
        return ids.stream()
                .flatMap(id -> stock.byId(id).stream())
                .filter(row -> row.state().filter(StockState.IN_STOCK::equals).isPresent())
                .filter(row -> row.dot()
                        .filter(dot -> !DotCode.parse(dot, today).isPossible(code))
                        .isEmpty())
                .findFirst();
    }

    /** The tire on file that goes on with this code; empty where it was bought for this work and isn't on file yet. */
    @Transactional(readOnly = true)
    public Optional<Long> onFile(long itemId, DotCode code, LocalDate today) {
        return store.of(itemId)
                .filter(chosen -> chosen.tireId() != null || chosen.orderLineId() != null)
                .flatMap(chosen -> tireFor(chosen, code, today))
                .map(StockPages.Row::id);
    }

    /** Whether a code as read now says more of a tire than the one on file. */
    @Transactional(readOnly = true)
    public boolean saysMore(long tireId, DotCode code) {
        return stock.byId(tireId)
                .flatMap(StockPages.Row::dot)
                .filter(onFile -> onFile.length() >= code.molded().length())
                .isEmpty();
    }

    /** What was chosen for pieces of work, in words. */
    @Transactional(readOnly = true)
    public Map<Long, String> words(List<Long> itemIds) {
        Map<Long, TireModel> models = tireCatalog.byId();
        return store.of(itemIds).values().stream()
                .collect(Collectors.toMap(Chosen::itemId, chosen -> words(chosen, models), (one, other) -> one));
    }

    private String words(Chosen chosen, Map<Long, TireModel> models) {
        String model = models.get(chosen.modelId()).title();
        if (chosen.tireId() != null) {
            return stock.byId(chosen.tireId())
                    .map(row -> row.number().orElse("tire " + row.id()) + ", " + model
                            + row.dot().map(dot -> ", DOT " + dot).orElse(""))
                    .orElse(model);
        }
        return model + (chosen.orderLineId() == null ? ", to buy" : ", on order");
    }
}
