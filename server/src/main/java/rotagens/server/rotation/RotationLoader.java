package rotagens.server.rotation;

import static rotagens.server.rotation.RotationWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Length;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.rotation.CandidateTire;
import rotagens.core.rotation.CandidateTire.TireSource;
import rotagens.core.rotation.RotationProblem;
import rotagens.core.rotation.StockRanking;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.inspection.Readings;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.rotation.RotationViews.RotationOptions;
import rotagens.server.tire.StockStore;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.tire.TireStore.StockState;

/** Lays out what may be rotated: the vehicle's own tires, what fits it from stock, and what could be bought for each axle. */
@Component
class RotationLoader {

    /** A bench, and what the page has to know of its tires besides. */
    record LoadedProblem(
            RotationProblem bench,
            List<CandidateTire> stock,
            Set<Long> chosen,
            Map<Long, String> where,
            Map<Long, String> dots,
            Map<Long, String> reserved,
            Map<Long, Long> models) {

        /** A tire by its id; empty where it can't be had any more. */
        Optional<CandidateTire> tire(long id) {
            return Stream.concat(
                            bench.inputs().candidates().stream(),
                            bench.inputs().toBuy().values().stream().flatMap(List::stream))
                    .filter(tire -> tire.id() == id)
                    .findFirst();
        }
    }

    static final int STOCK_CHOSEN = 4;
    private static final int STOCK_SHOWN = 12;
    private static final int MODELS_TO_BUY = 3;
    private static final int IDS_AN_AXLE = 100;

    private final StockStore list;
    private final TireCatalog tireCatalog;
    private final Readings readings;
    private final PlannedMoves planned;

    RotationLoader(StockStore list, TireCatalog tireCatalog, Readings readings, PlannedMoves planned) {
        this.list = list;
        this.tireCatalog = tireCatalog;
        this.readings = readings;
        this.planned = planned;
    }

    /** Without a choice of stock, the four likeliest tires are chosen: same model first, the oldest that still fits first. */
    LoadedProblem lay(VehicleAssessment vehicleAssessment, RotationOptions rotationOptions) {
        Map<Long, TireModel> models = tireCatalog.byId();
        Map<Long, Long> modelOf = new HashMap<>();
        Map<Long, String> dots = new HashMap<>();
        List<CandidateTire> onVehicle = new ArrayList<>();
        vehicleAssessment.state().tires().forEach((position, state) -> {
            InstalledTire installedTire = vehicleAssessment.fitted().get(position);
            if (installedTire != null) {
                onVehicle.add(mounted(position, state, installedTire));
                modelOf.put(installedTire.tire().id(), installedTire.modelId());
                installedTire
                        .dotCode()
                        .ifPresent(code -> dots.put(installedTire.tire().id(), code));
            }
        });
        Map<Long, String> where = new HashMap<>();
        Map<Long, String> spokenFor = planned.spokenFor();
        List<CandidateTire> stock = stock(vehicleAssessment, models, where, dots, modelOf);
        Set<Long> chosen = rotationOptions.stock() != null
                ? Set.copyOf(rotationOptions.stock())
                : stock.stream()
                        .map(CandidateTire::id)
                        .filter(id -> !spokenFor.containsKey(id))
                        .limit(STOCK_CHOSEN)
                        .collect(Collectors.toSet());
        List<CandidateTire> hand = new ArrayList<>(onVehicle);
        stock.stream()
                .filter(tire -> chosen.contains(tire.id()) && !spokenFor.containsKey(tire.id()))
                .forEach(hand::add);
        Map<Integer, List<CandidateTire>> toBuy =
                rotationOptions.buy() ? toBuy(vehicleAssessment, models, modelOf) : Map.of();
        LocalDate nextVisit =
                rotationOptions.nextVisit() != null ? rotationOptions.nextVisit() : nextVisit(vehicleAssessment);
        RotationProblem rotationProblem = new RotationProblem(new RotationProblem.Inputs(
                vehicleAssessment.state(),
                hand,
                toBuy,
                vehicleAssessment.policy(),
                vehicleAssessment.today(),
                nextVisit,
                rotationOptions.override() == null ? Set.of() : rotationOptions.override()));
        return new LoadedProblem(rotationProblem, stock, chosen, where, dots, spokenFor, modelOf);
    }

    static LocalDate nextVisit(VehicleAssessment vehicleAssessment) {
        return vehicleAssessment
                .today()
                .plusMonths(vehicleAssessment
                        .policy()
                        .of(vehicleAssessment.vehicleClass())
                        .days(PolicyNumber.NEXT_VISIT_MONTHS));
    }

    private CandidateTire mounted(Position position, TireState state, InstalledTire installedTire) {
        return new CandidateTire(
                installedTire.tire().id(),
                installedTire.number().orElse(WORDS.say("tireAt", "position", position.code())),
                installedTire.tire(),
                TireSource.ON_VEHICLE,
                Optional.of(position),
                state.readings(),
                state.alerts(),
                diameter(installedTire.modelId()),
                Optional.empty());
    }

    private Optional<Length> diameter(long modelId) {
        return tireCatalog.get(modelId).details().diameter().map(RotationLoader::length);
    }

    private static Length length(String stored) {
        String figure = stored.replaceAll("[^0-9.]", "");
        return stored.contains("mm")
                ? Length.ofMm(Double.parseDouble(figure))
                : Length.ofInches(Double.parseDouble(figure));
    }

    private List<CandidateTire> stock(
            VehicleAssessment vehicleAssessment,
            Map<Long, TireModel> models,
            Map<Long, String> where,
            Map<Long, String> dots,
            Map<Long, Long> modelOf) {
        Set<String> sizes = vehicleAssessment.fitted().values().stream()
                .map(installedTire -> installedTire.tire().model().size().molded())
                .collect(Collectors.toSet());
        vehicleAssessment
                .vehicle()
                .placards()
                .values()
                .forEach(placard -> sizes.add(placard.size().molded()));
        List<StockStore.Row> rows = list.present().stream()
                .filter(row -> row.state().filter(StockState.IN_STOCK::equals).isPresent())
                .filter(row -> sizes.contains(models.get(row.modelId()).size().molded()))
                .toList();
        List<Long> ids = rows.stream().map(StockStore.Row::id).toList();
        Map<Long, TireAlerts> alerts = readings.alerts(ids);
        List<CandidateTire> all = new ArrayList<>();
        Set<Long> inItsYard = new HashSet<>();
        for (StockStore.Row row : rows) {
            row.yard().filter(vehicleAssessment.yard()::equals).ifPresent(here -> inItsYard.add(row.id()));
            row.dot().ifPresent(code -> dots.put(row.id(), code));
            modelOf.put(row.id(), row.modelId());
            where.put(
                    row.id(),
                    row.yard().orElse(WORDS.say("noYard")) + (row.shelf().isEmpty() ? "" : ", " + row.shelf()));
            all.add(new CandidateTire(
                    row.id(),
                    row.number().orElse(WORDS.say("stockTire", "id", row.id())),
                    new Tire(
                            row.id(),
                            models.get(row.modelId()),
                            row.dot()
                                    .map(code -> DotCode.parse(code, vehicleAssessment.today())
                                            .date()),
                            row.retread(),
                            Optional.empty()),
                    TireSource.STOCK,
                    Optional.empty(),
                    depth(row, vehicleAssessment.today()),
                    alerts.getOrDefault(row.id(), TireAlerts.NONE),
                    diameter(row.modelId()),
                    row.price()));
        }
        return StockRanking.of(
                        all,
                        vehicleAssessment.fitted().values().stream()
                                .map(installedTire -> installedTire.tire())
                                .toList(),
                        tire -> inItsYard.contains(tire.id()))
                .stream()
                .limit(STOCK_SHOWN)
                .toList();
    }

    /** The last gauge reading, else the depth noted when it was laid there. */
    private List<Reading> depth(StockStore.Row row, LocalDate today) {
        return readings
                .lastReading(row.id())
                .or(() -> row.depth()
                        .map(depth -> new Reading(
                                today,
                                "",
                                Optional.empty(),
                                Optional.empty(),
                                ThermalState.UNKNOWN,
                                new GrooveDepths(Optional.of(depth), Optional.of(depth), Optional.of(depth)))))
                .stream()
                .toList();
    }

    /** One new tire of each model that runs on the vehicle in the axle's size, as old as deliveries usually are. */
    private Map<Integer, List<CandidateTire>> toBuy(
            VehicleAssessment vehicleAssessment, Map<Long, TireModel> models, Map<Long, Long> modelOf) {
        int months =
                vehicleAssessment.policy().of(vehicleAssessment.vehicleClass()).days(PolicyNumber.DELIVERED_AGE_NOTED);
        DotWeek made = DotWeek.parse(
                DotWeek.stampFor(vehicleAssessment.today().minusMonths(months)), vehicleAssessment.today());
        Map<Integer, List<CandidateTire>> toBuy = new LinkedHashMap<>();
        for (int axle = 1; axle <= vehicleAssessment.layout().axles().size(); axle++) {
            int number = axle;
            List<Long> choices = vehicleAssessment.fitted().entrySet().stream()
                    .sorted(Comparator.comparing(
                            entry -> !(entry.getKey() instanceof OnAxle on && on.axle() == number)))
                    .map(entry -> entry.getValue().modelId())
                    .distinct()
                    .filter(id -> models.get(id).originalDepth().isPresent())
                    .limit(MODELS_TO_BUY)
                    .toList();
            List<CandidateTire> tires = new ArrayList<>();
            for (int i = 0; i < choices.size(); i++) {
                TireModel model = models.get(choices.get(i));
                long id = -(long) (number * IDS_AN_AXLE + i);
                modelOf.put(id, choices.get(i));
                tires.add(new CandidateTire(
                        id,
                        WORDS.say("new", "model", model.title()),
                        new Tire(id, model, Optional.of(made), false, Optional.empty()),
                        TireSource.TO_BUY,
                        Optional.empty(),
                        List.of(new Reading(
                                vehicleAssessment.today(),
                                "",
                                Optional.empty(),
                                Optional.empty(),
                                ThermalState.UNKNOWN,
                                new GrooveDepths(model.originalDepth(), model.originalDepth(), model.originalDepth()))),
                        TireAlerts.NONE,
                        diameter(choices.get(i)),
                        tireCatalog.get(choices.get(i)).details().price()));
            }
            toBuy.put(number, tires);
        }
        return toBuy;
    }
}
