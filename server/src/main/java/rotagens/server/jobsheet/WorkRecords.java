package rotagens.server.jobsheet;

import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

    private final JobSheetStore sheets;
    private final VisitEntryStore visits;

    WorkRecords(JobSheetStore sheets, VisitEntryStore visits) {
        this.sheets = sheets;
        this.visits = visits;
    }

    /** The marks of a vehicle's sheets, oldest first. */
    @Transactional(readOnly = true)
    public List<StepMark> steps(long vehicleId) {
        return sheets.marksOfVehicle(vehicleId).stream()
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
        return visits.ofVehicle(vehicleId).stream()
                .map(entry -> new VisitLine(
                        entry.type(), entry.text(), entry.warning(), entry.file(), entry.at(), entry.by()))
                .sorted(Comparator.comparing(VisitLine::at))
                .toList();
    }

    private static Optional<StepCode> code(String step) {
        String name = step.replaceAll(":.*", "");
        return Arrays.stream(StepCode.values())
                .filter(code -> code.name().equals(name))
                .findFirst();
    }
}
