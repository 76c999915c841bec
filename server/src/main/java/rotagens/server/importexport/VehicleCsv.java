package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.measure.Load;
import rotagens.core.measure.Units;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PlacardLoadBasis;
import rotagens.core.vehicle.VehicleType;
import rotagens.server.vehicle.UnitNames;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleRegister.AxleOnFile;
import rotagens.server.vehicle.VehicleRegister.Entry;
import rotagens.server.vehicle.VehicleRequest;
import rotagens.server.vehicle.VehicleRequest.AxleRequest;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Vehicles, one a row; what stands per axle is separated by a bar. A row whose unit is on file changes what its cells say. */
@Component
class VehicleCsv implements CsvFormat {

    private static final String BAR = " | ";

    /** A vehicle's version when it was only just put on file. */
    private static final int NEW_VERSION = 1;

    private final VehicleRegister register;
    private final Clock clock;

    VehicleCsv(VehicleRegister register, Clock clock) {
        this.register = register;
        this.clock = clock;
    }

    @Override
    public Type kind() {
        return Type.VEHICLES;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.must("unit", WORDS.say("numberItGoes"), "vehicle", "unitnumber", "fleetnumber"),
                Column.must("class", WORDS.say("vehiclesThatShareLayout"), "vehicleclass", "group"),
                Column.must("yard", WORDS.say("whereItComesHome"), "homeyard", "location", "depot"),
                Column.must("kind", WORDS.say("busTruckTractorTrailerVan"), "type", "bodytype"),
                Column.may("description", WORDS.say("fewWords")),
                Column.must("gvwr", WORDS.say("grossVehicleWeightRatingFrom"), "gvw"),
                Column.must(
                        "axles",
                        WORDS.say("fromTheFrontEach"),
                        "layout",
                        "axlelayout",
                        "tires",
                        "tiresperaxle",
                        "axleconfiguration"),
                Column.may("spares", WORDS.say("howManyItCarries"), "sparetires"),
                Column.may("axle ratings", WORDS.say("gawrPerAxle14720Lb"), "gawr"),
                Column.may("placard sizes", WORDS.say("oneForAllAxles"), "placardsize"),
                Column.may("placard pressures", WORDS.say("oneForAllAxles2"), "placardpressure"),
                Column.may("placard found", WORDS.say("whereOnTheVehicle"), "placardspot"),
                Column.may("sensors", WORDS.say("yesWhereWorkingPressureSensors"), "tpms"),
                Column.may("outdoors", WORDS.say("yesWhereItIsParked"), "parkedoutside"),
                Column.may("parked since", WORDS.say("dayItWasParked2026"), "parkedsince"),
                Column.may("seats", WORDS.say("howManyPeople")),
                Column.may("for pay", WORDS.say("yesWherePeoplePay"), "forhire"),
                Column.may("combination rating", WORDS.say("gcwrWithWhatItMay"), "gcwr", "gcvwr"),
                Column.may("speed symbol", WORDS.say("slowestTheVehicleAsks"), "speedrating"));
    }

    @Override
    public Set<String> days() {
        return Set.of("parked since");
    }

    @Override
    public String columnOf(String field) {
        if (field.startsWith("axles[")) {
            return field.endsWith("placardSize")
                    ? "placard sizes"
                    : field.endsWith("placardPressure")
                            ? "placard pressures"
                            : field.endsWith("gawr") ? "axle ratings" : "axles";
        }
        if (field.startsWith("wheels.")) {
            return "placard pressures";
        }
        return switch (field) {
            case "vehicleClass" -> "class";
            case "parkedSince" -> "parked since";
            case "placardSpot" -> "placard found";
            case "confirmed" -> "axles";
            case "forPay" -> "for pay";
            case "combinationRating" -> "combination rating";
            case "speed" -> "speed symbol";
            default -> field;
        };
    }

    @Override
    public Session open(Units units) {
        return new VehiclesToBe(units);
    }

    /** A vehicle as it is on file, or will be once the rows before are stored. */
    private record Known(Optional<Long> id, int version, Entry entry) {}

    /** What a row stores. */
    private record Added(Entry entry) {}

    private record Changed(int seen, Entry entry) {}

    /** Looked at from what was read once and the rows before: nothing is written until a part is stored. */
    private final class VehiclesToBe implements Session {

        private final Units units;
        private final Map<String, Known> byUnit = new HashMap<>();

        VehiclesToBe(Units units) {
            this.units = units;
        }

        @Override
        public void begin(List<Cells> rows) {
            register.allStored()
                    .forEach(one -> byUnit.put(
                            UnitNames.key(one.entry().unit()),
                            new Known(Optional.of(one.id()), one.version(), one.entry())));
        }

        @Override
        public Planned plan(Cells typed) {
            Optional<Known> before = typed.get("unit").map(unit -> byUnit.get(UnitNames.key(unit)));
            Entry entry = read(typed, before.map(Known::entry), units);
            String unit = entry.unit();
            if (before.isEmpty()) {
                byUnit.put(UnitNames.key(unit), new Known(Optional.empty(), NEW_VERSION, entry));
                return new Planned(new Taken(Outcome.ADDED, unit), typed, new Added(entry));
            }
            Known old = before.get();
            Entry same = withWheels(entry, old.entry());
            if (same.equals(old.entry())) {
                return new Planned(new Taken(Outcome.SAME, unit), typed, null);
            }
            register.refuseLayout(old.id(), old.entry().layout(), entry.layout(), false);
            byUnit.put(UnitNames.key(unit), new Known(old.id(), old.version() + 1, same));
            return new Planned(new Taken(Outcome.CHANGED, unit), typed, new Changed(old.version(), same));
        }

        @Override
        public void store(List<Planned> rows) {
            register.addAll(rows.stream()
                    .filter(row -> row.write() instanceof Added)
                    .map(row -> ((Added) row.write()).entry())
                    .toList());
            for (Planned row : rows) {
                if (row.write() instanceof Changed one) {
                    long id = register.idOf(one.entry().unit())
                            .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchVehicle")));
                    register.change(id, one.seen(), one.entry(), false);
                }
            }
        }

        @Override
        public boolean isPlannedByWriting() {
            return false;
        }
    }

    private Entry read(Cells typed, Optional<Entry> old, Units units) {
        LocalDate today = LocalDate.now(clock);
        Cells row = old.map(one -> CellFormat.asOnFile(
                        typed,
                        columns().stream().map(Column::name).toList(),
                        shown -> cells(one, CellFormat::figure, shown)))
                .orElse(typed);
        InputValidator wrong = new InputValidator();
        Optional<VehicleType> kind = row.get("kind").flatMap(text -> wrong.attempt("kind", () -> kind(text)));
        List<AxleRequest> axles = AxleCells.read(row, old, wrong);
        Optional<Boolean> sensors =
                row.get("sensors").flatMap(text -> wrong.attempt("sensors", () -> CsvCells.yes(text)));
        Optional<Boolean> outdoors =
                row.get("outdoors").flatMap(text -> wrong.attempt("outdoors", () -> CsvCells.yes(text)));
        Optional<LocalDate> parked =
                wrong.optional("parked since", row.or("parked since", ""), text -> CsvCells.day(text, today));
        Optional<Integer> spares = row.get("spares").flatMap(text -> wrong.attempt("spares", () -> count(text)));
        Optional<Boolean> forPay =
                row.get("for pay").flatMap(text -> wrong.attempt("for pay", () -> CsvCells.yes(text)));
        Optional<SpeedSymbol> speed =
                row.get("speed symbol").flatMap(text -> wrong.attempt("speed symbol", () -> speed(text)));
        wrong.refuseIfWrong();
        VehicleRequest form = new VehicleRequest(
                row.or("unit", ""),
                row.or("class", old.map(Entry::vehicleClass).orElse("")),
                row.or("yard", old.map(Entry::yard).orElse("")),
                kind.or(() -> old.map(Entry::type)).orElse(null),
                row.or("description", old.map(Entry::description).orElse("")),
                row.or("gvwr", old.map(one -> one.gvwr().asEntered()).orElse("")),
                sensors.or(() -> old.map(Entry::hasWorkingSensors)).orElse(false),
                outdoors.or(() -> old.map(Entry::isParkedOutdoors)).orElse(false),
                parked.or(() -> old.flatMap(Entry::parkedSince)).orElse(null),
                old.map(Entry::normalLoadState).orElse(LoadState.UNKNOWN),
                row.or(
                        "placard found",
                        old.map(Entry::placardLocation)
                                .orElse(kind.map(VehicleType::placardLocation).orElse(""))),
                old.map(Entry::placardLoadBasis).orElse(PlacardLoadBasis.UNKNOWN),
                axles,
                spares.or(() -> old.map(Entry::spares)).orElse(0),
                List.of(),
                row.or(
                        "seats",
                        old.map(Entry::use)
                                .filter(use -> use.seats().isPresent())
                                .map(use -> String.valueOf(use.seats().getAsInt()))
                                .orElse("")),
                forPay.or(() -> old.flatMap(one -> one.use().forPay())).orElse(null),
                row.or(
                        "combination rating",
                        old.flatMap(one -> one.use().combination())
                                .map(Load::asEntered)
                                .orElse("")),
                speed.or(() -> old.flatMap(one -> one.use().speed())).orElse(null));
        return form.read(units, today);
    }

    private static Entry withWheels(Entry entry, Entry old) {
        return new Entry(
                old.unit(),
                entry.vehicleClass(),
                entry.yard(),
                entry.type(),
                entry.description(),
                entry.gvwr(),
                entry.hasWorkingSensors(),
                entry.isParkedOutdoors(),
                entry.parkedSince(),
                entry.normalLoadState(),
                entry.placardLocation(),
                entry.placardLoadBasis(),
                entry.axles(),
                entry.spares(),
                old.wheels(),
                entry.use());
    }

    private static VehicleType kind(String text) {
        return Arrays.stream(VehicleType.values())
                .filter(kind -> kind.name().equalsIgnoreCase(text.strip()))
                .findFirst()
                .orElseThrow(() ->
                        new rotagens.core.measure.InvalidInputException(WORDS.say("writeBusTruckTractorTrailer")));
    }

    private static SpeedSymbol speed(String text) {
        return Arrays.stream(SpeedSymbol.values())
                .filter(one -> one.name().equalsIgnoreCase(text.strip()))
                .findFirst()
                .orElseThrow(() -> new rotagens.core.measure.InvalidInputException(WORDS.say("writeTheSymbol")));
    }

    private static int count(String text) {
        try {
            return Integer.parseInt(text.strip());
        } catch (NumberFormatException e) {
            throw new rotagens.core.measure.InvalidInputException(WORDS.say("writeHowManyForExample"));
        }
    }

    @Override
    public List<List<String>> rows(BiFunction<Object, Units, String> shown, Units units) {
        List<List<String>> rows = new ArrayList<>();
        register.allStored().stream()
                .filter(one -> !one.retired())
                .forEach(one -> rows.add(cells(one.entry(), shown, units)));
        return rows;
    }

    private static List<String> cells(Entry entry, BiFunction<Object, Units, String> shown, Units units) {
        return List.of(
                entry.unit(),
                entry.vehicleClass(),
                entry.yard(),
                entry.type().name().toLowerCase(Locale.ROOT),
                entry.description(),
                shown.apply(entry.gvwr(), units),
                perAxle(
                        entry,
                        axle -> axle.axle().role().label() + " " + axle.axle().tires()),
                String.valueOf(entry.spares()),
                perAxle(entry, axle -> shown.apply(axle.gawr(), units)),
                perAxle(entry, axle -> axle.placardSize().map(TireSize::molded).orElse("")),
                perAxle(entry, axle -> shown.apply(axle.placardPressure(), units)),
                entry.placardLocation(),
                CsvCells.yesNo(entry.hasWorkingSensors()),
                CsvCells.yesNo(entry.isParkedOutdoors()),
                entry.parkedSince().map(LocalDate::toString).orElse(""),
                entry.use().seats().isPresent()
                        ? String.valueOf(entry.use().seats().getAsInt())
                        : "",
                entry.use().forPay().map(CsvCells::yesNo).orElse(""),
                shown.apply(entry.use().combination(), units),
                entry.use().speed().map(Enum::name).orElse(""));
    }

    private static String perAxle(Entry entry, Function<AxleOnFile, String> part) {
        List<String> parts = entry.axles().stream().map(part).toList();
        return parts.stream().allMatch(String::isEmpty) ? "" : parts.stream().collect(Collectors.joining(BAR));
    }
}
