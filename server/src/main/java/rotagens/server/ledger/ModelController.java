package rotagens.server.ledger;

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
import rotagens.core.tire.RatingsCheck;
import rotagens.core.tire.SidewallLine;
import rotagens.core.tire.TireModel;
import rotagens.server.ledger.LedgerViews.Fact;
import rotagens.server.tire.Catalogue;
import rotagens.server.tire.Tires;
import rotagens.server.web.Entries;
import rotagens.server.web.Version;

/** The catalogue, and reading a sidewall while it is typed. */
@RestController
class ModelController {

    record Typed(@Nullable String text, boolean retread) {}

    record Part(SidewallLine.Field field, String read, String meaning) {}

    /** A sidewall line taken apart. */
    record SidewallRead(
            String molded,
            String size,
            @Nullable String service,
            @Nullable String range,
            boolean mudAndSnow,
            boolean severeSnow,
            List<Part> parts,
            List<String> missing,
            String leftOver) {}

    record CodePart(String letters, String meaning) {}

    /** A DOT code taken apart, with the tire’s age. */
    record DotRead(
            String molded,
            LocalDate madeOn,
            double ageYears,
            List<CodePart> parts,
            List<String> notes,
            List<Long> sameCode) {}

    /** What follows from a model as it is being entered. */
    record ModelRead(List<Fact> facts, List<String> disagreements) {}

    record ModelView(
            long id,
            int version,
            String title,
            String sidewall,
            int tires,
            ModelForm form,
            List<Fact> facts,
            List<String> disagreements) {}

    private final Catalogue catalogue;
    private final Tires tires;
    private final Clock clock;

    ModelController(Catalogue catalogue, Tires tires, Clock clock) {
        this.catalogue = catalogue;
        this.tires = tires;
        this.clock = clock;
    }

    @PostMapping("/api/read/sidewall")
    SidewallRead sidewall(@RequestParam(defaultValue = "US") Units units, @RequestBody Typed typed) {
        Entries wrong = new Entries();
        Optional<SidewallLine> read = wrong.required("text", typed.text(), SidewallLine::parse);
        wrong.refuseIfWrong();
        SidewallLine line = read.orElseThrow();
        return new SidewallRead(
                line.molded(),
                line.size().molded(),
                line.service().map(one -> one.molded()).orElse(null),
                line.range().map(Enum::name).orElse(null),
                line.mudAndSnow(),
                line.severeSnow(),
                line.parts().stream()
                        .map(part -> new Part(
                                part.field(), part.read(), part.meaning().in(units)))
                        .toList(),
                line.missing(),
                line.leftOver());
    }

    @PostMapping("/api/read/dot")
    DotRead dot(@RequestBody Typed typed) {
        Entries wrong = new Entries();
        LocalDate today = LocalDate.now(clock);
        Optional<DotCode> read = wrong.required(
                "text",
                typed.text(),
                text -> typed.retread() ? DotCode.parseRetread(text, today) : DotCode.parse(text, today));
        wrong.refuseIfWrong();
        DotCode code = read.orElseThrow();
        List<Long> same = typed.retread() ? List.of() : tires.sameDot(code.molded(), null);
        List<String> notes = new java.util.ArrayList<>();
        if (code.date().isoWeek53()) {
            notes.add(
                    "Week 53 doesn’t occur in that year by the federal count: some makers count otherwise. Kept as stamped;"
                            + " age counts from week 52.");
        }
        if (code.molded().length() <= 4) {
            notes.add("Only the date. The whole code stands on one sidewall; it names plant and maker.");
        }
        if (!same.isEmpty()) {
            notes.add(
                    "On file already. Codes aren’t serial numbers, so this can be another tire; check that it isn’t the same one twice.");
        }
        return new DotRead(
                code.molded(),
                code.date().madeOn(),
                Math.floor(code.date().ageYears(today) * 10) / 10,
                code.parts().stream()
                        .map(part -> new CodePart(part.letters(), part.meaning()))
                        .toList(),
                notes,
                same);
    }

    @PostMapping("/api/read/model")
    ModelRead model(@RequestParam(defaultValue = "US") Units units, @RequestBody ModelForm form) {
        ModelForm.Read read = form.read(units);
        return new ModelRead(
                ModelFacts.of(read.model(), read.details().diameter(), Optional.empty(), units),
                disagreements(read.model(), units));
    }

    @GetMapping("/api/tire-models")
    List<ModelView> models(@RequestParam(defaultValue = "US") Units units) {
        return catalogue.all().stream().map(model -> view(model, units)).toList();
    }

    @PostMapping("/api/tire-models")
    ModelView add(@RequestParam(defaultValue = "US") Units units, @RequestBody ModelForm form) {
        ModelForm.Read read = form.read(units);
        return view(catalogue.get(catalogue.add(read.model(), read.details())), units);
    }

    @PutMapping("/api/tire-models/{id}")
    ModelView change(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody ModelForm form) {
        ModelForm.Read read = form.read(units);
        return view(catalogue.change(id, Version.seen(seen), read.model(), read.details()), units);
    }

    private static ModelView view(Catalogue.Model model, Units units) {
        return new ModelView(
                model.id(),
                model.version(),
                model.model().title(),
                model.model().sidewall(),
                model.tires(),
                ModelForm.of(model),
                ModelFacts.of(model, Optional.empty(), units),
                disagreements(model.model(), units));
    }

    private static List<String> disagreements(TireModel model, Units units) {
        return RatingsCheck.disagreements(model.size(), model.ratings()).stream()
                .map(reason -> reason.says().in(units) + ". " + reason.because().in(units))
                .toList();
    }
}
