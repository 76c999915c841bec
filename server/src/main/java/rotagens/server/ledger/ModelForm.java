package rotagens.server.ledger;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rotagens.core.measure.Length;
import rotagens.core.measure.Load;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.Ratings;
import rotagens.core.tire.ServiceDescription;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.server.tire.Catalogue;
import rotagens.server.web.Entries;

/** A tire model as its form has it: figures are the text that was typed, a bare one in the person’s own units. */
public record ModelForm(
        @Nullable String maker,
        @Nullable String name,
        @Nullable String size,
        @Nullable String service,
        @Nullable String range,
        @Nullable String loadSingle,
        @Nullable String loadDual,
        @Nullable String moldedPressure,
        @Nullable String originalDepth,
        boolean directional,
        boolean steerAllowed,
        @Nullable String diameter,
        boolean tubeless,
        @Nullable String plies,
        Catalogue.@Nullable Winter winter,
        @Nullable String grades,
        @Nullable String price) {

    /** The form read. */
    public record Read(TireModel model, Catalogue.Details details) {}

    /** Reads every field, gathering all that is wrong by field. */
    public Read read(Units units) {
        Entries typed = new Entries();
        Load.Unit scale = units == Units.US ? Load.Unit.LB : Load.Unit.KG;
        String makerName = typed.text("maker", maker, 60);
        typed.unless(!makerName.isEmpty(), "maker", "Enter the maker as molded.");
        String modelName = typed.text("name", name, 80);
        typed.unless(!modelName.isEmpty(), "name", "Enter the model: often molded on one sidewall only.");
        Optional<TireSize> readSize = typed.required("size", size, TireSize::parse);
        Ratings ratings = new Ratings(
                typed.optional("service", service, ServiceDescription::parse),
                typed.optional("range", range, LoadRange::parse),
                typed.optional("loadSingle", loadSingle, given -> Load.parse(given, scale)),
                typed.optional("loadDual", loadDual, given -> Load.parse(given, scale)));
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
        Catalogue.Details details = new Catalogue.Details(
                wide,
                tubeless,
                typed.text("plies", plies, 80),
                winter == null ? Catalogue.Winter.NONE : winter,
                typed.text("grades", grades, 40),
                paid);
        typed.refuseIfWrong();
        return new Read(
                new TireModel(
                        makerName,
                        modelName,
                        readSize.orElseThrow(),
                        ratings,
                        molded,
                        depth,
                        directional,
                        steerAllowed),
                details);
    }

    /** The form of what is on file, figures as they were entered. */
    static ModelForm of(Catalogue.Model onFile) {
        TireModel model = onFile.model();
        return new ModelForm(
                model.maker(),
                model.name(),
                model.size().molded(),
                model.ratings().service().map(ServiceDescription::molded).orElse(null),
                model.ratings().range().map(LoadRange::name).orElse(null),
                model.ratings().moldedSingle().map(Load::asEntered).orElse(null),
                model.ratings().moldedDual().map(Load::asEntered).orElse(null),
                model.molded().map(Pressure::asEntered).orElse(null),
                model.originalDepth().map(TreadDepth::asEntered).orElse(null),
                model.directional(),
                model.steerAllowed(),
                onFile.details().diameter().orElse(null),
                onFile.details().tubeless(),
                onFile.details().plies(),
                onFile.details().winter(),
                onFile.details().grades(),
                onFile.details().price().map(Money::figure).orElse(null));
    }
}
