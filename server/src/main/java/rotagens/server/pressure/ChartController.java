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
import rotagens.server.loads.LoadChartStore;
import rotagens.server.people.People;
import rotagens.server.web.EntityVersion;
import rotagens.server.web.IdempotentRequests;
import rotagens.server.web.InputValidator;

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
            String manufacturer,
            String model,
            String size,
            String range,
            String source,
            String by,
            Instant at,
            List<String> tires,
            List<ChartRow> rows,
            LoadChartRequest form) {}

    record ParseChartRequest(@Nullable String text) {}

    record NewChartView(long id) {}

    private final LoadChartStore charts;
    private final People people;
    private final IdempotentRequests idempotentRequests;

    ChartController(LoadChartStore charts, People people, IdempotentRequests idempotentRequests) {
        this.charts = charts;
        this.people = people;
        this.idempotentRequests = idempotentRequests;
    }

    /** The load charts on file, each with its rows. */
    @GetMapping("/api/charts")
    List<ChartView> listCharts(@RequestParam(defaultValue = "US") Units units) {
        var catalogue = charts.book().catalogue();
        return charts.all().stream()
                .map(one -> {
                    LoadChart chart = one.chart();
                    return new ChartView(
                            one.id(),
                            one.version(),
                            chart.title(),
                            chart.manufacturer(),
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
                                            row.pressure().format(units),
                                            row.single().format(units),
                                            row.dual()
                                                    .map(load -> load.format(units))
                                                    .orElse(null)))
                                    .toList(),
                            LoadChartRequest.of(chart));
                })
                .toList();
    }

    /** Adds a maker’s load chart. */
    @PostMapping("/api/charts")
    NewChartView addChart(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody LoadChartRequest form) {
        return idempotentRequests.write(
                key,
                List.of("chart", units, form),
                NewChartView.class,
                () -> new NewChartView(charts.add(form.read(charts.book().catalogue(), units), people.me())));
    }

    /** Changes a load chart; pressures that rest on it are worked out anew. */
    @PutMapping("/api/charts/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeChart(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody LoadChartRequest form) {
        charts.change(id, EntityVersion.seen(seen), form.read(charts.book().catalogue(), units), people.me());
    }

    /** Rows pasted from a spreadsheet, cell by cell; nothing is stored. */
    @PostMapping("/api/parse/load-chart")
    List<LoadChartRequest.RowForm> parseLoadChart(@RequestBody ParseChartRequest parseChartRequest) {
        InputValidator typed = new InputValidator();
        var rows = typed.attempt("text", () -> LoadChartRequest.paste(parseChartRequest.text()));
        typed.refuseIfWrong();
        return rows.orElseThrow();
    }
}
