package rotagens.server.ledger;

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
import rotagens.core.inspection.OrderSpec;
import rotagens.core.inspection.TireClocks;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Money;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.DotDate;
import rotagens.core.tire.TireLife;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.ByEdge;
import rotagens.core.wear.Tread;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.inspection.ReadingFacts;
import rotagens.server.inspection.Readings;
import rotagens.server.ledger.LedgerViews.AlertView;
import rotagens.server.ledger.LedgerViews.DotRow;
import rotagens.server.ledger.LedgerViews.DotSheet;
import rotagens.server.ledger.LedgerViews.EdgeRow;
import rotagens.server.ledger.LedgerViews.Fact;
import rotagens.server.ledger.LedgerViews.OrderFor;
import rotagens.server.ledger.LedgerViews.OrderLine;
import rotagens.server.ledger.LedgerViews.PhotoOfTire;
import rotagens.server.ledger.LedgerViews.StockRow;
import rotagens.server.ledger.LedgerViews.TireLine;
import rotagens.server.ledger.LedgerViews.TirePage;
import rotagens.server.ledger.LedgerViews.Where;
import rotagens.server.ledger.TireRecords.OneTire;
import rotagens.server.ledger.TireRecords.PlaceName;
import rotagens.server.photos.Photos;
import rotagens.server.tire.Catalogue;
import rotagens.server.tire.Tires;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.tire.Tires.Movement;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.Vehicles;

/** The stock, the page of one tire, the DOT sheet and what to order, put together for the screen. */
@Service
class LedgerPages {

    private final Tires tires;
    private final Catalogue catalogue;
    private final TireRecords records;
    private final Fleet fleet;
    private final Readings readings;
    private final ReadingFacts facts;
    private final Vehicles vehicles;
    private final VehicleRegister register;
    private final Photos photos;
    private final Clock clock;

    LedgerPages(
            Tires tires,
            Catalogue catalogue,
            TireRecords records,
            Fleet fleet,
            Readings readings,
            ReadingFacts facts,
            Vehicles vehicles,
            VehicleRegister register,
            Photos photos,
            Clock clock) {
        this.tires = tires;
        this.catalogue = catalogue;
        this.records = records;
        this.fleet = fleet;
        this.readings = readings;
        this.facts = facts;
        this.vehicles = vehicles;
        this.register = register;
        this.photos = photos;
        this.clock = clock;
    }

    /** Tires on no vehicle, oldest first; a tire whose age nobody knows stands before all. */
    @Transactional(readOnly = true)
    List<StockRow> stock(Units units, boolean scrappedToo) {
        LocalDate today = LocalDate.now(clock);
        List<OneTire> all = records.stock(scrappedToo);
        List<Long> ids = all.stream().map(OneTire::id).toList();
        Map<Long, TireModel> models = catalogue.byId();
        Map<Long, TreadDepth> depths = lowestDepths(ids);
        Map<Long, List<OpenFinding>> open = readings.open(ids);
        return all.stream()
                .sorted(Comparator.comparing(
                        (OneTire one) -> made(one, today).map(DotDate::madeOn).orElse(LocalDate.MIN)))
                .map(one -> new StockRow(
                        one.id(),
                        one.number().orElse(null),
                        models.get(one.modelId()).title(),
                        models.get(one.modelId()).sidewall(),
                        one.retread(),
                        made(one, today).map(DotDate::stamped).orElse(null),
                        made(one, today).map(date -> years(date, today)).orElse(null),
                        Optional.ofNullable(depths.get(one.id()))
                                .map(depth -> depth.in(units))
                                .orElse(null),
                        one.price().map(Money::words).orElse(null),
                        one.lying().orElseThrow().state(),
                        one.lying().get().yard().orElse(null),
                        one.lying().get().shelf(),
                        one.lying().get().since(),
                        words(open.getOrDefault(one.id(), List.of()))))
                .toList();
    }

    private static List<String> words(List<OpenFinding> open) {
        return open.stream().map(found -> found.words()).distinct().toList();
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

    private static Optional<DotDate> made(OneTire one, LocalDate today) {
        return one.dot().map(code -> DotCode.parse(code, today).date());
    }

    private static double years(DotDate date, LocalDate today) {
        return Math.floor(date.ageYears(today) * 10) / 10;
    }

    @Transactional(readOnly = true)
    TirePage tire(long id, Units units) {
        LocalDate today = LocalDate.now(clock);
        OneTire one = records.get(id);
        Catalogue.Model onFile = catalogue.get(one.modelId());
        TireModel model = onFile.model();
        List<Movement> moves = tires.ledgerOfTire(id);
        List<ReadingFacts.Fact> read = facts.ofTire(id);
        Map<Long, PlaceName> places = records.places(Stream.of(
                        moves.stream().map(Movement::fromPlaceId),
                        moves.stream().map(Movement::toPlaceId),
                        read.stream().map(ReadingFacts.Fact::placeId),
                        one.placeId().stream())
                .flatMap(ids -> ids)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
        Optional<TreadDepth> depth =
                Optional.ofNullable(lowestDepths(List.of(id)).get(id));
        TireStays stays = TireStays.of(moves, places, vehicles);
        TireLife life = TireLife.of(stays.forLife());
        boolean gone = one.lying().isPresent();
        TireAlerts alerts = readings.alerts(List.of(id)).getOrDefault(id, TireAlerts.NONE);
        Optional<DotDate> made = made(one, today);
        return new TirePage(
                id,
                today,
                one.number().orElse(null),
                one.dot().orElse(null),
                one.modelId(),
                model.title(),
                model.sidewall(),
                one.retread(),
                where(one, places),
                one.price().map(Money::words).orElse(null),
                facts(one, onFile, depth, made, today, units),
                stays.views(units),
                life.miles().isPresent()
                        ? Distance.miles(life.miles().getAsDouble()).in(units)
                        : null,
                life.isWhole(),
                life.costOfDistance(one.price(), units).orElse(null),
                TireLife.costOfTread(one.price(), model.originalDepth(), depth, units)
                        .orElse(null),
                shareByTread(one, places, model, depth, gone),
                shareByAge(one, places, made, today),
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
                alert.kind().words(),
                alert.says().in(units),
                alert.on(),
                alert.by(),
                alert.kind().clearedBy(),
                alert.cleared().map(Alert.Cleared::on).orElse(null),
                alert.cleared().map(Alert.Cleared::by).orElse(null),
                alert.cleared().map(Alert.Cleared::how).orElse(null));
    }

    /** What it is filled with by its newest fill that says so: any fill with air ends nitrogen. */
    private static @Nullable String gas(List<ReadingFacts.Fact> read, Units units) {
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
    private static List<EdgeRow> edges(List<ReadingFacts.Fact> read, Map<Long, PlaceName> places, Units units) {
        List<ReadingFacts.Fact> oldestFirst = read.stream()
                .filter(fact -> fact.values().isPresent() && !fact.isVoided())
                .sorted(Comparator.comparing(ReadingFacts.Fact::at))
                .toList();
        List<Optional<ByEdge>> history = ByEdge.history(oldestFirst.stream()
                .map(fact -> new ByEdge.AtPlace(
                        fact.placeId(),
                        fact.values().get().tread(),
                        fact.values().get().look().dotOutward()))
                .toList());
        List<EdgeRow> rows = new ArrayList<>();
        for (int at = oldestFirst.size() - 1; at >= 0; at--) {
            ReadingFacts.Fact fact = oldestFirst.get(at);
            Tread tread = fact.values().get().tread();
            if (tread.isComplete()) {
                Optional<ByEdge> edge = history.get(at);
                Function<Function<ByEdge, Optional<TreadDepth>>, String> depth =
                        which -> edge.flatMap(which).map(one -> one.in(units)).orElse(null);
                rows.add(new EdgeRow(
                        fact.at(),
                        whereWords(places, fact.placeId()),
                        depth.apply(ByEdge::dotSide),
                        tread.center().map(one -> one.in(units)).orElse(null),
                        depth.apply(ByEdge::otherSide)));
            }
        }
        return rows;
    }

    private static String whereWords(Map<Long, PlaceName> places, Long placeId) {
        return Optional.ofNullable(places.get(placeId)).map(PlaceName::words).orElse(null);
    }

    private static Where where(OneTire one, Map<Long, PlaceName> places) {
        if (one.placeId().isPresent()) {
            PlaceName place = places.get(one.placeId().get());
            return new Where("On " + place.words(), place.vehicleId(), place.unit(), place.code(), null);
        }
        return one.lying()
                .map(lying -> new Where(
                        capital(lying.state().words())
                                + lying.yard().map(yard -> ", " + yard).orElse("")
                                + (lying.shelf().isEmpty() ? "" : ", " + lying.shelf()),
                        null,
                        null,
                        null,
                        lying.state()))
                .orElse(new Where("Nowhere on record", null, null, null, null));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }

    private static List<Fact> facts(
            OneTire one,
            Catalogue.Model onFile,
            Optional<TreadDepth> depth,
            Optional<DotDate> made,
            LocalDate today,
            Units units) {
        List<Fact> facts = new ArrayList<>();
        facts.add(new Fact(
                one.retread() ? "Casing’s DOT code" : "DOT code",
                one.dot().orElse(null),
                made.map(date -> Phrase.of("made in the week of {}", date.madeOn())
                                        .in(units)
                                + (date.isoWeek53() ? ", stamped in ISO weeks" : ""))
                        .orElse("not read yet: its age is not known")));
        if (one.retread()) {
            facts.add(new Fact(
                    "Retreader’s mark", one.retreadMark().orElse(null), "dates the tread; age runs from the casing"));
        }
        made.ifPresent(date -> facts.add(new Fact("Age", years(date, today) + " y", null)));
        facts.add(new Fact(
                "Lowest tread",
                depth.map(read -> read.in(units)).orElse(null),
                onFile.model()
                        .originalDepth()
                        .map(original -> "new " + original.in(units))
                        .orElse("depth when new not on file")));
        facts.addAll(ModelFacts.of(onFile, depth, units));
        return facts;
    }

    /** Only where a vehicle's rules apply: the pull point depends on the position. */
    private String shareByTread(
            OneTire one, Map<Long, PlaceName> places, TireModel model, Optional<TreadDepth> depth, boolean gone) {
        if (depth.isEmpty() || model.originalDepth().isEmpty()) {
            return null;
        }
        TreadDepth pull = gone
                ? TireLife.END_WITHOUT_PLACE
                : place(one, places)
                        .map(found -> TreadLimits.at(
                                        found.standing().onFile().facts(), found.position(), found.policy())
                                .pull())
                        .orElse(TireLife.END_WITHOUT_PLACE);
        return percent(TireLife.treadUsed(model.originalDepth().get(), depth.get(), pull));
    }

    private String shareByAge(OneTire one, Map<Long, PlaceName> places, Optional<DotDate> made, LocalDate today) {
        return place(one, places)
                .flatMap(found -> made.map(date -> percent(java.util.OptionalDouble.of(100
                        * date.ageYears(today)
                        / TireClocks.ageLimitYears(
                                found.standing().onFile().facts(), found.position(), found.policy())))))
                .orElse(null);
    }

    private record Found(Standing standing, Position position) {
        rotagens.core.policy.Policy.ForClass policy() {
            return standing.policyAt(position);
        }
    }

    private Optional<Found> place(OneTire one, Map<Long, PlaceName> places) {
        return one.placeId().map(places::get).map(name -> {
            Standing standing = fleet.get(name.vehicleId());
            return new Found(standing, standing.position(name.code()));
        });
    }

    private static String percent(java.util.OptionalDouble share) {
        return share.isPresent() ? Math.round(share.getAsDouble()) + " %" : null;
    }

    private List<TireLine> lines(
            List<Movement> moves, List<ReadingFacts.Fact> read, Map<Long, PlaceName> places, Units units) {
        Map<Long, String> names = records.names();
        Map<Long, String> yards = register.yardNames();
        List<TireLine> lines = new ArrayList<>();
        moves.forEach(move -> lines.add(new TireLine(
                move.id(),
                move.at(),
                "move",
                Optional.ofNullable(move.toPlaceId() != null ? move.toPlaceId() : move.fromPlaceId())
                        .map(places::get)
                        .map(PlaceName::words)
                        .orElse(null),
                MoveWords.of(move, places, yards, units),
                names.get(move.personId()),
                !move.kind().equals("CORRECTED"),
                move.correctsId(),
                null,
                false)));
        read.forEach(fact -> lines.add(new TireLine(
                0,
                fact.at(),
                fact.kind(),
                whereWords(places, fact.placeId()),
                fact.words(units),
                names.get(fact.personId()),
                false,
                null,
                fact.readingId(),
                fact.isVoided())));
        return lines.stream()
                .sorted(Comparator.comparing(TireLine::at).reversed())
                .limit(500)
                .toList();
    }

    @Transactional(readOnly = true)
    OrderFor order(long vehicleId, String code, Units units) {
        Standing standing = fleet.get(vehicleId);
        Position position = standing.position(code);
        Integer axle = position instanceof Position.OnAxle on ? on.axle() : null;
        OrderSpec spec = OrderSpec.of(
                standing.state(), position, Optional.ofNullable(axle).map(register.gawrs(vehicleId)::get));
        List<OrderLine> lines = spec.lines().stream()
                .map(line -> new OrderLine(
                        line.what(),
                        line.value().map(value -> value.in(units)).orElse(null),
                        line.from().in(units)))
                .toList();
        String unit = standing.onFile().facts().unit();
        String name = standing.onFile().facts().layout().nameOf(position);
        return new OrderFor(
                unit,
                code,
                name,
                lines,
                Stream.concat(
                                Stream.of("For " + unit + " " + code + " (" + name + ")"),
                                lines.stream()
                                        .map(line -> line.what() + ": "
                                                + (line.value() == null
                                                        ? "not known (" + line.from() + ")"
                                                        : line.value())))
                        .collect(Collectors.joining("\n")));
    }

    @Transactional(readOnly = true)
    DotSheet dotSheet(long vehicleId) {
        Standing standing = fleet.get(vehicleId);
        var onFile = standing.onFile();
        return new DotSheet(
                vehicleId,
                onFile.facts().unit(),
                onFile.description(),
                onFile.yard(),
                standing.today(),
                onFile.facts().layout().positions().stream()
                        .map(position -> dotRow(standing, position))
                        .toList());
    }

    private static DotRow dotRow(Standing standing, Position position) {
        var facts = standing.onFile().facts();
        Optional<Fitted> fitted = Optional.ofNullable(standing.fitted().get(position));
        Optional<DotDate> made = fitted.flatMap(here -> here.tire().made());
        double limit = TireClocks.ageLimitYears(facts, position, standing.policyAt(position));
        Optional<LocalDate> limitOn = made.map(date -> date.reaches(limit));
        String note = fitted.isEmpty()
                ? "no tire on file"
                : made.isEmpty()
                        ? "DOT date not read: read the other sidewall"
                        : fitted.get().tire().retread()
                                ? "retread: age of the casing"
                                : made.get().isoWeek53() ? "stamped in ISO weeks" : null;
        return new DotRow(
                position.code(),
                facts.layout().nameOf(position),
                fitted.map(here -> here.tire().id()).orElse(null),
                fitted.flatMap(Fitted::number).orElse(null),
                fitted.map(here -> here.tire().model().title()).orElse(null),
                fitted.flatMap(Fitted::dotCode).orElse(null),
                made.map(DotDate::stamped).orElse(null),
                made.map(DotDate::madeOn).orElse(null),
                made.map(date -> years(date, standing.today())).orElse(null),
                limit,
                limitOn.orElse(null),
                limitOn.map(on -> DotDate.nearness(
                                on,
                                standing.today(),
                                standing.policyAt(position).days(PolicyNumber.FORECAST_DAYS)))
                        .orElse(null),
                limitOn.map(on -> DotDate.left(on, standing.today())).orElse(null),
                note);
    }
}
