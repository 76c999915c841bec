package rotagens.server.catalog;

import static rotagens.server.catalog.CatalogWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.LoadRatingsCheck;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.web.EntityVersion;
import rotagens.server.web.InputValidator;

/** The catalogue, and reading a sidewall while it is typed. */
@RestController
class CatalogController {

    record ParseRequest(@Nullable String text, boolean retread) {}

    record MarkingPart(SidewallMarking.Field field, String read, String meaning) {}

    /** A sidewall line taken apart. */
    record ParsedSidewallView(
            String molded,
            String size,
            @Nullable String service,
            @Nullable String range,
            boolean mudAndSnow,
            boolean severeSnow,
            List<MarkingPart> parts,
            List<String> missing,
            String leftOver) {}

    record CodePart(String letters, String meaning) {}

    /** A DOT code taken apart, with the tire’s age. */
    record ParsedDotCodeView(
            String molded,
            LocalDate weekStart,
            double ageYears,
            List<CodePart> parts,
            List<String> notes,
            List<Long> sameCode) {}

    /** What follows from a model as it is being entered. */
    record ParsedTireModelView(List<Property> facts, List<String> disagreements) {}

    record TireModelView(
            long id,
            int version,
            String title,
            String sidewall,
            int tires,
            TireModelRequest form,
            List<Property> facts,
            List<String> disagreements) {}

    private final TireCatalog tireCatalog;
    private final TireStore tireStore;
    private final Clock clock;

    CatalogController(TireCatalog tireCatalog, TireStore tireStore, Clock clock) {
        this.tireCatalog = tireCatalog;
        this.tireStore = tireStore;
        this.clock = clock;
    }

    /** Reads the letters of a sidewall into size, load indexes, speed symbol and service, and says what they mean. */
    @PostMapping("/api/parse/sidewall")
    ParsedSidewallView parseSidewall(
            @RequestParam(defaultValue = "US") Units units, @RequestBody ParseRequest parseRequest) {
        InputValidator wrong = new InputValidator();
        Optional<SidewallMarking> read = wrong.required("text", parseRequest.text(), SidewallMarking::parse);
        wrong.refuseIfWrong();
        SidewallMarking line = read.orElseThrow();
        return new ParsedSidewallView(
                line.molded(),
                line.size().molded(),
                line.service().map(one -> one.molded()).orElse(null),
                line.range().map(Enum::name).orElse(null),
                line.mudAndSnow(),
                line.severeSnow(),
                line.parts().stream()
                        .map(part -> new MarkingPart(
                                part.field(), part.read(), part.meaning().in(units)))
                        .toList(),
                line.missing(),
                line.leftOver());
    }

    /** Reads a DOT code into plant and week, and says how old the tire is. */
    @PostMapping("/api/parse/dot-code")
    ParsedDotCodeView parseDotCode(@RequestBody ParseRequest parseRequest) {
        InputValidator wrong = new InputValidator();
        LocalDate today = LocalDate.now(clock);
        Optional<DotCode> read = wrong.required(
                "text",
                parseRequest.text(),
                text -> parseRequest.retread() ? DotCode.parseRetread(text, today) : DotCode.parse(text, today));
        wrong.refuseIfWrong();
        DotCode code = read.orElseThrow();
        List<Long> same = parseRequest.retread() ? List.of() : tireStore.sameDot(code.molded(), null);
        List<String> notes = new java.util.ArrayList<>();
        if (code.date().isoWeek53()) {
            notes.add(WORDS.say("week53DoesntOccur"));
        }
        if (code.molded().length() <= 4) {
            notes.add(WORDS.say("onlyTheDateTheWhole"));
        }
        if (!same.isEmpty()) {
            notes.add(WORDS.say("onFileAlreadyCodesArent"));
        }
        return new ParsedDotCodeView(
                code.molded(),
                code.date().weekStart(),
                Math.floor(code.date().ageYears(today) * 10) / 10,
                code.parts().stream()
                        .map(part -> new CodePart(part.letters(), part.meaning()))
                        .toList(),
                notes,
                same);
    }

    /** Reads a tire model as somebody types it, field by field, before it is saved. */
    @PostMapping("/api/parse/tire-model")
    ParsedTireModelView parseTireModel(
            @RequestParam(defaultValue = "US") Units units, @RequestBody TireModelRequest form) {
        TireModelRequest.Read read = form.read(units);
        return new ParsedTireModelView(
                DerivedModelData.of(read.model(), read.details().diameter(), Optional.empty(), units),
                disagreements(read.model(), units));
    }

    /** The catalog of tire models with their limits and prices. */
    @GetMapping("/api/tire-models")
    List<TireModelView> listTireModels(@RequestParam(defaultValue = "US") Units units) {
        return tireCatalog.all().stream().map(model -> view(model, units)).toList();
    }

    /** Adds a tire model to the catalog. */
    @PostMapping("/api/tire-models")
    TireModelView addTireModel(@RequestParam(defaultValue = "US") Units units, @RequestBody TireModelRequest form) {
        TireModelRequest.Read read = form.read(units);
        return view(tireCatalog.get(tireCatalog.add(read.model(), read.details())), units);
    }

    /** Changes a tire model; the version it was read in goes with it. */
    @PutMapping("/api/tire-models/{id}")
    TireModelView changeTireModel(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody TireModelRequest form) {
        TireModelRequest.Read read = form.read(units);
        return view(tireCatalog.change(id, EntityVersion.seen(seen), read.model(), read.details()), units);
    }

    private static TireModelView view(TireCatalog.Model model, Units units) {
        return new TireModelView(
                model.id(),
                model.version(),
                model.model().title(),
                model.model().sidewall(),
                model.tires(),
                TireModelRequest.of(model),
                DerivedModelData.of(model, Optional.empty(), units),
                disagreements(model.model(), units));
    }

    private static List<String> disagreements(TireModel model, Units units) {
        return LoadRatingsCheck.disagreements(model.size(), model.ratings()).stream()
                .map(reason -> reason.statement().in(units) + ". "
                        + reason.explanation().in(units))
                .toList();
    }
}
