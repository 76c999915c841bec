package rotagens.server.rotation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Warmth;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Length;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.rotation.Bench;
import rotagens.core.rotation.BenchTire;
import rotagens.core.rotation.BenchTire.Source;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.DotDate;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.wear.Tread;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.inspection.Readings;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.rotation.RotationViews.Asked;
import rotagens.server.tire.Catalogue;
import rotagens.server.tire.TireList;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.tire.Tires.StockState;
import rotagens.server.web.ProblemException;

/** Lays out what may be rotated: the vehicle's own tires, what fits it from stock, and what could be bought for each axle. */
@Component
class BenchTop {

    /** A bench, and what the page has to know of its tires besides. */
    record Laid(
            Bench bench,
            List<BenchTire> stock,
            Set<Long> chosen,
            Map<Long, String> where,
            Map<Long, String> dots,
            Map<Long, String> spokenFor,
            Map<Long, Long> models) {

        /** A tire by its id. */
        BenchTire tire(long id) {
            return java.util.stream.Stream.concat(
                            bench.facts().hand().stream(),
                            bench.facts().toBuy().values().stream().flatMap(List::stream))
                    .filter(tire -> tire.id() == id)
                    .findFirst()
                    .orElseThrow(
                            () -> ProblemException.conflict(
                                    "A tire of this plan isn’t on the bench any more: it was moved, or another rotation took it. Look again."));
        }
    }

    static final int STOCK_CHOSEN = 4;
    private static final int STOCK_SHOWN = 12;
    private static final int MODELS_TO_BUY = 3;
    private static final int IDS_AN_AXLE = 100;

    private final TireList list;
    private final Catalogue catalogue;
    private final Readings readings;
    private final PlannedMoves planned;

    BenchTop(TireList list, Catalogue catalogue, Readings readings, PlannedMoves planned) {
        this.list = list;
        this.catalogue = catalogue;
        this.readings = readings;
        this.planned = planned;
    }

    /** Without a choice of stock, the four likeliest tires are chosen: same model first, the oldest that still fits first. */
    Laid lay(Standing standing, Asked asked) {
        Map<Long, TireModel> models = catalogue.byId();
        Map<Long, Long> modelOf = new HashMap<>();
        Map<Long, String> dots = new HashMap<>();
        List<BenchTire> onVehicle = new ArrayList<>();
        standing.state().tires().forEach((position, state) -> {
            Fitted fitted = standing.fitted().get(position);
            if (fitted != null) {
                onVehicle.add(mounted(position, state, fitted));
                modelOf.put(fitted.tire().id(), fitted.modelId());
                fitted.dotCode().ifPresent(code -> dots.put(fitted.tire().id(), code));
            }
        });
        Map<Long, String> where = new HashMap<>();
        Map<Long, String> spokenFor = planned.spokenFor();
        List<BenchTire> stock = stock(standing, models, where, dots, modelOf);
        Set<Long> chosen = asked.stock() != null
                ? Set.copyOf(asked.stock())
                : stock.stream()
                        .map(BenchTire::id)
                        .filter(id -> !spokenFor.containsKey(id))
                        .limit(STOCK_CHOSEN)
                        .collect(Collectors.toSet());
        List<BenchTire> hand = new ArrayList<>(onVehicle);
        stock.stream()
                .filter(tire -> chosen.contains(tire.id()) && !spokenFor.containsKey(tire.id()))
                .forEach(hand::add);
        Map<Integer, List<BenchTire>> toBuy = asked.buy() ? toBuy(standing, models, modelOf) : Map.of();
        LocalDate nextVisit = asked.nextVisit() != null ? asked.nextVisit() : nextVisit(standing);
        Bench bench = new Bench(new Bench.Facts(
                standing.state(),
                hand,
                toBuy,
                standing.policy(),
                standing.today(),
                nextVisit,
                asked.override() == null ? Set.of() : asked.override()));
        return new Laid(bench, stock, chosen, where, dots, spokenFor, modelOf);
    }

    static LocalDate nextVisit(Standing standing) {
        return standing.today()
                .plusMonths(standing.policy()
                        .of(standing.onFile().facts().vehicleClass())
                        .days(PolicyNumber.NEXT_VISIT_MONTHS));
    }

    private BenchTire mounted(Position position, TireState state, Fitted fitted) {
        return new BenchTire(
                fitted.tire().id(),
                fitted.number().orElse("tire at " + position.code()),
                fitted.tire(),
                Source.ON_VEHICLE,
                Optional.of(position),
                state.readings(),
                state.open(),
                diameter(fitted.modelId()),
                Optional.empty());
    }

    private Optional<Length> diameter(long modelId) {
        return catalogue.get(modelId).details().diameter().map(BenchTop::length);
    }

    private static Length length(String stored) {
        String figure = stored.replaceAll("[^0-9.]", "");
        return stored.contains("mm")
                ? Length.ofMm(Double.parseDouble(figure))
                : Length.ofInches(Double.parseDouble(figure));
    }

    private List<BenchTire> stock(
            Standing standing,
            Map<Long, TireModel> models,
            Map<Long, String> where,
            Map<Long, String> dots,
            Map<Long, Long> modelOf) {
        Set<String> sizes = standing.fitted().values().stream()
                .map(fitted -> fitted.tire().model().size().molded())
                .collect(Collectors.toSet());
        standing.onFile()
                .facts()
                .placards()
                .values()
                .forEach(placard -> sizes.add(placard.size().molded()));
        Set<String> titles = standing.fitted().values().stream()
                .map(fitted -> fitted.tire().model().title())
                .collect(Collectors.toSet());
        List<TireList.Row> rows = list.present().stream()
                .filter(row -> row.state().filter(StockState.IN_STOCK::equals).isPresent())
                .filter(row -> sizes.contains(models.get(row.modelId()).size().molded()))
                .toList();
        List<Long> ids = rows.stream().map(TireList.Row::id).toList();
        Map<Long, List<OpenFinding>> open = readings.open(ids);
        List<BenchTire> all = new ArrayList<>();
        for (TireList.Row row : rows) {
            row.dot().ifPresent(code -> dots.put(row.id(), code));
            modelOf.put(row.id(), row.modelId());
            where.put(row.id(), row.yard().orElse("no yard") + (row.shelf().isEmpty() ? "" : ", " + row.shelf()));
            all.add(new BenchTire(
                    row.id(),
                    row.number().orElse("stock tire " + row.id()),
                    new Tire(
                            row.id(),
                            models.get(row.modelId()),
                            row.dot()
                                    .map(code -> DotCode.parse(code, standing.today())
                                            .date()),
                            row.retread(),
                            Optional.empty()),
                    Source.STOCK,
                    Optional.empty(),
                    depth(row, standing.today()),
                    open.getOrDefault(row.id(), List.of()),
                    diameter(row.modelId()),
                    row.price()));
        }
        all.sort(Comparator.comparing(
                        (BenchTire tire) -> !titles.contains(tire.tire().model().title()))
                .thenComparing(tire ->
                        !where.get(tire.id()).startsWith(standing.onFile().yard()))
                .thenComparing(tire -> tire.tire().made().map(DotDate::madeOn).orElse(LocalDate.MAX)));
        return all.stream().limit(STOCK_SHOWN).toList();
    }

    /** The last gauge reading, else the depth noted when it was laid there. */
    private List<Reading> depth(TireList.Row row, LocalDate today) {
        return readings
                .lastReading(row.id())
                .or(() -> row.depth()
                        .map(depth -> new Reading(
                                today,
                                "",
                                Optional.empty(),
                                Optional.empty(),
                                Warmth.UNKNOWN,
                                new Tread(Optional.of(depth), Optional.of(depth), Optional.of(depth)))))
                .stream()
                .toList();
    }

    /** One new tire of each model that runs on the vehicle in the axle's size, as old as deliveries usually are. */
    private Map<Integer, List<BenchTire>> toBuy(
            Standing standing, Map<Long, TireModel> models, Map<Long, Long> modelOf) {
        int months =
                standing.policy().of(standing.onFile().facts().vehicleClass()).days(PolicyNumber.DELIVERED_AGE_NOTED);
        DotDate made = DotDate.parse(DotDate.stampFor(standing.today().minusMonths(months)), standing.today());
        Map<Integer, List<BenchTire>> toBuy = new LinkedHashMap<>();
        for (int axle = 1; axle <= standing.onFile().facts().layout().axles().size(); axle++) {
            int number = axle;
            List<Long> choices = standing.fitted().entrySet().stream()
                    .sorted(Comparator.comparing(
                            entry -> !(entry.getKey() instanceof OnAxle on && on.axle() == number)))
                    .map(entry -> entry.getValue().modelId())
                    .distinct()
                    .filter(id -> models.get(id).originalDepth().isPresent())
                    .limit(MODELS_TO_BUY)
                    .toList();
            List<BenchTire> tires = new ArrayList<>();
            for (int i = 0; i < choices.size(); i++) {
                TireModel model = models.get(choices.get(i));
                long id = -(long) (number * IDS_AN_AXLE + i);
                modelOf.put(id, choices.get(i));
                tires.add(new BenchTire(
                        id,
                        "new " + model.title(),
                        new Tire(id, model, Optional.of(made), false, Optional.empty()),
                        Source.TO_BUY,
                        Optional.empty(),
                        List.of(new Reading(
                                standing.today(),
                                "",
                                Optional.empty(),
                                Optional.empty(),
                                Warmth.UNKNOWN,
                                new Tread(model.originalDepth(), model.originalDepth(), model.originalDepth()))),
                        List.of(),
                        diameter(choices.get(i)),
                        catalogue.get(choices.get(i)).details().price()));
            }
            toBuy.put(number, tires);
        }
        return toBuy;
    }
}
