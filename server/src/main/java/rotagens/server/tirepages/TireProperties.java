package rotagens.server.tirepages;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotWeek;
import rotagens.server.catalog.DerivedModelData;
import rotagens.server.catalog.Property;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireRegisterStore.TireOnFile;

/** What is on file of one tire and its model, a line each. */
final class TireProperties {

    private TireProperties() {}

    static List<Property> of(
            TireOnFile one,
            TireCatalog.Model onFile,
            Optional<TreadDepth> depth,
            Optional<DotWeek> made,
            LocalDate today,
            Units units) {
        List<Property> properties = new ArrayList<>();
        properties.add(new Property(
                one.retread() ? "Casing’s DOT code" : "DOT code",
                one.dot().orElse(null),
                made.map(date -> Message.of("made in the week of {}", date.weekStart())
                                        .in(units)
                                + (date.isoWeek53() ? ", stamped in ISO weeks" : ""))
                        .orElse("not read yet: its age is not known")));
        if (one.retread()) {
            properties.add(new Property(
                    "Retreader’s mark", one.retreadMark().orElse(null), "dates the tread; age runs from the casing"));
        }
        made.ifPresent(date -> properties.add(new Property("Age", TirePages.years(date, today) + " y", null)));
        properties.add(new Property(
                "Lowest tread",
                depth.map(read -> read.format(units)).orElse(null),
                onFile.model()
                        .originalDepth()
                        .map(original -> "new " + original.format(units))
                        .orElse("depth when new not on file")));
        properties.addAll(DerivedModelData.of(onFile, depth, units));
        return properties;
    }
}
