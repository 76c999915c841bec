package rotagens.server.tirepages;

import static rotagens.server.tirepages.TirepagesWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
                one.retread() ? WORDS.say("casingsDotCode") : WORDS.say("dotCode"),
                one.dot().orElse(null),
                made.map(date -> WORDS.say(
                                "stampedInIsoWeeks2",
                                "weekStart",
                                WORDS.message("madeInTheWeek", "weekStart", date.weekStart())
                                        .in(units),
                                "isoWeek53",
                                date.isoWeek53()))
                        .orElse(WORDS.say("notReadYetItsAge"))));
        if (one.retread()) {
            properties.add(new Property(
                    WORDS.say("retreadersMark"), one.retreadMark().orElse(null), WORDS.say("datesTheTreadAgeRuns")));
        }
        made.ifPresent(
                date -> properties.add(new Property(WORDS.say("age"), TirePages.years(date, today) + " y", null)));
        properties.add(new Property(
                WORDS.say("lowestTread2"),
                depth.map(read -> read.format(units)).orElse(null),
                onFile.model()
                        .originalDepth()
                        .map(original -> WORDS.say("new", "original", original.format(units)))
                        .orElse(WORDS.say("depthWhenNewNot"))));
        properties.addAll(DerivedModelData.of(onFile, depth, units));
        return properties;
    }
}
