package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import rotagens.core.fact.Repair;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.jobsheet.BalanceInput;
import rotagens.core.jobsheet.FindingInputs;
import rotagens.core.jobsheet.Step;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.vehicle.PilotType;
import rotagens.server.jobsheet.JobSheetPages.OpenedSheet;
import rotagens.server.jobsheet.JobSheetStore.StepRecord;
import rotagens.server.planning.JobViews.ItemResult;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.ProfessionalVerdict;

/** What a worked sheet comes to for the sign-off of each piece of its job. */
final class SheetResults {

    private SheetResults() {}

    /** The torque wrenches that are on record at steps that count. */
    static Set<String> wrenches(OpenedSheet here) {
        return here.marks().last().values().stream()
                .map(stepRecord -> stepRecord.recordedValues().getOrDefault("wrench", ""))
                .collect(Collectors.toSet());
    }

    /** What was read at a step that counts, by the name it has on record; null where nobody did. */
    static @Nullable String read(OpenedSheet here, String field) {
        return here.sheet().steps().stream()
                .map(step -> here.marks().last().get(step.key()))
                .filter(Objects::nonNull)
                .map(stepRecord -> stepRecord.recordedValues().getOrDefault(field, ""))
                .filter(value -> !value.isEmpty())
                .findFirst()
                .orElse(null);
    }

    /** The balance weights on every wheel of it. */
    static String weightPieces(OpenedSheet here) {
        return String.valueOf(here.sheet().steps().stream()
                .map(step -> here.marks().last().get(step.key()))
                .filter(mark -> mark != null && mark.type() == Status.DONE)
                .mapToInt(mark -> BalanceInput.pieces(mark.recordedValues()))
                .sum());
    }

    /** What was read at each wheel, as the sign-off of each piece of work wants it. */
    static List<ItemResult> of(OpenedSheet here, String by) {
        return here.job().items().stream()
                .map(jobItemView -> result(jobItemView, here, by))
                .toList();
    }

    private static ItemResult result(JobItemView jobItemView, OpenedSheet here, String by) {
        Map<String, String> read = new HashMap<>();
        here.sheet().steps().forEach(step -> {
            boolean mine = jobItemView.position() == null
                    || step.position()
                            .filter(at -> at.code().equals(jobItemView.position()))
                            .isPresent();
            StepRecord stepRecord = here.marks().last().get(step.key());
            if (mine && stepRecord != null) {
                stepRecord.recordedValues().forEach((field, value) -> {
                    if (!value.isEmpty()) {
                        read.put(field, value);
                    }
                });
            }
        });
        // A torn bead is a verdict as good as the professional's: by whoever found it.
        Set<String> torn = here.marks().torn();
        if (jobItemView.position() != null && torn.contains(jobItemView.position())) {
            read.put("verdict", ProfessionalVerdict.CONDEMNED.name());
            read.putIfAbsent("professional", by);
            read.merge("note", WORDS.say("beadTorn"), (note, found) -> found + ": " + note);
        }
        String skipped = read.getOrDefault("note", "");
        return new ItemResult(
                jobItemView.id(),
                read.get("pressure"),
                read.get("outer"),
                read.get("center"),
                read.get("inner"),
                read.get("dotCode"),
                null,
                Optional.ofNullable(read.get("pilot")).map(PilotType::valueOf).orElse(null),
                read.get("sensor"),
                read.get("torque"),
                Optional.ofNullable(read.get("verdict"))
                        .map(ProfessionalVerdict::valueOf)
                        .orElse(null),
                Optional.ofNullable(read.get("repair")).map(Repair::valueOf).orElse(null),
                read.get("professional"),
                skipped.isEmpty() ? words(jobItemView, here) : skipped,
                // Its step has held the pressure within a few psi of the target already: nothing is left to ask.
                List.of("pressure"),
                gas(jobItemView, here),
                gas(jobItemView, here).equals("NITROGEN") ? read.get("nitrogen") : null,
                Optional.ofNullable(read.get(FindingInputs.OldTireInput.TO))
                        .map(RemovedTire.Destination::valueOf)
                        .orElse(null),
                read.get(FindingInputs.OldTireInput.REASON));
    }

    /** A tire that was mounted and filled holds what it was purged with, or air; where it kept its filling, nobody says. */
    private static String gas(JobItemView jobItemView, OpenedSheet here) {
        Set<StepCode> done = here.sheet().steps().stream()
                .filter(step -> step.position()
                        .filter(at -> at.code().equals(jobItemView.position()))
                        .isPresent())
                .filter(step -> Optional.ofNullable(here.marks().last().get(step.key()))
                        .filter(stepRecord -> stepRecord.type() == Status.DONE)
                        .isPresent())
                .map(Step::code)
                .collect(Collectors.toSet());
        return done.contains(StepCode.NITROGEN) ? "NITROGEN" : done.contains(StepCode.FILL) ? "AIR" : "";
    }

    /** Where the work wants words and no step asked for them: the steps themselves say what was done. */
    private static String words(JobItemView jobItemView, OpenedSheet here) {
        return here.sheet().steps().stream()
                .filter(step -> jobItemView.position() == null
                        || step.position()
                                .filter(at -> at.code().equals(jobItemView.position()))
                                .isPresent())
                .map(step -> here.marks().last().get(step.key()))
                .filter(stepRecord -> stepRecord != null
                        && stepRecord.type() == Status.DONE
                        && !stepRecord.statement().equals("done"))
                .map(StepRecord::statement)
                .limit(8)
                .collect(Collectors.joining("; "));
    }
}
