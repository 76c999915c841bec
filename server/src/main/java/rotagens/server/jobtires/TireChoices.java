package rotagens.server.jobtires;

import static rotagens.server.jobtires.JobtiresWords.WORDS;

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
import rotagens.core.planning.TireAtWheel.Source;
import rotagens.core.planning.TireClaims;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FittingCheck;
import rotagens.server.fleet.FittingCheck.Candidate;
import rotagens.server.fleet.ReasonView;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobtires.ChosenTireViews.TireChoiceOption;
import rotagens.server.jobtires.OrderedTires.OrderedLine;
import rotagens.server.tire.StockStore;
import rotagens.server.tire.TireCatalog;

/** What might go on at a position, each checked for it. */
@Service
public class TireChoices {

    /** So many are offered; a yard has more that would fit, but nobody reads on. */
    private static final int MOST_OFFERED = 24;

    /** Work that isn't on a job yet. */
    public static final long NO_WORK_YET = 0;

    private final StockStore stock;
    private final TireCatalog tireCatalog;
    private final OrderedTires ordered;
    private final TireReservations reservations;
    private final FittingCheck check;

    TireChoices(
            StockStore stock,
            TireCatalog tireCatalog,
            OrderedTires ordered,
            TireReservations reservations,
            FittingCheck check) {
        this.stock = stock;
        this.tireCatalog = tireCatalog;
        this.ordered = ordered;
        this.reservations = reservations;
        this.check = check;
    }

    /** For which work a tire is wanted, and where and when it goes on. */
    private record Wanted(long itemId, VehicleAssessment vehicle, Position position, LocalDate goesOn, Units units) {}

    /**
     * From stock, then what is ordered, then what could be bought; what fits as it is before what brings more work.
     *
     * @param itemId the work it is for, or {@link #NO_WORK_YET}
     */
    @Transactional(readOnly = true)
    public List<TireChoiceOption> at(
            long itemId, VehicleAssessment vehicle, Position position, LocalDate goesOn, Units units) {
        Wanted wanted = new Wanted(itemId, vehicle, position, goesOn, units);
        Map<Long, TireModel> models = tireCatalog.byId();
        Optional<TireModel> now = Optional.ofNullable(vehicle.fitted().get(position))
                .map(one -> one.tire().model());
        double rim = now.map(model -> model.size().rimInches()).orElse(0.0);
        List<OrderedLine> lines = ordered.lines();
        TireClaims claims = reservations.claims(lines);
        List<TireChoiceOption> options = new ArrayList<>(Stream.concat(
                        stock.inStock().stream()
                                .filter(row -> isOnRim(models.get(row.modelId()), rim))
                                .map(row -> fromStock(row, models, claims, wanted)),
                        lines.stream()
                                .filter(line -> line.left() > 0)
                                .filter(line -> isOnRim(models.get(line.modelId()), rim))
                                .map(line -> fromOrder(line, models, claims, wanted)))
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
                        Source.TO_BUY,
                        new Candidate(Optional.empty(), model.getKey(), Optional.empty(), false),
                        null,
                        model.getValue().title(),
                        WORDS.say("toBuy2", "sidewall", model.getValue().sidewall()),
                        Optional.empty(),
                        wanted))
                .filter(option -> option.refusals().isEmpty())
                .forEach(options::add);
        return options;
    }

    private static boolean isOnRim(TireModel model, double rim) {
        return rim == 0 || model.size().rimInches() == rim;
    }

    private TireChoiceOption fromStock(
            StockStore.Row row, Map<Long, TireModel> models, TireClaims claims, Wanted wanted) {
        String details = Stream.of(
                        row.dot().map(dot -> WORDS.say("dot2", "dot", dot)),
                        row.depth().map(depth -> depth.format(wanted.units())),
                        row.yard(),
                        row.retread() ? Optional.of("retread") : Optional.<String>empty())
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
        return option(
                Source.STOCK,
                new Candidate(Optional.of(row.id()), row.modelId(), row.dot(), row.retread()),
                null,
                row.number().orElse(WORDS.say("tire2", "id", row.id())) + ", "
                        + models.get(row.modelId()).title(),
                details,
                claims.tireTaken(row.id(), wanted.itemId()),
                wanted);
    }

    private TireChoiceOption fromOrder(
            OrderedLine line, Map<Long, TireModel> models, TireClaims claims, Wanted wanted) {
        return option(
                Source.ORDERED,
                new Candidate(Optional.empty(), line.modelId(), Optional.empty(), false),
                line.id(),
                models.get(line.modelId()).title(),
                WORDS.say(
                        "onOrderFromExpected",
                        "left",
                        line.left(),
                        "supplier",
                        line.supplier(),
                        "expected",
                        Message.of("{}", line.expected()).in(wanted.units())),
                claims.orderTaken(line.id(), wanted.itemId()),
                wanted);
    }

    private TireChoiceOption option(
            Source source,
            Candidate candidate,
            @Nullable Long orderLineId,
            String label,
            String details,
            Optional<Message> taken,
            Wanted wanted) {
        InstallCheck brings = check.of(candidate, wanted.vehicle(), wanted.position(), wanted.goesOn());
        return new TireChoiceOption(
                source,
                candidate.id().orElse(null),
                orderLineId,
                candidate.modelId(),
                label,
                details,
                brings.refusals().stream()
                        .map(one -> ReasonView.of(one, wanted.units()))
                        .toList(),
                brings.notes().stream()
                        .map(one -> ReasonView.of(one, wanted.units()))
                        .toList(),
                taken.map(why -> why.in(wanted.units())).orElse(null));
    }
}
