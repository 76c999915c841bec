package rotagens.server.catalog;

import static rotagens.server.catalog.CatalogWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Length;
import rotagens.core.measure.Load;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.server.tire.TireCatalog;

/** What follows from a model's sidewall, shown and never typed: diameter new and worn, load at the index, speed, what the molded pressure means. */
public final class DerivedModelData {

    private static final double WORN_32NDS = 2;

    private DerivedModelData() {}

    public static List<Property> of(TireCatalog.Model onFile, Optional<TreadDepth> present, Units units) {
        return of(onFile.model(), onFile.details().diameter(), present, units);
    }

    public static List<Property> of(
            TireModel model, Optional<String> diameter, Optional<TreadDepth> present, Units units) {
        List<Property> properties = new ArrayList<>();
        SidewallMarking line = new SidewallMarking(
                model.size(), model.ratings().service(), model.ratings().range(), false, false, "");
        for (SidewallMarking.Part part : line.parts()) {
            properties.add(new Property(
                    switch (part.field()) {
                        case SIZE -> WORDS.say("size");
                        case SERVICE -> WORDS.say("serviceDescription");
                        case RANGE -> WORDS.say("loadRange");
                    },
                    part.read(),
                    part.meaning().in(units)));
        }
        Optional<Length> fresh =
                model.size().overallDiameter().or(() -> diameter.map(text -> Length.parse(text, Units.US)));
        properties.add(new Property(
                WORDS.say("overallDiameterNew"),
                fresh.map(length -> length.format(units)).orElse(null),
                model.size().overallDiameter().isPresent()
                        ? WORDS.say("workedOutFromTheSize")
                        : fresh.isPresent()
                                ? WORDS.say("fromTheManufacturersData")
                                : WORDS.say("thisNotationDoesntGive")));
        properties.add(new Property(
                WORDS.say("originalTreadDepth"),
                model.originalDepth().map(depth -> depth.format(units)).orElse(null),
                null));
        model.originalDepth()
                .ifPresent(original -> fresh.ifPresent(length -> {
                    TreadDepth worn = present.orElse(TreadDepth.of32nds(WORN_32NDS));
                    properties.add(new Property(
                            WORDS.say("overallDiameter", "worn", worn.format(units)),
                            TireSize.worn(length, original, worn).format(units),
                            present.isPresent() ? WORDS.say("asItIsWornNow") : WORDS.say("wornToTheLegalLimit")));
                }));
        model.ratings().maxLoad(false).ifPresent(load -> properties.add(load(WORDS.say("maximumLoad"), load, units)));
        model.ratings().maxLoad(true).ifPresent(load -> properties.add(load(WORDS.say("asOneOfADual"), load, units)));
        properties.add(new Property(
                WORDS.say("moldedPressure"),
                model.moldedPressure().map(pressure -> pressure.format(units)).orElse(null),
                model.moldedPressureMeaning().in(units)));
        return properties;
    }

    private static Property load(String what, Load load, Units units) {
        Units other = units == Units.US ? Units.METRIC : Units.US;
        return new Property(what, load.format(units), WORDS.say("atTheMoldedPressure", "load", load.format(other)));
    }
}
