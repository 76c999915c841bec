package rotagens.server.catalog;

import static rotagens.server.catalog.CatalogWords.WORDS;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rotagens.core.measure.Length;
import rotagens.core.measure.Load;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.ServiceDescription;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.server.tire.TireCatalog;
import rotagens.server.web.InputValidator;

/** A tire model as its form has it: figures are the text that was typed, a bare one in the person’s own units. */
public record TireModelRequest(
        @Nullable String manufacturer,
        @Nullable String name,
        @Nullable String size,
        @Nullable String service,
        @Nullable String range,
        @Nullable String maxLoadSingle,
        @Nullable String maxLoadDual,
        @Nullable String moldedPressure,
        @Nullable String originalDepth,
        boolean isDirectional,
        boolean isSteerAllowed,
        @Nullable String diameter,
        boolean isTubeless,
        @Nullable String plies,
        TireCatalog.@Nullable SnowRating snowRating,
        @Nullable String utqgGrades,
        @Nullable String price) {

    /** The form read. */
    public record Read(TireModel model, TireCatalog.Details details) {}

    /** Reads every field, gathering all that is wrong by field. */
    public Read read(Units units) {
        InputValidator typed = new InputValidator();
        Load.Unit scale = units == Units.US ? Load.Unit.LB : Load.Unit.KG;
        String makerName = typed.text("manufacturer", manufacturer, 60);
        typed.unless(!makerName.isEmpty(), "manufacturer", WORDS.say("enterTheManufacturerAsMolded"));
        String modelName = typed.text("name", name, 80);
        typed.unless(!modelName.isEmpty(), "name", WORDS.say("enterTheModelOftenMolded"));
        Optional<TireSize> readSize = typed.required("size", size, TireSize::parse);
        LoadRatings loadRatings = new LoadRatings(
                typed.optional("service", service, ServiceDescription::parse),
                typed.optional("range", range, LoadRange::parse),
                typed.optional("maxLoadSingle", maxLoadSingle, given -> Load.parse(given, scale)),
                typed.optional("maxLoadDual", maxLoadDual, given -> Load.parse(given, scale)));
        Optional<Pressure> molded = typed.optional(
                "moldedPressure",
                moldedPressure,
                given -> Pressure.parse(given, units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA));
        Optional<TreadDepth> depth = typed.optional(
                "originalDepth",
                originalDepth,
                given -> TreadDepth.parse(
                        given, units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM));
        Optional<String> wide = typed.optional("diameter", diameter, given -> {
            Length.parse(given, units);
            boolean saysItsUnit = given.strip().matches(".*(in|mm|\")");
            return given.strip() + (saysItsUnit ? "" : units == Units.US ? " in" : " mm");
        });
        Optional<Money> paid = typed.optional("price", price, Money::parse);
        TireCatalog.Details details = new TireCatalog.Details(
                wide,
                isTubeless,
                typed.text("plies", plies, 80),
                snowRating == null ? TireCatalog.SnowRating.NONE : snowRating,
                typed.text("utqgGrades", utqgGrades, 40),
                paid);
        typed.refuseIfWrong();
        return new Read(
                new TireModel(
                        makerName,
                        modelName,
                        readSize.orElseThrow(),
                        loadRatings,
                        molded,
                        depth,
                        isDirectional,
                        isSteerAllowed),
                details);
    }

    /** The form of what is on file, figures as they were entered. */
    static TireModelRequest of(TireCatalog.Model onFile) {
        TireModel model = onFile.model();
        return new TireModelRequest(
                model.manufacturer(),
                model.name(),
                model.size().molded(),
                model.ratings().service().map(ServiceDescription::molded).orElse(null),
                model.ratings().range().map(LoadRange::name).orElse(null),
                model.ratings().moldedSingle().map(Load::asEntered).orElse(null),
                model.ratings().moldedDual().map(Load::asEntered).orElse(null),
                model.moldedPressure().map(Pressure::asEntered).orElse(null),
                model.originalDepth().map(TreadDepth::asEntered).orElse(null),
                model.isDirectional(),
                model.isSteerAllowed(),
                onFile.details().diameter().orElse(null),
                onFile.details().isTubeless(),
                onFile.details().plies(),
                onFile.details().snowRating(),
                onFile.details().utqgGrades(),
                onFile.details().price().map(Money::value).orElse(null));
    }
}
