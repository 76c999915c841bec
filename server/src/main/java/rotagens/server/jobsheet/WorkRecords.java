package rotagens.server.jobsheet;

import static rotagens.server.storage.generated.Tables.JOB;

import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.jobsheet.VisitEntryType;

/** What the sheets and visits of a vehicle have on record, for whoever has to show it. */
@Service
public class WorkRecords {

    /**
     * A mark of a step, tried ones and skipped ones too.
     *
     * @param position null where it concerns the vehicle
     * @param recordedValues what was read, by field, as entered
     */
    public record StepMark(
            StepCode step,
            @Nullable String position,
            Status status,
            Map<String, String> recordedValues,
            String statement,
            Instant at,
            String by) {}

    /**
     * A line of a visit.
     *
     * @param warning what is wrong with its figures; empty where nothing is
     * @param file its photo; null where it has none
     */
    public record VisitLine(
            VisitEntryType type,
            String text,
            String warning,
            @Nullable String file,
            Instant at,
            String by) {}

    private final DSLContext db;
    private final JobSheetStore sheets;
    private final VisitEntryStore visits;

    WorkRecords(DSLContext db, JobSheetStore sheets, VisitEntryStore visits) {
        this.db = db;
        this.sheets = sheets;
        this.visits = visits;
    }

    /** The marks of a vehicle's sheets, oldest first. */
    @Transactional(readOnly = true)
    public List<StepMark> steps(long vehicleId) {
        return jobs(vehicleId)
                .flatMap(job -> sheets.marks(job).stream())
                .flatMap(mark -> code(mark.step()).stream()
                        .map(code -> new StepMark(
                                code,
                                mark.step().contains(":")
                                        ? mark.step().substring(mark.step().indexOf(':') + 1)
                                        : null,
                                mark.type(),
                                mark.recordedValues(),
                                mark.statement(),
                                mark.at(),
                                mark.person())))
                .sorted(Comparator.comparing(StepMark::at))
                .toList();
    }

    /** The lines of a vehicle's visits, oldest first. */
    @Transactional(readOnly = true)
    public List<VisitLine> visits(long vehicleId) {
        return jobs(vehicleId)
                .flatMap(job -> visits.of(job).stream())
                .map(entry -> new VisitLine(
                        entry.type(), entry.text(), entry.warning(), entry.file(), entry.at(), entry.by()))
                .sorted(Comparator.comparing(VisitLine::at))
                .toList();
    }

    private Stream<Long> jobs(long vehicleId) {
        return db.select(JOB.ID).from(JOB).where(JOB.VEHICLE_ID.eq(vehicleId)).orderBy(JOB.ID).fetch(JOB.ID).stream();
    }

    private static Optional<StepCode> code(String step) {
        String name = step.replaceAll(":.*", "");
        return Arrays.stream(StepCode.values())
                .filter(code -> code.name().equals(name))
                .findFirst();
    }
}
