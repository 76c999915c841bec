package rotagens.server.vehicle;

import static rotagens.server.vehicle.VehicleWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.measure.Units;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.PlacardLoadBasis;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Use;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.vehicle.VehicleRegister.AxleOnFile;
import rotagens.server.vehicle.VehicleRegister.Entry;
import rotagens.server.web.InputValidator;

/**
 * A vehicle as its form has it: figures are the text that was typed, a bare one in the person’s own units. Every figure goes
 * back as it was entered.
 */
public record VehicleRequest(
        @Nullable String unit,
        @Nullable String vehicleClass,
        @Nullable String yard,
        @Nullable VehicleType type,
        @Nullable String description,
        @Nullable String gvwr,
        boolean hasWorkingSensors,
        boolean isParkedOutdoors,
        @Nullable LocalDate parkedSince,
        @Nullable LoadState normalLoadState,
        @Nullable String placardLocation,
        @Nullable PlacardLoadBasis placardLoadBasis,
        List<AxleRequest> axles,
        int spares,
        List<WheelRequest> wheels,
        @Nullable String seats,
        @Nullable Boolean forPay,
        @Nullable String combinationRating,
        @Nullable SpeedSymbol speed) {

    /** One axle from the front; {@code tires} is 2, or 4 as duals. */
    public record AxleRequest(
            AxleRole role,
            int tires,
            @Nullable String gawr,
            @Nullable String placardSize,
            @Nullable String placardPressure) {}

    /** The wheel at one position. */
    public record WheelRequest(
            String position,
            @Nullable PilotType pilotType,
            @Nullable String rimDiameter,
            @Nullable String rimWidth,
            @Nullable String lugCount,
            @Nullable String nutSeat,
            boolean isLeftThreaded,
            @Nullable String torque,
            @Nullable String material,
            @Nullable String maximumLoad,
            @Nullable String maximumPressure,
            boolean isReversed,
            @Nullable String valveType) {}

    private static final int LONGEST = 120;

    /** Reads every field, gathering all that is wrong by field. */
    public Entry read(Units units, LocalDate today) {
        InputValidator typed = new InputValidator();
        Load.Unit scale = units == Units.US ? Load.Unit.LB : Load.Unit.KG;
        Pressure.Unit gauge = units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA;
        String unitName = typed.text("unit", unit, 30);
        typed.unless(!unitName.isEmpty(), "unit", WORDS.say("enterTheUnitNumber"));
        String className = typed.text("vehicleClass", vehicleClass, 60);
        typed.unless(!className.isEmpty(), "vehicleClass", WORDS.say("enterTheClassVehicles"));
        String yardName = typed.text("yard", yard, 60);
        typed.unless(!yardName.isEmpty(), "yard", WORDS.say("enterTheYardTheVehicle"));
        typed.unless(type != null, "type", WORDS.say("chooseWhatTheVehicle"));
        Optional<Load> rating = typed.required("gvwr", gvwr, given -> Load.parse(given, scale));
        rating.ifPresent(load -> typed.unless(load.lb() >= 300, "gvwr", WORDS.say("grossVehicleWeightRatingUnder")));
        typed.unless(
                parkedSince == null || !parkedSince.isAfter(today), "parkedSince", WORDS.say("thisDayLiesAheadCheck"));
        List<AxleOnFile> axleList = new ArrayList<>();
        List<AxleRequest> given = axles == null ? List.of() : axles;
        for (int at = 0; at < given.size(); at++) {
            axleList.add(axle(typed, "axles[" + at + "].", given.get(at), scale, gauge));
        }
        Optional<AxleLayout> axleLayout = typed.attempt(
                "axles",
                () -> new AxleLayout(axleList.stream().map(AxleOnFile::axle).toList(), spares));
        Map<Position, WheelSpec> specs = new LinkedHashMap<>();
        for (WheelRequest wheel : wheels == null ? List.<WheelRequest>of() : wheels) {
            wheel(typed, wheel, axleLayout, axleList, scale, gauge, units, specs);
        }
        Optional<Load> combination =
                typed.optional("combinationRating", combinationRating, text -> Load.parse(text, scale));
        typed.unless(
                combination.isEmpty()
                        || rating.isEmpty()
                        || combination.get().lb() >= rating.get().lb(),
                "combinationRating",
                WORDS.say("ratingWithATrailerCant"));
        Optional<Use> use = typed.attempt(
                "seats",
                () -> new Use(
                        seats(typed, seats), Optional.ofNullable(forPay), combination, Optional.ofNullable(speed)));
        typed.refuseIfWrong();
        return new Entry(
                unitName,
                className,
                yardName,
                type,
                typed.text("description", description, LONGEST),
                rating.orElseThrow(),
                hasWorkingSensors,
                isParkedOutdoors,
                Optional.ofNullable(parkedSince),
                normalLoadState == null ? LoadState.UNKNOWN : normalLoadState,
                typed.text("placardLocation", placardLocation, LONGEST),
                placardLoadBasis == null ? PlacardLoadBasis.UNKNOWN : placardLoadBasis,
                axleList,
                spares,
                specs,
                use.orElseThrow());
    }

    private static OptionalInt seats(InputValidator typed, String text) {
        if (blank(text)) {
            return OptionalInt.empty();
        }
        if (!text.strip().matches("[0-9]{1,3}")) {
            typed.wrong("seats", WORDS.say("enterHowManyPeople"));
            return OptionalInt.empty();
        }
        return OptionalInt.of(Integer.parseInt(text.strip()));
    }

    private static AxleOnFile axle(
            InputValidator typed, String at, AxleRequest form, Load.Unit scale, Pressure.Unit gauge) {
        Axle axle = typed.attempt(at + "tires", () -> Axle.ofTires(form.role(), form.tires()))
                .orElse(new Axle(form.role(), false));
        Optional<TireSize> size = typed.optional(at + "placardSize", form.placardSize(), TireSize::parse);
        Optional<Pressure> pressure =
                typed.optional(at + "placardPressure", form.placardPressure(), text -> Pressure.parse(text, gauge));
        boolean half = blank(form.placardSize()) != blank(form.placardPressure());
        typed.unless(
                !half,
                at + (blank(form.placardSize()) ? "placardSize" : "placardPressure"),
                WORDS.say("sizeAndPressureAreTogether"));
        return new AxleOnFile(
                axle, typed.optional(at + "gawr", form.gawr(), text -> Load.parse(text, scale)), size, pressure);
    }

    private static void wheel(
            InputValidator typed,
            WheelRequest form,
            Optional<AxleLayout> axleLayout,
            List<AxleOnFile> axles,
            Load.Unit scale,
            Pressure.Unit gauge,
            Units units,
            Map<Position, WheelSpec> into) {
        String at = "wheels." + form.position() + ".";
        Optional<Position> position = typed.attempt(at + "position", () -> Position.parse(form.position()));
        if (position.isEmpty() || axleLayout.isEmpty() || !axleLayout.get().has(position.get())) {
            return;
        }
        Optional<Pressure> maximum =
                typed.optional(at + "maximumPressure", form.maximumPressure(), text -> Pressure.parse(text, gauge));
        if (position.get() instanceof Position.OnAxle on) {
            typed.attempt(at + "maximumPressure", () -> {
                WheelSpec.refusePlacardAbove(axles.get(on.axle() - 1).placardPressure(), maximum);
                return true;
            });
        }
        typed.attempt(
                        at + "rimDiameter",
                        () -> new WheelSpec(
                                Optional.ofNullable(form.pilotType()),
                                inches(typed, at + "rimDiameter", form.rimDiameter()),
                                inches(typed, at + "rimWidth", form.rimWidth()),
                                count(typed, at + "lugCount", form.lugCount()),
                                typed.text(at + "nutSeat", form.nutSeat(), 60),
                                form.isLeftThreaded(),
                                typed.optional(
                                        at + "torque",
                                        form.torque(),
                                        text -> Torque.parse(
                                                text, units == Units.US ? Torque.Unit.FT_LB : Torque.Unit.NM)),
                                typed.text(at + "material", form.material(), 40),
                                typed.optional(at + "maximumLoad", form.maximumLoad(), text -> Load.parse(text, scale)),
                                maximum,
                                form.isReversed(),
                                typed.text(at + "valveType", form.valveType(), 40)))
                .ifPresent(spec -> into.put(position.get(), spec));
    }

    private static OptionalDouble inches(InputValidator typed, String field, String text) {
        if (blank(text)) {
            return OptionalDouble.empty();
        }
        try {
            return OptionalDouble.of(
                    Double.parseDouble(text.strip().replace(',', '.').replaceFirst("\\s*(in|\")$", "")));
        } catch (NumberFormatException e) {
            typed.wrong(field, WORDS.say("enterInchesForExample22"));
            return OptionalDouble.empty();
        }
    }

    private static OptionalInt count(InputValidator typed, String field, String text) {
        if (blank(text)) {
            return OptionalInt.empty();
        }
        try {
            return OptionalInt.of(Integer.parseInt(text.strip()));
        } catch (NumberFormatException e) {
            typed.wrong(field, WORDS.say("enterHowManyNuts"));
            return OptionalInt.empty();
        }
    }

    private static boolean blank(String text) {
        return text == null || text.isBlank();
    }

    /** The form of what is on file, figures as they were entered. */
    static VehicleRequest of(Entry entry) {
        return new VehicleRequest(
                entry.unit(),
                entry.vehicleClass(),
                entry.yard(),
                entry.type(),
                entry.description(),
                entry.gvwr().asEntered(),
                entry.hasWorkingSensors(),
                entry.isParkedOutdoors(),
                entry.parkedSince().orElse(null),
                entry.normalLoadState(),
                entry.placardLocation(),
                entry.placardLoadBasis(),
                entry.axles().stream()
                        .map(one -> new AxleRequest(
                                one.axle().role(),
                                one.axle().tires(),
                                one.gawr().map(Load::asEntered).orElse(null),
                                one.placardSize().map(TireSize::molded).orElse(null),
                                one.placardPressure().map(Pressure::asEntered).orElse(null)))
                        .toList(),
                entry.spares(),
                entry.layout().positions().stream()
                        .map(position -> wheelForm(position, entry.wheels().getOrDefault(position, WheelSpec.UNKNOWN)))
                        .toList(),
                entry.use().seats().isPresent()
                        ? String.valueOf(entry.use().seats().getAsInt())
                        : null,
                entry.use().forPay().orElse(null),
                entry.use().combination().map(Load::asEntered).orElse(null),
                entry.use().speed().orElse(null));
    }

    private static WheelRequest wheelForm(Position position, WheelSpec spec) {
        return new WheelRequest(
                position.code(),
                spec.pilotType().orElse(null),
                spec.rimDiameterInches().isPresent()
                        ? plain(spec.rimDiameterInches().getAsDouble())
                        : null,
                spec.rimWidthInches().isPresent() ? plain(spec.rimWidthInches().getAsDouble()) : null,
                spec.lugCount().isPresent() ? String.valueOf(spec.lugCount().getAsInt()) : null,
                spec.nutSeat(),
                spec.isLeftThreaded(),
                spec.torque().map(Torque::asEntered).orElse(null),
                spec.material(),
                spec.maximumLoad().map(Load::asEntered).orElse(null),
                spec.maximumPressure().map(Pressure::asEntered).orElse(null),
                spec.isReversed(),
                spec.valveType());
    }

    private static String plain(double inches) {
        return inches == Math.rint(inches) ? String.valueOf((long) inches) : String.valueOf(inches);
    }
}
