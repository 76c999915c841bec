package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.PositionNames;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.tire.StockStore;
import rotagens.server.tire.TireArrivalStore;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.DotKind;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.tire.TireStore.StockLocation;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Tires, one a row: on a vehicle where unit and position say so, else in stock at the yard. A number on file marks the same tire. */
@Component
class TireCsv implements CsvFormat {

    private final TireStore tireStore;
    private final TireArrivalStore tireArrivals;
    private final StockStore list;
    private final TireCatalog tireCatalog;
    private final VehicleStore vehicleStore;
    private final VehicleRegister register;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    TireCsv(
            TireStore tireStore,
            TireArrivalStore tireArrivals,
            StockStore list,
            TireCatalog tireCatalog,
            VehicleStore vehicleStore,
            VehicleRegister register,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.changeTracker = changeTracker;
        this.tireStore = tireStore;
        this.tireArrivals = tireArrivals;
        this.list = list;
        this.tireCatalog = tireCatalog;
        this.vehicleStore = vehicleStore;
        this.register = register;
        this.people = people;
        this.clock = clock;
    }

    @Override
    public Type kind() {
        return Type.TIRES;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.may("number", WORDS.say("numberBrandedOrPainted"), "tirenumber", "serial", "brandnumber"),
                Column.may(
                        "dot",
                        WORDS.say("dotCodeOrItsLast"),
                        "dotcode",
                        "tin",
                        "dotweek",
                        "dotdate",
                        "dotnumber",
                        "date code",
                        "datecode"),
                Column.must(
                        "maker",
                        WORDS.say("asMolded"),
                        "brand",
                        "make",
                        "manufacturer",
                        "mfr",
                        "mfg",
                        "mfgr",
                        "tirebrand"),
                Column.must("model", WORDS.say("asMoldedOftenOnOne"), "pattern", "name", "treadname", "tiremodel"),
                Column.must("sidewall", WORDS.say("sizeServiceDescriptionLoadRange"), "size", "tiresize"),
                Column.may("molded pressure", WORDS.say("pressureMoldedBesideTheLoad"), "maxpressure"),
                Column.may("original depth", WORDS.say("treadDepthWhenNew15"), "newdepth"),
                Column.may("depth", WORDS.say("lowestDepthNowOrWhen"), "tread", "treaddepth"),
                Column.may("retread", WORDS.say("yesForARetread")),
                Column.may("price", WORDS.say("whatItCost21450"), "cost"),
                Column.may("unit", WORDS.say("vehicleIt"), "vehicle", "unitnumber", "unitno", "unitid", "truck", "bus"),
                Column.may("position", WORDS.say("whereOnIt1L"), "wheelposition", "tirepos", "tireposition", "pos"),
                Column.may("fitted", WORDS.say("dateItWasInstalled2026"), "fittedon", "installdate"),
                Column.may("yard", WORDS.say("whereItLiesIf"), "location"),
                Column.may("shelf", WORDS.say("andOnWhichShelf")),
                Column.may("state", WORDS.say("ifOnNoVehicle")));
    }

    @Override
    public Set<String> days() {
        return Set.of("fitted");
    }

    @Override
    public Set<String> codes() {
        return Set.of("dot");
    }

    @Override
    public Map<String, String> measures() {
        return Map.of("dot", "dot", "dotdate", "dot", "dotcode", "dot", "dotweek", "dot", "", "dot");
    }

    @Override
    public String columnOf(String field) {
        return switch (field) {
            case "tireModelId", "name" -> "model";
            case "tire" -> "number";
            default -> field;
        };
    }

    @Override
    public Session open(Units units) {
        return new TiresOfFile(units);
    }

    /** A tire that is new. */
    private record Added(TireRow tire, Optional<VehiclePlace> place, Optional<StockState> state, Cells row) {

        /** Whether another row says the same of the same tire. */
        boolean says(TireRow other, Optional<VehiclePlace> there) {
            return tire.dot().equals(other.dot())
                    && tire.model().equals(other.model())
                    && (there.isEmpty() || there.equals(place));
        }
    }

    /** What is new of a tire on file. */
    private record Changed(long id, Optional<String> dot, Optional<Money> price) {}

    private record VehiclePlace(long vehicleId, long placeId) {}

    /** What is on file, read once, and what the rows before add to it: looking at a row reads and writes nothing. */
    private final class TiresOfFile implements Session {

        private final Units units;
        private final VehiclesOfFile vehicles = new VehiclesOfFile(register, vehicleStore);
        private final Map<Long, TireModel> models = new HashMap<>();
        private final Map<String, StockStore.Row> byNumber = new HashMap<>();
        private final Map<Long, Optional<String>> dotAtPlace = new HashMap<>();
        private final Map<String, Added> added = new HashMap<>();

        private boolean isRead;

        TiresOfFile(Units units) {
            this.units = units;
        }

        @Override
        public void begin(List<Cells> rows) {
            vehicles.expect(rows);
        }

        private void read() {
            if (isRead) {
                return;
            }
            isRead = true;
            models.putAll(tireCatalog.byId());
            list.all().forEach(tire -> {
                tire.number().ifPresent(number -> byNumber.put(number, tire));
                tire.placeId().ifPresent(place -> dotAtPlace.put(place, tire.dot()));
            });
        }

        @Override
        public boolean isPlannedByWriting() {
            return false;
        }

        @Override
        public Planned plan(Cells row) {
            read();
            InputValidator wrong = new InputValidator();
            Optional<TireRow> read = TireRow.read(row, units, wrong, clock);
            Optional<VehiclePlace> place =
                    row.get("unit").flatMap(unit -> place(unit, row.or("position", ""), vehicles, wrong));
            Optional<StockState> state = wrong.attempt("state", () -> TireRow.state(row.or("state", "")));
            wrong.unless(
                    row.get("unit").isPresent()
                            || row.get("yard").isPresent()
                            || state.equals(Optional.of(StockState.AT_RETREADER)),
                    "unit",
                    WORDS.say("sayWhereItIsUnit"));
            wrong.refuseIfWrong();
            TireRow tire = read.orElseThrow();
            String what = tire.number()
                    .orElse(tire.dot().map(DotCode::molded).orElse(tire.model().title()));
            Optional<StockStore.Row> known = tire.number().map(byNumber::get);
            if (known.isPresent()) {
                refuseOther(
                        known.get(),
                        models.get(known.get().modelId()),
                        tire,
                        row.get("retread").isPresent());
                return change(known.get(), tire, place, what, row);
            }
            Optional<Long> placeId = place.map(VehiclePlace::placeId);
            if (tire.number().isEmpty()
                    && placeId.filter(one -> tire.dot().map(DotCode::molded).equals(dotAtPlace.get(one)))
                            .isPresent()) {
                return new Planned(new Taken(Outcome.SAME, what), row, null);
            }
            Added now = new Added(tire, place, state, row);
            Optional<Added> twice = tire.number().map(added::get);
            if (twice.isPresent() && twice.get().says(tire, place)) {
                return new Planned(new Taken(Outcome.SAME, what), row, null);
            }
            if (twice.isPresent()) {
                throw ProblemException.field("number", WORDS.say("anotherRowOfThisFile"));
            }
            if (placeId.filter(dotAtPlace::containsKey).isPresent()) {
                throw ProblemException.field("position", WORDS.say("tireIsThereAlreadyTake"));
            }
            tire.number().ifPresent(number -> added.put(number, now));
            placeId.ifPresent(one -> dotAtPlace.put(one, tire.dot().map(DotCode::molded)));
            return new Planned(new Taken(Outcome.ADDED, what), row, now);
        }

        @Override
        public void store(List<Planned> rows) {
            List<TireArrivalStore.Arrival> arrivals = new ArrayList<>();
            Map<TireModel, Long> modelIds = new HashMap<>();
            Set<Long> vehicleIds = new HashSet<>();
            boolean isOnVehiclesOnly = true;
            for (Planned row : rows) {
                if (row.write() instanceof Added one) {
                    arrivals.add(arrival(one, modelIds));
                    one.place().ifPresent(place -> vehicleIds.add(place.vehicleId()));
                    isOnVehiclesOnly &= one.place().isPresent();
                } else if (row.write() instanceof Changed one) {
                    one.dot()
                            .ifPresent(code ->
                                    tireStore.readDot(one.id(), code, DotKind.TIRE, clock.instant(), people.me()));
                    one.price().ifPresent(price -> tireStore.setPrice(one.id(), price));
                    isOnVehiclesOnly = false;
                }
            }
            tireArrivals.addAll(arrivals);
            if (isOnVehiclesOnly) {
                changeTracker.only(vehicleIds.toArray(Long[]::new));
            }
        }
    }

    private TireArrivalStore.Arrival arrival(Added one, Map<TireModel, Long> modelIds) {
        TireRow tire = one.tire();
        long modelId = modelIds.computeIfAbsent(
                tire.model(),
                model -> tireCatalog.find(model).orElseGet(() -> tireCatalog.add(model, TireCatalog.Details.NONE)));
        Line line = new Line(
                tire.at(),
                people.me(),
                WORDS.say("fromAFile"),
                "",
                null,
                tire.depth().orElse(null),
                null);
        return new TireArrivalStore.Arrival(
                new TireStore.New(modelId, tire.retread(), tire.number(), tire.price()),
                tire.dot().map(DotCode::molded),
                one.place().map(VehiclePlace::placeId),
                new StockLocation(
                        one.state().orElse(StockState.IN_STOCK),
                        one.place().isPresent()
                                ? null
                                : one.row().get("yard").map(register::yard).orElse(null),
                        one.row().or("shelf", "")),
                line);
    }

    private static Optional<VehiclePlace> place(
            String unit, String code, VehiclesOfFile vehicles, InputValidator wrong) {
        Optional<VehicleStore.OnFile> vehicle = vehicles.named(unit).map(vehicles::get);
        if (vehicle.isEmpty()) {
            wrong.wrong("unit", WORDS.say("noVehicleOnFile", "unit", unit));
            return Optional.empty();
        }
        VehicleStore.OnFile here = vehicle.get();
        Optional<Position> position = wrong.required(
                "position", code, text -> PositionNames.read(text, here.facts().layout()));
        Optional<Long> place = position.map(one -> here.places().get(one));
        wrong.unless(
                position.isEmpty() || place.isPresent(),
                "position",
                WORDS.say("hasNoPosition", "unit", unit, "code", code));
        return place.map(one -> new VehiclePlace(here.id(), one));
    }

    private static Planned change(
            StockStore.Row known, TireRow tire, Optional<VehiclePlace> place, String what, Cells row) {
        if (place.isPresent() && !known.placeId().equals(place.map(VehiclePlace::placeId))) {
            throw ProblemException.field("position", WORDS.say("thisTireIsOnFile"));
        }
        Optional<String> dot =
                tire.dot().map(DotCode::molded).filter(code -> !known.dot().equals(Optional.of(code)));
        Optional<Money> price = tire.price().filter(one -> !known.price().equals(Optional.of(one)));
        return dot.isEmpty() && price.isEmpty()
                ? new Planned(new Taken(Outcome.SAME, what), row, null)
                : new Planned(new Taken(Outcome.CHANGED, what), row, new Changed(known.id(), dot, price));
    }

    /** What a list may not change of a tire is said, never passed over. */
    private static void refuseOther(StockStore.Row known, TireModel onFile, TireRow tire, boolean saysRetread) {
        boolean isOther = !onFile.manufacturer().equalsIgnoreCase(tire.model().manufacturer())
                || !onFile.name().equalsIgnoreCase(tire.model().name())
                || !onFile.size().equals(tire.model().size());
        InputValidator wrong = new InputValidator();
        wrong.unless(
                !isOther,
                "model",
                WORDS.say("onFileThisNumber", "onFile", onFile.title(), "sidewall", onFile.sidewall()));
        wrong.unless(
                !saysRetread || known.retread() == tire.retread(),
                "retread",
                WORDS.say("onFile", "retread", known.retread()));
        wrong.unless(
                tire.depth().isEmpty()
                        || known.depth().isEmpty()
                        || known.depth().orElseThrow().readsAs(tire.depth().orElseThrow()),
                "depth",
                WORDS.say("depthReadSince"));
        wrong.refuseIfWrong();
    }

    @Override
    public List<List<String>> rows(BiFunction<Object, Units, String> shown, Units units) {
        Map<Long, TireModel> models = tireCatalog.byId();
        Map<Long, String[]> places = new HashMap<>();
        for (VehicleStore.OnFile vehicle : vehicleStore.all()) {
            vehicle.places()
                    .forEach((position, id) ->
                            places.put(id, new String[] {vehicle.facts().unit(), position.code()}));
        }
        List<List<String>> rows = new ArrayList<>();
        for (StockStore.Row tire : list.present()) {
            TireModel model = models.get(tire.modelId());
            String[] place = tire.placeId().map(places::get).orElse(new String[] {"", ""});
            if (tire.placeId().isPresent() && place[0].isEmpty()) {
                continue; // on a retired vehicle
            }
            rows.add(List.of(
                    tire.number().orElse(""),
                    tire.dot().orElse(""),
                    model.manufacturer(),
                    model.name(),
                    model.sidewall(),
                    shown.apply(model.moldedPressure(), units),
                    shown.apply(model.originalDepth(), units),
                    shown.apply(tire.depth(), units),
                    CsvCells.yesNo(tire.retread()),
                    tire.price().map(Money::value).orElse(""),
                    place[0],
                    place[1],
                    tire.fittedAt()
                            .map(at -> LocalDate.ofInstant(at, clock.getZone()).toString())
                            .orElse(""),
                    tire.yard().orElse(""),
                    tire.shelf(),
                    tire.state().map(StockState::words).orElse("")));
        }
        return rows;
    }
}
