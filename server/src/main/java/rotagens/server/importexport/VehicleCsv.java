package rotagens.server.importexport;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.measure.Load;
import rotagens.core.measure.Units;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PlacardLoadBasis;
import rotagens.core.vehicle.VehicleType;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleRegister.AxleOnFile;
import rotagens.server.vehicle.VehicleRegister.Entry;
import rotagens.server.vehicle.VehicleRegister.Stored;
import rotagens.server.vehicle.VehicleRequest;
import rotagens.server.vehicle.VehicleRequest.AxleRequest;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.InputValidator;

/** Vehicles, one a row; what stands per axle is separated by a bar. A row whose unit is on file changes what its cells say. */
@Component
class VehicleCsv implements CsvFormat {

    private static final Pattern AXLE = Pattern.compile("([a-z]+)\\s*([0-9]+)?\\s*(dual|duals)?");
    private static final String BAR = " | ";

    private final VehicleStore vehicleStore;
    private final VehicleRegister register;
    private final Clock clock;

    VehicleCsv(VehicleStore vehicleStore, VehicleRegister register, Clock clock) {
        this.vehicleStore = vehicleStore;
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
                Column.must("unit", "the number it goes by, for example LC-01", "vehicle", "unitnumber", "fleetnumber"),
                Column.must(
                        "class",
                        "vehicles that share layout and policy, for example Clinic coach",
                        "vehicleclass",
                        "group"),
                Column.must("yard", "where it comes home to", "homeyard", "location", "depot"),
                Column.must("kind", "bus, truck, tractor, trailer, van, pickup, SUV or car", "type", "bodytype"),
                Column.may("description", "a few words"),
                Column.must("gvwr", "gross vehicle weight rating from the plate, for example 14500 lb", "gvw"),
                Column.must(
                        "axles",
                        "from the front, each with its tires: steer 2 | drive 4 | tag 2 (4 are duals)",
                        "layout",
                        "axlelayout",
                        "tires",
                        "tiresperaxle",
                        "axleconfiguration"),
                Column.may("spares", "how many it carries", "sparetires"),
                Column.may("axle ratings", "GAWR per axle: 14720 lb | 21160 lb | 11960 lb", "gawr"),
                Column.may("placard sizes", "one for all axles, or per axle: 275/70R22.5 | 275/70R22.5", "placardsize"),
                Column.may("placard pressures", "one for all axles, or per axle: 110 psi | 95 psi", "placardpressure"),
                Column.may("placard found", "where on the vehicle the placard is", "placardspot"),
                Column.may("sensors", "yes where working pressure sensors warn", "tpms"),
                Column.may("outdoors", "yes where it is parked in the sun", "parkedoutside"),
                Column.may("parked since", "the day it was parked: 2026-07-28", "parkedsince"),
                Column.may("seats", "how many people it is built for, with the driver"),
                Column.may("for pay", "yes where people pay to ride, no where not", "forhire"),
                Column.may("combination rating", "GCWR, with what it may tow: 26000 lb", "gcwr", "gcvwr"),
                Column.may("speed symbol", "the slowest the vehicle asks for, for example L", "speedrating"));
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
        return new RowByRow(row -> take(row, units));
    }

    private Taken take(Cells typed, Units units) {
        LocalDate today = LocalDate.now(clock);
        Optional<Stored> before = typed.get("unit").flatMap(register::idOf).map(register::stored);
        Cells row = before.map(one -> CellFormat.asOnFile(
                        typed,
                        columns().stream().map(Column::name).toList(),
                        shown -> cells(one.entry(), CellFormat::figure, shown)))
                .orElse(typed);
        InputValidator wrong = new InputValidator();
        Optional<VehicleType> kind = row.get("kind").flatMap(text -> wrong.attempt("kind", () -> kind(text)));
        List<AxleRequest> axles = axles(row, before, wrong);
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
        Optional<Entry> old = before.map(Stored::entry);
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
        Entry entry = form.read(units, today);
        if (before.isEmpty()) {
            register.add(entry);
            return new Taken(Outcome.ADDED, entry.unit());
        }
        Entry same = withWheels(entry, old.orElseThrow());
        if (same.equals(old.get())) {
            return new Taken(Outcome.SAME, entry.unit());
        }
        register.change(before.get().id(), before.get().version(), entry, false);
        return new Taken(Outcome.CHANGED, entry.unit());
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
                .orElseThrow(() -> new rotagens.core.measure.InvalidInputException(
                        "Write bus, truck, tractor, trailer, van, pickup, SUV or car."));
    }

    private static SpeedSymbol speed(String text) {
        return Arrays.stream(SpeedSymbol.values())
                .filter(one -> one.name().equalsIgnoreCase(text.strip()))
                .findFirst()
                .orElseThrow(() -> new rotagens.core.measure.InvalidInputException(
                        "Write the symbol on the sidewall, for example L."));
    }

    private static int count(String text) {
        try {
            return Integer.parseInt(text.strip());
        } catch (NumberFormatException e) {
            throw new rotagens.core.measure.InvalidInputException("Write how many, for example 1.");
        }
    }

    private static final Pattern TIRES_ONLY = Pattern.compile("[24](\\s*[/-]\\s*[24])+");

    /** {@code 2/4/2} by its tires alone: steer, drive, and behind them drives where they are duals and tags where not. */
    private static String named(String text, boolean isTrailer) {
        if (!TIRES_ONLY.matcher(text.strip()).matches()) {
            return text;
        }
        List<String> named = new ArrayList<>();
        for (String tires : text.strip().split("\\s*[/-]\\s*")) {
            String role = isTrailer
                    ? "trailer"
                    : named.isEmpty() ? "steer" : named.size() == 1 || tires.equals("4") ? "drive" : "tag";
            named.add(role + " " + tires);
        }
        return String.join(" | ", named);
    }

    private static List<AxleRequest> axles(Cells row, Optional<Stored> before, InputValidator wrong) {
        List<AxleRequest> known = before.map(one ->
                        one.entry().axles().stream().map(VehicleCsv::form).toList())
                .orElse(List.of());
        List<AxleRequest> axles = new ArrayList<>(known);
        row.get("axles").ifPresent(text -> {
            axles.clear();
            int at = 0;
            boolean isTrailer =
                    row.get("kind").filter("trailer"::equalsIgnoreCase).isPresent();
            for (String part : named(text, isTrailer).toLowerCase(Locale.ROOT).split("\\s*[|,;]\\s*")) {
                int number = at++;
                wrong.attempt("axles", () -> axle(part))
                        .ifPresent(axle -> axles.add(
                                number < known.size()
                                        ? new AxleRequest(
                                                axle.role(),
                                                axle.tires(),
                                                known.get(number).gawr(),
                                                known.get(number).placardSize(),
                                                known.get(number).placardPressure())
                                        : axle));
            }
        });
        List<String> ratings = parts(row, "axle ratings", axles.size(), wrong);
        List<String> sizes = parts(row, "placard sizes", axles.size(), wrong);
        List<String> pressures = parts(row, "placard pressures", axles.size(), wrong);
        List<AxleRequest> filled = new ArrayList<>();
        for (int at = 0; at < axles.size(); at++) {
            AxleRequest axle = axles.get(at);
            filled.add(new AxleRequest(
                    axle.role(),
                    axle.tires(),
                    ratings.isEmpty() ? axle.gawr() : ratings.get(at),
                    sizes.isEmpty() ? axle.placardSize() : sizes.get(at),
                    pressures.isEmpty() ? axle.placardPressure() : pressures.get(at)));
        }
        return filled;
    }

    private static AxleRequest form(AxleOnFile one) {
        return new AxleRequest(
                one.axle().role(),
                one.axle().tires(),
                one.gawr().map(load -> load.asEntered()).orElse(null),
                one.placardSize().map(TireSize::molded).orElse(null),
                one.placardPressure().map(pressure -> pressure.asEntered()).orElse(null));
    }

    private static AxleRequest axle(String part) {
        Matcher axle = AXLE.matcher(part.strip());
        Optional<AxleRole> role = axle.matches()
                ? Arrays.stream(AxleRole.values())
                        .filter(one -> one.label().equals(axle.group(1)))
                        .findFirst()
                : Optional.empty();
        if (role.isEmpty()) {
            throw new rotagens.core.measure.InvalidInputException(
                    "“" + part.strip()
                            + "” is no axle. Write steer, drive, tag, pusher or trailer and how many tires, for example drive 4.");
        }
        int tires = axle.group(2) == null ? (axle.group(3) == null ? 2 : 4) : Integer.parseInt(axle.group(2));
        rotagens.core.vehicle.Axle.ofTires(role.get(), tires);
        return new AxleRequest(role.get(), tires, null, null, null);
    }

    /** One part for all axles, or one for each. */
    private static List<String> parts(Cells row, String column, int axles, InputValidator wrong) {
        Optional<String> cell = row.get(column);
        if (cell.isEmpty() || axles == 0) {
            return List.of();
        }
        List<String> parts = Arrays.stream(cell.get().split("\\s*\\|\\s*", -1))
                .map(String::strip)
                .toList();
        if (parts.size() == 1) {
            return java.util.Collections.nCopies(axles, parts.get(0));
        }
        if (parts.size() != axles) {
            wrong.wrong(column, "Write one for all axles, or " + axles + " separated by |.");
            return List.of();
        }
        return parts;
    }

    @Override
    public List<List<String>> rows(BiFunction<Object, Units, String> shown, Units units) {
        List<List<String>> rows = new ArrayList<>();
        for (VehicleStore.OnFile vehicle : vehicleStore.all()) {
            rows.add(cells(register.stored(vehicle.id()).entry(), shown, units));
        }
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
