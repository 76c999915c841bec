package rotagens.server.importexport;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.PositionNames;
import rotagens.server.people.People;
import rotagens.server.tire.StockPages;
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
    private final StockPages list;
    private final TireCatalog tireCatalog;
    private final VehicleStore vehicleStore;
    private final VehicleRegister register;
    private final People people;
    private final Clock clock;

    TireCsv(
            TireStore tireStore,
            StockPages list,
            TireCatalog tireCatalog,
            VehicleStore vehicleStore,
            VehicleRegister register,
            People people,
            Clock clock) {
        this.tireStore = tireStore;
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
                Column.may(
                        "number",
                        "the number branded or painted on, if there is one",
                        "tirenumber",
                        "serial",
                        "brandnumber"),
                Column.may(
                        "dot",
                        "the DOT code, or its last four digits",
                        "dotcode",
                        "tin",
                        "dotweek",
                        "dotdate",
                        "dotnumber",
                        "date code",
                        "datecode"),
                Column.must("maker", "as molded", "brand", "make", "manufacturer", "mfr", "mfg", "mfgr", "tirebrand"),
                Column.must("model", "as molded, often on one side only", "pattern", "name", "treadname", "tiremodel"),
                Column.must(
                        "sidewall",
                        "size, service description, load range: LT245/75R17 121/118S E",
                        "size",
                        "tiresize"),
                Column.may("molded pressure", "the pressure molded beside the load: 80 psi", "maxpressure"),
                Column.may("original depth", "tread depth when new: 15/32", "newdepth"),
                Column.may("depth", "lowest depth now or when installed: 12/32", "tread", "treaddepth"),
                Column.may("retread", "yes for a retread; its dot is then the casing’s"),
                Column.may("price", "what it cost: 214.50", "cost"),
                Column.may("unit", "the vehicle it is on", "vehicle", "unitnumber", "unitno", "unitid", "truck", "bus"),
                Column.may(
                        "position",
                        "where on it: 1L, 2RO, S1, or as LF, RRO, spare",
                        "wheelposition",
                        "tirepos",
                        "tireposition",
                        "pos"),
                Column.may("fitted", "the date it was installed: 2026-07-28", "fittedon", "installdate"),
                Column.may("yard", "where it lies if on no vehicle", "location"),
                Column.may("shelf", "and on which shelf"),
                Column.may("state", "if on no vehicle: in stock, set aside for retread, or at the retreader"));
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

    private static StockState state(String text) {
        return Arrays.stream(StockState.values())
                .filter(state -> state != StockState.SCRAPPED)
                .filter(state -> state.words().equalsIgnoreCase(text) || text.isEmpty())
                .findFirst()
                .orElseThrow(
                        () -> new InvalidInputException("Write in stock, set aside for retread, or at the retreader."));
    }

    private record Read(
            Optional<String> number,
            Optional<DotCode> dot,
            TireModel model,
            Optional<Money> price,
            Optional<TreadDepth> depth,
            boolean retread,
            Instant at) {}

    @Override
    public Taken take(Cells row, Units units) {
        InputValidator wrong = new InputValidator();
        Optional<Read> read = read(row, units, wrong);
        Optional<Long> place = row.get("unit").flatMap(unit -> place(unit, row.or("position", ""), wrong));
        Optional<StockState> state = wrong.attempt("state", () -> state(row.or("state", "")));
        wrong.unless(
                row.get("unit").isPresent()
                        || row.get("yard").isPresent()
                        || state.equals(Optional.of(StockState.AT_RETREADER)),
                "unit",
                "Say where it is: unit and position, or the yard it lies at.");
        wrong.refuseIfWrong();
        Read tire = read.orElseThrow();
        String what = tire.number()
                .orElse(tire.dot().map(DotCode::molded).orElse(tire.model().title()));
        Optional<StockPages.Row> known = tire.number().flatMap(list::byNumber);
        if (known.isPresent()) {
            refuseOther(known.get(), tire, row.get("retread").isPresent());
            return new Taken(change(known.get(), tire, place), what);
        }
        if (place.isPresent() && sameThere(place.get(), tire)) {
            return new Taken(Outcome.SAME, what);
        }
        long modelId =
                tireCatalog.find(tire.model()).orElseGet(() -> tireCatalog.add(tire.model(), TireCatalog.Details.NONE));
        if (place.isPresent() && tireStore.at(place.get()).isPresent()) {
            throw ProblemException.field("position", "A tire is there already. Take it off first.");
        }
        long id = tireStore.add(new TireStore.New(modelId, tire.retread(), tire.number(), tire.price()));
        tire.dot().ifPresent(code -> tireStore.readDot(id, code.molded(), DotKind.TIRE, tire.at(), people.me()));
        Line line = new Line(
                tire.at(), people.me(), "from a file", "", null, tire.depth().orElse(null), null);
        if (place.isPresent()) {
            tireStore.fit(id, place.get(), line);
        } else {
            tireStore.store(
                    id,
                    "RECEIVED",
                    new StockLocation(
                            state.orElseThrow(),
                            row.get("yard").map(register::yard).orElse(null),
                            row.or("shelf", "")),
                    line);
        }
        return new Taken(Outcome.ADDED, what);
    }

    private Optional<Read> read(Cells row, Units units, InputValidator wrong) {
        LocalDate today = LocalDate.now(clock);
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        Optional<SidewallMarking> line = wrong.required("sidewall", row.or("sidewall", ""), SidewallMarking::parse);
        line.ifPresent(one -> wrong.unless(
                one.leftOver().isEmpty(), "sidewall", "“" + one.leftOver() + "” is not recognized. Remove it."));
        Optional<DotCode> dot = wrong.optional("dot", row.or("dot", ""), text -> DotCode.parse(text, today));
        Optional<Pressure> molded = wrong.optional(
                "molded pressure",
                row.or("molded pressure", ""),
                text -> Pressure.parse(text, units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA));
        Optional<TreadDepth> original =
                wrong.optional("original depth", row.or("original depth", ""), text -> TreadDepth.parse(text, scale));
        Optional<TreadDepth> depth =
                wrong.optional("depth", row.or("depth", ""), text -> TreadDepth.parse(text, scale));
        Optional<Money> price = wrong.optional("price", row.or("price", ""), Money::parse);
        Optional<Boolean> retread = wrong.attempt("retread", () -> CsvCells.yes(row.or("retread", "")));
        Optional<LocalDate> fitted = wrong.optional("fitted", row.or("fitted", ""), text -> CsvCells.day(text, today));
        wrong.unless(row.get("maker").isPresent(), "maker", "Enter the manufacturer as molded.");
        wrong.unless(row.get("model").isPresent(), "model", "Write the model as molded.");
        wrong.unless(row.or("number", "").length() <= 24, "number", "At most 24 characters.");
        return line.map(one -> new Read(
                row.get("number"),
                dot,
                new TireModel(
                        row.or("maker", ""),
                        row.or("model", ""),
                        one.size(),
                        new LoadRatings(one.service(), one.range(), Optional.empty(), Optional.empty()),
                        molded,
                        original,
                        false,
                        true),
                price,
                depth,
                retread.orElse(false),
                CsvCells.at(fitted.orElse(today), clock)));
    }

    private Optional<Long> place(String unit, String code, InputValidator wrong) {
        Optional<Long> vehicle = register.named(unit);
        if (vehicle.isEmpty()) {
            wrong.wrong("unit", "No vehicle on file is called “" + unit + "”.");
            return Optional.empty();
        }
        Optional<Position> position = wrong.required(
                "position",
                code,
                text -> PositionNames.read(
                        text, vehicleStore.get(vehicle.get()).facts().layout()));
        Optional<Long> place =
                position.map(one -> vehicleStore.places(vehicle.get()).get(one));
        wrong.unless(position.isEmpty() || place.isPresent(), "position", unit + " has no position " + code + ".");
        return place;
    }

    private boolean sameThere(long placeId, Read tire) {
        return tire.number().isEmpty()
                && tireStore
                        .at(placeId)
                        .flatMap(list::byId)
                        .filter(there -> there.dot().equals(tire.dot().map(DotCode::molded)))
                        .isPresent();
    }

    private Outcome change(StockPages.Row known, Read tire, Optional<Long> place) {
        if (place.isPresent() && !known.placeId().equals(place)) {
            throw ProblemException.field(
                    "position",
                    "This tire is on file elsewhere. Move it on its own page, so that its history stays whole.");
        }
        Outcome outcome = Outcome.SAME;
        if (tire.dot().isPresent() && !known.dot().equals(tire.dot().map(DotCode::molded))) {
            tireStore.readDot(known.id(), tire.dot().get().molded(), DotKind.TIRE, clock.instant(), people.me());
            outcome = Outcome.CHANGED;
        }
        if (tire.price().isPresent() && !known.price().equals(tire.price())) {
            tireStore.setPrice(known.id(), tire.price().get());
            outcome = Outcome.CHANGED;
        }
        return outcome;
    }

    /** What a list may not change of a tire is said, never passed over. */
    private void refuseOther(StockPages.Row known, Read tire, boolean saysRetread) {
        TireModel onFile = tireCatalog.byId().get(known.modelId());
        boolean isOther = !onFile.manufacturer().equalsIgnoreCase(tire.model().manufacturer())
                || !onFile.name().equalsIgnoreCase(tire.model().name())
                || !onFile.size().equals(tire.model().size());
        InputValidator wrong = new InputValidator();
        wrong.unless(
                !isOther,
                "model",
                "On file this number is a " + onFile.title() + " " + onFile.sidewall()
                        + ". Another tire needs another number.");
        wrong.unless(
                !saysRetread || known.retread() == tire.retread(),
                "retread",
                "On file it is " + (known.retread() ? "a retread." : "no retread.")
                        + " A retreader’s work is noted on its page.");
        wrong.unless(
                tire.depth().isEmpty()
                        || known.depth().isEmpty()
                        || CellFormat.reads(
                                known.depth().orElseThrow(), tire.depth().orElseThrow()),
                "depth",
                "A depth read since is a reading: bring it in with the readings.");
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
        for (StockPages.Row tire : list.present()) {
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
