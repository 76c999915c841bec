package rotagens.server.jobsheet;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.planning.VisitStage;
import rotagens.server.jobsheet.JobSheetViews.FieldView;
import rotagens.server.planning.JobViews.DueItemView;
import rotagens.server.planning.JobViews.JobView;

/** What the page of a shop visit shows. */
public final class ShopVisitViews {

    private ShopVisitViews() {}

    /** Something that may be noted, and what is typed for it. */
    public record VisitEntryOption(VisitEntryType entry, String part, String label, List<FieldView> fields) {}

    /**
     * A line of the visit.
     *
     * @param warning what is wrong with its figures; empty where nothing is
     * @param figures its figures as entered, to measure the same place again against the same limits
     */
    public record VisitEntryView(
            long id,
            VisitEntryType entry,
            String part,
            String title,
            String label,
            String warning,
            boolean photo,
            Instant at,
            String by,
            Map<String, String> figures) {}

    /** A figure taken before and after the work. */
    public record BeforeAfterView(String description, String before, String after, String difference) {}

    /** What is on the vehicle at a position when it leaves. */
    public record InstalledTireView(
            String position,
            String name,
            @Nullable String tire,
            @Nullable String dot,
            @Nullable String age,
            @Nullable String pressure,
            @Nullable String target) {}

    /** A stage of the visit and how it stands. */
    public record VisitStageView(
            VisitStage.Stage stage, String label, VisitStage.State state, List<String> statement) {}

    /** A piece of the work and what was done. */
    public record WorkDoneView(
            @Nullable String position,
            String label,
            @Nullable String done) {}

    /** Who signed the vehicle over to whom. */
    public record HandedOverView(String to, String by, Instant at) {}

    /**
     * A shop visit, from booking to hand-over.
     *
     * @param nextWanted when the vehicle is next wanted, for what
     * @param nextTires for how many tires it is next wanted, when and at what cost; null where none falls due
     * @param handedOver null while it isn't signed
     */
    public record ShopVisitView(
            long jobId,
            long vehicleId,
            String unit,
            LocalDate day,
            boolean done,
            List<VisitStageView> stages,
            List<VisitEntryOption> entries,
            List<VisitEntryView> lines,
            List<BeforeAfterView> compared,
            List<WorkDoneView> work,
            List<InstalledTireView> positions,
            List<JobView> planned,
            List<DueItemView> due,
            @Nullable String nextWanted,
            @Nullable String nextTires,
            @Nullable HandedOverView handedOver) {}

    public record VisitEntryRequest(
            @Nullable VisitEntryType entry, @Nullable Map<String, String> fields) {}

    /** @param to the person in charge, as they are reached */
    record HandOverRequest(@Nullable String to) {}
}
