package rotagens.server.tirepages;

import static rotagens.server.tirepages.TirepagesWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.Alert;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.OpenFinding;
import rotagens.core.inspection.OrderSpecification;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Money;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireUsage;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadByEdge;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.inspection.ReadingLog;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireRegisterStore;
import rotagens.server.tire.TireRegisterStore.TireOnFile;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.Movement;
import rotagens.server.tirepages.TireViews.AlertView;
import rotagens.server.tirepages.TireViews.EdgeRow;
import rotagens.server.tirepages.TireViews.OrderSpecificationItem;
import rotagens.server.tirepages.TireViews.OrderSpecificationView;
import rotagens.server.tirepages.TireViews.PhotoOfTire;
import rotagens.server.tirepages.TireViews.StockRow;
import rotagens.server.tirepages.TireViews.TireHistoryEntryView;
import rotagens.server.tirepages.TireViews.TireLocationView;
import rotagens.server.tirepages.TireViews.TirePageView;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicle.VehicleStore.PlaceName;

/** The stock, the page of one tire, the DOT sheet and what to order, put together for the screen. */
@Service
class TirePages {

    private final TireStore tireStore;
    private final TireCatalog tireCatalog;
    private final TireRegisterStore records;
    private final People people;
    private final FleetCache fleet;
    private final Readings readings;
    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final VehicleRegister register;
    private final Photos photos;
    private final ReadingLog facts;
    private final Clock clock;
    private final LifeUsed lifeUsed;

    TirePages(
            TireStore tireStore,
            TireCatalog tireCatalog,
            TireRegisterStore records,
            People people,
            FleetCache fleet,
            Readings readings,
            ReadingLog facts,
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            VehicleRegister register,
            Photos photos,
            Clock clock,
            LifeUsed lifeUsed) {
        this.lifeUsed = lifeUsed;
        this.tireStore = tireStore;
        this.tireCatalog = tireCatalog;
        this.records = records;
        this.people = people;
        this.fleet = fleet;
        this.readings = readings;
        this.facts = facts;
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.register = register;
        this.photos = photos;
        this.clock = clock;
    }

    /** Tires on no vehicle, oldest first; a tire whose age nobody knows stands before all. */
    @Transactional(readOnly = true)
    List<StockRow> stock(Units units, boolean scrappedToo) {
        LocalDate today = LocalDate.now(clock);
        List<TireOnFile> all = records.stock(scrappedToo);
        List<Long> ids = all.stream().map(TireOnFile::id).toList();
        Map<Long, TireModel> models = tireCatalog.byId();
        Map<Long, TreadDepth> depths = lowestDepths(ids);
        Map<Long, List<OpenFinding>> open = readings.open(ids);
        return all.stream()
                .sorted(Comparator.comparing((TireOnFile one) ->
                        made(one, today).map(DotWeek::weekStart).orElse(LocalDate.MIN)))
                .map(one -> new StockRow(
                        one.id(),
                        one.number().orElse(null),
                        models.get(one.modelId()).title(),
                        models.get(one.modelId()).sidewall(),
                        one.retread(),
                        made(one, today).map(DotWeek::marked).orElse(null),
                        made(one, today).map(date -> years(date, today)).orElse(null),
                        Optional.ofNullable(depths.get(one.id()))
                                .map(depth -> depth.format(units))
                                .orElse(null),
                        one.price().map(Money::label).orElse(null),
                        one.lying().orElseThrow().state(),
                        one.lying().get().yard().orElse(null),
                        one.lying().get().shelf(),
                        one.lying().get().since(),
                        words(open.getOrDefault(one.id(), List.of()))))
                .toList();
    }

    private static List<String> words(List<OpenFinding> open) {
        return open.stream().map(found -> found.label()).distinct().toList();
    }

    /** The lowest depth last measured, in place or with a move, whichever is newer. */
    private Map<Long, TreadDepth> lowestDepths(List<Long> ids) {
        Map<Long, Map.Entry<Instant, TreadDepth>> newest = new HashMap<>(records.lastMoveDepth(ids));
        readings.lastTread(ids)
                .forEach((id, read) -> read.getValue().lowest().ifPresent(lowest -> {
                    Map.Entry<Instant, TreadDepth> moved = newest.get(id);
                    if (moved == null || moved.getKey().isBefore(read.getKey())) {
                        newest.put(id, Map.entry(read.getKey(), lowest));
                    }
                }));
        return newest.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, one -> one.getValue().getValue()));
    }

    private static Optional<DotWeek> made(TireOnFile one, LocalDate today) {
        return one.dot().map(code -> DotCode.parse(code, today).date());
    }

    static double years(DotWeek date, LocalDate today) {
        return Math.floor(date.ageYears(today) * 10) / 10;
    }

    @Transactional(readOnly = true)
    TirePageView tire(long id, Units units) {
        LocalDate today = LocalDate.now(clock);
        TireOnFile one = records.get(id);
        TireCatalog.Model onFile = tireCatalog.get(one.modelId());
        TireModel model = onFile.model();
        List<Movement> moves = tireStore.ledgerOfTire(id);
        List<ReadingLog.Fact> read = facts.ofTire(id);
        Map<Long, PlaceName> places = vehicleStore.placeNames(Stream.of(
                        moves.stream().map(Movement::fromPlaceId),
                        moves.stream().map(Movement::toPlaceId),
                        read.stream().map(ReadingLog.Fact::placeId),
                        one.placeId().stream())
                .flatMap(ids -> ids)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
        Optional<TreadDepth> depth =
                Optional.ofNullable(lowestDepths(List.of(id)).get(id));
        TireInstallations stays = TireInstallations.of(moves, places, vehicleStore, odometerStore);
        TireUsage life = TireUsage.of(stays.forLife());
        boolean gone = one.lying().isPresent();
        TireAlerts alerts = readings.alerts(List.of(id)).getOrDefault(id, TireAlerts.NONE);
        Optional<DotWeek> made = made(one, today);
        return new TirePageView(
                id,
                today,
                one.number().orElse(null),
                one.dot().orElse(null),
                one.modelId(),
                model.title(),
                model.sidewall(),
                one.retread(),
                where(one, places),
                one.price().map(Money::label).orElse(null),
                TireProperties.of(one, onFile, depth, made, today, units),
                stays.views(units),
                life.miles().isPresent()
                        ? Distance.miles(life.miles().getAsDouble()).format(units)
                        : null,
                life.isComplete(),
                life.costOfDistance(one.price(), units).orElse(null),
                TireUsage.costOfTread(one.price(), model.originalDepth(), depth, units)
                        .orElse(null),
                lifeUsed.shareByTread(one, places, model, depth, gone),
                lifeUsed.shareByAge(one, places, made, today),
                words(alerts.findings()),
                alerts.all().stream()
                        .sorted(Comparator.comparing(Alert::isOpen)
                                .thenComparing(Alert::on)
                                .reversed())
                        .map(alert -> view(alert, units))
                        .toList(),
                gas(read, units),
                edges(read, places, units),
                photos.ofTire(id).stream()
                        .map(photo -> new PhotoOfTire(
                                photo.id(),
                                photo.width(),
                                photo.height(),
                                photo.at(),
                                whereWords(places, photo.placeId()),
                                photo.by()))
                        .toList(),
                lines(moves, read, places, units));
    }

    private static AlertView view(Alert alert, Units units) {
        return new AlertView(
                alert.kind(),
                alert.kind().label(),
                alert.statement().in(units),
                alert.on(),
                alert.by(),
                alert.kind().clearedBy(),
                alert.cleared().map(Alert.Cleared::on).orElse(null),
                alert.cleared().map(Alert.Cleared::by).orElse(null),
                alert.cleared().map(Alert.Cleared::how).orElse(null));
    }

    /** What it is filled with by its newest fill that says so: any fill with air ends nitrogen. */
    private static @Nullable String gas(List<ReadingLog.Fact> read, Units units) {
        return read.stream()
                .filter(fact -> !fact.isVoided())
                .flatMap(fact -> fact.values().stream()
                        .filter(values -> values.filled() || !values.gas().isEmpty())
                        .map(values -> Map.entry(fact.at(), values)))
                .max(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .filter(values -> !values.gas().isEmpty())
                .map(values -> values.gas().toLowerCase(java.util.Locale.ROOT)
                        + (values.look().purity().isEmpty()
                                ? ""
                                : ", " + values.look().purity() + "%"))
                .orElse(null);
    }

    /** Its tread readings by its own edges, newest first. */
    private static List<EdgeRow> edges(List<ReadingLog.Fact> read, Map<Long, PlaceName> places, Units units) {
        List<ReadingLog.Fact> oldestFirst = read.stream()
                .filter(fact -> fact.values().isPresent() && !fact.isVoided())
                .sorted(Comparator.comparing(ReadingLog.Fact::at))
                .toList();
        List<Optional<TreadByEdge>> history = TreadByEdge.history(oldestFirst.stream()
                .map(fact -> new TreadByEdge.EdgeReading(
                        fact.placeId(),
                        fact.values().get().tread(),
                        fact.values().get().look().dotOutward()))
                .toList());
        List<EdgeRow> rows = new ArrayList<>();
        for (int at = oldestFirst.size() - 1; at >= 0; at--) {
            ReadingLog.Fact fact = oldestFirst.get(at);
            GrooveDepths grooveDepths = fact.values().get().tread();
            if (grooveDepths.isComplete()) {
                Optional<TreadByEdge> edge = history.get(at);
                Function<Function<TreadByEdge, Optional<TreadDepth>>, String> depth = which ->
                        edge.flatMap(which).map(one -> one.format(units)).orElse(null);
                rows.add(new EdgeRow(
                        fact.at(),
                        whereWords(places, fact.placeId()),
                        depth.apply(TreadByEdge::dotSide),
                        grooveDepths.center().map(one -> one.format(units)).orElse(null),
                        depth.apply(TreadByEdge::otherSide)));
            }
        }
        return rows;
    }

    private static String whereWords(Map<Long, PlaceName> places, Long placeId) {
        return Optional.ofNullable(places.get(placeId)).map(PlaceName::label).orElse(null);
    }

    private static TireLocationView where(TireOnFile one, Map<Long, PlaceName> places) {
        if (one.placeId().isPresent()) {
            PlaceName place = places.get(one.placeId().get());
            return new TireLocationView(
                    WORDS.say("on", "place", place.label()), place.vehicleId(), place.unit(), place.code(), null);
        }
        return one.lying()
                .map(stockedTire -> new TireLocationView(
                        capital(stockedTire.state().words())
                                + stockedTire.yard().map(yard -> ", " + yard).orElse("")
                                + (stockedTire.shelf().isEmpty() ? "" : ", " + stockedTire.shelf()),
                        null,
                        null,
                        null,
                        stockedTire.state()))
                .orElse(new TireLocationView(WORDS.say("nowhereOnRecord"), null, null, null, null));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }

    private List<TireHistoryEntryView> lines(
            List<Movement> moves, List<ReadingLog.Fact> read, Map<Long, PlaceName> places, Units units) {
        Map<Long, String> names = people.names();
        Map<Long, String> yards = register.yardNames();
        List<TireHistoryEntryView> lines = new ArrayList<>();
        moves.forEach(move -> lines.add(new TireHistoryEntryView(
                move.id(),
                move.at(),
                "move",
                Optional.ofNullable(move.toPlaceId() != null ? move.toPlaceId() : move.fromPlaceId())
                        .map(places::get)
                        .map(PlaceName::label)
                        .orElse(null),
                MovementText.of(move, places, yards, units),
                names.get(move.personId()),
                !move.type().equals("CORRECTED"),
                move.correctsId(),
                null,
                false)));
        read.forEach(fact -> lines.add(new TireHistoryEntryView(
                0,
                fact.at(),
                fact.type(),
                whereWords(places, fact.placeId()),
                fact.label(units),
                names.get(fact.personId()),
                false,
                null,
                fact.readingId(),
                fact.isVoided())));
        return lines.stream()
                .sorted(Comparator.comparing(TireHistoryEntryView::at).reversed())
                .limit(500)
                .toList();
    }

    @Transactional(readOnly = true)
    OrderSpecificationView order(long vehicleId, String code, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        Position position = VehiclePositions.of(vehicleAssessment, code);
        Integer axle = position instanceof Position.OnAxle on ? on.axle() : null;
        OrderSpecification spec = OrderSpecification.of(
                vehicleAssessment.state(), position, Optional.ofNullable(axle).map(register.gawrs(vehicleId)::get));
        List<OrderSpecificationItem> lines = spec.items().stream()
                .map(item -> new OrderSpecificationItem(
                        item.property(),
                        item.value().map(value -> value.in(units)).orElse(null),
                        item.source().in(units)))
                .toList();
        String unit = vehicleAssessment.unit();
        String name = vehicleAssessment.layout().nameOf(position);
        return new OrderSpecificationView(
                unit,
                code,
                name,
                lines,
                Stream.concat(
                                Stream.of(WORDS.say("for", "unit", unit, "code", code, "name", name)),
                                lines.stream()
                                        .map(line -> line.property() + ": "
                                                + (line.value() == null
                                                        ? WORDS.say("notKnown", "from", line.from())
                                                        : line.value())))
                        .collect(Collectors.joining("\n")));
    }
}
