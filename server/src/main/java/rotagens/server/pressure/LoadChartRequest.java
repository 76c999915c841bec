package rotagens.server.pressure;

import static rotagens.server.pressure.PressureWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.pressure.LoadChart;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.server.web.InputValidator;

/** A load–inflation chart as its form has it: cells are text, a bare figure in the person's own units. */
public record LoadChartRequest(
        @Nullable String manufacturer,
        @Nullable String model,
        @Nullable String size,
        @Nullable String range,
        @Nullable String source,
        List<RowForm> rows) {

    public LoadChartRequest {
        rows = rows == null ? List.of() : List.copyOf(rows);
    }

    /** One row; a blank dual says nothing of duals. */
    public record RowForm(
            @Nullable String pressure,
            @Nullable String single,
            @Nullable String dual) {

        boolean isBlank() {
            return blank(pressure) && blank(single) && blank(dual);
        }

        private static boolean blank(String text) {
            return text == null || text.isBlank();
        }
    }

    /** Reads and checks the chart; every wrong cell is named by its row, counted from 0. */
    LoadChart read(List<TireModel> catalogue, Units units) {
        InputValidator typed = new InputValidator();
        String by = typed.text("manufacturer", manufacturer, 60);
        typed.unless(!by.isEmpty(), "manufacturer", WORDS.say("enterTheTireManufacturer"));
        String name = typed.text("model", model, 80);
        Optional<TireSize> readSize = typed.required("size", size, TireSize::parse);
        Optional<LoadRange> letter = typed.optional("range", range, LoadRange::parse);
        String from = typed.text("source", source, 120);
        typed.unless(!from.isEmpty(), "source", WORDS.say("sayWhereItWasTaken"));
        List<LoadChart.Row> read = new ArrayList<>();
        List<Integer> places = new ArrayList<>();
        for (int at = 0; at < rows.size(); at++) {
            RowForm row = rows.get(at);
            if (row.isBlank()) {
                continue;
            }
            String field = "rows." + at + ".";
            Optional<Pressure> psi =
                    typed.required(field + "pressure", row.pressure(), text -> Pressure.parse(text, units));
            Optional<Load> single = typed.required(field + "single", row.single(), text -> Load.parse(text, units));
            Optional<Load> dual = typed.optional(field + "dual", row.dual(), text -> Load.parse(text, units));
            if (psi.isPresent() && single.isPresent()) {
                read.add(new LoadChart.Row(psi.get(), single.get(), dual));
                places.add(at);
            }
        }
        typed.refuseIfWrong();
        LoadChart chart = new LoadChart(by, name, readSize.orElseThrow(), letter, read, from);
        chart.faults(catalogue)
                .forEach(inputError -> typed.wrong(
                        places.isEmpty()
                                ? "rows"
                                : "rows." + places.get(Math.min(inputError.row(), places.size()) - 1) + "."
                                        + inputError.column(),
                        inputError.statement().in(units)));
        typed.refuseIfWrong();
        return chart;
    }

    static LoadChartRequest of(LoadChart chart) {
        return new LoadChartRequest(
                chart.manufacturer(),
                chart.model(),
                chart.size().molded(),
                chart.range().map(LoadRange::name).orElse(""),
                chart.source(),
                chart.rows().stream()
                        .map(row -> new RowForm(
                                row.pressure().asEntered(),
                                row.single().asEntered(),
                                row.dual().map(Load::asEntered).orElse("")))
                        .toList());
    }

    /** Rows pasted from a spreadsheet or a CSV file: pressure, single and, where given, dual; a head line is left out. */
    static List<RowForm> paste(String text) {
        List<RowForm> rows = new ArrayList<>();
        for (String line : (text == null ? "" : text).lines().map(String::strip).toList()) {
            if (line.isEmpty()) {
                continue;
            }
            String[] cells = line.contains("\t")
                    ? line.split("\t")
                    : line.contains(";")
                            ? line.split(";")
                            : line.split("[,](?=\\s*\"?[0-9]+(?:[.][0-9]+)?)|\\s{2,}|\\s+(?=[0-9])");
            if (!cells[0].matches(".*[0-9].*")) {
                continue;
            }
            rows.add(new RowForm(cell(cells, 0), cell(cells, 1), cell(cells, 2)));
        }
        if (rows.isEmpty()) {
            throw new InvalidInputException(WORDS.say("noRowFoundPasteLines"));
        }
        return rows;
    }

    private static String cell(String[] cells, int at) {
        return at < cells.length ? cells[at].replace("\"", "").strip() : "";
    }
}
