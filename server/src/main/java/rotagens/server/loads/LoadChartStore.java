package rotagens.server.loads;

import static rotagens.server.loads.LoadsWords.WORDS;
import static rotagens.server.storage.generated.Tables.LOAD_CHART;
import static rotagens.server.storage.generated.Tables.LOAD_CHART_ROW;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.pressure.LoadChart;
import rotagens.core.pressure.LoadCharts;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.TireSize;
import rotagens.server.storage.generated.tables.records.LoadChartRecord;
import rotagens.server.tire.TireCatalog;
import rotagens.server.web.ProblemException;

/** The makers' load–inflation charts on file. */
@Service
public class LoadChartStore {

    /** A chart with its version and who entered it. */
    public record OnFile(long id, int version, LoadChart chart, Instant at, long personId) {}

    private final DSLContext db;
    private final TireCatalog tireCatalog;
    private final Clock clock;

    LoadChartStore(DSLContext db, TireCatalog tireCatalog, Clock clock) {
        this.db = db;
        this.tireCatalog = tireCatalog;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<OnFile> all() {
        Map<Long, List<LoadChart.Row>> rows = db.selectFrom(LOAD_CHART_ROW)
                .orderBy(LOAD_CHART_ROW.LOAD_CHART_ID, LOAD_CHART_ROW.NUMBER)
                .fetchGroups(
                        row -> row.getLoadChartId(),
                        row -> new LoadChart.Row(
                                row.getPressure(), row.getLoadSingle(), Optional.ofNullable(row.getLoadDual())));
        return db.selectFrom(LOAD_CHART)
                .orderBy(LOAD_CHART.MANUFACTURER, LOAD_CHART.SIZE, LOAD_CHART.MODEL)
                .fetch(row -> new OnFile(
                        row.getId(),
                        row.getVersion(),
                        new LoadChart(
                                row.getManufacturer(),
                                row.getModel(),
                                TireSize.parse(row.getSize()),
                                Optional.of(row.getLoadRange())
                                        .filter(letter -> !letter.isEmpty())
                                        .map(LoadRange::parse),
                                rows.getOrDefault(row.getId(), List.of()),
                                row.getSource()),
                        row.getRecordedAt(),
                        row.getPersonId()));
    }

    @Transactional(readOnly = true)
    public OnFile get(long id) {
        return all().stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchChart")));
    }

    /** All charts and all models. */
    @Transactional(readOnly = true)
    public LoadCharts book() {
        return new LoadCharts(
                all().stream().map(OnFile::chart).toList(),
                List.copyOf(tireCatalog.byId().values()));
    }

    @Transactional
    public long add(LoadChart chart, long personId) {
        refuseTwice(chart, null);
        LoadChartRecord row = db.newRecord(LOAD_CHART);
        fill(row, chart, personId);
        row.insert();
        writeRows(row.getId(), chart);
        return row.getId();
    }

    /** Replaces a chart; somebody else's change meanwhile isn't overwritten. */
    @Transactional
    public void change(long id, int seen, LoadChart chart, long personId) {
        LoadChartRecord row = db.selectFrom(LOAD_CHART)
                .where(LOAD_CHART.ID.eq(id))
                .fetchOptional()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchChart")));
        if (row.getVersion() != seen) {
            throw ProblemException.changedMeanwhile(WORDS.say("anotherUserChangedThisChart"), null);
        }
        refuseTwice(chart, id);
        fill(row, chart, personId);
        row.setVersion(seen + 1);
        row.update();
        db.deleteFrom(LOAD_CHART_ROW).where(LOAD_CHART_ROW.LOAD_CHART_ID.eq(id)).execute();
        writeRows(id, chart);
    }

    private void refuseTwice(LoadChart chart, Long own) {
        all().stream()
                .filter(one -> own == null || one.id() != own)
                .filter(one -> one.chart().title().equalsIgnoreCase(chart.title()))
                .findFirst()
                .ifPresent(one -> {
                    throw ProblemException.field("size", WORDS.say("chartForIsOnFile", "chart", chart.title()));
                });
    }

    private void fill(LoadChartRecord row, LoadChart chart, long personId) {
        row.setManufacturer(chart.manufacturer());
        row.setModel(chart.model());
        row.setSize(chart.size().molded());
        row.setLoadRange(chart.range().map(LoadRange::name).orElse(""));
        row.setSource(chart.source());
        row.setRecordedAt(clock.instant());
        row.setPersonId(personId);
    }

    private void writeRows(long id, LoadChart chart) {
        int number = 1;
        for (LoadChart.Row one : chart.rows()) {
            db.insertInto(LOAD_CHART_ROW)
                    .set(LOAD_CHART_ROW.LOAD_CHART_ID, id)
                    .set(LOAD_CHART_ROW.NUMBER, number++)
                    .set(LOAD_CHART_ROW.PRESSURE, one.pressure())
                    .set(LOAD_CHART_ROW.LOAD_SINGLE, one.single())
                    .set(LOAD_CHART_ROW.LOAD_DUAL, one.dual().orElse(null))
                    .execute();
        }
    }
}
