package rotagens.server.pressure;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.core.pressure.LoadChart;
import rotagens.core.tire.LoadRange;
import rotagens.server.loads.LoadCharts;
import rotagens.server.people.People;
import rotagens.server.web.Entries;
import rotagens.server.web.OnceOnly;
import rotagens.server.web.Version;

/** The makers' load–inflation charts under Reference. */
@RestController
class ChartController {

    record ChartRow(
            String pressure, String single, @Nullable String dual) {}

    /** @param tires the models on file that it speaks for */
    record ChartView(
            long id,
            int version,
            String title,
            String maker,
            String model,
            String size,
            String range,
            String source,
            String by,
            Instant at,
            List<String> tires,
            List<ChartRow> rows,
            ChartForm form) {}

    record Pasted(@Nullable String text) {}

    record NewChart(long id) {}

    private final LoadCharts charts;
    private final People people;
    private final OnceOnly onceOnly;

    ChartController(LoadCharts charts, People people, OnceOnly onceOnly) {
        this.charts = charts;
        this.people = people;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/charts")
    List<ChartView> all(@RequestParam(defaultValue = "US") Units units) {
        var catalogue = charts.book().catalogue();
        return charts.all().stream()
                .map(one -> {
                    LoadChart chart = one.chart();
                    return new ChartView(
                            one.id(),
                            one.version(),
                            chart.title(),
                            chart.maker(),
                            chart.model(),
                            chart.size().molded(),
                            chart.range().map(LoadRange::name).orElse(""),
                            chart.source(),
                            people.get(one.personId()).name(),
                            one.at(),
                            catalogue.stream()
                                    .filter(chart::isFor)
                                    .map(tire -> tire.title() + " " + tire.sidewall())
                                    .sorted()
                                    .toList(),
                            chart.rows().stream()
                                    .map(row -> new ChartRow(
                                            row.pressure().in(units),
                                            row.single().in(units),
                                            row.dual()
                                                    .map(load -> load.in(units))
                                                    .orElse(null)))
                                    .toList(),
                            ChartForm.of(chart));
                })
                .toList();
    }

    @PostMapping("/api/charts")
    NewChart add(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody ChartForm form) {
        return onceOnly.write(
                key,
                List.of("chart", units, form),
                NewChart.class,
                () -> new NewChart(charts.add(form.read(charts.book().catalogue(), units), people.me())));
    }

    @PutMapping("/api/charts/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody ChartForm form) {
        charts.change(id, Version.seen(seen), form.read(charts.book().catalogue(), units), people.me());
    }

    /** Rows pasted from a spreadsheet, cell by cell; nothing is stored. */
    @PostMapping("/api/read/chart")
    List<ChartForm.RowForm> paste(@RequestBody Pasted pasted) {
        Entries typed = new Entries();
        var rows = typed.attempt("text", () -> ChartForm.paste(pasted.text()));
        typed.refuseIfWrong();
        return rows.orElseThrow();
    }
}
