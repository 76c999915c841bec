package rotagens.server.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Length;
import rotagens.core.measure.Load;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.SidewallLine;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.server.ledger.LedgerViews.Fact;
import rotagens.server.tire.Catalogue;

/** What follows from a model's sidewall, shown and never typed: diameter new and worn, load at the index, speed, what the molded pressure means. */
final class ModelFacts {

    private static final double WORN_32NDS = 2;

    private ModelFacts() {}

    static List<Fact> of(Catalogue.Model onFile, Optional<TreadDepth> present, Units units) {
        return of(onFile.model(), onFile.details().diameter(), present, units);
    }

    static List<Fact> of(TireModel model, Optional<String> diameter, Optional<TreadDepth> present, Units units) {
        List<Fact> facts = new ArrayList<>();
        SidewallLine line = new SidewallLine(
                model.size(), model.ratings().service(), model.ratings().range(), false, false, "");
        for (SidewallLine.Part part : line.parts()) {
            facts.add(new Fact(
                    switch (part.field()) {
                        case SIZE -> "Size";
                        case SERVICE -> "Service description";
                        case RANGE -> "Load range";
                    },
                    part.read(),
                    part.meaning().in(units)));
        }
        Optional<Length> fresh =
                model.size().overallDiameter().or(() -> diameter.map(text -> Length.parse(text, Units.US)));
        facts.add(new Fact(
                "Overall diameter new",
                fresh.map(length -> length.in(units)).orElse(null),
                model.size().overallDiameter().isPresent()
                        ? "worked out from the size"
                        : fresh.isPresent()
                                ? "from the maker’s data"
                                : "this notation doesn’t give it: read it from the maker’s data"));
        facts.add(new Fact(
                "Tread when new",
                model.originalDepth().map(depth -> depth.in(units)).orElse(null),
                null));
        model.originalDepth()
                .ifPresent(original -> fresh.ifPresent(length -> {
                    TreadDepth worn = present.orElse(TreadDepth.of32nds(WORN_32NDS));
                    facts.add(new Fact(
                            "Overall diameter at " + worn.in(units),
                            TireSize.worn(length, original, worn).in(units),
                            present.isPresent() ? "as it is worn now" : "worn to the legal limit"));
                }));
        model.ratings().most(false).ifPresent(load -> facts.add(load("Carries at most", load, units)));
        model.ratings().most(true).ifPresent(load -> facts.add(load("… as one of a dual", load, units)));
        facts.add(new Fact(
                "Molded pressure",
                model.molded().map(pressure -> pressure.in(units)).orElse(null),
                model.moldedMeans().in(units)));
        return facts;
    }

    private static Fact load(String what, Load load, Units units) {
        Units other = units == Units.US ? Units.METRIC : Units.US;
        return new Fact(what, load.in(units), load.in(other) + ", at the molded pressure");
    }
}
